package org.zeroply.chess.notation;

import org.zeroply.chess.tree.GameResult;

/** Follows comments, variations and results from line to line, without understanding moves. */
final class MoveTextScan {

    /** A line that is no comment. */
    static final String SOMETHING = ".";

    private boolean inComment;
    private boolean hasMoves;
    private boolean ended;
    private int depth;

    /** Whether a comment is open. */
    boolean inComment() {
        return inComment;
    }

    /** Whether there was anything but comments. */
    boolean hasMoves() {
        return hasMoves;
    }

    /** Whether the last word outside comments and variations was a result. */
    boolean ended() {
        return ended && !inComment;
    }

    /** Whether a line holds a comment before anything else, or is skipped by readers. */
    static boolean beginsComment(String line) {
        int i = TagRow.skipSpace(line, 0);
        return line.startsWith("%")
                || i < line.length() && (line.charAt(i) == '{' || line.charAt(i) == ';');
    }

    /** Whether a character ends a word of movetext. */
    static boolean delimits(char c) {
        return switch (c) {
            case '{', '}', '(', ')', ';', '$' -> true;
            default -> Character.isWhitespace(c);
        };
    }

    void line(String line) {
        if (!inComment && line.startsWith("%")) {
            return;
        }
        int length = line.length();
        int from = -1;
        int to = -1;
        boolean inWord = false;
        for (int i = 0; i < length; i++) {
            char c = line.charAt(i);
            if (inComment) {
                int close = line.indexOf('}', i);
                inComment = close < 0;
                i = close < 0 ? length : close;
                continue;
            }
            boolean delimits = delimits(c);
            if (!delimits) {
                from = inWord ? from : i;
                to = i + 1;
            } else if (c == ';') {
                break;
            } else if (isOfMoves(c)) {
                depth += c == '(' ? 1 : c == ')' ? -1 : 0;
                hasMoves = true;
                ended = false;
                from = -1;
            }
            inWord = !delimits;
            inComment = c == '{';
        }
        if (from >= 0) {
            hasMoves = true;
            ended = depth <= 0 && GameResult.ofWord(line.substring(from, to)).isPresent();
        }
    }

    private static boolean isOfMoves(char c) {
        return c == '(' || c == ')' || c == '}' || c == '$';
    }
}

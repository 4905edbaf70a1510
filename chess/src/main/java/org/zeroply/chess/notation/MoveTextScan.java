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

    void line(String line) {
        if (!inComment && line.startsWith("%")) {
            return;
        }
        int length = line.length();
        int word = -1;
        for (int i = 0; i < length; i++) {
            char c = line.charAt(i);
            if (inComment) {
                int close = line.indexOf('}', i);
                inComment = close < 0;
                i = close < 0 ? length : close;
                continue;
            }
            boolean delimits = Character.isWhitespace(c) || "{}();$".indexOf(c) >= 0;
            if (!delimits) {
                word = word < 0 ? i : word;
                continue;
            }
            word(line, word, i);
            word = -1;
            if (c == ';') {
                return;
            }
            delimiter(c);
        }
        word(line, word, length);
    }

    private void delimiter(char c) {
        inComment = c == '{';
        depth += c == '(' ? 1 : c == ')' ? -1 : 0;
        if (c == '(' || c == ')' || c == '}' || c == '$') {
            hasMoves = true;
            ended = false;
        }
    }

    private void word(String line, int from, int to) {
        if (from >= 0 && from < to) {
            hasMoves = true;
            ended = depth <= 0 && GameResult.ofWord(line.substring(from, to)).isPresent();
        }
    }
}

package org.zeroply.chess.notation;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;

/** Parses the text of one game. Variations are kept on an explicit stack, so any depth is read. */
final class PgnParser {

    private final List<String> lines;
    private final Map<String, String> tags = new LinkedHashMap<>();
    private int line;
    private int column;
    private TreeEditor editor;
    private Node current;

    /** Where each open variation branches off: the node to come back to. */
    private final Deque<Node> open = new ArrayDeque<>();

    /** Comments that wait for the move they belong to. */
    private StringBuilder before = new StringBuilder();

    /** Comments and glyphs of the current node, not yet handed to it. */
    private StringBuilder said = new StringBuilder();

    private final List<Integer> nags = new ArrayList<>();
    private Optional<String> terminator = Optional.empty();
    private boolean variationJustOpened;

    PgnParser(RawGame game) {
        this.lines = game.lines();
    }

    /** The tags alone; where one of them cannot be read, those before it. */
    static Map<String, String> tags(RawGame game) {
        PgnParser parser = new PgnParser(game);
        try {
            parser.readTags();
        } catch (Failure e) {
            return parser.tags;
        }
        return parser.tags;
    }

    MoveTree parse() throws Failure {
        readTags();
        editor = new TreeEditor(new MoveTree(startPosition()));
        current = editor.tree().root();
        while (line < lines.size()) {
            if (column == 0 && text().startsWith("%")) {
                nextLine();
            } else if (column >= text().length()) {
                nextLine();
            } else {
                token(text().charAt(column));
            }
        }
        if (!open.isEmpty()) {
            throw fail("a variation is not closed", "')'");
        }
        flushBefore();
        flush();
        return finished();
    }

    /** The tag keeps its words; what it does not tell is told by the end of the moves. */
    private MoveTree finished() {
        String tag = resultTag();
        String result = terminator.orElse(MoveTree.NO_RESULT);
        boolean open = tag.isEmpty() || tag.equals("?") || tag.equals(MoveTree.NO_RESULT);
        if (open) {
            tags.put("Result", result);
        }
        MoveTree tree = editor.tree().withTerminator(result);
        new TreeEditor(tree).tags(tags);
        return tree;
    }

    private void token(char c) throws Failure {
        if (Character.isWhitespace(c) || c == '.') {
            column++;
        } else if (c == '{') {
            comment(braceComment());
        } else if (c == ';') {
            comment(text().substring(column + 1));
            nextLine();
        } else if (c == '(') {
            openVariation();
        } else if (c == ')') {
            closeVariation();
        } else if (c == '}') {
            throw fail("'}' closes nothing", "a move");
        } else if (c == '$') {
            nag();
        } else {
            word();
        }
    }

    // ---- Tags -----------------------------------------------------------------------------------

    /** Comments before and among the tags belong to the start. */
    private void readTags() throws Failure {
        while (line < lines.size()) {
            skipSpace();
            boolean skipped = column == 0 && text().startsWith("%");
            if (skipped || column >= text().length()) {
                nextLine();
            } else if (text().charAt(column) == '[' && !text().startsWith("[%", column)) {
                tag();
            } else if (text().charAt(column) == '{') {
                wait(braceComment());
            } else if (text().charAt(column) == ';') {
                wait(text().substring(column + 1));
                nextLine();
            } else {
                return;
            }
        }
    }

    private void wait(String comment) {
        before.append(' ').append(comment);
    }

    private void tag() throws Failure {
        column++;
        skipSpace();
        int start = column;
        column = TagRow.endOfName(text(), column);
        String name = text().substring(start, column);
        if (name.isEmpty()) {
            throw fail("a tag has no name", "a name such as Event");
        }
        skipSpace();
        if (column >= text().length() || text().charAt(column) != '"') {
            throw fail("the tag " + name + " has no value", "a text in double quotes");
        }
        StringBuilder value = new StringBuilder();
        for (column++; ; column++) {
            if (column >= text().length()) {
                throw fail("the value of the tag " + name + " is not closed", "'\"'");
            }
            char c = text().charAt(column);
            if (c == '"') {
                break;
            }
            if (c == '\\' && column + 1 < text().length()) {
                c = text().charAt(++column);
            }
            value.append(c);
        }
        column++;
        skipSpace();
        if (column >= text().length() || text().charAt(column) != ']') {
            throw fail("the tag " + name + " is not closed", "']'");
        }
        column++;
        tags.put(name, value.toString());
    }

    private Position startPosition() throws Failure {
        String fen = tags.getOrDefault("FEN", "");
        if (fen.isEmpty()) {
            return Position.START;
        }
        try {
            return Position.fromFen(fen);
        } catch (InvalidPositionException e) {
            throw fail(e.getMessage(), "a possible position in the tag FEN");
        }
    }

    // ---- Movetext -------------------------------------------------------------------------------

    private String braceComment() throws Failure {
        int startLine = line;
        int startColumn = column;
        StringBuilder comment = new StringBuilder();
        column++;
        while (line < lines.size()) {
            int end = text().indexOf('}', column);
            if (end >= 0) {
                comment.append(text(), column, end);
                column = end + 1;
                return comment.toString();
            }
            comment.append(text().substring(column)).append(' ');
            nextLine();
        }
        throw new Failure("a comment is not closed", "'}'", startLine, startColumn);
    }

    private void comment(String text) {
        boolean afterMove = !current.isRoot() && !variationJustOpened && before.isEmpty();
        if (afterMove) {
            said.append(' ').append(text);
        } else {
            wait(text);
        }
    }

    /** Hands over what was said about the current node, all at once: there may be much of it. */
    private void flush() {
        String comment = said.toString();
        List<Integer> glyphs = List.copyOf(nags);
        said = new StringBuilder();
        nags.clear();
        if (!comment.isEmpty() || !glyphs.isEmpty()) {
            editor.annotate(
                    current,
                    a -> {
                        List<Integer> all = new ArrayList<>(a.nags());
                        all.addAll(glyphs);
                        return PgnCommands.read(a.withNags(all), comment);
                    });
        }
    }

    private String takeBefore() {
        String text = PgnCommands.join(before.toString(), "");
        before = new StringBuilder();
        return text;
    }

    /**
     * A comment before any move belongs to the start; inside a variation, to the move that follows.
     */
    private void flushBefore() {
        if (!before.isEmpty()) {
            String text = takeBefore();
            editor.annotate(current, a -> PgnCommands.read(a, text));
        }
    }

    private void openVariation() throws Failure {
        if (current.isRoot() || variationJustOpened) {
            throw fail("a variation stands before the move it replaces", "a move");
        }
        column++;
        flush();
        open.push(current);
        current = current.parent().orElseThrow();
        variationJustOpened = true;
    }

    private void closeVariation() throws Failure {
        if (open.isEmpty()) {
            throw fail("')' closes nothing", "a move");
        }
        column++;
        flush();
        if (!before.isEmpty() && variationJustOpened) {
            // A variation that holds only words: they belong to the move it stands behind.
            String text = takeBefore();
            editor.annotate(open.peek(), a -> PgnCommands.read(a, text));
        }
        current = open.pop();
        variationJustOpened = false;
    }

    private void nag() throws Failure {
        int start = ++column;
        while (column < text().length() && Character.isDigit(text().charAt(column))) {
            column++;
        }
        if (column == start || column - start > 3) {
            throw fail("'$' is not followed by a number", "a glyph such as $1");
        }
        addNag(Integer.parseInt(text().substring(start, column)));
    }

    private void addNag(int nag) {
        if (nag != 0) {
            nags.add(nag);
        }
    }

    private void word() throws Failure {
        int start = column;
        while (column < text().length() && !MoveTextScan.delimits(text().charAt(column))) {
            column++;
        }
        String word = text().substring(start, column);
        if (isTagRepeated(start)) {
            column = text().length();
            return;
        }
        if (isPlainMove(word)) {
            move(word, start);
            return;
        }
        Optional<String> result = GameResult.ofWord(word);
        if (result.isPresent()) {
            terminator = open.isEmpty() ? result : terminator;
            return;
        }
        String body = stripNumber(word);
        if (body.isEmpty()) {
            return;
        }
        Optional<Integer> suffix = Nag.ofSuffix(body).or(() -> verdict(body));
        if (suffix.isPresent()) {
            addNag(suffix.get());
            return;
        }
        move(body, start + word.length() - body.length());
    }

    /** Whether a word can be nothing but a move: most are like {@code Nf3}. */
    private static boolean isPlainMove(String word) {
        return Character.isLetter(word.charAt(0))
                && Character.isDigit(word.charAt(word.length() - 1));
    }

    private String resultTag() {
        return tags.getOrDefault("Result", "").strip();
    }

    /** Whether nothing is left but what the tag says in words of its own, {@code 0-0} too. */
    private boolean isTagRepeated(int start) {
        if (line < lines.size() - 1 || !open.isEmpty()) {
            return false;
        }
        String tag = resultTag();
        return !tag.isEmpty()
                && !GameResult.isOne(tag)
                && text().substring(start).strip().equals(tag);
    }

    private static Optional<Integer> verdict(String word) {
        return Verdict.ofSymbol(word).map(Verdict::nag);
    }

    private static String stripNumber(String word) {
        int i = 0;
        while (i < word.length() && Character.isDigit(word.charAt(i))) {
            i++;
        }
        if (i < word.length() && word.charAt(i) != '.' && word.charAt(i) != '…') {
            return word.startsWith("…") || word.startsWith(".") ? word.substring(1) : word;
        }
        while (i < word.length() && (word.charAt(i) == '.' || word.charAt(i) == '…')) {
            i++;
        }
        return word.substring(i);
    }

    private void move(String word, int at) throws Failure {
        int end = word.length();
        while (end > 0 && (word.charAt(end - 1) == '!' || word.charAt(end - 1) == '?')) {
            end--;
        }
        Move move;
        try {
            move = San.read(current.position(), word.substring(0, end));
        } catch (NotationException e) {
            String number = Line.number(current.position(), true);
            throw new Failure(e.getMessage(), "a legal move after " + number, line, at);
        }
        flush();
        Node next = editor.add(current, move);
        if (variationJustOpened || current.isRoot()) {
            String text = takeBefore();
            if (current.isRoot() && !variationJustOpened) {
                editor.annotate(current, a -> PgnCommands.read(a, text));
            } else {
                editor.annotate(next, a -> a.withBefore(PgnCommands.join(a.before(), text)));
            }
        }
        current = next;
        variationJustOpened = false;
        Nag.ofSuffix(word.substring(end)).ifPresent(this::addNag);
    }

    // ---- Places ---------------------------------------------------------------------------------

    private String text() {
        return lines.get(line);
    }

    private void nextLine() {
        line++;
        column = 0;
    }

    private void skipSpace() {
        while (column < text().length() && Character.isWhitespace(text().charAt(column))) {
            column++;
        }
    }

    private Failure fail(String reason, String expected) {
        int lastLine = Math.min(line, lines.size() - 1);
        int lastColumn = line < lines.size() ? column : lines.get(lastLine).length();
        return new Failure(reason, expected, lastLine, lastColumn);
    }

    /** Why a game cannot be read; line and column are 0-based within the game. */
    static final class Failure extends Exception {
        private final String expected;
        private final int line;
        private final int column;

        Failure(String reason, String expected, int line, int column) {
            super(reason);
            this.expected = expected;
            this.line = line;
            this.column = column;
        }

        String expected() {
            return expected;
        }

        int line() {
            return line;
        }

        int column() {
            return column;
        }
    }
}

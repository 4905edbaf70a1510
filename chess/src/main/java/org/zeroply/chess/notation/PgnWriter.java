package org.zeroply.chess.notation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;

/**
 * Writes games in the export format of the PGN standard, at most 80 columns where words allow it.
 */
public final class PgnWriter {

    private static final List<String> ROSTER =
            List.of("Event", "Site", "Date", "Round", "White", "Black", "Result");
    private static final int COLUMNS = 80;

    private final StringBuilder out = new StringBuilder();
    private int column;

    private PgnWriter() {}

    /** One game with a blank line after tags and movetext. */
    public static String write(MoveTree tree) {
        PgnWriter writer = new PgnWriter();
        writer.tags(tree);
        writer.movetext(tree);
        return writer.out.toString();
    }

    private void tags(MoveTree tree) {
        Map<String, String> all = new LinkedHashMap<>(tree.tags());
        if (!tree.start().equals(Position.START)) {
            all.put("SetUp", "1");
            all.put("FEN", tree.start().fen());
        }
        Set<String> names = new LinkedHashSet<>(ROSTER);
        names.addAll(all.keySet());
        for (String name : names) {
            String value = all.getOrDefault(name, missing(name));
            out.append('[').append(name).append(" \"");
            String row = value.replace('\n', ' ').replace('\r', ' ');
            out.append(row.replace("\\", "\\\\").replace("\"", "\\\"")).append("\"]\n");
        }
        out.append('\n');
    }

    private static String missing(String name) {
        return switch (name) {
            case "Date" -> "????.??.??";
            case "Result" -> MoveTree.NO_RESULT;
            default -> "?";
        };
    }

    private void movetext(MoveTree tree) {
        comment(commentAfter(tree.root()));
        tree.root().annotation().nags().forEach(n -> word("$" + n));
        line(tree.root());
        word(tree.result());
        out.append("\n\n");
    }

    /** Writes the main line from a node and, after each of its moves, the moves it replaces. */
    private void line(Node from) {
        List<Step> work = new ArrayList<>();
        work.add(new Step(from, true, Kind.CONTINUE));
        while (!work.isEmpty()) {
            Step step = work.remove(work.size() - 1);
            switch (step.kind()) {
                case OPEN -> glueOpen(step.node());
                case CLOSE -> close();
                case CONTINUE -> proceed(step, work);
            }
        }
    }

    private void proceed(Step step, List<Step> work) {
        Node node = step.node();
        if (node.children().isEmpty()) {
            return;
        }
        Node main = node.children().get(0);
        boolean interrupted = move(main, step.numbered());
        List<Node> variations = node.children().subList(1, node.children().size());
        work.add(new Step(main, interrupted || !variations.isEmpty(), Kind.CONTINUE));
        for (int i = variations.size() - 1; i >= 0; i--) {
            Node variation = variations.get(i);
            work.add(new Step(variation, false, Kind.CLOSE));
            work.add(new Step(variation, interrupts(variation), Kind.CONTINUE));
            work.add(new Step(variation, true, Kind.OPEN));
        }
    }

    private enum Kind {
        OPEN,
        CONTINUE,
        CLOSE
    }

    private record Step(Node node, boolean numbered, Kind kind) {}

    private boolean openPending;

    private void glueOpen(Node first) {
        openPending = true;
        comment(first.annotation().before());
        move(first, true);
    }

    private void close() {
        if (column >= COLUMNS) {
            out.append('\n');
            column = 0;
        }
        out.append(')');
        column++;
    }

    private static boolean interrupts(Node node) {
        return !commentAfter(node).isEmpty();
    }

    /** What stands between a move and the one that continues its line. */
    private static String commentAfter(Node node) {
        String next = node.mainChild().map(n -> n.annotation().before()).orElse("");
        return PgnCommands.join(PgnCommands.write(node.annotation()), next);
    }

    /** Writes a move and tells whether a comment follows it. */
    private boolean move(Node node, boolean numbered) {
        Position before = node.parent().orElseThrow().position();
        String number = Line.number(before, numbered);
        if (!number.isEmpty()) {
            word(number);
        }
        word(San.write(before, node.move(), node.position()));
        node.annotation().nags().forEach(n -> word("$" + n));
        String said = commentAfter(node);
        comment(said);
        return !said.isEmpty();
    }

    private void comment(String said) {
        String text = PgnCommands.join(said, "");
        if (text.isEmpty()) {
            return;
        }
        if (text.contains("}")) {
            // Only a comment to the end of the line can hold a closing brace.
            out.append(column > 0 ? "\n" : "").append(openPending ? "(" : "");
            out.append(';').append(text).append('\n');
            openPending = false;
            column = 0;
            return;
        }
        String[] words = ("{" + text + "}").split(" ");
        for (int i = 0; i < words.length; i++) {
            // A row that begins with % would be skipped by readers.
            String word = words[i];
            while (i + 1 < words.length && words[i + 1].startsWith("%")) {
                word += " " + words[++i];
            }
            word(word);
        }
    }

    private void word(String text) {
        String word = openPending ? "(" + text : text;
        openPending = false;
        // One column is kept free for a closing bracket.
        if (column > 0 && column + 1 + word.length() > COLUMNS - 1) {
            out.append('\n');
            column = 0;
        } else if (column > 0) {
            out.append(' ');
            column++;
        }
        out.append(word);
        column += word.length();
    }

    /** The movetext glyphs of a node in the form shown on screen: {@code !?}, {@code +-}. */
    public static String glyphs(Node node) {
        StringBuilder text = new StringBuilder();
        node.annotation().nags().stream()
                .filter(Nag::gradesMove)
                .forEach(n -> text.append(Nag.show(n)));
        return text.toString();
    }
}

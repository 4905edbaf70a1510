package org.zeroply.coach.lesson;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.StringJoiner;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.texts.CoachWords;

/**
 * What goes on from a node, revealed move by move: the first line to its end, then the next one
 * from where it leaves it, and so on. Place 0 is before the first move.
 */
public final class RevealedLines {

    /** Nobody shows more lines than this to a room; of a larger tree the others are left out. */
    private static final int MOST_LINES = 2000;

    /** Lines that are told at a time: what is further back has left the screen. */
    private static final int MOST_ROWS = 16;

    private final Node start;
    private final List<List<Node>> lines = new ArrayList<>();
    private final List<Place> places = new ArrayList<>();

    /** Moves as they are written, with and without their number: each is told many times. */
    private final Map<Node, String> numbered = new IdentityHashMap<>();

    private final Map<Node, String> plain = new IdentityHashMap<>();
    private final Map<Integer, Row> whole = new HashMap<>();

    /**
     * A line as far as it is revealed.
     *
     * @param before what is revealed but for the last move, with numbers
     * @param last the move revealed last, with its number; empty where nothing is
     * @param present whether it is the line that is revealed just now
     */
    public record Row(String before, String last, boolean present) {}

    private record Place(int line, int revealed) {}

    private RevealedLines(Node start) {
        this.start = start;
    }

    /** All lines from a node. */
    public static RevealedLines all(Node start) {
        RevealedLines all = new RevealedLines(start);
        List<Node> open = new ArrayList<>(List.of(start));
        while (!open.isEmpty() && all.lines.size() < MOST_LINES) {
            Node node = open.remove(open.size() - 1);
            if (node.children().isEmpty() && node != start) {
                all.lines.add(all.from(node));
            }
            for (int i = node.children().size() - 1; i >= 0; i--) {
                open.add(node.children().get(i));
            }
        }
        all.number();
        return all;
    }

    /** The main line alone. */
    public static RevealedLines main(Node start) {
        RevealedLines main = new RevealedLines(start);
        if (!start.children().isEmpty()) {
            main.lines.add(main.from(start.mainLineEnd()));
        }
        main.number();
        return main;
    }

    private List<Node> from(Node end) {
        List<Node> path = end.path();
        return path.subList(start.depth(), path.size());
    }

    private void number() {
        places.add(new Place(0, 0));
        for (int i = 0; i < lines.size(); i++) {
            int known = i == 0 ? 0 : shared(lines.get(i - 1), lines.get(i));
            for (int n = known + 1; n <= lines.get(i).size(); n++) {
                places.add(new Place(i, n));
            }
        }
    }

    private static int shared(List<Node> one, List<Node> two) {
        int same = 0;
        while (same < Math.min(one.size(), two.size()) && one.get(same).equals(two.get(same))) {
            same++;
        }
        return same;
    }

    /** How many places there are: one more than moves to be revealed. */
    public int size() {
        return places.size();
    }

    /** How many lines there are. */
    public int lines() {
        return lines.size();
    }

    /** The line at a place, 1-based; 0 when there is none. */
    public int number(int place) {
        return lines.isEmpty() ? 0 : places.get(place).line() + 1;
    }

    /** The move revealed last; nothing before the first. */
    public Optional<Node> current(int place) {
        Place at = places.get(place);
        return at.revealed() == 0
                ? Optional.empty()
                : Optional.of(lines.get(at.line()).get(at.revealed() - 1));
    }

    /** What is on the board. */
    public Node shown(int place) {
        return current(place).orElse(start);
    }

    /** The move that comes next, with its number; empty when all is revealed. */
    public String next(int place) {
        if (place + 1 >= places.size()) {
            return "";
        }
        boolean here = places.get(place + 1).line() == places.get(place).line();
        return here
                ? Line.move(shown(place + 1))
                : CoachWords.of("lesson.another-line", Line.move(shown(place + 1)));
    }

    /** The last lines that were revealed, the present one last. */
    public List<Row> rows(int place) {
        Place at = places.get(place);
        List<Row> rows = new ArrayList<>();
        for (int i = Math.max(0, at.line() + 1 - MOST_ROWS); i < at.line(); i++) {
            rows.add(whole.computeIfAbsent(i, line -> row(lines.get(line), false)));
        }
        if (at.revealed() > 0) {
            rows.add(row(lines.get(at.line()).subList(0, at.revealed()), true));
        }
        return rows;
    }

    private Row row(List<Node> moves, boolean present) {
        Node last = moves.get(moves.size() - 1);
        return new Row(numbered(moves.subList(0, moves.size() - 1)), told(last), present);
    }

    private String numbered(List<Node> moves) {
        StringBuilder text = new StringBuilder();
        for (Node node : moves) {
            boolean first = text.length() == 0;
            text.append(first ? "" : " ").append(first ? told(node) : goesOn(node));
        }
        return text.toString();
    }

    private String told(Node node) {
        return numbered.computeIfAbsent(node, Line::move);
    }

    /** A move behind another one: Black's has no number there. */
    private String goesOn(Node node) {
        Position before = node.parent().orElseThrow().position();
        return before.sideToMove() == Side.WHITE
                ? told(node)
                : plain.computeIfAbsent(node, n -> San.write(before, n.move()));
    }

    /** What is revealed of the present line, with numbers. */
    public String moves(int place) {
        Place at = places.get(place);
        return at.revealed() == 0 ? "" : numbered(lines.get(at.line()).subList(0, at.revealed()));
    }

    /** All lines to their ends, as they are printed: with the signs and verdicts of the moves. */
    public List<String> solution() {
        return lines.stream().map(this::printed).toList();
    }

    private String printed(List<Node> moves) {
        StringJoiner text = new StringJoiner(" ");
        for (int i = 0; i < moves.size(); i++) {
            Node node = moves.get(i);
            text.add((i == 0 ? told(node) : goesOn(node)) + PgnWriter.glyphs(node));
            node.annotation().verdict().map(Verdict::symbol).ifPresent(text::add);
        }
        return text.toString();
    }
}

package org.zeroply.desktop.lessons;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.desktop.work.MinutesSeconds;

/**
 * A position and what goes on from it, for a whole room: revealed move after move and line after
 * line. It is made of any tree: an exercise, a game, the lines of a moment, a repertoire.
 */
public final class ClassroomModel {

    /**
     * A line as far as it is revealed.
     *
     * @param before what is revealed but for the last move, with numbers
     * @param last the move revealed last, with its number; empty where nothing is
     * @param present whether it is the line that is revealed just now
     */
    public record Row(String before, String last, boolean present) {}

    private final Clock clock;
    private final Node start;
    private final String prompt;
    private final Optional<Duration> given;
    private final List<List<Node>> lines = new ArrayList<>();
    private final ReadOnlyIntegerWrapper steps = new ReadOnlyIntegerWrapper();
    private final Instant began;
    private int line;
    private int revealed;

    /**
     * @param from where it begins: what comes after is revealed, what was before is known
     */
    public ClassroomModel(Node from, MoveTree tree, Clock clock) {
        this.clock = clock;
        this.start = from;
        Optional<Exercise> exercise =
                Optional.of(tree)
                        .filter(t -> Exercise.isExercise(t) && from.isRoot())
                        .map(Exercise::of);
        prompt = exercise.map(Exercise::prompt).orElseGet(() -> prompt(from, tree));
        given = exercise.map(e -> Duration.ofMinutes(e.minutes()));
        began = clock.instant();
        collect(from);
    }

    private void collect(Node from) {
        List<Node> open = new ArrayList<>(List.of(from));
        while (!open.isEmpty()) {
            Node node = open.remove(open.size() - 1);
            if (node.children().isEmpty() && node != from) {
                List<Node> path = node.path();
                lines.add(path.subList(from.depth(), path.size()));
            }
            for (int i = node.children().size() - 1; i >= 0; i--) {
                open.add(node.children().get(i));
            }
        }
    }

    private static String prompt(Node from, MoveTree tree) {
        String who = from.position().sideToMove().word() + " to move";
        String white = tree.tag("White");
        boolean game = !white.isEmpty() && !white.equals("?");
        return game ? white + " – " + tree.tag("Black") + ". " + who + "." : who + ".";
    }

    /** What the room is asked. */
    public String prompt() {
        return prompt;
    }

    /** Counts up with every step, forwards or back. */
    public ReadOnlyIntegerProperty stepsProperty() {
        return steps.getReadOnlyProperty();
    }

    /** The side the board is seen from: whose task it is. */
    public Side seenFrom() {
        return start.position().sideToMove();
    }

    /** How many lines there are. */
    public int lines() {
        return lines.size();
    }

    /** The line now, 1-based; 0 when there is none. */
    public int number() {
        return lines.isEmpty() ? 0 : line + 1;
    }

    /** Which line it is of how many, in words; empty when there is none. */
    public String place() {
        return lines.isEmpty()
                ? ""
                : "line " + number() + " of " + lines() + (isOver() ? ", all revealed" : "");
    }

    /** Reveals one more move; after the last one the next line, from where it branches off. */
    public void reveal() {
        if (lines.isEmpty()) {
            return;
        }
        if (revealed < lines.get(line).size()) {
            revealed++;
        } else if (line + 1 < lines.size()) {
            int shared = shared(lines.get(line), lines.get(line + 1));
            line++;
            revealed = shared + 1;
        }
        steps.set(steps.get() + 1);
    }

    private static int shared(List<Node> one, List<Node> two) {
        int same = 0;
        while (same < Math.min(one.size(), two.size()) && one.get(same).equals(two.get(same))) {
            same++;
        }
        return same;
    }

    /** Takes the last move back; before the first one of a line, the line before it. */
    public void back() {
        if (revealed > 0) {
            revealed--;
        }
        boolean shown = line > 0 && revealed <= shared(lines.get(line - 1), lines.get(line));
        if (shown) {
            line--;
            revealed = lines.get(line).size();
        }
        steps.set(steps.get() + 1);
    }

    /** Whether everything is revealed. */
    public boolean isOver() {
        return lines.isEmpty() || line == lines.size() - 1 && revealed == lines.get(line).size();
    }

    /** The move revealed last; nothing before the first. */
    public Optional<Node> current() {
        return revealed == 0 ? Optional.empty() : Optional.of(lines.get(line).get(revealed - 1));
    }

    /** What is on the board. */
    public Node shown() {
        return current().orElse(start);
    }

    /** The move that comes next, with its number; empty when all is revealed. */
    public String next() {
        if (isOver()) {
            return "";
        }
        boolean here = revealed < lines.get(line).size();
        Node node =
                here
                        ? lines.get(line).get(revealed)
                        : lines.get(line + 1).get(shared(lines.get(line), lines.get(line + 1)));
        return (here ? "" : "another line: ") + Line.move(node);
    }

    /** The lines that were revealed, the present one last. */
    public List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i <= line && i < lines.size(); i++) {
            int count = i == line ? revealed : lines.get(i).size();
            if (count > 0) {
                rows.add(row(lines.get(i).subList(0, count), i == line));
            }
        }
        return rows;
    }

    private Row row(List<Node> moves, boolean present) {
        Node last = moves.get(moves.size() - 1);
        return new Row(numbered(moves.subList(0, moves.size() - 1)), Line.move(last), present);
    }

    private String numbered(List<Node> moves) {
        return Line.numbered(start.position(), moves.stream().map(Node::move).toList());
    }

    /** What is revealed of the line, with numbers. */
    public String moves() {
        return revealed == 0 ? "" : numbered(lines.get(line).subList(0, revealed));
    }

    /** All lines from the start, for the coach alone. */
    public List<String> solution() {
        return lines.stream().map(this::numbered).toList();
    }

    /** The time since it was shown, or what is left of what the exercise gives. */
    public String time() {
        Duration spent = Duration.between(began, clock.instant());
        Duration shown = given.map(g -> g.minus(spent)).orElse(spent);
        if (shown.isNegative()) {
            return "time is up";
        }
        return MinutesSeconds.of(shown);
    }

    /** Points, verdict and words of the move revealed last; empty when there are none. */
    public String words() {
        return current().map(ClassroomModel::words).orElse("");
    }

    private static String words(Node node) {
        List<String> words = new ArrayList<>();
        if (node.annotation().scheme().tempting()) {
            words.add("Tempting, but wrong.");
        }
        if (node.annotation().scheme().equal()) {
            words.add("As good as the main move.");
        }
        if (!node.annotation().scheme().points().isEmpty()) {
            words.add(
                    node.annotation().scheme().points().stream()
                                    .map(ClassroomModel::points)
                                    .collect(Collectors.joining(", "))
                            + ".");
        }
        node.annotation().verdict().ifPresent(v -> words.add("Verdict: " + v.words() + "."));
        if (!node.annotation().after().isEmpty()) {
            words.add(node.annotation().after());
        }
        return String.join("  ", words);
    }

    private static String points(PointRule rule) {
        String points = Counted.of(rule.points(), "point");
        return rule.needsVerdict() ? points + " for the right verdict" : points;
    }
}

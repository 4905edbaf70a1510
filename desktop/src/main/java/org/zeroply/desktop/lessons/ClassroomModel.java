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
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.RevealedLines;
import org.zeroply.coach.lesson.Slide;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.MinutesSeconds;

/**
 * A position and what goes on from it, for a whole room: revealed move after move and line after
 * line. It is made of any tree: an exercise, a game, the lines of a moment, a repertoire.
 */
public final class ClassroomModel implements Projected {

    private final Clock clock;
    private final Node start;
    private final String prompt;
    private final Optional<Duration> given;
    private final RevealedLines lines;
    private final ReadOnlyIntegerWrapper steps = new ReadOnlyIntegerWrapper();
    private final Instant began;
    private int place;

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
        lines = RevealedLines.all(from);
    }

    private static String prompt(Node from, MoveTree tree) {
        String who = Texts.of("lessons.to-move", from.position().sideToMove().word());
        String players = LessonStep.players(tree);
        return players.isEmpty() ? who + "." : players + ". " + who + ".";
    }

    /** What the room is asked. */
    public String prompt() {
        return prompt;
    }

    @Override
    public ReadOnlyIntegerProperty stepsProperty() {
        return steps.getReadOnlyProperty();
    }

    /** The side the board is seen from: whose task it is. */
    @Override
    public Side seenFrom() {
        return start.position().sideToMove();
    }

    /** How many lines there are. */
    public int lines() {
        return lines.lines();
    }

    /** The line now, 1-based; 0 when there is none. */
    public int number() {
        return lines.number(place);
    }

    @Override
    public String place() {
        return lines() == 0
                ? ""
                : Texts.of(
                        "lessons.line-of",
                        number(),
                        lines(),
                        isOver() ? Texts.of("lessons.all-revealed") : "");
    }

    /** Reveals one more move; after the last one the next line, from where it branches off. */
    @Override
    public void reveal() {
        place = Math.min(place + 1, lines.size() - 1);
        steps.set(steps.get() + 1);
    }

    /** Takes the last move back; before the first one of a line, the line before it. */
    @Override
    public void back() {
        place = Math.max(place - 1, 0);
        steps.set(steps.get() + 1);
    }

    /** Whether everything is revealed. */
    public boolean isOver() {
        return place == lines.size() - 1;
    }

    /** The move revealed last; nothing before the first. */
    public Optional<Node> current() {
        return lines.current(place);
    }

    /** What is on the board. */
    public Node shown() {
        return lines.shown(place);
    }

    /** The move that comes next, with its number; empty when all is revealed. */
    public String next() {
        return lines.next(place);
    }

    /** The lines that were revealed, the present one last. */
    public List<RevealedLines.Row> rows() {
        return lines.rows(place);
    }

    /** What is revealed of the line, with numbers. */
    public String moves() {
        return lines.moves(place);
    }

    /** All lines from the start, for the coach alone. */
    public List<String> solution() {
        return lines.solution();
    }

    @Override
    public Slide slide() {
        Node node = shown();
        return new Slide(
                new Slide.Picture(node.position(), node.move(), node.annotation().marks()),
                prompt,
                rows(),
                words(),
                Optional.empty(),
                List.of(),
                0);
    }

    /** The time since it was shown, or what is left of what the exercise gives. */
    @Override
    public String time() {
        Duration spent = Duration.between(began, clock.instant());
        Duration shown = given.map(g -> g.minus(spent)).orElse(spent);
        if (shown.isNegative()) {
            return Texts.of("lessons.time-is-up");
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
            words.add(Texts.of("lessons.tempting-but-wrong"));
        }
        if (node.annotation().scheme().equal()) {
            words.add(Texts.of("lessons.as-good-as-the-main"));
        }
        if (!node.annotation().scheme().points().isEmpty()) {
            words.add(
                    node.annotation().scheme().points().stream()
                                    .map(ClassroomModel::points)
                                    .collect(Collectors.joining(", "))
                            + ".");
        }
        node.annotation()
                .verdict()
                .ifPresent(v -> words.add(Texts.of("lessons.verdict", v.words())));
        if (!node.annotation().after().isEmpty()) {
            words.add(node.annotation().after());
        }
        return String.join("  ", words);
    }

    private static String points(PointRule rule) {
        String points = Counted.of(rule.points(), "point");
        return rule.needsVerdict() ? Texts.of("lessons.for-the-right-verdict", points) : points;
    }
}

package org.zeroply.coach.lesson.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.coach.pattern.Evidence;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Examples of a theme as steps of a lesson: clear ones, and one where the idea fails. All figures
 * are our choice.
 */
final class ExampleSteps {

    /** Places in games that are looked at for examples. */
    private static final int LOOKED_AT = 24;

    /** Moves of an example that are shown, in plies. */
    private static final int SHOWN = 16;

    /** Between two looks at an example. */
    private static final int EVERY = 4;

    /** A longer rest of a game is not decided by what was there at its beginning. */
    private static final int LONGEST = 60;

    /** An example that goes on for fewer plies shows nothing: our choice. */
    private static final int SHORTEST = 4;

    /** An example may not fall back by more than this on its way, in expected score. */
    private static final double STEADY = 0.1;

    /** What an example comes to, and what a failure has, at the least and at the most. */
    private static final double CLEAR = 0.75;

    /** Expected score up to which an idea has failed: clearly worse, our choice. */
    private static final double FAILED = 0.35;

    /** Something is already decided from here on, and shows nothing. */
    private static final double DECIDED = 0.95;

    /** Plies of the line that proves it: our choice. */
    private static final int PROOF = 8;

    /** Of the nodes, for the looks by which examples are chosen. */
    private static final int BRIEF = 4;

    private record Judged(Example example, double at, double least, double after) {

        int rest() {
            return example.game().mainLine().size() - example.ply();
        }

        boolean isClear() {
            return example.won()
                    && rest() >= SHORTEST
                    && rest() <= LONGEST
                    && at < DECIDED
                    && least >= at - STEADY
                    && after >= CLEAR;
        }
    }

    private final MoveEvaluator evaluator;
    private final Cancellation cancellation;
    private final List<Judged> judged;
    private final Set<MoveTree> used = new HashSet<>();

    private ExampleSteps(MoveEvaluator evaluator, Cancellation cancellation, List<Judged> judged) {
        this.evaluator = evaluator;
        this.cancellation = cancellation;
        this.judged = judged;
    }

    /**
     * Looks at the first example of each game, as many as there is time for.
     *
     * @param progress told the part done, 0 to 1
     * @throws CancellationException when cancelled
     */
    static ExampleSteps judge(
            MoveEvaluator evaluator,
            List<Example> found,
            Cancellation cancellation,
            DoubleConsumer progress) {
        MoveEvaluator brief = evaluator.brief(BRIEF);
        Set<MoveTree> games = new HashSet<>();
        List<Example> some =
                found.stream().filter(e -> games.add(e.game())).limit(LOOKED_AT).toList();
        List<Judged> judged = new ArrayList<>();
        for (int i = 0; i < some.size(); i++) {
            goOn(cancellation);
            judged.add(judge(brief, some.get(i)));
            progress.accept((i + 1.0) / some.size());
        }
        return new ExampleSteps(evaluator, cancellation, judged);
    }

    static void goOn(Cancellation cancellation) {
        if (cancellation.isCancelled()) {
            throw new CancellationException("the draft was cancelled");
        }
    }

    /** The games that were shown. */
    Set<MoveTree> used() {
        return used;
    }

    /** Clear examples, the shortest first. */
    List<LessonStep> clear(LessonDraft.Theme theme, int most) {
        List<LessonStep> steps = new ArrayList<>();
        judged.stream()
                .filter(Judged::isClear)
                .sorted(Comparator.comparingInt(Judged::rest))
                .filter(j -> used.add(j.example().game()))
                .limit(most)
                .forEach(j -> steps.add(example(theme, j, steps.isEmpty())));
        return steps;
    }

    private static Judged judge(MoveEvaluator brief, Example example) {
        List<Position> positions = example.onwards();
        double at = brief.expected(positions.get(0), example.side()).value();
        double least = at;
        double after = at;
        for (int i = EVERY; i <= Math.min(SHOWN, positions.size() - 1); i += EVERY) {
            after = brief.expected(positions.get(i), example.side()).value();
            least = Math.min(least, after);
        }
        if (positions.size() - 1 < SHOWN) {
            after = brief.expected(positions.get(positions.size() - 1), example.side()).value();
            after = example.won() ? Math.max(after, CLEAR) : after;
        }
        return new Judged(example, at, least, after);
    }

    private LessonStep example(LessonDraft.Theme theme, Judged judged, boolean first) {
        Example example = judged.example();
        MoveTree shown = start(example);
        TreeEditor editor = new TreeEditor(shown);
        List<Node> rest = example.game().mainLine();
        List<Node> moves =
                rest.subList(example.ply(), Math.min(rest.size(), example.ply() + SHOWN));
        Node end = editor.addLine(shown.root(), moves.stream().map(Node::move).toList());
        Proof.stamp(editor, end, evaluator);
        String side = example.side().word();
        String how =
                rest.size() - example.ply() > SHOWN
                        ? side
                                + " won at move "
                                + (rest.get(rest.size() - 1).position().ply() / 2 + 1)
                        : side + " won soon after";
        Evidence evidence = example.evidence();
        evidence.men()
                .forEach(
                        square ->
                                editor.toggleMark(
                                        shown.root(),
                                        new Mark(Mark.Meaning.TARGET, List.of(square))));
        editor.comment(
                shown.root(),
                (first ? theme.definition() + ". " : "")
                        + said(evidence)
                        + "The engine gives "
                        + side
                        + " "
                        + points(judged.at())
                        + " points of 100 here and "
                        + points(evaluator.expected(end.position(), example.side()).value())
                        + " at the end of this line; "
                        + how
                        + ".");
        return LessonStep.of(StepKind.SHOW, shown)
                .with(
                        LessonStep.TITLE,
                        (first ? theme.title() : "Once more") + ": " + example.title())
                .with(Exercise.THEMES, String.join(", ", theme.themes()));
    }

    /** What the facts say of the men that show the theme. */
    private static String said(Evidence evidence) {
        return evidence.facts().stream()
                .map(f -> f.sentence() + ". ")
                .collect(Collectors.joining());
    }

    private static long points(double expected) {
        return Math.round(100 * expected);
    }

    private static MoveTree start(Example example) {
        MoveTree shown = new MoveTree(example.position());
        TreeEditor editor = new TreeEditor(shown);
        LessonStep.origin(editor, example.game());
        editor.tag(LessonStep.SEEN, example.side().word().toLowerCase(Locale.ROOT));
        return shown;
    }

    /** An example that the side does not win, with the line that shows why. */
    Optional<LessonStep> failure(LessonDraft.Theme theme) {
        List<Judged> failed =
                judged.stream()
                        .filter(j -> !j.example().won() && j.at() <= FAILED)
                        .filter(j -> !used.contains(j.example().game()))
                        .sorted(Comparator.comparingDouble(Judged::at).reversed())
                        .toList();
        for (Judged j : failed) {
            goOn(cancellation);
            Example example = j.example();
            Optional<Choice> best = evaluator.choice(example.position());
            if (best.isEmpty()) {
                continue;
            }
            MoveTree shown = start(example);
            TreeEditor editor = new TreeEditor(shown);
            Node end = Proof.line(editor, best.get().best(), PROOF);
            Proof.stamp(editor, end, evaluator);
            double promised = evaluator.expected(example.position(), example.side()).value();
            double left = evaluator.expected(end.position(), example.side()).value();
            if (promised > FAILED || left > FAILED) {
                continue;
            }
            String side = example.side().word();
            editor.comment(
                    shown.root(),
                    "It is there as well, and it is not enough: the engine gives "
                            + side
                            + " "
                            + points(promised)
                            + " points of 100 here and "
                            + points(left)
                            + " at the end of the line. What is different?");
            used.add(example.game());
            return Optional.of(
                    LessonStep.of(StepKind.SHOW, shown)
                            .with(LessonStep.TITLE, "Where it fails: " + example.title())
                            .with(Exercise.THEMES, String.join(", ", theme.themes())));
        }
        return Optional.empty();
    }
}

package org.zeroply.coach.exercise.sound;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;

/**
 * Checks whether an exercise is sound, on a fixed number of nodes a search, so that the result is
 * always the same. What each finding means is written in {@code docs/exercises.md}.
 */
public final class SoundnessCheck {

    /** Nodes for each search unless chosen otherwise. */
    public static final long NODES = 300_000;

    private final Engine engine;
    private final Endings endings;
    private final long nodes;
    private final KnownExercises known;
    private final long millis;

    /**
     * @param endings exact results, used where they know every move
     * @param nodes nodes for each search
     * @param known the other exercises
     */
    public SoundnessCheck(Engine engine, Endings endings, long nodes, KnownExercises known) {
        this(engine, endings, nodes, known, Cancellation.NEVER);
    }

    private SoundnessCheck(
            Engine engine, Endings endings, long nodes, KnownExercises known, long millis) {
        this.engine = engine;
        this.endings = endings;
        this.nodes = nodes;
        this.known = known;
        this.millis = millis;
    }

    /**
     * The same within a time: what could not be looked at is told, and the exercise is not called
     * sound.
     *
     * @param most milliseconds for an exercise; {@link Cancellation#NEVER} for as long as it takes
     */
    public SoundnessCheck within(long most) {
        return new SoundnessCheck(engine, endings, nodes, known, most);
    }

    /**
     * Checks an exercise.
     *
     * @param progress told the part done, 0 to 1
     * @return nothing when cancelled
     */
    public Optional<Soundness> check(
            MoveTree tree, DoubleConsumer progress, Cancellation cancellation) {
        List<Finding> findings = new ArrayList<>(start(tree));
        findings.addAll(PointFindings.of(tree));
        Cancellation timeUp = Cancellation.after(millis, cancellation);
        MoveEvaluator evaluator = new MoveEvaluator(engine, endings, nodes, timeUp);
        LineFindings lines = new LineFindings(tree, evaluator);
        try {
            lines.find(progress);
        } catch (CancellationException e) {
            if (cancellation.isCancelled()) {
                return Optional.empty();
            }
            findings.add(unfinished(lines, tree));
        }
        lines.findings().stream().map(Located::finding).forEach(findings::add);
        findings.sort(Comparator.comparing(Finding::severity));
        String stamp =
                lines.isExact()
                        ? CoachWords.of("exercise.ending-tables")
                        : CoachWords.of("exercise.nodes-a-search", engine.name(), nodes);
        return Optional.of(new Soundness(findings, lines.isExact(), stamp));
    }

    /** An exercise that was not looked at as a whole is not called sound. */
    private static Finding unfinished(LineFindings lines, MoveTree tree) {
        String detail =
                CoachWords.of("exercise.the-time-was-up-when", lines.looked(), tree.nodes().size());
        return error(Finding.Kind.UNSETTLED, detail);
    }

    private List<Finding> start(MoveTree tree) {
        List<Finding> findings = new ArrayList<>();
        Position start = tree.start();
        if (start.legalMoves().isEmpty()) {
            String end =
                    CoachWords.of(
                            start.isCheckmate() ? "exercise.is-mated" : "exercise.is-stalemated");
            findings.add(
                    error(
                            Finding.Kind.ILLEGAL_START,
                            CoachWords.of(
                                    "exercise.has-no-move-and", start.sideToMove().word(), end)));
        } else if (tree.root().children().isEmpty()) {
            findings.add(
                    error(
                            Finding.Kind.POINTS_SUM,
                            CoachWords.of("exercise.the-scheme-has-no-moves")));
        }
        String fen = tree.tag("FEN").strip();
        if (!fen.isEmpty() && !fen.contains(" ")) {
            findings.add(
                    error(
                            Finding.Kind.SIDE_TO_MOVE,
                            CoachWords.of("exercise.the-fen-does-not-say")));
        }
        String prompt = tree.tag(Exercise.PROMPT).toLowerCase(Locale.ROOT);
        String other = start.sideToMove().other().smallWord();
        if (prompt.contains(other + " to move")) {
            findings.add(
                    error(
                            Finding.Kind.SIDE_TO_MOVE,
                            CoachWords.of(
                                    "exercise.the-prompt-says-that-is",
                                    start.sideToMove().other().word(),
                                    start.sideToMove().word())));
        }
        known.like(start)
                .ifPresent(
                        title ->
                                findings.add(
                                        new Finding(
                                                Finding.Kind.DUPLICATE,
                                                Finding.Severity.WARNING,
                                                "",
                                                CoachWords.of(
                                                        "exercise.the-same-position-perhaps-turned",
                                                        title),
                                                true)));
        return findings;
    }

    private static Finding error(Finding.Kind kind, String detail) {
        return new Finding(kind, Finding.Severity.ERROR, "", detail, true);
    }
}

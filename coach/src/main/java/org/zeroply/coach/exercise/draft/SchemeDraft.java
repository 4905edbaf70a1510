package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.defence.elimination.Eliminator;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.exercise.sound.Located;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;

/**
 * Drafts marking schemes: the best line, the defences that must be considered, the second-best move
 * for part of the points, what tempts with its refutation, and points for what is hard. The coach
 * goes on from there.
 */
public final class SchemeDraft {

    /** Nodes for each search unless chosen otherwise. */
    public static final long NODES = 200_000;

    /** Begins what a draft says at its start where it is not to be trusted. */
    private static final String UNSETTLED = "Not settled: ";

    private static final String TIME_WAS_UP = CoachWords.of("exercise.the-time-was-up-before");

    /** A first version is made on one part of so many of the nodes. */
    private static final int FIRST = 12;

    /** With fewer nodes a first draft would show little but the search itself: our choice. */
    private static final long FEWEST = 5_000;

    /** Points of a scheme unless chosen otherwise. */
    public static final int POINTS = 50;

    /** So many tempting moves become lines of a scheme at most: our choice. */
    private static final int TEMPTATIONS = 2;

    /** So many first moves are looked at long enough to tell them apart: our choice. */
    private static final int TOLD_APART = 5;

    /** The key earns at most so much of what the rest earns together, where there is enough. */
    private static final double KEY_AT_MOST = 0.8;

    /** Weight of the rest below which the key earns what it is worth. */
    private static final double MIN_OTHERS = 4;

    /** How often what the check finds is mended. */
    private static final int REPAIRS = 4;

    /** What the check has nothing against is checked once more, on so many times the nodes. */
    private static final int CONFIRMED = 2;

    /** The key is looked for on so many times the nodes at most. */
    private static final int SETTLING = 16;

    /** Parts of the work, 0 to 1: when the lines are grown, one check, when it was checked. */
    private static final double GROWN = 0.55;

    /** The part of the work that the last check is told as: our choice. */
    private static final double A_CHECK = 0.2;

    private static final double CHECKED = GROWN + A_CHECK;

    /** Plies that are shown of a second-best move: our choice. */
    private static final int PARTIAL_PLIES = 3;

    /** Expected score that a second-best move may be behind. */
    private static final double NOT_FAR = 0.45;

    private final Engine engine;
    private final Endings endings;
    private final long nodes;
    private final int points;
    private final boolean confirms;
    private final long millis;

    /**
     * @param nodes nodes for each search
     * @param points what the scheme adds up to, 1 to 999
     */
    public SchemeDraft(Engine engine, Endings endings, long nodes, int points) {
        this(engine, endings, nodes, points, true, Cancellation.NEVER);
    }

    private SchemeDraft(
            Engine engine, Endings endings, long nodes, int points, boolean confirms, long millis) {
        this.engine = engine;
        this.endings = endings;
        this.nodes = nodes;
        this.points = points;
        this.confirms = confirms;
        this.millis = millis;
    }

    /**
     * The same within a time: then lines are not grown further nor mended, and the draft says that
     * it is not settled.
     *
     * @param most milliseconds, {@link Cancellation#NEVER} for as long as it takes; the check at
     *     the end may take some more
     */
    public SchemeDraft within(long most) {
        return new SchemeDraft(engine, endings, nodes, points, confirms, most);
    }

    /** Whether a draft does not say that something of it is open. */
    public static boolean isSettled(MoveTree draft) {
        return !draft.root().annotation().after().contains(UNSETTLED);
    }

    /** Nodes for each search. */
    public long nodes() {
        return nodes;
    }

    /** The same for a first version within seconds. */
    public SchemeDraft first() {
        long fewer = Math.min(nodes, Math.max(FEWEST, nodes / FIRST));
        return new SchemeDraft(engine, endings, fewer, points, false, millis);
    }

    /**
     * An exercise on a position.
     *
     * @param tempting moves to show the refutation of, if they are wrong
     * @param progress told the part done, 0 to 1
     * @return nothing when the side to move has no legal move, or when cancelled
     */
    public Optional<MoveTree> draft(
            Position position,
            List<Move> tempting,
            DoubleConsumer progress,
            Cancellation cancellation) {
        TreeEditor editor = new TreeEditor(new MoveTree(position));
        Cancellation timeUp = Cancellation.after(millis, cancellation);
        try {
            MoveEvaluator evaluator = evaluator(cancellation).remembering();
            Optional<Choice> choice = evaluator.thorough(position, TOLD_APART, SETTLING * nodes);
            if (choice.isEmpty()) {
                return Optional.empty();
            }
            new Draft(evaluator, editor, choice.get(), progress, timeUp).write(tempting);
            return Optional.of(editor.tree());
        } catch (CancellationException e) {
            return Optional.empty();
        }
    }

    /**
     * The lines after one move of a scheme, drafted anew, to be put in the place of those it has.
     * They get the points that stand after the move now, so that the sum stays.
     *
     * @param branch the move; the tree is not changed
     * @return a tree from the position after the move, {@linkplain #isSettled not settled} when the
     *     time was up; nothing when the game is over there, or when cancelled
     */
    public Optional<MoveTree> branch(
            MoveTree scheme, Node branch, DoubleConsumer progress, Cancellation cancellation) {
        int sum = MarkingScheme.of(scheme).sumBelow(branch);
        TreeEditor editor = new TreeEditor(new MoveTree(branch.position()));
        Side solver = scheme.start().sideToMove();
        Cancellation timeUp = Cancellation.after(millis, cancellation);
        try {
            Aim aim = Aim.of(scheme).orElse(Aim.BEST);
            Growth growth =
                    new Growth(
                            evaluator(cancellation).remembering(),
                            editor,
                            solver,
                            new Ways(aim),
                            progress,
                            timeUp);
            growth.branch(editor.tree().root());
            PointShare.give(editor, growth.efforts(), sum);
            if (timeUp.isCancelled()) {
                editor.comment(editor.tree().root(), UNSETTLED + TIME_WAS_UP + ".");
            }
        } catch (CancellationException e) {
            return Optional.empty();
        }
        boolean empty = editor.tree().root().children().isEmpty();
        return empty ? Optional.empty() : Optional.of(editor.tree());
    }

    /** Drafts exercises of the kind {@code defence} with the same engine. */
    public DefenceDraft defence(Cancellation cancellation) {
        return new DefenceDraft(
                MoveEvaluators.alone(
                        new MoveEvaluator(engine, endings, Eliminator.NODES, cancellation)));
    }

    private MoveEvaluator evaluator(Cancellation cancellation) {
        return new MoveEvaluator(engine, endings, nodes, cancellation);
    }

    /** Tells no part done that is less than one told before: checks are made more than once. */
    private static DoubleConsumer rising(DoubleConsumer progress) {
        double[] most = {0};
        return done -> {
            most[0] = Math.max(most[0], done);
            progress.accept(most[0]);
        };
    }

    /** One draft being written. */
    private final class Draft {

        private final MoveEvaluator evaluator;
        private final TreeEditor editor;
        private final Ways ways;
        private final Growth growth;
        private final Choice choice;
        private final Side solver;
        private final Node root;
        private final Position start;
        private final DoubleConsumer progress;
        private final Cancellation timeUp;

        Draft(
                MoveEvaluator evaluator,
                TreeEditor editor,
                Choice choice,
                DoubleConsumer progress,
                Cancellation timeUp) {
            this.timeUp = timeUp;
            this.evaluator = evaluator;
            this.editor = editor;
            this.choice = choice;
            this.root = editor.tree().root();
            this.start = root.position();
            this.solver = start.sideToMove();
            this.ways = new Ways(Ways.aim(choice));
            this.progress = rising(progress);
            this.growth =
                    new Growth(
                            evaluator,
                            editor,
                            solver,
                            ways,
                            done -> this.progress.accept(GROWN * done),
                            timeUp);
        }

        void write(List<Move> tempting) {
            // The check goes by the aim.
            editor.tag(Aim.TAG, ways.aim().word());
            growth.answer(root, choice, 1, true);
            Node key = root.children().get(0);
            List<Weighed> equal = ways.reaching(choice);
            boolean baited = growth.tempt(root, choice, tempting, TEMPTATIONS) > 0;
            weighKey(key, baited);
            Optional<Node> partial = partialCredit(equal);
            List<Located> errors = settle();
            // What was taken in as equal is no second-best move any more.
            partial.filter(second -> editor.tree().nodes().contains(second))
                    .filter(second -> !second.annotation().scheme().equal())
                    .ifPresent(second -> group(key, second));
            MarkingScheme.of(editor.tree())
                    .end()
                    .ifPresent(end -> editor.annotate(end, a -> a.withEnd(true)));
            List<String> warnings = new ArrayList<>();
            if (DraftWords.isLost(choice)) {
                warnings.add(CoachWords.of("exercise.every-move-loses-little-is"));
            }
            unsettled(errors).ifPresent(why -> warnings.add(UNSETTLED + why + "."));
            if (!warnings.isEmpty()) {
                editor.comment(root, String.join(" ", warnings));
            }
            ExerciseEstimate estimate =
                    ExerciseEstimate.of(editor.tree(), choice, growth.efforts(), baited);
            Exercise.mark(editor, "calculation");
            editor.tag(Exercise.PROMPT, DraftWords.prompt(solver, choice));
            editor.tag(Exercise.MINUTES, String.valueOf(estimate.minutes()));
            editor.tag(Exercise.BAND, estimate.band());
            editor.tag(Exercise.THEMES, String.join(", ", estimate.themes()));
            editor.tag(Exercise.MAX_POINTS, String.valueOf(MarkingScheme.of(editor.tree()).sum()));
        }

        /** Shares the points out and mends what the check finds; gives the errors that are left. */
        private List<Located> settle() {
            List<Located> errors = List.of();
            for (int round = 0; round <= REPAIRS; round++) {
                List<Node> nodes = editor.tree().nodes();
                growth.efforts().removeIf(e -> !nodes.contains(e.node()));
                nodes.forEach(n -> editor.points(n, List.of()));
                PointShare.give(editor, growth.efforts(), points);
                errors = errors(evaluator, GROWN);
                if (errors.isEmpty() && confirms && !timeUp.isCancelled()) {
                    errors = errors(evaluator.withNodes(CONFIRMED * evaluator.nodes()), CHECKED);
                }
                boolean mayMend = round < REPAIRS && !timeUp.isCancelled();
                if (!mayMend || !new Repairs(editor, growth).mend(errors)) {
                    break;
                }
            }
            return errors;
        }

        /**
         * What the check finds.
         *
         * @param from part of the work done before, 0 to 1
         */
        private List<Located> errors(MoveEvaluator checking, double from) {
            return Located.errors(
                    editor.tree(), checking, done -> progress.accept(from + A_CHECK * done));
        }

        /** What the coach should know before trusting the draft. */
        private Optional<String> unsettled(List<Located> errors) {
            if (timeUp.isCancelled() && errors.isEmpty()) {
                return Optional.of(TIME_WAS_UP);
            }
            if (errors.isEmpty()) {
                return Optional.of(choice.sureness().reason()).filter(why -> !why.isEmpty());
            }
            return Optional.of(
                    errors.stream()
                            .map(Located::finding)
                            .limit(2)
                            .map(f -> f.line() + ": " + f.detail())
                            .collect(Collectors.joining("; ")));
        }

        /** The key move is worth more than a later one. */
        private void weighKey(Node key, boolean baited) {
            Move move = key.move();
            double weight =
                    3
                            + 0.6 * Math.min(8, choice.depthFound())
                            + (Obvious.isQuiet(start, move) ? 1.5 : 0)
                            + (Obvious.isSacrifice(start, move) ? 2 : 0)
                            + (baited ? 1 : 0);
            growth.efforts().removeIf(e -> e.node() == key && !e.verdict());
            double others = growth.efforts().stream().mapToDouble(Effort::weight).sum();
            boolean alone = others < MIN_OTHERS;
            double most = alone ? weight : Math.min(weight, KEY_AT_MOST * others);
            growth.efforts().add(0, new Effort(key, most, false));
        }

        private double harm(Weighed w) {
            return choice.best().expected().over(w.expected());
        }

        /** The second-best move, where it still helps. */
        private Optional<Node> partialCredit(List<Weighed> equal) {
            Optional<Weighed> second =
                    choice.moves().stream().skip(1).filter(w -> !equal.contains(w)).findFirst();
            return second.filter(w -> root.child(w.move()).isEmpty())
                    .filter(w -> w.expected().value() >= Ways.HELPS && harm(w) <= NOT_FAR)
                    .filter(w -> choice.best().expected().value() >= Ways.HELPS)
                    .flatMap(this::secondBest);
        }

        /** Its line, if it still promises at its end what it does at its beginning. */
        private Optional<Node> secondBest(Weighed w) {
            Node end = editor.addLine(root, Line.start(w.line(), PARTIAL_PLIES));
            Node first = root.child(w.move()).orElseThrow();
            if (Loss.between(w.expected(), growth.judged(end)).exceeds(MoveComparison.WEAKER)) {
                editor.delete(first);
                return Optional.empty();
            }
            return Optional.of(first);
        }

        /** Key move and second-best one: only the better earned of the two counts. */
        private void group(Node key, Node second) {
            List<PointRule> rules = key.annotation().scheme().points();
            if (rules.isEmpty()) {
                return;
            }
            Optional<String> group = Optional.of("key");
            int whole = rules.get(0).points();
            List<PointRule> grouped = new ArrayList<>(rules);
            grouped.set(0, new PointRule(whole, false, group));
            editor.points(key, grouped);
            int part = Math.max(1, whole * 2 / 5);
            editor.points(second, List.of(new PointRule(part, false, group)));
            editor.comment(second, CoachWords.of("exercise.also-good-but-less-part"));
        }
    }
}

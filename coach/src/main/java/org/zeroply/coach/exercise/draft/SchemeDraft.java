package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.defence.Eliminator;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.Aim;
import org.zeroply.coach.exercise.Exercise;
import org.zeroply.coach.exercise.MarkingScheme;
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

    /** Points of a scheme unless chosen otherwise. */
    public static final int POINTS = 50;

    private static final int TEMPTATIONS = 2;
    private static final int TOLD_APART = 5;
    private static final int REFUTATION_PLIES = 6;
    private static final int PARTIAL_PLIES = 3;

    /** Expected score from which on a second-best move still helps, and what it may be behind. */
    private static final double HELPS = 0.60;

    private static final double NOT_FAR = 0.35;

    private final Engine engine;
    private final Endings endings;
    private final long nodes;
    private final int points;

    /**
     * @param nodes nodes for each search
     * @param points what the scheme adds up to, 1 to 999
     */
    public SchemeDraft(Engine engine, Endings endings, long nodes, int points) {
        this.engine = engine;
        this.endings = endings;
        this.nodes = nodes;
        this.points = points;
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
        Side solver = position.sideToMove();
        try {
            Growth growth = new Growth(evaluator(cancellation), editor, solver, progress);
            Optional<Choice> choice = growth.choice(position, TOLD_APART);
            if (choice.isEmpty()) {
                return Optional.empty();
            }
            new Draft(editor, growth, choice.get(), solver).write(tempting);
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
     * @return a tree from the position after the move; nothing when the game is over there, or when
     *     cancelled
     */
    public Optional<MoveTree> branch(
            MoveTree scheme, Node branch, DoubleConsumer progress, Cancellation cancellation) {
        int sum = MarkingScheme.of(scheme).sumBelow(branch);
        TreeEditor editor = new TreeEditor(new MoveTree(branch.position()));
        Side solver = scheme.start().sideToMove();
        try {
            Growth growth = new Growth(evaluator(cancellation), editor, solver, progress);
            growth.branch(editor.tree().root());
            share(editor, growth.efforts(), sum);
        } catch (CancellationException e) {
            return Optional.empty();
        }
        boolean empty = editor.tree().root().children().isEmpty();
        return empty ? Optional.empty() : Optional.of(editor.tree());
    }

    /** Drafts exercises of the kind {@code defence} with the same engine. */
    public DefenceDraft defence(Cancellation cancellation) {
        return new DefenceDraft(
                List.of(new MoveEvaluator(engine, endings, Eliminator.NODES, cancellation)));
    }

    private MoveEvaluator evaluator(Cancellation cancellation) {
        return new MoveEvaluator(engine, endings, nodes, cancellation);
    }

    /** Gives each effort its part of the points. */
    static void share(TreeEditor editor, List<Effort> efforts, int total) {
        List<Integer> parts = PointShare.of(efforts.stream().map(Effort::weight).toList(), total);
        for (int i = 0; i < efforts.size(); i++) {
            Effort effort = efforts.get(i);
            if (parts.get(i) > 0) {
                List<PointRule> rules = new ArrayList<>(effort.node().annotation().points());
                rules.add(new PointRule(parts.get(i), effort.verdict(), Optional.empty()));
                editor.points(effort.node(), rules);
            }
        }
    }

    /** One draft being written. */
    private final class Draft {

        private final TreeEditor editor;
        private final Growth growth;
        private final Choice choice;
        private final Side solver;
        private final Node root;
        private final Position start;

        Draft(TreeEditor editor, Growth growth, Choice choice, Side solver) {
            this.editor = editor;
            this.growth = growth;
            this.choice = choice;
            this.solver = solver;
            this.root = editor.tree().root();
            this.start = root.position();
        }

        void write(List<Move> tempting) {
            growth.answer(root, choice, 1, true);
            Node key = root.children().get(0);
            List<Weighed> equal = choice.equalMoves();
            for (Weighed w : equal) {
                Node node = line(w, PARTIAL_PLIES);
                editor.annotate(node, a -> a.withEqual(true));
            }
            boolean baited = tempt(tempting, equal);
            weighKey(key, baited);
            Optional<Node> partial = partialCredit(equal);
            share(editor, growth.efforts(), points);
            partial.ifPresent(second -> group(key, second));
            Node end = root.mainLineEnd();
            editor.annotate(end, a -> a.withEnd(true));
            Estimate estimate = Estimate.of(editor.tree(), choice, growth.efforts(), baited);
            Exercise.mark(editor, "calculation");
            editor.tag(Exercise.PROMPT, prompt());
            editor.tag(Aim.TAG, aim().word());
            editor.tag(Exercise.MINUTES, String.valueOf(estimate.minutes()));
            editor.tag(Exercise.BAND, estimate.band());
            editor.tag(Exercise.THEMES, String.join(", ", estimate.themes()));
            editor.tag(Exercise.MAX_POINTS, String.valueOf(MarkingScheme.of(editor.tree()).sum()));
        }

        /** What the key is for, as far as the search tells. */
        private Aim aim() {
            if (choice.best().mates()) {
                return Aim.MATE;
            }
            return choice.best().expected() < HELPS ? Aim.HOLD : Aim.BEST;
        }

        private String prompt() {
            boolean holds = choice.best().expected() < HELPS;
            return solver.word()
                    + " to move. "
                    + (holds
                            ? "Find how to hold, what else was to be tried, and why it fails."
                            : "Find the best continuation and the main defences against it.")
                    + " Give a verdict for each line.";
        }

        /** Adds a line from the start; gives its first move. */
        private Node line(Weighed w, int plies) {
            Node end = editor.addLine(root, Line.start(w.line(), plies));
            growth.judged(end);
            return root.child(w.move()).orElseThrow();
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
            growth.efforts().add(0, new Effort(key, weight, false));
        }

        /** Shows up to two moves that look good and are not, each with its refutation. */
        private boolean tempt(List<Move> wanted, List<Weighed> equal) {
            List<Move> good = equal.stream().map(Weighed::move).toList();
            Move best = choice.best().move();
            List<Move> candidates =
                    Stream.concat(
                                    wanted.stream().filter(start::isLegal),
                                    choice.temptations().stream())
                            .filter(m -> !m.equals(best) && !good.contains(m))
                            .distinct()
                            .toList();
            int shown = 0;
            for (Move move : candidates) {
                Weighed w = growth.weigh(start, move);
                boolean changes = w.result() != choice.result();
                if (shown < TEMPTATIONS
                        && harm(w) >= MoveEvaluator.HARM
                        && (changes || harm(w) >= NOT_FAR)) {
                    shown += bait(w) ? 1 : 0;
                }
            }
            return shown > 0;
        }

        /** Shows a refutation, if at its end, too, as much is given away. */
        private boolean bait(Weighed w) {
            Node end = editor.addLine(root, Line.start(w.line(), REFUTATION_PLIES));
            Node bait = root.child(w.move()).orElseThrow();
            if (choice.best().expected() - growth.judged(end) < MoveEvaluator.HARM) {
                editor.delete(bait);
                return false;
            }
            editor.annotate(bait, a -> a.withTempting(true));
            editor.comment(bait, words(bait));
            return true;
        }

        private double harm(Weighed w) {
            return choice.best().expected() - w.expected();
        }

        private static String words(Node bait) {
            return bait.mainChild()
                    .map(
                            reply ->
                                    "Tempts, but "
                                            + Line.number(bait.position(), true)
                                            + San.write(bait.position(), reply.move())
                                            + " answers it.")
                    .orElse("Tempts, and gives away what there was.");
        }

        /** The second-best move, where it still helps. */
        private Optional<Node> partialCredit(List<Weighed> equal) {
            Optional<Weighed> second =
                    choice.moves().stream().skip(1).filter(w -> !equal.contains(w)).findFirst();
            return second.filter(w -> root.child(w.move()).isEmpty())
                    .filter(w -> w.expected() >= HELPS && harm(w) <= NOT_FAR)
                    .filter(w -> choice.best().expected() >= HELPS)
                    .map(w -> line(w, PARTIAL_PLIES));
        }

        /** Key move and second-best one: only the better earned of the two counts. */
        private void group(Node key, Node second) {
            List<PointRule> rules = key.annotation().points();
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
            editor.comment(second, "Also good, but less: part of the points.");
        }
    }
}

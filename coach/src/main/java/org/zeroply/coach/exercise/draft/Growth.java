package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.tactics.LineGain;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.exchange.StaticExchange;

/**
 * Grows the lines of a scheme: at the solver's moves the best one and what equals it, at the
 * opponent's every defence that must be considered, each to where nothing is left to be found.
 */
final class Growth {

    /** A defence is as good as the best one within so many centipawns. */
    private static final int AS_GOOD = 60;

    private static final int TOLD_APART = 4;
    private static final int DEFENCES = 6;
    private static final double MAIN_VERDICT = 2.5;

    /** The weight of a defence, or a verdict, that is considered and then seen to be easy. */
    private static final double EASY = 0.6;

    private static final int MAIN_PLIES = 11;
    private static final int SIDE_PLIES = 7;

    /** Hundredths of a point after which material decides. */
    private static final int DECISIVE = 200;

    /** Searches that a scheme usually takes; progress goes by it. */
    private static final double USUAL_SEARCHES = 70;

    /** Searches after which side lines end where they are. */
    private static final int MOST_SEARCHES = 110;

    private final MoveEvaluator evaluator;
    private final TreeEditor editor;
    private final Side solver;
    private final DoubleConsumer progress;
    private final List<Effort> efforts = new ArrayList<>();
    private int searches;

    Growth(MoveEvaluator evaluator, TreeEditor editor, Side solver, DoubleConsumer progress) {
        this.evaluator = evaluator;
        this.editor = editor;
        this.solver = solver;
        this.progress = progress;
    }

    /** What there is to find in the lines grown so far, in the order of their finding. */
    List<Effort> efforts() {
        return efforts;
    }

    Optional<Choice> choice(Position position, int most) {
        counted();
        return evaluator.choice(position, most);
    }

    Weighed weigh(Position position, Move move) {
        counted();
        return evaluator.weigh(position, move);
    }

    private void counted() {
        searches++;
        progress.accept(Math.min(0.97, searches / USUAL_SEARCHES));
    }

    /** Lets the branch of a node grow, whoever is to move there. */
    void branch(Node node) {
        int ply = node.depth();
        if (node.position().sideToMove() == solver) {
            choice(node.position(), TOLD_APART).ifPresent(c -> answer(node, c, ply, true));
        } else {
            defences(node, ply + 1, true);
        }
    }

    // ---- The solver's moves ---------------------------------------------------------------------

    /**
     * Adds the solver's move at a node, and goes on where it is the only good one. Where several
     * moves do, the line ends before them.
     */
    void answer(Node node, Choice choice, int ply, boolean main) {
        List<Weighed> ways = choice.equals(MoveEvaluator.WAYS);
        if (ways.size() >= 2 && !node.isRoot()) {
            end(node, main ? MAIN_VERDICT : ply <= 3 ? EASY : 0);
            editor.comment(node, "Several moves do now.");
            return;
        }
        Weighed best = choice.best();
        Node child = editor.add(node, best.move());
        boolean found = mustBeFound(node.move(), choice, 1);
        if (found) {
            efforts.add(new Effort(child, weight(node.position(), choice), false));
        }
        if (ways.size() == 1 && ways.get(0).isAsGoodAs(best)) {
            Node other = editor.add(node, ways.get(0).move());
            editor.annotate(other, a -> a.withEqual(true));
            judged(other);
        }
        boolean goesOn = ways.isEmpty() && ply < (main ? MAIN_PLIES : SIDE_PLIES);
        if (!goesOn
                || isRepeated(child)
                || isSettled(child, best)
                || !defences(child, ply + 1, main)) {
            end(child, main ? MAIN_VERDICT : found ? 1 : 0);
        }
    }

    private void end(Node node, double weight) {
        judged(node);
        efforts.add(new Effort(node, weight, true));
    }

    /**
     * Whether a move has to be looked for.
     *
     * @param others moves that may do as well
     */
    private static boolean mustBeFound(Move last, Choice choice, int others) {
        return choice.equals(MoveEvaluator.WAYS).size() <= others
                && Obvious.why(choice, Optional.of(last)).isEmpty();
    }

    /** Deep, quiet and costly moves are harder to find. */
    private static double weight(Position position, Choice choice) {
        Move best = choice.best().move();
        double quiet = Obvious.isQuiet(position, best) ? 1 : 0;
        double sacrifice = Obvious.isSacrifice(position, best) ? 1 : 0;
        return 1 + 0.3 * Math.min(8, choice.depthFound()) + quiet + sacrifice;
    }

    /**
     * Writes the verdict and what it rests on at the end of a line.
     *
     * @return what the position is worth to the solver, 0 to 1
     */
    double judged(Node node) {
        Position p = node.position();
        boolean white = p.sideToMove() == Side.WHITE;
        Optional<Weighed> best = choice(p, 1).map(Choice::best);
        Score score =
                best.map(Weighed::score)
                        .orElse(p.inCheck() ? new Score.Mate(0) : new Score.Centipawns(0));
        double expected = best.map(Weighed::expected).orElse(p.inCheck() ? 0.0 : 0.5);
        editor.annotate(
                node,
                a ->
                        a.withVerdict(Optional.of(verdict(score, white)))
                                .withCheck(best.map(w -> stamp(w, white))));
        return p.sideToMove() == solver ? expected : 1 - expected;
    }

    /** Being mated is written as 0 moves, which has no sign of its own. */
    private static Verdict verdict(Score score, boolean white) {
        return score.equals(new Score.Mate(0))
                ? white ? Verdict.BLACK_WINS : Verdict.WHITE_WINS
                : score.verdict(white);
    }

    private EngineCheck stamp(Weighed w, boolean white) {
        return w.exact()
                ? w.score().check(white, 0, 0, "tables")
                : w.score().check(white, w.depth(), evaluator.nodes(), evaluator.engine());
    }

    /** Whether the position stood earlier in the line: what follows has been seen. */
    private static boolean isRepeated(Node node) {
        for (Node n = node; n.parent().isPresent(); ) {
            n = n.parent().get();
            if (n.position().equals(node.position())) {
                return true;
            }
        }
        return false;
    }

    /** Won material, no check, and nothing to take back: there is nothing more to be found. */
    private boolean isSettled(Node node, Weighed best) {
        Position p = node.position();
        if (p.legalMoves().isEmpty()) {
            return true;
        }
        List<Move> line = node.path().stream().map(Node::move).toList();
        Position start = node.path().get(0).parent().orElseThrow().position();
        int gain = LineGain.hundredths(start, line);
        boolean ahead = start.sideToMove() == solver ? gain >= DECISIVE : gain <= -DECISIVE;
        return ahead && best.result() == ResultClass.WIN && !p.inCheck() && !canTake(p);
    }

    private static boolean canTake(Position p) {
        Board board = p.toBoard();
        return p.legalMoves().stream()
                .filter(Move::isCapture)
                .anyMatch(m -> StaticExchange.isAtLeast(board, m.packed(), 1));
    }

    // ---- The opponent's moves -------------------------------------------------------------------

    /** A defence and what there is to choose against it; nothing when it ends the game. */
    private record Defence(Weighed move, Optional<Choice> answer, boolean hard) {}

    /**
     * Adds the defences that must be considered.
     *
     * @return false when no defence leaves the solver anything to find
     */
    private boolean defences(Node node, int ply, boolean main) {
        Optional<Choice> known = choice(node.position(), DEFENCES);
        if (known.isEmpty()) {
            return false;
        }
        List<Defence> chosen = choose(node, known.get(), ply, main);
        boolean nothing = chosen.stream().noneMatch(Defence::hard);
        if (nothing && ply > 2) {
            return false;
        }
        boolean forced = known.get().legal() == 1;
        for (int i = 0; i < chosen.size(); i++) {
            Defence d = chosen.get(i);
            boolean first = i == 0;
            Node child = editor.add(node, d.move().move());
            if (isRepeated(child)) {
                end(child, main && first ? MAIN_VERDICT : 0);
                continue;
            }
            if (!forced && (d.hard() || ply <= 2)) {
                efforts.add(new Effort(child, d.hard() ? 1.2 : EASY, false));
            }
            d.answer()
                    .ifPresentOrElse(
                            a -> answer(child, a, ply, main && first), () -> judged(child));
        }
        return true;
    }

    private List<Defence> choose(Node node, Choice choice, int ply, boolean main) {
        int most = main ? ply <= 4 ? 4 : 3 : ply <= 4 ? 2 : 1;
        List<Defence> chosen = new ArrayList<>();
        List<Weighed> plausible =
                Stream.concat(
                                choice.moves().stream().filter(w -> isAsGood(w, choice.best())),
                                ply <= 4 && main
                                        ? refutationLike(node.position(), choice)
                                        : Stream.empty())
                        .distinct()
                        .toList();
        for (Weighed w : plausible) {
            boolean first = chosen.isEmpty();
            if (chosen.size() == most || !first && searches > MOST_SEARCHES) {
                break;
            }
            Position after = node.position().play(w.move());
            Optional<Choice> answer = choice(after, TOLD_APART);
            boolean hard = answer.filter(a -> mustBeFound(w.move(), a, 0)).isPresent();
            boolean tried =
                    ply <= 2
                            && main
                            && answer.flatMap(a -> Obvious.why(a, Optional.of(w.move()))).isEmpty();
            if (first || hard || tried) {
                chosen.add(new Defence(w, answer, hard));
            }
        }
        return chosen;
    }

    /** Hardly worse than the best defence, or, against mate, lasting as long. */
    private static boolean isAsGood(Weighed w, Weighed best) {
        if (best.score() instanceof Score.Mate longest && w.score() instanceof Score.Mate mate) {
            return longest.moves() > 0 || mate.moves() <= longest.moves() + 1;
        }
        return best.expected() - w.expected() <= MoveEvaluator.MARGIN
                && best.score().ordinal() - w.score().ordinal() <= AS_GOOD;
    }

    /** Checks and paying captures among the better moves: they look like refutations. */
    private static Stream<Weighed> refutationLike(Position position, Choice choice) {
        Board board = position.toBoard();
        return choice.moves().stream()
                .filter(
                        w ->
                                position.play(w.move()).inCheck()
                                        || w.move().isCapture()
                                                && StaticExchange.isAtLeast(
                                                        board, w.move().packed(), 0));
    }
}

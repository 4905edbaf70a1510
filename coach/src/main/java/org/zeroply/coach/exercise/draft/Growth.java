package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * Grows the lines of a scheme: at the solver's moves the best one, what equals it and what tempts;
 * at the opponent's every defence that must be considered; each to where nothing is left to be
 * found and what was won can be seen on the board.
 */
final class Growth {

    private static final String SEVERAL = CoachWords.of("exercise.several-moves-do-now");

    /** Plies of what follows that show what was won, where it is not asked for any more. */
    private static final int SHOWN_PLIES = 8;

    /** Up to here defences are shown that several moves answer. */
    private static final int TRIED = 4;

    /** So many first moves are looked at long enough to tell them apart: our choice. */
    private static final int TOLD_APART = 5;

    /** So many answers are looked at as defences, the best first: our choice. */
    private static final int DEFENCES = 6;

    /**
     * What the verdict at the end of the main line counts, before points are shared out: our
     * choice.
     */
    private static final double MAIN_VERDICT = 2.5;

    /** The weight of a defence, or a verdict, that is considered and then seen to be easy. */
    private static final double EASY = 0.6;

    /**
     * The main line ends after so many plies at the latest: beyond, a pupil writes no more down.
     * Our choice.
     */
    private static final int MAIN_PLIES = 19;

    /** Other lines end after so many plies at the latest: our choice. */
    private static final int SIDE_PLIES = 11;

    /** Moves of the solver in a row that need no finding, before something has to be found. */
    private static final int QUIET_STRETCH = 3;

    /** The best move is looked for on so many times the nodes at most. */
    private static final int SETTLING = 2;

    /** The same on the main line, which the rest stands on. */
    private static final int SETTLING_MAIN = 8;

    /** The best defence of the main line is looked for on so many times the nodes at most. */
    private static final int DEFENCES_MAIN = 4;

    /** The next moves are looked at on so many times the nodes before one move is asked for. */
    private static final int ASKED = 4;

    /**
     * Beside so many moves the best has to stand out when looked at longer: it and the next one.
     */
    private static final int RIVALS = 2;

    /** Searches that a scheme usually takes; progress goes by it. */
    private static final double USUAL_SEARCHES = 90;

    /** Searches after which side lines end where they are. */
    private static final int MOST_SEARCHES = 130;

    private final MoveEvaluator evaluator;
    private final TreeEditor editor;
    private final Side solver;
    private final Ways ways;
    private final Winnings winnings;
    private final Judgement judgement;
    private final Baits baits;
    private final DoubleConsumer progress;
    private final List<Effort> efforts = new ArrayList<>();
    private final Cancellation timeUp;
    private int searches;

    /**
     * @param ways which moves do as well as the best one
     * @param timeUp from then on lines end where they are
     */
    Growth(
            MoveEvaluator evaluator,
            TreeEditor editor,
            Side solver,
            Ways ways,
            DoubleConsumer progress,
            Cancellation timeUp) {
        this.evaluator = evaluator;
        this.editor = editor;
        this.solver = solver;
        this.ways = ways;
        this.winnings = new Winnings(editor.tree().start(), solver);
        this.judgement = new Judgement(evaluator, editor, solver);
        this.baits = new Baits(evaluator, editor, judgement);
        this.progress = progress;
        this.timeUp = timeUp;
    }

    /** What there is to find in the lines grown so far, in the order of their finding. */
    List<Effort> efforts() {
        return efforts;
    }

    private Optional<Choice> answerTo(Position position, boolean main) {
        counted();
        int times = main ? SETTLING_MAIN : SETTLING;
        return evaluator.thorough(position, TOLD_APART, times * evaluator.nodes());
    }

    private void counted() {
        searches++;
        progress.accept(Math.min(0.9, 0.1 + searches / USUAL_SEARCHES));
    }

    /** Lets the branch of a node grow, whoever is to move there. */
    void branch(Node node) {
        int ply = node.depth();
        if (node.position().sideToMove() == solver) {
            answerTo(node.position(), true).ifPresent(c -> answer(node, c, ply, true));
        } else {
            defences(node, ply + 1, true);
        }
    }

    // ---- The solver's moves ---------------------------------------------------------------------

    /**
     * Adds the solver's move at a node, and goes on where it is the only good one. Where several
     * moves do, the line ends before them.
     */
    void answer(Node node, Choice found, int ply, boolean main) {
        boolean asks = !node.isRoot() && !timeUp.isCancelled() && !ways.areSeveral(found);
        // One move is asked for only where the next ones stay behind it when looked at longer.
        Choice choice = asks ? evaluator.longer(found, RIVALS, ASKED * evaluator.nodes()) : found;
        Weighed best = choice.best();
        if (ways.areSeveral(choice) && !node.isRoot()) {
            editor.comment(node, SEVERAL);
            end(node, main ? MAIN_VERDICT : ply <= 3 ? EASY : 0);
            if (main) {
                show(node, best);
            }
            return;
        }
        Node child = editor.add(node, best.move());
        List<Weighed> equal = ways.reaching(choice);
        boolean hard = mustBeFound(node.move(), choice, 1);
        if (hard) {
            efforts.add(new Effort(child, weight(node.position(), choice), false));
            say(child, choice);
        }
        equal.forEach(w -> equal(node, w.move()));
        if (hard && main && !node.isRoot()) {
            tempt(node, choice, List.of(), 1);
        }
        int most = timeUp.isCancelled() ? 0 : main ? MAIN_PLIES : SIDE_PLIES;
        boolean goesOn = equal.isEmpty() && ply < most;
        if (!goesOn
                || isRepeated(child)
                || isSettled(child, best)
                || !defences(child, ply + 1, main)) {
            end(child, main ? MAIN_VERDICT : hard ? 1 : 0);
        }
    }

    /** Adds a move that does as well as the main one. */
    void equal(Node node, Move move) {
        Node other = editor.add(node, move);
        editor.annotate(other, a -> a.withEqual(true));
        judged(other);
    }

    /**
     * Adds tempting moves at a node of the solver.
     *
     * @param wanted moves to try first
     * @param most how many to show
     * @return how many are shown
     */
    int tempt(Node node, Choice choice, List<Move> wanted, int most) {
        List<Move> good = ways.reaching(choice).stream().map(Weighed::move).toList();
        return baits.add(node, choice, wanted, good, most);
    }

    /** Goes on, without points, to where what was won can be seen. */
    private void show(Node node, Weighed best) {
        if (winnings.areShown(node.position())) {
            return;
        }
        Position p = node.position();
        List<Move> line = Line.start(best.line(), SHOWN_PLIES);
        for (int i = 0; i < line.size(); i++) {
            p = p.play(line.get(i));
            if (winnings.areShown(p)) {
                judged(editor.addLine(node, line.subList(0, i + 1)));
                return;
            }
        }
    }

    private void end(Node node, double weight) {
        judged(node);
        if (!Winnings.canBeTaken(node.position()) && !node.position().inCheck()) {
            judgement.say(node);
        }
        efforts.add(new Effort(node, weight, true));
    }

    /** Ends a line where the solver is to move, since several moves do. */
    void endBefore(Node node) {
        List.copyOf(node.children()).forEach(editor::delete);
        editor.comment(node, SEVERAL);
        end(node, 1);
    }

    /** Adds a defence that was not considered. */
    void defence(Node node, Move move) {
        if (node.child(move).isEmpty()) {
            Node child = editor.add(node, move);
            efforts.add(new Effort(child, 1, false));
            answerTo(child.position(), false)
                    .ifPresentOrElse(
                            c -> answer(child, c, child.depth() + 1, false), () -> judged(child));
        }
    }

    /** Names what the move is about. */
    private void say(Node child, Choice choice) {
        if (!child.parent().orElseThrow().isRoot()) {
            DraftWords.about(choice).ifPresent(text -> editor.comment(child, text));
        }
    }

    /**
     * Whether a move has to be looked for.
     *
     * @param others moves that may do as well
     */
    private boolean mustBeFound(Move last, Choice choice, int others) {
        return ways.doing(choice) <= others && Obvious.why(choice, Optional.of(last)).isEmpty();
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
     * @return what the position is worth to the solver
     */
    ExpectedScore judged(Node node) {
        counted();
        return judgement.write(node);
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
        boolean ahead = winnings.areShown(p) && ways.aim() != Aim.MATE;
        return ahead && best.result() == ResultClass.WIN && !p.inCheck() && !Winnings.canBeTaken(p);
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
        counted();
        Position p = node.position();
        Optional<Choice> known =
                main
                        ? evaluator.thorough(p, DEFENCES, DEFENCES_MAIN * evaluator.nodes())
                        : evaluator.choice(p, DEFENCES);
        if (known.isEmpty()) {
            return false;
        }
        List<Defence> chosen = choose(node, known.get(), ply, main);
        boolean nothing = chosen.stream().noneMatch(Defence::hard);
        if (nothing && ply > 2) {
            return main && further(node, chosen.get(0), ply);
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

    /**
     * Goes on through moves that need no finding, if something has to be found after them, or if
     * what was won is then to be seen on the board; else the line stays as it was.
     */
    private boolean further(Node node, Defence defence, int ply) {
        if (stretch(node) >= QUIET_STRETCH || defence.answer().isEmpty()) {
            return false;
        }
        int before = efforts.size();
        Node child = editor.add(node, defence.move().move());
        if (!isRepeated(child)) {
            answer(child, defence.answer().get(), ply, true);
            List<Effort> added = efforts.subList(before, efforts.size());
            boolean finds = added.stream().anyMatch(e -> e.weight() > 0 && !e.verdict());
            if (finds
                    || winnings.areShown(child.mainLineEnd().position())
                            && !winnings.areShown(node.position())) {
                return true;
            }
            added.clear();
        }
        editor.delete(child);
        return false;
    }

    /** Moves of the solver in a row, up to a node, that need no finding. */
    private int stretch(Node node) {
        int count = 0;
        for (Node n = node; n.parent().isPresent(); n = n.parent().get()) {
            Node move = n;
            boolean own = n.parent().get().position().sideToMove() == solver;
            boolean found = efforts.stream().anyMatch(e -> e.node() == move && !e.verdict());
            if (own && found) {
                return count;
            }
            count += own ? 1 : 0;
        }
        return count;
    }

    private List<Defence> choose(Node node, Choice choice, int ply, boolean main) {
        int most = main ? ply <= 4 ? 4 : 3 : ply <= 4 ? 2 : 1;
        List<Defence> chosen = new ArrayList<>();
        for (Weighed w : Plausible.defences(choice, ply, main)) {
            boolean first = chosen.isEmpty();
            if (chosen.size() == most
                    || !first && (searches > MOST_SEARCHES || timeUp.isCancelled())) {
                break;
            }
            Position after = node.position().play(w.move());
            Optional<Choice> answer = answerTo(after, main && first);
            boolean hard = answer.filter(a -> mustBeFound(w.move(), a, 0)).isPresent();
            boolean tried =
                    ply <= TRIED
                            && main
                            && answer.flatMap(a -> Obvious.why(a, Optional.of(w.move()))).isEmpty();
            if (first || hard || tried) {
                chosen.add(new Defence(w, answer, hard));
            }
        }
        return chosen;
    }
}

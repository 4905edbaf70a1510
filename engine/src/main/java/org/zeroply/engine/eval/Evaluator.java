package org.zeroply.engine.eval;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;

/** Evaluates positions without searching. One evaluator is for one thread. */
public final class Evaluator {

    private static final int PAWN_STRUCTURES = 1 << 12;

    private final Survey survey;
    private final Material material = new Material();
    private final BishopPair bishopPair = new BishopPair();
    private final Placement placement;
    private final Activity activity = new Activity();
    private final PawnStructure pawnStructure = new PawnStructure();
    private final PassedPawns passedPawns = new PassedPawns();
    private final Outposts outposts = new Outposts();
    private final Bishops bishops = new Bishops();
    private final RooksOnFiles rooks = new RooksOnFiles();
    private final KingSafety kingSafety = new KingSafety();
    private final Threats threats = new Threats();
    private final Space space = new Space();
    private final LoneKing loneKing = new LoneKing();
    private final Tempo tempo = new Tempo();
    private final List<Term> terms;

    /** With the weights the program is shipped with. */
    public Evaluator() {
        this(Weights.shipped(), PAWN_STRUCTURES);
    }

    /**
     * @param pawnStructures how many pawn structures to remember, a power of two; 1 for none
     */
    Evaluator(Weights weights, int pawnStructures) {
        survey = new Survey(weights, new PawnCache(pawnStructures));
        placement = new Placement(weights);
        terms =
                List.of(
                        material,
                        bishopPair,
                        placement,
                        activity,
                        pawnStructure,
                        passedPawns,
                        outposts,
                        bishops,
                        rooks,
                        kingSafety,
                        threats,
                        space,
                        loneKing,
                        tempo);
    }

    /** An evaluator with other weights, for tuning and comparing. */
    public static Evaluator with(Weights weights) {
        return new Evaluator(weights, PAWN_STRUCTURES);
    }

    /** Centipawns from the view of the side to move. */
    public int evaluate(Board board) {
        return evaluate(board, foundation(board));
    }

    /** The men and their places, counted anew: what {@link #evaluate(Board, int)} builds on. */
    public int foundation(Board board) {
        return placement.count(board);
    }

    /**
     * What a {@link #foundation} is worth halfway to the ending, in centipawns from White's view.
     */
    public static int roughly(int foundation) {
        return Taper.at(foundation, Taper.FULL_PHASE / 2);
    }

    /** What a legal packed move, not yet made, changes in the {@link #foundation}. */
    public int change(Board board, int move) {
        return placement.change(board, move);
    }

    /**
     * Centipawns from the view of the side to move.
     *
     * @param foundation the {@link #foundation} of this position
     */
    public int evaluate(Board board, int foundation) {
        Survey s = survey;
        s.take(board);
        int sum = foundation + sideTerms(s, s.white, s.black) - sideTerms(s, s.black, s.white);
        int white = Taper.at(sum, s.phase);
        white = white * Drawishness.scale(s, white) / Drawishness.FULL;
        return board.sideToMove() == 0 ? white : -white;
    }

    private int sideTerms(Survey s, Camp us, Camp them) {
        return Material.company(s, us)
                + bishopPair.of(s, us, them)
                + activity.of(s, us, them)
                + pawnStructure.of(s, us, them)
                + passedPawns.of(s, us, them)
                + outposts.of(s, us, them)
                + bishops.of(s, us, them)
                + rooks.of(s, us, them)
                + kingSafety.of(s, us, them)
                + threats.of(s, us, them)
                + space.of(s, us, them)
                + loneKing.of(s, us, them)
                + tempo.of(s, us, them);
    }

    /** The packed sum of all terms from White's view, each counted anew. */
    int sumOfTerms(Board board) {
        survey.take(board);
        int sum = 0;
        for (Term term : terms) {
            sum += term.of(survey, survey.white, survey.black);
            sum -= term.of(survey, survey.black, survey.white);
        }
        return sum;
    }

    /** What the last evaluation looked at. */
    Survey lastSurvey() {
        return survey;
    }

    /**
     * The evaluation taken apart; its total is exactly {@link #evaluate} from White's view. The
     * rounding, at most two centipawns a term, goes to Black's share, or to White's where Black has
     * none.
     */
    public EvaluationBreakdown explain(Position position) {
        Board board = position.toBoard();
        survey.take(board);
        List<EvaluationBreakdown.Entry> entries = new ArrayList<>();
        int sum = 0;
        for (Term term : terms) {
            int white = term.of(survey, survey.white, survey.black);
            int black = term.of(survey, survey.black, survey.white);
            int before = Taper.at(sum, survey.phase);
            sum += white - black;
            int gained = Taper.at(sum, survey.phase) - before;
            int whites = black == 0 ? gained : Taper.at(white, survey.phase);
            entries.add(new EvaluationBreakdown.Entry(term.name(), whites, whites - gained));
        }
        int plain = Taper.at(sum, survey.phase);
        int scale = Drawishness.scale(survey, plain);
        int lost = plain - plain * scale / Drawishness.FULL;
        entries.add(
                new EvaluationBreakdown.Entry(
                        Drawishness.NAME, Math.max(0, -lost), Math.max(0, lost)));
        return new EvaluationBreakdown(entries, survey.phase);
    }
}

package org.zeroply.engine.eval;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;

/** Evaluates positions without searching. One evaluator is for one thread. */
public final class Evaluator {

    private static final List<Term> TERMS =
            List.of(
                    new Material(),
                    new BishopPair(),
                    new Placement(),
                    new Activity(),
                    new PawnStructure(),
                    new PassedPawns(),
                    new KingSafety(),
                    new RooksOnFiles(),
                    new Threats(),
                    new LoneKing(),
                    new Tempo());

    private final Term[] terms = TERMS.toArray(Term[]::new);
    private final Survey survey = new Survey();

    /** Centipawns from the view of the side to move. */
    public int evaluate(Board board) {
        survey.take(board);
        int white = 0;
        for (Term term : terms) {
            white += Taper.at(term.of(survey, 0), survey.phase);
            white -= Taper.at(term.of(survey, 1), survey.phase);
        }
        return board.sideToMove() == 0 ? white : -white;
    }

    /** The evaluation taken apart; its total is exactly {@link #evaluate} from White's view. */
    public EvaluationBreakdown explain(Position position) {
        survey.take(position.toBoard());
        List<EvaluationBreakdown.Entry> entries = new ArrayList<>();
        for (Term term : terms) {
            entries.add(
                    new EvaluationBreakdown.Entry(
                            term.name(),
                            Taper.at(term.of(survey, 0), survey.phase),
                            Taper.at(term.of(survey, 1), survey.phase)));
        }
        return new EvaluationBreakdown(entries, survey.phase);
    }
}

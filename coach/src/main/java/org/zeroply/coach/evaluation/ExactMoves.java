package org.zeroply.coach.evaluation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.zeroply.chess.board.Conclusion;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.ending.ExactPawnEndings;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.endings.ExactLine;

/**
 * All moves of an ending that is known: by the tables, or as a pawn ending solved backwards. Their
 * lines are those of the tables, elsewhere the move alone.
 */
final class ExactMoves {

    /**
     * Centipawns that stand for a win of which only the promotion is known, less the moves to it:
     * the sooner the better, but all of them wins.
     */
    private static final int PROMOTES = 2_000;

    private static final int MOST_LESS = Weighed.EQUAL_CENTIPAWNS;

    private ExactMoves() {}

    /** All moves, best first; none when not every one of them is known, or when cancelled. */
    static List<Weighed> of(Position position, Endings endings, Cancellation cancellation) {
        List<Weighed> all = byTables(position, endings);
        if (!all.isEmpty()) {
            return all;
        }
        List<ExactPawnEndings.Known> known =
                ExactPawnEndings.moves(position, endings, cancellation);
        return known.size() == position.legalMoves().size()
                ? sorted(known.stream().map(ExactMoves::weighed))
                : List.of();
    }

    /** The moves known to draw, whether all are known or not. */
    static List<Move> draws(Position position, Endings endings, Cancellation cancellation) {
        List<Weighed> all = byTables(position, endings);
        return all.isEmpty()
                ? ExactPawnEndings.moves(position, endings, cancellation).stream()
                        .filter(k -> k.sign() == 0)
                        .map(ExactPawnEndings.Known::move)
                        .toList()
                : all.stream()
                        .filter(w -> w.expected().equals(ExpectedScore.DRAW))
                        .map(Weighed::move)
                        .toList();
    }

    private static List<Weighed> sorted(Stream<Weighed> moves) {
        return moves.sorted(Comparator.comparing(Weighed::score).reversed()).toList();
    }

    private static Weighed weighed(ExactPawnEndings.Known known) {
        int worth = PROMOTES - Math.min(MOST_LESS, known.plies());
        Score score = new Score.Centipawns(known.sign() * worth);
        ExpectedScore expected = new ExpectedScore((1 + known.sign()) / 2.0);
        return new Weighed(known.move(), score, expected, 0, List.of(known.move()), true);
    }

    /** The same by the tables alone. */
    static List<Weighed> byTables(Position position, Endings endings) {
        if (Long.bitCount(position.toBoard().occupied()) > endings.mostMen()) {
            return List.of();
        }
        List<Weighed> all = new ArrayList<>();
        for (Move move : position.legalMoves()) {
            Position after = position.play(move);
            boolean dead = Conclusion.isDead(after);
            int value = dead ? 0 : endings.probe(after.toBoard());
            if (value == Endings.UNKNOWN) {
                return List.of();
            }
            List<Move> line = new ArrayList<>(List.of(move));
            line.addAll(ExactLine.from(after.toBoard(), endings));
            all.add(weighed(move, value, line));
        }
        return sorted(all.stream());
    }

    /**
     * @param value what the tables say for the side that is to move after the move
     */
    private static Weighed weighed(Move move, int value, List<Move> line) {
        if (value == 0) {
            return new Weighed(move, new Score.Centipawns(0), ExpectedScore.DRAW, 0, line, true);
        }
        boolean wins = value < 0;
        int plies = wins ? -value - 1 : value;
        Score score = new Score.Mate(wins ? plies / 2 + 1 : -(plies + 1) / 2);
        ExpectedScore expected = wins ? ExpectedScore.WIN : ExpectedScore.LOSS;
        return new Weighed(move, score, expected, 0, line, true);
    }
}

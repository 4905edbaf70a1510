package org.zeroply.coach.insight;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * What a move gives up for good or for long, and what it gains for it: a rule has its exceptions,
 * and only both together tell whether this is one. Nothing here is searched.
 *
 * @param side who moves
 * @param gives what is given up, in words
 * @param gains what is gained, in words
 */
public record Concession(Side side, List<String> gives, List<String> gains) {

    /** Items of each kind that are told. */
    private static final int TOLD = 4;

    public Concession {
        gives = List.copyOf(gives);
        gains = List.copyOf(gains);
    }

    /** What a legal move gives up and gains; empty when it gives up nothing. */
    public static Optional<Concession> of(Position position, Move move) {
        if (move.isNull()) {
            return Optional.empty();
        }
        List<ConcessionFinder> ends =
                ends(position, move).stream()
                        .map(end -> new ConcessionFinder(position, move, end))
                        .toList();
        List<String> gives = common(ends.stream().map(ConcessionFinder::gives).toList());
        List<String> gains = common(ends.stream().map(ConcessionFinder::gains).toList());
        return gives.isEmpty()
                ? Optional.empty()
                : Optional.of(new Concession(position.sideToMove(), gives, gains));
    }

    /**
     * Where the move leads: after a capture, to the positions after each way to take back that
     * loses nothing.
     */
    private static List<Position> ends(Position position, Move move) {
        Position after = position.play(move);
        Board board = after.toBoard();
        List<Position> taken =
                after.legalMoves().stream()
                        .filter(m -> move.isCapture() && m.to() == move.to() && m.isCapture())
                        .filter(m -> LegalExchange.of(board, m.packed()) > 0)
                        .map(after::play)
                        .toList();
        return taken.isEmpty() ? List.of(after) : taken;
    }

    /** What all of them have, the first items. */
    private static List<String> common(List<List<String>> all) {
        return all.get(0).stream()
                .filter(item -> all.stream().allMatch(items -> items.contains(item)))
                .limit(TOLD)
                .toList();
    }

    /** The concession as a fact of the side that moves. */
    public Fact fact(Move move) {
        String gained =
                gains.isEmpty() ? CoachWords.of("insight.nothing-lasting") : Squares.join(gains);
        String text = CoachWords.of("insight.gives-up-gains", Squares.join(gives), gained);
        return Fact.of(FactKind.CONCESSION, side, text, move.from(), move.to())
                .with("gives", gives.size())
                .with("gains", gains.size());
    }
}

package org.zeroply.coach.fact.tactics;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Scene;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * The forcing moves of a side, whoever is to move: checks, captures, and threats.
 *
 * @param side whose moves
 * @param from the position they are played in: the other side has passed when it was its turn
 * @param moves the moves; none when the other side is in check and cannot pass
 */
public record ForcingMoves(Side side, Optional<Position> from, List<Forcing> moves) {

    /** A threat wins at least this much by the next capture. */
    private static final int HARM = 100;

    public ForcingMoves {
        moves = List.copyOf(moves);
    }

    /** In what way a move forces. */
    public enum Way {
        CHECK,
        CAPTURE,
        THREAT
    }

    /**
     * A forcing move.
     *
     * @param move the move
     * @param way check before capture before threat
     * @param exchange centipawns won or lost on its square by static exchange
     * @param threatens centipawns that the next capture would win, or {@link #MATE}; 0 for none
     */
    public record Forcing(Move move, Way way, int exchange, int threatens) {
        /** Stands for a threat of mate in one. */
        public static final int MATE = 20_000;

        /** Whether mate in one is threatened. */
        public boolean threatensMate() {
            return threatens >= MATE;
        }
    }

    /** The forcing moves of a side: checks first, then captures, each by exchange, then threats. */
    public static ForcingMoves of(Scene scene, Side side) {
        Optional<Position> from = scene.withMove(side);
        List<Forcing> moves = new ArrayList<>();
        from.ifPresent(
                position -> {
                    Board board = position.toBoard();
                    int before = next(board);
                    for (Move move : position.legalMoves()) {
                        forcing(board, move, before).ifPresent(moves::add);
                    }
                });
        moves.sort(
                (a, b) ->
                        a.way() != b.way()
                                ? a.way().compareTo(b.way())
                                : b.exchange() != a.exchange()
                                        ? Integer.compare(b.exchange(), a.exchange())
                                        : Integer.compare(b.threatens(), a.threatens()));
        return new ForcingMoves(side, from, moves);
    }

    private static Optional<Forcing> forcing(Board board, Move move, int before) {
        int exchange = LegalExchange.of(board, move.packed());
        board.make(move.packed());
        boolean check = board.inCheck();
        int threatens = 0;
        if (!check) {
            board.makeNull();
            threatens = next(board);
            board.unmakeNull();
        }
        board.unmake(move.packed());
        if (check) {
            return Optional.of(new Forcing(move, Way.CHECK, exchange, 0));
        }
        boolean threat = threatens >= HARM && threatens > before && exchange >= 0;
        if (move.isCapture()) {
            int more = threat ? threatens : 0;
            return Optional.of(new Forcing(move, Way.CAPTURE, exchange, more));
        }
        return threat
                ? Optional.of(new Forcing(move, Way.THREAT, exchange, threatens))
                : Optional.empty();
    }

    /** What the side to move wins at best by one exchange, or mate in one. */
    private static int next(Board board) {
        int[] moves = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.all(board, moves, 0);
        int best = 0;
        for (int i = 0; i < count; i++) {
            board.make(moves[i]);
            boolean mate = board.inCheck() && !MoveGenerator.any(board);
            board.unmake(moves[i]);
            if (mate) {
                return Forcing.MATE;
            }
            if (Move.isCapture(moves[i])) {
                best = Math.max(best, LegalExchange.of(board, moves[i]));
            }
        }
        return best;
    }
}

package org.zeroply.coach.fact.tactics;

import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.engine.exchange.LegalExchange;

/** What a line wins in material. */
public final class LineGain {

    /** Centipawns from which on a capture pays. */
    private static final int PROFIT = 50;

    private LineGain() {}

    /**
     * The material a line wins for who moves first, in hundredths of a point on the scale
     * 1-3-3-5-9, negative when it loses some. It is counted after the last reply, so that a capture
     * at the very end of the line, which may yet be answered, does not count; a line of one move is
     * counted as it stands.
     */
    public static int hundredths(Position start, List<Move> line) {
        return won(start, end(start, line));
    }

    /** The balance where the material is counted. */
    private static MaterialBalance end(Position start, List<Move> line) {
        int counted = line.size() < 2 ? line.size() : line.size() - line.size() % 2;
        return MaterialBalance.of(start.play(line.subList(0, counted)));
    }

    /**
     * The balance when the forced part of a line is over: at the last position of it in which
     * nobody is in check and nothing can be taken at a profit; at the start where there is none.
     */
    public static MaterialBalance settled(Position start, List<Move> line) {
        Position quiet = start;
        Position now = start;
        for (Move move : line) {
            now = now.play(move);
            quiet = isQuiet(now) ? now : quiet;
        }
        return MaterialBalance.of(quiet);
    }

    /** The same in words, as what a side has given up for what: {@code a rook for a pawn}. */
    public static String given(Position start, List<Move> line, Side side) {
        return settled(start, line).given(MaterialBalance.of(start), side);
    }

    /**
     * The material that the forced part of a line wins for who moves first, in hundredths of a
     * point; see {@link #settled}.
     */
    public static int settledHundredths(Position start, List<Move> line) {
        return won(start, settled(start, line));
    }

    private static boolean isQuiet(Position position) {
        Board board = position.toBoard();
        return !position.inCheck()
                && position.legalMoves().stream()
                        .filter(m -> m.isCapture() || m.promotion().isPresent())
                        .noneMatch(m -> LegalExchange.isAtLeast(board, m.packed(), PROFIT));
    }

    private static int won(Position start, MaterialBalance then) {
        Side side = start.sideToMove();
        int before = MaterialBalance.of(start).lead(side, MaterialScale.SCHOOL);
        return then.lead(side, MaterialScale.SCHOOL) - before;
    }
}

package org.zeroply.coach.tactics;

import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.balance.MaterialBalance;
import org.zeroply.coach.balance.MaterialScale;

/** What a line wins in material. */
public final class LineGain {

    private LineGain() {}

    /**
     * The material a line wins for who moves first, in hundredths of a point on the scale
     * 1-3-3-5-9, negative when it loses some. It is counted after the last reply, so that a capture
     * at the very end of the line, which may yet be answered, does not count; a line of one move is
     * counted as it stands.
     */
    public static int hundredths(Position start, List<Move> line) {
        Side side = start.sideToMove();
        return lead(end(start, line), side) - lead(MaterialBalance.of(start), side);
    }

    /** The balance where the material is counted. */
    public static MaterialBalance end(Position start, List<Move> line) {
        int counted = line.size() < 2 ? line.size() : line.size() - line.size() % 2;
        Position end = start;
        for (Move move : line.subList(0, counted)) {
            end = end.play(move);
        }
        return MaterialBalance.of(end);
    }

    private static int lead(MaterialBalance balance, Side side) {
        return balance.lead(side, MaterialScale.SCHOOL);
    }
}

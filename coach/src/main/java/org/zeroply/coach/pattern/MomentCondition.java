package org.zeroply.coach.pattern;

import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;

/**
 * The review of the game stopped at the move that was played here.
 *
 * @param kind one of {@link GameMoment#KINDS}; empty for any
 * @param side whom it teaches something; empty for either
 */
record MomentCondition(String kind, Optional<Side> side) implements Condition {

    @Override
    public boolean holds(Situation situation) {
        for (GameMoment moment : situation.moments()) {
            if (moment.ply() == situation.ply() + 1
                    && (kind.isEmpty() || kind.equals(moment.kind()))
                    && side.map(s -> s == moment.side()).orElse(true)) {
                return true;
            }
        }
        return false;
    }

    @Override
    public String text() {
        String whose = side.map(s -> s.smallWord() + " ").orElse("");
        return whose + "moment" + (kind.isEmpty() ? "" : " " + kind);
    }

    @Override
    public Condition under(Symmetry way) {
        return new MomentCondition(kind, side.map(way::side));
    }

    @Override
    public boolean asksReview() {
        return true;
    }
}

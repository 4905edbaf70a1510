package org.zeroply.coach.defence.elimination;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.fact.tactics.theme.ThemeFinder;

/** Names what the refutation of a move turns on. */
final class Motif {

    /** Hundredths of a pawn from which a refutation wins material: a pawn. */
    private static final int MATERIAL = 100;

    /**
     * Hundredths of a pawn from which a side is down in material before the move: two pawns, our
     * choice.
     */
    private static final int DOWN = 200;

    private Motif() {}

    /**
     * The motif in a word: a theme, else what the line brings.
     *
     * @param weighed the refuted move with its line
     * @param result what is left after it
     */
    static String of(Position position, Weighed weighed, Holding result) {
        List<Move> line = weighed.line();
        Position after = position.play(weighed.move());
        List<Move> reply = line.subList(1, line.size());
        if (after.isStalemate() || reply.isEmpty()) {
            return after.isStalemate() ? "stalemate" : "none";
        }
        Optional<Theme> theme = ThemeFinder.main(after, reply);
        if (theme.isPresent()) {
            return theme.get().word();
        }
        if (LineGain.hundredths(after, reply) >= MATERIAL) {
            return "material";
        }
        if (result == Holding.DRAW) {
            return "lets-go";
        }
        return weighed.exact()
                ? "lost-ending"
                : down(position) >= DOWN ? "material-down" : "position";
    }

    /** Hundredths of a point by which the side to move is behind already. */
    private static int down(Position position) {
        return -MaterialBalance.of(position).lead(position.sideToMove(), MaterialScale.SCHOOL);
    }
}

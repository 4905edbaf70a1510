package org.zeroply.coach.fact.tactics.theme;

import java.util.Optional;
import java.util.function.Consumer;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.engine.exchange.LegalExchange;

/** What guarded a man or a mating square is taken, drawn away, or shut out. */
final class GuardThemes implements LineTheme {

    @Override
    public void look(LineStudy line, int i, Consumer<Theme> found) {
        if (!line.has(i + 2)) {
            return;
        }
        Move move = line.move(i);
        Move reply = line.move(i + 1);
        if (isRemoved(line, i)) {
            found.accept(Theme.GUARD_REMOVED);
        } else if (isDrawnAway(line, i) && wasHeldBy(line, i, reply.from())) {
            boolean twice =
                    line.isTaken(i)
                            && move.isCapture()
                            && line.scene(i).guards(reply.from(), move.to());
            found.accept(twice ? Theme.OVERLOAD : Theme.DEFLECTION);
        } else if (isShutOut(line, i)) {
            found.accept(Theme.INTERFERENCE);
        }
        if (isThrough(line, i)) {
            found.accept(Theme.X_RAY);
        }
    }

    private static boolean isRemoved(LineStudy line, int i) {
        return line.move(i).isCapture() && wasHeldBy(line, i, line.move(i).to());
    }

    /** The guard takes what was offered, answers a check, or is driven off by another man. */
    private static boolean isDrawnAway(LineStudy line, int i) {
        Move move = line.move(i);
        Move reply = line.move(i + 1);
        boolean king = line.scene(i).typeAt(reply.from()) == PieceType.KING;
        if (line.isTaken(i)) {
            return true;
        }
        if (king || line.move(i + 2).from() == move.to()) {
            return false;
        }
        boolean driven =
                LegalExchange.threatTo(line.board(i + 1), reply.from()) >= LineStudy.GAIN
                        && LegalExchange.threatTo(line.board(i), reply.from()) <= 0;
        return line.checks(i) || driven;
    }

    /**
     * Whether the next own move reaches its goal only because a man that guarded its target does so
     * no more.
     */
    private static boolean wasHeldBy(LineStudy line, int i, int guard) {
        int target = line.move(i + 2).to();
        if (target == line.move(i).to() || !line.scores(i + 2) || line.isEmpty(i, guard)) {
            return false;
        }
        Scene before = line.scene(i);
        if (before.sideAt(guard) == line.side() || !before.guards(guard, target)) {
            return false;
        }
        return line.mates(i + 2) ? hinderedMate(line, i, guard) : wasSafe(line, i, guard, target);
    }

    /** Whether a man could not be won while the guard stood there, and could without it. */
    private static boolean wasSafe(LineStudy line, int i, int guard, int target) {
        return !line.isEmpty(i, target)
                && LegalExchange.threatTo(line.board(i), target) <= 0
                && LegalExchange.threatWithout(line.board(i), target, guard) >= LineStudy.GAIN;
    }

    /** Whether the mating move was possible before, and the guard could have taken. */
    private static boolean hinderedMate(LineStudy line, int i, int guard) {
        Move mate = line.move(i + 2);
        Optional<Position> early = line.sameIn(i, mate).map(line.position(i)::play);
        return early.filter(p -> !p.isCheckmate())
                .filter(
                        p ->
                                p.legalMoves().stream()
                                        .anyMatch(m -> m.from() == guard && m.to() == mate.to()))
                .isPresent();
    }

    /** A man steps between a line piece and what it guarded. */
    private static boolean isShutOut(LineStudy line, int i) {
        int step = line.move(i).to();
        int target = line.move(i + 2).to();
        if (line.move(i).isCapture() || step == target || !line.scores(i + 2)) {
            return false;
        }
        Scene before = line.scene(i);
        Scene after = line.scene(i + 2);
        for (int guard : Squares.list(before.men(line.enemy()))) {
            boolean shut =
                    Squares.has(before.attacks(guard), target)
                            && Squares.has(Attacks.between(guard, target), step)
                            && Squares.has(after.men(line.enemy()), guard)
                            && !Squares.has(after.attacks(guard), target);
            if (shut && wasHeldBy(line, i, guard)) {
                return true;
            }
        }
        return false;
    }

    /** An own line piece takes back through where the man stood that has just taken. */
    private static boolean isThrough(LineStudy line, int i) {
        Move reply = line.move(i + 1);
        Move back = line.move(i + 2);
        return line.isTaken(i)
                && back.to() == reply.to()
                && line.scene(i).position().pieceAt(back.from()).isPresent()
                && Squares.has(Attacks.between(back.from(), back.to()), reply.from());
    }
}

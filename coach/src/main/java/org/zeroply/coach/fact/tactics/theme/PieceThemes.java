package org.zeroply.coach.fact.tactics.theme;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.tactics.ForkFacts;
import org.zeroply.coach.fact.tactics.LineFacts;
import org.zeroply.engine.exchange.LegalExchange;

/** Forks, discoveries, skewers, pins and trapped pieces: what one man does to others. */
final class PieceThemes implements LineTheme {

    private static final int GAIN = LineStudy.GAIN;

    @Override
    public void look(LineStudy line, int i, Consumer<Theme> found) {
        boolean pins = areTakersPinned(line, i);
        boolean counter = false;
        if (line.has(i + 2)) {
            counter = isCounterPin(line, i);
            pins |= isPinnedManTaken(line, i) && !counter;
            tell(found, Theme.FORK, isFork(line, i));
            tell(found, Theme.DISCOVERED_ATTACK, isDiscovery(line, i));
            tell(found, Theme.SKEWER, isSkewer(line, i));
            tell(found, Theme.TRAPPED_PIECE, !pins && !counter && isTrapped(line, i));
        }
        tell(found, Theme.COUNTER_PIN, counter);
        tell(found, Theme.PIN, pins);
    }

    private static void tell(Consumer<Theme> found, Theme theme, boolean is) {
        if (is) {
            found.accept(theme);
        }
    }

    /** The forking man itself takes one of two targets. */
    private static boolean isFork(LineStudy line, int i) {
        Move next = line.move(i + 2);
        int square = line.move(i).to();
        long targets = ForkFacts.targets(line.scene(i + 1), line.side(), square);
        return next.isCapture()
                && Long.bitCount(targets) >= 2
                && next.from() == square
                && Squares.has(targets, next.to());
    }

    /** A man that was behind the one that moved takes along the line opened, or checks along it. */
    private static boolean isDiscovery(LineStudy line, int i) {
        Move move = line.move(i);
        Move next = line.move(i + 2);
        if (!next.isCapture()) {
            return false;
        }
        Scene after = line.scene(i + 1);
        long checkers = after.attackers(line.side(), after.king(line.enemy()));
        boolean check = (checkers & ~(1L << move.to())) != 0 && !move.isCastling();
        boolean takes =
                next.from() != move.to()
                        && Squares.has(Attacks.line(next.from(), next.to()), move.from())
                        && Squares.has(Attacks.between(next.from(), next.to()), move.from())
                        && Squares.has(after.attacks(next.from()), next.to())
                        && Squares.has(line.scene(i).men(line.side()), next.from())
                        && Squares.has(after.occupied(), next.to());
        boolean worth = LegalExchange.threatTo(after.board(), next.to()) >= GAIN;
        return check && (next.from() == move.to() || takes) || takes && worth;
    }

    /** A line piece attacks a man that has to go, and takes what stood behind it. */
    private static boolean isSkewer(LineStudy line, int i) {
        int square = line.move(i).to();
        Move next = line.move(i + 2);
        return next.isCapture()
                && next.from() == square
                && LineFacts.of(line.scene(i + 1), line.side()).stream()
                        .filter(f -> f.kind() == FactKind.SKEWER)
                        .map(Fact::squares)
                        .anyMatch(s -> s.get(1) == square && s.get(2) == next.to());
    }

    /** The man taken was pinned and could not get away. */
    private static boolean isPinnedManTaken(LineStudy line, int i) {
        Move next = line.move(i + 2);
        Move reply = line.move(i + 1);
        Scene scene = line.scene(i + 1);
        boolean stays = reply.from() != next.to() && reply.to() != next.to();
        return next.isCapture()
                && stays
                && Squares.has(scene.occupied(), next.to())
                && scene.typeAt(next.to()) != PieceType.PAWN
                && pins(scene, line.side()).anyMatch(f -> f.squares().get(0) == next.to())
                && LegalExchange.threatTo(scene.board(), next.to()) > 0;
    }

    private static Stream<Fact> pins(Scene scene, Side side) {
        return LineFacts.of(scene, side).stream()
                .filter(f -> f.kind() == FactKind.PIN && !f.traits().contains("square"));
    }

    /** The man that moved could be taken, were not all that attack it pinned to the king. */
    private static boolean areTakersPinned(LineStudy line, int i) {
        Scene after = line.scene(i + 1);
        int square = line.move(i).to();
        long takers = after.attackers(line.enemy(), square) & ~(1L << after.king(line.enemy()));
        boolean none = after.position().legalMoves().stream().noneMatch(m -> m.to() == square);
        return line.move(i).isCapture() && takers != 0 && none && !line.checks(i);
    }

    /** What pinned an own man is itself pinned, and is taken or let go by the man it held. */
    private static boolean isCounterPin(LineStudy line, int i) {
        Move next = line.move(i + 2);
        List<Integer> pinned =
                pins(line.scene(i + 1), line.side())
                        .map(Fact::squares)
                        .filter(s -> s.get(1) == line.move(i).to())
                        .map(s -> s.get(0))
                        .toList();
        return !pinned.isEmpty()
                && pins(line.scene(i), line.enemy())
                        .map(Fact::squares)
                        .filter(s -> pinned.contains(s.get(1)))
                        .anyMatch(
                                s ->
                                        next.isCapture() && next.to() == s.get(1)
                                                || next.from() == s.get(0));
    }

    /** The man attacked had no square to go to. */
    private static boolean isTrapped(LineStudy line, int i) {
        Move next = line.move(i + 2);
        int target = next.to();
        Scene after = line.scene(i + 1);
        boolean stays = line.move(i + 1).from() != target;
        if (!next.isCapture()
                || !stays
                || line.checks(i)
                || !Squares.has(after.occupied(), target)) {
            return false;
        }
        PieceType type = after.typeAt(target);
        if (type == PieceType.PAWN || type == PieceType.KING) {
            return false;
        }
        boolean attacked = LegalExchange.threatTo(after.board(), target) >= GAIN;
        boolean wasAttacked = LegalExchange.threatTo(line.board(i), target) >= GAIN;
        return attacked
                && !wasAttacked
                && after.position().legalMoves().stream()
                        .filter(m -> m.from() == target)
                        .allMatch(m -> LegalExchange.of(after.board(), m.packed()) <= -GAIN / 2);
    }
}

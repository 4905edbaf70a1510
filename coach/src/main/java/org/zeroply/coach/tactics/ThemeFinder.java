package org.zeroply.coach.tactics;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * Recognises the themes of a line that wins: precise rather than eager. A theme is told only when
 * the line itself carries it out, a fork when the forking man goes on to take what it forked. What
 * wins neither two points nor the game has no theme.
 */
public final class ThemeFinder {

    /** Own moves looked at; later ones are no longer what the line turns on. */
    private static final int OWN_MOVES = 4;

    /** Hundredths of a point that a line must win, the exchange. */
    private static final int GAIN = 200;

    private static final int MATE_PLIES = 11;

    private final List<Position> positions = new ArrayList<>();
    private final List<Move> line;
    private final Side side;
    private final Set<Theme> found = EnumSet.noneOf(Theme.class);

    private ThemeFinder(Position start, List<Move> line) {
        this.line = line;
        this.side = start.sideToMove();
        positions.add(start);
        line.forEach(m -> positions.add(last().play(m)));
    }

    /**
     * The themes of a line, what it turns on first.
     *
     * @param start the position before the line; who is to move there is who wins
     */
    public static List<Theme> of(Position start, List<Move> line) {
        return line.isEmpty() ? List.of() : new ThemeFinder(start, line).themes();
    }

    /** What a line turns on above all, if it has a theme. */
    public static Optional<Theme> main(Position start, List<Move> line) {
        return of(start, line).stream().findFirst();
    }

    private Position last() {
        return positions.get(positions.size() - 1);
    }

    private List<Theme> themes() {
        List<Theme> ordered = new ArrayList<>();
        if (last().isCheckmate() && line.size() % 2 == 1 && line.size() <= MATE_PLIES) {
            ordered.add(isBackRank() ? Theme.BACK_RANK : Theme.MATE);
        } else if (isPawnEnding(positions.get(0))) {
            ordered.add(Theme.PAWN_ENDING);
        }
        if (ordered.isEmpty() && LineGain.hundredths(positions.get(0), line) < GAIN) {
            return ordered;
        }
        for (int i = 0; i < line.size() && i < 2 * OWN_MOVES; i += 2) {
            found.clear();
            look(i);
            found.stream().filter(t -> !ordered.contains(t)).forEach(ordered::add);
        }
        return ordered;
    }

    private static boolean isPawnEnding(Position p) {
        Scene scene = new Scene(p);
        return scene.pawns() != 0 && scene.pieces(Side.WHITE) == 0 && scene.pieces(Side.BLACK) == 0;
    }

    /** Mated along its own first rank by a rook or queen, shut in by its own men. */
    private boolean isBackRank() {
        Scene scene = new Scene(last());
        Side mated = side.other();
        int king = scene.king(mated);
        int to = line.get(line.size() - 1).to();
        PieceType type = scene.typeAt(to);
        boolean along = Squares.rank(mated, king) == 0 && Squares.rank(mated, to) == 0;
        long front = Attacks.king(king) & Squares.ofRank(mated, 1);
        return along
                && (type == PieceType.ROOK || type == PieceType.QUEEN)
                && Long.bitCount(front & ~scene.men(mated)) <= 1;
    }

    private void look(int i) {
        Position before = positions.get(i);
        Move move = line.get(i);
        if (i == 0 && move.isCapture()) {
            hanging(before, move);
        }
        move.promotion().ifPresent(p -> found.add(Theme.PROMOTION));
        Scene after = new Scene(positions.get(i + 1));
        pinnedGuard(after, move);
        if (i + 2 >= line.size()) {
            return;
        }
        Move next = line.get(i + 2);
        if (!next.isCapture()) {
            return;
        }
        fork(after, move, next);
        discovered(before, after, move, next);
        skewer(after, move, next);
        pinned(i, next);
        guardRemoved(i, move, next);
        trapped(i, after, next);
    }

    private void hanging(Position before, Move move) {
        boolean piece =
                before.pieceAt(move.to()).filter(p -> p.type() != PieceType.PAWN).isPresent();
        if (piece && LegalExchange.of(before.toBoard(), move.packed()) >= GAIN) {
            found.add(Theme.HANGING_PIECE);
        }
    }

    /** The forking man itself takes one of two targets. */
    private void fork(Scene after, Move move, Move next) {
        long targets = ForkFacts.targets(after, side, move.to());
        if (Long.bitCount(targets) >= 2
                && next.from() == move.to()
                && Squares.has(targets, next.to())) {
            found.add(Theme.FORK);
        }
    }

    /** A man that was behind the one that moved takes along the line opened, or checks along it. */
    private void discovered(Position before, Scene after, Move move, Move next) {
        int king = after.king(side.other());
        long checkers = after.attackers(side, king);
        boolean check = (checkers & ~(1L << move.to())) != 0 && !move.isCastling();
        boolean takes =
                next.from() != move.to()
                        && Squares.has(Attacks.line(next.from(), next.to()), move.from())
                        && Squares.has(Attacks.between(next.from(), next.to()), move.from())
                        && Squares.has(after.attacks(next.from()), next.to())
                        && before.pieceAt(next.from()).filter(p -> p.side() == side).isPresent()
                        && after.position().pieceAt(next.to()).isPresent();
        boolean worth = LegalExchange.threatTo(after.board(), next.to()) >= GAIN;
        if (check && (next.from() == move.to() || takes) || takes && worth) {
            found.add(Theme.DISCOVERED_ATTACK);
        }
    }

    /** A line piece attacks a man that has to go, and takes what stood behind it. */
    private void skewer(Scene after, Move move, Move next) {
        boolean skewer =
                LineFacts.of(after, side).stream()
                        .filter(f -> f.kind() == FactKind.SKEWER)
                        .anyMatch(f -> has(f, 1, move.to()) && has(f, 2, next.to()));
        if (skewer && next.from() == move.to()) {
            found.add(Theme.SKEWER);
        }
    }

    /** The man taken was pinned and could not get away. */
    private void pinned(int i, Move next) {
        Scene scene = new Scene(positions.get(i + 1));
        boolean stays = line.get(i + 1).from() != next.to() && line.get(i + 1).to() != next.to();
        boolean pinned =
                LineFacts.of(scene, side).stream()
                        .filter(f -> f.kind() == FactKind.PIN && !f.traits().contains("square"))
                        .anyMatch(f -> has(f, 0, next.to()));
        boolean attacked = LegalExchange.threatTo(scene.board(), next.to()) > 0;
        if (stays && pinned && attacked && scene.typeAt(next.to()) != PieceType.PAWN) {
            found.add(Theme.PIN);
        }
    }

    /** The man that moved could be taken, were not all that attack it pinned to the king. */
    private void pinnedGuard(Scene after, Move move) {
        Side enemy = side.other();
        long takers = after.attackers(enemy, move.to()) & ~(1L << after.king(enemy));
        boolean none = after.position().legalMoves().stream().noneMatch(m -> m.to() == move.to());
        if (takers != 0 && none && !after.position().inCheck() && move.isCapture()) {
            found.add(Theme.PIN);
        }
    }

    private static boolean has(Fact fact, int index, int square) {
        return fact.squares().size() > index && fact.squares().get(index) == square;
    }

    /** What the move took, or drew away, had guarded what is taken next. */
    private void guardRemoved(int i, Move move, Move next) {
        Board before = positions.get(i).toBoard();
        Move reply = line.get(i + 1);
        if (before.codeAt(next.to()) == 0 || next.to() == move.to()) {
            return;
        }
        boolean safe = LegalExchange.threatTo(before, next.to()) <= 0;
        int guard = move.isCapture() ? move.to() : reply.to() == move.to() ? reply.from() : -1;
        if (guard < 0 || before.codeAt(guard) == 0 || guard == before.kingSquare(other(before))) {
            return;
        }
        Scene scene = new Scene(positions.get(i));
        boolean guarded = Squares.has(scene.attacks(guard), next.to());
        boolean loose = LegalExchange.threatWithout(before, next.to(), guard) >= GAIN;
        if (safe && guarded && loose) {
            found.add(Theme.GUARD_REMOVED);
        }
    }

    private static int other(Board board) {
        return 1 - board.sideToMove();
    }

    /** The man attacked had no square to go to. */
    private void trapped(int i, Scene after, Move next) {
        int target = line.get(i + 1).from() == next.to() ? -1 : next.to();
        if (target < 0 || after.position().pieceAt(target).isEmpty()) {
            return;
        }
        PieceType type = after.typeAt(target);
        boolean quiet = positions.get(i + 1).inCheck();
        if (type == PieceType.PAWN || type == PieceType.KING || quiet) {
            return;
        }
        boolean attacked = LegalExchange.threatTo(after.board(), target) >= GAIN;
        boolean wasAttacked = LegalExchange.threatTo(positions.get(i).toBoard(), target) >= GAIN;
        List<Move> ways =
                after.position().legalMoves().stream().filter(m -> m.from() == target).toList();
        boolean none =
                ways.stream()
                        .allMatch(m -> LegalExchange.of(after.board(), m.packed()) <= -GAIN / 2);
        if (attacked && !wasAttacked && none && !found.contains(Theme.PIN)) {
            found.add(Theme.TRAPPED_PIECE);
        }
    }
}

package org.zeroply.engine.exchange;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;

/**
 * Static exchange evaluation that can be told to people: both sides capture on one square in their
 * best order and stop when it does not pay, but only a man that may leave its place takes part.
 * What is pinned to its king takes along the pin or not at all; where a capture uncovers a man
 * behind, the other side may take that one instead. Slower than {@link StaticExchange}, which
 * searches use.
 */
public final class LegalExchange {

    private static final int KING = 5;
    private static final int QUEEN = 4;

    private final Board board;
    private final int square;

    /** Where the kings stand, by side. */
    private final int[] kings = new int[2];

    /** Checks that stand before the exchange begins and are left out of account. */
    private final long standing;

    private LegalExchange(Board board, int square, int first) {
        // Where the side in check is not the one to take, the check is as good as answered.
        this(board, square, board.sideToMove() == first ? 0 : board.checkers());
    }

    private LegalExchange(Board board, int square, long standing) {
        this.board = board;
        this.square = square;
        this.standing = standing;
        kings[0] = board.kingSquare(0);
        kings[1] = board.kingSquare(1);
    }

    /** Centipawns that a packed legal move wins (or loses, when negative) on its target square. */
    public static int of(Board board, int move) {
        int kind = Move.kind(move);
        if (kind == Move.KING_SIDE_CASTLING || kind == Move.QUEEN_SIDE_CASTLING) {
            return 0;
        }
        int side = board.sideToMove();
        int from = Move.from(move);
        int to = Move.to(move);
        LegalExchange exchange = new LegalExchange(board, to, side);
        long occupied = board.occupied() | 1L << to;
        if (kind == Move.EN_PASSANT) {
            occupied ^= 1L << (to ^ 8);
        }
        int placed = StaticExchange.placed(board, move);
        if (placed == KING) {
            exchange.kings[side] = to;
        }
        int value = StaticExchange.value(placed);
        return StaticExchange.atOnce(board, move) - exchange.answer(from, value, side, occupied);
    }

    /** Whether a packed legal move wins at least so many centipawns on its target square. */
    public static boolean isAtLeast(Board board, int move, int threshold) {
        return of(board, move) >= threshold;
    }

    /**
     * Centipawns that the other side wins by starting to capture the man on a square; 0 when it
     * does not pay, cannot be done or nothing stands there.
     */
    public static int threatTo(Board board, int square) {
        if (board.codeAt(square) == 0) {
            return 0;
        }
        int attacker = 1 - (board.codeAt(square) >> 3);
        int value = StaticExchange.value(board.typeAt(square));
        return new LegalExchange(board, square, attacker).best(value, attacker, board.occupied());
    }

    /**
     * Centipawns the other side would win by capturing a man, if it stood on another square and all
     * else were as it is; 0 when that would not pay.
     *
     * @param from where the man stands, 0-63
     * @param to where it would stand; whatever is there is taken off
     */
    public static int threatIfOn(Board board, int from, int to) {
        int enemy = 1 - (board.codeAt(from) >> 3);
        int type = board.typeAt(from);
        LegalExchange exchange = new LegalExchange(board, to, enemy);
        if (type == KING) {
            exchange.kings[1 - enemy] = to;
        }
        long occupied = board.occupied() & ~(1L << from) | 1L << to;
        return exchange.best(StaticExchange.value(type), enemy, occupied);
    }

    /**
     * Centipawns that the other side would win by starting to capture the man on a square, if one
     * of its guards were off the board; 0 when it would not pay.
     */
    public static int threatWithout(Board board, int square, int guard) {
        int attacker = 1 - (board.codeAt(square) >> 3);
        int value = StaticExchange.value(board.typeAt(square));
        long occupied = board.occupied() & ~(1L << guard);
        int king = board.kingSquare(1 - attacker);
        // A guard that is pinned guards as long as it stands.
        long checks = board.attackersTo(king, occupied) & board.pieces(attacker);
        return new LegalExchange(board, square, checks).best(value, attacker, occupied);
    }

    /**
     * Men of a side that can go to a square by taking there, as far as their own king allows it;
     * those behind others left out.
     */
    public static long takers(Board board, int square, int side) {
        return takers(board, square, side, 0);
    }

    /**
     * The same when some men have left their places: a man that only one enemy attacks is guarded
     * by all that may take once that one has taken, the king among them.
     */
    public static long takers(Board board, int square, int side, long gone) {
        LegalExchange exchange = new LegalExchange(board, square, side);
        long occupied = board.occupied() & ~gone;
        long takers = 0;
        long men = board.attackersTo(square, occupied) & board.pieces(side);
        for (long m = men; m != 0; m &= m - 1) {
            int from = Long.numberOfTrailingZeros(m);
            takers |= exchange.mayTake(from, side, occupied) ? m & -m : 0;
        }
        return takers;
    }

    /**
     * The best that a side gets for the man of this value on the square by taking; at least 0. All
     * its men are tried: where there are pins or checks, the least valuable is not always the one
     * to take with.
     */
    private int best(int value, int side, long occupied) {
        long attackers = board.attackersTo(square, occupied) & occupied & ~(1L << square);
        boolean guarded = (attackers & board.pieces(1 - side)) != 0;
        int best = 0;
        for (int type = 0; type <= KING && best < value; type++) {
            boolean promotes = type == 0 && (square < 8 || square >= 56);
            int placed = StaticExchange.value(promotes ? QUEEN : type);
            int won = value + placed - StaticExchange.value(type);
            long men = type == KING && guarded ? 0 : attackers & board.pieces(side, type);
            for (long m = men; m != 0 && best < won; m &= m - 1) {
                int from = Long.numberOfTrailingZeros(m);
                if (mayTake(from, side, occupied)) {
                    int king = kings[side];
                    kings[side] = type == KING ? square : king;
                    best = Math.max(best, won - answer(from, placed, side, occupied));
                    kings[side] = king;
                }
            }
        }
        return best;
    }

    /** What the other side gets after a capture: on the square, or of what was left behind. */
    private int answer(int from, int value, int side, long occupied) {
        long rest = occupied & ~(1L << from);
        return Math.max(best(value, 1 - side, rest), uncovered(from, side, rest));
    }

    /** Whether a man may capture on the square without giving up its king. */
    private boolean mayTake(int from, int side, long occupied) {
        return mayGo(from, square, side, occupied);
    }

    private boolean mayGo(int from, int to, int side, long occupied) {
        long after = occupied & ~(1L << from) | 1L << to;
        int king = kings[side] == from ? to : kings[side];
        long others = board.pieces(1 - side) & after & ~(1L << to | 1L << square | standing);
        return (board.attackersTo(king, after) & others) == 0;
    }

    /**
     * The most that the other side wins by taking a man in line behind the one that left its place;
     * nothing while it has to answer a check.
     *
     * @param rest what stands after that
     */
    private int uncovered(int from, int side, long rest) {
        long after = rest | 1L << square;
        long lines = board.piecesOfType(2) | board.piecesOfType(3) | board.piecesOfType(QUEEN);
        long enemies = board.pieces(1 - side) & rest & ~(1L << square) & lines;
        long sliders = board.attackersTo(from, after) & enemies;
        if (sliders == 0 || looksAt(from, kings[1 - side], side, after)) {
            return 0;
        }
        int most = 0;
        for (long s = sliders; s != 0; s &= s - 1) {
            int slider = Long.numberOfTrailingZeros(s);
            long line = Attacks.line(slider, from) & ~(1L << square);
            long seen = Attacks.of(board.typeAt(slider), slider, after) & line;
            for (long b = seen & rest & board.pieces(side); b != 0; b &= b - 1) {
                int behind = Long.numberOfTrailingZeros(b);
                long moved = after & ~(1L << slider) | 1L << behind;
                // The man that went to the square may itself pin the slider.
                if ((Attacks.between(slider, behind) & 1L << from) != 0
                        && board.typeAt(behind) != KING
                        && !looksAt(from, kings[1 - side], side, moved)
                        && mayGo(slider, behind, 1 - side, after)) {
                    boolean back = isTakenBack(from, slider, behind, side, after);
                    int lost = back ? StaticExchange.value(board.typeAt(slider)) : 0;
                    most = Math.max(most, StaticExchange.value(board.typeAt(behind)) - lost);
                }
            }
        }
        return most;
    }

    /** Whether the man that went from its place to the square attacks another square from there. */
    private boolean looksAt(int from, int target, int side, long after) {
        int type = board.typeAt(from);
        long reach = type == 0 ? Attacks.pawn(side, square) : Attacks.of(type, square, after);
        return (reach & 1L << target) != 0;
    }

    /** Whether a slider that takes behind the man that went to the square can be taken there. */
    private boolean isTakenBack(int from, int slider, int target, int side, long after) {
        long rest = after & ~(1L << slider);
        if (looksAt(from, target, side, after) && mayGo(square, target, side, rest)) {
            return true;
        }
        long men = board.attackersTo(target, rest) & rest & ~(1L << square) & board.pieces(side);
        for (long m = men; m != 0; m &= m - 1) {
            if (mayGo(Long.numberOfTrailingZeros(m), target, side, rest)) {
                return true;
            }
        }
        return false;
    }
}

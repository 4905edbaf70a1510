package org.zeroply.chess.board;

/**
 * Generates legal moves only: pins and checks are worked out first and every set of targets is
 * masked by them. Moves are written as packed ints; without an array they are only counted.
 */
public final class MoveGenerator {

    /** No position has more legal moves (the known maximum is 218). */
    public static final int MAX_MOVES = 256;

    private static final long RANK_1 = 0xffL;
    private static final long RANK_3 = RANK_1 << 16;
    private static final long RANK_6 = RANK_1 << 40;
    private static final long LAST_RANKS = RANK_1 | RANK_1 << 56;

    private MoveGenerator() {}

    /**
     * Writes all legal moves.
     *
     * @param out where to write, or null to count only
     * @param start index of the first move written
     * @return the index after the last move
     */
    public static int all(Board board, int[] out, int start) {
        return generate(board, out, start, -1L, true);
    }

    /** Writes the legal captures and all promotions to a queen; see {@link #all}. */
    public static int captures(Board board, int[] out, int start) {
        return generate(board, out, start, board.pieces(1 - board.sideToMove()), false);
    }

    /** The number of legal moves. */
    public static int count(Board board) {
        return generate(board, null, 0, -1L, true);
    }

    /** Whether the side to move has a legal move. */
    public static boolean any(Board board) {
        return count(board) > 0;
    }

    private static int generate(Board b, int[] out, int start, long wanted, boolean quiets) {
        int us = b.sideToMove();
        int them = 1 - us;
        long own = b.pieces(us);
        long enemy = b.pieces(them);
        long occupied = own | enemy;
        int king = b.kingSquare(us);
        int n = kingMoves(b, out, start, king, ~own & wanted);

        long diagonal = enemy & (b.piecesOfType(2) | b.piecesOfType(4));
        long straight = enemy & (b.piecesOfType(3) | b.piecesOfType(4));
        long checkers =
                Attacks.pawn(us, king) & b.pieces(them, 0)
                        | Attacks.knight(king) & b.pieces(them, 1)
                        | Attacks.bishop(king, occupied) & diagonal
                        | Attacks.rook(king, occupied) & straight;
        long allowed = -1L;
        if (checkers != 0) {
            if ((checkers & checkers - 1) != 0) {
                return n;
            }
            allowed = checkers | Attacks.between(king, Long.numberOfTrailingZeros(checkers));
        } else if (quiets) {
            n = castling(b, out, n, us, occupied);
        }
        long pinned = pinned(king, own, enemy, diagonal, straight);
        n = pawnMoves(b, out, n, allowed, pinned, king, quiets);
        n = enPassant(b, out, n, us);

        long targets = ~own & allowed & wanted;
        for (long s = b.pieces(us, 1) & ~pinned; s != 0; s &= s - 1) {
            int from = Long.numberOfTrailingZeros(s);
            n = write(out, n, from, Attacks.knight(from) & targets, enemy);
        }
        long queens = b.piecesOfType(4);
        for (long s = own & (b.piecesOfType(2) | queens); s != 0; s &= s - 1) {
            int from = Long.numberOfTrailingZeros(s);
            long to = Attacks.bishop(from, occupied) & targets;
            if ((pinned & 1L << from) != 0) {
                to &= Attacks.line(king, from);
            }
            n = write(out, n, from, to, enemy);
        }
        for (long s = own & (b.piecesOfType(3) | queens); s != 0; s &= s - 1) {
            int from = Long.numberOfTrailingZeros(s);
            long to = Attacks.rook(from, occupied) & targets;
            if ((pinned & 1L << from) != 0) {
                to &= Attacks.line(king, from);
            }
            n = write(out, n, from, to, enemy);
        }
        return n;
    }

    private static long pinned(int king, long own, long enemy, long diagonal, long straight) {
        long pinned = 0;
        long snipers =
                Attacks.bishop(king, enemy) & diagonal | Attacks.rook(king, enemy) & straight;
        for (; snipers != 0; snipers &= snipers - 1) {
            long between = Attacks.between(king, Long.numberOfTrailingZeros(snipers)) & own;
            if (between != 0 && (between & between - 1) == 0) {
                pinned |= between;
            }
        }
        return pinned;
    }

    private static int kingMoves(Board b, int[] out, int start, int king, long targets) {
        int them = 1 - b.sideToMove();
        long enemy = b.pieces(them);
        long without = b.occupied() ^ 1L << king;
        long safe = 0;
        for (long s = Attacks.king(king) & targets; s != 0; s &= s - 1) {
            int to = Long.numberOfTrailingZeros(s);
            if (!b.isAttacked(to, them, without)) {
                safe |= 1L << to;
            }
        }
        return write(out, start, king, safe, enemy);
    }

    private static int castling(Board b, int[] out, int start, int us, long occupied) {
        int n = start;
        int rights = b.castling() >> 2 * us & 3;
        if (rights == 0) {
            return n;
        }
        int shift = 56 * us;
        int king = Square.E1 + shift;
        int them = 1 - us;
        if ((rights & 1) != 0
                && (occupied & 0x60L << shift) == 0
                && !b.isAttacked(king + 1, them, occupied)
                && !b.isAttacked(king + 2, them, occupied)) {
            n = add(out, n, Move.pack(king, king + 2, Move.KING_SIDE_CASTLING));
        }
        if ((rights & 2) != 0
                && (occupied & 0x0eL << shift) == 0
                && !b.isAttacked(king - 1, them, occupied)
                && !b.isAttacked(king - 2, them, occupied)) {
            n = add(out, n, Move.pack(king, king - 2, Move.QUEEN_SIDE_CASTLING));
        }
        return n;
    }

    private static int pawnMoves(
            Board b, int[] out, int start, long allowed, long pinned, int king, boolean quiets) {
        int us = b.sideToMove();
        long pawns = b.pieces(us, 0);
        int n = pawnSet(b, out, start, pawns & ~pinned, allowed, quiets);
        for (long s = pawns & pinned; s != 0; s &= s - 1) {
            long line = Attacks.line(king, Long.numberOfTrailingZeros(s));
            n = pawnSet(b, out, n, s & -s, allowed & line, quiets);
        }
        return n;
    }

    private static int pawnSet(
            Board b, int[] out, int start, long pawns, long allowed, boolean quiets) {
        int us = b.sideToMove();
        long enemy = b.pieces(1 - us) & allowed;
        long empty = ~b.occupied();
        long one;
        long two;
        long left;
        long right;
        int up;
        if (us == 0) {
            up = 8;
            one = pawns << 8 & empty;
            two = (one & RANK_3) << 8 & empty & allowed;
            left = (pawns & ~Attacks.FILE_A) << 7 & enemy;
            right = (pawns & ~Attacks.FILE_H) << 9 & enemy;
        } else {
            up = -8;
            one = pawns >>> 8 & empty;
            two = (one & RANK_6) >>> 8 & empty & allowed;
            left = (pawns & ~Attacks.FILE_A) >>> 9 & enemy;
            right = (pawns & ~Attacks.FILE_H) >>> 7 & enemy;
        }
        one &= allowed;
        int n = pawnTargets(out, start, left, up - 1, Move.CAPTURE, quiets);
        n = pawnTargets(out, n, right, up + 1, Move.CAPTURE, quiets);
        if (quiets) {
            n = pawnTargets(out, n, two, 2 * up, Move.DOUBLE_PUSH, true);
            return pawnTargets(out, n, one, up, Move.QUIET, true);
        }
        return pawnTargets(out, n, one & LAST_RANKS, up, Move.QUIET, false);
    }

    private static int pawnTargets(
            int[] out, int start, long targets, int step, int kind, boolean allPromotions) {
        long plain = targets & ~LAST_RANKS;
        long promoting = targets & LAST_RANKS;
        if (out == null) {
            return start
                    + Long.bitCount(plain)
                    + Long.bitCount(promoting) * (allPromotions ? 4 : 1);
        }
        int n = start;
        for (long s = plain; s != 0; s &= s - 1) {
            int to = Long.numberOfTrailingZeros(s);
            out[n++] = Move.pack(to - step, to, kind);
        }
        for (long s = promoting; s != 0; s &= s - 1) {
            int to = Long.numberOfTrailingZeros(s);
            int lowest = allPromotions ? 0 : 3;
            for (int piece = 3; piece >= lowest; piece--) {
                out[n++] = Move.pack(to - step, to, Move.PROMOTION | kind | piece);
            }
        }
        return n;
    }

    private static int enPassant(Board b, int[] out, int start, int us) {
        int target = b.enPassantSquare();
        if (target < 0) {
            return start;
        }
        int n = start;
        for (long s = Attacks.pawn(1 - us, target) & b.pieces(us, 0); s != 0; s &= s - 1) {
            int from = Long.numberOfTrailingZeros(s);
            if (b.isEnPassantSafe(from, target)) {
                n = add(out, n, Move.pack(from, target, Move.EN_PASSANT));
            }
        }
        return n;
    }

    private static int add(int[] out, int n, int move) {
        if (out != null) {
            out[n] = move;
        }
        return n + 1;
    }

    private static int write(int[] out, int start, int from, long targets, long enemy) {
        if (out == null) {
            return start + Long.bitCount(targets);
        }
        int n = start;
        for (long s = targets & enemy; s != 0; s &= s - 1) {
            out[n++] = Move.pack(from, Long.numberOfTrailingZeros(s), Move.CAPTURE);
        }
        for (long s = targets & ~enemy; s != 0; s &= s - 1) {
            out[n++] = Move.pack(from, Long.numberOfTrailingZeros(s), Move.QUIET);
        }
        return n;
    }
}

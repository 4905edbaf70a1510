package org.zeroply.chess.board;

/**
 * Generates legal moves only: pins and checks are worked out first and every set of targets is
 * masked by them. Moves are written as packed ints; without an array they are only counted.
 */
public final class MoveGenerator {

    /** No position has more legal moves (the known maximum is 218). */
    public static final int MAX_MOVES = 256;

    /** What to generate: captures with promotions to a queen, the other moves, or both. */
    private static final int CAPTURES = 1;

    private static final int QUIETS = 2;

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
        return generate(board, out, start, -1L, CAPTURES | QUIETS);
    }

    /** Writes the legal captures and all promotions to a queen; see {@link #all}. */
    public static int captures(Board board, int[] out, int start) {
        return generate(board, out, start, board.pieces(1 - board.sideToMove()), CAPTURES);
    }

    /** Writes the legal moves that {@link #captures} leaves out; see {@link #all}. */
    public static int quiets(Board board, int[] out, int start) {
        return generate(board, out, start, ~board.occupied(), QUIETS);
    }

    /** The number of legal moves. */
    public static int count(Board board) {
        return generate(board, null, 0, -1L, CAPTURES | QUIETS);
    }

    /** Whether the side to move has a legal move. */
    public static boolean any(Board board) {
        return count(board) > 0;
    }

    /** Whether a packed move, from wherever it may come, is legal here. */
    public static boolean isLegal(Board b, int move) {
        int us = b.sideToMove();
        int from = Move.from(move);
        int to = Move.to(move);
        int kind = Move.kind(move);
        int code = b.codeAt(from);
        if (code == 0 || code >> 3 != us || (b.pieces(us) & 1L << to) != 0) {
            return false;
        }
        if (kind == Move.EN_PASSANT) {
            return (code & 7) == 1
                    && to == b.enPassantSquare()
                    && (Attacks.pawn(us, from) & 1L << to) != 0
                    && b.isEnPassantSafe(from, to);
        }
        if (kind == Move.KING_SIDE_CASTLING || kind == Move.QUEEN_SIDE_CASTLING) {
            boolean kingSide = kind == Move.KING_SIDE_CASTLING;
            int king = Square.E1 + 56 * us;
            return from == king
                    && to == (kingSide ? king + 2 : king - 2)
                    && !b.inCheck()
                    && canCastle(b, us, kingSide, b.occupied());
        }
        boolean taking = b.codeAt(to) != 0;
        if (taking != Move.isCapture(move) || (b.codeAt(to) & 7) == 6) {
            return false;
        }
        long occupied = b.occupied();
        boolean reached =
                (code & 7) == 1
                        ? isPawnStep(b, from, to, kind, us, taking)
                        : kind == (taking ? Move.CAPTURE : Move.QUIET)
                                && (Attacks.of((code & 7) - 1, from, occupied) & 1L << to) != 0;
        if (!reached) {
            return false;
        }
        long after = occupied & ~(1L << from) | 1L << to;
        int king = (code & 7) == 6 ? to : b.kingSquare(us);
        return (b.attackersTo(king, after) & b.pieces(1 - us) & ~(1L << to)) == 0;
    }

    private static boolean isPawnStep(Board b, int from, int to, int kind, int us, boolean taking) {
        boolean last = (1L << to & LAST_RANKS) != 0;
        if (last != kind >= Move.PROMOTION || kind > Move.EN_PASSANT && !last) {
            return false;
        }
        if (taking) {
            return (Attacks.pawn(us, from) & 1L << to) != 0;
        }
        int up = us == 0 ? 8 : -8;
        if (kind == Move.DOUBLE_PUSH) {
            return to == from + 2 * up
                    && from >> 3 == (us == 0 ? 1 : 6)
                    && b.codeAt(from + up) == 0;
        }
        return to == from + up;
    }

    private static int generate(Board b, int[] out, int start, long wanted, int parts) {
        int us = b.sideToMove();
        int them = 1 - us;
        long own = b.pieces(us);
        long enemy = b.pieces(them);
        long occupied = own | enemy;
        int king = b.kingSquare(us);
        int n = kingMoves(b, out, start, king, ~own & wanted);

        long checkers =
                Attacks.pawn(us, king) & b.pieces(them, 0)
                        | Attacks.knight(king) & b.pieces(them, 1);
        long pinned = 0;
        for (long s = b.sliders(king, them); s != 0; s &= s - 1) {
            long between = Attacks.between(king, Long.numberOfTrailingZeros(s)) & occupied;
            if (between == 0) {
                checkers |= s & -s;
            } else if ((between & between - 1) == 0) {
                pinned |= between & own;
            }
        }
        long allowed = -1L;
        if (checkers != 0) {
            if ((checkers & checkers - 1) != 0) {
                return n;
            }
            allowed = checkers | Attacks.between(king, Long.numberOfTrailingZeros(checkers));
        } else if ((parts & QUIETS) != 0) {
            n = castling(b, out, n, us, occupied);
        }
        n = pawnMoves(b, out, n, allowed, pinned, king, parts);
        if ((parts & CAPTURES) != 0) {
            n = enPassant(b, out, n, us);
        }

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
        if ((b.castling() >> 2 * us & 3) == 0) {
            return n;
        }
        int king = Square.E1 + 56 * us;
        if (canCastle(b, us, true, occupied)) {
            n = add(out, n, Move.pack(king, king + 2, Move.KING_SIDE_CASTLING));
        }
        if (canCastle(b, us, false, occupied)) {
            n = add(out, n, Move.pack(king, king - 2, Move.QUEEN_SIDE_CASTLING));
        }
        return n;
    }

    /** Whether a side that is not in check may castle to a wing. */
    private static boolean canCastle(Board b, int us, boolean kingSide, long occupied) {
        int shift = 56 * us;
        int right = (kingSide ? Board.WHITE_KING_SIDE : Board.WHITE_QUEEN_SIDE) << 2 * us;
        long path = (kingSide ? 0x60L : 0x0eL) << shift;
        if ((b.castling() & right) == 0 || (occupied & path) != 0) {
            return false;
        }
        int step = kingSide ? 1 : -1;
        int king = Square.E1 + shift;
        return !b.isAttacked(king + step, 1 - us, occupied)
                && !b.isAttacked(king + 2 * step, 1 - us, occupied);
    }

    private static int pawnMoves(
            Board b, int[] out, int start, long allowed, long pinned, int king, int parts) {
        int us = b.sideToMove();
        long pawns = b.pieces(us, 0);
        int n = pawnSet(b, out, start, pawns & ~pinned, allowed, parts);
        for (long s = pawns & pinned; s != 0; s &= s - 1) {
            long line = Attacks.line(king, Long.numberOfTrailingZeros(s));
            n = pawnSet(b, out, n, s & -s, allowed & line, parts);
        }
        return n;
    }

    private static int pawnSet(Board b, int[] out, int start, long pawns, long allowed, int parts) {
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
        int n = start;
        if ((parts & CAPTURES) != 0) {
            n = pawnTargets(out, n, left & ~LAST_RANKS, up - 1, Move.CAPTURE);
            n = pawnTargets(out, n, right & ~LAST_RANKS, up + 1, Move.CAPTURE);
        }
        if ((parts & QUIETS) != 0) {
            n = pawnTargets(out, n, two, 2 * up, Move.DOUBLE_PUSH);
            n = pawnTargets(out, n, one & ~LAST_RANKS, up, Move.QUIET);
        }
        if (((one | left | right) & LAST_RANKS) != 0) {
            n = promotions(out, n, left & LAST_RANKS, up - 1, Move.CAPTURE, parts);
            n = promotions(out, n, right & LAST_RANKS, up + 1, Move.CAPTURE, parts);
            n = promotions(out, n, one & LAST_RANKS, up, Move.QUIET, parts);
        }
        return n;
    }

    private static int pawnTargets(int[] out, int start, long targets, int step, int kind) {
        if (out == null) {
            return start + Long.bitCount(targets);
        }
        int n = start;
        for (long s = targets; s != 0; s &= s - 1) {
            int to = Long.numberOfTrailingZeros(s);
            out[n++] = Move.pack(to - step, to, kind);
        }
        return n;
    }

    private static int promotions(
            int[] out, int start, long targets, int step, int kind, int parts) {
        int highest = (parts & CAPTURES) != 0 ? 3 : 2;
        int lowest = (parts & QUIETS) != 0 ? 0 : 3;
        int n = start;
        for (long s = targets; s != 0; s &= s - 1) {
            int to = Long.numberOfTrailingZeros(s);
            for (int piece = highest; piece >= lowest; piece--) {
                n = add(out, n, Move.pack(to - step, to, Move.PROMOTION | kind | piece));
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

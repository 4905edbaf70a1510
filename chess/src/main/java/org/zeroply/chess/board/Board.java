package org.zeroply.chess.board;

import java.util.Arrays;

/**
 * The fast, mutable position that searches work on: one bitboard a piece type and side, a mailbox,
 * and an incremental key. Sides are 0 (white) and 1 (black), types 0 (pawn) to 5 (king).
 *
 * <p>The en-passant square is kept only when a capture there is legal, so that equal keys mean
 * equal positions in the sense of the repetition rule. Not safe for use by several threads at once.
 */
public final class Board {

    public static final int WHITE_KING_SIDE = 1;
    public static final int WHITE_QUEEN_SIDE = 2;
    public static final int BLACK_KING_SIDE = 4;
    public static final int BLACK_QUEEN_SIDE = 8;

    /** The castling rights that survive when something moves from or to a square. */
    private static final int[] RIGHTS_KEPT = new int[64];

    static {
        Arrays.fill(RIGHTS_KEPT, 15);
        RIGHTS_KEPT[Square.A1] = ~WHITE_QUEEN_SIDE & 15;
        RIGHTS_KEPT[Square.H1] = ~WHITE_KING_SIDE & 15;
        RIGHTS_KEPT[Square.E1] = BLACK_KING_SIDE | BLACK_QUEEN_SIDE;
        RIGHTS_KEPT[Square.A8] = ~BLACK_QUEEN_SIDE & 15;
        RIGHTS_KEPT[Square.H8] = ~BLACK_KING_SIDE & 15;
        RIGHTS_KEPT[Square.E8] = WHITE_KING_SIDE | WHITE_QUEEN_SIDE;
    }

    private static final long[] NO_KEYS = {};
    private static final long[] NO_UNDO = {};

    private final long[] byType = new long[6];
    private final long[] bySide = new long[2];
    private final byte[] codes = new byte[64];
    private int side;
    private int castling;
    private int enPassant = -1;
    private int halfmoves;
    private int fullmoves = 1;
    private long key;

    /** Plies since the last move that cannot be taken back or the last pass. */
    private int reversible;

    private int depth;
    private long[] keys = NO_KEYS;
    private long[] undo = NO_UNDO;

    /** An empty board, White to move; see {@link #put}. */
    public Board() {}

    /** A copy that shares nothing. The moves made so far are kept for repetitions. */
    public Board copy() {
        Board copy = new Board();
        copy.become(this);
        return copy;
    }

    Board copyWithoutHistory() {
        Board copy = new Board();
        copy.becomeWithoutHistory(this);
        return copy;
    }

    /** Takes over everything from another board, the moves made so far included. */
    public void become(Board other) {
        becomeWithoutHistory(other);
        depth = other.depth;
        reversible = other.reversible;
        keys = Arrays.copyOf(other.keys, Math.max(keys.length, other.keys.length));
        undo = Arrays.copyOf(other.undo, Math.max(undo.length, other.undo.length));
    }

    /** The board after a legal packed move, or after a pass; what came before is not kept. */
    Board after(int move) {
        Board next = copyWithoutHistory();
        next.keys = new long[1];
        next.undo = new long[1];
        if (move == Move.NULL.packed()) {
            next.makeNull();
        } else {
            next.make(move);
        }
        next.keys = NO_KEYS;
        next.undo = NO_UNDO;
        next.depth = 0;
        next.reversible = 0;
        return next;
    }

    private void becomeWithoutHistory(Board other) {
        System.arraycopy(other.byType, 0, byType, 0, 6);
        System.arraycopy(other.bySide, 0, bySide, 0, 2);
        System.arraycopy(other.codes, 0, codes, 0, 64);
        side = other.side;
        castling = other.castling;
        enPassant = other.enPassant;
        halfmoves = other.halfmoves;
        fullmoves = other.fullmoves;
        key = other.key;
    }

    // ---- Set-up, used by readers of positions -------------------------------------------------

    void put(Piece piece, int square) {
        place(piece.code(), square);
        key ^= Zobrist.PIECE[piece.code()][square];
    }

    void setState(Side toMove, int rights, int enPassantSquare, int halfmoveClock, int fullmove) {
        side = toMove.ordinal();
        castling = rights;
        key ^= Zobrist.CASTLING[castling];
        if (side == 1) {
            key ^= Zobrist.BLACK_TO_MOVE;
        }
        halfmoves = halfmoveClock;
        fullmoves = fullmove;
        if (enPassantSquare >= 0) {
            setEnPassantIfCapturable(enPassantSquare);
        }
    }

    // ---- Reading --------------------------------------------------------------------------------

    /** Squares of the side's pieces. */
    public long pieces(int ofSide) {
        return bySide[ofSide];
    }

    /** Squares of the side's pieces of one type. */
    public long pieces(int ofSide, int type) {
        return bySide[ofSide] & byType[type];
    }

    /** Squares of both sides' pieces of one type. */
    public long piecesOfType(int type) {
        return byType[type];
    }

    /** All occupied squares. */
    public long occupied() {
        return bySide[0] | bySide[1];
    }

    /** 0 for an empty square, 1 to 6 for White's pawn to king, 9 to 14 for Black's. */
    public int codeAt(int square) {
        return codes[square];
    }

    /** Type of the piece on an occupied square; -1 on an empty one. */
    public int typeAt(int square) {
        return (codes[square] & 7) - 1;
    }

    /** 0 for White, 1 for Black. */
    public int sideToMove() {
        return side;
    }

    /** Castling rights as a sum of the constants of this class. */
    public int castling() {
        return castling;
    }

    /** The square behind a pawn that can be taken in passing right now, or -1. */
    public int enPassantSquare() {
        return enPassant;
    }

    /** Plies since the last capture or pawn move. */
    public int halfmoveClock() {
        return halfmoves;
    }

    /** Number of the current move, from 1. */
    public int fullmoveNumber() {
        return fullmoves;
    }

    /** Key of the position: equal for positions that are the same by the repetition rule. */
    public long key() {
        return key;
    }

    /** Well mixed bits of where the pawns of both sides stand. */
    public long pawnHash() {
        long white = bySide[0] & byType[0];
        long black = bySide[1] & byType[0];
        return (white * 0x9E3779B97F4A7C15L ^ black) * 0xC2B2AE3D27D4EB4FL;
    }

    /** Square of a side's king. */
    public int kingSquare(int ofSide) {
        return Long.numberOfTrailingZeros(bySide[ofSide] & byType[5]);
    }

    /** Pieces of both sides that attack a square when these squares are occupied. */
    public long attackersTo(int square, long occupied) {
        return Attacks.pawn(1, square) & bySide[0] & byType[0]
                | Attacks.pawn(0, square) & bySide[1] & byType[0]
                | Attacks.knight(square) & byType[1]
                | Attacks.bishop(square, occupied) & (byType[2] | byType[4])
                | Attacks.rook(square, occupied) & (byType[3] | byType[4])
                | Attacks.king(square) & byType[5];
    }

    /** Whether a side attacks a square when these squares are occupied. */
    public boolean isAttacked(int square, int by, long occupied) {
        long theirs = bySide[by];
        return (Attacks.pawn(1 - by, square) & theirs & byType[0]) != 0
                || (Attacks.knight(square) & theirs & byType[1]) != 0
                || (Attacks.king(square) & theirs & byType[5]) != 0
                || isReached(square, sliders(square, by), occupied);
    }

    /** A side's sliding pieces that would attack a square on an empty board. */
    long sliders(int square, int ofSide) {
        return bySide[ofSide]
                & (Attacks.diagonals(square) & (byType[2] | byType[4])
                        | Attacks.straights(square) & (byType[3] | byType[4]));
    }

    /** Whether nothing stands between a square and one of the pieces in line with it. */
    private static boolean isReached(int square, long inLine, long occupied) {
        for (long s = inLine & occupied; s != 0; s &= s - 1) {
            if ((Attacks.between(square, Long.numberOfTrailingZeros(s)) & occupied) == 0) {
                return true;
            }
        }
        return false;
    }

    /** Enemy pieces that give check to the side to move. */
    public long checkers() {
        return attackersTo(kingSquare(side), occupied()) & bySide[1 - side];
    }

    /** Whether the side to move is in check. */
    public boolean inCheck() {
        return isAttacked(kingSquare(side), 1 - side, occupied());
    }

    /** Whether a side has anything besides king and pawns. */
    public boolean hasPieces(int ofSide) {
        return (bySide[ofSide] & ~(byType[0] | byType[5])) != 0;
    }

    /**
     * How often the current position stood on the board before, as far as moves were made on this
     * board and no capture or pawn move lies between.
     */
    public int repetitions() {
        int count = 0;
        int oldest = Math.max(0, depth - halfmoves);
        for (int i = depth - 4; i >= oldest; i -= 2) {
            if (keys[i] == key) {
                count++;
            }
        }
        return count;
    }

    /**
     * Whether the position repeats one of the last so many plies, or has stood on the board twice
     * before in all. A search that treats this as a draw never calls a game drawn that is not.
     *
     * @param plies how many plies ago the search began
     */
    public boolean isRepeated(int plies) {
        int seen = 0;
        for (int back = 4; back <= reversible && back <= depth; back += 2) {
            if (keys[depth - back] == key && (back <= plies || ++seen == 2)) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether the side to move can at once come back to a position of the last so many plies.
     *
     * @param plies how many plies ago the search began
     */
    public boolean canRepeat(int plies) {
        int furthest = Math.min(Math.min(reversible, depth), plies - 1);
        if (furthest < 3) {
            return false;
        }
        long occupied = occupied();
        for (int back = 3; back <= furthest; back += 2) {
            int squares = ReturnMoves.squares(key ^ keys[depth - back], occupied);
            if (squares >= 0) {
                boolean first = codes[squares & 63] != 0;
                int from = first ? squares & 63 : squares >> 6;
                int to = first ? squares >> 6 : squares & 63;
                if (MoveGenerator.isLegal(this, Move.pack(from, to, Move.QUIET))) {
                    return true;
                }
            }
        }
        return false;
    }

    // ---- Moving ---------------------------------------------------------------------------------

    /** Plays a legal packed move. */
    public void make(int move) {
        int from = Move.from(move);
        int to = Move.to(move);
        int kind = Move.kind(move);
        int us = side;
        int piece = codes[from];
        int captured = kind == Move.EN_PASSANT ? (1 - us) << 3 | 1 : codes[to];
        remember(captured);

        long newKey = key ^ Zobrist.BLACK_TO_MOVE;
        if (enPassant >= 0) {
            newKey ^= Zobrist.EN_PASSANT_FILE[enPassant & 7];
            enPassant = -1;
        }
        halfmoves++;
        reversible++;
        fullmoves += us;
        if (captured != 0) {
            int square = kind == Move.EN_PASSANT ? to ^ 8 : to;
            remove(captured, square);
            newKey ^= Zobrist.PIECE[captured][square];
            halfmoves = 0;
            reversible = 0;
        }
        remove(piece, from);
        newKey ^= Zobrist.PIECE[piece][from];
        int placed = kind >= Move.PROMOTION ? us << 3 | (kind & 3) + 2 : piece;
        place(placed, to);
        newKey ^= Zobrist.PIECE[placed][to];
        int kept = castling & RIGHTS_KEPT[from] & RIGHTS_KEPT[to];
        if (kept != castling) {
            newKey ^= Zobrist.CASTLING[castling] ^ Zobrist.CASTLING[kept];
            castling = kept;
        }
        if (kind == Move.KING_SIDE_CASTLING || kind == Move.QUEEN_SIDE_CASTLING) {
            int rook = us << 3 | 4;
            int rookFrom = kind == Move.KING_SIDE_CASTLING ? to + 1 : to - 2;
            int rookTo = kind == Move.KING_SIDE_CASTLING ? to - 1 : to + 1;
            remove(rook, rookFrom);
            place(rook, rookTo);
            newKey ^= Zobrist.PIECE[rook][rookFrom] ^ Zobrist.PIECE[rook][rookTo];
        }
        side = 1 - us;
        key = newKey;
        if ((piece & 7) == 1) {
            halfmoves = 0;
            reversible = 0;
            if (kind == Move.DOUBLE_PUSH) {
                setEnPassantIfCapturable(to ^ 8);
            }
        }
    }

    /** Takes back the last move made; it must be given again. */
    public void unmake(int move) {
        int from = Move.from(move);
        int to = Move.to(move);
        int kind = Move.kind(move);
        int captured = recall();
        int us = 1 - side;
        side = us;
        fullmoves -= us;
        int placed = codes[to];
        remove(placed, to);
        place(kind >= Move.PROMOTION ? us << 3 | 1 : placed, from);
        if (captured != 0) {
            place(captured, kind == Move.EN_PASSANT ? to ^ 8 : to);
        }
        if (kind == Move.KING_SIDE_CASTLING || kind == Move.QUEEN_SIDE_CASTLING) {
            int rook = us << 3 | 4;
            int rookFrom = kind == Move.KING_SIDE_CASTLING ? to + 1 : to - 2;
            int rookTo = kind == Move.KING_SIDE_CASTLING ? to - 1 : to + 1;
            remove(rook, rookTo);
            place(rook, rookFrom);
        }
    }

    /** Passes. The side to move must not be in check. */
    public void makeNull() {
        remember(0);
        key ^= Zobrist.BLACK_TO_MOVE;
        if (enPassant >= 0) {
            key ^= Zobrist.EN_PASSANT_FILE[enPassant & 7];
            enPassant = -1;
        }
        halfmoves++;
        reversible = 0;
        fullmoves += side;
        side = 1 - side;
    }

    /** Takes back a null move. */
    public void unmakeNull() {
        recall();
        side = 1 - side;
        fullmoves -= side;
    }

    private void remember(int captured) {
        if (depth == keys.length) {
            keys = Arrays.copyOf(keys, 64 + depth * 2);
            undo = Arrays.copyOf(undo, 64 + depth * 2);
        }
        keys[depth] = key;
        undo[depth++] =
                captured
                        | castling << 4
                        | enPassant + 1 << 8
                        | (long) halfmoves << 16
                        | (long) reversible << 40;
    }

    private int recall() {
        key = keys[--depth];
        long state = undo[depth];
        castling = (int) (state >> 4) & 15;
        enPassant = (int) (state >> 8 & 127) - 1;
        halfmoves = (int) (state >>> 16) & 0xffffff;
        reversible = (int) (state >>> 40);
        return (int) state & 15;
    }

    private void place(int code, int square) {
        long bit = 1L << square;
        byType[(code & 7) - 1] |= bit;
        bySide[code >> 3] |= bit;
        codes[square] = (byte) code;
    }

    private void remove(int code, int square) {
        long bit = 1L << square;
        byType[(code & 7) - 1] ^= bit;
        bySide[code >> 3] ^= bit;
        codes[square] = 0;
    }

    private void setEnPassantIfCapturable(int square) {
        long capturers = Attacks.pawn(1 - side, square) & bySide[side] & byType[0];
        while (capturers != 0) {
            if (isEnPassantSafe(Long.numberOfTrailingZeros(capturers), square)) {
                enPassant = square;
                key ^= Zobrist.EN_PASSANT_FILE[square & 7];
                return;
            }
            capturers &= capturers - 1;
        }
    }

    /**
     * Whether taking in passing from a square leaves the own king safe (both pawns leave a rank).
     */
    boolean isEnPassantSafe(int from, int target) {
        long taken = 1L << (target ^ 8);
        long after = occupied() ^ 1L << from ^ 1L << target ^ taken;
        long enemies = bySide[1 - side] & ~taken;
        return (attackersTo(kingSquare(side), after) & enemies) == 0;
    }
}

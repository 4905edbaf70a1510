package org.zeroply.chess.board;

/**
 * A position with something changed: men taken off, put on or moved, the other side to move. What
 * comes of it need not be possible; {@link #position} tells.
 */
public final class Arrangement {

    private static final int[] ROOKS = {Square.H1, Square.A1, Square.H8, Square.A8};

    private final Piece[] men = new Piece[64];
    private final int castling;
    private Side toMove;

    private Arrangement() {
        castling = 0;
        toMove = Side.WHITE;
    }

    private Arrangement(Position position) {
        for (int square = 0; square < 64; square++) {
            men[square] = position.pieceAt(square).orElse(null);
        }
        castling = position.castling();
        toMove = position.sideToMove();
    }

    /** Begins with an empty board and White to move. */
    public static Arrangement empty() {
        return new Arrangement();
    }

    /** Begins with the men of a position. */
    public static Arrangement of(Position position) {
        return new Arrangement(position);
    }

    /** Takes whatever stands on a square off the board. */
    public Arrangement without(int square) {
        men[square] = null;
        return this;
    }

    /** Puts a man on a square, in place of what stands there. */
    public Arrangement with(Piece piece, int square) {
        men[square] = piece;
        return this;
    }

    /** Lets a side be to move. */
    public Arrangement toMove(Side side) {
        toMove = side;
        return this;
    }

    /**
     * The position; castling stays possible where king and rook still stand at home, taking in
     * passing does not.
     *
     * @throws InvalidPositionException saying what is impossible about it
     */
    public Position position() {
        Board board = board();
        Fen.checkMen(board, toMove);
        return Position.of(board);
    }

    /** The men as the first field of a FEN, whether they are possible or not. */
    public String placement() {
        return Fen.placement(square -> men[square]);
    }

    /** The same as a board, whether it is possible or not. */
    public Board board() {
        Board board = new Board();
        for (int square = 0; square < 64; square++) {
            if (men[square] != null) {
                board.put(men[square], square);
            }
        }
        board.setState(toMove, rights(), -1, 0, 1);
        return board;
    }

    private int rights() {
        int kept = castling;
        for (int i = 0; i < 4; i++) {
            Side side = Side.of(i / 2);
            int home = side == Side.WHITE ? Square.E1 : Square.E8;
            boolean stands = is(home, side, PieceType.KING) && is(ROOKS[i], side, PieceType.ROOK);
            kept &= stands ? kept : ~(1 << i);
        }
        return kept;
    }

    private boolean is(int square, Side side, PieceType type) {
        Piece man = men[square];
        return man != null && man.side() == side && man.type() == type;
    }
}

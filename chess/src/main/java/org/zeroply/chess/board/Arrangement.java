package org.zeroply.chess.board;

/**
 * A position with something changed: men taken off, put on or moved, the other side to move. What
 * comes of it need not be possible; {@link #position} tells.
 */
public final class Arrangement {

    private static final String RIGHTS = "KQkq";
    private static final int[] ROOKS = {Square.H1, Square.A1, Square.H8, Square.A8};

    private final Piece[] men = new Piece[64];
    private final int castling;
    private Side toMove;

    private Arrangement(Position position) {
        for (int square = 0; square < 64; square++) {
            men[square] = position.pieceAt(square).orElse(null);
        }
        castling = position.castling();
        toMove = position.sideToMove();
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
        StringBuilder fen = new StringBuilder();
        for (int rank = 7; rank >= 0; rank--) {
            int gap = 0;
            for (int file = 0; file < 8; file++) {
                Piece man = men[Square.at(file, rank)];
                if (man == null) {
                    gap++;
                } else {
                    fen.append(gap > 0 ? "" + gap : "").append(man.letter());
                    gap = 0;
                }
            }
            fen.append(gap > 0 ? "" + gap : "").append(rank > 0 ? "/" : "");
        }
        return Position.fromFen(fen + " " + toMove.letter() + " " + rights() + " - 0 1");
    }

    private String rights() {
        StringBuilder kept = new StringBuilder();
        for (int i = 0; i < 4; i++) {
            Side side = Side.of(i / 2);
            int home = side == Side.WHITE ? Square.E1 : Square.E8;
            boolean stands =
                    new Piece(side, PieceType.KING).equals(men[home])
                            && new Piece(side, PieceType.ROOK).equals(men[ROOKS[i]]);
            if (stands && (castling & 1 << i) != 0) {
                kept.append(RIGHTS.charAt(i));
            }
        }
        return kept.isEmpty() ? "-" : kept.toString();
    }
}

package org.zeroply.chess.board;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Ways to turn a board over so that the game on it stays the same. */
public enum Symmetry {
    SAME(0, false),
    /** The a-file becomes the h-file. Not possible while somebody may castle. */
    MIRRORED(7, false),
    /** White and Black change places. */
    FLIPPED(56, true),
    /** Both at once. */
    MIRRORED_AND_FLIPPED(63, true);

    private final int mask;
    private final boolean colours;

    Symmetry(int mask, boolean colours) {
        this.mask = mask;
        this.colours = colours;
    }

    /** Where a square (0-63) comes to lie. */
    public int square(int square) {
        return square ^ mask;
    }

    /** Where some squares come to lie. */
    public List<Integer> squares(List<Integer> squares) {
        return squares.stream().map(this::square).toList();
    }

    /** Where a set of squares comes to lie. */
    public long set(long squares) {
        long set = colours ? Long.reverseBytes(squares) : squares;
        return isMirrored() ? Long.reverse(Long.reverseBytes(set)) : set;
    }

    /** Where a 0-based file comes to lie. */
    public int file(int file) {
        return file ^ mask & 7;
    }

    /** Whose men take the part of a side's. */
    public Side side(Side side) {
        return colours ? side.other() : side;
    }

    /** Whether the wings change places. */
    public boolean isMirrored() {
        return (mask & 7) != 0;
    }

    /** Whether the sides change places. */
    public boolean swapsSides() {
        return colours;
    }

    /** Whether a position turned over is the same game: castling has no mirror image. */
    public boolean keeps(Position position) {
        return mask % 8 == 0 || position.castling() == 0;
    }

    /** The position turned over; nothing when it is not the same game then. */
    public Optional<Position> of(Position position) {
        if (!keeps(position)) {
            return Optional.empty();
        }
        Board from = position.toBoard();
        Board board = new Board();
        for (int s = 0; s < 64; s++) {
            Optional<Piece> man = position.pieceAt(s);
            if (man.isPresent()) {
                board.put(turned(man.get()), square(s));
            }
        }
        int castling = from.castling();
        board.setState(
                colours ? position.sideToMove().other() : position.sideToMove(),
                colours ? castling >> 2 | (castling & 3) << 2 : castling,
                from.enPassantSquare() < 0 ? -1 : square(from.enPassantSquare()),
                from.halfmoveClock(),
                from.fullmoveNumber());
        return Optional.of(Position.of(board));
    }

    /**
     * The same move on the board turned over.
     *
     * @param turned the position turned over, in which it is to be played
     */
    public Move of(Move move, Position turned) {
        return move.isNull()
                ? move
                : turned.findMove(square(move.from()), square(move.to()), move.promotion())
                        .orElseThrow();
    }

    private Piece turned(Piece man) {
        return colours ? new Piece(side(man.side()), man.type()) : man;
    }

    /**
     * A text that positions share when they are the same men with the same side to move, as they
     * stand or turned over. Castling, taking in passing and counters do not count.
     */
    public static String sharedKey(Position position) {
        return Arrays.stream(values())
                .map(s -> s.placement(position))
                .min(String::compareTo)
                .orElseThrow();
    }

    /**
     * Who would be to move and what would stand where on the board turned over: a figure, then a
     * letter or a dot for each of the squares that {@link #square} leads to, a1 to h8.
     */
    public String placement(Position position) {
        StringBuilder text = new StringBuilder(65);
        Side toMove = position.sideToMove();
        text.append(colours ? toMove.other().ordinal() : toMove.ordinal());
        for (int s = 0; s < 64; s++) {
            text.append(
                    position.pieceAt(square(s)).map(this::turned).map(Piece::letter).orElse('.'));
        }
        return text.toString();
    }
}

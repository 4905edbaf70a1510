package org.zeroply.chess.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An immutable position. Two positions are equal when they are the same by the repetition rule:
 * same men, same side to move, same castling rights, same possible en-passant capture. The counters
 * do not take part.
 */
public final class Position {

    /** The position that a game starts from. */
    public static final Position START =
            Fen.parse("rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1");

    private final Board board;

    Position(Board board) {
        this.board = board;
    }

    /** The current position of a board. */
    public static Position of(Board board) {
        return new Position(board.copyWithoutHistory());
    }

    /**
     * Reads FEN.
     *
     * @throws InvalidPositionException saying what is wrong
     */
    public static Position fromFen(String fen) {
        return Fen.parse(fen);
    }

    /** FEN with all six fields; the en-passant square only where a capture there is legal. */
    public String fen() {
        return Fen.write(this);
    }

    /** A fresh board for a search to work on. */
    public Board toBoard() {
        return board.copyWithoutHistory();
    }

    /** Who is to move. */
    public Side sideToMove() {
        return Side.of(board.sideToMove());
    }

    /** The man on a square (0-63), if any. */
    public Optional<Piece> pieceAt(int square) {
        int code = board.codeAt(square);
        return code == 0 ? Optional.empty() : Optional.of(Piece.ofCode(code));
    }

    /** Bitboard of the men of one side and type. */
    public long pieces(Side side, PieceType type) {
        return board.pieces(side.ordinal(), type.ordinal());
    }

    /** Bitboard of all men. */
    public long occupied() {
        return board.occupied();
    }

    /** Number of men of one side and type. */
    public int count(Side side, PieceType type) {
        return Long.bitCount(pieces(side, type));
    }

    /** Castling rights as a sum of the constants of {@link Board}. */
    public int castling() {
        return board.castling();
    }

    /** The square on which a pawn can be taken in passing now, or -1. */
    public int enPassantSquare() {
        return board.enPassantSquare();
    }

    /** Plies since the last capture or pawn move. */
    public int halfmoveClock() {
        return board.halfmoveClock();
    }

    /** Number of the current move, from 1. */
    public int fullmoveNumber() {
        return board.fullmoveNumber();
    }

    /** Plies from the first move of a game with this numbering: 0 before White's first move. */
    public int ply() {
        return 2 * (board.fullmoveNumber() - 1) + board.sideToMove();
    }

    /** Whether a side has a right to castle left, now or later. */
    public boolean hasCastlingRight(Side side) {
        int rights =
                side == Side.WHITE
                        ? Board.WHITE_KING_SIDE | Board.WHITE_QUEEN_SIDE
                        : Board.BLACK_KING_SIDE | Board.BLACK_QUEEN_SIDE;
        return (castling() & rights) != 0;
    }

    /** Key that equal positions share. */
    public long key() {
        return board.key();
    }

    /** Whether the side to move is in check. */
    public boolean inCheck() {
        return board.inCheck();
    }

    /** All legal moves, captures of a piece first; the order is deterministic. */
    public List<Move> legalMoves() {
        int[] buffer = new int[MoveGenerator.MAX_MOVES];
        int end = MoveGenerator.all(board, buffer, 0);
        List<Move> moves = new ArrayList<>(end);
        for (int i = 0; i < end; i++) {
            moves.add(new Move(buffer[i]));
        }
        return moves;
    }

    /** The legal move between two squares with this promotion, if there is one. */
    public Optional<Move> findMove(int from, int to, Optional<PieceType> promotion) {
        return legalMoves().stream()
                .filter(m -> m.from() == from && m.to() == to && m.promotion().equals(promotion))
                .findFirst();
    }

    /** Whether the move is legal here. */
    public boolean isLegal(Move move) {
        return MoveGenerator.isLegal(board, move.packed());
    }

    /**
     * The position after a legal move, or after a null move when not in check.
     *
     * @throws IllegalArgumentException if the move is not legal here
     */
    public Position play(Move move) {
        if (move.isNull() && inCheck()) {
            throw new IllegalArgumentException("a side in check cannot pass");
        }
        if (!move.isNull() && !isLegal(move)) {
            throw new IllegalArgumentException(move + " is not legal in " + fen());
        }
        return new Position(board.after(move.packed()));
    }

    /**
     * The position after a line of moves, one after the other.
     *
     * @throws IllegalArgumentException if one of them is not legal where it is played
     */
    public Position play(List<Move> line) {
        Position end = this;
        for (Move move : line) {
            end = end.play(move);
        }
        return end;
    }

    /** Whether the side to move is checkmated. */
    public boolean isCheckmate() {
        return board.inCheck() && !MoveGenerator.any(board);
    }

    /** Whether the side to move has no legal move and is not in check. */
    public boolean isStalemate() {
        return !board.inCheck() && !MoveGenerator.any(board);
    }

    @Override
    public boolean equals(Object other) {
        if (!(other instanceof Position that) || board.key() != that.board.key()) {
            return false;
        }
        for (int s = 0; s < 64; s++) {
            if (board.codeAt(s) != that.board.codeAt(s)) {
                return false;
            }
        }
        return board.sideToMove() == that.board.sideToMove()
                && board.castling() == that.board.castling()
                && board.enPassantSquare() == that.board.enPassantSquare();
    }

    @Override
    public int hashCode() {
        return Long.hashCode(board.key());
    }

    @Override
    public String toString() {
        return fen();
    }
}

package org.zeroply.coach.pattern;

import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;

/**
 * Kinds of men, any of them.
 *
 * @param types none for every man
 */
record Men(Set<PieceType> types) {

    /** Every man. */
    static final Men ANY = new Men(Set.of());

    /** Every man but pawns and kings. */
    static final Men PIECES =
            new Men(Set.of(PieceType.KNIGHT, PieceType.BISHOP, PieceType.ROOK, PieceType.QUEEN));

    /** Rooks and queens. */
    static final Men MAJORS = new Men(Set.of(PieceType.ROOK, PieceType.QUEEN));

    /** Knights and bishops. */
    static final Men MINORS = new Men(Set.of(PieceType.KNIGHT, PieceType.BISHOP));

    Men {
        types = Set.copyOf(types);
    }

    /** Men of one kind. */
    static Men of(PieceType type) {
        return new Men(Set.of(type));
    }

    boolean has(PieceType type) {
        return types.isEmpty() || types.contains(type);
    }

    /** The squares of such men of both sides. */
    long on(Board board) {
        if (types.isEmpty()) {
            return board.occupied();
        }
        long men = 0;
        for (PieceType type : types) {
            men |= board.piecesOfType(type.ordinal());
        }
        return men;
    }

    /** The squares of such men of a side. */
    long on(Board board, Side side) {
        return on(board) & board.pieces(side.ordinal());
    }

    /**
     * So many of them at least: {@code white rook}, {@code at least 2 rooks}.
     *
     * @param side whose; empty for either side's
     */
    String counted(int least, Optional<Side> side) {
        return (least == 1 ? "" : "at least " + least + " ")
                + side.map(s -> s.smallWord() + " ").orElse("")
                + (least == 1 ? word() : plural());
    }

    /** The word for several of them: {@code knights or bishops}. */
    String plural() {
        return types.isEmpty() ? "men" : word().replaceAll("(?= or |$)", "s");
    }

    /** The word for one of them: {@code knight or bishop}, {@code piece}, {@code man}. */
    String word() {
        if (types.isEmpty()) {
            return "man";
        }
        return equals(PIECES)
                ? "piece"
                : Arrays.stream(PieceType.values())
                        .filter(types::contains)
                        .map(PieceType::word)
                        .collect(Collectors.joining(" or "));
    }
}

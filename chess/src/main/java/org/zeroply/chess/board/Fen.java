package org.zeroply.chess.board;

import java.util.function.IntFunction;
import java.util.regex.Pattern;

/**
 * Forsyth-Edwards Notation. Reading is strict about what makes a position impossible and lenient
 * about missing counters; writing gives all six fields.
 */
final class Fen {

    private static final Pattern SPACE = Pattern.compile("\\s+");

    private Fen() {}

    static Position parse(String text) {
        String[] fields = SPACE.split(text.strip());
        if (fields[0].isEmpty()) {
            throw error("the text is empty");
        }
        if (fields.length > 6) {
            throw error("there are " + fields.length + " fields, at most 6 are expected");
        }
        Board board = new Board();
        placement(board, fields[0]);
        Side side = side(fields.length > 1 ? fields[1] : "w");
        checkMen(board, side);
        int rights = castling(board, fields.length > 2 ? fields[2] : "-");
        int enPassant = enPassant(board, side, fields.length > 3 ? fields[3] : "-");
        int halfmoves = counter(fields, 4, "halfmove clock", 0);
        int fullmoves = Math.max(1, counter(fields, 5, "move number", 1));
        board.setState(side, rights, enPassant, halfmoves, fullmoves);
        return new Position(board);
    }

    private static void placement(Board board, String field) {
        String[] ranks = field.split("/", -1);
        if (ranks.length != 8) {
            throw error("the board has " + ranks.length + " ranks, 8 are expected");
        }
        for (int i = 0; i < 8; i++) {
            int rank = 7 - i;
            int file = 0;
            for (char c : ranks[i].toCharArray()) {
                if (c >= '1' && c <= '8') {
                    file += c - '0';
                } else {
                    Piece piece =
                            Piece.ofLetter(c)
                                    .orElseThrow(() -> error("'" + c + "' is not a piece letter"));
                    if (file < 8) {
                        board.put(piece, Square.at(file, rank));
                    }
                    file++;
                }
            }
            if (file != 8) {
                throw error("rank " + (rank + 1) + " has " + file + " squares, 8 are expected");
            }
        }
    }

    private static Side side(String field) {
        return switch (field) {
            case "w", "W" -> Side.WHITE;
            case "b", "B" -> Side.BLACK;
            default -> throw error("'" + field + "' is not a side to move, w or b is expected");
        };
    }

    static void checkMen(Board board, Side toMove) {
        for (Side side : Side.values()) {
            int kings = Long.bitCount(board.pieces(side.ordinal(), 5));
            if (kings != 1) {
                throw error(side.word() + " has " + kings + " kings, exactly one is expected");
            }
            if (Long.bitCount(board.pieces(side.ordinal())) > 16) {
                throw error(side.word() + " has more than 16 men");
            }
            if (Long.bitCount(board.pieces(side.ordinal(), 0)) > 8) {
                throw error(side.word() + " has more than 8 pawns");
            }
        }
        long stranded = board.piecesOfType(0) & 0xff000000000000ffL;
        if (stranded != 0) {
            String square = Square.name(Long.numberOfTrailingZeros(stranded));
            throw error("a pawn on " + square + " stands on a first or last rank");
        }
        int waiting = toMove.other().ordinal();
        if (board.isAttacked(board.kingSquare(waiting), toMove.ordinal(), board.occupied())) {
            throw error(
                    toMove.word()
                            + " is to move although the other king is in check and could be"
                            + " taken");
        }
    }

    private static int castling(Board board, String field) {
        if (field.equals("-")) {
            return 0;
        }
        int rights = 0;
        for (char c : field.toCharArray()) {
            int index = "KQkq".indexOf(c);
            if (index < 0) {
                throw error("'" + c + "' is not a castling right, K Q k q or - is expected");
            }
            int shift = index < 2 ? 0 : 56;
            int rook = (index % 2 == 0 ? Square.H1 : Square.A1) + shift;
            int code = index < 2 ? 0 : 8;
            if (board.codeAt(Square.E1 + shift) != code + 6 || board.codeAt(rook) != code + 4) {
                throw error(
                        "the castling right "
                                + c
                                + " needs the king on "
                                + Square.name(Square.E1 + shift)
                                + " and a rook on "
                                + Square.name(rook));
            }
            rights |= 1 << index;
        }
        return rights;
    }

    private static int enPassant(Board board, Side side, String field) {
        if (field.equals("-")) {
            return -1;
        }
        int square = Square.parse(field);
        if (square < 0) {
            throw error("'" + field + "' is not an en-passant square");
        }
        boolean white = side == Side.WHITE;
        int pawn = white ? 9 : 1;
        if (Square.rank(square) != (white ? 5 : 2)
                || board.codeAt(square) != 0
                || board.codeAt(square ^ 8) != pawn
                || board.codeAt(white ? square + 8 : square - 8) != 0) {
            throw error(
                    "the en-passant square "
                            + field
                            + " is impossible: no pawn can just have"
                            + " passed it");
        }
        return square;
    }

    private static int counter(String[] fields, int index, String name, int missing) {
        if (fields.length <= index || fields[index].equals("-")) {
            return missing;
        }
        try {
            int value = Integer.parseInt(fields[index]);
            if (value >= 0 && value <= 9999) {
                return value;
            }
        } catch (NumberFormatException e) {
            throw error("the " + name + " '" + fields[index] + "' is not a number");
        }
        throw error("the " + name + " " + fields[index] + " is out of range");
    }

    static String write(Position p) {
        StringBuilder fen = new StringBuilder(90);
        fen.append(placement(square -> p.pieceAt(square).orElse(null)));
        fen.append(' ').append(p.sideToMove().letter()).append(' ');
        for (int i = 0; i < 4; i++) {
            fen.append((p.castling() >> i & 1) != 0 ? "" + "KQkq".charAt(i) : "");
        }
        fen.append(p.castling() == 0 ? "-" : "").append(' ');
        fen.append(p.enPassantSquare() < 0 ? "-" : Square.name(p.enPassantSquare()));
        return fen.append(' ')
                .append(p.halfmoveClock())
                .append(' ')
                .append(p.fullmoveNumber())
                .toString();
    }

    /**
     * The first field: the men, from the eighth rank to the first.
     *
     * @param men what stands on a square; null for nothing
     */
    static String placement(IntFunction<Piece> men) {
        StringBuilder text = new StringBuilder(72);
        for (int rank = 7; rank >= 0; rank--) {
            int gap = 0;
            for (int file = 0; file < 8; file++) {
                Piece piece = men.apply(Square.at(file, rank));
                if (piece == null) {
                    gap++;
                } else {
                    text.append(gap > 0 ? gap : "").append(piece.letter());
                    gap = 0;
                }
            }
            text.append(gap > 0 ? gap : "").append(rank > 0 ? "/" : "");
        }
        return text.toString();
    }

    private static InvalidPositionException error(String message) {
        return new InvalidPositionException("Impossible position: " + message + ".");
    }
}

package org.zeroply.desktop.app;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;

/** A position that is being set up: men, who moves, and what the board cannot show. */
final class SetUpModel {

    /** The four rights to castle, by their FEN letter. */
    static final List<String> RIGHTS = List.of("K", "Q", "k", "q");

    private final Piece[] men = new Piece[64];
    private final Set<String> rights = new TreeSet<>();
    private Side toMove = Side.WHITE;
    private String enPassant = "-";
    private String clocks = "0 1";

    /** Men by square; null where a square is empty. */
    Piece[] men() {
        return men.clone();
    }

    Side toMove() {
        return toMove;
    }

    void setToMove(Side side) {
        toMove = side;
    }

    /** Puts a man on a square in the place of another; the same man again is taken away. */
    void put(int square, Optional<Piece> man) {
        boolean same = man.isPresent() && man.get().equals(men[square]);
        men[square] = same ? null : man.orElse(null);
    }

    /** Moves a man; to -1 it leaves the board. */
    void move(int from, int to) {
        Piece man = men[from];
        men[from] = null;
        if (to >= 0) {
            men[to] = man;
        }
    }

    /** Takes all men away. */
    void clear() {
        Arrays.fill(men, null);
        rights.clear();
    }

    /** Whether king and rook stand so that this right is possible. */
    boolean canCastle(String right) {
        Side side = Character.isUpperCase(right.charAt(0)) ? Side.WHITE : Side.BLACK;
        int rank = side == Side.WHITE ? 0 : 7;
        int file = right.equalsIgnoreCase("K") ? 7 : 0;
        return isMan(Square.at(4, rank), side, PieceType.KING)
                && isMan(Square.at(file, rank), side, PieceType.ROOK);
    }

    boolean castles(String right) {
        return rights.contains(right) && canCastle(right);
    }

    void setCastles(String right, boolean may) {
        if (may) {
            rights.add(right);
        } else {
            rights.remove(right);
        }
    }

    private boolean isMan(int square, Side side, PieceType type) {
        return new Piece(side, type).equals(men[square]);
    }

    /** The squares on which a pawn could be captured in passing, by name. */
    List<String> enPassantSquares() {
        int rank = toMove == Side.WHITE ? 4 : 3;
        int forward = toMove == Side.WHITE ? 1 : -1;
        List<String> squares = new ArrayList<>();
        for (int file = 0; file < 8; file++) {
            boolean passed =
                    isMan(Square.at(file, rank), toMove.other(), PieceType.PAWN)
                            && men[Square.at(file, rank + forward)] == null
                            && men[Square.at(file, rank + 2 * forward)] == null;
            if (passed && (isCapturer(file - 1, rank) || isCapturer(file + 1, rank))) {
                squares.add(Square.name(Square.at(file, rank + forward)));
            }
        }
        return squares;
    }

    private boolean isCapturer(int file, int rank) {
        return file >= 0 && file < 8 && isMan(Square.at(file, rank), toMove, PieceType.PAWN);
    }

    /** The square of capture in passing, or {@code -}. */
    String enPassant() {
        return enPassantSquares().contains(enPassant) ? enPassant : "-";
    }

    void setEnPassant(String square) {
        enPassant = square;
    }

    /** The position as FEN, whether it is a possible one or not. */
    String fen() {
        Arrangement arrangement = Arrangement.empty();
        for (int square = 0; square < men.length; square++) {
            arrangement.with(men[square], square);
        }
        StringBuilder castling = new StringBuilder();
        RIGHTS.stream().filter(this::castles).forEach(castling::append);
        return String.join(
                " ",
                arrangement.placement(),
                toMove == Side.WHITE ? "w" : "b",
                castling.isEmpty() ? "-" : castling,
                enPassant(),
                clocks);
    }

    /** Takes over what can be read of a FEN. */
    void read(String fen) {
        String[] fields = fen.strip().split("\\s+");
        readMen(fields[0]);
        toMove = fields.length > 1 && fields[1].equals("b") ? Side.BLACK : Side.WHITE;
        rights.clear();
        String castling = fields.length > 2 ? fields[2] : "";
        RIGHTS.stream().filter(castling::contains).forEach(rights::add);
        enPassant = fields.length > 3 ? fields[3] : "-";
        boolean counted =
                fields.length > 5 && fields[4].matches("\\d{1,4}") && fields[5].matches("\\d{1,4}");
        clocks = counted ? fields[4] + " " + fields[5] : "0 1";
    }

    private void readMen(String placement) {
        Arrays.fill(men, null);
        int rank = 7;
        int file = 0;
        for (char c : placement.toCharArray()) {
            if (c == '/') {
                rank--;
                file = 0;
            } else if (Character.isDigit(c)) {
                file += c - '0';
            } else if (rank >= 0 && file < 8) {
                men[Square.at(file++, rank)] = Piece.ofLetter(c).orElse(null);
            }
        }
    }

    /** The position, if it is a possible one. */
    Optional<Position> position() {
        try {
            return Optional.of(Position.fromFen(fen()));
        } catch (InvalidPositionException e) {
            return Optional.empty();
        }
    }

    /** Why it is no possible position; empty when it is one. */
    static String problem(String fen) {
        try {
            Position.fromFen(fen);
            return "";
        } catch (InvalidPositionException e) {
            return e.getMessage();
        }
    }
}

package org.zeroply.chess.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;

/** Standard algebraic notation of single moves. */
public final class San {

    private static final Pattern FORM =
            Pattern.compile(
                    "([KQRBNP]?)([a-h]?)([1-8]?)[x:-]?([a-h][1-8])(?:=?\\(?([QRBNqrbn])\\)?)?");
    private static final Pattern ORNAMENT = Pattern.compile("(?:[+#!?]|e\\.?p\\.?)+$");
    private static final String FIGURINES = "♔♕♖♗♘♙♚♛♜♝♞♟";

    private San() {}

    /** The move in exact SAN with minimal disambiguation and {@code +} or {@code #}. */
    public static String write(Position position, Move move) {
        return move.isNull() ? "--" : write(position, move, position.play(move));
    }

    /** The same, where the position after the move is known. */
    static String write(Position position, Move move, Position after) {
        if (move.isNull()) {
            return "--";
        }
        String check = after.inCheck() ? after.isCheckmate() ? "#" : "+" : "";
        return body(position, move) + check;
    }

    private static String body(Position position, Move move) {
        if (move.isCastling()) {
            return move.to() > move.from() ? "O-O" : "O-O-O";
        }
        PieceType type = position.pieceAt(move.from()).orElseThrow().type();
        String target = (move.isCapture() ? "x" : "") + Square.name(move.to());
        String origin = Square.name(move.from());
        if (type == PieceType.PAWN) {
            return (move.isCapture() ? origin.substring(0, 1) : "")
                    + target
                    + move.promotion().map(p -> "=" + p.letter()).orElse("");
        }
        List<Move> rivals = PieceMoves.to(position, type, move.to());
        rivals.remove(move);
        return type.letter() + disambiguation(move, rivals, origin) + target;
    }

    private static String disambiguation(Move move, List<Move> rivals, String origin) {
        if (rivals.isEmpty()) {
            return "";
        }
        int file = Square.file(move.from());
        int rank = Square.rank(move.from());
        if (rivals.stream().noneMatch(m -> Square.file(m.from()) == file)) {
            return origin.substring(0, 1);
        }
        return rivals.stream().noneMatch(m -> Square.rank(m.from()) == rank)
                ? origin.substring(1)
                : origin;
    }

    /**
     * Reads a move. Besides exact SAN it takes castling with zeros, promotions without {@code =} or
     * in lower case, missing or wrong {@code x + #}, long and coordinate forms, figurines, and
     * annotation suffixes.
     *
     * @throws NotationException naming the candidates when the move is ambiguous or not legal
     */
    public static Move read(Position position, String text) throws NotationException {
        Optional<Move> usual = UsualSan.find(position, text);
        return usual.isPresent() ? usual.get() : readAny(position, text);
    }

    /** The same, without a look at how moves are usually written. */
    static Move readAny(Position position, String text) throws NotationException {
        String plain = plain(text);
        if (plain.equals("--") || plain.equals("Z0")) {
            if (position.inCheck()) {
                throw new NotationException("a side in check cannot pass");
            }
            return Move.NULL;
        }
        List<Move> legal = position.legalMoves();
        Optional<Boolean> castling = castling(plain);
        if (castling.isPresent()) {
            return legal.stream()
                    .filter(Move::isCastling)
                    .filter(m -> m.to() > m.from() == castling.get())
                    .findFirst()
                    .orElseThrow(() -> new NotationException(text + " is not legal here"));
        }
        Matcher form = FORM.matcher(plain);
        if (!form.matches()) {
            throw new NotationException("'" + text + "' is not a move");
        }
        return pick(position, legal, form, text);
    }

    private static Move pick(Position position, List<Move> legal, Matcher form, String text)
            throws NotationException {
        boolean fromGiven = !form.group(2).isEmpty() && !form.group(3).isEmpty();
        Optional<PieceType> type =
                form.group(1).isEmpty()
                        ? fromGiven ? Optional.empty() : Optional.of(PieceType.PAWN)
                        : Optional.of(PieceType.of("PNBRQK".indexOf(form.group(1))));
        String origin = form.group(2) + form.group(3);
        int target = Square.parse(form.group(4));
        Optional<PieceType> promotion =
                Optional.ofNullable(form.group(5))
                        .map(
                                p ->
                                        PieceType.of(
                                                "PNBRQK"
                                                        .indexOf(
                                                                Character.toUpperCase(
                                                                        p.charAt(0)))));
        List<Move> sameTarget = new ArrayList<>(2);
        for (Move m : legal) {
            boolean thatMan =
                    type.isEmpty() || !m.isCastling() && typeOf(position, m) == type.get();
            if (m.to() == target && thatMan) {
                sameTarget.add(m);
            }
        }
        List<Move> fitting = new ArrayList<>(1);
        for (Move m : sameTarget) {
            boolean promotes =
                    promotion.isPresent() ? m.promotion().equals(promotion) : form.group(5) == null;
            if (promotes && fitsOrigin(origin, form, Square.name(m.from()))) {
                fitting.add(m);
            }
        }
        if (fitting.size() == 1) {
            return fitting.get(0);
        }
        if (fitting.isEmpty()) {
            List<Move> hints = sameTarget.isEmpty() ? sameKind(position, legal, type) : sameTarget;
            throw new NotationException(
                    text + " is not legal here" + (hints.isEmpty() ? "" : names(position, hints)));
        }
        throw new NotationException(text + " is ambiguous" + names(position, fitting));
    }

    private static boolean fitsOrigin(String given, Matcher form, String from) {
        if (given.length() == 2) {
            return given.equals(from);
        }
        return (form.group(2).isEmpty() || from.startsWith(form.group(2)))
                && (form.group(3).isEmpty() || from.endsWith(form.group(3)));
    }

    private static PieceType typeOf(Position position, Move move) {
        return position.pieceAt(move.from()).orElseThrow().type();
    }

    private static List<Move> sameKind(
            Position position, List<Move> legal, Optional<PieceType> type) {
        return legal.stream()
                .filter(m -> type.isPresent() && type.get() != PieceType.PAWN)
                .filter(m -> typeOf(position, m) == type.get())
                .limit(12)
                .toList();
    }

    private static String names(Position position, List<Move> moves) {
        return moves.stream()
                .map(m -> write(position, m))
                .collect(Collectors.joining(", ", "; possible: ", ""));
    }

    private static Optional<Boolean> castling(String plain) {
        return switch (plain.replace('0', 'O').replace('o', 'O')) {
            case "O-O", "OO" -> Optional.of(true);
            case "O-O-O", "OOO" -> Optional.of(false);
            default -> Optional.empty();
        };
    }

    private static String plain(String text) {
        StringBuilder plain = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            int figurine = FIGURINES.indexOf(c);
            plain.append(figurine < 0 ? c : "KQRBNP".charAt(figurine % 6));
        }
        return ORNAMENT.matcher(plain).replaceAll("");
    }
}

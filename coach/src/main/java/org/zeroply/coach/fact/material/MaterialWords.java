package org.zeroply.coach.fact.material;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NumberWords;
import org.zeroply.coach.fact.Squares;

/**
 * Puts a material balance into words: the exchange, three minor pieces for the queen, and so on.
 */
final class MaterialWords {

    private final MaterialBalance balance;

    MaterialWords(MaterialBalance balance) {
        this.balance = balance;
    }

    String text() {
        List<String> parts = new ArrayList<>();
        parts.add(imbalance());
        if (balance.whitePair() != balance.blackPair()) {
            parts.add((balance.whitePair() ? "White" : "Black") + " has the bishop pair");
        }
        if (balance.oppositeBishops()) {
            parts.add("opposite-coloured bishops");
        }
        return String.join("; ", parts);
    }

    private String imbalance() {
        Map<PieceType, Integer> white = surplus(1);
        Map<PieceType, Integer> black = surplus(-1);
        if (white.isEmpty() && black.isEmpty()) {
            return "material is level";
        }
        int lead = balance.hundredths(MaterialScale.FINE);
        boolean whiteFirst = lead == 0 ? !white.isEmpty() : lead > 0;
        Side first = whiteFirst ? Side.WHITE : Side.BLACK;
        Map<PieceType, Integer> more = whiteFirst ? white : black;
        Map<PieceType, Integer> less = whiteFirst ? black : white;
        if (more.isEmpty()) {
            return first.other().word() + " is " + list(less, more) + " up";
        }
        if (less.isEmpty()) {
            return first.word() + " is " + list(more, less) + " up";
        }
        return exchange(first, more, less)
                .orElseGet(
                        () ->
                                first.word()
                                        + " has "
                                        + list(more, less)
                                        + " for "
                                        + forList(less, more));
    }

    /** What was given for what, by how many men of each type there are more than before. */
    static String given(Map<PieceType, Integer> change) {
        Map<PieceType, Integer> lost = surplus(change, -1);
        Map<PieceType, Integer> got = surplus(change, 1);
        if (lost.isEmpty()) {
            return "";
        }
        boolean rook = lost.size() == 1 && count(lost, PieceType.ROOK) == 1;
        if (rook && pieces(got) == 1 && minors(got) == 1) {
            int pawns = count(got, PieceType.PAWN);
            return "the exchange" + (pawns == 0 ? "" : " for " + pawns(pawns, true));
        }
        return list(lost, got) + (got.isEmpty() ? "" : " for " + list(got, lost));
    }

    private Map<PieceType, Integer> surplus(int sign) {
        return surplus(balance.difference(), sign);
    }

    private static Map<PieceType, Integer> surplus(Map<PieceType, Integer> difference, int sign) {
        Map<PieceType, Integer> surplus = new EnumMap<>(PieceType.class);
        difference.forEach(
                (type, n) -> {
                    if (n * sign > 0) {
                        surplus.put(type, n * sign);
                    }
                });
        return surplus;
    }

    /** A rook for one minor piece is "the exchange", pawns on either side named besides. */
    private static Optional<String> exchange(
            Side side, Map<PieceType, Integer> more, Map<PieceType, Integer> less) {
        boolean rookOnly = count(more, PieceType.ROOK) == 1 && pieces(more) == 1;
        boolean minorOnly = minors(less) == 1 && pieces(less) == 1;
        if (!rookOnly || !minorOnly) {
            return Optional.empty();
        }
        int pawnsMore = count(more, PieceType.PAWN);
        int pawnsLess = count(less, PieceType.PAWN);
        if (pawnsMore > 0) {
            return Optional.of(
                    side.word() + " is the exchange and " + pawns(pawnsMore, true) + " up");
        }
        if (pawnsLess > 0) {
            return Optional.of(side.word() + " has the exchange for " + pawns(pawnsLess, true));
        }
        return Optional.of(side.word() + " is the exchange up");
    }

    private static String list(Map<PieceType, Integer> men, Map<PieceType, Integer> against) {
        List<String> words = new ArrayList<>();
        addPieces(words, men, PieceType.QUEEN);
        addPieces(words, men, PieceType.ROOK);
        if (minors(men) >= 2 && minors(against) == 0) {
            words.add(NumberWords.of(minors(men)) + " minor pieces");
        } else {
            addPieces(words, men, PieceType.BISHOP);
            addPieces(words, men, PieceType.KNIGHT);
        }
        if (count(men, PieceType.PAWN) > 0) {
            words.add(pawns(count(men, PieceType.PAWN), words.isEmpty()));
        }
        String joined = Squares.join(words);
        boolean bare = joined.matches("(queen|rook|bishop|knight).*");
        return bare ? "a " + joined : joined;
    }

    private static String forList(Map<PieceType, Integer> men, Map<PieceType, Integer> against) {
        boolean queenOnly = count(men, PieceType.QUEEN) == 1 && men.size() == 1;
        if (queenOnly) {
            return "the queen";
        }
        return list(men, against);
    }

    private static void addPieces(List<String> words, Map<PieceType, Integer> men, PieceType type) {
        int n = count(men, type);
        if (n == 1) {
            words.add(type.word());
        } else if (n > 1) {
            words.add(NumberWords.of(n) + " " + type.word() + "s");
        }
    }

    private static String pawns(int n, boolean article) {
        return n == 1 ? article ? "a pawn" : "pawn" : NumberWords.of(n) + " pawns";
    }

    private static int count(Map<PieceType, Integer> men, PieceType type) {
        return men.getOrDefault(type, 0);
    }

    private static int minors(Map<PieceType, Integer> men) {
        return count(men, PieceType.BISHOP) + count(men, PieceType.KNIGHT);
    }

    private static int pieces(Map<PieceType, Integer> men) {
        return men.values().stream().mapToInt(n -> n).sum() - count(men, PieceType.PAWN);
    }
}

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
import org.zeroply.coach.texts.CoachWords;

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
            parts.add(
                    CoachWords.of(
                            "fact.has-the-bishop-pair", balance.whitePair() ? "White" : "Black"));
        }
        if (balance.oppositeBishops()) {
            parts.add(CoachWords.of("fact.opposite-coloured-bishops"));
        }
        return String.join("; ", parts);
    }

    private String imbalance() {
        Map<PieceType, Integer> white = surplus(1);
        Map<PieceType, Integer> black = surplus(-1);
        if (white.isEmpty() && black.isEmpty()) {
            return CoachWords.of("fact.material-is-level");
        }
        int lead = balance.hundredths(MaterialScale.FINE);
        boolean whiteFirst = lead == 0 ? !white.isEmpty() : lead > 0;
        Side first = whiteFirst ? Side.WHITE : Side.BLACK;
        Map<PieceType, Integer> more = whiteFirst ? white : black;
        Map<PieceType, Integer> less = whiteFirst ? black : white;
        if (more.isEmpty()) {
            return CoachWords.of("fact.is-up", first.other().word(), list(less, more));
        }
        if (less.isEmpty()) {
            return CoachWords.of("fact.is-up", first.word(), list(more, less));
        }
        return exchange(first, more, less)
                .orElseGet(
                        () ->
                                CoachWords.of(
                                        "fact.has-for",
                                        first.word(),
                                        list(more, less),
                                        forList(less, more)));
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
            return CoachWords.of(
                    "fact.the-exchange",
                    pawns == 0 ? "" : CoachWords.of("fact.for", pawns(pawns, true)));
        }
        return list(lost, got) + (got.isEmpty() ? "" : CoachWords.of("fact.for", list(got, lost)));
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
                    CoachWords.of(
                            "fact.is-the-exchange-and-up", side.word(), pawns(pawnsMore, true)));
        }
        if (pawnsLess > 0) {
            return Optional.of(
                    CoachWords.of(
                            "fact.has-the-exchange-for", side.word(), pawns(pawnsLess, true)));
        }
        return Optional.of(CoachWords.of("fact.is-the-exchange-up", side.word()));
    }

    private static String list(Map<PieceType, Integer> men, Map<PieceType, Integer> against) {
        List<String> words = new ArrayList<>();
        addPieces(words, men, PieceType.QUEEN);
        addPieces(words, men, PieceType.ROOK);
        if (minors(men) >= 2 && minors(against) == 0) {
            words.add(CoachWords.of("fact.minor-pieces", NumberWords.of(minors(men))));
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
            return CoachWords.of("fact.the-queen");
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
        return n == 1
                ? article ? CoachWords.of("fact.a-pawn") : "pawn"
                : CoachWords.of("fact.pawns", NumberWords.of(n));
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

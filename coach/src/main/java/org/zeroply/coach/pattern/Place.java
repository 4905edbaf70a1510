package org.zeroply.coach.pattern;

import java.util.List;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;

/**
 * Where something stands: one of these squares.
 *
 * @param squares a set that is not empty
 */
record Place(long squares) {

    /** Anywhere on the board. */
    static final Place ANYWHERE = new Place(-1L);

    private static final String[] RANKS = {"1st", "2nd", "3rd", "4th", "5th", "6th", "7th", "8th"};

    /** How the places with a name are written, but for files and single squares. */
    static final String NAMED =
            "the kingside|the queenside|the centre|a light square|a dark square"
                    + "|(?:the |its )?[1-8](?:st|nd|rd|th)(?: rank)?|rank [1-8]"
                    + "|(?:the |its )?(?:first|second|third|fourth|fifth|sixth|seventh|eighth)"
                    + "(?: rank)?";

    private static final List<String> ORDINALS =
            List.of("first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth");

    /** One square. */
    static Place square(int square) {
        return new Place(1L << square);
    }

    /** A place with a name; {@code its} rank is counted from the edge of the side. */
    static Place named(String name, Side side) {
        return switch (name) {
            case "the kingside" -> new Place(~Squares.QUEENSIDE);
            case "the queenside" -> new Place(Squares.QUEENSIDE);
            case "the centre" -> new Place(Squares.CENTRE);
            case "a light square" -> new Place(Squares.LIGHT);
            case "a dark square" -> new Place(~Squares.LIGHT);
            default -> {
                int rank = rank(name);
                Side from = name.startsWith("its") ? side : Side.WHITE;
                yield new Place(Squares.ofRank(from, rank));
            }
        };
    }

    /** The 0-based rank that a text names, in figures or in words. */
    private static int rank(String name) {
        String figures = name.replaceAll("\\D", "");
        return figures.isEmpty()
                ? ORDINALS.indexOf(name.replaceAll("the |its | rank", ""))
                : figures.charAt(0) - '1';
    }

    boolean isAnywhere() {
        return squares == -1L;
    }

    Place under(Symmetry way) {
        return new Place(way.set(squares));
    }

    /** The text form: {@code the g-file}, {@code the 7th rank}, {@code g5 or h5}. */
    String text() {
        for (int i = 0; i < 8; i++) {
            if (squares == Squares.ofFile(i)) {
                return "the " + (char) ('a' + i) + "-file";
            }
            if (squares == Squares.ofRank(Side.WHITE, i)) {
                return "the " + RANKS[i] + " rank";
            }
        }
        if (squares == Squares.QUEENSIDE || squares == ~Squares.QUEENSIDE) {
            return squares == Squares.QUEENSIDE ? "the queenside" : "the kingside";
        }
        if (squares == Squares.LIGHT || squares == ~Squares.LIGHT) {
            return squares == Squares.LIGHT ? "a light square" : "a dark square";
        }
        if (squares == Squares.CENTRE) {
            return "the centre";
        }
        return Squares.list(squares).stream().map(Square::name).collect(Collectors.joining(" or "));
    }
}

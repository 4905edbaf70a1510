package org.zeroply.coach.pattern;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.IntToLongFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.zeroply.chess.board.Attacks;
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

    private static final long EDGE = 0xFF818181818181FFL;

    private static final long CORNERS = 0x8100000000000081L;

    private static final long LONG_DIAGONALS = 0x8142241818244281L;

    /** So few squares of a diagonal are told one by one. */
    private static final int SHORT = 3;

    private static final String[] RANKS = {"1st", "2nd", "3rd", "4th", "5th", "6th", "7th", "8th"};

    private static final List<String> ORDINALS =
            List.of("first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth");

    private static final String ORDINAL = "(?:" + String.join("|", ORDINALS) + ")(?: rank)?";

    private static final String RANK =
            "(?:[1-8](?:st|nd|rd|th)|" + String.join("|", ORDINALS) + ")";

    /** Between several files or ranks of which any is meant. */
    private static final String OR = "(?:, (?:or )?| or )(?:the )?";

    private static final String FILE = "[a-h](?:-files?|-)?";

    /** Several files of which any is meant: {@code the a- or h-file}. */
    static final String FILES =
            "(?:the )?" + FILE + "(?:" + OR + FILE + "){0,6}" + OR + "[a-h][- ]files?";

    /** Several files, each of which is meant: {@code the a- and h-file}. */
    static final String EACH_FILE =
            "(?:the )?" + FILE + "(?:, (?:the )?" + FILE + "){0,6},? and (?:the )?[a-h][- ]files?";

    /** Several ranks of which any is meant: {@code the 7th or 8th rank}. */
    static final String SEVERAL_RANKS =
            "(?:the |its )?" + RANK + "(?:" + OR + RANK + "){1,7}(?: ranks?)?";

    /**
     * How ranks are written that a side counts from its own edge: {@code its 7th rank}, and as
     * players speak {@code the seventh}; {@code the 7th rank} is that of the board.
     */
    static final String OWN_RANK = "(?:its .*|(?:the )?" + ORDINAL + "(?:" + OR + ORDINAL + ")*)";

    /** How the places with a name are written, but for files and single squares. */
    static final String NAMED =
            "the kingside|the queenside|the centre|the edge|the rim|(?:the|a) corner|a light square|a dark square"
                    + "|(?:(?:the|a|either) )?long diagonal|(?:the )?[a-h][1-8]-[a-h][1-8] diagonal"
                    + "|(?:the |its )?[1-8](?:st|nd|rd|th)(?: rank)?|rank [1-8]"
                    + "|(?:the |its )?"
                    + ORDINAL;

    /** The word for a 0-based rank, as {@link #rank} reads it. */
    static String ordinal(int rank) {
        return ORDINALS.get(rank);
    }

    /** A file by its 0-based number. */
    static Place file(int file) {
        return new Place(Squares.ofFile(file));
    }

    /** One square. */
    static Place square(int square) {
        return new Place(1L << square);
    }

    /** Any of several files, as {@link #FILES} are written. */
    static Place files(String text) {
        long files = 0;
        for (String file : text.replaceFirst("^the ", "").split(OR)) {
            files |= Squares.ofFile(file.charAt(0) - 'a');
        }
        return new Place(files);
    }

    /** Any of several ranks; in words, or behind {@code its}, from the edge of the side. */
    static Place ranks(String text, Side side) {
        boolean own = text.startsWith("its ");
        long ranks = 0;
        for (String rank : text.replaceAll("^(?:the|its) | ranks?$", "").split(OR)) {
            Side from = own || ORDINALS.contains(rank) ? side : Side.WHITE;
            ranks |= Squares.ofRank(from, rank(rank));
        }
        return new Place(ranks);
    }

    /** A place with a name; some ranks are counted from the edge of the side. */
    static Place named(String name, Side side) {
        return switch (name) {
            case "the kingside" -> new Place(~Squares.QUEENSIDE);
            case "the queenside" -> new Place(Squares.QUEENSIDE);
            case "the centre" -> new Place(Squares.CENTRE);
            case "the edge", "the rim" -> new Place(EDGE);
            case "the corner", "a corner" -> new Place(CORNERS);
            case "a light square" -> new Place(Squares.LIGHT);
            case "a dark square" -> new Place(~Squares.LIGHT);
            default -> {
                if (name.endsWith("long diagonal")) {
                    yield new Place(LONG_DIAGONALS);
                }
                if (name.endsWith("diagonal")) {
                    yield diagonal(name.replaceAll("the | diagonal", ""));
                }
                int rank = rank(name);
                Side from = name.matches(OWN_RANK) ? side : Side.WHITE;
                yield new Place(Squares.ofRank(from, rank));
            }
        };
    }

    /** The squares from one to another, as in {@code b1-h7}. */
    private static Place diagonal(String ends) {
        int from = Square.parse(ends.substring(0, 2));
        int to = Square.parse(ends.substring(3));
        if (from == to || (Attacks.diagonals(from) & 1L << to) == 0) {
            throw new IllegalArgumentException("No diagonal leads from " + ends + ".");
        }
        return new Place(Attacks.between(from, to) | 1L << from | 1L << to);
    }

    /** The name of the squares if they are a diagonal of more than three squares. */
    private Optional<String> diagonal() {
        List<Integer> all = Squares.list(squares);
        if (all.size() <= SHORT) {
            return Optional.empty();
        }
        int first = all.get(0);
        int last = all.get(all.size() - 1);
        boolean whole =
                (Attacks.diagonals(first) & 1L << last) != 0
                        && (Attacks.between(first, last) | 1L << first | 1L << last) == squares;
        return whole
                ? Optional.of("the " + Square.name(first) + "-" + Square.name(last) + " diagonal")
                : Optional.empty();
    }

    /** How it is said that the squares are whole files or ranks. */
    private Optional<String> lines() {
        return lines(Squares::ofFile, file -> (char) ('a' + file) + "-")
                .map(files -> "the " + files + "file")
                .or(
                        () ->
                                lines(rank -> Squares.ofRank(Side.WHITE, rank), rank -> RANKS[rank])
                                        .map(ranks -> "the " + ranks + " rank"));
    }

    /** The names of the lines that the squares are; nothing if they are not whole ones. */
    private Optional<String> lines(IntToLongFunction line, IntFunction<String> name) {
        int[] whole =
                IntStream.range(0, 8).filter(i -> (line.applyAsLong(i) & ~squares) == 0).toArray();
        String names = Arrays.stream(whole).mapToObj(name).collect(Collectors.joining(", "));
        return Arrays.stream(whole).mapToLong(line).sum() == squares
                ? Optional.of(names.replaceFirst(", (?=[^,]*$)", " or "))
                : Optional.empty();
    }

    /** The 0-based rank that a text names, in figures or in words. */
    static int rank(String name) {
        String figures = name.replaceAll("\\D", "");
        return figures.isEmpty()
                ? ORDINALS.indexOf(name.replaceAll("the |its | rank", ""))
                : figures.charAt(0) - '1';
    }

    boolean isAnywhere() {
        return squares == -1L;
    }

    /** As it stands behind what is there: {@code " on the g-file"}; nothing for anywhere. */
    String behind() {
        return isAnywhere() ? "" : " on " + text();
    }

    Place under(Symmetry way) {
        return new Place(way.set(squares));
    }

    /** The text form: {@code the g-file}, {@code the 7th rank}, {@code g5 or h5}. */
    String text() {
        if (squares == Squares.QUEENSIDE || squares == ~Squares.QUEENSIDE) {
            return squares == Squares.QUEENSIDE ? "the queenside" : "the kingside";
        }
        if (squares == Squares.LIGHT || squares == ~Squares.LIGHT) {
            return squares == Squares.LIGHT ? "a light square" : "a dark square";
        }
        if (squares == Squares.CENTRE) {
            return "the centre";
        }
        if (squares == EDGE) {
            return "the edge";
        }
        if (squares == CORNERS) {
            return "a corner";
        }
        if (squares == LONG_DIAGONALS) {
            return "a long diagonal";
        }
        return diagonal()
                .or(this::lines)
                .orElseGet(
                        () ->
                                Squares.list(squares).stream()
                                        .map(Square::name)
                                        .collect(Collectors.joining(" or ")));
    }
}

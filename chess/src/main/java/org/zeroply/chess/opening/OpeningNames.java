package org.zeroply.chess.opening;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;

/** Names of openings in general use, by position, so that every order of moves gets its name. */
public final class OpeningNames {

    /** Variations of many openings are called so: alone these words name none of them. */
    private static final Set<String> OF_MANY =
            Set.of(
                    "classical",
                    "two",
                    "exchange",
                    "closed",
                    "modern",
                    "advance",
                    "normal",
                    "fianchetto",
                    "main",
                    "four",
                    "accelerated",
                    "three",
                    "open",
                    "symmetrical",
                    "quiet",
                    "wing",
                    "standard",
                    "old");

    private static final OpeningNames SHIPPED = read();

    private final Map<Position, String> names;

    /** The keys of the positions, in order: most positions that are asked for have no name. */
    private final long[] keys;

    /** What openings and variations are called by, in small letters. */
    private final Set<String> called;

    private OpeningNames(Map<Position, String> names) {
        this.names = names;
        keys = names.keySet().stream().mapToLong(p -> p.toBoard().key()).sorted().toArray();
        called =
                names.values().stream()
                        .flatMap(OpeningNames::own)
                        .map(part -> part.toLowerCase(Locale.ROOT))
                        .collect(Collectors.toSet());
    }

    /** The names that come with the program. */
    public static OpeningNames shipped() {
        return SHIPPED;
    }

    private static OpeningNames read() {
        Map<Position, String> names = new LinkedHashMap<>();
        Map<String, Position> reached = new HashMap<>(Map.of("", Position.START));
        try (InputStream in = OpeningNames.class.getResourceAsStream("openings.tsv");
                BufferedReader lines =
                        new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                String[] columns = line.split("\t");
                String before = names.put(position(columns[0], reached), columns[1]);
                if (before != null) {
                    throw new IllegalStateException(
                            "two names for one position: " + before + ", " + columns[1]);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (NotationException e) {
            throw new IllegalStateException("the shipped names have an illegal move", e);
        }
        return new OpeningNames(names);
    }

    /** The position after some moves; lines share their beginnings, which are read once. */
    private static Position position(String moves, Map<String, Position> reached)
            throws NotationException {
        Position known = reached.get(moves);
        if (known != null) {
            return known;
        }
        int last = moves.lastIndexOf(' ');
        Position before = position(moves.substring(0, Math.max(0, last)), reached);
        Position after = before.play(San.read(before, moves.substring(last + 1)));
        reached.put(moves, after);
        return after;
    }

    /**
     * Whether these words begin the name of an opening, or of a variation that has a name of its
     * own; upper and lower case do not matter, nor does the American spelling of a defence.
     */
    public boolean has(String words) {
        String wanted = spelled(words).toLowerCase(Locale.ROOT);
        return !wanted.isEmpty()
                && called.stream()
                        .filter(part -> part.startsWith(wanted))
                        .anyMatch(part -> (part + " ").charAt(wanted.length()) == ' ');
    }

    /**
     * The beginning of a name that these words stand for: themselves where they begin one ({@link
     * #has}), else {@code Caro-Kann Defence: Exchange} for {@code caro-kann exchange}, the first
     * words of an opening and of its variation.
     */
    public Optional<String> named(String words) {
        if (has(words)) {
            return Optional.of(spelled(words));
        }
        List<String> said = words(spelled(words).replaceFirst("(?i) variation$", ""));
        String first = said.get(0);
        return names.values().stream()
                .filter(name -> name.regionMatches(true, 0, first, 0, first.length()))
                .flatMap(name -> joined(name.split(": ", 2), said).stream())
                .findFirst();
    }

    private static Optional<String> joined(String[] name, List<String> said) {
        if (name.length < 2) {
            return Optional.empty();
        }
        List<String> opening = words(name[0]);
        List<String> variation = words(name[1]);
        for (int n = Math.min(opening.size(), said.size() - 1); n > 0; n--) {
            List<String> rest = said.subList(n, said.size());
            if (begins(opening, said.subList(0, n)) && begins(variation, rest)) {
                return Optional.of(
                        name[0] + ": " + String.join(" ", variation.subList(0, rest.size())));
            }
        }
        return Optional.empty();
    }

    private static List<String> words(String text) {
        return List.of(text.strip().split("[\\s,]+"));
    }

    private static boolean begins(List<String> all, List<String> first) {
        return first.size() <= all.size()
                && IntStream.range(0, first.size())
                        .allMatch(i -> all.get(i).equalsIgnoreCase(first.get(i)));
    }

    /** The opening's name, and that of the variation if it is called so alone. */
    private static Stream<String> own(String name) {
        String[] parts = name.split(": ");
        boolean alone =
                parts.length > 1
                        && !OF_MANY.contains(parts[1].toLowerCase(Locale.ROOT).split("\\W", 2)[0]);
        return alone ? Stream.of(parts) : Stream.of(parts[0]);
    }

    /** What is said of an opening, with its defence spelled as in the names. */
    public static String spelled(String words) {
        return words.strip().replace("efense", "efence");
    }

    /** How many there are. */
    public int size() {
        return names.size();
    }

    /** The name of a position, if it has one of its own. */
    public Optional<String> of(Position position) {
        return Optional.ofNullable(names.get(position));
    }

    /** The name of the position on a board, if it has one of its own. */
    public Optional<String> of(Board board) {
        return Arrays.binarySearch(keys, board.key()) < 0
                ? Optional.empty()
                : of(Position.of(board));
    }

    /** The name of a game: that of the last named position of its line. */
    public Optional<String> of(List<Node> line) {
        return line.stream()
                .map(n -> of(n.position()))
                .flatMap(Optional::stream)
                .reduce((earlier, later) -> later);
    }
}

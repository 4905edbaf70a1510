package org.zeroply.desktop.games;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.pattern.Condition;
import org.zeroply.coach.pattern.ConditionReader;
import org.zeroply.coach.pattern.Query;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.coach.pattern.QueryStep;

/**
 * A query while it is being made: what is drawn on a small board and what is typed are the same
 * text. What is drawn belongs to the last step.
 */
final class QueryDraft {

    private static final Pattern ON_SQUARE =
            Pattern.compile(
                    "(?:(white|black) )?(king|queen|rook|bishop|knight|pawn|man) on ([a-h][1-8])");
    private static final Pattern EMPTY = Pattern.compile("([a-h][1-8]) empty");
    private static final String NOT = "NOT ";

    private QueryDraft() {}

    /**
     * What a pressed square means.
     *
     * @param man a man of a side; empty for what has no type
     * @param sign how it is drawn where it is no man
     * @param words what is said of the square, the square left out as {@code %s}
     */
    record Tool(Optional<Piece> man, String sign, String words) {

        static Tool of(Piece man) {
            String side = man.side().smallWord();
            return new Tool(Optional.of(man), "", side + " " + man.type().word() + " on %s");
        }

        /** Any man of a side. */
        static Tool any(Side side) {
            String word = side.smallWord();
            return new Tool(Optional.empty(), side == Side.WHITE ? "○" : "●", word + " man on %s");
        }

        /** Nothing on the square. */
        static final Tool NOTHING = new Tool(Optional.empty(), "×", "%s empty");

        String at(int square) {
            return String.format(Locale.ROOT, words, Square.name(square));
        }
    }

    /**
     * What is drawn.
     *
     * @param men by square; null where none is asked for
     * @param signs what else is asked of squares; a stroke through what must not be there
     */
    record Drawn(Piece[] men, Map<Integer, String> signs) {}

    /** The query that a text says, if it can be read. */
    static Optional<Query> read(String text) {
        try {
            return text.isBlank() ? Optional.empty() : Optional.of(QueryReader.read(text));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** What of a text can be drawn. */
    static Drawn drawn(String text) {
        Drawn drawn = new Drawn(new Piece[64], new HashMap<>());
        read(text).ifPresent(q -> lastOf(q).parts().forEach(c -> draw(drawn, c.text())));
        return drawn;
    }

    private static QueryStep lastOf(Query query) {
        return query.steps().get(query.steps().size() - 1);
    }

    private static void draw(Drawn drawn, String text) {
        boolean not = text.startsWith(NOT);
        String bare = not ? text.substring(NOT.length()) : text;
        Matcher man = ON_SQUARE.matcher(bare);
        Matcher empty = EMPTY.matcher(bare);
        if (empty.matches()) {
            drawn.signs().put(Square.parse(empty.group(1)), not ? "□" : Tool.NOTHING.sign());
        } else if (man.matches()) {
            int square = Square.parse(man.group(3));
            if (not) {
                drawn.signs().put(square, "/");
            }
            Optional<Side> side = Optional.ofNullable(man.group(1)).map(Side::called);
            if (side.isPresent() && !man.group(2).equals("man")) {
                PieceType type = PieceType.valueOf(man.group(2).toUpperCase(Locale.ROOT));
                drawn.men()[square] = new Piece(side.get(), type);
            } else {
                drawn.signs().put(square, side.map(s -> Tool.any(s).sign()).orElse("◐"));
            }
        }
    }

    /**
     * A text with a square pressed: what the tool says of it comes in, or goes where it stands.
     *
     * @param not what the tool says must not be so
     * @return empty where the text cannot be read
     */
    static Optional<String> pressed(String text, Tool tool, int square, boolean not) {
        String said = (not ? NOT : "") + tool.at(square);
        return changed(
                text,
                parts -> {
                    List<Condition> next = new ArrayList<>(parts);
                    if (!next.removeIf(c -> c.text().equals(said))) {
                        next.removeIf(c -> isDrawnOn(c.text(), square));
                        next.addAll(ConditionReader.all(said));
                    }
                    return next;
                },
                said);
    }

    /** A text without what is drawn on a square. */
    static Optional<String> cleared(String text, int square) {
        return changed(
                text,
                parts -> parts.stream().filter(c -> !isDrawnOn(c.text(), square)).toList(),
                "");
    }

    /** A text with what is drawn on one square drawn on another, or on none (-1). */
    static Optional<String> moved(String text, int from, int to) {
        return changed(
                text,
                parts -> {
                    List<Condition> next = new ArrayList<>();
                    for (Condition part : parts) {
                        if (!isDrawnOn(part.text(), from)) {
                            if (to < 0 || !isDrawnOn(part.text(), to)) {
                                next.add(part);
                            }
                        } else if (to >= 0) {
                            String there = part.text().replace(Square.name(from), Square.name(to));
                            next.addAll(ConditionReader.all(there));
                        }
                    }
                    return next;
                },
                "");
    }

    /** A text with one more condition. */
    static Optional<String> with(String text, String condition) {
        return changed(
                text,
                parts -> {
                    List<Condition> next = new ArrayList<>(parts);
                    next.addAll(ConditionReader.all(condition));
                    return next;
                },
                condition);
    }

    private static boolean isDrawnOn(String text, int square) {
        String bare = text.startsWith(NOT) ? text.substring(NOT.length()) : text;
        Matcher man = ON_SQUARE.matcher(bare);
        Matcher empty = EMPTY.matcher(bare);
        String name = Square.name(square);
        return man.matches() && man.group(3).equals(name)
                || empty.matches() && empty.group(1).equals(name);
    }

    private interface Change {
        List<Condition> of(List<Condition> parts);
    }

    private static Optional<String> changed(String text, Change change, String alone) {
        if (text.isBlank()) {
            return Optional.of(alone);
        }
        return read(text).map(query -> changed(query, change));
    }

    private static String changed(Query query, Change change) {
        List<QueryStep> steps = new ArrayList<>(query.steps());
        QueryStep last = steps.remove(steps.size() - 1);
        List<Condition> parts = change.of(last.parts());
        if (!parts.isEmpty()) {
            steps.add(last.withParts(parts));
        }
        return steps.isEmpty() ? "" : new Query(steps, query.manners(), query.games()).text();
    }

    /** A text asked in these manners and no others. */
    static Optional<String> asked(String text, Set<Query.Manner> manners) {
        return read(text).map(q -> q.with(manners).text());
    }
}

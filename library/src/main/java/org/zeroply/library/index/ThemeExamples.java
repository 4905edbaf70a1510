package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.function.LongFunction;
import java.util.stream.IntStream;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.lesson.draft.Example;
import org.zeroply.coach.pattern.Burden;
import org.zeroply.coach.pattern.Definitions;
import org.zeroply.coach.pattern.Query;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.engine.analysis.Cancellation;

/** Places in the games of a library at which a theme is there, for either side. */
public final class ThemeExamples {

    /** Places of one game at the most: what lasts long shows no more; our choice. */
    private static final int PER_GAME = 12;

    private final PositionFinder finder;
    private final LongFunction<MoveTree> games;

    /**
     * @param games reads a game by its number
     */
    public ThemeExamples(PositionFinder finder, LongFunction<MoveTree> games) {
        this.finder = finder;
        this.games = games;
    }

    /**
     * The queries that a theme in words stands for, each with the side whose theme it is: whoever
     * has what is asked, or plays against it where it weighs on a side ({@link Burden}). Words that
     * name no side are asked for both.
     *
     * @throws IllegalArgumentException if they are no query, saying what cannot be understood
     */
    public static Map<Side, Query> queries(String words) {
        String lower = words.toLowerCase(Locale.ROOT);
        int white = lower.indexOf("white");
        int black = lower.indexOf("black");
        Map<Side, Query> queries = new LinkedHashMap<>();
        if (white < 0 && black < 0) {
            for (Side side : Side.values()) {
                String sided = side.smallWord() + " " + words.strip();
                if (QueryReader.problem(sided).isEmpty()) {
                    put(queries, side, QueryReader.read(sided));
                }
            }
        }
        if (queries.isEmpty()) {
            boolean blacks = black >= 0 && (white < 0 || black < white);
            put(queries, blacks ? Side.BLACK : Side.WHITE, QueryReader.read(words));
        }
        return queries;
    }

    private static void put(Map<Side, Query> queries, Side named, Query query) {
        queries.put(Burden.isOn(named, query) ? named.other() : named, query);
    }

    /** Whether words name a theme that can be looked for. */
    public static boolean isTheme(String words) {
        try {
            return !queries(words).isEmpty();
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /**
     * Looks for examples, the newest game first.
     *
     * @param most games at most
     * @param helpers what runs the parts of the work
     * @throws IllegalArgumentException if the words are no query
     * @throws CancellationException if it was asked to stop
     */
    public List<Example> find(
            String words, int most, Executor helpers, int threads, Cancellation cancellation) {
        List<Example> examples = new ArrayList<>();
        Map<Side, Query> queries = queries(words);
        Map<Long, MoveTree> trees = new HashMap<>();
        for (Map.Entry<Side, Query> asked : queries.entrySet()) {
            Map<Long, List<Integer>> plies = new LinkedHashMap<>();
            Query query = asked.getValue().with(Query.Manner.EVERY, true);
            int mostGames = most / queries.size();
            // Where each game takes long, no more are looked through than are wanted.
            boolean takesLong = !query.searches().isEmpty();
            Cancellation enough = new Cancellation(cancellation);
            try {
                finder.find(
                        query,
                        helpers,
                        threads,
                        enough,
                        (found, looked, all) -> {
                            if (!enough.isCancelled()) {
                                found.forEach(h -> take(plies, h, mostGames));
                                if (takesLong && plies.size() >= mostGames) {
                                    enough.cancel();
                                }
                            }
                        });
            } catch (CancellationException e) {
                if (cancellation.isCancelled()) {
                    throw e;
                }
            }
            plies.forEach(
                    (game, at) -> {
                        MoveTree tree = trees.computeIfAbsent(game, games::apply);
                        spread(at).stream()
                                .filter(ply -> ply <= tree.mainLine().size())
                                .forEach(
                                        ply ->
                                                examples.add(
                                                        new Example(
                                                                tree,
                                                                ply,
                                                                asked.getKey(),
                                                                Optional.of(asked.getValue()))));
                    });
        }
        return examples;
    }

    private static void take(
            Map<Long, List<Integer>> plies, PositionFinder.Hit hit, int mostGames) {
        long game = hit.game().sheetId();
        if (plies.size() < mostGames || plies.containsKey(game)) {
            plies.computeIfAbsent(game, g -> new ArrayList<>()).add(hit.match().ply());
        }
    }

    /** Places from the first to the last, evenly where there are more than are wanted. */
    static List<Integer> spread(List<Integer> plies) {
        return plies.size() <= PER_GAME
                ? plies
                : IntStream.range(0, PER_GAME)
                        .mapToObj(i -> plies.get(i * (plies.size() - 1) / (PER_GAME - 1)))
                        .toList();
    }

    /** The exercises that have a theme of this name, or one that is part of it. */
    public static List<MoveTree> exercises(List<MoveTree> all, String words) {
        String wanted = words.toLowerCase(Locale.ROOT);
        return all.stream()
                .filter(
                        t ->
                                Arrays.stream(t.tag("ZpThemes").split(","))
                                        .map(x -> x.strip().toLowerCase(Locale.ROOT))
                                        .anyMatch(x -> !x.isEmpty() && wanted.contains(x)))
                .toList();
    }

    /** Words as the name of a lesson. */
    public static String title(String words) {
        String text = Optional.of(words.strip()).filter(w -> !w.isEmpty()).orElse("Lesson");
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** The same with what it means, where words are a theme of which that is written. */
    static String definition(String words) {
        Optional<String> means =
                isTheme(words)
                        ? Definitions.of(queries(words).values().iterator().next())
                        : Optional.empty();
        return title(words) + means.map(m -> ": " + m).orElse("");
    }
}

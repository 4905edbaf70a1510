package org.zeroply.library.index;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongPredicate;
import java.util.stream.IntStream;
import org.jdbi.v3.core.Handle;
import org.zeroply.chess.tree.GameResult;

/**
 * What is told of every game of the index, in memory; read again only where sheets changed. About
 * 32 bytes a game: there may be millions.
 */
final class GameRoster {

    private static final Duration OWN = Duration.ofSeconds(5);
    private static final Duration OTHERS = Duration.ofMinutes(10);

    /** The numbers of games by those of their sheets, and the other way; 0 for none. */
    private int[] numbers = new int[0];

    private int[] sheets = new int[0];
    private int[] whites = new int[0];
    private int[] blacks = new int[0];
    private int[] dates = new int[0];
    private int[] results = new int[0];
    private short[] whiteRatings = new short[0];
    private short[] blackRatings = new short[0];

    /** Names come up in many games and are kept once. */
    private final List<String> texts = new ArrayList<>();

    private final Map<String, Integer> places = new HashMap<>();

    /** What each of the texts is as a date, and as a result. */
    private int[] years = new int[0];

    private int[] halves = new int[0];

    /** The latest change that was read, in milliseconds since 1970; -1 for none. */
    private long seen = -1;

    /**
     * Reads what changed since it was last asked.
     *
     * @param others whether another program has written, which may have begun earlier
     */
    synchronized void refresh(Handle h, boolean others) {
        // Who writes takes the time before it is all written.
        long since = seen < 0 ? -1 : seen - (others ? OTHERS : OWN).toMillis();
        h.createQuery(
                        "SELECT s.id, s.white, s.black, s.white_elo, s.black_elo, s.date, s.result,"
                                + " s.deleted, s.changed, l.number FROM sheet s LEFT JOIN"
                                + " game_line l ON l.sheet_id = s.id WHERE s.changed >= :since"
                                + " AND (s.kind = 'game' OR :since >= 0)")
                .bind("since", since)
                .scanResultSet(
                        (rs, c) -> {
                            ResultSet rows = rs.get();
                            while (rows.next()) {
                                read(rows);
                            }
                            return true;
                        });
    }

    private void read(ResultSet rs) throws SQLException {
        int sheet = Math.toIntExact(rs.getLong(1));
        seen = Math.max(seen, rs.getLong(9));
        if (sheet < numbers.length && numbers[sheet] > 0) {
            sheets[numbers[sheet]] = 0;
            numbers[sheet] = 0;
        }
        int number = rs.getInt(10);
        if (rs.getString(8) != null || number == 0) {
            return;
        }
        makeRoom(number, sheet);
        numbers[sheet] = number;
        sheets[number] = sheet;
        whites[number] = place(rs.getString(2));
        blacks[number] = place(rs.getString(3));
        whiteRatings[number] = (short) rs.getInt(4);
        blackRatings[number] = (short) rs.getInt(5);
        dates[number] = place(rs.getString(6));
        results[number] = place(rs.getString(7));
    }

    private int place(String text) {
        return places.computeIfAbsent(
                text,
                t -> {
                    int place = texts.size();
                    if (place >= years.length) {
                        years = Arrays.copyOf(years, roomFor(place));
                        halves = Arrays.copyOf(halves, roomFor(place));
                    }
                    texts.add(t);
                    years[place] = GameFacts.year(t);
                    halves[place] = GameResult.halves(t);
                    return place;
                });
    }

    private void makeRoom(int number, int sheet) {
        if (sheet >= numbers.length) {
            numbers = Arrays.copyOf(numbers, roomFor(sheet));
        }
        if (number >= sheets.length) {
            int room = roomFor(number);
            sheets = Arrays.copyOf(sheets, room);
            whites = Arrays.copyOf(whites, room);
            blacks = Arrays.copyOf(blacks, room);
            dates = Arrays.copyOf(dates, room);
            results = Arrays.copyOf(results, room);
            whiteRatings = Arrays.copyOf(whiteRatings, room);
            blackRatings = Arrays.copyOf(blackRatings, room);
        }
    }

    private static int roomFor(int place) {
        return place + place / 4 + 64;
    }

    /** Whether there is a game of this number still. */
    synchronized boolean has(int number) {
        return number < sheets.length && sheets[number] > 0;
    }

    /** The game of a number that there is. */
    synchronized GameFacts of(int number) {
        return new GameFacts(
                sheets[number],
                texts.get(whites[number]),
                texts.get(blacks[number]),
                whiteRatings[number],
                blackRatings[number],
                texts.get(dates[number]),
                texts.get(results[number]));
    }

    /** The game of a number, if there is one. */
    synchronized Optional<GameFacts> find(int number) {
        return has(number) ? Optional.of(of(number)) : Optional.empty();
    }

    /**
     * The numbers of the games that pass, the newest first: by date, and those of a day by when
     * they were stored.
     *
     * @param among which sheets count
     */
    synchronized int[] numbers(GameFilter filter, LongPredicate among) {
        int[] order = new int[texts.size()];
        List<Integer> byText = new ArrayList<>();
        IntStream.range(0, order.length).forEach(byText::add);
        byText.sort(Comparator.comparing(texts::get));
        for (int i = 0; i < order.length; i++) {
            order[byText.get(i)] = i;
        }
        boolean all = filter.equals(GameFilter.ALL);
        return IntStream.range(1, sheets.length)
                .filter(n -> has(n) && among.test(sheets[n]) && (all || filter.passes(of(n))))
                .mapToLong(n -> (long) order[dates[n]] << 32 | n)
                .map(key -> -key)
                .sorted()
                .mapToInt(key -> (int) -key)
                .toArray();
    }

    /** The rating of a side in a game; 0 if not known. */
    synchronized int rating(int number, boolean white) {
        return white ? whiteRatings[number] : blackRatings[number];
    }

    /** The year of a game; 0 if not known. */
    synchronized int year(int number) {
        return years[dates[number]];
    }

    /** Half points of White in a game; -1 where there is no result. */
    synchronized int halves(int number) {
        return halves[results[number]];
    }
}

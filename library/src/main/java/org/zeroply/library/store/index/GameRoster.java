package org.zeroply.library.store.index;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jdbi.v3.core.Handle;

/** What is told of every game of the index, in memory; read again only where sheets changed. */
final class GameRoster {

    private static final Duration OWN = Duration.ofSeconds(5);
    private static final Duration OTHERS = Duration.ofMinutes(10);

    private final List<GameFacts> byNumber = new ArrayList<>();
    private final Map<Long, Integer> numbers = new HashMap<>();
    private final Map<String, String> texts = new HashMap<>();
    private String seen = "";

    /**
     * Reads what changed since it was last asked.
     *
     * @param others whether another program has written, which may have begun earlier
     */
    void refresh(Handle h, boolean others) {
        h.createQuery(
                        "SELECT s.id, s.white, s.black, s.white_elo, s.black_elo, s.date, s.result,"
                                + " s.deleted_at, s.changed_at, l.number FROM sheet s LEFT JOIN"
                                + " game_line l ON l.sheet_id = s.id WHERE s.changed_at >= :seen"
                                + " AND (s.kind = 'game' OR :seen <> '')")
                .bind("seen", since(others ? OTHERS : OWN))
                .map((rs, c) -> read(rs))
                .forEach(changed -> {});
    }

    /** Some time before what was seen last: who writes takes the time before it is all written. */
    private String since(Duration before) {
        return seen.isEmpty()
                ? ""
                : Instant.parse(seen + "Z").minus(before).toString().replace("Z", "");
    }

    private boolean read(ResultSet rs) throws SQLException {
        long sheet = rs.getLong(1);
        // Without its Z a time sorts before all later ones, whatever fractions they have.
        String changed = rs.getString(9).replace("Z", "");
        seen = seen.compareTo(changed) < 0 ? changed : seen;
        Integer before = numbers.remove(sheet);
        if (before != null) {
            byNumber.set(before, null);
        }
        int number = rs.getInt(10);
        if (rs.getString(8) != null || number == 0) {
            return true;
        }
        while (byNumber.size() <= number) {
            byNumber.add(null);
        }
        numbers.put(sheet, number);
        byNumber.set(
                number,
                new GameFacts(
                        sheet,
                        once(rs.getString(2)),
                        once(rs.getString(3)),
                        rs.getInt(4),
                        rs.getInt(5),
                        once(rs.getString(6)),
                        once(rs.getString(7))));
        return true;
    }

    /** Names come up in many games and are kept once. */
    private String once(String text) {
        return texts.computeIfAbsent(text, t -> t);
    }

    /** The game of a number; empty when it is no more. */
    Optional<GameFacts> of(int number) {
        return number < byNumber.size()
                ? Optional.ofNullable(byNumber.get(number))
                : Optional.empty();
    }
}

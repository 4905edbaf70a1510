package org.zeroply.library.sheet;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.reflect.ConstructorMapper;
import org.zeroply.library.database.ContentKey;

/**
 * The changes of a sheet as differences between the texts before and after, so that each can be
 * taken back in its turn, also tomorrow. A difference is applied only to the very text it was made
 * on; where somebody else has changed the sheet without it, the history ends there.
 */
final class SheetHistory {

    /** Changes kept of every sheet, however old. */
    static final int KEPT = 200;

    /** Changes younger than this are all kept. */
    static final Duration AGE = Duration.ofDays(30);

    /** A lesson has more games than one. */
    private static final Pattern NEXT_GAME = Pattern.compile("\\n\\n(?=\\[\\w+ \")");

    private SheetHistory() {}

    /**
     * A difference: at a place in characters, what stood there and what stands there now.
     *
     * @param before fingerprint of the text before
     * @param after fingerprint of the text after
     */
    record Difference(
            long id, int place, String removed, String added, String before, String after) {

        static Difference between(String old, String now) {
            int most = Math.min(old.length(), now.length());
            int head = 0;
            while (head < most && old.charAt(head) == now.charAt(head)) {
                head++;
            }
            int tail = 0;
            while (tail < most - head
                    && old.charAt(old.length() - 1 - tail) == now.charAt(now.length() - 1 - tail)) {
                tail++;
            }
            return new Difference(
                    0,
                    head,
                    old.substring(head, old.length() - tail),
                    now.substring(head, now.length() - tail),
                    ContentKey.of(old),
                    ContentKey.of(now));
        }

        private Optional<String> exchange(
                String text, String from, String to, String asked, String given) {
            boolean fits = ContentKey.of(text).equals(asked) && text.startsWith(from, place);
            return Optional.of(text)
                    .filter(t -> fits)
                    .map(t -> t.substring(0, place) + to + t.substring(place + from.length()))
                    .filter(t -> ContentKey.of(t).equals(given));
        }

        Optional<String> takenBack(String text) {
            return exchange(text, added, removed, after, before);
        }

        Optional<String> madeAgain(String text) {
            return exchange(text, removed, added, before, after);
        }
    }

    /**
     * The text without the line breaks of the moves: a word more in the first line would move all
     * breaks after it, and the difference would be most of the sheet. Comments to the end of a line
     * keep theirs.
     */
    static String flat(String pgn) {
        return Arrays.stream(NEXT_GAME.split(pgn))
                .map(SheetHistory::flatGame)
                .collect(Collectors.joining("\n\n"));
    }

    private static String flatGame(String pgn) {
        int moves = pgn.indexOf("\n\n");
        if (moves < 0) {
            return pgn;
        }
        StringBuilder flat = new StringBuilder(pgn.substring(0, moves + 2));
        String before = ";";
        for (String line : pgn.substring(moves + 2).strip().split("\n")) {
            boolean breaks = isToTheEnd(before) || isToTheEnd(line);
            flat.append(breaks ? '\n' : ' ').append(line);
            before = line;
        }
        return flat.toString();
    }

    /** Whether a line is a comment to its end, also as the first thing of a variation. */
    private static boolean isToTheEnd(String line) {
        return line.startsWith(";") || line.startsWith("(;");
    }

    /** Notes that a sheet's text was changed; to be called in the transaction that changes it. */
    static void note(Handle h, long sheet, String old, String now, SheetStep step, Instant at) {
        Difference change = Difference.between(flat(old), flat(now));
        if (change.removed().equals(change.added())) {
            return;
        }
        boolean stepped =
                switch (step) {
                    case CHANGE -> false;
                    case UNDO ->
                            last(h, sheet)
                                    .filter(d -> d.before().equals(change.after()))
                                    .map(d -> mark(h, d, true))
                                    .isPresent();
                    case REDO ->
                            firstUndone(h, sheet)
                                    .filter(d -> d.after().equals(change.after()))
                                    .map(d -> mark(h, d, false))
                                    .isPresent();
                };
        if (!stepped) {
            add(h, sheet, change, at);
        }
    }

    private static void add(Handle h, long sheet, Difference d, Instant at) {
        h.execute("DELETE FROM sheet_change WHERE sheet_id = ? AND undone = 1", sheet);
        h.execute(
                "INSERT INTO sheet_change (sheet_id, place, removed, added, before_key, after_key,"
                        + " made) VALUES (?, ?, ?, ?, ?, ?, ?)",
                sheet,
                d.place(),
                d.removed(),
                d.added(),
                d.before(),
                d.after(),
                at);
        h.execute(
                "DELETE FROM sheet_change WHERE sheet_id = ? AND made < ? AND id <= (SELECT id"
                        + " FROM sheet_change WHERE sheet_id = ? ORDER BY id DESC LIMIT 1 OFFSET ?)",
                sheet,
                at.minus(AGE),
                sheet,
                KEPT);
    }

    private static boolean mark(Handle h, Difference d, boolean undone) {
        h.execute("UPDATE sheet_change SET undone = ? WHERE id = ?", undone, d.id());
        return true;
    }

    private static Optional<Difference> last(Handle h, long sheet) {
        return one(h, sheet, "undone = 0 ORDER BY id DESC");
    }

    private static Optional<Difference> firstUndone(Handle h, long sheet) {
        return one(h, sheet, "undone = 1 ORDER BY id");
    }

    private static Optional<Difference> one(Handle h, long sheet, String which) {
        return h.createQuery(
                        "SELECT id, place, removed, added, before_key AS before, after_key AS after FROM sheet_change"
                                + " WHERE sheet_id = :sheet AND "
                                + which
                                + " LIMIT 1")
                .bind("sheet", sheet)
                .map(ConstructorMapper.of(Difference.class))
                .findOne();
    }

    /** The state before the last change that was not taken back. */
    static Optional<String> earlier(Handle h, long sheet, String pgn) {
        return last(h, sheet).flatMap(d -> d.takenBack(flat(pgn)));
    }

    /** The state after the first change that was taken back. */
    static Optional<String> later(Handle h, long sheet, String pgn) {
        return firstUndone(h, sheet).flatMap(d -> d.madeAgain(flat(pgn)));
    }
}

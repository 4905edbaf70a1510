package org.zeroply.library.care;

import java.util.ArrayList;
import java.util.List;
import org.jdbi.v3.core.Handle;
import org.zeroply.library.database.LibraryCopies;
import org.zeroply.library.texts.LibraryWords;

/**
 * How much of one kind a copy has otherwise.
 *
 * @param what such as {@code games}
 * @param gone what is in the library, as it is, and not in the copy
 * @param back what is in the copy, as it was, and not in the library
 */
public record Change(String what, int gone, int back) {

    private static final String FINGERPRINT = "hex(content)";

    /** The same in libraries before version 6, which kept the whole one in digits. */
    private static final String OLD_FINGERPRINT = "upper(substr(content_key, 1, 32))";

    /** When a row was put away; before version 11 it was called otherwise. */
    private static final String DELETED = "deleted";

    private static final String OLD_DELETED = "deleted_at";

    /** What is compared: the rows of a table that count, by what tells them apart. */
    private record Kind(String what, String table, String key, String counts) {

        static Kind sheets(String what, String kind) {
            String counts = "kind = '" + kind + "' AND " + DELETED + " IS NULL";
            return new Kind(what, "sheet", FINGERPRINT, counts);
        }

        private String key(Handle h, String library) {
            boolean old = key.equals(FINGERPRINT) && has(h, library, "content_key");
            return old ? OLD_FINGERPRINT : key;
        }

        private boolean has(Handle h, String library, String column) {
            return h.createQuery(
                                    "SELECT count(*) FROM pragma_table_info(:table, :library) WHERE name ="
                                            + " :column")
                            .bind("table", table)
                            .bind("library", library)
                            .bind("column", column)
                            .mapTo(Integer.class)
                            .one()
                    > 0;
        }

        private String rows(Handle h, String library) {
            String that =
                    has(h, library, OLD_DELETED) ? counts.replace(DELETED, OLD_DELETED) : counts;
            return "FROM " + library + "." + table + " WHERE " + that;
        }

        /** How many rows of one library are not in the other. */
        int missing(Handle h, String in, String from) {
            return h.createQuery(
                            "SELECT count(*) "
                                    + rows(h, in)
                                    + " AND "
                                    + key(h, in)
                                    + " NOT IN (SELECT "
                                    + key(h, from)
                                    + " "
                                    + rows(h, from)
                                    + ")")
                    .mapTo(Integer.class)
                    .one();
        }
    }

    /** The bin of attempts is younger than the first libraries: all attempts count. */
    private static final List<Kind> KINDS =
            List.of(
                    Kind.sheets("games", "game"),
                    Kind.sheets("analyses", "analysis"),
                    Kind.sheets("exercises", "exercise"),
                    Kind.sheets("chapters", "repertoire"),
                    new Kind("students", "student", "uuid", DELETED + " IS NULL"),
                    new Kind("attempts", "attempt", "uuid", "TRUE"));

    /** What a library attached as {@link LibraryCopies#BESIDE} has otherwise; only what differs. */
    static List<Change> all(Handle h) {
        return KINDS.stream()
                .map(
                        k ->
                                new Change(
                                        k.what(),
                                        k.missing(h, "main", LibraryCopies.BESIDE),
                                        k.missing(h, LibraryCopies.BESIDE, "main")))
                .filter(c -> c.gone() + c.back() > 0)
                .toList();
    }

    /** The change in words: {@code games: 2 would go, 1 would come back}. */
    public String words() {
        List<String> parts = new ArrayList<>();
        if (gone > 0) {
            parts.add(LibraryWords.of("care.would-go", gone));
        }
        if (back > 0) {
            parts.add(LibraryWords.of("care.would-come-back", back));
        }
        return what + ": " + String.join(", ", parts);
    }
}

package org.zeroply.library.store.care;

import java.util.ArrayList;
import java.util.List;
import org.jdbi.v3.core.Handle;
import org.zeroply.library.store.LibraryCopies;

/**
 * How much of one kind a copy has otherwise.
 *
 * @param what such as {@code games}
 * @param gone what is in the library, as it is, and not in the copy
 * @param back what is in the copy, as it was, and not in the library
 */
public record Change(String what, int gone, int back) {

    /** Kinds of sheets, what they are called, and their table. */
    private static final List<String[]> KINDS =
            List.of(
                    new String[] {"games", "sheet", "content_key", "kind = 'game'"},
                    new String[] {"analyses", "sheet", "content_key", "kind = 'analysis'"},
                    new String[] {"exercises", "sheet", "content_key", "kind = 'exercise'"},
                    new String[] {"chapters", "sheet", "content_key", "kind = 'repertoire'"},
                    new String[] {"students", "student", "uuid", "1"},
                    new String[] {"attempts", "attempt", "uuid", "1"});

    /** What a library attached as {@link LibraryCopies#BESIDE} has otherwise; only what differs. */
    static List<Change> all(Handle h) {
        List<Change> changes = new ArrayList<>();
        for (String[] kind : KINDS) {
            Change change =
                    new Change(
                            kind[0],
                            missing(h, kind, "main", LibraryCopies.BESIDE),
                            missing(h, kind, LibraryCopies.BESIDE, "main"));
            if (change.gone() + change.back() > 0) {
                changes.add(change);
            }
        }
        return changes;
    }

    private static int missing(Handle h, String[] kind, String in, String from) {
        String live = kind[3] + (kind[1].equals("attempt") ? "" : " AND deleted_at IS NULL");
        return h.createQuery(
                        "SELECT count(*) FROM "
                                + in
                                + "."
                                + kind[1]
                                + " WHERE "
                                + live
                                + " AND "
                                + kind[2]
                                + " NOT IN (SELECT "
                                + kind[2]
                                + " FROM "
                                + from
                                + "."
                                + kind[1]
                                + " WHERE "
                                + live
                                + ")")
                .mapTo(Integer.class)
                .one();
    }

    /** The change in words: {@code games: 2 would go, 1 would come back}. */
    public String words() {
        List<String> parts = new ArrayList<>();
        if (gone > 0) {
            parts.add(gone + " would go");
        }
        if (back > 0) {
            parts.add(back + " would come back");
        }
        return what + ": " + String.join(", ", parts);
    }
}

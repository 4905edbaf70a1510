package org.zeroply.library.care;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.reflect.ConstructorMapper;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.Database;
import org.zeroply.library.index.PositionIndex;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.sheet.WordIndex;
import org.zeroply.library.texts.LibraryWords;

/** Looks through a library for what is damaged or belongs to nothing. */
public final class LibraryCheck {

    /** Sheets read at once. */
    private static final int BATCH = 500;

    /** Names of a kind that are told one by one. */
    private static final int TOLD = 5;

    private static final String LINES_WITHOUT_GAME =
            "game_line WHERE sheet_id NOT IN (SELECT id FROM sheet WHERE kind = 'game')";

    private final Database database;
    private final PositionIndex index;
    private final Backups backups;

    public LibraryCheck(Database database, PositionIndex index, Backups backups) {
        this.database = database;
        this.index = index;
        this.backups = backups;
    }

    /**
     * Something that is wrong.
     *
     * @param what in a sentence
     * @param mendable whether it can be mended without losing anything
     */
    public record Complaint(String what, boolean mendable) {}

    /**
     * What a check found.
     *
     * @param sheets how many sheets were read
     */
    public record Result(int sheets, List<Complaint> complaints) {

        /** Whether nothing is wrong. */
        public boolean isSound() {
            return complaints.isEmpty();
        }

        /** Whether something can be mended. */
        public boolean isMendable() {
            return complaints.stream().anyMatch(Complaint::mendable);
        }
    }

    /**
     * Looks through everything.
     *
     * @param progress told the part done, 0 to 1
     * @throws CancellationException when cancelled
     */
    public Result run(DoubleConsumer progress, Cancellation cancellation) {
        List<Complaint> complaints = new ArrayList<>(database.read(LibraryCheck::structure));
        int sheets = sheets(complaints, progress, cancellation);
        int orphans = database.read(h -> count(h, LINES_WITHOUT_GAME));
        if (orphans > 0) {
            String what = LibraryWords.of("care.entries-of-the-index-of");
            complaints.add(new Complaint(orphans + what, true));
        }
        if (!database.read(WordIndex::isWhole)) {
            complaints.add(new Complaint(LibraryWords.of("care.some-sheets-are-not-found"), true));
        }
        return new Result(sheets, List.copyOf(complaints));
    }

    private static List<Complaint> structure(Handle h) {
        List<Complaint> complaints = new ArrayList<>();
        List<String> damage =
                h.createQuery("PRAGMA integrity_check(20)").mapTo(String.class).list();
        if (!damage.equals(List.of("ok"))) {
            boolean indexOnly = damage.stream().allMatch(d -> d.contains("index"));
            complaints.add(
                    new Complaint(
                            LibraryWords.of(
                                    indexOnly
                                            ? "care.what-finds-rows-quickly-does"
                                            : "care.parts-of-the-file-are"),
                            indexOnly));
        }
        Map<String, Integer> lost = new LinkedHashMap<>();
        h.createQuery("PRAGMA foreign_key_check")
                .map((rs, c) -> rs.getString(1))
                .forEach(table -> lost.merge(table, 1, Integer::sum));
        lost.forEach(
                (table, rows) ->
                        complaints.add(
                                new Complaint(
                                        LibraryWords.of(
                                                "care.rows-of-belong-to-nothing", rows, table),
                                        table.equals("game_line"))));
        return complaints;
    }

    private static int count(Handle h, String what) {
        return h.createQuery("SELECT count(*) FROM " + what).mapTo(Integer.class).one();
    }

    /** Reads every sheet; the number of those read. */
    private int sheets(
            List<Complaint> complaints, DoubleConsumer progress, Cancellation cancellation) {
        int all = Math.max(1, database.read(h -> count(h, "sheet")));
        int unreadable = 0;
        int read = 0;
        long last = 0;
        for (List<Row> rows = rows(last); !rows.isEmpty(); rows = rows(last)) {
            for (Row row : rows) {
                last = row.id();
                read++;
                String why = problem(row.id());
                if (!why.isEmpty() && ++unreadable <= TOLD) {
                    String name =
                            LibraryWords.of("care.sheet-cannot-be-opened", row.id(), row.title());
                    complaints.add(
                            new Complaint(
                                    LibraryWords.of("care.its-text-is-kept", name, why), false));
                }
            }
            progress.accept(Math.min(1, (double) read / all));
            if (cancellation.isCancelled()) {
                throw new CancellationException("the check was cancelled");
            }
        }
        if (unreadable > TOLD) {
            complaints.add(
                    new Complaint(
                            LibraryWords.of("care.more-sheets-cannot-be-opened", unreadable - TOLD),
                            false));
        }
        return read;
    }

    private record Row(long id, String title) {}

    private List<Row> rows(long after) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT id, title FROM sheet WHERE id > :after ORDER BY id"
                                                + " LIMIT :most")
                                .bind("after", after)
                                .bind("most", BATCH)
                                .map(ConstructorMapper.of(Row.class))
                                .list());
    }

    private String problem(long id) {
        try {
            Optional<String> pgn = database.read(h -> SheetStore.pgn(h, id));
            return pgn.map(LibraryCheck::problem).orElse(LibraryWords.of("care.it-has-no-text"));
        } catch (LibraryException e) {
            return e.getMessage();
        }
    }

    private static String problem(String pgn) {
        try {
            return SheetStore.parseAll(pgn).isEmpty() ? LibraryWords.of("care.it-is-empty") : "";
        } catch (LibraryException e) {
            return e.getMessage();
        }
    }

    /**
     * Mends what can be mended, after a copy of the library was made.
     *
     * @return the copy
     */
    public Backups.Backup mend() {
        Backups.Backup copy = backups.make();
        database.write(
                h -> {
                    h.execute("REINDEX");
                    WordIndex.makeAnew(h);
                    h.execute("DELETE FROM " + LINES_WITHOUT_GAME);
                    h.execute("DELETE FROM position_segment");
                    h.execute("DELETE FROM position_page");
                    return true;
                });
        index.update();
        return copy;
    }
}

package org.zeroply.library;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.library.sheet.BinStore;

/** What tests of stores stand on: an empty library, and a disk that can be full. */
public abstract class StoreTest {

    protected static final Instant NOW = Instant.parse("2026-03-01T10:00:00Z");

    @TempDir private Path folder;

    protected Library library;

    @BeforeEach
    protected void openLibrary() {
        Path file = FreshLibrary.at(folder.resolve("stores.zpl"));
        library = Library.open(file, Clock.fixed(NOW, ZoneOffset.UTC));
    }

    @AfterEach
    protected void closeLibrary() {
        library.close();
    }

    /** Closes the library and opens it again: what is told then was written. */
    protected final void reopen() {
        closeLibrary();
        openLibrary();
    }

    /** Adds the sheet of a PGN text. */
    protected final long add(String pgn) {
        return library.sheets().add(tree(pgn));
    }

    /** Adds an exercise. */
    protected final long exercise(String title) {
        return add(
                "[ZpKind \"calculation\"]\n[ZpTitle \"%s\"]\n[ZpMaxPoints \"5\"]\n\n1. e4 {[%%zp.pts 5]} *\n"
                        .formatted(title));
    }

    protected final void putAway(BinStore.Kind kind, long id) {
        library.bin().put(List.of(new BinStore.Item(kind, id)));
    }

    /** Tries a change on a disk that is full, and takes the fullness back. */
    protected final void fails(String table, String change, ThrowingCallable work)
            throws SQLException {
        whileFull(
                table,
                change,
                () ->
                        assertThatThrownBy(work)
                                .isInstanceOf(LibraryException.class)
                                .hasStackTraceContaining("the disk is full"));
    }

    /** Does something while a table takes no change. */
    protected final void whileFull(String table, String change, Runnable work) throws SQLException {
        sql(
                "CREATE TRIGGER full BEFORE %s ON %s BEGIN SELECT RAISE(ABORT, 'the disk is full'); END"
                        .formatted(change, table));
        try {
            work.run();
        } finally {
            sql("DROP TRIGGER full");
        }
    }

    /** The tree of a PGN text. */
    protected static MoveTree tree(String pgn) {
        return ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
    }

    private void sql(String text) throws SQLException {
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + library.file());
                var statement = connection.createStatement()) {
            statement.execute(text);
        }
    }
}

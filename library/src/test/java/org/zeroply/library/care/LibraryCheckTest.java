package org.zeroply.library.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.FreshLibrary;
import org.zeroply.library.Library;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;

class LibraryCheckTest {

    @TempDir private Path folder;
    private Library library;

    @BeforeEach
    void open() {
        library = Library.open(FreshLibrary.at(folder.resolve("a.zpl")));
        library.sheets().add("[White \"A\"]\n\n1. e4 *\n");
        library.sheets().add("[White \"B\"]\n\n1. d4 *\n");
        library.games().update();
    }

    @AfterEach
    void close() {
        library.close();
    }

    private void sql(String... statements) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + library.file());
                Statement statement = connection.createStatement()) {
            for (String one : statements) {
                statement.execute(one);
            }
        }
    }

    private LibraryCheck.Result check() {
        return library.check().run(part -> {}, new Cancellation());
    }

    @Test
    void a_library_is_sound() {
        assertThat(check()).isEqualTo(new LibraryCheck.Result(2, java.util.List.of()));
    }

    @Test
    void a_sheet_that_cannot_be_opened_is_named_and_kept() throws SQLException {
        sql("UPDATE sheet_text SET pgn = x'00' || CAST('1. e9 *' AS BLOB) WHERE sheet_id = 2");
        assertThat(check().complaints())
                .singleElement()
                .satisfies(
                        c -> {
                            assertThat(c.what()).contains("Sheet 2", "cannot be opened", "e9");
                            assertThat(c.mendable()).isFalse();
                        });
    }

    @Test
    void what_belongs_to_nothing_is_told_and_mended_after_a_copy() throws SQLException {
        sql(
                "PRAGMA foreign_keys = OFF",
                "INSERT INTO game_line (sheet_id, start, moves) VALUES (99, '', x'')",
                "DELETE FROM position_page",
                "DELETE FROM sheet_words WHERE rowid = 1");
        LibraryCheck.Result result = check();
        assertThat(result.isSound()).isFalse();
        assertThat(result.isMendable()).isTrue();
        Backups.Backup copy = library.check().mend();
        assertThat(copy.file()).exists();
        assertThat(check().complaints()).isEmpty();
        assertThat(library.games().at(Position.START, GameFilter.ALL).games()).isEqualTo(2);
        assertThat(library.sheets().find(new SheetQuery(SheetKind.GAME, "a", "", 0))).hasSize(1);
    }
}

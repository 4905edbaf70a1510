package org.zeroply.library.database;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.function.Function;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.core.DB;
import org.zeroply.library.texts.LibraryWords;

/** Copies of a library: written, read beside it, and put in its place. */
public final class LibraryCopies {

    /** The name of a library that is read beside this one. */
    public static final String BESIDE = "beside";

    private final Database database;

    public LibraryCopies(Database database) {
        this.database = database;
    }

    /** The folder of a library's copies, beside it. */
    public static Path folder(Path library) {
        return library.resolveSibling(library.getFileName() + ".backups");
    }

    /** The file of the library. */
    public Path file() {
        return database.file();
    }

    /** Writes a whole copy to a file that is not there yet; others may write meanwhile. */
    public void write(Path copy) {
        try (Handle h = database.connection()) {
            h.execute("VACUUM INTO ?", copy.toString());
        } catch (JdbiException e) {
            throw Failures.translate(copy, e);
        }
    }

    /** Reads this library and another one beside it, which is not changed. */
    public <T> T beside(Path other, Function<Handle, T> work) {
        try (Handle h = database.connection()) {
            h.execute("ATTACH DATABASE ? AS " + BESIDE, other.toString());
            try {
                return work.apply(h);
            } finally {
                h.execute("DETACH DATABASE " + BESIDE);
            }
        } catch (JdbiException e) {
            throw Failures.translate(other, e);
        }
    }

    /** Puts what another library has in the place of what is here, in one transaction. */
    public void restore(Path other) {
        database.inTurn(
                () -> {
                    try (Handle h = database.connection()) {
                        DB here = h.getConnection().unwrap(SQLiteConnection.class).getDatabase();
                        int code = here.restore("main", other.toString(), null);
                        if (code != SQLiteErrorCode.SQLITE_OK.code) {
                            throw DB.newSQLException(code, "restoring failed");
                        }
                    } catch (SQLException | JdbiException e) {
                        throw Failures.translate(database.file(), e);
                    }
                });
    }

    /** Why a file is not a whole library; empty when it is one. Nothing is changed by looking. */
    public static Optional<String> whatIsWrongWith(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        try (Connection connection = config.createConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            if (statement.executeQuery("PRAGMA application_id").getInt(1)
                    != LibraryFile.APPLICATION_ID) {
                return Optional.of(LibraryWords.of("database.it-is-not-a-zero"));
            }
            boolean sound =
                    statement.executeQuery("PRAGMA quick_check(1)").getString(1).equals("ok");
            return sound
                    ? Optional.empty()
                    : Optional.of(LibraryWords.of("database.it-is-damaged"));
        } catch (SQLException e) {
            return Optional.of(LibraryWords.of("database.it-is-not-a-zero-ply"));
        }
    }
}

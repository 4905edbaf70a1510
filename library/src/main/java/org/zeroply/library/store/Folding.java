package org.zeroply.library.store;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Locale;
import org.sqlite.Function;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteDataSource;

/**
 * Upper and lower case of all letters, for searching: SQLite knows those of the plain ones alone.
 */
final class Folding {

    /** The name of the function in SQL. */
    static final String NAME = "folded";

    private Folding() {}

    /** A text in small letters. */
    static String fold(String text) {
        return text.toLowerCase(Locale.ROOT);
    }

    /** A source of connections that know the function. */
    static SQLiteDataSource source(SQLiteConfig config) {
        return new SQLiteDataSource(config) {
            @Override
            public SQLiteConnection getConnection(String user, String password)
                    throws SQLException {
                SQLiteConnection connection = super.getConnection(user, password);
                add(connection);
                return connection;
            }
        };
    }

    private static void add(Connection connection) throws SQLException {
        Function.create(
                connection,
                NAME,
                new Function() {
                    @Override
                    protected void xFunc() throws SQLException {
                        String text = value_text(0);
                        result(text == null ? "" : fold(text));
                    }
                });
    }
}

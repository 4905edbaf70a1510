package org.zeroply.library.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import org.sqlite.Function;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteDataSource;

/** What SQL of ours can call beside what SQLite brings along. */
public final class SqlFunctions {

    /** A text in small letters of any script; SQLite itself knows those of the plain ones alone. */
    public static final String FOLDED = "folded";

    private SqlFunctions() {}

    /** A text in small letters. */
    public static String fold(String text) {
        return text.toLowerCase(Locale.ROOT);
    }

    /** A source of connections that know the functions. */
    static SQLiteDataSource source(SQLiteConfig config) {
        return new SQLiteDataSource(config) {
            @Override
            public SQLiteConnection getConnection(String user, String password)
                    throws SQLException {
                SQLiteConnection connection = super.getConnection(user, password);
                add(connection, FOLDED, SqlFunctions::fold);
                add(connection, "packed", PackedText::pack);
                add(connection, "milliseconds", SqlFunctions::milliseconds);
                add(connection, "fingerprint", t -> ContentKey.ofDigits(t).orElse(new byte[0]));
                return connection;
            }
        };
    }

    /** Milliseconds since 1970 of a time as older versions wrote it; 0 for what is none. */
    static long milliseconds(String time) {
        try {
            return Instant.parse(time).toEpochMilli();
        } catch (DateTimeParseException | ArithmeticException e) {
            return 0;
        }
    }

    /** Makes something of a text: another text, a number, or bytes. */
    private interface OfText {
        Object apply(String text);
    }

    private static void add(Connection connection, String name, OfText function)
            throws SQLException {
        Function.create(
                connection,
                name,
                new Function() {
                    @Override
                    protected void xFunc() throws SQLException {
                        String text = value_text(0);
                        Object made = function.apply(text == null ? "" : text);
                        if (made instanceof byte[] bytes) {
                            result(bytes);
                        } else if (made instanceof Long number) {
                            result(number);
                        } else {
                            result(made.toString());
                        }
                    }
                });
    }
}

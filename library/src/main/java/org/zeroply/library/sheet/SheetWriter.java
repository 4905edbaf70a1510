package org.zeroply.library.sheet;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.UnableToExecuteStatementException;

/**
 * Adds sheets one after the other, in the transaction of whoever made it. The statements are
 * prepared once: with what the word index needs, that takes longer than to execute them.
 */
final class SheetWriter implements AutoCloseable {

    private static final List<String> COLUMNS =
            List.of(
                    "kind",
                    "own_title",
                    "white",
                    "black",
                    "event",
                    "date",
                    "result",
                    "white_elo",
                    "black_elo",
                    "plies",
                    "content",
                    "added",
                    "changed");

    private final Connection connection;
    private final long now;
    private final List<PreparedStatement> prepared = new ArrayList<>();
    private final PreparedStatement known;
    private final PreparedStatement sheet;
    private final PreparedStatement text;
    private final PreparedStatement line;
    private long last;

    /**
     * @param now milliseconds since 1970
     */
    SheetWriter(Handle handle, long now) {
        this.now = now;
        this.last =
                handle.createQuery("SELECT coalesce(max(id), 0) FROM sheet")
                        .mapTo(Long.class)
                        .one();
        connection = handle.getConnection();
        known = prepare(SheetStore.WITH_FINGERPRINT);
        sheet =
                prepare(
                        "INSERT INTO sheet (id, "
                                + String.join(", ", COLUMNS)
                                + ") VALUES (?"
                                + ", ?".repeat(COLUMNS.size())
                                + ")");
        text = prepare("INSERT INTO sheet_text VALUES (?, ?)");
        line = prepare(GameLines.INSERT);
    }

    private PreparedStatement prepare(String sql) {
        try {
            PreparedStatement statement = connection.prepareStatement(sql);
            prepared.add(statement);
            return statement;
        } catch (SQLException e) {
            throw failed(e);
        }
    }

    private static UnableToExecuteStatementException failed(SQLException e) {
        return new UnableToExecuteStatementException(e, null);
    }

    /** Adds a sheet unless there is one, not put away, that is so now or came in so. */
    Optional<Long> addNew(PreparedSheet sheet) {
        try {
            known.setBytes(1, sheet.key());
            try (ResultSet rs = known.executeQuery()) {
                if (rs.next() && rs.getObject(1) != null) {
                    return Optional.empty();
                }
            }
        } catch (SQLException e) {
            throw failed(e);
        }
        return Optional.of(add(sheet));
    }

    /** Adds a sheet, and gives its number. */
    long add(PreparedSheet prepared) {
        try {
            Map<String, Object> values = new HashMap<>(prepared.columns());
            values.put("content", prepared.key());
            values.put("added", now);
            values.put("changed", now);
            long id = ++last;
            sheet.setLong(1, id);
            for (int i = 0; i < COLUMNS.size(); i++) {
                sheet.setObject(i + 2, values.get(COLUMNS.get(i)));
            }
            sheet.executeUpdate();
            text.setLong(1, id);
            text.setBytes(2, prepared.text());
            text.executeUpdate();
            if (prepared.line().isPresent()) {
                line.setLong(1, id);
                PackedLine packed = prepared.line().get().packed();
                line.setString(2, packed.start());
                line.setBytes(3, packed.moves());
                line.executeUpdate();
            }
            return id;
        } catch (SQLException e) {
            throw failed(e);
        }
    }

    @Override
    public void close() {
        for (PreparedStatement statement : prepared) {
            try {
                statement.close();
            } catch (SQLException e) {
                throw failed(e);
            }
        }
    }
}

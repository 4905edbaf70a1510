package org.zeroply.library.sheet;

import java.time.Clock;
import java.util.List;
import org.jdbi.v3.core.mapper.reflect.ConstructorMapper;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.library.database.ContentKey;
import org.zeroply.library.database.Database;

/** Games that an import could not read, kept word for word until somebody mends them. */
public final class UnreadStore {

    private final Database database;
    private final Clock clock;

    public UnreadStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** One text that could not be read; the line is 1-based. */
    public record Unread(String file, int line, String reason, String raw) {}

    /** Keeps the text of a problem, once. */
    public void add(PgnEntry.Problem problem) {
        add(new Unread(problem.file(), problem.line(), problem.message(), problem.raw()));
    }

    /** Keeps a text, once. */
    public void add(Unread unread) {
        database.write(
                h ->
                        h.execute(
                                "INSERT INTO unread (file, line, reason, raw, raw_key, added)"
                                        + " VALUES (?, ?, ?, ?, ?, ?)"
                                        + " ON CONFLICT (raw_key) DO NOTHING",
                                unread.file(),
                                unread.line(),
                                unread.reason(),
                                unread.raw(),
                                ContentKey.of(unread.raw()),
                                clock.instant()));
    }

    /** Everything kept, in the order of its adding. */
    public List<Unread> all() {
        return database.read(
                h ->
                        h.createQuery("SELECT file, line, reason, raw FROM unread ORDER BY id")
                                .map(ConstructorMapper.of(Unread.class))
                                .list());
    }
}

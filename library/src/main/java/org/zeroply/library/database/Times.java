package org.zeroply.library.database;

import java.sql.Types;
import java.time.Instant;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.argument.AbstractArgumentFactory;
import org.jdbi.v3.core.argument.Argument;
import org.jdbi.v3.core.config.ConfigRegistry;

/**
 * Times are kept as milliseconds since 1970: as texts with and without fractions they do not sort.
 */
final class Times {

    private Times() {}

    /** Has times written and read so. */
    static Jdbi in(Jdbi jdbi) {
        jdbi.registerArgument(new Milliseconds());
        jdbi.registerColumnMapper(
                Instant.class,
                (rs, column, c) -> {
                    long time = rs.getLong(column);
                    return rs.wasNull() ? null : Instant.ofEpochMilli(time);
                });
        return jdbi;
    }

    private static final class Milliseconds extends AbstractArgumentFactory<Instant> {

        Milliseconds() {
            super(Types.BIGINT);
        }

        @Override
        protected Argument build(Instant time, ConfigRegistry config) {
            return (position, statement, c) -> statement.setLong(position, time.toEpochMilli());
        }
    }
}

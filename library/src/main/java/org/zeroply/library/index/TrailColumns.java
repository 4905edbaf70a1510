package org.zeroply.library.index;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.BitSet;
import org.jdbi.v3.core.statement.PreparedBatch;
import org.zeroply.coach.pattern.FactTrail;

/** A trail as the three columns {@code white, black, both}. */
final class TrailColumns {

    private TrailColumns() {}

    /** Reads it from a column, counted from 1, and the next two. */
    static FactTrail read(ResultSet row, int from) throws SQLException {
        return new FactTrail(plies(row, from), plies(row, from + 1), plies(row, from + 2));
    }

    /** Reads plies from a column, counted from 1. */
    static BitSet plies(ResultSet row, int column) throws SQLException {
        return BitSet.valueOf(row.getBytes(column));
    }

    /** Binds it to a place, counted from 0, and the next two. */
    static PreparedBatch bind(PreparedBatch batch, int from, FactTrail trail) {
        return batch.bind(from, trail.white().toByteArray())
                .bind(from + 1, trail.black().toByteArray())
                .bind(from + 2, trail.both().toByteArray());
    }
}

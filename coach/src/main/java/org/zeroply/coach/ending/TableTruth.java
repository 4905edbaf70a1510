package org.zeroply.coach.ending;

import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.endings.Endings;

/** What the exact tables of up to four men know. */
final class TableTruth implements Truth {

    private final Endings tables;

    private TableTruth(Endings tables) {
        this.tables = tables;
    }

    /** The tables, if they know this position. */
    static Optional<Truth> of(Position position, Endings tables) {
        return tables.probe(position.toBoard()) == Endings.UNKNOWN
                ? Optional.empty()
                : Optional.of(new TableTruth(tables));
    }

    @Override
    public boolean isExact() {
        return true;
    }

    @Override
    public boolean isSettled(Position position) {
        return tables.probe(position.toBoard()) != Endings.UNKNOWN;
    }

    @Override
    public int value(Position position) {
        int value = tables.probe(position.toBoard());
        // Two bare kings have no table.
        return value == Endings.UNKNOWN ? 0 : value;
    }

    @Override
    public int after(Position position, Move move) {
        return value(position.play(move));
    }
}

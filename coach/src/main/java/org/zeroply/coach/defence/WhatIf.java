package org.zeroply.coach.defence;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.judge.Judge;
import org.zeroply.coach.judge.Weighed;

/**
 * A table of positions against defences: a position, the same with something changed, and in each
 * which defences still work.
 *
 * @param rows the position itself first
 * @param defences moves of the first position; in the others the same man goes the same way
 * @param wanted what a defence must keep to work
 * @param cells by row, then by defence
 */
public record WhatIf(List<Row> rows, List<Move> defences, Holding wanted, List<List<Cell>> cells) {

    /** Of the nodes, for a verdict near a border. */
    private static final int CONFIRM = 4;

    public WhatIf {
        rows = List.copyOf(rows);
        defences = List.copyOf(defences);
        cells = cells.stream().map(List::copyOf).toList();
    }

    /**
     * A row.
     *
     * @param name what is changed, in words
     */
    public record Row(String name, Position position) {

        /** A row named by what differs from the first position. */
        public static Row of(Position base, Position changed) {
            return new Row(Difference.words(base, changed), changed);
        }
    }

    /** What becomes of a defence. */
    public enum State {
        WORKS("works"),
        FAILS("fails"),
        IMPOSSIBLE("not possible"),
        UNCLEAR("unclear");

        private final String words;

        State(String words) {
            this.words = words;
        }

        /** In words. */
        public String words() {
            return words;
        }

        /** The name in files and for scripts: {@code impossible}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A cell.
     *
     * @param weighed the move in the row's position with its line; empty where it is not possible
     */
    public record Cell(State state, Optional<Weighed> weighed) {

        /** What follows the move. */
        public List<Move> reply() {
            return weighed.map(w -> w.line().subList(Math.min(1, w.line().size()), w.line().size()))
                    .orElse(List.of());
        }
    }

    /**
     * What a defence must keep: what can be kept in the first position, and the balance where that
     * is lost or not proved.
     */
    public static Holding wanted(Holding kept) {
        return kept == Holding.WIN ? Holding.WIN : Holding.DRAW;
    }

    /**
     * Fills the table.
     *
     * @param rows the position itself first
     * @param progress told the part done, 0 to 1
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    public static WhatIf of(
            List<Row> rows,
            List<Move> defences,
            Holding wanted,
            Judge judge,
            DoubleConsumer progress) {
        List<List<Cell>> cells = new ArrayList<>();
        for (Row row : rows) {
            List<Cell> line = new ArrayList<>();
            for (Move defence : defences) {
                line.add(cell(row.position(), rows.get(0).position(), defence, wanted, judge));
            }
            cells.add(line);
            progress.accept((double) cells.size() / rows.size());
        }
        return new WhatIf(rows, defences, wanted, cells);
    }

    /** One cell. */
    static Cell cell(Position position, Position base, Move defence, Holding wanted, Judge judge) {
        boolean turned = position.sideToMove() != base.sideToMove();
        Optional<Move> same =
                position.findMove(defence.from(), defence.to(), defence.promotion())
                        .filter(m -> !turned)
                        .filter(m -> isSameMan(position, base, m));
        if (same.isEmpty()) {
            return new Cell(State.IMPOSSIBLE, Optional.empty());
        }
        Weighed weighed = judge.weigh(position, same.get());
        State state = state(weighed, wanted);
        Weighed longer = judge.withNodes(CONFIRM * judge.nodes()).weigh(position, same.get());
        State again = state(longer, wanted);
        boolean sure = again == state || Findings.isSettled(longer);
        return new Cell(sure ? again : State.UNCLEAR, Optional.of(longer));
    }

    private static boolean isSameMan(Position position, Position base, Move move) {
        return position.pieceAt(move.from()).equals(base.pieceAt(move.from()));
    }

    static State state(Weighed weighed, Holding wanted) {
        Holding kept = Holding.of(weighed);
        if (wanted == Holding.WIN) {
            return kept == Holding.WIN
                    ? State.WORKS
                    : kept == Holding.UNCLEAR ? State.UNCLEAR : State.FAILS;
        }
        boolean holds = kept == Holding.UNCLEAR && weighed.expected() > 0.5;
        return kept == Holding.LOSS
                ? State.FAILS
                : kept == Holding.UNCLEAR && !holds ? State.UNCLEAR : State.WORKS;
    }

    /** How many defences fare differently in a row than in the first one. */
    public int turned(int row) {
        int turned = 0;
        for (int i = 0; i < defences.size(); i++) {
            State was = cells.get(0).get(i).state();
            State is = cells.get(row).get(i).state();
            turned += was != is && was != State.UNCLEAR && is != State.UNCLEAR ? 1 : 0;
        }
        return turned;
    }

    /** The table with a row more at its end. */
    public WhatIf with(Row row, Judge judge) {
        List<Row> more = new ArrayList<>(rows);
        more.add(row);
        List<List<Cell>> all = new ArrayList<>(cells);
        Position base = rows.get(0).position();
        all.add(defences.stream().map(d -> cell(row.position(), base, d, wanted, judge)).toList());
        return new WhatIf(more, defences, wanted, all);
    }

    /** The table without a row. */
    public WhatIf without(int row) {
        List<Row> fewer = new ArrayList<>(rows);
        List<List<Cell>> rest = new ArrayList<>(cells);
        fewer.remove(row);
        rest.remove(row);
        return new WhatIf(fewer, defences, wanted, rest);
    }
}

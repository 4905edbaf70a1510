package org.zeroply.coach.defence.whatif;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.texts.CoachWords;

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
        PRICE(CoachWords.of("defence.at-a-price-2")),
        FAILS("fails"),
        IMPOSSIBLE(CoachWords.of("defence.not-possible")),
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
            MoveEvaluator evaluator,
            DoubleConsumer progress) {
        List<List<Cell>> cells = new ArrayList<>();
        for (Row row : rows) {
            cells.add(cells(row.position(), rows.get(0).position(), defences, wanted, evaluator));
            progress.accept((double) cells.size() / rows.size());
        }
        return new WhatIf(rows, defences, wanted, cells);
    }

    /** The cells of a row. */
    static List<Cell> cells(
            Position position,
            Position base,
            List<Move> defences,
            Holding wanted,
            MoveEvaluator evaluator) {
        List<Optional<Weighed>> brief = new ArrayList<>();
        List<Optional<Weighed>> longer = new ArrayList<>();
        MoveEvaluator thorough = evaluator.withNodes(CONFIRM * evaluator.nodes());
        for (Move defence : defences) {
            Optional<Move> same = same(position, base, defence);
            brief.add(same.map(m -> evaluator.weigh(position, m)));
            longer.add(same.map(m -> thorough.weigh(position, m)));
        }
        Optional<Weighed> best =
                Stream.concat(
                                thorough.choice(position, 1).map(Choice::best).stream(),
                                longer.stream().flatMap(Optional::stream))
                        .max(Comparator.comparing(Weighed::score));
        if (best.isEmpty()) {
            return defences.stream()
                    .map(d -> new Cell(State.IMPOSSIBLE, Optional.empty()))
                    .toList();
        }
        MoveComparison comparison = new MoveComparison(position, best.get());
        List<Cell> cells = new ArrayList<>();
        for (int i = 0; i < defences.size(); i++) {
            cells.add(cell(brief.get(i), longer.get(i), comparison, wanted));
        }
        return cells;
    }

    private static Cell cell(
            Optional<Weighed> brief,
            Optional<Weighed> longer,
            MoveComparison comparison,
            Holding wanted) {
        if (longer.isEmpty()) {
            return new Cell(State.IMPOSSIBLE, Optional.empty());
        }
        State state = state(comparison, longer.get(), wanted);
        boolean sure = longer.get().isCertain() || state == state(comparison, brief.get(), wanted);
        return new Cell(sure ? state : State.UNCLEAR, longer);
    }

    /** The same move of the same man, where it can be played. */
    private static Optional<Move> same(Position position, Position base, Move defence) {
        boolean turned = position.sideToMove() != base.sideToMove();
        return position.findMove(defence.from(), defence.to(), defence.promotion())
                .filter(m -> !turned)
                .filter(m -> isSameMan(position, base, m));
    }

    private static boolean isSameMan(Position position, Position base, Move move) {
        return position.pieceAt(move.from()).equals(base.pieceAt(move.from()));
    }

    /**
     * What a move does that has to keep a result: it fails when it does not keep it, whatever the
     * best move keeps, and works as it holds beside that one.
     */
    public static State state(MoveComparison comparison, Weighed move, Holding wanted) {
        Holding kept = Holding.of(move);
        if (kept == Holding.LOSS || wanted == Holding.WIN && kept == Holding.DRAW) {
            return State.FAILS;
        }
        if (wanted == Holding.WIN && kept == Holding.UNCLEAR) {
            return State.UNCLEAR;
        }
        return switch (comparison.grade(move)) {
            case HOLDS -> State.WORKS;
            case PRICE -> State.PRICE;
            case FAILS -> State.FAILS;
            case UNCLEAR -> State.UNCLEAR;
        };
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
    public WhatIf with(Row row, MoveEvaluator evaluator) {
        List<Row> more = new ArrayList<>(rows);
        more.add(row);
        List<List<Cell>> all = new ArrayList<>(cells);
        Position base = rows.get(0).position();
        all.add(cells(row.position(), base, defences, wanted, evaluator));
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

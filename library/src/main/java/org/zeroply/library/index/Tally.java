package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;

/** Adds up what games did in a position, one game after the other. */
final class Tally {

    private static final Comparator<PositionStatistics.Sample> WEAKEST =
            Comparator.<PositionStatistics.Sample>comparingInt(s -> strength(s.game()))
                    .thenComparing(s -> -s.game().sheetId());

    private final GameRoster roster;
    private final boolean white;
    private final Map<Integer, Cell> byMove = new HashMap<>();
    private final PriorityQueue<PositionStatistics.Sample> sample = new PriorityQueue<>(WEAKEST);
    private int games;

    /** Games come move by move. */
    private int lastMove;

    private Cell last = new Cell();

    /**
     * @param toMove who is to move in the position
     */
    Tally(GameRoster roster, Side toMove) {
        this.roster = roster;
        white = toMove == Side.WHITE;
    }

    private static final class Cell {
        private int games;
        private int scored;
        private int halves;
        private int rated;
        private long ratings;
        private int lastYear;
    }

    /** Adds the game of a number, which went on with a packed move, 0 for none. */
    void add(int game, int next) {
        games++;
        sample(game, next);
        if (next == 0) {
            return;
        }
        if (next != lastMove) {
            lastMove = next;
            last = byMove.computeIfAbsent(next, m -> new Cell());
        }
        last.games++;
        int halves = roster.halves(game);
        if (halves >= 0) {
            last.scored++;
            last.halves += halves;
        }
        int rating = roster.rating(game, white);
        if (rating > 0) {
            last.rated++;
            last.ratings += rating;
        }
        last.lastYear = Math.max(last.lastYear, roster.year(game));
    }

    private static int strength(GameFacts game) {
        return game.whiteRating() + game.blackRating();
    }

    private void sample(int number, int next) {
        boolean full = sample.size() == PositionStatistics.SAMPLE;
        int strength = roster.rating(number, true) + roster.rating(number, false);
        if (full && strength < strength(sample.element().game())) {
            return;
        }
        GameFacts game = roster.of(number);
        PositionStatistics.Sample here =
                new PositionStatistics.Sample(
                        game, next == 0 ? Optional.empty() : Optional.of(new Move(next)));
        if (full && WEAKEST.compare(here, sample.element()) < 0) {
            return;
        }
        sample.add(here);
        if (full) {
            sample.remove();
        }
    }

    /** What came together. */
    PositionStatistics sum() {
        List<PositionStatistics.Played> moves = new ArrayList<>();
        byMove.forEach((move, cell) -> moves.add(played(new Move(move), cell)));
        moves.sort(
                Comparator.comparingInt(PositionStatistics.Played::games)
                        .reversed()
                        .thenComparing(p -> p.move().packed()));
        return new PositionStatistics(
                games, moves, sample.stream().sorted(WEAKEST.reversed()).toList());
    }

    private static PositionStatistics.Played played(Move move, Cell cell) {
        return new PositionStatistics.Played(
                move,
                cell.games,
                cell.scored == 0 ? Optional.empty() : Optional.of(cell.halves / 2.0 / cell.scored),
                cell.rated == 0 ? 0 : (int) Math.round((double) cell.ratings / cell.rated),
                cell.lastYear);
    }
}

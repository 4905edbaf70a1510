package org.zeroply.engine.protocol;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Limits;

/**
 * What a {@code go} command asks for.
 *
 * @param limits when to stop searching
 * @param clockMillis how long to think by the clocks given; nothing without clocks
 * @param untilStop whether the answer has to wait for {@code stop} or {@code ponderhit}
 * @param moves root moves to choose from; empty for all
 */
record GoCommand(Limits limits, Optional<Long> clockMillis, boolean untilStop, List<Move> moves) {

    /** Kept back for what lies between the engine and the clock. */
    private static final long OVERHEAD_MILLIS = 30;

    private static final int MOVES_TO_GO = 28;

    static GoCommand parse(List<String> words, Position position) {
        int depth = Limits.MAX_DEPTH;
        long nodes = Long.MAX_VALUE;
        long millis = Long.MAX_VALUE;
        long[] time = {-1, -1};
        long[] increment = {0, 0};
        int movesToGo = MOVES_TO_GO;
        boolean untilStop = false;
        List<Move> moves = new ArrayList<>();
        for (int i = 1; i < words.size(); i++) {
            switch (words.get(i)) {
                case "depth" -> depth = (int) number(words, ++i, 1, Limits.MAX_DEPTH);
                case "mate" -> depth = (int) number(words, ++i, 1, Limits.MAX_DEPTH / 2) * 2;
                case "nodes" -> nodes = number(words, ++i, 1, Long.MAX_VALUE);
                case "movetime" -> millis = number(words, ++i, 1, Long.MAX_VALUE);
                case "wtime" -> time[0] = number(words, ++i, 0, Long.MAX_VALUE);
                case "btime" -> time[1] = number(words, ++i, 0, Long.MAX_VALUE);
                case "winc" -> increment[0] = number(words, ++i, 0, Long.MAX_VALUE);
                case "binc" -> increment[1] = number(words, ++i, 0, Long.MAX_VALUE);
                case "movestogo" -> movesToGo = (int) number(words, ++i, 1, 200);
                case "infinite", "ponder" -> untilStop = true;
                default -> Coordinates.read(position, words.get(i)).ifPresent(moves::add);
            }
        }
        int side = position.toBoard().sideToMove();
        Optional<Long> clock =
                time[side] < 0
                        ? Optional.empty()
                        : Optional.of(allot(time[side], increment[side], movesToGo));
        if (!untilStop && clock.isPresent()) {
            millis = Math.min(millis, clock.get());
        }
        return new GoCommand(new Limits(depth, nodes, millis), clock, untilStop, moves);
    }

    /** Never more than the clock has, a share of it and most of what is added for the move. */
    private static long allot(long time, long increment, int movesToGo) {
        long share = time / movesToGo + increment * 3 / 4;
        return Math.max(1, Math.min(share, time * 4 / 5 - OVERHEAD_MILLIS));
    }

    private static long number(List<String> words, int i, long least, long most) {
        try {
            return Math.max(least, Math.min(most, Long.parseLong(words.get(i))));
        } catch (NumberFormatException | IndexOutOfBoundsException e) {
            return least;
        }
    }
}

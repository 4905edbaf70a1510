package org.zeroply.coach.defence.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.checks.CheckGain;
import org.zeroply.engine.checks.CheckSearch;
import org.zeroply.engine.checks.CheckSequence;

/**
 * Whether a side has enough checks: all series of them, to the end.
 *
 * @param from the position in which the checks begin; who checks is to move
 * @param outcome how they end
 * @param line the checks and the answers: the longest series where they run out
 * @param kingPath the squares the checked king stands on, one after the other, 0-63
 * @param gain centipawns won where they win something; else 0
 */
public record ChecksEnough(
        Position from, Outcome outcome, List<Move> line, List<Integer> kingPath, int gain) {

    /** Series up to so many checks are looked at. */
    public static final int MOST = 20;

    /** Series that win something are looked for up to so many checks. */
    private static final int MOST_FOR_GAIN = 6;

    /** Centipawns that count as winning something. */
    private static final int SOMETHING = 90;

    public ChecksEnough {
        line = List.copyOf(line);
        kingPath = List.copyOf(kingPath);
    }

    /** How checks end. */
    public enum Outcome {
        MATE(CoachWords.of("defence.the-checks-lead-to-mate")),
        PERPETUAL(CoachWords.of("defence.the-checks-go-on-for")),
        WINS(CoachWords.of("defence.the-checks-win-something")),
        RUN_OUT(CoachWords.of("defence.the-checks-run-out")),
        NONE(CoachWords.of("defence.there-is-no-check")),
        UNCLEAR(CoachWords.of("defence.not-settled-within-the-limits"));

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        /** In words. */
        public String words() {
            return words;
        }

        /** The name in files and for scripts: {@code run-out}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Asks it of the side to move.
     *
     * @param nodes positions to visit at most for each of the two questions: to what end, and what
     *     is won on the way
     */
    public static ChecksEnough of(Position from, long nodes, Cancellation cancellation) {
        CheckSequence series = new CheckSearch(nodes, cancellation).search(from, MOST);
        Outcome outcome = outcome(series);
        if (outcome == Outcome.RUN_OUT || outcome == Outcome.UNCLEAR) {
            CheckGain.Won won = new CheckGain(nodes, cancellation).search(from, MOST_FOR_GAIN);
            if (won.gain() >= SOMETHING) {
                return new ChecksEnough(
                        from, Outcome.WINS, won.line(), path(from, won.line()), won.gain());
            }
        }
        return new ChecksEnough(from, outcome, series.line(), path(from, series.line()), 0);
    }

    private static Outcome outcome(CheckSequence series) {
        return switch (series.outcome()) {
            case MATES -> Outcome.MATE;
            case GOES_ON -> Outcome.PERPETUAL;
            case RUNS_OUT -> series.line().isEmpty() ? Outcome.NONE : Outcome.RUN_OUT;
            case UNCLEAR -> Outcome.UNCLEAR;
        };
    }

    private static List<Integer> path(Position from, List<Move> line) {
        Side checked = from.sideToMove().other();
        List<Integer> path = new ArrayList<>(List.of(king(from, checked)));
        Position now = from;
        for (Move move : line) {
            now = now.play(move);
            int king = king(now, checked);
            if (king != path.get(path.size() - 1)) {
                path.add(king);
            }
        }
        return path;
    }

    private static int king(Position position, Side side) {
        Board board = position.toBoard();
        return board.kingSquare(side.ordinal());
    }

    /** How many checks the line has. */
    public int checks() {
        Position now = from;
        int checks = 0;
        for (Move move : line) {
            now = now.play(move);
            checks += now.sideToMove() != from.sideToMove() && now.inCheck() ? 1 : 0;
        }
        return checks;
    }
}

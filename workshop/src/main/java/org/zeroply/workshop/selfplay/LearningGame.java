package org.zeroply.workshop.selfplay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.tuning.RandomOpenings;
import org.zeroply.workshop.match.Outcome;

/**
 * One game of an engine with itself after an opening of random moves, and its quiet positions: not
 * in check, the best move neither capture nor promotion. The same number gives the same game.
 */
final class LearningGame {

    /** The opening: so many random moves, and up to so many more. */
    private static final int OPENING = 7;

    private static final int MORE = 4;

    /** An opening by which one side is further ahead, in centipawns, is not played. */
    private static final int UNEVEN = 250;

    /** A game is ended as won after so many plies of such a score, in centipawns. */
    private static final int WON = 1000;

    private static final int WON_PLIES = 5;

    /** A game is ended as drawn after so many plies of such a score, from a ply on. */
    private static final int LEVEL = 6;

    private static final int LEVEL_PLIES = 12;
    private static final int LEVEL_FROM = 90;
    private static final int LONGEST = 300;

    private final Engine engine;
    private final Limits limits;
    private final Board board = Position.START.toBoard();
    private final List<Kept> kept = new ArrayList<>();

    /** Where the moves that can be repeated began, and those moves. */
    private Position since = Position.START;

    private final List<Move> moves = new ArrayList<>();
    private int ahead;
    private int level;

    private record Kept(JudgedPosition position, int side) {}

    LearningGame(Engine engine, Limits limits) {
        this.engine = engine;
        this.limits = limits;
    }

    /**
     * A game that is over.
     *
     * @param points of White: 0 lost, 1 drawn, 2 won
     * @param positions the quiet ones
     */
    record Played(int points, List<JudgedPosition> positions) {}

    /** Plays the game of a number. */
    static Played play(Engine engine, Limits limits, long number) {
        SplittableRandom random = new SplittableRandom(number * 0x9E3779B97F4A7C15L + 7);
        engine.forget();
        while (true) {
            LearningGame game = new LearningGame(engine, limits);
            if (game.open(random)) {
                return game.playOn();
            }
        }
    }

    private boolean open(SplittableRandom random) {
        List<Move> opening = RandomOpenings.moves(random, OPENING + random.nextInt(MORE + 1));
        opening.forEach(this::make);
        return !opening.isEmpty() && Math.abs(best().score().ordinal()) <= UNEVEN;
    }

    private Played playOn() {
        int white = -1;
        int plies = 0;
        while (white < 0) {
            Analysis.Candidate best = best();
            int score = best.score().ordinal();
            if (!board.inCheck() && ShortSearches.teaches(best)) {
                kept.add(new Kept(JudgedPosition.of(board, score, 0), board.sideToMove()));
            }
            count(board.sideToMove() == 0 ? score : -score);
            make(best.move());
            plies++;
            white = outcome(plies);
        }
        List<JudgedPosition> positions = new ArrayList<>();
        for (Kept k : kept) {
            positions.add(k.position().withPoints(k.side() == 0 ? white : 2 - white));
        }
        return new Played(white, positions);
    }

    private void count(int white) {
        ahead = white >= WON ? Math.max(1, ahead + 1) : white <= -WON ? Math.min(-1, ahead - 1) : 0;
        level = Math.abs(white) <= LEVEL ? level + 1 : 0;
    }

    private Analysis.Candidate best() {
        AnalysisRequest request = new AnalysisRequest(since, moves, limits, 1, List.of(), 1);
        return engine.analyse(request).best().orElseThrow();
    }

    private void make(Move move) {
        board.make(move.packed());
        moves.add(move);
        if (board.halfmoveClock() == 0) {
            since = Position.of(board);
            moves.clear();
        }
    }

    /** Points of White, 0 to 2; -1 while the game goes on. */
    private int outcome(int plies) {
        Optional<Outcome> end = Outcome.atEnd(board);
        if (end.isPresent()) {
            return (int) (2 * end.get().points());
        }
        if (Math.abs(ahead) >= WON_PLIES) {
            return ahead > 0 ? 2 : 0;
        }
        boolean drawn =
                Outcome.isDrawnByRule(board)
                        || level >= LEVEL_PLIES && plies > LEVEL_FROM
                        || plies > LONGEST;
        return drawn ? 1 : -1;
    }
}

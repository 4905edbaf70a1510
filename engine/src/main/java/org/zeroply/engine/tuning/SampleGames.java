package org.zeroply.engine.tuning;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.exchange.StaticExchange;
import org.zeroply.engine.match.Contestant;
import org.zeroply.engine.match.MatchGame;
import org.zeroply.engine.match.Outcome;
import org.zeroply.engine.match.RandomOpenings;

/** Plays games of an engine with itself and takes quiet positions from them. */
public final class SampleGames {

    /** One position in so many is taken, so that neighbours, much alike, do not count twice. */
    private static final int ONE_IN = 3;

    private static final int DECIDED = 1500;

    private final Contestant player;
    private final RandomOpenings openings;

    /** Samples from games of a player with itself. */
    public SampleGames(Contestant player) {
        this.player = player;
        openings = new RandomOpenings(player.engine());
    }

    /** A game: how it ended, and its quiet positions. */
    public record Played(Outcome outcome, List<Sample> samples) {
        public Played {
            samples = List.copyOf(samples);
        }
    }

    /** Plays one game; the same every time for a player with a node limit. */
    public Played game(long number, Cancellation cancellation) {
        MatchGame game = MatchGame.play(player, player, openings.opening(number), cancellation);
        if (cancellation.isCancelled()) {
            return new Played(game.outcome(), List.of());
        }
        SplittableRandom random = new SplittableRandom(number);
        List<Sample> samples = new ArrayList<>();
        Board board = Position.START.toBoard();
        game.opening().forEach(m -> board.make(m.packed()));
        for (int i = 0; i < game.moves().size(); i++) {
            Move move = game.moves().get(i);
            if (random.nextInt(ONE_IN) == 0
                    && game.scores().get(i) instanceof Score.Centipawns c
                    && Math.abs(c.value()) < DECIDED
                    && isQuiet(board, move)) {
                int white = board.sideToMove() == 0 ? c.value() : -c.value();
                samples.add(new Sample(Position.of(board), game.outcome().points(), white));
            }
            board.make(move.packed());
        }
        return new Played(game.outcome(), samples);
    }

    /** No check, and no capture that wins material, the best move included. */
    private static boolean isQuiet(Board board, Move best) {
        if (board.inCheck() || best.isCapture() || best.promotion().isPresent()) {
            return false;
        }
        int[] captures = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.captures(board, captures, 0);
        for (int i = 0; i < count; i++) {
            if (StaticExchange.isAtLeast(board, captures[i], 1)) {
                return false;
            }
        }
        return true;
    }
}

package org.zeroply.coach.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import org.zeroply.chess.board.Conclusion;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/** Plays a position out between two players of chosen strength. */
public final class PlayOut {

    /** Plies after which a game is broken off. */
    private static final int LONGEST = 240;

    /** Centipawns below which a side gives up when it has been so for four of its moves. */
    private static final int HOPELESS = 1000;

    /** Moves in a row with a hopeless position before a game is given up: our choice. */
    private static final int PATIENCE = 3;

    private final Engine engine;
    private final Strength white;
    private final Strength black;

    public PlayOut(Engine engine, Strength white, Strength black) {
        this.engine = engine;
        this.white = white;
        this.black = black;
    }

    /**
     * A game played out.
     *
     * @param whiteScore White's result: 1, 0.5 or 0; a game broken off counts as half
     * @param decided whether it ended by the rules or by giving up
     * @param how how it ended, in words
     */
    public record Played(List<Move> moves, double whiteScore, boolean decided, String how) {
        public Played {
            moves = List.copyOf(moves);
        }
    }

    /**
     * Plays a game; the same seed gives the same game. A cancelled game counts as broken off.
     *
     * @param start a position that is not over
     */
    public Played play(Position start, long seed, Cancellation cancellation) {
        LimitedPlayer player = new LimitedPlayer(engine, random(seed));
        List<Move> moves = new ArrayList<>();
        List<Position> positions = new ArrayList<>(List.of(start));
        int[] hopeless = new int[2];
        while (moves.size() < LONGEST && !cancellation.isCancelled()) {
            Position p = positions.get(positions.size() - 1);
            Side side = p.sideToMove();
            Conclusion conclusion = Conclusion.of(positions);
            if (conclusion == Conclusion.CHECKMATE) {
                return won(moves, side.other(), "checkmate");
            }
            if (conclusion != Conclusion.ONGOING) {
                return new Played(moves, 0.5, true, conclusion.words());
            }
            Strength strength = side == Side.WHITE ? white : black;
            LimitedPlayer.Look look = player.look(start, moves, strength);
            boolean lost = look.score().ordinal() < -HOPELESS;
            hopeless[side.ordinal()] = lost ? hopeless[side.ordinal()] + 1 : 0;
            if (hopeless[side.ordinal()] > PATIENCE) {
                return won(moves, side.other(), CoachWords.of("play.gives-up", side.word()));
            }
            Move move = player.choose(look, strength);
            moves.add(move);
            positions.add(p.play(move));
        }
        return new Played(moves, 0.5, false, CoachWords.of("play.broken-off"));
    }

    /** Random itself begins nearly alike with neighbouring seeds, so these are mixed first. */
    private static Random random(long seed) {
        return new Random(new SplittableRandom(seed).nextLong());
    }

    private static Played won(List<Move> moves, Side side, String how) {
        return new Played(moves, side == Side.WHITE ? 1 : 0, true, how);
    }
}

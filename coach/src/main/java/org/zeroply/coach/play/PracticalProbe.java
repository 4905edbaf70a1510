package org.zeroply.coach.play;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.review.profile.MeanLoss;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/**
 * How a position scores in practice: fast games between players of limited strength, beside what
 * the engine's verdict promises. It is a hint, not a proof.
 */
public final class PracticalProbe {

    private final Engine engine;
    private final Strength white;
    private final Strength black;

    public PracticalProbe(Engine engine, Strength white, Strength black) {
        this.engine = engine;
        this.white = white;
        this.black = black;
    }

    /**
     * The games so far, from White's view.
     *
     * @param undecided games broken off, counted among the draws
     * @param plies plies of all games together
     */
    public record Tally(int wins, int draws, int losses, int undecided, long plies) {

        static final Tally NONE = new Tally(0, 0, 0, 0, 0);

        /** Games played. */
        public int games() {
            return wins + draws + losses;
        }

        /** White's mean score, 0 to 1. */
        public double score() {
            return games() == 0 ? 0.5 : (wins + draws / 2.0) / games();
        }

        /** Half the width of the 95% interval of the score, by Student's t; 1 before two games. */
        public double margin() {
            int n = games();
            if (n < 2) {
                return 1;
            }
            double mean = score();
            double squares =
                    wins * (1 - mean) * (1 - mean)
                            + draws * (0.5 - mean) * (0.5 - mean)
                            + losses * mean * mean;
            return MeanLoss.student(n - 1) * Math.sqrt(squares / (n - 1) / n);
        }

        /** In print: {@code White scores 62 ± 14 of 100 in 20 games (+11 =3 -6)}. */
        public String text() {
            return String.format(
                    Locale.ROOT,
                    CoachWords.of("play.white-scores-of-a-hundred"),
                    100 * score(),
                    100 * margin(),
                    games(),
                    wins,
                    draws,
                    losses);
        }

        private Tally with(PlayOut.Played game) {
            return new Tally(
                    wins + (game.whiteScore() == 1 ? 1 : 0),
                    draws + (game.whiteScore() == 0.5 ? 1 : 0),
                    losses + (game.whiteScore() == 0 ? 1 : 0),
                    undecided + (game.decided() ? 0 : 1),
                    plies + game.moves().size());
        }
    }

    /**
     * Plays the games; the same seed gives the same result.
     *
     * @param progress told of the tally after each game
     * @return nothing when cancelled
     */
    public Optional<Tally> run(
            Position start,
            int games,
            long seed,
            Consumer<Tally> progress,
            Cancellation cancellation) {
        PlayOut player = new PlayOut(engine, white, black);
        Tally tally = Tally.NONE;
        for (int i = 0; i < games; i++) {
            PlayOut.Played game = player.play(start, seed + i, cancellation);
            if (cancellation.isCancelled()) {
                return Optional.empty();
            }
            tally = tally.with(game);
            progress.accept(tally);
        }
        return Optional.of(tally);
    }
}

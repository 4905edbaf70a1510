package org.zeroply.library.tournament;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.RoundPlan;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.coach.review.profile.Profile;
import org.zeroply.library.texts.LibraryWords;

/**
 * All that is told before a round.
 *
 * @param side the colour of the player it is for
 * @param openings what the opponent played with the other colour, the most frequent first
 * @param losses what the opponent loses in them, from games that are reviewed
 * @param plan against the repertoire; empty where there is none for the colour, or a bye
 */
public record RoundBrief(
        Tournament tournament,
        Pairing pairing,
        Side side,
        Opponent opponent,
        List<Played> openings,
        List<Profile.OpeningFigures> losses,
        Optional<RoundPlan> plan) {

    public RoundBrief {
        openings = List.copyOf(openings);
        losses = List.copyOf(losses);
    }

    /** The same with what is written of the pairing now. */
    public RoundBrief with(Pairing now) {
        return new RoundBrief(tournament, now, side, opponent, openings, losses, plan);
    }

    /** Who it is for. */
    public Entrant player() {
        return pairing.entrant(side);
    }

    /** What the opponent loses a move in an opening, in words to go on with; may be empty. */
    public String lossIn(Played played) {
        return losses.stream()
                .filter(o -> o.name().equals(played.name()))
                .findFirst()
                .map(o -> LibraryWords.of("tournament.loses-points-a-move", o.loss().text()))
                .orElse("");
    }

    /**
     * Who is met.
     *
     * @param names how the name is written in the games of the library
     * @param games games with the other colour, the newest first
     * @param standing what was scored in the tournament before the round
     */
    public record Opponent(
            Entrant entrant, List<String> names, List<GameOf> games, Tournament.Standing standing) {
        public Opponent {
            names = List.copyOf(names);
            games = List.copyOf(games);
        }

        /** The day of the newest game, as in PGN; may be empty. */
        public String newest() {
            return games.stream().findFirst().map(GameOf::date).orElse("");
        }
    }

    /**
     * A game of the opponent in the library.
     *
     * @param players who played whom
     * @param date as in PGN; empty where it is not known
     * @param opening its name; may be empty
     */
    public record GameOf(long id, String players, String date, String result, String opening) {}

    /**
     * An opening of the opponent.
     *
     * @param points what the opponent scored in games with a result
     * @param scored how many these are
     */
    public record Played(String name, int games, double points, int scored) {}
}

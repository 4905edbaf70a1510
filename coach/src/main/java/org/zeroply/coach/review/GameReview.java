package org.zeroply.coach.review;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.tree.MoveTree;

/**
 * The first pass over one game.
 *
 * @param game the game
 * @param moves every move reviewed, in order
 * @param moments the moments worth stopping at, the most instructive first
 * @param departure where the game left the others at hand
 * @param players the figures of White and Black, as far as they were reviewed
 */
public record GameReview(
        MoveTree game,
        List<MoveReview> moves,
        List<Moment> moments,
        Optional<Departure> departure,
        List<PlayerReview> players) {

    public GameReview {
        moves = List.copyOf(moves);
        moments = List.copyOf(moments);
        players = List.copyOf(players);
    }

    /** How the game went as a whole, where that is worth a sentence. */
    public Optional<GameCourse> course() {
        return GameCourse.of(this);
    }

    /** The same review with other moments, such as those a coach kept or added. */
    public GameReview with(List<Moment> others) {
        return new GameReview(game, moves, others, departure, players);
    }
}

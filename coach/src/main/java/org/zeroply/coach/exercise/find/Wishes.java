package org.zeroply.coach.exercise.find;

import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.fact.material.Phase;

/**
 * What positions are looked for.
 *
 * @param player part of the name of who has to find the move; empty for anybody
 * @param side whose move it is, if that matters
 * @param opening part of the name of the opening; empty for any
 * @param ratings of both players
 * @param theme a theme in words; empty for any
 * @param fewestMoves own moves that have to be found at least, 1 for any
 * @param phase the part of the game, if that matters
 */
public record Wishes(
        String player,
        Optional<Side> side,
        String opening,
        Ratings ratings,
        String theme,
        int fewestMoves,
        Optional<Phase> phase) {

    /** Anything worth setting. */
    public static final Wishes ANY =
            new Wishes("", Optional.empty(), "", Ratings.ANY, "", 1, Optional.empty());

    public Wishes {
        player = player.strip().toLowerCase(Locale.ROOT);
        opening = opening.strip().toLowerCase(Locale.ROOT);
        theme = theme.strip().toLowerCase(Locale.ROOT);
    }

    /** Whether a side of a game may be the one to find a move. */
    boolean allows(MoveTree game, Side mover) {
        String name = game.tag(mover.word()).toLowerCase(Locale.ROOT);
        return (side.isEmpty() || side.get() == mover)
                && (player.isEmpty() || name.contains(player));
    }

    /** Whether a game can hold what is looked for. */
    public boolean allowsGame(MoveTree game) {
        int white = rating(game, Side.WHITE);
        int black = rating(game, Side.BLACK);
        return (allows(game, Side.WHITE) || allows(game, Side.BLACK))
                && (opening.isEmpty() || openingOf(game).contains(opening))
                && ratings.allow(white, black);
    }

    private static String openingOf(MoveTree game) {
        return OpeningNames.shipped()
                .of(game.mainLine())
                .map(name -> name.toLowerCase(Locale.ROOT))
                .orElse("");
    }

    private static int rating(MoveTree game, Side side) {
        String text = game.tag(side.word() + "Elo");
        return text.matches("\\d{1,4}") ? Integer.parseInt(text) : 0;
    }

    /** Whether a find is what is looked for, whoever has to find the move. */
    public boolean allows(Prospect found) {
        return (theme.isEmpty() || found.themes().contains(theme))
                && found.ownMoves() >= fewestMoves
                && side.filter(s -> s != found.position().sideToMove()).isEmpty()
                && phase.filter(p -> p != Phase.of(found.position())).isEmpty();
    }
}

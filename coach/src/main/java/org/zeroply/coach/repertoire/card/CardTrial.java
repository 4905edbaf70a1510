package org.zeroply.coach.repertoire.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.pattern.Situation;

/**
 * A card tried on games, wherever it stands: where it applied, whether what it says was played, and
 * what that scored. Many games that followed it and scored well recommend it; they prove nothing.
 *
 * @param side whose rule it is
 * @param games games looked through
 * @param cases where it applied, the first time in each game
 */
public record CardTrial(Card card, Side side, int games, List<Case> cases) {

    public CardTrial {
        cases = List.copyOf(cases);
    }

    /**
     * A game in which the card applied.
     *
     * @param ply the move it spoke about, 1-based from the start of the game
     * @param played that move, in SAN
     * @param followed whether it is the one the card asks for; empty where it asks for none
     * @param score what the side scored in the game, 0 to 1
     */
    public record Case(
            MoveTree game,
            Node before,
            int ply,
            String played,
            Optional<Boolean> followed,
            OptionalDouble score) {}

    /** Of a part of the cases, their number and the mean score of those that are decided. */
    public record Tally(int count, OptionalDouble score) {}

    /** Where the card applies first in a game at a move of a side, if it does. */
    public static Optional<Case> in(Card card, Side side, MoveTree game) {
        int ply = 0;
        for (Node node : game.mainLine()) {
            ply++;
            Node before = node.parent().orElseThrow();
            Position position = before.position();
            if (position.sideToMove() != side || node.move().isNull()) {
                continue;
            }
            Optional<Move> asked = card.move(position);
            boolean speaks = asked.isPresent() || !card.asksForMove();
            if (speaks && card.applies(Situation.after(before))) {
                return Optional.of(
                        new Case(
                                game,
                                before,
                                ply,
                                San.write(position, node.move()),
                                asked.map(m -> m.equals(node.move())),
                                GameResult.score(game.result(), side)));
            }
        }
        return Optional.empty();
    }

    /** A card tried on games, which are looked at one after the other. */
    public static CardTrial of(Card card, Side side, Iterable<MoveTree> games) {
        List<Case> cases = new ArrayList<>();
        int looked = 0;
        for (MoveTree game : games) {
            looked++;
            in(card, side, game).ifPresent(cases::add);
        }
        return new CardTrial(card, side, looked, cases);
    }

    /** All games in which it applied. */
    public Tally applied() {
        return tally(c -> true);
    }

    /** Those in which it was followed. */
    public Tally followed() {
        return tally(c -> c.followed().equals(Optional.of(true)));
    }

    /** Those in which something else was played. */
    public Tally other() {
        return tally(c -> c.followed().equals(Optional.of(false)));
    }

    private Tally tally(Predicate<Case> which) {
        List<Case> some = cases.stream().filter(which).toList();
        OptionalDouble mean =
                some.stream()
                        .map(Case::score)
                        .filter(OptionalDouble::isPresent)
                        .mapToDouble(OptionalDouble::getAsDouble)
                        .average();
        return new Tally(some.size(), mean);
    }
}

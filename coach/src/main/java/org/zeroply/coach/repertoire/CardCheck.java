package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.pattern.Situation;
import org.zeroply.coach.repertoire.card.Card;
import org.zeroply.coach.repertoire.card.CardReader;

/**
 * A card that spoke in a game, and whether it was followed. A card speaks at our turn, from the
 * position it is attached to on, the first time that its conditions hold; where it asks for a move,
 * only while that move is legal.
 *
 * @param ply the move it spoke about, 1-based
 * @param asked the move it asks for, in SAN; empty where it asks for none
 * @param played the move played, in SAN
 */
public record CardCheck(Card card, int ply, String asked, String played) {

    /** Moves of ours after the card's position for which it holds. */
    private static final int REACH = 20;

    /** Whether it was followed; a card that asks for no move cannot be checked. */
    public Optional<Boolean> followed() {
        return asked.isEmpty() ? Optional.empty() : Optional.of(asked.equals(played));
    }

    /**
     * The cards of a position, those of all orders.
     *
     * @throws IllegalArgumentException if one cannot be read
     */
    public static List<Card> cards(Spot spot) {
        return spot.cardTexts().map(CardReader::read).toList();
    }

    /** The cards that spoke in a game. */
    public static List<CardCheck> of(Repertoire repertoire, MoveTree game) {
        List<CardCheck> checks = new ArrayList<>();
        Map<Card, Integer> open = new LinkedHashMap<>();
        repertoire.at(game.start()).ifPresent(s -> cards(s).forEach(c -> open.put(c, 0)));
        int ply = 0;
        for (Node node : game.mainLine()) {
            ply++;
            Node before = node.parent().orElseThrow();
            if (repertoire.isOurs(before.position())) {
                for (Map.Entry<Card, Integer> e : open.entrySet()) {
                    Optional<CardCheck> check =
                            e.getValue() > REACH
                                    ? Optional.empty()
                                    : check(e.getKey(), before, node.move(), ply);
                    check.ifPresent(checks::add);
                    e.setValue(check.isPresent() ? REACH + 1 : e.getValue() + 1);
                }
            }
            repertoire
                    .at(node.position())
                    .ifPresent(s -> cards(s).forEach(c -> open.putIfAbsent(c, 0)));
        }
        return checks;
    }

    private static Optional<CardCheck> check(Card card, Node before, Move played, int ply) {
        Position position = before.position();
        Optional<Move> asked = card.move(position);
        boolean silent = card.asksForMove() && asked.isEmpty();
        if (silent || !card.applies(Situation.after(before))) {
            return Optional.empty();
        }
        return Optional.of(
                new CardCheck(
                        card,
                        ply,
                        asked.map(m -> San.write(position, m)).orElse(""),
                        San.write(position, played)));
    }
}

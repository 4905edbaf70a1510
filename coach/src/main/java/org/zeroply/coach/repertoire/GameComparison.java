package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.MoveEvaluator;

/**
 * Where a game of the student left the repertoire, and what the repertoire had there.
 *
 * @param leftBy who left it
 * @param ply the move that left it, 1-based; 0 when the game stayed in it to its end
 * @param spot the last position that was in the repertoire
 * @param played the move that left it, in SAN; empty when none did
 * @param recommended the move the repertoire has there, in SAN; empty where it has none
 */
public record GameComparison(
        MoveTree game, LeftBy leftBy, int ply, Spot spot, String played, String recommended) {

    /** Who left the repertoire. */
    public enum LeftBy {
        /** The student played another move than the repertoire has. */
        US,
        /** The other side played a reply that is not in it. */
        THEM,
        /** The repertoire has no move for the student there. */
        END,
        /** The game stayed in it to its end. */
        NOBODY
    }

    /**
     * Compares a game. The student's own side has to be the repertoire's; a game that never comes
     * to a position of it is none.
     *
     * @param school whose recommendations count; any move of the repertoire is accepted as played
     */
    public static Optional<GameComparison> of(
            Repertoire repertoire, MoveTree game, Optional<Approach> school) {
        Optional<Spot> in = repertoire.at(game.start());
        if (in.isEmpty()) {
            return Optional.empty();
        }
        Spot spot = in.get();
        int ply = 0;
        for (Node node : game.mainLine()) {
            ply++;
            boolean ours = repertoire.isOurs(spot.position());
            Optional<Spot> next = repertoire.at(node.position());
            boolean known = spot.moves().containsKey(node.move());
            // Another order may come back to the repertoire at once; that is no leaving.
            if (next.isEmpty() || ours && !known) {
                return Optional.of(left(game, spot, node, ply, ours, school));
            }
            spot = next.get();
        }
        return Optional.of(new GameComparison(game, LeftBy.NOBODY, 0, spot, "", ""));
    }

    private static GameComparison left(
            MoveTree game, Spot spot, Node node, int ply, boolean ours, Optional<Approach> school) {
        Optional<Move> recommended = ours ? spot.recommended(school) : Optional.empty();
        LeftBy by = !ours ? LeftBy.THEM : recommended.isEmpty() ? LeftBy.END : LeftBy.US;
        return new GameComparison(
                game,
                by,
                ply,
                spot,
                San.write(spot.position(), node.move()),
                recommended.map(m -> San.write(spot.position(), m)).orElse(""));
    }

    /** Which side of a game somebody plays, by a part of the name. */
    public static Optional<Side> side(MoveTree game, String player) {
        String part = player.strip().toLowerCase(Locale.ROOT);
        List<Side> sides = new ArrayList<>();
        for (Side side : Side.values()) {
            if (game.tag(side.word()).toLowerCase(Locale.ROOT).contains(part)) {
                sides.add(side);
            }
        }
        return sides.size() == 1 ? Optional.of(sides.get(0)) : Optional.empty();
    }

    /**
     * What it cost to leave, in points of a hundred: 0 where somebody else left, nothing where the
     * repertoire recommends nothing.
     */
    public OptionalDouble loss(MoveEvaluator evaluator, Optional<Approach> school) {
        if (leftBy != LeftBy.US) {
            return OptionalDouble.of(0);
        }
        Move move = game.mainLine().get(ply - 1).move();
        return spot.recommended(school)
                .map(better -> evaluator.loss(spot.position(), move, better).points())
                .map(OptionalDouble::of)
                .orElse(OptionalDouble.empty());
    }
}

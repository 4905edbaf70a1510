package org.zeroply.coach.fact.structure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;

/**
 * The structures that several moves lead to, side by side: for each move what it brings and what it
 * takes away.
 *
 * @param move the move
 * @param structure the facts about both sides' pawns and files after it
 * @param change what is new and what is gone
 */
public record StructureComparison(Move move, List<Fact> structure, FactChange change) {

    public StructureComparison {
        structure = List.copyOf(structure);
    }

    /** Compares moves of the side to move. */
    public static List<StructureComparison> of(Position position, List<Move> moves) {
        List<Fact> before = structure(new Scene(position));
        List<StructureComparison> all = new ArrayList<>();
        for (Move move : moves) {
            List<Fact> after = structure(new Scene(position.play(move)));
            all.add(new StructureComparison(move, after, FactChange.between(before, after)));
        }
        return all;
    }

    /**
     * The ways to take on one square, for each square on which the side to move can take with more
     * than one man and a pawn is among those that take.
     */
    public static List<Move> recaptures(Position position) {
        Map<Integer, List<Move>> bySquare = new LinkedHashMap<>();
        for (Move move : position.legalMoves()) {
            if (move.isCapture() && move.promotion().isEmpty()) {
                bySquare.computeIfAbsent(move.to(), s -> new ArrayList<>()).add(move);
            }
        }
        Scene scene = new Scene(position);
        Side side = position.sideToMove();
        return bySquare.values().stream()
                .filter(ways -> ways.size() > 1)
                .filter(ways -> ways.stream().anyMatch(m -> isPawn(scene, side, m)))
                .flatMap(List::stream)
                .toList();
    }

    private static boolean isPawn(Scene scene, Side side, Move move) {
        return (scene.pawns(side) & 1L << move.from()) != 0;
    }

    /** What is told of pawns and files, levers and contacts left out. */
    public static List<Fact> structure(Scene scene) {
        List<Fact> facts = new ArrayList<>();
        for (Side side : Side.values()) {
            facts.addAll(PawnFacts.of(scene, side));
            facts.addAll(ChainFacts.of(scene, side));
            facts.addAll(FileFacts.halfOpen(scene, side));
            SquareFacts.of(scene, side).stream()
                    .filter(f -> f.kind() == FactKind.WEAK_SQUARE)
                    .forEach(facts::add);
        }
        facts.addAll(FileFacts.open(scene));
        return facts;
    }
}

package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;

/**
 * Replies as somebody might choose who sees what the engine sees, where no games are at hand: as if
 * {@value #GAMES} games had been played, a move that is worth less chosen more rarely.
 */
public final class EngineReplies implements Replies {

    /** The engine's opinion counts as much as so many games: our choice. */
    private static final int GAMES = 40;

    /** A loss of so much expected score weighs 1/e; this program's own choice. */
    private static final double CARELESSNESS = 0.03;

    private final MoveEvaluator evaluator;
    private final Map<Position, List<Reply>> known = new HashMap<>();

    /**
     * @param evaluator looks at each position on its nodes
     */
    public EngineReplies(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
    }

    @Override
    public boolean werePlayed() {
        return false;
    }

    @Override
    public List<Reply> at(Position position) {
        return known.computeIfAbsent(position, this::search);
    }

    private List<Reply> search(Position position) {
        Optional<Choice> choice = evaluator.all(position);
        if (choice.isEmpty()) {
            return List.of();
        }
        List<Weighed> moves = choice.get().moves();
        Weighed best = choice.get().best();
        double sum = moves.stream().mapToDouble(w -> weight(w, best)).sum();
        List<Reply> replies = new ArrayList<>();
        for (Weighed move : moves) {
            int games = (int) Math.round(GAMES * weight(move, best) / sum);
            if (games > 0) {
                replies.add(new Reply(move.move(), games, Optional.empty()));
            }
        }
        return replies;
    }

    private static double weight(Weighed move, Weighed best) {
        return Math.exp(move.expected().over(best.expected()) / CARELESSNESS);
    }
}

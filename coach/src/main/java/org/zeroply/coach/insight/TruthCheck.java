package org.zeroply.coach.insight;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.texts.CoachWords;

/**
 * Holds claims against the rules of the game and against searches longer than those that made them:
 * what the rules settle by themselves, and what a line is said to win, hold or threaten.
 */
public final class TruthCheck {

    /** What became of a claim. */
    public enum Verdict {
        CONFIRMED,
        FALSE,
        /** Of a kind, or in a position, that cannot be tried in this way. */
        NOT_TRIED
    }

    /** A claim about a difference is taken as confirmed by half of it, in centipawns. */
    private static final int HALF_A_PAWN = 50;

    private final MoveEvaluator evaluator;

    /**
     * @param evaluator on more nodes than the claims were made with
     */
    public TruthCheck(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
    }

    /**
     * Tries one claim.
     *
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    public Verdict of(Position position, Fact fact) {
        return holds(position, fact)
                .map(confirmed -> confirmed ? Verdict.CONFIRMED : Verdict.FALSE)
                .orElse(Verdict.NOT_TRIED);
    }

    private Optional<Boolean> holds(Position position, Fact fact) {
        Scene scene = new Scene(position);
        return switch (fact.kind()) {
            case HANGING -> HeldInquiry.canBeWon(scene, fact, evaluator);
            case PIN, FORK, SAFE_CHECK, DISCOVERED_CHECK, ROOK_LIFT, LEVER ->
                    RuleCheck.holds(scene, fact);
            case CHECKS -> RuleCheck.from(scene, fact).flatMap(from -> checksMate(from, fact));
            case CLEANEST_WIN -> Optional.of(wins(position, firstMove(fact)));
            case GIVE_BACK -> Optional.of(!isWeaker(position, firstMove(fact)));
            case IGNORED_THREAT -> Optional.of(canIgnore(position, fact));
            case PAWN_RACE -> raceHolds(position, fact);
            case MOTIF_MOVE -> RuleCheck.from(scene, fact).map(from -> motifHolds(from, fact));
            case THREAT -> threatHolds(position, fact);
            case TIED -> RuleCheck.from(scene, fact).map(from -> isTied(scene, from, fact));
            default -> Optional.empty();
        };
    }

    /** The first move of the line, a pass left out. */
    private static Move firstMove(Fact fact) {
        return fact.line().get(fact.line().get(0).isNull() ? 1 : 0);
    }

    private boolean wins(Position from, Move move) {
        return evaluator.weigh(from, move).result() == ResultClass.WIN;
    }

    private Optional<Boolean> checksMate(Position from, Fact fact) {
        return fact.traits().contains("mates")
                ? Optional.of(evaluator.weigh(from, firstMove(fact)).mates())
                : Optional.empty();
    }

    private boolean isWeaker(Position from, Move move) {
        Weighed best = evaluator.choice(from).orElseThrow().best();
        Weighed weighed = move.equals(best.move()) ? best : evaluator.weigh(from, move);
        return Loss.of(weighed, best).exceeds(MoveComparison.WEAKER);
    }

    /** Whoever carries the threat out stands worse. */
    private boolean canIgnore(Position position, Fact fact) {
        Position after = position.play(fact.line().get(0));
        Weighed threat = evaluator.weigh(after, fact.line().get(1));
        return threat.score().ordinal() <= -HALF_A_PAWN;
    }

    private Optional<Boolean> raceHolds(Position position, Fact fact) {
        ResultClass result = evaluator.choice(position).orElseThrow().result();
        if (fact.traits().contains("wins")) {
            return Optional.of(result == ResultClass.WIN);
        }
        return fact.traits().contains("loses")
                ? Optional.of(result == ResultClass.LOSS)
                : Optional.empty();
    }

    private boolean motifHolds(Position from, Fact fact) {
        return fact.traits().contains("fails") == isWeaker(from, firstMove(fact));
    }

    private Optional<Boolean> threatHolds(Position position, Fact fact) {
        if (!fact.traits().contains("concrete") || !fact.line().get(0).equals(Move.NULL)) {
            return Optional.empty();
        }
        Position passed = position.play(Move.NULL);
        Weighed threat = evaluator.weigh(passed, fact.line().get(1));
        if (threat.mates()) {
            // Mate is a threat also where the best defence is mated as well.
            return Optional.of(true);
        }
        int otherwise = -evaluator.choice(position).orElseThrow().best().score().ordinal();
        return Optional.of(threat.score().ordinal() - otherwise >= HALF_A_PAWN);
    }

    /** It loses by its best move, and what it is said to guard it attacks. */
    private boolean isTied(Scene scene, Position from, Fact fact) {
        int piece = fact.squares().get(0);
        List<Move> moves = from.legalMoves().stream().filter(m -> m.from() == piece).toList();
        Weighed best = evaluator.among(from, moves).orElseThrow();
        int ward = fact.squares().get(1);
        String guarded = CoachWords.of("insight.it-guards", scene.man(ward));
        boolean guards = !fact.text().contains(guarded) || scene.guards(piece, ward);
        return guards && HeldInquiry.againstPass(from, best, evaluator) <= -HALF_A_PAWN;
    }
}

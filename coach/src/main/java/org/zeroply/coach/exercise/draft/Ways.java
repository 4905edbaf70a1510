package org.zeroply.coach.exercise.draft;

import java.util.List;
import java.util.Optional;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.exercise.scheme.AimCheck;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * Which moves do as well as the best one, by the relation that the check of exercises uses.
 *
 * @param aim what the exercise asks for
 */
public record Ways(Aim aim) {

    /**
     * From so much expected score on, nobody need be asked which of two moves wins more; a choice.
     */
    private static final double ANYWAY = 0.94;

    /** From so much on the best move wins by itself, whatever is still to be found. */
    private static final double BY_ITSELF = 0.98;

    /** Centipawns within which two moves may turn out equal. */
    private static final int NEAR = 90;

    /** And expected score. */
    private static final double ALMOST = 0.08;

    /** The aim of an exercise that begins with a choice, as far as the search tells. */
    public static Aim aim(Choice choice) {
        Weighed best = choice.best();
        if (best.mates() && !best.exact()) {
            return Aim.MATE;
        }
        if (best.exact()) {
            return best.expected().equals(ExpectedScore.WIN) ? Aim.WIN : Aim.HOLD;
        }
        if (best.expected().value() <= LOST) {
            return Aim.BEST;
        }
        if (best.expected().value() < HELPS) {
            return Aim.HOLD;
        }
        int gain = LineGain.hundredths(choice.position(), best.line());
        return gain >= EXCHANGE ? Aim.MATERIAL : Aim.BEST;
    }

    /** Hundredths of a point: a gain of material is worth asking for from the exchange on. */
    private static final int EXCHANGE = 200;

    /** Up to this expected score there is nothing to hold any more. */
    static final double LOST = 0.06;

    /** Expected score from which on one side is better. */
    static final double HELPS = 0.63;

    /** The other moves that reach the aim about as well. */
    List<Weighed> reaching(Choice choice) {
        Weighed best = choice.best();
        AimCheck check = AimCheck.at(choice.position(), Optional.of(aim), best);
        return choice.moves().stream()
                .skip(1)
                .filter(w -> check.compare(w, best) == AimCheck.Answer.REACHES)
                .toList();
    }

    /** How many others nobody would call wrong: they reach it, or the game is won anyway. */
    long doing(Choice choice) {
        return doing(choice, reaching(choice), ANYWAY);
    }

    private long doing(Choice choice, List<Weighed> reaching, double byItself) {
        Weighed best = choice.best();
        boolean mate = aim == Aim.MATE && best.mates();
        boolean won = !mate && best.expected().value() >= byItself;
        return choice.moves().stream()
                .skip(1)
                .filter(
                        w ->
                                reaching.contains(w)
                                        || won && w.expected().value() >= ANYWAY
                                        || !mate && isNear(w, best))
                .count();
    }

    /** So little less that a longer look may find them equal. */
    private static boolean isNear(Weighed w, Weighed best) {
        return !Loss.of(w, best).exceeds(ALMOST)
                && best.score().ordinal() - w.score().ordinal() <= NEAR;
    }

    /**
     * Whether one move has to be found to go on, by a looser rule than that for asking: what wins
     * by itself needs no finding only where it wins by more, and a third move that may do does not
     * count.
     */
    public boolean hasOne(Choice choice) {
        List<Weighed> reaching = reaching(choice);
        long doing = doing(choice, reaching, BY_ITSELF);
        return doing < 2 && doing <= reaching.size();
    }

    /**
     * Whether no one move can be asked for: several do, or one does that is not surely equal, or
     * two do and a third may turn out to.
     */
    public boolean areSeveral(Choice choice) {
        List<Weighed> reaching = reaching(choice);
        long doing = doing(choice, reaching, ANYWAY);
        return doing >= 2 || doing > reaching.size() || reaching.size() == 1 && mayThird(choice);
    }

    private boolean mayThird(Choice choice) {
        Weighed best = choice.best();
        return !(aim == Aim.MATE && best.mates())
                && choice.moves().stream()
                        .skip(2)
                        .anyMatch(w -> !Loss.of(w, best).exceeds(MoveComparison.WAYS));
    }
}

package org.zeroply.coach.pattern;

import java.util.Set;

/** That a fact is told of which something else is true besides. */
sealed interface OfFact extends Condition
        permits TargetCondition, DangerCondition.PinnedTo, DangerCondition.PinnedBy {

    /** The fact, with all that can be asked of it alone. */
    FactCondition fact();

    @Override
    default Set<ToldFact> leading() {
        return fact().leading();
    }

    @Override
    default int cost() {
        return fact().cost();
    }
}

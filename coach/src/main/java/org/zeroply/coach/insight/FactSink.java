package org.zeroply.coach.insight;

import java.util.List;
import java.util.function.Consumer;
import org.zeroply.coach.fact.Fact;

/** Where facts go as a search finds them, and where one seen at a glance is taken back. */
public interface FactSink extends Consumer<Fact> {

    /**
     * A fact of those seen at a glance turned out wrong: a search refutes it. Who was told nothing
     * at a glance has nothing to take back.
     */
    default void withdraw(Fact fact) {}

    /** Adds to a list what is found, and takes out of it what is refuted. */
    static FactSink into(List<Fact> facts) {
        return new FactSink() {
            @Override
            public void accept(Fact fact) {
                facts.add(fact);
            }

            @Override
            public void withdraw(Fact fact) {
                facts.remove(fact);
            }
        };
    }
}

package org.zeroply.coach.training.drill;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/**
 * A memory in which some questions are due today, each once, whatever its day. What is known before
 * its day stays planned as it was: to repeat it in the evening says little about next month.
 */
public final class EveningMemory implements Memory {

    private final Memory memory;
    private final Set<String> open;
    private final long today;

    /**
     * @param keys the questions, by their keys
     * @param today days since 1970-01-01
     */
    public EveningMemory(Memory memory, Set<String> keys, long today) {
        this.memory = memory;
        this.open = new HashSet<>(keys);
        this.today = today;
    }

    @Override
    public Optional<Recall> of(String key) {
        return memory.of(key)
                .map(r -> open.contains(key) ? r.dueOn(Math.min(r.dueDay(), today)) : r);
    }

    @Override
    public void keep(String key, Recall recall) {
        boolean early = open.remove(key) && memory.of(key).filter(r -> !r.isDue(today)).isPresent();
        if (!early || recall.repetitions() == 0) {
            memory.keep(key, recall);
        }
    }
}

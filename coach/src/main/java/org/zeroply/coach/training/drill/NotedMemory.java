package org.zeroply.coach.training.drill;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiConsumer;

/** A memory read at once; every answer is noted here and handed on to whoever stores it. */
public final class NotedMemory implements Memory {

    private final Map<String, Recall> known;
    private final BiConsumer<String, Recall> store;

    /**
     * @param known what is known so far
     * @param store gets what is kept
     */
    public NotedMemory(Map<String, Recall> known, BiConsumer<String, Recall> store) {
        this.known = new ConcurrentHashMap<>(known);
        this.store = store;
    }

    @Override
    public Optional<Recall> of(String key) {
        return Optional.ofNullable(known.get(key));
    }

    @Override
    public void keep(String key, Recall recall) {
        known.put(key, recall);
        store.accept(key, recall);
    }
}

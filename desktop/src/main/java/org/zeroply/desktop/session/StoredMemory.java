package org.zeroply.desktop.session;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.zeroply.coach.training.Memory;
import org.zeroply.coach.training.Recall;

/** What a student remembers, in memory; every answer is also stored, behind the window. */
final class StoredMemory implements Memory {

    private final Services services;
    private final long student;
    private final Map<String, Recall> known;

    /**
     * @param known what is stored so far
     */
    StoredMemory(Services services, long student, Map<String, Recall> known) {
        this.services = services;
        this.student = student;
        this.known = new ConcurrentHashMap<>(known);
    }

    @Override
    public Optional<Recall> of(String key) {
        return Optional.ofNullable(known.get(key));
    }

    @Override
    public void keep(String key, Recall recall) {
        known.put(key, recall);
        services.background()
                .library(
                        () -> {
                            services.library().recall().keep(student, key, recall);
                            return true;
                        },
                        done -> {});
    }
}

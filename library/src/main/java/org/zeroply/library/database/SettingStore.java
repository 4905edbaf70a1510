package org.zeroply.library.database;

import java.util.Optional;

/** Small texts remembered by name. */
public final class SettingStore {

    private final Database database;

    public SettingStore(Database database) {
        this.database = database;
    }

    /** The text under a name. */
    public Optional<String> get(String name) {
        return database.read(
                h ->
                        h.createQuery("SELECT value FROM setting WHERE name = :name")
                                .bind("name", name)
                                .mapTo(String.class)
                                .findOne());
    }

    /** What is set, or the usual. */
    public <T> T get(Setting<T> setting) {
        return get(setting.name()).flatMap(setting.reads()).orElse(setting.usual());
    }

    /** Sets a value. */
    public <T> void put(Setting<T> setting, T value) {
        put(setting.name(), setting.writes().apply(value));
    }

    /** Remembers a text; an empty one is forgotten. */
    public void put(String name, String value) {
        database.write(
                h ->
                        value.isEmpty()
                                ? h.execute("DELETE FROM setting WHERE name = ?", name)
                                : h.execute(
                                        "INSERT INTO setting (name, value) VALUES (?, ?)"
                                                + " ON CONFLICT (name) DO UPDATE SET value ="
                                                + " excluded.value",
                                        name,
                                        value));
    }
}

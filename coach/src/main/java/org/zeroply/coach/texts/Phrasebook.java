package org.zeroply.coach.texts;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What one floor of the program says. Each of its rooms keeps its words in {@code texts.properties}
 * beside its classes, and a key names the room before its first point; rooms within a room share
 * the file of the outer one. A translation is a file {@code texts_de.properties} and the like
 * beside it; what it leaves out is said in English.
 */
public final class Phrasebook {

    private final String floor;
    private final ClassLoader loader;

    /** By language and key; facts are told by the million, and files of words do not change. */
    private final Map<Locale, Map<String, Phrasing>> known = new ConcurrentHashMap<>();

    /**
     * @param inside a class of one of the rooms of the floor
     */
    public Phrasebook(Class<?> inside) {
        String room = inside.getPackageName();
        floor = room.substring(0, room.lastIndexOf('.'));
        loader = inside.getClassLoader();
    }

    /**
     * Words, with something in them if they ask for it.
     *
     * @param key room and name, such as {@code review.next-moment}; where parts are given its words
     *     are those of a {@link MessageFormat} that names nothing but {0}, {1} and so on
     * @param parts what is put in for {0}, {1} and so on, as it is written
     * @throws MissingResourceException if no room has the key
     * @throws IllegalArgumentException if the words ask for more parts or fewer
     */
    public String say(String key, Object... parts) {
        return say(Locale.getDefault(), key, parts);
    }

    /** The same in a language. */
    public String say(Locale language, String key, Object... parts) {
        return known.computeIfAbsent(language, l -> new ConcurrentHashMap<>())
                .computeIfAbsent(key, k -> new Phrasing(written(language, k)))
                .with(parts);
    }

    private String written(Locale language, String key) {
        String room = key.substring(0, Math.max(0, key.indexOf('.')));
        String bundle = String.format("%s.%s.texts", floor, room);
        return ResourceBundle.getBundle(bundle, language, loader).getString(key);
    }
}

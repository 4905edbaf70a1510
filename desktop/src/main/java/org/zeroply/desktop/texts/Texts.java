package org.zeroply.desktop.texts;

import java.text.MessageFormat;
import java.util.Arrays;
import java.util.Locale;
import java.util.ResourceBundle;

/**
 * What the window says. Each desk and each shared room keeps its words in {@code texts.properties}
 * beside its classes, and a key names the room before its first point. A translation is a file
 * {@code texts_de.properties} and the like beside it; what it leaves out is said in English.
 */
public final class Texts {

    private static final String BUNDLE = "org.zeroply.desktop.%s.texts";

    private Texts() {}

    /**
     * Words, with something in them if they ask for it.
     *
     * @param key room and name, such as {@code review.next-moment}; where parts are given its words
     *     are those of a {@link MessageFormat}
     * @param parts what is put in for {0}, {1} and so on, as it is written
     * @throws java.util.MissingResourceException if no room has the key
     * @throws IllegalArgumentException if the words ask for more parts or fewer
     */
    public static String of(String key, Object... parts) {
        return of(Locale.getDefault(), key, parts);
    }

    static String of(Locale language, String key, Object... parts) {
        String room = key.substring(0, Math.max(0, key.indexOf('.')));
        String words =
                ResourceBundle.getBundle(String.format(BUNDLE, room), language).getString(key);
        return parts.length == 0 ? words : filled(words, parts);
    }

    private static String filled(String words, Object... parts) {
        MessageFormat format = new MessageFormat(words, Locale.ROOT);
        if (format.getFormatsByArgumentIndex().length != parts.length) {
            throw new IllegalArgumentException(parts.length + " parts do not fit into: " + words);
        }
        // Numbers are put in as they stand: how they are written is decided where they come from.
        return format.format(Arrays.stream(parts).map(String::valueOf).toArray());
    }
}

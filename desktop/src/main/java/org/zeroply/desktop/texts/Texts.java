package org.zeroply.desktop.texts;

import java.util.Locale;
import org.zeroply.coach.texts.Phrasebook;

/** What the window says: each desk and each shared room in words of its own. */
public final class Texts {

    private static final Phrasebook BOOK = new Phrasebook(Texts.class);

    private Texts() {}

    /**
     * Words, with something in them if they ask for it: {@link Phrasebook#say}.
     *
     * @param key room and name, such as {@code review.next-moment}
     * @param parts what is put in for {0}, {1} and so on, as it is written
     * @throws java.util.MissingResourceException if no room has the key
     * @throws IllegalArgumentException if the words ask for more parts or fewer
     */
    public static String of(String key, Object... parts) {
        return BOOK.say(key, parts);
    }

    static String of(Locale language, String key, Object... parts) {
        return BOOK.say(language, key, parts);
    }
}

package org.zeroply.library.texts;

import org.zeroply.coach.texts.Phrasebook;

/** What is said of what is kept: reports and sheets on paper, what is wrong with a file. */
public final class LibraryWords {

    private static final Phrasebook BOOK = new Phrasebook(LibraryWords.class);

    private LibraryWords() {}

    /**
     * Words, with something in them if they ask for it: {@link Phrasebook#say}.
     *
     * @param key room and name, such as {@code report.to-repeat-tonight}
     */
    public static String of(String key, Object... parts) {
        return BOOK.say(key, parts);
    }
}

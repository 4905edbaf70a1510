package org.zeroply.coach.texts;

/**
 * What the coach's floor says of positions, games and answers. The grammar of queries is not among
 * it: its words are read by the program, too.
 */
public final class CoachWords {

    private static final Phrasebook BOOK = new Phrasebook(CoachWords.class);

    private CoachWords() {}

    /**
     * Words, with something in them if they ask for it: {@link Phrasebook#say}.
     *
     * @param key room and name, such as {@code fact.pawn-islands}
     */
    public static String of(String key, Object... parts) {
        return BOOK.say(key, parts);
    }
}

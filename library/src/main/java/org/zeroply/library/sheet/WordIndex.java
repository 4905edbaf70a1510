package org.zeroply.library.sheet;

import org.jdbi.v3.core.Handle;

/** The index of the words by which sheets are found; triggers keep it while sheets are written. */
public final class WordIndex {

    /** The words of a sheet, as the triggers have them too. */
    static final String TEXT =
            "white || ' ' || black || ' ' || event || ' ' || date || ' ' || own_title";

    private WordIndex() {}

    /** Whether every sheet is in it, and nothing else. */
    public static boolean isWhole(Handle h) {
        return h.createQuery(
                                "SELECT (SELECT count(*) FROM sheet) = (SELECT count(*) FROM"
                                        + " sheet_words_docsize) AND NOT EXISTS (SELECT 1 FROM sheet"
                                        + " WHERE id NOT IN (SELECT id FROM sheet_words_docsize))")
                        .mapTo(Integer.class)
                        .one()
                == 1;
    }

    /** Makes it anew, whatever it was. */
    public static void makeAnew(Handle h) {
        String made =
                h.createQuery("SELECT sql FROM sqlite_master WHERE name = 'sheet_words'")
                        .mapTo(String.class)
                        .one();
        h.execute("DROP TABLE sheet_words");
        h.execute(made);
        h.execute("INSERT INTO sheet_words (rowid, words) SELECT id, " + TEXT + " FROM sheet");
    }
}

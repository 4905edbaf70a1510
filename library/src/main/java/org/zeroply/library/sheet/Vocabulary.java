package org.zeroply.library.sheet;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import org.zeroply.library.database.Database;

/**
 * The different words of the word index. Where no word begins with what is looked for, they tell
 * which words have it inside, or that none has; there are few of them beside the sheets.
 */
final class Vocabulary {

    /** So many words are not asked for together; all sheets are looked at. */
    private static final int MOST = 300;

    /** A word and how many sheets have it. */
    private record Word(String text, long sheets) {}

    private final Database database;
    private long seen = -1;
    private List<Word> words = List.of();

    Vocabulary(Database database) {
        this.database = database;
    }

    /**
     * A query of the word index that finds all sheets with these parts inside words, and others; a
     * part that no word has finds none.
     *
     * @param parts what the words have to have inside
     * @return empty where the index cannot tell: the parts have letters of which it may have others
     *     than we would, or they stand in very many words or sheets
     */
    String inside(Handle h, List<SheetWord.Part> parts) {
        return parts.stream()
                .filter(SheetWord.Part::isAscii)
                .map(part -> query(h, part))
                .filter(q -> !q.isEmpty())
                .collect(Collectors.joining(" AND "));
    }

    private String query(Handle h, SheetWord.Part part) {
        List<Word> having = having(h, part);
        if (having.isEmpty()) {
            return part.wholeQuery();
        }
        return isRare(having) ? anyOf(having) : "";
    }

    private List<Word> having(Handle h, SheetWord.Part part) {
        String wanted = part.text().toLowerCase(Locale.ROOT);
        return words(h).stream().filter(w -> w.text().contains(wanted)).toList();
    }

    private static boolean isRare(List<Word> words) {
        return words.size() <= MOST
                && words.stream().mapToLong(Word::sheets).sum() <= SheetSearch.COMMON;
    }

    private static String anyOf(List<Word> words) {
        return words.stream()
                .map(w -> '"' + w.text() + '"')
                .collect(Collectors.joining(" OR ", "(", ")"));
    }

    /** Read again after any change: to read them takes longer than to search them. */
    private synchronized List<Word> words(Handle h) {
        long version = database.version();
        if (version != seen) {
            h.execute(
                    "CREATE VIRTUAL TABLE IF NOT EXISTS temp.sheet_vocabulary USING"
                            + " fts5vocab('main', 'sheet_words', 'row')");
            words =
                    h.createQuery("SELECT term, doc FROM sheet_vocabulary")
                            .map((rs, c) -> new Word(rs.getString(1), rs.getLong(2)))
                            .list();
            seen = version;
        }
        return words;
    }
}

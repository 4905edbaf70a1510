package org.zeroply.library.index;

import org.zeroply.chess.notation.Counted;
import org.zeroply.library.texts.LibraryWords;

/**
 * A tag of PGN that was asked for and that some games of the library do not have, so that they
 * cannot be found by it.
 *
 * @param tag its name
 * @param games how many do not have it
 */
public record SilentTag(String tag, int games) {

    /** That it is so, in words. */
    public String words() {
        return LibraryWords.of("index.games-without-the-tag", Counted.of(games, "game"), tag);
    }
}

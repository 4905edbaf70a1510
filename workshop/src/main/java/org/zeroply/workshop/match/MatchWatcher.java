package org.zeroply.workshop.match;

/** Is told what happens in a match, by one thread at a time. */
@FunctionalInterface
public interface MatchWatcher {

    /**
     * A pair of games of one opening is over.
     *
     * @param firstAsWhite the game in which the first contestant had White
     * @param firstAsBlack the other one
     * @param soFar the result with these two
     */
    void pair(MatchGame firstAsWhite, MatchGame firstAsBlack, MatchResult soFar);
}

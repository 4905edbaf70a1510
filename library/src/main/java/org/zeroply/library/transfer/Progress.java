package org.zeroply.library.transfer;

/** Is told how far a longer piece of work has come. */
@FunctionalInterface
public interface Progress {

    /** No one listens. */
    Progress NONE = (fraction, text) -> {};

    /**
     * @param fraction done, 0 to 1; negative when not known
     * @param text what is being done
     */
    void report(double fraction, String text);
}

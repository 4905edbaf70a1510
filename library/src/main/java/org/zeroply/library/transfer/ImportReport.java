package org.zeroply.library.transfer;

import java.util.List;

/**
 * What an import did.
 *
 * @param read games read
 * @param stored games that were new
 * @param duplicates games that were there already
 * @param rejected what could not be read; its text is kept in the library
 */
public record ImportReport(int read, int stored, int duplicates, List<Rejected> rejected) {

    public ImportReport {
        rejected = List.copyOf(rejected);
    }

    /** A game that was not read: where it is and why; the line is 1-based, 0 for a whole file. */
    public record Rejected(String file, int line, String reason) {}

    /** The report in one sentence. */
    public String words() {
        String sentence =
                stored
                        + (stored == 1 ? " game was" : " games were")
                        + " added, "
                        + duplicates
                        + " were there already";
        return rejected.isEmpty()
                ? sentence + "."
                : sentence
                        + ", "
                        + rejected.size()
                        + " could not be read. "
                        + rejected.get(0).reason();
    }
}

package org.zeroply.library.transfer;

import java.util.List;
import org.zeroply.library.texts.LibraryWords;

/**
 * What an import did.
 *
 * @param read games read
 * @param stored games that were new
 * @param duplicates games that were there already
 * @param earlier games and problems of a file that an import which was broken off had read before
 * @param stopped whether it was cancelled
 * @param rejected what could not be read; its text is kept in the library
 */
public record ImportReport(
        int read,
        int stored,
        int duplicates,
        int earlier,
        boolean stopped,
        List<Rejected> rejected) {

    public ImportReport {
        rejected = List.copyOf(rejected);
    }

    /** A game that was not read: where it is and why; the line is 1-based, 0 for a whole file. */
    public record Rejected(String file, int line, String reason) {}

    /** The report in one sentence. */
    public String words() {
        String sentence =
                LibraryWords.of(
                        stored == 1
                                ? "transfer.game-was-added-were-there"
                                : "transfer.games-were-added-were-there",
                        stored,
                        duplicates);
        if (earlier > 0) {
            sentence += LibraryWords.of("transfer.had-been-read-before-the", earlier);
        }
        if (!rejected.isEmpty()) {
            sentence +=
                    LibraryWords.of(
                            "transfer.could-not-be-read",
                            rejected.size(),
                            rejected.get(0).reason());
        }
        String whole = sentence.endsWith(".") ? sentence : sentence + ".";
        return stopped ? LibraryWords.of("transfer.stopped-importing-it-again-goes", whole) : whole;
    }
}

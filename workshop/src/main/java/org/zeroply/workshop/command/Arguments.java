package org.zeroply.workshop.command;

import java.util.List;
import java.util.Optional;

/**
 * What stands behind a command: options with their values, and words.
 *
 * @param words all of it, in its order
 */
public record Arguments(List<String> words) {

    /** The value of an option; another one where the option is not there. */
    public String value(String option, String otherwise) {
        int at = words.indexOf(option);
        return at < 0 || at + 1 == words.size() ? otherwise : words.get(at + 1);
    }

    /**
     * The value of an option as a number.
     *
     * @throws NumberFormatException if it is none
     */
    public long number(String option, long otherwise) {
        return Long.parseLong(value(option, Long.toString(otherwise)));
    }

    /** Whether a word is among them. */
    public boolean has(String word) {
        return words.contains(word);
    }

    /** The first word that is neither one of some options nor the value of one, if there is one. */
    public Optional<String> unknown(String... options) {
        for (int at = 0; at < words.size(); at += 2) {
            if (!List.of(options).contains(words.get(at)) || at + 1 == words.size()) {
                return Optional.of(words.get(at));
            }
        }
        return Optional.empty();
    }
}

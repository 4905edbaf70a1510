package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.zeroply.coach.pattern.GamesAsked;
import org.zeroply.coach.pattern.Occasion;
import org.zeroply.library.database.SqlFunctions;

/** Tags of PGN that a query asks for, beside those that have a column of their own. */
final class AskedTags {

    private static final class Asked {
        private final String name;
        private final Predicate<String> fits;
        private int missing;

        Asked(String name, Predicate<String> fits) {
            this.name = name;
            this.fits = fits;
        }

        boolean isIn(Map<String, String> tags) {
            String value = tags.getOrDefault(name, "");
            if (value.isBlank() || value.equals("?") || value.equals("-")) {
                missing++;
                return false;
            }
            return fits.test(value);
        }
    }

    private final List<Asked> all = new ArrayList<>();

    AskedTags(GamesAsked asked) {
        Occasion occasion = asked.occasion();
        add("Site", occasion.site(), has(occasion.site()));
        add("Round", occasion.round(), occasion.round()::equalsIgnoreCase);
        String termination = asked.outcome().termination();
        add("Termination", termination, has(termination));
        add("ECO", asked.opening().first(), asked.opening()::includes);
    }

    /** Adds a tag where anything is asked for. */
    private void add(String name, String value, Predicate<String> fits) {
        if (!value.isEmpty()) {
            all.add(new Asked(name, fits));
        }
    }

    private static Predicate<String> has(String part) {
        String folded = SqlFunctions.fold(part);
        return value -> SqlFunctions.fold(value).contains(folded);
    }

    boolean isEmpty() {
        return all.isEmpty();
    }

    /** Whether a game has them all; those that it does not tell are counted. */
    boolean areIn(Map<String, String> tags) {
        return all.stream().filter(asked -> !asked.isIn(tags)).count() == 0;
    }

    /** Those that were missing in some of the games looked at. */
    List<SilentTag> silent() {
        return all.stream()
                .filter(asked -> asked.missing > 0)
                .map(asked -> new SilentTag(asked.name, asked.missing))
                .toList();
    }
}

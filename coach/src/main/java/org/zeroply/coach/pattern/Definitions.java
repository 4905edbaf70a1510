package org.zeroply.coach.pattern;

import java.util.Comparator;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.regex.Pattern;

/** What the themes that conditions name are, in a sentence that a lesson can begin with. */
public final class Definitions {

    private static final ResourceBundle TEXTS =
            ResourceBundle.getBundle("org.zeroply.coach.pattern.definitions");

    private Definitions() {}

    /** What the theme of the last step of a query is; empty where nothing is written of it. */
    public static Optional<String> of(Query query) {
        return query.lastConditions().stream()
                .filter(condition -> !(condition instanceof Condition.Not))
                .map(Condition::text)
                .flatMap(text -> of(text).stream())
                .findFirst();
    }

    /** What the longest words written of that are part of a text are. */
    private static Optional<String> of(String text) {
        return TEXTS.keySet().stream()
                .filter(key -> isPart(key.replace('-', ' '), text))
                .max(Comparator.comparingInt(String::length))
                .map(TEXTS::getString);
    }

    private static boolean isPart(String words, String text) {
        return Pattern.compile("(?<!\\w)" + Pattern.quote(words) + "s?(?!\\w)")
                .matcher(text.replace('-', ' '))
                .find();
    }
}

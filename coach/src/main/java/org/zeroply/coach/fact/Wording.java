package org.zeroply.coach.fact;

import java.util.ArrayList;
import java.util.List;

/**
 * How a fact is told.
 *
 * @param text in words, without naming the side
 * @param traits qualities in a word or two, such as {@code protected}
 */
public record Wording(String text, List<String> traits) {

    public Wording {
        traits = List.copyOf(traits);
    }

    static Wording of(String text) {
        return new Wording(text, List.of());
    }

    /** The same with one more quality. */
    Wording with(String trait) {
        List<String> more = new ArrayList<>(traits);
        more.add(trait);
        return new Wording(text, more);
    }

    /** The same with its qualities after the text: {@code passed pawn d5: protected}. */
    Wording told() {
        return traits.isEmpty()
                ? this
                : new Wording(text + ": " + String.join(", ", traits), traits);
    }

    /** The same called by a narrower name, which is one more quality. */
    Wording named(String name) {
        return new Wording(name + ": " + text, traits).with(name);
    }
}

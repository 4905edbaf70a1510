package org.zeroply.library.database;

import java.util.Optional;
import java.util.function.Function;

/**
 * Something that is set in a library, with its type. What is missing, or is no value of that type,
 * is as usual: a broken setting must not stop anything.
 *
 * @param name under which its text is kept
 * @param usual the value where nothing is set
 * @param reads a text; empty when it is no value
 * @param writes the text of a value
 */
public record Setting<T>(
        String name, T usual, Function<String, Optional<T>> reads, Function<T, String> writes) {

    /** A positive number, such as one of nodes. */
    public static Setting<Long> number(String name, long usual) {
        return new Setting<>(name, usual, text -> positive(text, 18), String::valueOf);
    }

    /** A positive number of things. */
    public static Setting<Integer> count(String name, int usual) {
        return new Setting<>(
                name, usual, text -> positive(text, 9).map(Long::intValue), String::valueOf);
    }

    private static Optional<Long> positive(String text, int digits) {
        return text.matches("\\d{1," + digits + "}")
                ? Optional.of(Long.parseLong(text)).filter(n -> n > 0)
                : Optional.empty();
    }

    /** Whether something is so; not, where nothing is set. */
    public static Setting<Boolean> flag(String name) {
        return new Setting<>(name, false, text -> Optional.of(true), on -> on ? "yes" : "");
    }

    /** A text; empty where nothing is set. */
    public static Setting<String> text(String name) {
        return new Setting<>(name, "", Optional::of, text -> text);
    }

    /** The same with another value where nothing is set. */
    public Setting<T> usually(T other) {
        return new Setting<>(name, other, reads, writes);
    }
}

package org.zeroply.desktop.controls;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something to look at.
 *
 * @param kind a word or two
 * @param text what it is
 * @param detail a figure or a reason; may be empty
 * @param go leads to the spot
 * @param step what can be done about it at once
 */
public record Remark(String kind, String text, String detail, Runnable go, Optional<Step> step) {

    /** Something about which nothing can be done at once. */
    public Remark(String kind, String text, String detail, Runnable go) {
        this(kind, text, detail, go, Optional.empty());
    }

    /** A thing to do. */
    public record Step(String name, Runnable action) {}

    /** The same, with a thing to do about it. */
    public Remark with(String name, Runnable action) {
        return new Remark(kind, text, detail, go, Optional.of(new Step(name, action)));
    }

    /** All of it in one row of words. */
    public String words() {
        return Stream.of(kind, text, detail)
                .filter(t -> !t.isBlank())
                .collect(Collectors.joining("  "));
    }
}

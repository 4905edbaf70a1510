package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Words of which a text must hold one for a regular expression to be found in it. A table of
 * hundreds of expressions is gone through for each thing that is said; whether a word is there is
 * told in a fraction of the time that an expression takes.
 *
 * <p>Only what is written out counts: letters, spaces and hyphens, one after the other, and groups
 * of them that may not be left out. What is optional, classes of characters and what stands behind
 * or ahead tells nothing, so that a text that would match is never passed over.
 *
 * @param words in small letters; any text may match where there are none
 */
record Telltales(List<String> words) {

    /** Where one of two serves as well: what is said in most texts tells little. */
    private static final Set<String> USUAL = Set.of("white", "black", "white ", "black ");

    private static final Comparator<Set<String>> BY_WORTH =
            Comparator.comparing((Set<String> each) -> USUAL.stream().noneMatch(each::contains))
                    .thenComparing(Telltales::shortest)
                    .thenComparing(each -> -each.size());

    /** What must stand in any text in which an expression is found. */
    static Telltales of(String expression) {
        return new Telltales(
                new Expression(expression).alternatives().map(List::copyOf).orElse(List.of()));
    }

    /**
     * Whether the expression may be found in a text.
     *
     * @param text in small letters
     */
    boolean maySpeakOf(String text) {
        // Asked hundreds of times for each thing said: no stream is made for it.
        for (String word : words) {
            if (text.contains(word)) {
                return true;
            }
        }
        return words.isEmpty();
    }

    private static int shortest(Set<String> each) {
        return each.stream().mapToInt(String::length).min().orElse(0);
    }

    /** Reads an expression from left to right. */
    private static final class Expression {

        private final String text;
        private int at;

        Expression(String text) {
            this.text = text;
        }

        /** One of the words of each alternative must be there, up to the bracket that closes. */
        Optional<Set<String>> alternatives() {
            Set<String> all = new TreeSet<>();
            boolean known = true;
            do {
                Optional<Set<String>> one = sequence();
                known &= one.isPresent();
                one.ifPresent(all::addAll);
            } while (at < text.length() && text.charAt(at++) == '|');
            return known ? Optional.of(all) : Optional.empty();
        }

        /** The words of that part which tells most; stops at what ends the alternative. */
        private Optional<Set<String>> sequence() {
            List<Set<String>> parts = new ArrayList<>();
            StringBuilder run = new StringBuilder();
            while (at < text.length() && text.charAt(at) != '|' && text.charAt(at) != ')') {
                char c = text.charAt(at);
                if (isPlain(c)) {
                    at++;
                    plain(c, run, parts);
                } else {
                    end(run, parts);
                    other(c).ifPresent(parts::add);
                }
            }
            end(run, parts);
            return parts.stream().max(BY_WORTH);
        }

        private static boolean isPlain(char c) {
            return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z' || c == ' ' || c == '-';
        }

        private void plain(char c, StringBuilder run, List<Set<String>> parts) {
            if (isOptional()) {
                end(run, parts);
                quantifier();
            } else {
                run.append(Character.toLowerCase(c));
                if (quantifier()) {
                    end(run, parts);
                }
            }
        }

        private static void end(StringBuilder run, List<Set<String>> parts) {
            if (!run.isEmpty()) {
                parts.add(Set.of(run.toString()));
                run.setLength(0);
            }
        }

        /** What is neither letter, space nor hyphen. */
        private Optional<Set<String>> other(char c) {
            at++;
            Optional<Set<String>> words = Optional.empty();
            switch (c) {
                case '(' -> words = group();
                case '[' -> at = text.indexOf(']', at + 1) + 1;
                case '\\' -> at++;
                default -> {
                    // Figures, dots, what stands for the beginning and the end.
                }
            }
            if (isOptional()) {
                words = Optional.empty();
            }
            quantifier();
            return words;
        }

        private Optional<Set<String>> group() {
            boolean says = true;
            if (text.startsWith("?:", at)) {
                at += 2;
            } else if (text.charAt(at) == '?') {
                // What is behind, ahead or read in another way.
                says = false;
                at++;
            }
            Optional<Set<String>> inside = alternatives();
            return says ? inside : Optional.empty();
        }

        /** Whether what was read may be left out. */
        private boolean isOptional() {
            return at < text.length() && "?*{".indexOf(text.charAt(at)) >= 0;
        }

        /** Passes over how often what was read may come; whether anything is said of it. */
        private boolean quantifier() {
            int from = at;
            if (at < text.length() && text.charAt(at) == '{') {
                at = text.indexOf('}', at) + 1;
            }
            while (at < text.length() && "?*+".indexOf(text.charAt(at)) >= 0) {
                at++;
            }
            return at > from;
        }
    }
}

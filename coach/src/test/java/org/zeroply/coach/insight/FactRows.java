package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;

/**
 * The positions checked by hand, read from {@code facts.txt}, {@code searched.txt} and {@code
 * sentences.txt}.
 */
final class FactRows {

    private FactRows() {}

    /** A position and what must be true of it. */
    record Row(String text, Position position, List<Expectation> expectations) {
        @Override
        public String toString() {
            return text;
        }

        /** Holds the facts that are found against the row, and again with colours exchanged. */
        void check(Function<Position, List<Fact>> facts) {
            check(facts.apply(position), expectations);
            check(
                    facts.apply(Boards.flipped(position)),
                    expectations.stream().map(Expectation::flipped).toList());
        }

        private static void check(List<Fact> facts, List<Expectation> expectations) {
            for (Expectation expected : expectations) {
                if (expected.wanted()) {
                    assertThat(facts).as("%s", expected).anyMatch(expected::fits);
                } else {
                    assertThat(facts).as("%s", expected).noneMatch(expected::fits);
                }
            }
        }
    }

    /** What must be true, or must not be. */
    record Expectation(
            boolean wanted,
            FactKind kind,
            Optional<Side> side,
            Set<Integer> squares,
            Map<String, Integer> figures,
            String trait) {

        boolean fits(Fact fact) {
            return fact.kind() == kind
                    && fact.side().equals(side)
                    && fact.squares().containsAll(squares)
                    && figures.entrySet().stream()
                            .allMatch(e -> e.getValue().equals(fact.figures().get(e.getKey())))
                    && (trait.isEmpty() || fact.traits().contains(trait));
        }

        /** The same with the colours exchanged. */
        Expectation flipped() {
            Set<Integer> turned = Set.copyOf(squares.stream().map(s -> s ^ 56).toList());
            Map<String, Integer> same = kind == FactKind.MATERIAL ? negated(figures) : figures;
            String told =
                    trait.replace("White", "?").replace("Black", "White").replace("?", "Black");
            return new Expectation(wanted, kind, side.map(Side::other), turned, same, told);
        }

        private static Map<String, Integer> negated(Map<String, Integer> figures) {
            Map<String, Integer> negated = new HashMap<>();
            figures.forEach((name, value) -> negated.put(name, -value));
            return negated;
        }
    }

    static List<Row> all() {
        return read("facts.txt");
    }

    /** Positions whose facts take a search. */
    static List<Row> searched() {
        return read("searched.txt");
    }

    /** What a coach would say first of a position. */
    static List<Row> sentences() {
        return read("sentences.txt");
    }

    private static List<Row> read(String file) {
        List<Row> rows = new ArrayList<>();
        try (BufferedReader reader =
                new BufferedReader(
                        new InputStreamReader(
                                Objects.requireNonNull(FactRows.class.getResourceAsStream(file)),
                                StandardCharsets.UTF_8))) {
            for (String line = reader.readLine(); line != null; line = reader.readLine()) {
                if (!line.isBlank() && !line.startsWith("#")) {
                    rows.add(row(line));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }

    private static Row row(String line) {
        String[] parts = line.split("\\|");
        List<Expectation> expectations = new ArrayList<>();
        for (int i = 1; i < parts.length; i++) {
            expectations.add(expectation(parts[i].strip()));
        }
        return new Row(line, Position.fromFen(parts[0].strip() + " - 0 1"), expectations);
    }

    private static Expectation expectation(String text) {
        boolean wanted = !text.startsWith("!");
        String[] halves = text.substring(wanted ? 0 : 1).split(":", 2);
        String[] words = halves[0].strip().split("\\s+");
        FactKind kind = FactKind.valueOf(words[0].toUpperCase(Locale.ROOT).replace('-', '_'));
        Optional<Side> side =
                words[1].equals("both")
                        ? Optional.empty()
                        : Optional.of(Side.valueOf(words[1].toUpperCase(Locale.ROOT)));
        List<Integer> squares = new ArrayList<>();
        Map<String, Integer> figures = new HashMap<>();
        for (String word : List.of(words).subList(2, words.length)) {
            int equals = word.indexOf('=');
            if (equals > 0) {
                figures.put(
                        word.substring(0, equals), Integer.parseInt(word.substring(equals + 1)));
            } else {
                squares.add(Square.parse(word));
            }
        }
        return new Expectation(
                wanted,
                kind,
                side,
                Set.copyOf(squares),
                figures,
                halves.length > 1 ? halves[1].strip() : "");
    }
}

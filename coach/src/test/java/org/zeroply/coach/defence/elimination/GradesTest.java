package org.zeroply.coach.defence.elimination;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Epd;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.evaluation.Grade;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.EndingTables;

/** What holds, holds at a price and fails, in positions where that is known, in both colours. */
@Tag("slow")
class GradesTest {

    /** Knows what comes with the program, endings of three men. */
    private static final EndingTables TABLES = new EndingTables(Path.of("no-such-folder"));

    private final MoveEvaluator evaluator =
            new MoveEvaluator(
                    SharedEngine.with(16, TABLES, "shipped"),
                    TABLES,
                    Eliminator.NODES,
                    new Cancellation());

    static Stream<Epd> positions() throws Exception {
        try (InputStream in = GradesTest.class.getResourceAsStream("grades.epd")) {
            List<String> rows =
                    new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(r -> !r.startsWith("#"))
                            .toList();
            List<Epd> all = new ArrayList<>();
            for (String row : rows) {
                all.add(Epd.parse(row));
            }
            return all.stream();
        }
    }

    @ParameterizedTest
    @MethodSource("positions")
    void is_graded_as_it_is_known(Epd epd) throws Exception {
        Position position = epd.position();
        Elimination found = run(position);
        for (Grade grade : Grade.values()) {
            for (String san : words(epd, grade.word())) {
                Candidate candidate = found.of(San.read(position, san)).orElseThrow();
                assertThat(candidate.grade()).as(san).isEqualTo(grade);
                assertThat(candidate.price().isPresent()).isEqualTo(grade == Grade.PRICE);
            }
        }
        for (String san : words(epd, "only")) {
            assertThat(found.onlyMove().map(Candidate::move)).contains(San.read(position, san));
        }
        for (String grade : words(epd, "all")) {
            assertThat(found.candidates()).extracting(c -> c.grade().word()).containsOnly(grade);
        }
    }

    @ParameterizedTest
    @MethodSource("positions")
    void is_graded_the_same_with_colours_exchanged(Epd epd) throws Exception {
        Position position = epd.position();
        Elimination turned = run(Position.fromFen(exchanged(position.fen())));
        for (Grade grade : Grade.values()) {
            for (String san : words(epd, grade.word())) {
                Move move = San.read(position, san);
                assertThat(
                                turned.candidates().stream()
                                        .filter(c -> c.move().from() == (move.from() ^ 56))
                                        .filter(c -> c.move().to() == (move.to() ^ 56))
                                        .map(Candidate::grade))
                        .as(san)
                        .containsExactly(grade);
            }
        }
    }

    private Elimination run(Position position) {
        return new Eliminator(evaluator).run(position, e -> {}).orElseThrow();
    }

    /** Board, side to move and castling rights with White and Black exchanged. */
    private static String exchanged(String fen) {
        String[] fields = fen.split(" ");
        List<String> ranks = Arrays.asList(fields[0].split("/"));
        Collections.reverse(ranks);
        String board = exchangeCase(String.join("/", ranks));
        String side = fields[1].equals("w") ? "b" : "w";
        return board + " " + side + " " + exchangeCase(fields[2]) + " - 0 1";
    }

    private static String exchangeCase(String text) {
        StringBuilder other = new StringBuilder();
        for (char c : text.toCharArray()) {
            String letter = String.valueOf(c);
            other.append(
                    Character.isUpperCase(c)
                            ? letter.toLowerCase(Locale.ROOT)
                            : letter.toUpperCase(Locale.ROOT));
        }
        return other.toString();
    }

    private static List<String> words(Epd epd, String opcode) {
        return Arrays.stream(epd.operation(opcode).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }
}

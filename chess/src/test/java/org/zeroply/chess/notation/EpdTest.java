package org.zeroply.chess.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Position;

class EpdTest {

    private static final String START = "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq -";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "bm e4;                    | bm | e4",
                "bm e4 d4;                 | bm | e4 d4",
                "id \"one; two\";          | id | one; two",
                "bm e4; id \"x\"           | id | x",
                ";; bm e4 ;;               | bm | e4",
                "noop;                     | noop | ~~",
                "c0 \"a  b\";              | c0 | a  b"
            })
    void operations_are_read(String operations, String opcode, String operand) throws Exception {
        Epd epd = Epd.parse(START + " " + operations);
        assertThat(epd.operation(opcode)).isEqualTo(operand);
        assertThat(epd.position()).isEqualTo(Position.START);
    }

    @Test
    void what_is_not_there_is_empty_and_the_counters_come_from_their_operations() throws Exception {
        Epd epd = Epd.parse(START + " hmvc 7; fmvn 12;");
        assertThat(epd.operation("bm")).isEmpty();
        assertThat(epd.position().fen()).endsWith(" 7 12");
        assertThat(Epd.parse(START).position().fen()).endsWith(" 0 1");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "7 12 | 7 12 |",
                "7 12 bm e4; | 7 12 | e4",
                "7 12 ; bm e4; | 7 12 | e4",
                "7 12 hmvc 3; bm e4; | 3 12 | e4",
                "bm e4; | 0 1 | e4"
            })
    void a_fen_with_its_counters_is_a_row_too(String rest, String counters, String best)
            throws Exception {
        Epd epd = Epd.parse(START + " " + rest);
        assertThat(epd.position().fen()).endsWith(" " + counters);
        assertThat(epd.operation("bm")).isEqualTo(best == null ? "" : best);
    }

    @Test
    void rows_of_a_text_are_told_with_their_numbers() throws Exception {
        Map<Integer, String> rows = new TreeMap<>();
        Epd.each(
                "# two\r\n\r\n" + START + " bm e4;\n  # none\n" + START + " 0 1",
                (epd, row) -> rows.put(row, epd.operation("bm")));
        assertThat(rows).isEqualTo(Map.of(3, "e4", 5, ""));
    }

    @Test
    void the_row_that_is_refused_is_named() {
        assertThatExceptionOfType(NotationException.class)
                .isThrownBy(() -> Epd.each(START + "\nnothing", (epd, row) -> {}))
                .withMessageStartingWith("row 2: ");
        assertThatExceptionOfType(NotationException.class)
                .isThrownBy(
                        () ->
                                Epd.each(
                                        "\n" + START,
                                        (epd, row) -> {
                                            throw new NotationException("not that one");
                                        }))
                .withMessage("row 2: not that one");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "8/8/8/8 w - -",
                "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq",
                START + " id \"open",
                START + " hmvc many;"
            })
    void what_is_no_row_is_refused(String row) {
        assertThatExceptionOfType(NotationException.class)
                .isThrownBy(() -> Epd.parse(row))
                .satisfies(e -> assertThat(e.getMessage()).isNotBlank());
    }

    @Test
    void a_row_written_is_read_the_same() throws Exception {
        Epd epd = Epd.parse(START + " bm e4 d4; id \"a; b\"; c3 \"said\"; noop;");
        Epd again = Epd.parse(epd.text());
        assertThat(again.position()).isEqualTo(epd.position());
        assertThat(again.operations())
                .isEqualTo(Map.of("bm", "e4 d4", "id", "a, b", "c3", "said", "noop", ""));
    }
}

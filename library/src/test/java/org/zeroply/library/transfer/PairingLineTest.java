package org.zeroply.library.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;

class PairingLineTest {

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    1-0                | 1-0
                    0 : 1              | 0-1
                    ½-½                | 1/2-1/2
                    0.5-0.5            | 1/2-1/2
                    0,5 - 0,5          | 1/2-1/2
                    1/2                | 1/2-1/2
                    =                  | 1/2-1/2
                    1                  | 1-0
                    0                  | 0-1
                    +--                | 1-0
                    - - +              | 0-1
                    *                  | *
                    """)
    void results_are_read_however_they_are_written(String told, String expected) {
        assertThat(PairingLine.result(told)).contains(expected);
    }

    @ParameterizedTest(name = "{0} for White: {1}, for Black: {2}")
    @CsvSource({
        "1, 1-0, 0-1",
        "0, 0-1, 1-0",
        "½, 1/2-1/2, 1/2-1/2",
        "win, 1-0, 0-1",
        "Lost, 0-1, 1-0",
        "draw, 1/2-1/2, 1/2-1/2",
    })
    void points_are_those_of_one_side(String told, String white, String black) {
        assertThat(PairingLine.points(told, true)).contains(white);
        assertThat(PairingLine.points(told, false)).contains(black);
    }

    @Test
    void what_is_no_result_is_none() {
        for (String told : new String[] {"2-1", "won by", "x", "10", "1-1", "½½"}) {
            assertThat(PairingLine.result(told)).as(told).isEmpty();
        }
        assertThat(PairingLine.points("3", true)).isEmpty();
    }

    @ParameterizedTest(name = "{0}: {1}, {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    Ann Ek (2105)        | Ann Ek        | 2105
                    Ann Ek 2105          | Ann Ek        | 2105
                    Ann Ek, [987]        | Ann Ek        | 987
                    Ann Ek               | Ann Ek        | 0
                    Ann Ek 3rd           | Ann Ek 3rd    | 0
                    Ann Ek 12            | Ann Ek 12     | 0
                    Ann Ek 12345         | Ann Ek 12345  | 0
                    """)
    void a_rating_stands_behind_the_name(String text, String name, int rating) {
        assertThat(PairingLine.entrant(text)).isEqualTo(new Entrant(name, rating));
    }

    @ParameterizedTest(name = "{0}, heading {1}: round {2}, board {3}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    3. Ann – Bo        | false | 3 | 0
                    3.2 Ann – Bo       | false | 3 | 2
                    3) Ann v. Bo       | true  | 7 | 3
                    3.2 Ann against Bo | true  | 3 | 2
                    Ann vs Bo          | true  | 7 | 0
                    Ann : Bo           | false | 7 | 0
                    """)
    void the_number_before_it_is_round_and_board(
            String line, boolean headed, int round, int board) {
        Pairing pairing = PairingLine.read(line, 7, headed);
        assertThat(pairing.round()).isEqualTo(round);
        assertThat(pairing.board()).isEqualTo(board);
        assertThat(pairing.words()).isEqualTo("Ann – Bo");
    }

    @Test
    void a_pairing_without_a_round_or_players_is_none() {
        Entrant ann = new Entrant("Ann", 0);
        assertThatThrownBy(() -> PairingLine.pairing(0, 0, ann, ann, ""))
                .hasMessageContaining("round");
        assertThatThrownBy(() -> PairingLine.pairing(1, 0, new Entrant("7", 0), ann, ""))
                .hasMessageContaining("no player");
        assertThatThrownBy(() -> PairingLine.pairing(1, 0, ann, new Entrant("7", 0), ""))
                .hasMessageContaining("second player");
        assertThatThrownBy(
                        () ->
                                PairingLine.pairing(
                                        1, 0, new Entrant("bye", 0), new Entrant("bye", 0), ""))
                .hasMessageContaining("no player");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "2026-12-04, 2026.12.04",
        "2026/1/5 at six, 2026.01.05",
        "on 4.12.2026, 2026.12.04",
        "31/01/2026, 2026.01.31",
        "2026.13.01, ''",
        "30.2.2026, ''",
        "next week, ''",
        "12.5, ''",
    })
    void days_are_found_in_texts(String text, String expected) {
        assertThat(PairingDate.in(text).orElse("")).isEqualTo(expected);
    }

    @Test
    void what_is_edited_keeps_everything_else() {
        Pairing before =
                Pairing.of(3, 2, new Entrant("Ann", 2105), new Entrant("Bo", 0))
                        .with("1-0")
                        .with("Unknown", "kept");
        Pairing now = PairingTable.edited(before, "Ann Ek", "Bo (1990)", "2026-12-04", "Slow.");
        assertThat(now.white()).isEqualTo(new Entrant("Ann Ek", 0));
        assertThat(now.black()).isEqualTo(new Entrant("Bo", 1990));
        assertThat(now.date()).isEqualTo("2026.12.04");
        assertThat(now.note()).isEqualTo("Slow.");
        assertThat(now.result()).isEqualTo("1-0");
        assertThat(now.tree().tag("Unknown")).isEqualTo("kept");
        assertThat(now.round() + "." + now.board()).isEqualTo("3.2");
        Pairing bye = PairingTable.edited(now, "Ann Ek", "", "", "");
        assertThat(bye.isBye()).isTrue();
        assertThat(bye.date()).isEmpty();
        assertThatThrownBy(() -> PairingTable.edited(before, "", "Bo", "", ""))
                .hasMessageContaining("no player");
    }
}

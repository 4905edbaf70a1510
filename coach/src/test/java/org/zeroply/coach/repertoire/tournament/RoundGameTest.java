package org.zeroply.coach.repertoire.tournament;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.repertoire.Repertoire;

class RoundGameTest {

    private static final String OURS =
            """
            [ZpSide "white"]

            1. e4 e5 (1... c5 2. Nf3 d6 3. d4) 2. Nf3 Nc6 3. Bb5 *
            """;

    private static String changes(String game, Said said) {
        RoundGame found =
                RoundGame.of(
                                Repertoire.of(Said.trees(OURS)),
                                Said.trees(game + " *").get(0),
                                Optional.empty(),
                                said.evaluator())
                        .orElseThrow();
        StringBuilder words = new StringBuilder();
        for (RoundGame.Change change : found.changes()) {
            words.append(words.isEmpty() ? "" : "; ");
            String at = change.spot().line();
            if (change instanceof RoundGame.Repeat repeat) {
                words.append("repeat ")
                        .append(San.write(repeat.spot().position(), repeat.recommended()));
            } else if (change instanceof RoundGame.Add add) {
                words.append(add.played() ? "add " : "propose ").append(add.words());
            }
            words.append(" after ").append(at);
        }
        return words.toString();
    }

    /** White's expected score after the move that was played, where everything else is level. */
    @ParameterizedTest(name = "{0}, {2} after {1}: {3}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    1. e4 e5 2. Nf3 Nc6 3. Bb5          | e4 | 0.5 | ''
                    1. d4                               | d4 | 0.5 | repeat e4 after; add d4 after
                    1. e4 e5 2. f4 exf4                 | e4 e5 f4 | 0.46 | repeat Nf3 after 1.e4 e5; add f4 after 1.e4 e5
                    1. e4 e5 2. f4 exf4                 | e4 e5 f4 | 0.4 | repeat Nf3 after 1.e4 e5
                    1. e4 c5 2. Nf3 e6 3. d4 cxd4       | e4 c5 Nf3 e6 d4 | 0.5 | add e6 d4 after 1.e4 c5 2.Nf3
                    1. e4 c5 2. Nf3 e6 3. Bb5           | e4 c5 Nf3 e6 Bb5 | 0.3 | propose e6 Na3 after 1.e4 c5 2.Nf3
                    1. e4 c5 2. Nf3 e6                  | e4 | 0.5 | propose e6 Na3 after 1.e4 c5 2.Nf3
                    1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. c3 | e4 c5 Nf3 d6 d4 cxd4 c3 | 0.5 | add cxd4 c3 after 1.e4 c5 2.Nf3 d6 3.d4
                    1. e4 c5 2. Nf3 d6 3. d4            | e4 | 0.5 | ''
                    """)
    void a_game_asks_for_what_it_lacked(String game, String line, double white, String expected) {
        Said said = new Said().of(line, white).of("e4 c5 Nf3 e6 Na3", white < 0.5 ? 0.5 : 0.49);
        if (expected.startsWith("propose")) {
            said.of("e4 c5 Nf3 e6 Na3", 0.62);
        }
        assertThat(changes(game, said).replace("after ;", "after;").strip()).isEqualTo(expected);
    }

    @Test
    void a_game_from_another_position_asks_nothing() {
        String game = "[SetUp \"1\"]\n[FEN \"4k3/8/8/8/8/8/4P3/4K3 w - - 0 1\"]\n\n1. e4 *";
        assertThat(
                        RoundGame.of(
                                Repertoire.of(Said.trees(OURS)),
                                Said.trees(game).get(0),
                                Optional.empty(),
                                new Said().evaluator()))
                .isEmpty();
    }

    @Test
    void a_game_is_named_as_its_pairing_and_refused_where_others_played_it() {
        Pairing pairing =
                Pairing.of(3, 2, new Entrant("Ann Ek", 2105), new Entrant("Bo Lind", 0))
                        .with("0-1")
                        .with("Date", "2026.12.04");
        MoveTree bare = Said.trees("[White \"?\"]\n[Site \"Pier\"]\n\n1. e4 e5 *").get(0);
        MoveTree named = pairing.game("Cup", bare);
        assertThat(named.tags())
                .containsEntry("White", "Ann Ek")
                .containsEntry("Black", "Bo Lind")
                .containsEntry("WhiteElo", "2105")
                .containsEntry("Event", "Cup")
                .containsEntry("Round", "3.2")
                .containsEntry("Date", "2026.12.04")
                .containsEntry("Result", "0-1")
                .containsEntry("Site", "Pier")
                .doesNotContainKey(Pairing.TOURNAMENT);
        assertThat(named.mainLine()).hasSize(2);
        MoveTree own =
                Said.trees(
                                "[White \"EK, A.\"]\n[WhiteElo \"2000\"]\n[Date \"2026.12.05\"]\n"
                                        + "[Result \"1-0\"]\n\n1. e4 1-0")
                        .get(0);
        assertThat(pairing.game("Cup", own).tags())
                .containsEntry("White", "Ann Ek")
                .containsEntry("WhiteElo", "2000")
                .containsEntry("Date", "2026.12.05")
                .containsEntry("Result", "1-0");
        MoveTree turned = Said.trees("[White \"Bo Lind\"]\n[Black \"Ann Ek\"]\n\n*").get(0);
        assertThatThrownBy(() -> pairing.game("Cup", turned))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("White is Bo Lind")
                .hasMessageContaining("Ann Ek");
    }
}

package org.zeroply.coach.repertoire.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;

class CardTest {

    private static MoveTree game(String pgn) {
        return ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
    }

    @ParameterizedTest
    @CsvSource({
        "IF white knight on e5 THEN play Nxe5, false",
        "IF black knight on c6 AND NOT e5 attacked by black THEN wait, false",
        "IF black knight on c6 AND e5 attacked by black THEN play Bb5, true",
        "IF black knight on c6 THEN play Bb5 UNLESS white bishop on c4, true",
        "IF black knight on c6 THEN play Bb5 UNLESS white bishop on f1, false",
        "IF move Bb5 possible THEN play Bb5, true",
        "IF NOT white castled THEN castle, true",
        "IF black isolated pawn on d5 THEN blockade it, false",
        "IF white knight on e5 OR black knight on c6 THEN wait, true",
        "IF white knight on e5 AND black knight on c6 OR e4 empty THEN wait, false",
        "IF white knight on e5 AND (black knight on c6 OR white pawn on e4) THEN wait, false",
        "IF (white knight on e5 OR black knight on c6) AND NOT (e4 empty OR e5 empty) THEN wait, true"
    })
    void a_card_speaks_when_its_conditions_hold(String text, boolean applies) {
        Position position = game("1. e4 e5 2. Nf3 Nc6 *").mainLine().get(3).position();
        Card card = CardReader.read(text);
        assertThat(card.applies(position)).isEqualTo(applies);
        assertThat(CardReader.read(card.text())).isEqualTo(card);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "play e5",
                "IF THEN play e5",
                "IF pigs fly THEN play e5",
                "IF e9 attacked by",
                "IF (e5 empty THEN play e5",
                "IF e5 empty) THEN play e5",
                "IF e5 empty OR THEN play e5",
                "IF AND e5 empty THEN play e5",
                "IF e5 empty e4 empty THEN play e5"
            })
    void what_is_no_card_is_refused_with_what_was_expected(String text) {
        assertThatThrownBy(() -> CardReader.read(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageMatching("(?s).*(A card reads|is no condition|bracket).*");
    }

    @Test
    void many_brackets_and_many_negations_do_no_harm() {
        String often = "NOT ".repeat(10_001) + "white castled";
        Card card = CardReader.read("IF " + often + " THEN play e5");
        assertThat(card.conditions().get(0).text()).isEqualTo("NOT white castled");
        assertThat(CardReader.problem("IF " + "NOT ".repeat(9_999) + " THEN play e5")).isPresent();
        String deep = "(".repeat(9_999) + "e5 empty" + ")".repeat(9_999);
        assertThat(CardReader.problem("IF " + deep + " THEN play e5")).isPresent();
    }

    @Test
    void a_card_is_tried_on_games_where_it_applied_and_what_it_scored() {
        List<MoveTree> games =
                List.of(
                        game("[Result \"1-0\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 1-0"),
                        game("[Result \"1/2-1/2\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Bb5 Nf6 1/2-1/2"),
                        game("[Result \"0-1\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Bc4 Nf6 0-1"),
                        game("1. e4 e5 2. Nf3 Nc6 3. d4 *"),
                        game("[Result \"1-0\"]\n\n1. d4 d5 1-0"));
        Card card = CardReader.read("IF black just played Nc6 THEN play Bb5: pin the knight");
        CardTrial trial = CardTrial.of(card, Side.WHITE, games);
        assertThat(trial.games()).isEqualTo(5);
        assertThat(trial.applied().count()).isEqualTo(4);
        assertThat(trial.applied().score()).hasValue(0.5);
        assertThat(trial.followed()).isEqualTo(new CardTrial.Tally(2, OptionalDouble.of(0.75)));
        assertThat(trial.other().count()).isEqualTo(2);
        assertThat(trial.cases().get(0).ply()).isEqualTo(5);
        assertThat(trial.cases())
                .extracting(CardTrial.Case::followed)
                .containsExactly(
                        Optional.of(true),
                        Optional.of(true),
                        Optional.of(false),
                        Optional.of(false));
        assertThat(CardTrial.of(card, Side.BLACK, games).cases()).isEmpty();
    }

    @Test
    void what_takes_a_search_is_refused() {
        assertThat(CardReader.problem("IF black frozen THEN play h4"))
                .hasValue("'frozen' takes a search to see, so no card can ask for it.");
        assertThat(CardReader.problem("IF e4 empty THEN play h4 UNLESS (white threat OR e5 empty)"))
                .hasValueSatisfying(why -> assertThat(why).contains("'threat' takes a search"));
    }
}

package org.zeroply.coach.repertoire.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
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

    private static Condition condition(String text) {
        List<Condition> all = CardReader.read("IF " + text + " THEN think").conditions();
        return all.size() == 1 ? all.get(0) : new Condition.All(all);
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

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource({
        "white man on e4, 7k/8/8/8/4R3/8/8/4K3 w - -, true",
        "black man on e4, 7k/8/8/8/4R3/8/8/4K3 w - -, false",
        "e5 empty, 7k/8/8/8/4R3/8/8/4K3 w - -, true",
        "e4 empty, 7k/8/8/8/4R3/8/8/4K3 w - -, false",
        // Through the own rook the other one bears on the square as well.
        "e7 attacked by white, 7k/8/8/8/4R3/8/8/K3R3 w - -, true",
        "e7 covered by white 2 times, 7k/8/8/8/4R3/8/8/K3R3 w - -, true",
        "e7 covered by white 2 times, 7k/8/8/8/4N3/8/8/K3R3 w - -, false",
        "white outnumbers black on e7, 7k/8/8/8/4R3/8/8/K3R3 w - -, true",
        "white outnumbers black on e7, 3q1b1k/8/8/8/4R3/8/8/K3R3 w - -, false",
        "white castled kingside, 4k3/8/8/8/8/8/8/5RK1 w - -, true",
        "white castled queenside, 4k3/8/8/8/8/8/8/5RK1 w - -, false",
        "white may castle kingside, 4k3/8/8/8/8/8/8/4K2R w K -, true",
        "white may castle queenside, 4k3/8/8/8/8/8/8/4K2R w K -, false",
        "black may castle, 4k3/8/8/8/8/8/8/4K2R w K -, false",
        "queens face each other, 3qk3/8/8/8/8/8/8/3QK3 w - -, true",
        "queens face each other on the e-file, 3qk3/8/8/8/8/8/8/3QK3 w - -, false",
        "queens face each other, 3qk3/8/8/3p4/8/8/8/3QK3 w - -, false",
        "queens face each other, 4k3/8/8/q7/3Q4/8/8/4K3 w - -, false",
        "at least 2 white pieces undeveloped, 4k3/8/8/8/8/2N5/8/2B1KB2 w - -, true",
        "at least 3 white pieces undeveloped, 4k3/8/8/8/8/2N5/8/2B1KB2 w - -, false",
        "white knight can reach d5 in 2 moves, 4k3/8/8/8/8/8/8/2N1K3 w - -, false",
        "white knight can reach d5 in 3 moves, 4k3/8/8/8/8/8/8/2N1K3 w - -, true",
        "white knight can reach d5 in 1 move, 4k3/8/8/8/8/2N5/8/4K3 w - -, true",
        "white knight can reach d5 in 1 move, 4k3/8/2p5/8/8/2N5/8/4K3 w - -, false",
        "white passed pawn on d5, 4k3/8/8/3P4/8/8/8/4K3 w - -, true",
        "white passed pawn on d5, 4k3/2p5/8/3P4/8/8/8/4K3 w - -, false",
        "white pawns on c4 d5 e4, 4k3/8/8/3P4/2P1P3/8/8/4K3 w - -, true",
        "white pawns on c4 d5 e4, 4k3/8/8/3P4/2P5/8/8/4K3 w - -, false",
        "d-file open, 4k3/8/8/4p3/4P3/8/8/4K3 w - -, true",
        "e-file open, 4k3/8/8/4p3/4P3/8/8/4K3 w - -, false",
        "d-file half-open for white, 4k3/3p4/8/8/8/8/8/4K3 w - -, true",
        "d-file half-open for black, 4k3/3p4/8/8/8/8/8/4K3 w - -, false",
        "centre open, 4k3/pp3ppp/8/8/8/8/PP3PPP/4K3 w - -, true",
        "centre open, 4k3/pp1pp3/8/8/8/8/PP3PPP/4K3 w - -, false",
        "centre closed, 4k3/8/3p4/3Pp3/4P3/8/8/4K3 w - -, true",
        "centre closed, 4k3/8/3p4/4p3/3PP3/8/8/4K3 w - -, false",
        "centre closed, 4k3/8/4p3/3pP3/3P4/8/8/4K3 w - -, true",
        "black can play Nf4, 4k3/8/8/3n4/8/8/8/4K3 w - -, true",
        "black can play Nf5, 4k3/8/8/3n4/8/8/8/4K3 w - -, false",
        "black threatens Nxc3, 4k3/8/8/3n4/8/2P5/8/4K3 w - -, true",
        "black threatens Nxc3, 4k3/8/8/3n4/8/1PP5/3K4/8 w - -, false",
        "black threatens Qg2#, 6k1/8/8/8/8/5p1q/8/6K1 w - -, true",
        "black threatens Nf4, 4k3/8/8/3n4/8/8/8/4K3 w - -, false",
        "from move 1, 4k3/8/8/8/8/8/8/4K3 w - -, true",
        "before move 1, 4k3/8/8/8/8/8/8/4K3 w - -, false",
        "from move 12, 4k3/8/8/8/8/8/8/4K3 w - -, false",
        "black to move, 4k3/8/8/8/8/8/8/4K3 w - -, false",
        "white just played Ke1, 4k3/8/8/8/8/8/8/4K3 b - -, false"
    })
    void a_condition_is_so_or_is_not(String text, String fen, boolean holds) {
        Condition condition = condition(text);
        Situation situation = Situation.of(Position.fromFen(fen + " 0 1"));
        assertThat(condition.holds(situation)).isEqualTo(holds);
        assertThat(condition(condition.text())).isEqualTo(condition);
        assertThat(condition("NOT " + text).holds(situation)).isEqualTo(!holds);
    }

    @ParameterizedTest(name = "{0} after {1} plies")
    @CsvSource({
        "black just played d5, 2, true",
        "black just played e5, 2, false",
        "black just played d5, 3, false",
        "white just took on d5, 5, true",
        "white just took a pawn on d5, 5, true",
        "white just took a knight on d5, 5, false",
        "black just took on d5, 5, false",
        "black just took on d5, 6, true",
        "black just took on d5, 7, false",
        "from move 4, 6, true",
        "before move 4, 6, false",
        "before move 4, 5, true"
    })
    void what_was_just_played_is_known_in_a_game(String text, int plies, boolean holds) {
        MoveTree game = game("1. e4 d5 2. d3 Nf6 3. exd5 Qxd5 4. Nc3 *");
        Situation situation = Situation.after(game.mainLine().get(plies - 1));
        assertThat(condition(text).holds(situation)).isEqualTo(holds);
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
    void every_phrase_has_an_example_that_reads_as_itself() {
        assertThat(CardReader.examples())
                .hasSizeGreaterThan(20)
                .allSatisfy(e -> assertThat(condition(e).text()).isEqualTo(e));
    }

    @Property(tries = 200)
    void what_was_read_is_written_and_read_back_the_same(@ForAll("conditions") Condition any) {
        assertThat(condition(condition(any.text()).text())).isEqualTo(condition(any.text()));
        Situation start = Situation.of(Position.START);
        assertThat(condition(any.text()).holds(start)).isEqualTo(any.holds(start));
    }

    @Provide
    Arbitrary<Condition> conditions() {
        return conditions(3);
    }

    private static Arbitrary<Condition> conditions(int depth) {
        Arbitrary<Condition> plain = Arbitraries.of(CardReader.examples()).map(CardTest::condition);
        if (depth == 0) {
            return plain;
        }
        Arbitrary<Condition> inner = conditions(depth - 1);
        Arbitrary<List<Condition>> two = inner.list().ofSize(2);
        return Arbitraries.oneOf(
                plain,
                inner.map(Condition.Not::new),
                two.map(Condition.All::new),
                two.map(Condition.Any::new));
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
}

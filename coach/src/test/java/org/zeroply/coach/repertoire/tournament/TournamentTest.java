package org.zeroply.coach.repertoire.tournament;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;

class TournamentTest {

    private static Pairing pairing(int round, int board, String white, String black) {
        return Pairing.of(round, board, new Entrant(white, 0), new Entrant(black, 0));
    }

    private static Pairing pairing(int round, String white, String black, String result) {
        return pairing(round, 0, white, black).with(result);
    }

    private static Tournament cup(Pairing... pairings) {
        return new Tournament("Cup", List.of(pairings));
    }

    private static List<MoveTree> trees(String pgn) {
        return PgnReader.readAll(pgn).stream().map(e -> ((PgnEntry.Game) e).tree()).toList();
    }

    private static List<String> words(Tournament tournament) {
        return tournament.pairings().stream().map(p -> p.round() + " " + p.words()).toList();
    }

    @Provide
    Arbitrary<Tournament> tournaments() {
        Arbitrary<Entrant> players =
                Combinators.combine(
                                Arbitraries.of("Ann Ek", "Bo \\ \"Lind\"", "Cy [Moe]", "Ким"),
                                Arbitraries.of(0, 1500, 2444))
                        .as(Entrant::new);
        Arbitrary<Pairing> pairings =
                Combinators.combine(
                                Arbitraries.integers().between(1, 20),
                                Arbitraries.integers().between(0, 90),
                                players,
                                players.injectDuplicates(0.1),
                                Arbitraries.of("1-0", "0-1", "1/2-1/2", "*"),
                                Arbitraries.of("", "Watch the clock.", "a } b { \"c\""))
                        .as(
                                (round, board, white, black, result, note) ->
                                        Pairing.of(round, board, white, black)
                                                .with(result)
                                                .with(Pairing.NOTE, note)
                                                .with("Unknown", note));
        return pairings.list().ofMinSize(1).ofMaxSize(12).map(l -> new Tournament("Cup “A”", l));
    }

    @Property(tries = 200)
    void a_tournament_comes_back_from_its_file_with_all_that_stands_in_it(
            @ForAll("tournaments") Tournament tournament) {
        Tournament read = Tournament.of(trees(tournament.pgn()));
        assertThat(read.pgn()).isEqualTo(tournament.pgn());
        assertThat(read.says(tournament)).isTrue();
        List<MoveTree> trees = tournament.trees();
        for (int i = 1; i < trees.size(); i++) {
            assertThat(Tournament.goesOn(trees.get(i - 1), trees.get(i))).isTrue();
            assertThat(Tournament.goesOn(trees.get(i), trees.get(i - 1))).isFalse();
        }
    }

    @Property(tries = 200)
    void what_is_brought_in_twice_changes_nothing_the_second_time(
            @ForAll("tournaments") Tournament tournament, @ForAll Random random) {
        List<Pairing> shuffled = new ArrayList<>(tournament.pairings());
        Collections.shuffle(shuffled, random);
        Tournament once = cup().merged(shuffled).tournament();
        PairingMerge twice = once.merged(shuffled);
        assertThat(twice.added()).isZero();
        assertThat(twice.tournament().size()).isEqualTo(once.size());
        assertThat(twice.tournament().merged(shuffled).changed()).isZero();
    }

    @Test
    void pairings_stand_by_round_and_board_those_without_a_board_last() {
        Tournament cup =
                cup(
                        pairing(2, 1, "E", "F"),
                        pairing(1, 0, "G", "H"),
                        pairing(1, 10, "C", "D"),
                        pairing(1, 2, "A", "B"));
        assertThat(words(cup)).containsExactly("1 A – B", "1 C – D", "1 G – H", "2 E – F");
        assertThat(cup.rounds()).containsExactly(1, 2);
        assertThat(cup.players()).containsExactly("A", "B", "C", "D", "G", "H", "E", "F");
    }

    @Test
    void the_table_of_the_next_day_completes_what_is_there_and_contradicts_nothing() {
        Pairing noted = pairing(1, "Ann Ek", "Bo Lind", "*").with(Pairing.NOTE, "Be patient.");
        Tournament cup = cup(noted, pairing(1, "Cy Moe", "Di Oy", "1-0"));
        PairingMerge merged =
                cup.merged(
                        List.of(
                                Pairing.of(
                                                1,
                                                4,
                                                new Entrant("EK, Ann", 2105),
                                                new Entrant("Lind, Bo", 0))
                                        .with("0-1")
                                        .with("Date", "2026.12.04"),
                                pairing(1, "Cy Moe", "Di Oy", "0-1"),
                                pairing(2, "Di Oy", "Ann Ek", "*"),
                                pairing(2, "Ann Ek", "Cy Moe", "*")));
        assertThat(merged.added()).isEqualTo(2);
        assertThat(merged.changed()).isEqualTo(1);
        assertThat(merged.doubtful())
                .satisfiesExactly(
                        d -> assertThat(d).contains("Cy Moe", "1-0 stays", "0-1"),
                        d -> assertThat(d).contains("Round 2", "two pairings"));
        Pairing now = merged.tournament().of("Ann Ek", 1).orElseThrow();
        assertThat(now.result()).isEqualTo(GameResult.BLACK_WINS);
        assertThat(now.note()).isEqualTo("Be patient.");
        assertThat(now.date()).isEqualTo("2026.12.04");
        assertThat(now.board()).isEqualTo(4);
        assertThat(now.white()).isEqualTo(new Entrant("Ann Ek", 2105));
        assertThat(merged.tournament().of("Ann Ek", 2).orElseThrow().words())
                .isEqualTo("Ann Ek – Cy Moe");
    }

    @ParameterizedTest(name = "{0} before round {1}: {2}")
    @CsvSource({
        "Ann Ek, 1, 0 of 0",
        "Ann Ek, 2, 1 of 1",
        "Ann Ek, 3, 1½ of 2",
        "Ann Ek, 9, 2½ of 3",
        "'Lind, Bo', 9, 0 of 1",
        "Cy Moe, 9, ½ of 1",
        "Nobody, 9, 0 of 0",
    })
    void points_are_counted_with_byes_and_without_what_is_not_over(
            String player, int before, String expected) {
        Tournament cup =
                cup(
                        pairing(1, "Ann Ek", "Bo Lind", "1-0"),
                        pairing(2, "Cy Moe", "Ann Ek", "1/2-1/2"),
                        Pairing.of(3, 0, new Entrant("Ann Ek", 0), Entrant.NOBODY).with("1-0"),
                        pairing(4, "Ann Ek", "Bo Lind", "*"));
        assertThat(cup.standing(player, before).words()).isEqualTo(expected);
    }

    @Test
    void a_pairing_tells_colours_and_a_bye_has_no_opponent() {
        Pairing game = pairing(1, "Ann Ek", "Bo Lind", "*");
        assertThat(game.side("lind, bo")).contains(Side.BLACK);
        assertThat(game.side("Cy Moe")).isEmpty();
        Pairing bye = Pairing.of(1, 0, new Entrant("Ann Ek", 2105), Entrant.NOBODY);
        assertThat(bye.isBye()).isTrue();
        assertThat(bye.side("")).isEmpty();
        assertThat(bye.words()).isEqualTo("Ann Ek (2105): no opponent");
        assertThat(
                        trees(cup(bye).pgn()).stream()
                                .map(t -> t.tag("Black"))
                                .collect(Collectors.joining()))
                .isEqualTo("bye");
        assertThat(
                        new Pairing(
                                trees("[Round \"?\"]\n[White \"A\"]\n[WhiteElo \"99999\"]\n\n*")
                                        .get(0)))
                .satisfies(p -> assertThat(p.round()).isZero())
                .satisfies(p -> assertThat(p.white()).isEqualTo(new Entrant("A", 0)));
    }
}

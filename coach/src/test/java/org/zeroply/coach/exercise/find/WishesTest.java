package org.zeroply.coach.exercise.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.TestGames;
import org.zeroply.coach.fact.material.Phase;

class WishesTest {

    private static MoveTree game(String whiteElo, String blackElo) {
        String pgn =
                """
                [White "Marram, Ilse"]
                [Black "Quay, Jonas"]
                [WhiteElo "%s"]
                [BlackElo "%s"]

                1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6 5. Nc3 a6 *
                """
                        .formatted(whiteElo, blackElo);
        return TestGames.game(pgn);
    }

    private static Wishes ratings(int lowest, int highest) {
        return new Wishes(
                "", Optional.empty(), "", new Ratings(lowest, highest), "", 1, Optional.empty());
    }

    @ParameterizedTest(name = "{0} and {1} between {2} and {3}")
    @CsvSource({
        "1900, 1800, 0, 0, true",
        "1900, 1800, 1800, 0, true",
        "1900, 1800, 1801, 0, false",
        "1900, 1800, 0, 1900, true",
        "1900, 1800, 0, 1899, false",
        "1900, 1800, 1700, 2000, true",
        // Who has no rating is not within one, and not known to be below one.
        "1900, ?, 0, 0, true",
        "1900, ?, 1000, 0, false",
        "1900, ?, 0, 2500, false",
    })
    void both_players_lie_between_the_ratings(
            String white, String black, int lowest, int highest, boolean allowed) {
        assertThat(ratings(lowest, highest).allowsGame(game(white, black))).isEqualTo(allowed);
    }

    @ParameterizedTest(name = "{0} as {1}")
    @CsvSource({
        "'', , true, true",
        "marram, , true, false",
        "' MARRAM ', , true, false",
        "quay, , false, true",
        "nobody, , false, false",
        "'', WHITE, true, false",
        "marram, BLACK, false, false",
    })
    void who_has_to_find_the_move(String player, Side side, boolean white, boolean black) {
        Wishes wishes =
                new Wishes(
                        player,
                        Optional.ofNullable(side),
                        "",
                        Ratings.ANY,
                        "",
                        1,
                        Optional.empty());
        MoveTree game = game("1900", "1800");
        assertThat(wishes.allows(game, Side.WHITE)).isEqualTo(white);
        assertThat(wishes.allows(game, Side.BLACK)).isEqualTo(black);
        assertThat(wishes.allowsGame(game)).isEqualTo(white || black);
    }

    @ParameterizedTest
    @CsvSource({"sicilian, true", "SICIL, true", "french, false", "'', true"})
    void an_opening_is_known_by_a_part_of_its_name(String opening, boolean allowed) {
        Wishes wishes =
                new Wishes("", Optional.empty(), opening, Ratings.ANY, "", 1, Optional.empty());
        assertThat(wishes.allowsGame(game("1900", "1800"))).isEqualTo(allowed);
    }

    @Test
    void a_find_has_the_theme_the_length_and_the_phase() {
        Position ending = Position.fromFen("6k1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 30");
        Prospect found =
                new Prospect(
                        ending,
                        59,
                        List.of(ending.legalMoves().get(0)),
                        List.of(),
                        List.of(),
                        List.of("back rank", "fork"),
                        2);
        assertThat(Wishes.ANY.allows(found)).isTrue();
        assertThat(themed("Fork", 1).allows(found)).isTrue();
        assertThat(themed("pin", 1).allows(found)).isFalse();
        assertThat(themed("", 2).allows(found)).isTrue();
        assertThat(themed("", 3).allows(found)).isFalse();
        assertThat(in(Phase.ENDING, Side.WHITE).allows(found)).isTrue();
        assertThat(in(Phase.OPENING, Side.WHITE).allows(found)).isFalse();
        assertThat(in(Phase.ENDING, Side.BLACK).allows(found)).isFalse();
    }

    private static Wishes themed(String theme, int moves) {
        return new Wishes("", Optional.empty(), "", Ratings.ANY, theme, moves, Optional.empty());
    }

    private static Wishes in(Phase phase, Side side) {
        return new Wishes("", Optional.of(side), "", Ratings.ANY, "", 1, Optional.of(phase));
    }
}

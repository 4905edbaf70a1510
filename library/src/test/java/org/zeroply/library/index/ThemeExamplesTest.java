package org.zeroply.library.index;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.lesson.draft.Example;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.StoreTest;
import org.zeroply.library.sheet.SheetStore;

class ThemeExamplesTest extends StoreTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    isolated queen's pawn     | WHITE white isolated queen's pawn, BLACK black isolated queen's pawn
                    bad bishop                | BLACK white bad bishop, WHITE black bad bishop
                    black weak back rank      | WHITE black weak back rank
                    white knight on e5        | WHITE white knight on e5
                    black king on g8, white rook on e1 | BLACK black king on g8 AND white rook on e1
                    white rook on e1, black king on g8 | WHITE white rook on e1 AND black king on g8
                    e5 empty                  | WHITE e5 empty
                    """)
    void a_theme_without_a_side_is_asked_for_both(String words, String asked) {
        assertThat(
                        ThemeExamples.queries(words).entrySet().stream()
                                .map(e -> e.getKey() + " " + e.getValue().text())
                                .collect(Collectors.joining(", ")))
                .isEqualTo(asked);
        assertThat(ThemeExamples.isTheme(words)).isTrue();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    black bad bishop   | Black bad bishop: a bishop with fixed pawns of its own side on squares of its colour
                    white knight on e5 | White knight on e5
                    nice moves         | Nice moves
                    """)
    void a_theme_is_told_with_what_it_means(String words, String told) {
        assertThat(ThemeExamples.definition(words)).isEqualTo(told);
    }

    @Test
    void what_is_no_theme_is_told() {
        assertThat(ThemeExamples.isTheme("nice moves")).isFalse();
        assertThatThrownBy(() -> ThemeExamples.queries("nice moves"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("nice moves");
    }

    @Test
    void examples_come_from_as_many_games_with_every_place_that_shows_it() {
        for (int i = 0; i < 3; i++) {
            library.sheets()
                    .add("[White \"W%d\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Nxe5 Nxe5 *\n".formatted(i));
        }
        library.sheets().add("[White \"No\"]\n\n1. d4 d5 *\n");
        ThemeExamples themes = new ThemeExamples(library.finder(), library.sheets()::load);
        List<Example> found =
                themes.find("white knight on e5", 2, Runnable::run, 1, new Cancellation());
        assertThat(found)
                .extracting(e -> e.game().tag("White") + " " + e.ply())
                .containsExactly("W2 5", "W1 5");
        assertThat(themes.find("white knight on h8", 9, Runnable::run, 1, new Cancellation()))
                .isEmpty();
        List<Example> empty = themes.find("e5 empty", 9, Runnable::run, 1, new Cancellation());
        assertThat(empty).extracting(Example::game).contains(empty.get(0).game());
        assertThat(empty.stream().filter(e -> e.game() == empty.get(0).game()).count())
                .isGreaterThan(1);
    }

    @Test
    void of_a_game_that_shows_it_long_places_from_first_to_last_are_taken() {
        List<Integer> few = List.of(4, 5, 9);
        assertThat(ThemeExamples.spread(few)).isEqualTo(few);
        List<Integer> many = IntStream.range(10, 100).boxed().toList();
        assertThat(ThemeExamples.spread(many))
                .hasSize(12)
                .startsWith(10)
                .endsWith(99)
                .doesNotHaveDuplicates()
                .isSorted();
    }

    @Test
    void a_theme_that_takes_a_search_is_looked_for_until_there_are_enough() {
        for (int i = 0; i < 4; i++) {
            library.sheets()
                    .add(
                            ("[White \"W%d\"]\n[SetUp \"1\"]\n[FEN \"6k1/5ppp/8/8/8/8/5PPP/R5K1 w"
                                            + " - - 0 1\"]\n\n1. Kf1 *\n")
                                    .formatted(i));
        }
        ThemeExamples themes = new ThemeExamples(library.finder(), library.sheets()::load);
        String theme = "white checks mates, white king on g1";
        List<Example> found = themes.find(theme, 2, Runnable::run, 1, new Cancellation());
        assertThat(found)
                .extracting(e -> e.game().tag("White") + " " + e.ply())
                .containsExactly("W3 0", "W2 0");
        Cancellation stop = new Cancellation();
        stop.cancel();
        assertThatThrownBy(() -> themes.find(theme, 2, Runnable::run, 1, stop))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void exercises_are_those_whose_theme_is_named() {
        MoveTree fork =
                SheetStore.parse("[ZpKind \"calculation\"]\n[ZpThemes \"fork, pin\"]\n\n*\n");
        MoveTree bare = SheetStore.parse("[ZpKind \"calculation\"]\n\n*\n");
        assertThat(ThemeExamples.exercises(List.of(fork, bare), "Knight fork"))
                .containsExactly(fork);
        assertThat(ThemeExamples.exercises(List.of(fork, bare), "skewer")).isEmpty();
        assertThat(ThemeExamples.title(" fork ")).isEqualTo("Fork");
    }
}

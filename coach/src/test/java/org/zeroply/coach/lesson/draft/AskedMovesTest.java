package org.zeroply.coach.lesson.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.coach.lesson.draft.DraftGames.FORKS;
import static org.zeroply.coach.lesson.draft.DraftGames.SEVENTH;
import static org.zeroply.coach.lesson.draft.DraftGames.evaluator;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.engine.analysis.Cancellation;

/** Moves on a theme that are worth asking, out of small games. */
class AskedMovesTest {

    private final Cancellation cancellation = new Cancellation();

    @Test
    void what_the_game_went_on_with_is_told_of_a_move_that_is_shown() {
        AskedMoves moves =
                AskedMoves.find(evaluator(cancellation), FORKS, Set.of(), cancellation, part -> {});
        assertThat(moves.takeClearest(9, 0))
                .hasSize(4)
                .allSatisfy(
                        m -> {
                            String words = shown(m).words();
                            boolean played = LessonStep.players(m.from().game()).startsWith("Ann");
                            assertThat(words.endsWith(" It was played.")).isEqualTo(played);
                            assertThat(words.endsWith(" In the game 30.Ne3 was played."))
                                    .isEqualTo(!played);
                        });
        assertThat(moves.atLeast(3)).isEmpty();
    }

    private LessonStep shown(AskedMove move) {
        return new ShownMove(SEVENTH, move, evaluator(cancellation)).step(false);
    }

    @Test
    void a_good_move_beside_the_theme_does_not_hide_one_on_it_in_the_same_game() {
        Example on = FORKS.get(0);
        Example beside =
                new Example(
                        on.game(),
                        0,
                        Side.WHITE,
                        Optional.of(QueryReader.read("white pawn on h3")));
        assertThat(asked(List.of(beside, on))).extracting(AskedMove::onTheme).containsExactly(true);
        assertThat(asked(List.of(beside))).extracting(AskedMove::onTheme).containsExactly(false);
    }

    @Test
    void of_what_comes_about_by_a_move_that_move_is_asked() {
        Example forked =
                new Example(
                        FORKS.get(0).game(),
                        1,
                        Side.WHITE,
                        Optional.of(QueryReader.read("white knight on h6")));
        assertThat(asked(List.of(forked)))
                .singleElement()
                .satisfies(
                        m -> {
                            assertThat(m.from().ply()).isZero();
                            assertThat(m.onTheme()).isTrue();
                        });
        Example other = new Example(forked.game(), 1, Side.WHITE, FORKS.get(0).query());
        assertThat(asked(List.of(other))).as("it was there before").isEmpty();
    }

    @Test
    void what_is_asked_is_not_from_a_game_that_is_shown() {
        MoveTree first = FORKS.get(0).game();
        AskedMoves moves =
                AskedMoves.find(
                        evaluator(cancellation),
                        FORKS,
                        Set.of(FORKS.get(1).game()),
                        cancellation,
                        part -> {});
        assertThat(moves.without(Set.of(first)).atLeast(3))
                .extracting(m -> m.from().game())
                .containsExactlyInAnyOrder(FORKS.get(2).game(), FORKS.get(3).game());
    }

    @ParameterizedTest(name = "{0} in {1}: {2}")
    @CsvSource({
        "Qxd8+, r2q2k1/5ppp/8/8/8/8/5PPP/R2Q2K1 w - - 0 1, true",
        "h3, r2q2k1/5ppp/8/8/8/8/5PPP/R2Q2K1 w - - 0 1, false",
        "Rxa7, 3q2k1/r4ppp/8/8/8/8/5PPP/R2Q2K1 w - - 0 1, false",
        "Rxd6, 6k1/3r1ppp/3b4/8/8/8/3R1PPP/3R2K1 w - - 0 1, false"
    })
    void a_trade_after_which_nothing_is_taken_is_a_plain_one(
            String move, String fen, boolean plain) {
        Position position = Position.fromFen(fen);
        Weighed weighed =
                evaluator(cancellation).choice(position, 40).orElseThrow().moves().stream()
                        .filter(w -> San.write(position, w.move()).equals(move))
                        .findFirst()
                        .orElseThrow();
        assertThat(AskedMoves.isPlainTrade(position, weighed)).isEqualTo(plain);
    }

    private List<AskedMove> asked(List<Example> found) {
        return AskedMoves.find(evaluator(cancellation), found, Set.of(), cancellation, part -> {})
                .atLeast(3);
    }
}

package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

class ChoiceTest {

    private static Move move(String san) throws NotationException {
        return San.read(Position.START, san);
    }

    private static Weighed weighed(String san, double expected) throws NotationException {
        Move move = move(san);
        return new Weighed(
                move,
                new Score.Centipawns((int) (1000 * expected)),
                new ExpectedScore(expected),
                10,
                List.of(move),
                false);
    }

    /**
     * @param moves such as {@code e4=0.6 d4=0.5}, the best first
     * @param leaders the move that led at each depth from one ply on, such as {@code a3 e4 e4}
     */
    private static Choice choice(String moves, String leaders) throws NotationException {
        List<Weighed> weighed = new ArrayList<>();
        for (String part : moves.split(" ")) {
            String[] sides = part.split("=");
            weighed.add(weighed(sides[0], Double.parseDouble(sides[1])));
        }
        List<Analysis.DepthBest> led = new ArrayList<>();
        for (String san : leaders.split(" ")) {
            if (!san.isEmpty()) {
                led.add(new Analysis.DepthBest(led.size() + 1, move(san), new Score.Centipawns(0)));
            }
        }
        return new Choice(Position.START, weighed, 20, led, Sureness.SETTLED);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "e4=0.6, 1.0, 1, true",
        "e4=0.6 d4=0.5, 0.1, 2, false",
        "e4=0.6 d4=0.49, 0.11, 1, false",
        "e4=0.6 d4=0.55 c4=0.52 a3=0.2, 0.05, 3, false",
        "e4=0.9 d4=0.5, 0.4, 1, true",
        "e4=0.9 d4=0.86, 0.04, 2, false",
    })
    void the_gap_and_the_width_are_those_of_the_moves_told_apart(
            String moves, double gap, int width, boolean decides) throws NotationException {
        Choice choice = choice(moves, "");
        assertThat(choice.gap()).isCloseTo(gap, within(1e-9));
        assertThat(choice.width()).isEqualTo(width);
        assertThat(choice.decidesTheResult()).isEqualTo(decides);
        assertThat(choice.second().isPresent()).isEqualTo(moves.contains(" "));
    }

    @ParameterizedTest(name = "led: {0}")
    @CsvSource({
        "'', 1, '', ''",
        "e4 e4 e4, 1, '', ''",
        "a3 e4 e4, 2, a3, a3",
        "a3 d4 e4 a3 e4, 5, a3, a3 d4",
        "d4 d4 d4 d4 d4 d4 d4 d4 e4, 9, d4, d4",
        // What leads only from the eighth ply on looks good to nobody at first.
        "e4 e4 e4 e4 e4 e4 e4 d4 e4, 9, d4, ''",
        "e4 e4 e4 e4 e4 e4 d4 e4, 8, d4, d4",
    })
    void the_last_rival_tells_from_which_depth_on_the_best_move_stays_best(
            String leaders, int depth, String rival, String temptations) throws NotationException {
        Choice choice = choice("e4=0.6 d4=0.5", leaders);
        assertThat(choice.depthFound()).isEqualTo(depth);
        assertThat(choice.rival().map(r -> San.write(Position.START, r.move())).orElse(""))
                .isEqualTo(rival);
        assertThat(choice.temptations())
                .extracting(m -> San.write(Position.START, m))
                .containsExactly(temptations.isEmpty() ? new String[0] : temptations.split(" "));
    }

    @Test
    void moves_as_good_are_within_the_margin_and_half_of_it_across_a_result()
            throws NotationException {
        Choice level = choice("e4=0.60 d4=0.55 c4=0.49 a3=0.40", "");
        assertThat(level.asGood(0.11))
                .extracting(Weighed::move)
                .containsExactly(move("d4"), move("c4"));
        Choice won = choice("e4=0.87 d4=0.86 c4=0.83 a3=0.80", "");
        assertThat(won.asGood(0.10))
                .extracting(Weighed::move)
                .containsExactly(move("d4"), move("c4"));
        assertThat(won.result()).isEqualTo(ResultClass.WIN);
    }

    @Test
    void a_move_is_found_among_those_told_apart() throws NotationException {
        Choice choice = choice("e4=0.6 d4=0.5", "");
        assertThat(choice.of(move("d4")).orElseThrow().expected().value()).isEqualTo(0.5);
        assertThat(choice.of(move("a3"))).isEmpty();
        assertThat(choice.width(new ExpectedScore(0.9))).as("the best always counts").isEqualTo(1);
    }
}

package org.zeroply.coach.repertoire.tournament;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.repertoire.EngineAudit;
import org.zeroply.coach.repertoire.GameBook;
import org.zeroply.coach.repertoire.Preparation;
import org.zeroply.coach.repertoire.Preparation.Stop;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Replies;
import org.zeroply.coach.repertoire.Spot;

class RoundPlanTest {

    private static final String OURS =
            """
            [ZpSide "white"]

            1. e4 e5 (1... c5 2. Nf3 {[%zp.main]} (2. c3) (2. Nc3) d6 3. d4 cxd4 4. Nxd4)
            (1... e6 2. d4 d5 3. Nd2) 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 *
            """;

    private static List<MoveTree> games(String... lines) {
        return Said.trees(Stream.of(lines).map(l -> l + " *\n\n").collect(Collectors.joining()));
    }

    private static Preparation against(List<MoveTree> games, Replies everybody) {
        return new Preparation(Repertoire.of(Said.trees(OURS)), games, Optional.empty(), everybody);
    }

    private static List<String> lines(List<Stop> stops) {
        return stops.stream().map(Stop::line).toList();
    }

    @Test
    void the_likely_ways_are_told_to_their_ends_and_where_the_opponent_has_been() {
        Preparation preparation =
                against(
                        games(
                                "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6",
                                "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6",
                                "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Qxd4 Nc6",
                                "1. e4 e6 2. d4 d5 3. exd5 exd5"),
                        Replies.NONE);
        RoundPlan plan = RoundPlan.of(preparation, spot -> 1, Optional.empty());
        assertThat(lines(plan.likely()))
                .startsWith("1.e4 c5 2.Nf3 d6 3.d4 cxd4")
                .contains("1.e4 e6 2.d4 d5")
                .doesNotContain("1.e4 c5", "1.e4 c5 2.Nf3 d6");
        assertThat(lines(plan.ends())).as("never met 3.Nd2").containsExactly("1.e4 e6 2.d4 d5");
        assertThat(plan.step()).as("nobody judges").isEmpty();
    }

    @Test
    void where_the_opponent_has_no_games_those_of_all_tell_what_is_likely() {
        List<MoveTree> all = games("1. e4 e6 2. d4 d5", "1. e4 e6 2. d4 d5", "1. e4 e6 2. d4 c5");
        Preparation unknown = against(List.of(), GameBook.of(all));
        assertThat(lines(RoundPlan.of(unknown, s -> 1, Optional.empty()).likely()))
                .startsWith("1.e4 e6 2.d4 d5");
        assertThat(unknown.stops()).allSatisfy(s -> assertThat(s.games()).isZero());
        Preparation known = against(games("1. e4 c5 2. Nf3 d6"), GameBook.of(all));
        double others =
                known.stops().stream()
                        .filter(s -> s.line().equals("1.e4 e6"))
                        .mapToDouble(Stop::probability)
                        .sum();
        assertThat(others)
                .as("the opponent's own game counts alone")
                .isCloseTo(0.147, within(0.01));
    }

    @Test
    void what_is_known_is_repeated_after_what_is_not() {
        Preparation preparation =
                against(
                        games(
                                "1. e4 c5 2. Nf3 d6 3. d4 cxd4",
                                "1. e4 c5 2. Nf3 d6 3. d4 cxd4",
                                "1. e4 e6 2. d4 d5"),
                        Replies.NONE);
        String sicilian = "1.e4 c5 2.Nf3 d6 3.d4 cxd4";
        assertThat(lines(RoundPlan.of(preparation, s -> 1, Optional.empty()).repeat()))
                .startsWith(sicilian, "1.e4 e6 2.d4 d5");
        assertThat(lines(RoundPlan.of(preparation, s -> known(s, "c5"), Optional.empty()).repeat()))
                .startsWith("1.e4 e6 2.d4 d5")
                .contains(sicilian);
    }

    private static double known(Spot spot, String part) {
        return spot.line().contains(part) ? 0.3 : 1;
    }

    /** White's expected score after 2.c3 and 2.Nc3; a loss of 7 points is still sound. */
    @ParameterizedTest(name = "c3 {0}, Nc3 {1}: {2}")
    @CsvSource({
        "0.50, 0.50, c3, true",
        "0.46, 0.50, c3, true",
        "0.42, 0.46, Nc3, true",
        "0.40, 0.40, d4, false",
    })
    void a_side_step_is_sound_and_new_to_them(
            double c3, double nc3, String expected, boolean inRepertoire) {
        Preparation preparation =
                against(
                        games(
                                "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6",
                                "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6"),
                        Replies.NONE);
        Said said = new Said().of("e4 c5 c3", c3).of("e4 c5 Nc3", nc3).of("e4 c5 Nf3 d6", 0.40);
        said.of("e4 c5 Nf3 d6 Bb5", 0.58).of("e4 c5 Nf3 d6 d4", 0.60);
        RoundPlan.Step step =
                RoundPlan.of(preparation, s -> 1, Optional.of(said.evaluator()))
                        .step()
                        .orElseThrow();
        assertThat(step.inRepertoire()).isEqualTo(inRepertoire);
        assertThat(step.loss()).isLessThanOrEqualTo(EngineAudit.USUAL_LOSS);
        assertThat(step.step().games()).isEqualTo(2);
        assertThat(step.proof().line()).isNotEmpty();
        if (inRepertoire) {
            assertThat(step.step().move()).isEqualTo(expected);
            assertThat(step.step().line()).isEqualTo("1.e4 c5");
        } else {
            assertThat(step.step().move()).as("3.d4 is what they know").isEqualTo("Bb5+");
            assertThat(step.step().spot().moves()).doesNotContainKey(step.step().step());
            assertThat(San.write(step.step().spot().position(), step.proof().move()))
                    .isEqualTo("Bb5+");
        }
    }
}

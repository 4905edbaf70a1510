package org.zeroply.workshop.suite;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;
import org.zeroply.workshop.SayingEngine;

/** What counts as a key, by what an engine would say. */
class QuietKeyFinderTest {

    /** Nodes of the look that must choose another move. */
    private static final long GLANCE = 30_000;

    private static final Position OPEN =
            Position.fromFen(
                    "r1bq1rk1/pp2bppp/2n1pn2/2pp4/3P1B2/2PBPN2/PP1N1PPP/R2QK2R w KQ - 0 8");

    @ParameterizedTest
    @CsvSource({
        "e1g1, 40, 5, true",
        "e1g1, 40, 21, false",
        "e1g1, 170, 40, false",
        "e1g1, 260, 200, false",
        "d4c5, 40, 5, false",
        "d3h7, 40, 5, false"
    })
    void a_key_is_quiet_and_clearly_but_not_hugely_better(
            String move, int best, int second, boolean key) {
        assertThat(finder(move, best, second).find(OPEN).isPresent()).isEqualTo(key);
    }

    @Test
    void a_move_that_a_glance_sees_is_too_easy() {
        Engine same = new SayingEngine(request -> said("e1g1", 40, 5));
        assertThat(new QuietKeyFinder(same, 2_000_000).find(OPEN)).isEmpty();
    }

    @Test
    void every_longer_look_must_choose_the_key_and_say_that_it_is_better() {
        List<Long> asked = new ArrayList<>();
        Engine changing =
                new SayingEngine(
                        request -> {
                            long nodes = request.limits().nodes();
                            asked.add(nodes);
                            String move = nodes == GLANCE ? "a2a3" : "e1g1";
                            return said(move, 40, nodes < 8_000_000 ? 5 : 25);
                        });
        assertThat(new QuietKeyFinder(changing, 50_000_000).find(OPEN)).isEmpty();
        assertThat(asked).containsExactly(GLANCE, 1_000_000L, 8_000_000L);
    }

    @Test
    void a_key_that_the_last_look_gives_up_is_none() {
        Engine changing =
                new SayingEngine(
                        request -> {
                            long nodes = request.limits().nodes();
                            return said(nodes == 1_000_000 ? "e1g1" : "a2a3", 40, 5);
                        });
        assertThat(new QuietKeyFinder(changing, 2_500_000).find(OPEN)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"300, 290, 2", "301, 290, 1", "-301, -310, 1", "40, -80, 2", "40, -81, 1"})
    void what_a_glance_sees_as_decided_or_forced_is_not_looked_at_again(
            int score, int second, int looks) {
        List<Long> asked = new ArrayList<>();
        Engine ahead =
                new SayingEngine(
                        request -> {
                            asked.add(request.limits().nodes());
                            return said("e1g1", score, second);
                        });
        assertThat(new QuietKeyFinder(ahead, 2_500_000).find(OPEN)).isEmpty();
        assertThat(asked).hasSize(looks);
    }

    @ParameterizedTest
    @CsvSource({
        "4k3/8/8/8/8/8/4P3/4K3 w - - 0 1",
        "rnb1kbnr/pppp1ppp/8/4p3/5PPq/8/PPPPP2P/RNBQKBNR w KQkq - 1 3"
    })
    void few_men_and_checks_are_not_even_looked_at(String fen) {
        Engine never =
                new SayingEngine(
                        request -> {
                            throw new AssertionError("asked");
                        });
        assertThat(new QuietKeyFinder(never, 1000).find(Position.fromFen(fen))).isEmpty();
    }

    private static QuietKeyFinder finder(String move, int best, int second) {
        return new QuietKeyFinder(
                new SayingEngine(
                        request ->
                                request.limits().nodes() == GLANCE
                                        ? said("h2h3", best, second)
                                        : said(move, best, second)),
                1000);
    }

    private static Analysis said(String move, int best, int second) {
        Move first = move(move);
        Move other = OPEN.legalMoves().stream().filter(m -> !m.equals(first)).findFirst().get();
        return new Analysis(
                List.of(candidate(first, best), candidate(other, second)), List.of(), 1, 1, 1, 1);
    }

    private static Move move(String text) {
        return OPEN.legalMoves().stream()
                .filter(m -> m.coordinates().equals(text))
                .findFirst()
                .orElseThrow();
    }

    private static Analysis.Candidate candidate(Move move, int score) {
        return new Analysis.Candidate(
                move, new Score.Centipawns(score), new ExpectedScore(0.5), 1, 1, List.of(move));
    }
}

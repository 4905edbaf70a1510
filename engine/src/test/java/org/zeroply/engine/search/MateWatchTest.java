package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.mate.MateProof;
import org.zeroply.engine.mate.MateSearch;
import org.zeroply.engine.tuning.MatePosition;
import org.zeroply.engine.tuning.MatePositions;

/** What the engine says of mates, against what trying every move against every answer says. */
class MateWatchTest {

    private final BuiltInEngine engine = new BuiltInEngine(8);

    private Analysis analyse(Position position, long nodes, int lines) {
        return engine.analyse(AnalysisRequest.of(position, Limits.nodes(nodes)).withLines(lines));
    }

    private static Score mate(int moves) {
        return new Score.Mate(moves);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3})
    void mates_in_two_and_three_are_found_whatever_they_begin_with(int lines) {
        List<MatePosition> positions = new MatePositions(71).gather(60, 2, 3, new Cancellation());
        assertThat(positions).extracting(MatePosition::kind).contains(MatePosition.Kind.QUIET);
        for (MatePosition one : positions) {
            int moves = one.proof().moves();
            Analysis.Candidate best =
                    analyse(one.position(), moves == 2 ? 30_000 : 200_000, lines)
                            .best()
                            .orElseThrow();
            assertThat(best.score()).as("%s", one.position()).isEqualTo(mate(moves));
            Position end = one.position();
            for (Move move : best.line()) {
                end = end.play(move);
            }
            assertThat(end.isCheckmate()).as("%s", one.position()).isTrue();
        }
    }

    /** No rule of thumb stands between a coach and a move that is mated in two. */
    @Property(tries = 50)
    void no_move_is_the_best_after_which_the_other_side_mates_in_two_but_where_it_says_so(
            @ForAll long seed, @ForAll @IntRange(min = 16, max = 90) int plies) {
        Position position = RandomPositions.after(new Random(seed), plies);
        Assume.that(!position.legalMoves().isEmpty());
        Analysis.Candidate best = analyse(position, 30_000, 1).best().orElseThrow();
        Optional<MateProof> against =
                new MateSearch()
                        .shortest(position.play(best.move()), 2, 10_000_000, new Cancellation());
        against.ifPresent(
                proof ->
                        assertThat(best.score())
                                .as("%s", position)
                                .isEqualTo(mate(-proof.moves())));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            value = {
                "the only move of those asked about; r6k/6pp/7N/8/2Q5/8/8/6K1 w - - 0 1; Qg8+; 2",
                "a quiet move, though a check is there; 8/8/8/8/5kp1/2Q3R1/5P2/6K1 w - - 0 1; Qc5; 3",
            })
    void a_move_asked_about_alone_is_told_its_own_mate(
            String name, String fen, String san, int moves) throws Exception {
        Position position = Position.fromFen(fen);
        Move move = San.read(position, san);
        AnalysisRequest alone =
                AnalysisRequest.of(position, Limits.nodes(60_000)).among(List.of(move));
        assertThat(engine.analyse(alone).best().orElseThrow().score())
                .as(name)
                .isEqualTo(mate(moves));
    }

    @Test
    void several_threads_know_of_the_proofs_too() {
        Position quiet = Position.fromFen("8/8/8/8/5kp1/2Q3R1/5P2/6K1 w - - 0 1");
        AnalysisRequest request =
                AnalysisRequest.of(quiet, Limits.nodes(300_000)).withThreads(2).withLines(2);
        assertThat(engine.analyse(request).best().orElseThrow().score()).isEqualTo(mate(3));
    }
}

package org.zeroply.engine.mate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Cancellation;

class MateSearchTest {

    private static final long ENOUGH = 50_000_000;

    private static Optional<MateProof> shortest(Position position, int most) {
        return new MateSearch().shortest(position, most, ENOUGH, new Cancellation());
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            value = {
                "back rank; 6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1; 1; Rd8#",
                "smothered; 6rk/6pp/7N/8/8/8/8/6K1 w - - 0 1; 1; Nf7#",
                "smothered by a queen's offer; r6k/6pp/7N/8/2Q5/8/8/6K1 w - - 0 1; 2; Qg8+",
                "a quiet queen; 8/8/8/8/5kp1/2Q3R1/5P2/6K1 w - - 0 1; 3; Qc5",
                "a rook, not a queen; 8/5P1k/5K2/7N/8/8/8/8 w - - 0 1; 2; f8=R",
                "handing over the move; 8/7k/5K2/8/8/8/5P2/6R1 w - - 0 1; 3; Rh1+",
                "stalemate is no mate; k7/2Q5/8/8/8/8/8/6K1 w - - 0 1; 0; -",
                "waiting; 8/8/8/8/8/1K6/1R6/k7 w - - 0 1; 2; -",
            })
    void composed_positions_are_mates_in_so_many_moves(
            String name, String fen, int moves, String key) throws Exception {
        Position position = Position.fromFen(fen);
        Optional<MateProof> proof = shortest(position, 3);
        assertThat(proof.map(MateProof::moves).orElse(0)).as(name).isEqualTo(moves);
        if (!key.equals("-")) {
            assertThat(proof.orElseThrow().line().get(0)).isEqualTo(San.read(position, key));
        }
    }

    /** Every move against every answer, in no order and remembering nothing. */
    private static boolean mates(Position position, int moves) {
        for (Move move : position.legalMoves()) {
            if (isLost(position.play(move), moves - 1)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isLost(Position position, int moves) {
        if (moves == 0) {
            return position.isCheckmate();
        }
        List<Move> answers = position.legalMoves();
        if (answers.isEmpty()) {
            return position.isCheckmate();
        }
        return answers.stream().allMatch(a -> mates(position.play(a), moves));
    }

    @Property(tries = 60)
    void up_to_two_moves_it_says_what_trying_everything_says(
            @ForAll long seed, @ForAll @IntRange(min = 20, max = 120) int plies) {
        Position position = RandomPositions.after(new Random(seed), plies);
        int expected = mates(position, 1) ? 1 : mates(position, 2) ? 2 : 0;
        assertThat(shortest(position, 2).map(MateProof::moves).orElse(0))
                .as("%s", position)
                .isEqualTo(expected);
    }

    @Tag("slow")
    @Property(tries = 12)
    void in_three_moves_too(@ForAll long seed, @ForAll @IntRange(min = 30, max = 90) int plies) {
        Position position = RandomPositions.after(new Random(seed), plies);
        int found = shortest(position, 3).map(MateProof::moves).orElse(0);
        assertThat(found == 0 || found == 3 ? mates(position, 3) == (found == 3) : true)
                .as("%s", position)
                .isTrue();
    }

    @Property(tries = 300)
    void a_proof_is_a_line_of_that_length_and_ends_in_mate(
            @ForAll long seed, @ForAll @IntRange(min = 30, max = 150) int plies) {
        Position position = RandomPositions.after(new Random(seed), plies);
        shortest(position, 3)
                .ifPresent(
                        proof -> {
                            Position end = position;
                            for (Move move : proof.line()) {
                                assertThat(end.legalMoves()).contains(move);
                                end = end.play(move);
                            }
                            assertThat(end.isCheckmate()).as("%s", position).isTrue();
                            assertThat(proof.line()).hasSize(2 * proof.moves() - 1);
                        });
    }

    @Test
    void a_search_that_may_not_go_on_says_that_it_does_not_know() {
        Position position = Position.fromFen("r6k/6pp/7N/8/2Q5/8/8/6K1 w - - 0 1");
        MateSearch search = new MateSearch();
        assertThat(search.shortest(position, 2, 1, new Cancellation())).isEmpty();
        assertThat(search.isStopped()).isTrue();
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        assertThat(search.shortest(Position.START, 6, ENOUGH, cancelled)).isEmpty();
        assertThat(search.isStopped()).isTrue();
        assertThat(search.shortest(position, 2, ENOUGH, new Cancellation())).isPresent();
    }
}

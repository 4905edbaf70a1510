package org.zeroply.engine.tuning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;

class GainSearchTest {

    private static final int[] POINTS = {1, 3, 3, 5, 9, 0};

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            value = {
                "a piece that hangs; 6k1/5ppp/8/3n4/8/8/5PPP/3R2K1 w - - 0 1; 3; 1; Rxd5",
                "guarded, it does not; 6k1/5ppp/4p3/3n4/8/8/5PPP/3R2K1 w - - 0 1; 3; 1; -",
                "a fork; r3k3/8/8/3N4/8/8/8/4K3 w - - 0 1; 5; 3; Nc7+",
                "a fork one move away; r3k3/8/8/8/8/2N5/8/4K3 b - - 0 1; 3; 3; -",
                "a mate counts; 6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1; 9; 1; Rd8#",
                "a new queen; 8/4P3/8/8/8/k7/8/4K3 w - - 0 1; 8; 1; e8=Q",
                "stalemate wins nothing; k7/2b5/K7/8/8/8/2Q5/8 w - - 0 1; 1; 1; -",
            })
    void material_won_by_force(String name, String fen, int points, int plies, String expected) {
        Position position = Position.fromFen(fen);
        List<Move> winners = new GainSearch().winners(position, points, plies);
        if (expected.equals("-")) {
            assertThat(winners).isEmpty();
        } else {
            assertThat(winners)
                    .extracting(m -> San.write(position, m))
                    .containsExactlyInAnyOrder(expected.split(" "));
        }
    }

    /** The best balance that trying everything comes to, without any window. */
    private static int best(Position position, int plies, Side winner) {
        int now = balance(position);
        boolean full = plies > 0 || position.inCheck();
        List<Move> moves = position.legalMoves();
        if (moves.isEmpty()) {
            boolean good = !position.inCheck() && position.sideToMove() != winner;
            return good ? 1000 : -1000;
        }
        int best = full ? -1000 : now;
        for (Move move : moves) {
            boolean quiet = !move.isCapture() && !isToQueen(move);
            if (full || !quiet) {
                best = Math.max(best, -best(position.play(move), plies - 1, winner));
            }
        }
        return best;
    }

    private static boolean isToQueen(Move move) {
        return Move.isPromotion(move.packed()) && Move.promotionType(move.packed()) == 4;
    }

    private static int balance(Position position) {
        int us = position.sideToMove().ordinal();
        return Arrays.stream(new int[] {0, 1, 2, 3, 4})
                .map(
                        type ->
                                POINTS[type]
                                        * (Long.bitCount(position.toBoard().pieces(us, type))
                                                - Long.bitCount(
                                                        position.toBoard().pieces(1 - us, type))))
                .sum();
    }

    /** With few men, since nothing is cut short here. */
    @Property(tries = 60)
    void it_says_what_trying_everything_says(
            @ForAll long seed, @ForAll @IntRange(min = 200, max = 400) int plies) {
        Position position = RandomPositions.after(new Random(seed), plies);
        Assume.that(Long.bitCount(position.toBoard().occupied()) <= 9);
        List<Move> expected =
                position.legalMoves().stream()
                        .filter(
                                m ->
                                        -best(position.play(m), 0, position.sideToMove())
                                                >= balance(position) + 3)
                        .toList();
        assertThat(new GainSearch().winners(position, 3, 1))
                .as("%s", position)
                .containsExactlyInAnyOrderElementsOf(expected);
    }

    @Test
    void the_engine_wins_what_can_be_won_or_plays_something_as_good() {
        BuiltInEngine engine = new BuiltInEngine(8);
        for (GainPosition one : new GainPositions(5).gather(40, new Cancellation())) {
            Position position = one.position();
            Analysis.Candidate best = best(engine, position, 60_000, List.of());
            if (!one.winners().contains(best.move())) {
                double own =
                        best(engine, position, 400_000, List.of(best.move())).expected().value();
                double winner = best(engine, position, 400_000, one.winners()).expected().value();
                assertThat(own).as("%s", position).isGreaterThan(winner - 0.05);
            }
        }
    }

    private static Analysis.Candidate best(
            BuiltInEngine engine, Position position, long nodes, List<Move> among) {
        AnalysisRequest request = AnalysisRequest.of(position, Limits.nodes(nodes));
        return engine.analyse(request.among(among)).best().orElseThrow();
    }
}

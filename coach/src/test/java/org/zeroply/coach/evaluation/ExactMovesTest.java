package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;

class ExactMovesTest {

    /** King and pawn against king; who is to move has the opposition with the king in front. */
    private static final Position WON = Position.fromFen("4k3/8/4K3/4P3/8/8/8/8 w - - 0 1");

    private static final Position DRAWN = Position.fromFen("8/8/8/4k3/4P3/4K3/8/8 b - - 0 1");

    private static List<Weighed> solved(Position position) {
        return ExactMoves.of(position, Endings.NONE, new Cancellation());
    }

    private static List<String> san(Position position, List<Move> moves) {
        return moves.stream().map(m -> San.write(position, m)).toList();
    }

    @Test
    void a_pawn_ending_is_known_move_by_move_the_quickest_win_first() {
        List<Weighed> all = solved(WON);
        assertThat(all).hasSameSizeAs(WON.legalMoves()).allMatch(Weighed::exact);
        assertThat(all.get(0).expected().value()).isEqualTo(1);
        assertThat(all.get(0).score().ordinal()).isBetween(1_950, 2_000);
        assertThat(all)
                .extracting(w -> w.score().ordinal())
                .isSortedAccordingTo((a, b) -> Integer.compare(b, a));
        assertThat(all).allMatch(w -> w.expected().value() == 1 || w.expected().value() == 0.5);
        assertThat(all.get(0).line()).hasSize(1);
    }

    @Test
    void the_moves_that_draw_are_named() {
        List<String> draws = san(DRAWN, ExactMoves.draws(DRAWN, Endings.NONE, new Cancellation()));
        assertThat(draws).contains("Ke6", "Kd6", "Kf6").hasSameSizeAs(DRAWN.legalMoves());
        Position only = Position.fromFen("4k3/4P3/4K3/8/8/8/8/8 b - - 0 1");
        assertThat(ExactMoves.draws(only, Endings.NONE, new Cancellation())).isEmpty();
    }

    @Test
    void what_is_no_pawn_ending_is_not_known_without_tables() {
        assertThat(solved(Position.START)).isEmpty();
        assertThat(solved(Position.fromFen("4k3/8/8/8/8/8/4P3/R3K3 w - - 0 1"))).isEmpty();
    }

    /** Tables that know the plies to mate of the positions after each move of a rook ending. */
    private static Endings tables(Position position, Map<String, Integer> bySan, int rest) {
        return new Endings() {
            @Override
            public int mostMen() {
                return 3;
            }

            @Override
            public int probe(Board board) {
                for (Move move : position.legalMoves()) {
                    if (position.play(move).toBoard().key() == board.key()) {
                        return bySan.getOrDefault(San.write(position, move), rest);
                    }
                }
                return Endings.UNKNOWN;
            }
        };
    }

    private static final Position ROOK = Position.fromFen("7k/8/6K1/8/8/8/8/R7 w - - 0 1");

    @Test
    void tables_give_mates_in_moves_for_either_side() {
        Endings tables = tables(ROOK, Map.of("Ra8#", -1, "Kf7", -4, "Ra7", 0, "Kh6", 3), -20);
        List<Weighed> all = ExactMoves.of(ROOK, tables, new Cancellation());
        assertThat(all).hasSameSizeAs(ROOK.legalMoves());
        assertThat(san(ROOK, List.of(all.get(0).move()))).containsExactly("Ra8#");
        assertThat(score(all, "Ra8#")).isEqualTo(new Score.Mate(1));
        assertThat(score(all, "Kf7")).isEqualTo(new Score.Mate(2));
        assertThat(score(all, "Ra1")).as("no move").isNull();
        assertThat(score(all, "Ra7")).isEqualTo(new Score.Centipawns(0));
        assertThat(score(all, "Kh6")).isEqualTo(new Score.Mate(-2));
        assertThat(score(all, "Ra2")).isEqualTo(new Score.Mate(10));
        assertThat(san(ROOK, ExactMoves.draws(ROOK, tables, new Cancellation())))
                .containsExactly("Ra7");
    }

    private static Score score(List<Weighed> all, String san) {
        return all.stream()
                .filter(w -> San.write(ROOK, w.move()).equals(san))
                .map(Weighed::score)
                .findFirst()
                .orElse(null);
    }

    @Test
    void one_move_that_is_not_known_leaves_all_unknown() {
        assertThat(ExactMoves.byTables(ROOK, tables(ROOK, Map.of("Ra7", Endings.UNKNOWN), -20)))
                .isEmpty();
    }

    @Test
    void more_men_than_the_tables_have_are_not_asked_for() {
        Position four = Position.fromFen("7k/8/6K1/8/8/8/8/RN6 w - - 0 1");
        Endings never =
                new Endings() {
                    @Override
                    public int mostMen() {
                        return 3;
                    }

                    @Override
                    public int probe(Board board) {
                        throw new AssertionError("asked");
                    }
                };
        assertThat(ExactMoves.byTables(four, never)).isEmpty();
    }
}

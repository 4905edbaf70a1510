package org.zeroply.coach.fact.tactics;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.Scene;

class ContestTest {

    private static Scene scene(String fen) {
        return new Scene(Position.fromFen(fen + " - - 0 1"));
    }

    @Test
    void men_behind_others_join_in_their_turn() {
        Contest contest = Contest.of(scene("3r2k1/3r4/8/3p4/8/8/3R4/3Q2K1 w"), Square.parse("d5"));
        assertThat(names(contest.white())).containsExactly("d2", "d1");
        assertThat(names(contest.black())).containsExactly("d7", "d8");
        assertThat(contest.gain()).isZero();
    }

    @Test
    void the_outcome_of_the_exchanges_is_told() {
        Scene scene = scene("6k1/8/8/3p4/8/2N5/3R4/6K1 w");
        Contest contest = Contest.of(scene, Square.parse("d5"));
        assertThat(contest.gain()).isEqualTo(100);
        assertThat(contest.text(scene)).contains("White wins 1.00");
    }

    @Test
    void an_empty_square_belongs_to_whoever_can_put_a_piece_there() {
        Contest contest = Contest.of(scene("6k1/8/4p3/8/8/2N5/8/6K1 w"), Square.parse("d5"));
        assertThat(contest.holds()).isEmpty();
        Contest other = Contest.of(scene("6k1/8/8/8/8/2N5/8/6K1 w"), Square.parse("d5"));
        assertThat(other.holds()).containsExactly(Side.WHITE);
    }

    @Test
    void forcing_moves_are_checks_then_captures_then_threats_for_either_side() throws Exception {
        Position position = Position.fromFen("6k1/5ppp/8/3p4/8/2N5/5PPP/3R2K1 b - - 0 1");
        ForcingMoves black = ForcingMoves.of(new Scene(position), Side.BLACK);
        assertThat(black.moves()).isEmpty();
        ForcingMoves white = ForcingMoves.of(new Scene(position), Side.WHITE);
        Position from = white.from().orElseThrow();
        List<String> moves = white.moves().stream().map(m -> San.write(from, m.move())).toList();
        assertThat(moves).startsWith("Rxd5", "Nxd5");
        assertThat(white.moves())
                .filteredOn(m -> m.way() == ForcingMoves.Way.CAPTURE)
                .allMatch(m -> m.exchange() == 100);
    }

    @Test
    void a_threat_of_mate_is_a_forcing_move() throws Exception {
        Position position = Position.fromFen("6k1/5ppp/8/8/8/8/R4PPP/6K1 w - - 0 1");
        ForcingMoves white = ForcingMoves.of(new Scene(position), Side.WHITE);
        assertThat(white.moves())
                .anyMatch(
                        m ->
                                m.way() == ForcingMoves.Way.CHECK
                                        && San.write(position, m.move()).equals("Ra8#"));
        Position slower = Position.fromFen("6k1/5ppp/8/8/8/1R6/5PPP/6K1 w - - 0 1");
        assertThat(ForcingMoves.of(new Scene(slower), Side.WHITE).moves())
                .noneMatch(ForcingMoves.Forcing::threatensMate);
    }

    private static List<String> names(List<Integer> squares) {
        return squares.stream().map(Square::name).toList();
    }
}

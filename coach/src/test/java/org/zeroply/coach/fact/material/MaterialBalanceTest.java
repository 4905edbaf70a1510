package org.zeroply.coach.fact.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.coach.TestGames.line;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.NotationException;

class MaterialBalanceTest {

    @ParameterizedTest(name = "{3}")
    @CsvSource(
            delimiter = ';',
            value = {
                "4k3/8/8/8/8/8/8/4K3; 0; 0; 'material is level'",
                "4k3/8/8/8/8/8/P7/4K3; +1; +1; 'White is a pawn up'",
                "4k3/pp6/8/8/8/8/8/4K3; -2; -2; 'Black is two pawns up'",
                "4kn2/8/8/8/8/8/8/4KR2; +2; +1.75; 'White is the exchange up'",
                "4kr2/8/8/8/8/8/8/4KB2; -2; -1.75; 'Black is the exchange up'",
                "4kn2/p7/8/8/8/8/8/4KR2; +1; +0.75; 'White has the exchange for a pawn'",
                "4kn2/pp6/8/8/8/8/8/4KR2; 0; -0.25; 'Black has a knight and two pawns for a rook'",
                "4kn2/8/8/8/8/8/P7/4KR2; +3; +2.75; 'White is the exchange and a pawn up'",
                "4kr2/p7/8/8/8/8/8/3NKB2; 0; +0.5; 'White has two minor pieces for a rook and pawn'",
                "4kq2/8/8/8/8/8/8/2NNKB2; 0; 0; 'White has three minor pieces for the queen'",
                "4kq2/8/8/8/8/8/8/3RKR2; +1; +0.25; 'White has two rooks for the queen'",
                "4kn2/8/8/8/8/8/PPP5/4K3; 0; -0.25; 'Black has a knight for three pawns'",
                "4kn2/8/8/8/8/8/8/4KB2; 0; 0; 'White has a bishop for a knight'",
                "4kqr1/8/8/8/8/8/8/4K3; -14; -14.75; 'Black is a queen and rook up'",
                "2n1kn2/8/8/8/8/8/8/2B1KB2; 0; +0.5; 'White has two bishops for two knights; White has the bishop pair'",
                "2b1k3/8/8/8/8/8/8/2B1K3; 0; 0; 'material is level; opposite-coloured bishops'",
            })
    void the_balance_is_told_in_points_and_in_words(
            String board, String school, String fine, String words) {
        MaterialBalance balance = MaterialBalance.of(Position.fromFen(board + " w - -"));
        assertThat(balance.points(MaterialScale.SCHOOL)).isEqualTo(school);
        assertThat(balance.points(MaterialScale.FINE)).isEqualTo(fine);
        assertThat(balance.words()).isEqualTo(words);
    }

    @Test
    void a_sacrifice_is_seen_as_a_dip_and_so_is_the_moment_it_is_won_back()
            throws NotationException {
        Position start = Position.fromFen("r4rk1/pp3ppp/8/8/3q4/3B4/PPP2PPP/3Q1RK1 w - - 0 1");
        assertThat(LineBalance.along(start, line(start, "Bxh7+ Kxh7 Qxd4")))
                .extracting(s -> s.balance().points(MaterialScale.SCHOOL))
                .containsExactly("0", "-3", "+6");
    }

    @Test
    void what_hangs_is_named_with_attackers_and_defenders() {
        Position p = Position.fromFen("4k3/8/2p5/3n4/8/8/B7/3RK2n w - - 0 1");
        List<Hanging> hanging = Hanging.in(p);
        assertThat(hanging)
                .filteredOn(Hanging::isInDanger)
                .extracting(Hanging::text)
                .containsExactly("Black's knight d5 (attacked 2, guarded 1)");
        assertThat(hanging)
                .filteredOn(Hanging::isLoose)
                .extracting(Hanging::square)
                .containsExactlyInAnyOrder(Square.parse("a2"), Square.parse("h1"));
    }
}

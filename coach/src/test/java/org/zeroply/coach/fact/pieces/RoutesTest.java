package org.zeroply.coach.fact.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Scene;

class RoutesTest {

    private static List<String> routes(String fen, String from, String to) {
        Scene scene = new Scene(Position.fromFen(fen + " w - - 0 1"));
        return new Routes(scene, Square.parse(from), 6)
                .to(Square.parse(to)).stream().map(OutpostFacts::way).toList();
    }

    @Test
    void all_shortest_ways_are_told() {
        assertThat(routes("4k3/8/8/8/8/8/8/4K1N1", "g1", "e5"))
                .containsExactlyInAnyOrder("g1-f3-e5");
        assertThat(routes("4k3/8/8/8/8/8/8/N3K3", "a1", "d4"))
                .containsExactlyInAnyOrder("a1-b3-d4", "a1-c2-d4");
        assertThat(routes("4k3/8/8/8/8/8/8/N3K3", "a1", "a1")).isEmpty();
    }

    @Test
    void squares_on_which_the_piece_could_be_won_are_gone_round() {
        // The pawn guards f3 and h3, then only f3.
        assertThat(routes("4k3/8/8/8/6p1/8/8/4K1N1", "g1", "g5"))
                .isNotEmpty()
                .allMatch(way -> way.startsWith("g1-e2-"));
        assertThat(routes("4k3/8/8/8/4p3/8/8/4K1N1", "g1", "g5")).containsExactly("g1-h3-g5");
    }

    @Test
    void an_enemy_man_may_be_taken_at_the_end_but_not_passed() {
        assertThat(routes("4k3/8/8/4p3/8/8/8/4K1N1", "g1", "e5")).containsExactly("g1-f3-e5");
        assertThat(routes("4k3/8/3p4/4p3/8/8/8/4K1N1", "g1", "e5")).isEmpty();
        assertThat(routes("R3p2k/8/8/8/8/8/8/4K3".replace("p", "n"), "a8", "g8"))
                .noneMatch(way -> way.contains("e8-"));
    }

    @Test
    void a_king_does_not_step_into_check() {
        assertThat(routes("3r3k/8/8/8/8/8/8/4K3", "e1", "c1")).isEmpty();
    }

    @Test
    void pawns_and_empty_squares_have_no_routes() {
        Scene scene = new Scene(Position.START);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Routes(scene, Square.parse("e2"), 3));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Routes(scene, Square.parse("e4"), 3));
    }
}

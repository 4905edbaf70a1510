package org.zeroply.coach.defence.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.defence.DefenceBoards;

/** Moves one would like to play, on positions of our own. */
class WishFinderTest extends DefenceBoards {

    private static Wish wish(String fen, String from, String to) {
        return new WishFinder(evaluator())
                .find(fen(fen), Square.parse(from), Square.parse(to), p -> {});
    }

    @Test
    void a_pinned_pawn_can_advance_once_the_king_has_stepped_aside() {
        String pinned = "4k3/pp4pp/2p1p3/2b5/4P3/1P1B4/P4PPP/6K1 w - - 0 1";
        Wish wish = wish(pinned, "f2", "f4");

        assertThat(wish.now()).isEmpty();
        assertThat(wish.worksNow()).isFalse();
        assertThat(wish.sets()).isNotEmpty();
        Wish.Preparation first = wish.sets().get(0);
        assertThat(first.moves()).hasSize(1);
        Position end = wish.position();
        for (Move move : first.line()) {
            end = end.play(move);
        }
        assertThat(end.pieceAt(Square.parse("f4"))).isPresent();
        assertThat(first.shots()).hasSize(1);
    }

    @Test
    void a_wish_that_costs_nothing_works_at_once() {
        assertThat(wish("4k3/4p3/8/3n4/8/8/2P1P3/4K3 w - - 0 1", "c2", "c4").worksNow()).isTrue();
        assertThatThrownBy(() -> wish(BACK_RANK, "e4", "e5"))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

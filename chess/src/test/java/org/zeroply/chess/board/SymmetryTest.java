package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class SymmetryTest {

    /** Turning a board over commutes with playing on it, and doing it twice changes nothing. */
    @Property(tries = 200)
    void a_board_turned_over_is_the_same_game(@ForAll long seed) {
        Random random = new Random(seed);
        Position p = Position.START;
        for (int i = 0; i < 60 && !p.legalMoves().isEmpty(); i++) {
            p = p.play(p.legalMoves().get(random.nextInt(p.legalMoves().size())));
        }
        for (Symmetry symmetry : Symmetry.values()) {
            Optional<Position> turned = symmetry.of(p);
            if (turned.isPresent()) {
                assertThat(symmetry.of(turned.get())).contains(p);
                assertThat(Symmetry.sharedKey(turned.get())).isEqualTo(Symmetry.sharedKey(p));
                Set<Position> here = after(p, symmetry);
                Set<Position> there =
                        turned.get().legalMoves().stream()
                                .map(turned.get()::play)
                                .collect(Collectors.toSet());
                assertThat(there).isEqualTo(here);
            }
        }
    }

    /** The positions after every move, turned over. */
    private static Set<Position> after(Position p, Symmetry symmetry) {
        Position turned = symmetry.of(p).orElseThrow();
        return p.legalMoves().stream()
                .map(m -> turned.play(symmetry.of(m, turned)))
                .collect(Collectors.toSet());
    }

    @Test
    void a_board_on_which_somebody_may_castle_cannot_be_mirrored_but_flipped() {
        Position p = Position.fromFen("r3k2r/8/8/3pP3/8/8/8/R3K2R w Kq d6 4 9");
        assertThat(Symmetry.MIRRORED.of(p)).isEmpty();
        assertThat(Symmetry.FLIPPED.of(p).orElseThrow().fen())
                .isEqualTo("r3k2r/8/8/8/3Pp3/8/8/R3K2R b Qk d3 4 9");
    }
}

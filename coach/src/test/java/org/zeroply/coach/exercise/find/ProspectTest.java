package org.zeroply.coach.exercise.find;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;

class ProspectTest {

    private static final String PLACE = "r3r1k1/5pbp/3Q2p1/3pp3/1B3nq1/1NP5/PPB2PPP/R4RK1";

    /** The king one step aside: the same exercise to a coach. */
    private static final String NEAR = "r3r1k1/5pbp/3Q2p1/3pp3/1B3nq1/1NP5/PPB2PPP/R4R1K";

    private static final String MIRRORED = "1kr4r/ppp2bpp/5pn1/1qn3b1/3PP3/1P2q3/PBP5/1K1R3R";
    private static final String FAR = "6k1/5ppp/8/8/8/8/5PPP/3R2K1";

    private static Prospect find(String placement, int ownMoves, Appeal.Kind... kinds) {
        return new Prospect(
                Position.fromFen(placement + " w - - 0 1"),
                10,
                List.of(),
                List.of(),
                List.of(kinds).stream().map(k -> new Appeal(k, k.name())).toList(),
                List.of(),
                ownMoves);
    }

    private static List<Prospect> best(Prospect... found) {
        return Prospect.best(List.of(found), p -> p);
    }

    @Test
    void more_reasons_and_more_moves_rank_higher() {
        Prospect plain = find(FAR, 1, Appeal.Kind.QUIET);
        Prospect longer = find(PLACE, 3, Appeal.Kind.QUIET);
        Prospect richer = find(MIRRORED, 2, Appeal.Kind.QUIET, Appeal.Kind.SACRIFICE);
        assertThat(best(plain, longer, richer)).containsExactly(richer, longer, plain);
    }

    @Test
    void of_those_near_each_other_the_best_is_kept() {
        Prospect good = find(NEAR, 3, Appeal.Kind.QUIET);
        assertThat(best(find(PLACE, 1, Appeal.Kind.QUIET), good)).containsExactly(good);
    }

    @Test
    void what_is_to_be_defended_is_kept_beside_what_is_to_be_calculated() {
        Prospect defence = find(PLACE, 1, Appeal.Kind.DEFENCE);
        Prospect calculation = find(NEAR, 3, Appeal.Kind.QUIET);
        assertThat(best(defence, calculation)).containsExactly(calculation, defence);
        Prospect lesser = find(NEAR, 1, Appeal.Kind.DEFENCE);
        assertThat(best(defence, calculation, lesser)).hasSize(2);
    }
}

package org.zeroply.chess.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

class SanTest {

    private static final String KNIGHTS = "k7/4P3/8/8/1N3N2/8/8/KN3N2 w - - 0 1";

    @Property(tries = 300)
    void every_legal_move_has_its_own_name_and_is_found_by_it(
            @ForAll long seed, @ForAll @IntRange(max = 120) int plies) throws NotationException {
        Position p = RandomPositions.after(new Random(seed), plies);
        Set<String> names = new HashSet<>();
        for (Move move : p.legalMoves()) {
            String san = San.write(p, move);
            assertThat(names.add(san)).as(san).isTrue();
            assertThat(San.read(p, san)).isEqualTo(move);
            assertThat(San.read(p, move.coordinates())).isEqualTo(move);
        }
    }

    @ParameterizedTest(name = "{1} means {2}")
    @CsvSource({
        "r3k2r/8/8/8/8/8/8/R3K2R w KQkq -, 0-0, O-O",
        "r3k2r/8/8/8/8/8/8/R3K2R w KQkq -, o-o-o+, O-O-O",
        "r3k2r/8/8/8/8/8/8/R3K2R w KQkq -, e1g1, O-O",
        "7k/4P3/8/8/8/8/8/K7 w - -, e8Q, e8=Q+",
        "7k/4P3/8/8/8/8/8/K7 w - -, e8=n, e8=N",
        "7k/4P3/8/8/8/8/8/K7 w - -, e7e8q, e8=Q+",
        "7k/4P3/8/8/8/8/8/K7 w - -, e8(R), e8=R+",
        "k7/8/8/8/8/8/8/K5N1 w - -, Ng1-f3!?, Nf3",
        "k7/8/8/3p4/8/2N5/8/K7 w - -, Nd5, Nxd5",
        "k7/8/8/3p4/8/2N5/8/K7 w - -, ♘xd5!!, Nxd5",
        "k7/8/8/8/8/8/4P3/K7 w - -, e2-e4, e4",
        "k7/8/8/3pP3/8/8/8/K7 w - d6, exd6 e.p., exd6",
        "k7/8/8/3pP3/8/8/8/K7 w - d6, ed6, exd6",
    })
    void loose_writing_is_understood(String fen, String written, String exact)
            throws NotationException {
        Position p = Position.fromFen(fen);
        assertThat(San.write(p, San.read(p, written.replace(" ", "")))).isEqualTo(exact);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "Nd2, 'Nd2 is ambiguous; possible: Nbd2, Nfd2'",
        "Nd5, 'Nd5 is ambiguous; possible: Nbd5, Nfd5'",
        "Nh8, 'Nh8 is not legal here; possible: '",
        "e8, 'e8 is ambiguous; possible: e8=Q+, e8=R+, e8=B, e8=N'",
        "hello, 'hello'' is not a move'",
        "O-O, not legal",
    })
    void a_move_that_cannot_be_meant_names_the_candidates(String written, String message) {
        assertThatThrownBy(() -> San.read(Position.fromFen(KNIGHTS), written))
                .isInstanceOf(NotationException.class)
                .hasMessageContaining(message);
    }
}

package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;

/** Every row is tried for the other colour too. */
class ConcessionTest {

    private static final Pattern RANK = Pattern.compile("(?<=[a-h])[1-8]");

    @ParameterizedTest(name = "{1}: {2} for {3}")
    @CsvSource({
        // The pair for damaged pawns, and for nothing.
        "r1bqkbnr/pppp1ppp/2n5/1B2p3/4P3/5N2/PPPP1PPP/RNBQK2R w KQkq, Bxc6, the bishop pair,"
                + " the enemy's doubled pawns c6 and c7",
        "rnbq1rk1/pppp1ppp/5n2/4p3/1b2P3/2NP1N2/PPP1BPPP/R1BQ1RK1 b -, Bxc3, the bishop pair,"
                + " the enemy's doubled pawns c2 and c3",
        "r2q1rk1/ppp2ppp/2nb1n2/3p4/3P2b1/2N1BN2/PPP1BPPP/R2Q1RK1 b -, Bxf3, the bishop pair,",
        // A doubled pawn that opens a file.
        "r2q1rk1/ppp2ppp/2nb1n2/3p4/3P4/2N1Bb2/PPP1BPPP/R2Q1RK1 w -, gxf3,"
                + " doubled pawns f2 and f3, the half-open g-file against the king on g8",
        "r1bqk1nr/pppp1ppp/2B5/2b1p3/4P3/5N2/PPPP1PPP/RNBQK2R b KQkq, bxc6, isolated pawn a7,"
                + " the half-open b-file",
        "r1bqk1nr/pppp1ppp/2B5/2b1p3/4P3/5N2/PPPP1PPP/RNBQK2R b KQkq, bxc6,"
                + " doubled pawns c6 and c7, the bishop pair",
        // What moves before the king cost.
        "rnbq1rk1/pppp1ppp/5n2/4p3/1b2P3/2NP1N2/PPP1BPPP/R1BQ1RK1 w -, h3,"
                + " the move g3 without loosening h3, the knight f6 kept from g4",
        "rnbq1rk1/pppp1ppp/5n2/4p3/1b2P3/2NP1N2/PPP1BPPP/R1BQ1RK1 w -, g4,"
                + " the cover of its king on g2, air for the king",
        // A square for good, for a hold on the centre; a bad bishop for space.
        "rnbqkbnr/pp2pppp/3p4/2p5/4P3/5N2/PPPP1PPP/RNBQKB1R b KQkq, e5, d5 for good,"
                + " a hold on d4",
        "rnbqkbnr/ppp2ppp/4p3/3p4/3PP3/8/PPP2PPP/RNBQKBNR w KQkq, e5, bad bishop c1, space",
        "rnbqkbnr/pppp1ppp/8/4p3/4P3/8/PPPP1PPP/RNBQKBNR w KQkq, Ke2, the right to castle,",
        // The bishop that kept the other one from ruling the diagonal.
        "6k1/5pbp/8/8/8/2N5/1B3PPP/6K1 b -, Bxc3, long diagonals 0-1,",
    })
    void what_is_given_up_is_told_with_what_it_gains(
            String fen, String san, String gives, String gains) throws NotationException {
        Position position = Position.fromFen(fen + " - 0 1");
        Move move = San.read(position, san);
        check(Concession.of(position, move), gives, gains);
        Position flipped = Boards.flipped(position);
        check(Concession.of(flipped, San.read(flipped, turned(san))), turned(gives), turned(gains));
    }

    private static void check(Optional<Concession> found, String gives, String gains) {
        assertThat(found).isPresent();
        assertThat(found.get().gives()).contains(gives);
        if (gains == null) {
            assertThat(found.get().gains()).isEmpty();
        } else {
            assertThat(found.get().gains()).contains(gains);
        }
    }

    /** Ranks exchanged; of two squares the lower one still comes first. */
    private static String turned(String text) {
        return text == null
                ? null
                : RANK.matcher(text)
                        .replaceAll(m -> String.valueOf((char) ('1' + '8' - m.group().charAt(0))))
                        .replaceAll("([a-h][1-8]) and ([a-h][1-8])", "$2 and $1");
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource({
        // It is taken back at once, and nothing is damaged.
        "r1bq1rk1/pp3ppp/2nbpn2/2pp4/2PP4/2NBPN2/PP3PPP/R1BQ1RK1 w -, cxd5",
        // The bishop takes back, and both stay.
        "r2q1rk1/ppp2ppp/2nb1n2/3p4/3P4/2N1Bb2/PPP1BPPP/R2Q1RK1 w -, Bxf3",
        // Nobody is left to use what it loosens.
        "6k1/5ppp/8/8/8/8/5PPP/3RR1K1 w -, h3",
        "rnbqkbnr/pppp1ppp/8/4p3/4P3/8/PPPP1PPP/RNBQKBNR w KQkq, Nf3",
        "r3k2r/ppp2ppp/2n5/3p4/3P4/2N5/PPP2PPP/R3K2R w KQkq, O-O",
    })
    void a_move_that_gives_up_nothing_is_none(String fen, String san) throws NotationException {
        Position position = Position.fromFen(fen + " - 0 1");
        assertThat(Concession.of(position, San.read(position, san))).isEmpty();
    }

    @Test
    void a_single_move_is_compared_with_what_it_concedes() throws NotationException {
        Position position =
                Position.fromFen("rnbqkbnr/pp2pppp/3p4/2p5/4P3/5N2/PPPP1PPP/RNBQKB1R b KQkq - 0 1");
        List<Fact> come = Insight.change(position, San.read(position, "e5")).come();
        assertThat(come)
                .filteredOn(f -> f.kind() == FactKind.CONCESSION)
                .singleElement()
                .matches(f -> f.figures().get("gives") == 3 && f.figures().get("gains") == 1);
    }
}

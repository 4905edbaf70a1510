package org.zeroply.coach.tactics;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;

class ThemeFinderTest {

    private static List<Move> line(Position start, String sans) throws NotationException {
        List<Move> line = new ArrayList<>();
        Position p = start;
        for (String san : sans.split(" ")) {
            Move move = San.read(p, san);
            line.add(move);
            p = p.play(move);
        }
        return line;
    }

    /** The position with the colours changed and the board turned over. */
    private static Position flipped(Position position) {
        String[] fen = position.fen().split(" ");
        List<String> ranks = new ArrayList<>(List.of(fen[0].split("/")));
        Collections.reverse(ranks);
        StringBuilder men = new StringBuilder();
        for (char c : String.join("/", ranks).toCharArray()) {
            men.append(Character.isUpperCase(c) ? Character.toLowerCase(c) : upper(c));
        }
        return Position.fromFen(men + (fen[1].equals("w") ? " b" : " w") + " - - 0 1");
    }

    private static char upper(char c) {
        return String.valueOf(c).toUpperCase(Locale.ROOT).charAt(0);
    }

    private static List<Move> flipped(Position start, List<Move> line) {
        List<Move> flipped = new ArrayList<>();
        Position p = start;
        for (Move move : line) {
            Move same =
                    p.legalMoves().stream()
                            .filter(m -> m.from() == (move.from() ^ 56))
                            .filter(m -> m.to() == (move.to() ^ 56))
                            .filter(m -> m.promotion().equals(move.promotion()))
                            .findFirst()
                            .orElseThrow();
            flipped.add(same);
            p = p.play(same);
        }
        return flipped;
    }

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource({
        "BACK_RANK, 6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1, Rd8#",
        "MATE, r1bqkb1r/pppp1ppp/2n2n2/4p2Q/2B1P3/8/PPPP1PPP/RNB1K1NR w - - 0 1, Qxf7#",
        "HANGING_PIECE, 4k3/8/8/3n4/8/8/8/3RK3 w - - 0 1, Rxd5 Ke7",
        "FORK, r3k3/8/8/3N4/8/8/8/4K3 w - - 0 1, Nc7+ Kd7 Nxa8 Kc6",
        "DISCOVERED_ATTACK, 3qk3/8/8/3N4/8/8/8/3RK3 w - - 0 1, Nf6+ Kf7 Rxd8 Kxf6",
        "SKEWER, q7/8/8/3k4/8/8/8/4KB2 w - - 0 1, Bg2+ Kd6 Bxa8 Ke5",
        "PIN, 4k3/8/4n3/8/5P2/8/8/4RK2 w - - 0 1, f5 Kf7 fxe6+ Ke7",
        "GUARD_REMOVED, 4k3/6p1/5n2/3n2B1/8/2N5/8/4K3 w - - 0 1, Bxf6 gxf6 Nxd5 Kd7",
        "TRAPPED_PIECE, 6k1/8/8/8/8/8/bP1N4/2K5 w - - 0 1, b3 Kf7 Kb2 Ke6 Kxa2 Kd6",
        "PROMOTION, 7k/P7/8/8/8/8/6r1/R3K3 w - - 0 1, a8=Q+ Kg7",
        "PAWN_ENDING, 8/8/8/4k3/8/4K3/4P3/8 w - - 0 1, Kd3 Kd5"
    })
    void a_theme_is_told_in_the_line_that_carries_it_out(Theme theme, String fen, String sans)
            throws NotationException {
        Position start = Position.fromFen(fen);
        List<Move> line = line(start, sans);
        assertThat(ThemeFinder.main(start, line)).contains(theme);
        Position flipped = flipped(start);
        assertThat(ThemeFinder.of(flipped, flipped(flipped, line)))
                .isEqualTo(ThemeFinder.of(start, line));
    }

    @ParameterizedTest(name = "{2}: {1}")
    @CsvSource({
        "4k3/8/8/3p4/8/8/8/3RK3 w - - 0 1, Rxd5 Ke7, wins a pawn only",
        "4k3/8/4p3/3n4/8/8/8/3RK3 w - - 0 1, Rxd5 exd5, the piece was guarded",
        "r3k3/8/8/3N4/8/8/8/4K3 w - - 0 1, Nf6+ Ke7 Ng8+ Kf7, a check that forks nothing",
        "r3k3/8/8/3N4/8/8/8/4K3 w - - 0 1, Nc7+ Kd7, the line ends before anything is won"
    })
    void what_the_line_does_not_carry_out_is_not_told(String fen, String sans, String why)
            throws NotationException {
        Position start = Position.fromFen(fen);
        assertThat(ThemeFinder.of(start, line(start, sans))).as(why).isEmpty();
    }

    @Test
    void the_gain_of_a_line_is_counted_after_the_last_reply() throws NotationException {
        Position start = Position.fromFen("4k3/8/4p3/3n4/8/8/8/3RK3 w - - 0 1");
        assertThat(LineGain.hundredths(start, line(start, "Rxd5 exd5"))).isEqualTo(-200);
        assertThat(LineGain.hundredths(start, line(start, "Rxd5"))).isEqualTo(300);
        assertThat(LineGain.hundredths(start, line(start, "Ke2 Ke7 Rxd5"))).isZero();
        assertThat(LineGain.hundredths(start, List.of())).isZero();
    }
}

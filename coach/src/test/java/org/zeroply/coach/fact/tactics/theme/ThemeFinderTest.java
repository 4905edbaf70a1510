package org.zeroply.coach.fact.tactics.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.coach.TestGames.line;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.coach.fact.tactics.LineGain;

class ThemeFinderTest {

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

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "SMOTHERED_MATE, 6rk/6pp/8/6N1/8/8/8/6K1 w - - 0 1, Nf7#",
        "EPAULETTE_MATE, 3rkr2/8/Q7/8/8/8/8/4K3 w - - 0 1, Qe6#",
        "DOVETAIL_MATE, 8/5p2/5kp1/8/3P4/8/4Q3/6K1 w - - 0 1, Qe5#",
        "SWALLOWTAIL_MATE, 8/3p1p2/4k3/Q7/3P4/8/8/6K1 w - - 0 1, Qe5#",
        "ARABIAN_MATE, 7k/R7/5N2/8/8/8/8/6K1 w - - 0 1, Rh7#",
        "ANASTASIA_MATE, 8/4N1pk/8/8/R7/8/8/6K1 w - - 0 1, Rh4#",
        "CROSSED_BISHOPS_MATE, 2kr4/3p4/2p5/8/5B2/8/4B3/6K1 w - - 0 1, Ba6#",
        "LADDER_MATE, 4k3/1R6/8/8/8/8/8/R5K1 w - - 0 1, Ra8#",
        "MATE, 7k/6pp/7N/6N1/8/8/8/6K1 w - - 0 1, Ngf7#",
        "MATE, 4kr2/8/3QK3/8/8/8/8/8 w - - 0 1, Qd7#"
    })
    void a_mate_is_named_by_the_men_that_hold_the_king(Theme name, String fen, String sans)
            throws NotationException {
        Position start = Position.fromFen(fen);
        List<Move> line = line(start, sans);
        assertThat(ThemeFinder.of(start, line)).contains(name);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "SMOTHERED_MATE DEFLECTION, 5r1k/6pp/7N/8/2Q5/8/8/6K1 w - - 0 1, Qg8+ Rxg8 Nf7#",
        "DECOY FORK, 6k1/8/3q4/6N1/8/8/8/K6R w - - 0 1, Rh8+ Kxh8 Nf7+ Kg7 Nxd6 Kf6",
        "DEFLECTION, 6k1/6p1/7q/3N4/8/8/3Q4/1K6 w - - 0 1, Nf6+ gxf6 Qxh6 f5",
        "OVERLOAD, 1n1r4/7k/8/3n4/5B2/8/8/3R2K1 w - - 0 1, Bxb8 Rxb8 Rxd5 Rb1+",
        "INTERFERENCE, 4k3/8/r6n/4P3/2N5/8/8/6KR w - - 0 1, Nd6+ Kd7 Rxh6 Ke7",
        "MATE CLEARANCE, 5rk1/5pp1/8/8/4N3/8/2Q5/1B4K1 w - - 0 1, Nf6+ gxf6 Qh7#",
        "DESPERADO, 6k1/8/1p2p3/R2n4/7r/6B1/8/6K1 w - - 0 1, Rxd5 exd5 Bxh4 d4",
        "HANGING_PIECE IN_BETWEEN_MOVE, 4r1k1/6p1/8/8/4n3/2NB4/8/3R2K1 w - - 0 1,"
                + " Bxe4 Rxe4 Rd8+ Kh7 Nxe4 Kg6",
        "HANGING_PIECE WINDMILL FORK, 7k/1b1n2Rp/8/8/8/8/8/B5K1 w - - 0 1,"
                + " Rxd7+ Kg8 Rg7+ Kh8 Rxb7+ Kg8",
        "DOUBLE_CHECK FORK DISCOVERED_ATTACK, 4k1q1/8/8/8/4N3/8/8/K3R3 w - - 0 1,"
                + " Nf6+ Kf7 Nxg8 Kxg8",
        "COUNTER_PIN, 1k6/8/8/4r3/8/4N3/5B2/4K3 w - - 0 1, Bg3 Kb7 Bxe5 Kc6",
        "BACK_RANK X_RAY, 6k1/5ppp/8/Q2r4/8/8/5PPP/3R2K1 w - - 0 1, Qd8+ Rxd8 Rxd8#"
    })
    void what_a_line_turns_on_is_told_in_the_order_of_its_moves(
            String themes, String fen, String sans) throws NotationException {
        Position start = Position.fromFen(fen);
        List<Move> line = line(start, sans);
        List<Theme> told = ThemeFinder.of(start, line);
        assertThat(told).map(Theme::name).containsExactly(themes.split(" "));
        Position flipped = flipped(start);
        assertThat(ThemeFinder.of(flipped, flipped(flipped, line))).isEqualTo(told);
    }

    @ParameterizedTest(name = "no {0}: {3}")
    @CsvSource({
        "DECOY, 6k1/6p1/7q/3N4/8/8/3Q4/1K6 w - - 0 1, Nf6+ gxf6 Qxh6 f5, who took is not hit",
        "DEFLECTION, 6k1/6p1/7q/3N4/8/8/3Q4/1K6 w - - 0 1, Nf6+ Kf7 Qxh6 gxh6, it stayed",
        "OVERLOAD, 6k1/6p1/7q/3N4/8/8/3Q4/1K6 w - - 0 1, Nf6+ gxf6 Qxh6 f5, one duty only",
        "INTERFERENCE, 4k3/8/r6n/8/2N5/8/8/6KR w - - 0 1, Nd6+ Rxd6 Rxh6 Rxh6, it takes",
        "DESPERADO, 6k1/8/4p3/R2n4/7r/6B1/8/6K1 w - - 0 1, Rxd5 exd5 Bxh4 d4, it was not lost",
        "IN_BETWEEN_MOVE, 4r1k1/6p1/8/8/4n3/2NB4/8/3R2K1 w - - 0 1, Bxe4 Rxe4 Nxe4 Kh7, at once",
        "WINDMILL, 7k/1b1n2Rp/8/8/8/8/8/B5K1 w - - 0 1, Rxd7+ Kg8 Rxb7 Kf8, one check only",
        "X_RAY, 3r2k1/5ppp/8/3Q4/8/8/5PPP/3R2K1 w - - 0 1, Qxd8#, nobody takes back",
        "COUNTER_PIN, 1k6/8/8/4r3/8/8/5B2/4K1N1 w - - 0 1, Kd1 Kb7 Bg3 Kc6 Bxe5, nothing was pinned"
    })
    void what_only_looks_like_a_theme_is_not_told(Theme theme, String fen, String sans, String why)
            throws NotationException {
        Position start = Position.fromFen(fen);
        assertThat(ThemeFinder.of(start, line(start, sans))).as(why).doesNotContain(theme);
    }

    /** Any line at all, captures first so that many of them win something. */
    @Property(tries = 300)
    void every_line_can_be_asked_and_the_colours_do_not_matter(@ForAll long seed) {
        Random random = new Random(seed);
        Position start = Position.START;
        for (int i = random.nextInt(40); i > 0 && !start.legalMoves().isEmpty(); i--) {
            start = start.play(pick(start, random));
        }
        List<Move> line = new ArrayList<>();
        Position p = start;
        for (int i = 1 + random.nextInt(12); i > 0 && !p.legalMoves().isEmpty(); i--) {
            line.add(pick(p, random));
            p = p.play(line.get(line.size() - 1));
        }
        List<Theme> told = ThemeFinder.of(start, line);
        assertThat(told).doesNotHaveDuplicates();
        if (start.castling() == 0 && start.enPassantSquare() < 0) {
            Position flipped = flipped(start);
            assertThat(ThemeFinder.of(flipped, flipped(flipped, line))).isEqualTo(told);
        }
    }

    private static Move pick(Position position, Random random) {
        List<Move> moves = position.legalMoves();
        List<Move> captures = moves.stream().filter(Move::isCapture).toList();
        List<Move> from = captures.isEmpty() || random.nextInt(3) == 0 ? moves : captures;
        return from.get(random.nextInt(from.size()));
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

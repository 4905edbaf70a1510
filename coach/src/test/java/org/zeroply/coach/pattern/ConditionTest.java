package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.TestGames;

class ConditionTest {

    private static MoveTree game(String pgn) {
        return TestGames.game(pgn);
    }

    private static Condition condition(String text) {
        return ConditionReader.together(ConditionReader.all(text));
    }

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource({
        "white man on e4, 7k/8/8/8/4R3/8/8/4K3 w - -, true",
        "black man on e4, 7k/8/8/8/4R3/8/8/4K3 w - -, false",
        "e5 empty, 7k/8/8/8/4R3/8/8/4K3 w - -, true",
        "e4 empty, 7k/8/8/8/4R3/8/8/4K3 w - -, false",
        // Through the own rook the other one bears on the square as well.
        "e7 attacked by white, 7k/8/8/8/4R3/8/8/K3R3 w - -, true",
        "e7 covered by white 2 times, 7k/8/8/8/4R3/8/8/K3R3 w - -, true",
        "e7 covered by white 2 times, 7k/8/8/8/4N3/8/8/K3R3 w - -, false",
        "white outnumbers black on e7, 7k/8/8/8/4R3/8/8/K3R3 w - -, true",
        "white outnumbers black on e7, 3q1b1k/8/8/8/4R3/8/8/K3R3 w - -, false",
        "white knights on e4 and g4, 7k/8/8/8/4N1N1/8/8/4K3 w - -, true",
        "white knights on e4 and g4, 7k/8/8/8/4N1n1/8/8/4K3 w - -, false",
        "no white knights on e4 and g4, 7k/8/8/8/4N1n1/8/8/4K3 w - -, false",
        "no white knights on e4 and f4, 7k/8/8/8/6N1/8/8/4K3 w - -, true",
        "no pawns on the e-file, 7k/8/8/8/4P3/8/8/4K3 w - -, false",
        "white queen and rook on the e-file, 7k/4q3/8/8/4R3/8/8/4K3 w - -, false",
        "white queen and rook on the e-file, 7k/4Q3/8/8/4R3/8/8/4K3 w - -, true",
        "rook vs knight and bishop, 1n2kb2/8/8/8/8/8/8/R3K3 w - -, true",
        "rook vs knight and bishop, 1n2k3/8/8/8/8/8/8/R3KB2 w - -, false",
        "black knight pinned on f6, 4k3/8/5n2/8/7B/8/8/4K3 w - -, false",
        "black knight pinned on f6, 3qk3/8/5n2/8/7B/8/8/4K3 w - -, true",
        "black bishop pinned on f6, 3qk3/8/5n2/8/7B/8/8/4K3 w - -, false",
        "white castled kingside, 4k3/8/8/8/8/8/8/5RK1 w - -, true",
        "white castled queenside, 4k3/8/8/8/8/8/8/5RK1 w - -, false",
        "white may castle kingside, 4k3/8/8/8/8/8/8/4K2R w K -, true",
        "white may castle queenside, 4k3/8/8/8/8/8/8/4K2R w K -, false",
        "black may castle, 4k3/8/8/8/8/8/8/4K2R w K -, false",
        "queens face each other, 3qk3/8/8/8/8/8/8/3QK3 w - -, true",
        "queens face each other on the e-file, 3qk3/8/8/8/8/8/8/3QK3 w - -, false",
        "queens face each other, 3qk3/8/8/3p4/8/8/8/3QK3 w - -, false",
        "queens face each other, 4k3/8/8/q7/3Q4/8/8/4K3 w - -, false",
        "at least 2 white pieces undeveloped, 4k3/8/8/8/8/2N5/8/2B1KB2 w - -, true",
        "at least 3 white pieces undeveloped, 4k3/8/8/8/8/2N5/8/2B1KB2 w - -, false",
        "white knight can reach d5 in 2 moves, 4k3/8/8/8/8/8/8/2N1K3 w - -, false",
        "white knight can reach d5 in 3 moves, 4k3/8/8/8/8/8/8/2N1K3 w - -, true",
        "white knight can reach d5 in 1 move, 4k3/8/8/8/8/2N5/8/4K3 w - -, true",
        "white knight can reach d5 in 1 move, 4k3/8/2p5/8/8/2N5/8/4K3 w - -, false",
        "white passed pawn on d5, 4k3/8/8/3P4/8/8/8/4K3 w - -, true",
        "white passed pawn on d5, 4k3/2p5/8/3P4/8/8/8/4K3 w - -, false",
        "white pawns on c4 d5 e4, 4k3/8/8/3P4/2P1P3/8/8/4K3 w - -, true",
        "white pawns on c4 d5 e4, 4k3/8/8/3P4/2P5/8/8/4K3 w - -, false",
        "d-file open, 4k3/8/8/4p3/4P3/8/8/4K3 w - -, true",
        "e-file open, 4k3/8/8/4p3/4P3/8/8/4K3 w - -, false",
        "d-file half-open for white, 4k3/3p4/8/8/8/8/8/4K3 w - -, true",
        "d-file half-open for black, 4k3/3p4/8/8/8/8/8/4K3 w - -, false",
        "centre open, 4k3/pp3ppp/8/8/8/8/PP3PPP/4K3 w - -, true",
        "centre open, 4k3/pp1pp3/8/8/8/8/PP3PPP/4K3 w - -, false",
        "centre closed, 4k3/8/3p4/3Pp3/4P3/8/8/4K3 w - -, true",
        "centre closed, 4k3/8/3p4/4p3/3PP3/8/8/4K3 w - -, false",
        "centre closed, 4k3/8/4p3/3pP3/3P4/8/8/4K3 w - -, true",
        "black can play Nf4, 4k3/8/8/3n4/8/8/8/4K3 w - -, true",
        "black can play Nf5, 4k3/8/8/3n4/8/8/8/4K3 w - -, false",
        "black threatens Nxc3, 4k3/8/8/3n4/8/2P5/8/4K3 w - -, true",
        "black threatens Nxc3, 4k3/8/8/3n4/8/1PP5/3K4/8 w - -, false",
        "black threatens Qg2#, 6k1/8/8/8/8/5p1q/8/6K1 w - -, true",
        "black threatens Nf4, 4k3/8/8/3n4/8/8/8/4K3 w - -, false",
        "from move 1, 4k3/8/8/8/8/8/8/4K3 w - -, true",
        "before move 1, 4k3/8/8/8/8/8/8/4K3 w - -, false",
        "from move 12, 4k3/8/8/8/8/8/8/4K3 w - -, false",
        "black to move, 4k3/8/8/8/8/8/8/4K3 w - -, false",
        "white just played Ke1, 4k3/8/8/8/8/8/8/4K3 b - -, false"
    })
    void a_condition_is_so_or_is_not(String text, String fen, boolean holds) {
        Condition condition = condition(text);
        Situation situation = Situation.of(Position.fromFen(fen + " 0 1"));
        assertThat(condition.holds(situation)).isEqualTo(holds);
        assertThat(condition(condition.text())).isEqualTo(condition);
        assertThat(condition("NOT " + text).holds(situation)).isEqualTo(!holds);
    }

    @ParameterizedTest(name = "{0} after {1} plies")
    @CsvSource({
        "black just played d5, 2, true",
        "black just played e5, 2, false",
        "black just played d5, 3, false",
        "white just took on d5, 5, true",
        "white just took a pawn on d5, 5, true",
        "white just took a knight on d5, 5, false",
        "black just took on d5, 5, false",
        "black just took on d5, 6, true",
        "black just took on d5, 7, false",
        "from move 4, 6, true",
        "before move 4, 6, false",
        "before move 4, 5, true"
    })
    void what_was_just_played_is_known_in_a_game(String text, int plies, boolean holds) {
        MoveTree game = game("1. e4 d5 2. d3 Nf6 3. exd5 Qxd5 4. Nc3 *");
        Situation situation = Situation.after(game.mainLine().get(plies - 1));
        assertThat(condition(text).holds(situation)).isEqualTo(holds);
    }

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white rook on g5, black king on g8, no white pawn on g | 6k1/6p1/8/6R1/8/8/5P2/4K3 w - - | true
                    white rook on g5, black king on g8, no white pawn on g | 6k1/6p1/8/6R1/8/8/6P1/4K3 w - - | false
                    white knight on e5 or d5 | 4k3/8/8/3N4/8/8/8/4K3 w - - | true
                    white knight on e5 or c5 | 4k3/8/8/3N4/8/8/8/4K3 w - - | false
                    white knight or bishop on e5 | 4k3/8/8/4B3/8/8/8/4K3 w - - | true
                    white knight or bishop on e5 | 4k3/8/8/4R3/8/8/8/4K3 b - - | false
                    knight on a1 OR queen on d4 | 4k3/8/8/8/3Q4/8/8/4K3 w - - | true
                    white has no queen OR knight on a1 | 4k3/8/8/8/3Q4/8/8/N3K3 w - - | true
                    white knight on e5 or black rook on a8 | r3k3/8/8/8/8/8/8/4K3 w - - | true
                    piece on the centre | 4k3/8/8/3n4/8/8/8/4K3 w - - | true
                    piece on the centre | 4k3/8/8/3p4/8/8/8/4K3 w - - | false
                    two white rooks on the 7th rank | 4k3/R5R1/8/8/8/8/8/4K3 w - - | true
                    two white rooks on the 7th rank | 4k3/R7/6R1/8/8/8/8/4K3 w - - | false
                    two black rooks on its 7th rank | 4k3/8/8/8/8/8/r5r1/4K3 w - - | true
                    white pawns on the c-file | 4k3/8/8/8/2P5/2P5/8/4K3 w - - | true
                    white pawns on the c-file | 4k3/8/8/8/2P5/8/8/4K3 w - - | false
                    black bishop on a dark square | 4kb2/8/8/8/8/8/8/4K3 w - - | true
                    black bishop on a light square | 4kb2/8/8/8/8/8/8/4K3 w - - | false
                    no queens | 4k3/8/8/8/8/8/8/4KR2 w - - | true
                    no queens | 4k3/8/8/8/8/8/8/4KQ2 w - - | false
                    f1 g1 empty | 4k3/8/8/8/8/8/8/4K2R w K - | true
                    f1 g1 empty | 4k3/8/8/8/8/8/8/4KB1R w K - | false
                    castled on opposite wings | 2kr4/8/8/8/8/8/8/5RK1 w - - | true
                    castled on opposite wings | 5rk1/8/8/8/8/8/8/5RK1 w - - | false
                    black king in the centre | 8/3k4/8/8/8/8/8/6K1 w - - | true
                    black king in the centre | 8/8/3k4/8/8/8/8/6K1 w - - | false
                    black in check | 4k3/8/8/8/8/8/8/4R1K1 b - - | true
                    white in check | 4k3/8/8/8/8/8/8/4R1K1 b - - | false
                    white has at least 2 rooks | 4k3/8/8/8/8/8/8/R3K2R w - - | true
                    white has exactly 1 rook | 4k3/8/8/8/8/8/8/R3K2R w - - | false
                    white has at most 1 piece | 4k3/8/8/8/8/8/8/R3K2R w - - | false
                    black has no queen | 3qk3/8/8/8/8/8/8/4K3 w - - | false
                    at most 4 men | 3qk3/8/8/8/8/8/8/4K3 w - - | true
                    at most 2 men | 3qk3/8/8/8/8/8/8/4K3 w - - | false
                    material KRP against KR | 4k2r/8/8/8/8/4P3/8/4K2R w - - | true
                    material RP against R | 4k2r/8/8/8/8/4P3/8/4K2R w - - | true
                    material KR against KRP | 4k2r/8/8/8/8/4P3/8/4K2R w - - | false
                    material KRP against KR | 4k2r/8/8/8/8/4PP2/8/4K2R w - - | false
                    white ahead by at least 2 points | 4k2n/8/8/8/8/8/8/4K2R w - - | true
                    white ahead by at least 3 points | 4k2n/8/8/8/8/8/8/4K2R w - - | false
                    material level | 4k2n/8/8/8/8/8/8/4K2B w - - | true
                    material level | 4k2n/8/8/8/8/8/8/4K2R w - - | false
                    white is the exchange up | 4k2n/8/8/8/8/8/8/4K2R w - - | true
                    white is the exchange up | 4k2n/7p/8/8/8/8/8/4K2R w - - | false
                    black is the exchange up | 4k2n/8/8/8/8/8/8/4K2R w - - | false
                    white is a pawn up | 4k2n/7p/8/8/8/8/6PP/4K2B w - - | true
                    white is two pawns up | 4k2n/7p/8/8/8/8/6PP/4K2B w - - | false
                    white is a piece up | 4k2n/7p/8/8/8/8/7P/2N1K2B w - - | true
                    white has a rook against two minor pieces | 4k1bn/8/8/8/8/8/PPP5/4K2R w - - | true
                    white has a rook against two minor pieces | 4k2n/8/8/8/8/8/PPP5/4K2R w - - | false
                    a rook against two minor pieces | 4k2r/8/8/8/8/8/8/2B1K1N1 w - - | true
                    three minor pieces against the queen | 2nqk3/8/8/8/8/8/8/1NB1KBN1 w - - | true
                    the queen against two rooks | r2qk2r/8/8/8/8/8/8/3QKQ2 w - - | true
                    a piece against three pawns | 4k2n/ppp4p/8/8/8/8/7P/2N1K2B w - - | true
                    a piece against three pawns | 4k2n/pp5p/8/8/8/8/7P/2N1K2B w - - | false
                    white has a bishop against a knight | 4k1n1/8/8/8/8/8/8/4KB2 w - - | true
                    white has a bishop against a knight | 4kb2/8/8/8/8/8/8/4K1N1 w - - | false
                    white has the bishop pair | 4kb1n/8/8/8/8/8/8/2B1KB2 w - - | true
                    white has the bishop pair | 2b1kb2/8/8/8/8/8/8/2B1KB2 w - - | false
                    opposite-coloured bishops | 4kb2/8/8/8/8/8/8/4KB2 w - - | true
                    opposite-coloured bishops | 2b1k3/8/8/8/8/8/8/4KB2 w - - | false
                    pawn ending | 4k3/p7/8/8/8/8/8/4K3 w - - | true
                    pawn ending | 4k2n/p7/8/8/8/8/8/4K3 w - - | false
                    rook ending | r3k3/p7/8/8/8/8/8/R3K3 w - - | true
                    rook ending | 4k3/p7/8/8/8/8/8/R3K3 w - - | false
                    minor-piece ending | 4k1n1/p7/8/8/8/8/8/2B1K3 w - - | true
                    minor-piece ending | 4k1r1/p7/8/8/8/8/8/2B1K3 w - - | false
                    white doubled pawn on the c-file | 4k3/8/8/8/2P5/2P5/8/4K3 w - - | true
                    white doubled pawn on the d-file | 4k3/8/8/8/2P5/2P5/8/4K3 w - - | false
                    white passed pawn on its 6th rank | 4k3/8/3P4/8/8/8/8/4K3 w - - | true
                    black passed pawn on its 6th rank | 4k3/8/8/8/8/3p4/8/4K3 w - - | true
                    white passed pawn | 4k3/2p5/8/3P4/8/8/8/4K3 w - - | false
                    white isolated queen's pawn | 4k3/pp3ppp/8/8/3P4/8/PP3PPP/4K3 w - - | true
                    white isolated queen's pawn | 4k3/pp1p1ppp/8/8/3P4/8/PP3PPP/4K3 w - - | false
                    white isolated queen's pawn | 4k3/pp3ppp/8/8/3P4/2P5/P4PPP/4K3 w - - | false
                    black isolated queen's pawn | 4k3/pp3ppp/8/3p4/8/8/PP3PPP/4K3 w - - | true
                    white isolated queen's pawn | 4k3/pp3ppp/4p3/3P4/8/8/PP3PPP/4K3 w - - | true
                    white isolated queen's pawn | 4k3/pp3ppp/8/8/8/3P4/PP3PPP/4K3 w - - | false
                    white isolated queen's pawn | 4k3/pp3ppp/3P4/8/8/8/PP3PPP/4K3 w - - | false
                    black isolated queen's pawn | 4k3/pp3ppp/8/8/3p4/4P3/PP3PPP/4K3 w - - | true
                    black isolated queen's pawn | 4k3/pp3ppp/3p4/8/8/8/PP3PPP/4K3 w - - | false
                    white hanging pawns | 4k3/pp3ppp/8/8/2PP4/8/P4PPP/4K3 w - - | true
                    white hanging pawns | 4k3/pp3ppp/8/8/2PP4/8/PP3PPP/4K3 w - - | false
                    white minority attack | 4k3/pp3ppp/2p5/3p4/1P1P4/4P3/P4PPP/4K3 w - - | true
                    white minority attack | 4k3/pp3ppp/2p5/3p4/3P4/4P3/PP3PPP/4K3 w - - | false
                    black majority on the queenside | 4k3/pp3ppp/2p5/3p4/1P1P4/4P3/P4PPP/4K3 w - - | true
                    white majority on the queenside | 4k3/pp3ppp/2p5/3p4/1P1P4/4P3/P4PPP/4K3 w - - | false
                    locked chains | 4k3/8/4p3/3pP3/3P4/8/8/4K3 w - - | true
                    locked chains | 4k3/8/4p3/3p4/3PP3/8/8/4K3 w - - | false
                    open file at the black king | 6k1/5p1p/8/8/8/8/5P1P/6K1 w - - | true
                    open file at the black king | 6k1/5p1p/8/8/8/8/5PPP/6K1 w - - | false
                    half-open file at the black king | 6k1/5p1p/8/8/8/8/5PPP/6K1 w - - | true
                    white minority attack on the kingside | 4k3/5ppp/8/8/6P1/8/7P/4K3 w - - | true
                    white minority attack on the kingside | 4k3/5ppp/8/8/8/8/6PP/4K3 w - - | false
                    move Nc3 possible | 4k3/8/8/8/8/8/8/1N2K3 w - - | true
                    move Nd3 possible | 4k3/8/8/8/8/8/8/1N2K3 w - - | false
                    c3 attacked by white | 4k3/8/8/8/8/8/8/1N2K3 w - - | true
                    d3 attacked by white | 4k3/8/8/8/8/8/8/1N2K3 w - - | false
                    c3 attacked by black | 4k3/8/8/8/8/8/8/1N2K3 w - - | false
                    white castled kingside | 3k4/8/8/8/8/8/8/4RK2 w - - | false
                    white castled queenside | 4k3/8/8/8/8/8/8/2KR4 w - - | true
                    white castled queenside | 4k3/8/8/8/8/8/8/3K4 w - - | false
                    white castled kingside | 4k3/8/8/8/8/8/6K1/8 w - - | false
                    open file at the black king | 4k3/p2ppp2/8/8/8/8/3PPP2/4K3 w - - | false
                    white has at least 2 pieces | 4k3/8/8/8/8/8/8/1NB1K3 w - - | true
                    at least 3 men | 4k3/8/8/8/8/8/8/4K3 w - - | false
                    white outpost for good on e5 | 4k3/pp4pp/8/4N3/3P4/8/PP4PP/4K3 w - - | true
                    white outpost for good on e5 | 2b1k1n1/pp4pp/8/4N3/3P4/8/PP4PP/4K3 w - - | false
                    white outpost on d5 | 4k3/pp4pp/8/4N3/3P4/8/PP4PP/4K3 w - - | false
                    black bad-bishop | 4kb2/8/3p4/2pPp3/2P1P3/8/8/4K3 w - - | true
                    black pin on f6 | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | false
                    white pin on f6 | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | true
                    """)
    void what_coaches_ask_for_is_seen(String text, String fen, boolean holds) {
        Situation situation = Situation.of(Position.fromFen(fen.strip() + " 0 1"));
        Condition asked = condition(text.strip());
        assertThat(asked.holds(situation)).isEqualTo(holds);
        assertThat(asked.cheapestFirst().holds(situation)).isEqualTo(holds);
        assertThat(condition(asked.text())).isEqualTo(asked);
    }

    @ParameterizedTest(name = "{0}: from ply {1} on only, {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white just moved a knight to f3 | 3 | 1. e4 e5 2. Nf3 Nc6
                    white just moved a rook to the 7th rank | 1 | [4k3/8/8/8/8/8/8/R3K3 w - - 0 1] 1. Ra7 Kf8
                    black just promoted | 2 | [4k3/8/8/8/8/8/1p6/4K3 w - - 0 1] 1. Kd2 b1=Q 2. Ke3
                    black just promoted to a knight | 0 | [4k3/8/8/8/8/8/1p6/4K3 w - - 0 1] 1. Kd2 b1=Q 2. Ke3
                    white just castled kingside | 7 | 1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. O-O Nf6
                    white just castled queenside | 0 | 1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. O-O Nf6
                    white knight travelled b1-c3-d5 | 5 | 1. e4 e5 2. Nc3 Nc6 3. Nd5 Nf6
                    white knight travelled b1-c3-d5 | 7 | 1. e4 e5 2. Nc3 Nc6 3. a3 a6 4. Nd5
                    white knight travelled b1-d2-f1 | 0 | 1. e4 e5 2. Nc3 Nc6 3. Nd5 Nf6
                    white lifted a rook | 5 | 1. a4 e5 2. Ra3 a5 3. Rg3 d6 4. Rg4
                    rook lift to g3 | 5 | 1. a4 e5 2. Ra3 a5 3. Rg3 d6 4. Rg4
                    white lifted a rook to the third | 5 | 1. a4 e5 2. Ra3 a5 3. Rg3 d6 4. Rg4
                    rook lift to g4 | 0 | 1. a4 e5 2. Ra3 a5 3. Rg3 d6 4. Rg4
                    black lifted a rook to g3 | 0 | 1. a4 e5 2. Ra3 a5 3. Rg3 d6 4. Rg4
                    white lifted a rook | 0 | 1. a4 e5 2. Ra3 d5 3. Ra2 d4
                    black played a break on d5 | 2 | 1. e4 d5 2. exd5 Qxd5
                    black played a break on d5 | 0 | 1. d4 d5 2. c4 e6
                    white played the break c4 | 3 | 1. d4 d5 2. c4 e6
                    white lifted a rook | 0 | [4k3/8/8/8/8/R7/8/4K3 w - - 0 1] 1. Rg3 Kd8 2. Rg4
                    white lifted a rook | 3 | [4k3/8/8/8/8/8/R7/4K3 w - - 0 1] 1. Ra6 Kd8 2. Rg6
                    white lifted a rook | 0 | [4k3/8/8/8/8/8/R7/4K3 w - - 0 1] 1. Ra7 Kd8 2. Rg7
                    white lifted a rook | 9 | [4k3/8/8/8/8/8/R7/4K3 w - - 0 1] 1. Ra3 Kd8 2. Kd1 Ke8 3. Ke1 Kd8 4. Kd1 Ke8 5. Rg3
                    white lifted a rook | 0 | [4k3/8/8/8/8/8/R7/4K3 w - - 0 1] 1. Ra3 Kd8 2. Kd1 Ke8 3. Ke1 Kd8 4. Kd1 Ke8 5. Ke1 Kd8 6. Rg3
                    white knight travelled b1-c3-d5 | 0 | 1. e4 e5 2. Na3 Nc6 3. Nb5 Nf6 4. Nc3 a6 5. Nd5
                    white just played Nf3 | 3 | 1. e4 e5 2. Nf3 Nc6
                    white just played O-O | 7 | 1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. O-O Nf6
                    black just took a pawn on d3 | 2 | [4k3/8/8/8/4p3/8/3P4/4K3 w - - 0 1] 1. d4 exd3 2. Kd2
                    black just took a pawn on e4 | 2 | [4k3/8/8/3p4/4P3/8/8/4K3 w - - 0 1] 1. Kd1 dxe4 2. Ke1
                    smothered mate by white | 1 | [6rk/6pp/7N/8/8/8/8/6K1 w - - 0 1] 1. Nf7#
                    mate by white | 1 | [6rk/6pp/7N/8/8/8/8/6K1 w - - 0 1] 1. Nf7#
                    back-rank mate by white | 0 | [6rk/6pp/7N/8/8/8/8/6K1 w - - 0 1] 1. Nf7#
                    back-rank mate by white | 1 | [6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1] 1. Ra8#
                    white sacrificed a piece | 1 | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7 2. Kf2 Kg8 3. Ke3 Kf8
                    white sacrificed a piece, not taken back within 2 plies | 1 | [6k1/5ppp/8/8/8/3B4/8/3QK3 w - - 0 1] 1. Bxh7+ Kxh7 2. Qd3+ f5 3. Qxf5+ g6 4. Qd7+
                    white sacrificed a pawn | 1 | [4k3/8/4p3/8/3P4/8/8/4K3 w - - 0 1] 1. d5 exd5 2. Kd2 Ke7 3. Kd3 Ke6 4. Kd2
                    white sacrificed material | 1 | [4k3/8/4p3/8/3P4/8/8/4K3 w - - 0 1] 1. d5 exd5 2. Kd2 Ke7 3. Kd3 Ke6 4. Kd2
                    white sacrificed a rook | 0 | [6k1/2p2ppp/3n4/8/8/8/3R1PPP/6K1 w - - 0 1] 1. Rxd6 cxd6 2. Kf1 Kf8 3. Ke2 Ke7
                    white sacrificed a queen | 0 | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7 2. Kf2 Kg8 3. Ke3 Kf8
                    white sacrificed a queen | 1 | [r6k/6pp/7N/8/2Q5/8/8/6K1 w - - 0 1] 1. Qg8+ Rxg8 2. Nf7#
                    white sacrificed the exchange | 1 | [6k1/2p2ppp/3n4/8/8/8/3R1PPP/6K1 w - - 0 1] 1. Rxd6 cxd6 2. Kf1 Kf8 3. Ke2 Ke7
                    white sacrificed a piece | 0 | [6k1/2p2ppp/3n4/5B2/8/8/5PPP/6K1 w - - 0 1] 1. Kf1 Nxf5 2. Ke2 Kf8
                    white sacrificed a piece | 0 | [6k1/5ppp/8/5n2/8/3B4/8/6K1 w - - 0 1] 1. Bxf5 g6 2. Bxg6 hxg6 3. Kf2
                    """)
    void what_was_carried_out_is_seen_in_a_game(String text, int ply, String game) {
        String fen = game.startsWith("[") ? game.substring(1, game.indexOf(']')) : "";
        String tags = fen.isEmpty() ? "" : "[SetUp \"1\"]\n[FEN \"" + fen + "\"]\n\n";
        GameLine line = TestLine.of(tags + game.substring(game.indexOf(']') + 1) + " *");
        Query query = QueryReader.read(text + "; every position");
        int[] plies = new QueryMatcher(query).in(line).stream().mapToInt(QueryMatch::ply).toArray();
        assertThat(plies).isEqualTo(ply == 0 ? new int[0] : new int[] {ply});
        assertThat(QueryReader.read(query.text())).isEqualTo(query);
    }

    @Test
    void every_phrase_has_an_example_that_reads_as_itself() {
        assertThat(ConditionReader.examples())
                .hasSizeGreaterThan(20)
                .doesNotHaveDuplicates()
                .allSatisfy(e -> assertThat(condition(e).text()).isEqualTo(e));
    }

    @Property(tries = 200)
    void what_was_read_is_written_and_read_back_the_same(@ForAll("conditions") Condition any) {
        assertThat(condition(condition(any.text()).text())).isEqualTo(condition(any.text()));
        Situation start = Situation.of(Position.START);
        assertThat(condition(any.text()).holds(start)).isEqualTo(any.holds(start));
    }

    @Provide
    Arbitrary<Condition> conditions() {
        return conditions(3);
    }

    private static Arbitrary<Condition> conditions(int depth) {
        Arbitrary<Condition> plain =
                Arbitraries.of(ConditionReader.examples()).map(ConditionTest::condition);
        if (depth == 0) {
            return plain;
        }
        Arbitrary<Condition> inner = conditions(depth - 1);
        Arbitrary<List<Condition>> two = inner.list().ofSize(2);
        return Arbitraries.oneOf(
                plain,
                inner.map(Condition.Not::new),
                two.map(Condition.All::new),
                two.map(Condition.Any::new));
    }
}

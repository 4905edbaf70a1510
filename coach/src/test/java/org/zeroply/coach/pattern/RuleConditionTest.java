package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RuleConditionTest {

    @ParameterizedTest(name = "{0}: {1} of {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white just gave a check | 1 3 | [4k3/8/8/8/4N3/8/8/K3R3 w - - 0 1] 1. Nf6+ Kf7 2. Re7+
                    double check | 1 | [4k3/8/8/8/4N3/8/8/K3R3 w - - 0 1] 1. Nf6+ Kf7 2. Re7+
                    discovered check by white | 1 | [4k3/8/8/8/4N3/8/8/K3R3 w - - 0 1] 1. Nf6+ Kf7 2. Re7+
                    discovered check by white | 1 | [4k3/8/8/8/4N3/8/8/K3R3 w - - 0 1] 1. Nc3+ Kf7
                    double check by white | '' | [4k3/8/8/8/4N3/8/8/K3R3 w - - 0 1] 1. Nc3+ Kf7
                    discovered check by black | '' | [4k3/8/8/8/4N3/8/8/K3R3 w - - 0 1] 1. Nc3+ Kf7
                    discovered check by white | '' | [5k2/8/8/8/8/8/8/4K2R w K - 0 1] 1. O-O+ Ke7
                    white gives check | 1 | [5k2/8/8/8/8/8/8/4K2R w K - 0 1] 1. O-O+ Ke7
                    en passant | 2 | [4k3/8/8/8/4p3/8/3P4/4K3 w - - 0 1] 1. d4 exd3 2. Kd2
                    white just took en passant | '' | [4k3/8/8/8/4p3/8/3P4/4K3 w - - 0 1] 1. d4 exd3 2. Kd2
                    black can take en passant | 1 | [4k3/8/8/8/4p3/8/3P4/4K3 w - - 0 1] 1. d4 exd3 2. Kd2
                    black can take en passant | '' | [8/8/8/8/R3p2k/8/3P4/4K3 w - - 0 1] 1. d4 Kg5
                    black is stalemated | 1 | [7k/8/8/8/8/8/5Q2/6K1 w - - 0 1] 1. Qf7
                    stalemate | '' | [7k/8/6K1/8/8/8/5Q2/8 w - - 0 1] 1. Qf8#
                    position repeated | 4 5 6 7 8 | 1. Nf3 Nf6 2. Ng1 Ng8 3. Nf3 Nf6 4. Ng1 Ng8
                    threefold repetition | 8 | 1. Nf3 Nf6 2. Ng1 Ng8 3. Nf3 Nf6 4. Ng1 Ng8
                    threefold repetition | '' | 1. Nf3 Nf6 2. Ng1 Ng8 3. Nf3 Nf6 4. d4
                    position repeated | 5 6 7 | [4k3/8/8/8/8/8/8/4K2R w K - 0 1] 1. Ke2 Ke7 2. Ke1 Ke8 3. Ke2 Ke7 4. Ke1
                    in the opening | 0 1 2 | 1. e4 e5
                    in the endgame | 0 1 | [4k3/8/8/8/8/2N5/3p4/R2K1R2 b - - 0 1] 1... Kd7
                    move 2 | 2 3 | 1. e4 e5 2. Nf3 Nc6 3. Bb5
                    moves 1-2 | 0 1 2 3 | 1. e4 e5 2. Nf3 Nc6 3. Bb5
                    after move 2 | 4 5 | 1. e4 e5 2. Nf3 Nc6 3. Bb5
                    by move 2 | 0 1 2 3 | 1. e4 e5 2. Nf3 Nc6 3. Bb5
                    final position | 2 | 1. e4 e5
                    final position | 0 | [4k3/8/8/8/8/8/8/4K3 w - - 0 1]
                    at the end of the game | 3 | 1. e4 c5 2. Nf3
                    final position, black pawn on c5 | 3 | 1. e4 c5 2. Nf3
                    last named opening position | 1 | [rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1] 1. a3 Na6 2. Nh3
                    last named opening position | '' | [4k3/8/8/8/8/8/8/4K2R w K - 0 1] 1. Ke2 Ke7
                    underpromotion | 2 | [4k3/8/8/8/8/8/1p6/4K3 w - - 0 1] 1. Kd2 b1=N+ 2. Ke3
                    underpromotion | '' | [4k3/8/8/8/8/8/1p6/4K3 w - - 0 1] 1. Kd2 b1=Q 2. Ke3
                    bishop takes h7 | 1 | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7
                    knight takes h7 | '' | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7
                    white bishop takes a pawn on h7 | 1 | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7
                    bishop sacrifice on h7 | 1 | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7 2. Kf2 Kg8 3. Ke3 Kf8
                    knight sacrifice | '' | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7 2. Kf2 Kg8 3. Ke3 Kf8
                    mate with the queen | 1 | [6k1/5ppp/6N1/8/8/3Q4/8/6K1 w - - 0 1] 1. Qd8#
                    mate with the knight | '' | [6k1/5ppp/6N1/8/8/3Q4/8/6K1 w - - 0 1] 1. Qd8#
                    white mate on d8 | 1 | [6k1/5ppp/6N1/8/8/3Q4/8/6K1 w - - 0 1] 1. Qd8#
                    white mate on d7 | '' | [6k1/5ppp/6N1/8/8/3Q4/8/6K1 w - - 0 1] 1. Qd8#
                    knight gives check | 1 | [4k3/8/8/8/4N3/8/8/4K3 w - - 0 1] 1. Nf6+ Kf7 2. Nd5
                    queen gives check | '' | [4k3/8/8/8/4N3/8/8/4K3 w - - 0 1] 1. Nf6+ Kf7 2. Nd5
                    greek gift | 1 | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7 2. Kf2 Kg8 3. Ke3 Kf8
                    greek gift by black | '' | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7 2. Kf2 Kg8 3. Ke3 Kf8
                    queens just traded | '' | [3qk3/8/8/8/8/8/3P4/3QK3 w - - 0 1] 1. d4 Ke7 2. Qd3 Qxd4 3. Qxd4 Ke6
                    white traded queens | 2 | [3qk3/8/8/8/8/8/8/3QK3 w - - 0 1] 1. Qxd8+ Kxd8 2. Kd2
                    black traded queens | '' | [3qk3/8/8/8/8/8/8/3QK3 w - - 0 1] 1. Qxd8+ Kxd8 2. Kd2
                    queens traded on d8 | 2 | [3qk3/8/8/8/8/8/8/3QK3 w - - 0 1] 1. Qxd8+ Kxd8 2. Kd2
                    queens just traded on d1 | '' | [3qk3/8/8/8/8/8/8/3QK3 w - - 0 1] 1. Qxd8+ Kxd8 2. Kd2
                    rooks exchanged | '' | [3qk3/8/8/8/8/8/8/3QK3 w - - 0 1] 1. Qxd8+ Kxd8 2. Kd2
                    white traded a bishop for a knight | 8 | 1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Bxc6 dxc6
                    minor piece trade | 8 | 1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Bxc6 dxc6
                    black traded a bishop for a knight | '' | 1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Bxc6 dxc6
                    pawns traded | 3 | [4k3/8/8/8/4p3/8/2PP4/4K3 w - - 0 1] 1. d4 exd3 2. cxd3 Kd7
                    white gave perpetual check | 11 | [6k1/5p2/8/8/8/8/5PPP/3Q2K1 w - - 0 1] 1. Qg4+ Kh7 2. Qh4+ Kg7 3. Qg4+ Kh7 4. Qh4+ Kg7 5. Qg4+ Kh7 6. Qh4+ Kg7
                    Bxh7+ played by white | 1 | [6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1] 1. Bxh7+ Kxh7
                    """)
    void what_the_rules_name_is_seen_in_a_game(String text, String plies, String game) {
        String fen = game.startsWith("[") ? game.substring(1, game.indexOf(']')) : "";
        String tags = fen.isEmpty() ? "" : "[SetUp \"1\"]\n[FEN \"" + fen + "\"]\n\n";
        GameLine line = TestLine.of(tags + game.substring(game.indexOf(']') + 1) + " *");
        Query query = QueryReader.read(text + "; every position");
        String found =
                new QueryMatcher(query)
                        .in(line).stream()
                                .map(m -> String.valueOf(m.ply()))
                                .collect(Collectors.joining(" "));
        assertThat(found).isEqualTo(plies);
        assertThat(QueryReader.read(query.text())).isEqualTo(query);
    }
}

package org.zeroply.chess.opening;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.Node;

class OpeningNamesTest {

    private final OpeningNames names = OpeningNames.shipped();

    private static List<Node> line(String pgn) {
        return ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree().mainLine();
    }

    @Test
    void there_are_names_for_many_positions() {
        assertThat(names.size()).isGreaterThanOrEqualTo(300);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1. d4 d5 2. c4 e6 *|Queen's Gambit Declined",
                "1. c4 e6 2. d4 d5 *|Queen's Gambit Declined",
                "1. Nf3 Nf6 2. c4 g6 3. Nc3 Bg7 4. e4 d6 5. d4 O-O 6. Be2 *"
                        + "|King's Indian Defence: Classical Variation",
                "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 d6 5. c3 Bd7 *"
                        + "|Ruy Lopez: Modern Steinitz Defence"
            })
    void every_order_gets_the_name_of_its_last_named_position(String pgn, String name) {
        assertThat(names.of(line(pgn))).contains(name);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1. d4 Nf6 2. c4 e6 3. Nc3 d5 4. Bg5 Be7 5. e3 O-O 6. Nf3 h6 7. Bh4 b6 *",
                "1. e4 d5 2. e5 f5 3. exf6 exf6 *",
                "1. e4 c5 2. Nf3 d6 3. Bb5+ Bd7 4. Bxd7+ Qxd7 5. O-O *",
                "1. e4 e6 2. d4 d5 3. e5 c5 4. c3 Nc6 5. Nf3 Qb6 6. a3 *",
                "1. Nf3 Nf6 2. Ng1 Ng8 3. e4 e5 *"
            })
    void a_board_has_the_name_of_its_position(String pgn) {
        Board board = Position.START.toBoard();
        for (Node node : line(pgn)) {
            board.make(node.move().packed());
            assertThat(names.of(board)).isEqualTo(names.of(node.position()));
        }
    }

    @Test
    void a_game_from_elsewhere_has_no_name() {
        String pgn = "[SetUp \"1\"]\n[FEN \"8/8/8/4k3/8/4K3/4P3/8 w - - 0 1\"]\n\n1. Kd3 *";
        assertThat(names.of(line(pgn))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "Sicilian|true",
                "sicilian defence|true",
                "Sicilian Defense|true",
                "King's Indian|true",
                "Four Knights|true",
                "Najdorf|true",
                // Words that begin no name, and those that many variations are called by.
                "Sicil|false",
                "Gambit|false",
                "Exchange|false",
                "closed|false",
                "white knight on d5|false",
                "\"\"|false"
            })
    void what_an_opening_is_called_by_is_known(String words, boolean named) {
        assertThat(names.has(words)).isEqualTo(named);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "najdorf | najdorf",
                "French Defense | French Defence",
                "caro-kann exchange | Caro-Kann Defence: Exchange",
                "French advance variation | French Defence: Advance",
                "queen's gambit declined exchange | Queen's Gambit Declined: Exchange",
                "dutch stonewall | Dutch Defence: Stonewall",
                "dutch najdorf | ''",
                "exchange caro-kann | ''",
                "exchange | ''",
                "white knight on d5 | ''",
            })
    void an_opening_and_its_variation_are_named_by_their_first_words(String words, String name) {
        assertThat(names.named(words).orElse("")).isEqualTo(name);
    }
}

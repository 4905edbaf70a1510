package org.zeroply.coach.repertoire;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.repertoire.Replies.Reply;

class GameBookTest {

    private static Reply reply(GameBook book, Position position, String san) throws Exception {
        var move = San.read(position, san);
        return book.at(position).stream()
                .filter(r -> r.move().equals(move))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"1-0, 1.0", "0-1, 0.0", "1/2-1/2, 0.5"})
    void a_result_counts_for_white(String result, double score) throws Exception {
        GameBook book = GameBook.of(RepertoireTest.trees("1. e4 e5 " + result + "\n"));
        assertThat(reply(book, Position.START, "e4").score()).contains(score);
    }

    @Test
    void games_without_a_result_count_as_games_and_not_for_the_score() throws Exception {
        GameBook book =
                GameBook.of(
                        RepertoireTest.trees("1. e4 *\n\n1. e4 1-0\n\n1. e4 0-1\n\n1. e4 1-0\n"));
        assertThat(book.games()).isEqualTo(4);
        Reply played = reply(book, Position.START, "e4");
        assertThat(played.games()).isEqualTo(4);
        assertThat(played.score()).hasValueSatisfying(s -> assertThat(s).isBetween(0.66, 0.67));
        assertThat(
                        reply(GameBook.of(RepertoireTest.trees("1. d4 *\n")), Position.START, "d4")
                                .score())
                .isEqualTo(Optional.empty());
    }

    @Test
    void a_position_reached_by_two_orders_is_one() throws Exception {
        GameBook book =
                GameBook.of(
                        RepertoireTest.trees(
                                "1. d4 d5 2. c4 e6 *\n\n1. c4 e6 2. d4 d5 3. Nc3 *\n\n1. d4 d5 2. c4 c6 *\n"));
        Position after =
                RepertoireTest.trees("1. d4 d5 2. c4 *").get(0).mainLine().get(2).position();
        assertThat(book.at(after)).extracting(Reply::games).containsExactly(1, 1);
        assertThat(book.at(after.play(San.read(after, "e6")))).hasSize(1);
        assertThat(book.werePlayed()).isTrue();
    }

    @Test
    void variations_are_not_games_and_what_nobody_played_is_empty() {
        GameBook book = GameBook.of(RepertoireTest.trees("1. e4 (1. d4) *\n"));
        assertThat(book.at(Position.START)).hasSize(1);
        assertThat(book.at(Position.fromFen("8/8/8/4k3/8/4K3/8/8 w - - 0 1"))).isEmpty();
    }

    @Test
    void the_sixtieth_ply_is_the_last_that_counts() {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        var node = editor.tree().root();
        List<String> round = List.of("Nf3", "Nf6", "Ng1", "Ng8");
        for (int i = 0; i < 61; i++) {
            String san = i == 60 ? "a3" : i == 59 ? "h6" : round.get(i % 4);
            try {
                node = editor.add(node, San.read(node.position(), san));
            } catch (NotationException e) {
                throw new AssertionError(san, e);
            }
        }
        GameBook book = GameBook.of(List.of(editor.tree()));
        assertThat(book.at(node.parent().orElseThrow().position())).isEmpty();
        assertThat(book.at(node.path().get(58).position())).isNotEmpty();
    }
}

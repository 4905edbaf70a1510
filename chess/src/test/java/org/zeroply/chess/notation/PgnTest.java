package org.zeroply.chess.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.RandomTrees;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;

class PgnTest {

    @Property(tries = 300)
    void what_was_written_is_read_and_written_the_same(@ForAll long seed) {
        TreeEditor editor = RandomTrees.tree(new Random(seed), 60);
        editor.tag("Event", "back\\slash \"quoted\"");
        String first = PgnWriter.write(editor.tree());
        MoveTree read = single(first);
        assertThat(PgnWriter.write(read)).isEqualTo(first);
        assertThat(read.nodes()).hasSameSizeAs(editor.tree().nodes());
        assertThat(first.lines().filter(l -> !l.startsWith("[") && !l.contains(";")))
                .allMatch(l -> l.length() <= 80);
    }

    @Test
    void everything_the_standard_allows_is_read() {
        MoveTree tree =
                single(
                        """
                        [Event "A \\"fine\\" game"]
                        [Result "1-0"]
                        % an escape row ) } (
                        {before} 1. e4! $5 {one [%clk 0:10:00]} ; two ) }
                        ( 1. d4 {queen's} ( {why} 1. c4 e5 ( 1... c5 ) ) 1... d5 )
                        1... e5 2.Nf3 Nc6 3.-- -- 4.Z0 +/-
                        """);
        assertThat(tree.tag("Event")).isEqualTo("A \"fine\" game");
        assertThat(tree.root().annotation().after()).isEqualTo("before");
        Node e4 = tree.root().children().get(0);
        assertThat(e4.annotation().nags()).containsExactly(1, 5);
        assertThat(e4.annotation().after()).isEqualTo("one [%clk 0:10:00] two ) }");
        assertThat(tree.root().children()).hasSize(3);
        Node c4 = tree.root().children().get(2);
        assertThat(c4.annotation().before()).isEqualTo("why");
        assertThat(c4.children()).hasSize(2);
        assertThat(tree.mainLine()).hasSize(7);
        assertThat(tree.root().mainLineEnd().annotation().verdict()).contains(Verdict.WHITE_BETTER);
        assertThat(tree.result()).isEqualTo("1-0");
    }

    @Test
    void the_games_around_a_broken_one_are_read_and_its_text_is_kept() {
        String pgn =
                """
                [Event "one"]

                1. e4 e5 1-0

                [Event "two"]

                1. e4 e5
                2. Ke3 d6 0-1

                [Event "three"]

                1. d4 {never closed
                d5 1-0

                [Event "four"]

                1. c4 c5 (1... e5 1/2-1/2

                [Event "five"]

                1. Nf3 *
                """;
        List<PgnEntry> entries = PgnReader.readAll(pgn);
        assertThat(entries).hasSize(5);
        assertThat(entries.get(0)).isInstanceOf(PgnEntry.Game.class);
        assertThat(entries.get(4)).isInstanceOf(PgnEntry.Game.class);
        PgnEntry.Problem illegal = (PgnEntry.Problem) entries.get(1);
        assertThat(illegal.message())
                .startsWith("text, line 8, column 4 (game 2): Ke3 is not legal here")
                .endsWith("expected a legal move after 2.");
        assertThat(illegal.raw()).contains("2. Ke3 d6 0-1").startsWith("[Event \"two\"]");
        assertThat(((PgnEntry.Problem) entries.get(2)).reason()).contains("comment is not closed");
        assertThat(((PgnEntry.Problem) entries.get(3)).reason())
                .contains("variation is not closed");
    }

    @Test
    void games_without_tags_are_told_apart_by_their_results() {
        assertThat(PgnReader.readAll("1. e4 e5 1-0\n\n1. d4 d5\n1/2-1/2\n1. c4\n*\n"))
                .extracting(e -> ((PgnEntry.Game) e).tree().result())
                .containsExactly("1-0", "1/2-1/2", "*");
    }

    @ParameterizedTest(name = "{0} at the end, {1} in the tag")
    @CsvSource({
        "½-½, ½-½, 1/2-1/2",
        "1:0, 1:0, 1-0",
        "draw, draw, 1/2-1/2",
        "White wins, White wins, 1-0",
        "1-0 ff, 1-0 ff, 1-0",
        "0-0, 0-0, *",
        "+--, +--, 1-0",
        "1-0, White resigned in a lost position, 1-0",
        "0–1, ?, 0-1",
        "1/2, '', 1/2-1/2",
        "'', 0 : 1, 0-1",
        "'', nobody knows, *",
    })
    void a_result_in_other_words_is_understood_and_its_tag_kept(
            String end, String tag, String result) {
        MoveTree tree = single("[Result \"" + tag + "\"]\n\n1. e4 Nf6 2. Nf3 g6 " + end);
        assertThat(tree.result()).isEqualTo(result);
        assertThat(tree.mainLine()).hasSize(4);
        boolean said = !tag.isEmpty() && !tag.equals("?");
        assertThat(tree.tag("Result")).isEqualTo(said ? tag : result);
        String written = PgnWriter.write(tree);
        assertThat(written).endsWith(" " + result + "\n\n");
        assertThat(PgnWriter.write(single(written))).isEqualTo(written);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a } brace and 1-0",
                "} *",
                "a } brace; see 1/2-1/2",
                "[Event \"x\"] } 0-1",
                "two\nrows } 1-0",
                "% percent } and %",
                "no brace 1-0",
                "%",
            })
    void a_comment_never_ends_a_game(String comment) throws NotationException {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        Node node = editor.add(editor.tree().root(), San.read(Position.START, "e4"));
        editor.comment(node, comment);
        editor.add(node, San.read(node.position(), "e5"));
        Node variation = editor.add(editor.tree().root(), San.read(Position.START, "d4"));
        editor.annotate(variation, a -> a.withBefore(comment));
        MoveTree read = single(PgnWriter.write(editor.tree()));
        assertThat(read.nodes()).hasSize(4);
        String folded = comment.replace('\n', ' ');
        assertThat(read.mainLine().get(0).annotation().after()).isEqualTo(folded);
        assertThat(read.root().children().get(1).annotation().before()).isEqualTo(folded);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "[Event \"a\"]\n[White \"x\u0085y\"]\n[Black \"a\u2028b\"]\n\n1. e4 d5 *\n",
                "[Event \"a\"]\n[Time-Control \"40\"]\n[Elo/W \"9\"]\n\n1. e4 d5 *\n",
                "; a row\n[Event \"a\"]\n\n1. e4 d5 *\n",
                "{before}\n[Event \"a\"]\n{among} ; them\n[Site \"b\"]\n\n1. e4 d5 *\n",
                "[Event \"a\"]\n\n1. e4 d5 * {after}\n",
                "[Event \"a\"]\n\n1. e4 d5 * ; after\n",
                "[Event \"a\"]\n\n1. e4 d5 *\n{after,\n\nlong after} ; and more\n",
                "[Event \"a\"]\n\n1. e4 d5 *\n\n{at the end}\n; of all\n",
                "[Event \"a\"]\n\n1. e4\n; a row that ends in 1-0\n% another 1-0\nd5 *\n",
                "\uFEFF[Event \"a\"]\n\uFEFF[Site \"b\"]\n\n1. e4 d5 *\n",
                "[Event \"a\"]\n\n1. e4 {1-0\n\n0-1} (1. d4 1-0\n) d5 *\n",
            })
    void a_game_is_read_whole(String pgn) {
        MoveTree tree = single(pgn);
        assertThat(tree.tag("Event")).isEqualTo("a");
        assertThat(tree.mainLine()).hasSize(2);
        String written = PgnWriter.write(tree);
        assertThat(PgnWriter.write(single(written))).isEqualTo(written);
        for (String word : List.of("a row", "before", "among", "after", "at the end")) {
            assertThat(written.contains(word)).isEqualTo(pgn.contains(word));
        }
        assertThat(PgnReader.readAll(pgn + "\n" + pgn)).hasSize(2);
    }

    @Test
    void a_comment_right_before_moves_belongs_to_them() {
        assertThat(PgnReader.readAll("1. e4 1-0\n{one} 1. d4 *\n\n{two}\n1. c4 0-1\n"))
                .extracting(e -> ((PgnEntry.Game) e).tree().root().annotation().after())
                .containsExactly("", "one", "two");
    }

    @Test
    void a_line_as_long_as_it_likes_is_read_whole() {
        String comment = "naïve — ".repeat(200_000).strip();
        String knights = "Nf3 Nf6 Ng1 Ng8 ".repeat(100_000);
        MoveTree tree = single("1. e4 {" + comment + "} e5 " + knights + " *");
        assertThat(tree.mainLine()).hasSize(400_002);
        assertThat(tree.mainLine().get(0).annotation().after()).isEqualTo(comment);
    }

    @Test
    void very_much_after_one_move_is_read_and_written() {
        String pgn = "1. e4 " + "$146 ".repeat(200_000) + "{a [%zp.pts 3]}".repeat(100_000) + " *";
        MoveTree tree = single(pgn);
        Node e4 = tree.mainLine().get(0);
        assertThat(e4.annotation().nags()).hasSize(200_000);
        assertThat(e4.annotation().scheme().points()).hasSize(100_000);
        String written = PgnWriter.write(tree);
        assertThat(PgnWriter.write(single(written))).isEqualTo(written);
        String open = "{" + "[%zp.idea ".repeat(200_000) + "}";
        assertThat(single("1. e4 " + open + " *").mainLine().get(0).annotation().after())
                .hasSize(open.length() - 3);
    }

    @Test
    void windows_1252_is_told_from_utf_8() throws IOException {
        byte[] text = "[Site \"“Café” – ‚x’…\"]\n\n1. e4 *\n".getBytes("windows-1252");
        try (PgnReader reader = new PgnReader(new ByteArrayInputStream(text), "x")) {
            MoveTree tree = ((PgnEntry.Game) reader.next().orElseThrow()).tree();
            assertThat(tree.tag("Site")).isEqualTo("“Café” – ‚x’…");
        }
    }

    @Test
    void latin_1_and_utf_8_and_byte_order_marks_and_line_ends_are_told_apart() throws IOException {
        String game = "[White \"Jörg\"]\r\n\r\n1. e4 *\r\n";
        List<byte[]> encodings =
                List.of(
                        game.getBytes(StandardCharsets.UTF_8),
                        game.getBytes(StandardCharsets.ISO_8859_1),
                        ("\uFEFF" + game).getBytes(StandardCharsets.UTF_8),
                        game.replace("\r\n", "\r").getBytes(StandardCharsets.ISO_8859_1));
        List<String> names = new ArrayList<>();
        for (byte[] bytes : encodings) {
            try (PgnReader reader = new PgnReader(new ByteArrayInputStream(bytes), "x")) {
                Optional<PgnEntry> entry = reader.next();
                names.add(((PgnEntry.Game) entry.orElseThrow()).tree().tag("White"));
                assertThat(reader.next()).isEmpty();
            }
        }
        assertThat(names).containsOnly("Jörg");
    }

    @Test
    void a_brace_that_closes_nothing_is_reported() {
        PgnEntry entry = PgnReader.readAll("1. e4 } e5 *").get(0);
        assertThat(((PgnEntry.Problem) entry).message()).contains("column 7", "closes nothing");
    }

    @Test
    void a_binary_file_is_called_one() {
        PgnEntry entry = PgnReader.readAll("\u007fELF\0\1\2 data").get(0);
        assertThat(((PgnEntry.Problem) entry).message()).contains("binary data");
    }

    @Property(tries = 200)
    void bytes_that_are_no_pgn_never_stop_the_reader(@ForAll byte[] bytes) throws IOException {
        try (PgnReader reader = new PgnReader(new ByteArrayInputStream(bytes), "x")) {
            for (var e = reader.next(); e.isPresent(); e = reader.next()) {
                assertThat(e.get().line()).isPositive();
            }
        }
    }

    @Test
    void variations_nest_to_any_depth() {
        StringBuilder pgn = new StringBuilder();
        int depth = 3000;
        pgn.append("1. e4 ");
        for (int i = 0; i < depth; i++) {
            pgn.append(i % 2 == 0 ? "(1. d4 " : "(1. e4 ");
        }
        pgn.append(")".repeat(depth)).append(" *");
        assertThat(single(pgn.toString()).root().children()).hasSize(2);
    }

    private static MoveTree single(String pgn) {
        List<PgnEntry> entries = PgnReader.readAll(pgn);
        assertThat(entries).hasSize(1).first().isInstanceOf(PgnEntry.Game.class);
        return ((PgnEntry.Game) entries.get(0)).tree();
    }
}

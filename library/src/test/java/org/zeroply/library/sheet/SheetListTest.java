package org.zeroply.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;

import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.library.FreshLibrary;
import org.zeroply.library.Library;

/** How games are listed, and how the spellings of a name become one. */
class SheetListTest {

    @TempDir Path folder;
    private Library library;
    private long first;
    private long second;
    private long third;

    @BeforeEach
    void open() {
        library = Library.open(FreshLibrary.at(folder.resolve("list.zpl")));
        first = game("marram, I.", "Quay, Jonas", "2026.01.02", 1650, "1. e4 e5 2. Nf3 1-0");
        second = game("Quay, Jonas", "Marram, Ilse", "2025.11.30", 1820, "1. d4 1-0");
        third = game("Anker, Bo", "marram, I.", "2026.02.14", 0, "1. c4 e5 2. g3 d5 1-0");
    }

    @AfterEach
    void close() {
        library.close();
    }

    private long game(String white, String black, String date, int elo, String moves) {
        String rating = elo == 0 ? "" : "[WhiteElo \"" + elo + "\"]\n";
        return library.sheets()
                .add(
                        """
                        [White "%s"]
                        [Black "%s"]
                        [Date "%s"]
                        [Result "1-0"]
                        %s
                        %s
                        """
                                .formatted(white, black, date, rating, moves));
    }

    @Test
    void games_are_read_one_after_the_other_and_those_that_are_gone_meanwhile_left_out() {
        SheetQuery oldest = SheetQuery.all(SheetKind.GAME).in(SheetOrder.OLDEST);
        assertThat(library.sheets().stream(oldest).map(SheetStore.Stored::id))
                .containsExactly(first, second, third);
        List<String> read = new ArrayList<>();
        library.sheets().stream(SheetQuery.all(SheetKind.GAME))
                .peek(
                        game ->
                                library.bin()
                                        .remove(
                                                List.of(
                                                        new BinStore.Item(
                                                                BinStore.Kind.GAME, second))))
                .forEach(game -> read.add(game.tree().tag("White")));
        assertThat(read).containsExactly("Anker, Bo", "marram, I.");
    }

    private List<SheetRow> listed(SheetOrder order) {
        return library.sheets().find(new SheetQuery(SheetKind.GAME, "", "", 0, 0, order));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "ÄNGSTRÖM, 1",
        "ängström ÉTÉ, 1",
        "ängström quay, 0",
        "ИВАНОВ, 1",
        "angstrom zoe, 1",
        "ngström, 1",
        "quay j, 2",
        "jon QUAY 2026, 1",
        "2026.02.14, 1",
        "'quay, jonas', 2",
        "AND, 0",
        "'\"quay', 0",
        "हिन्दी, 1",
        "ไทยเ, 1",
        "x̌y, 1",
        "ᦷᦲ, 0",
        "QUAY, 2",
        "'100%_!', 0",
        "été_, 0",
    })
    void names_are_found_whatever_their_letters(String text, int count) {
        game("Ängström, Åsa", "Été, Zoë", "2026.01.02", 0, "1. e4 1-0");
        game("Иванов", "x", "2026.01.02", 0, "1. e4 1-0");
        game("हिन्दी", "ไทยเที่ยว x̌y", "2026.01.02", 0, "1. e4 1-0");
        assertThat(library.sheets().find(new SheetQuery(SheetKind.GAME, text, "", 0)))
                .hasSize(count);
    }

    private static String bare(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD).replaceAll("\\p{Mn}", "");
    }

    /** Every text that stands inside a word and begins none, of up to four letters. */
    @Test
    void a_text_inside_words_is_found_wherever_it_stands() {
        game("Ängström, Åsa", "O'Quaye", "2026.01.02", 0, "1. e4 1-0");
        List<String> texts =
                library.sheets().find(SheetQuery.all(SheetKind.GAME)).stream()
                        .map(
                                r ->
                                        r.heading().white()
                                                + " "
                                                + r.heading().black()
                                                + " "
                                                + r.heading().date())
                        .map(t -> t.toLowerCase(Locale.ROOT))
                        .toList();
        Set<String> pieces = new TreeSet<>(List.of("zzz", "uay-", "ams"));
        for (String text : texts) {
            for (int from = 0; from < text.length(); from++) {
                for (int to = from + 1; to <= Math.min(text.length(), from + 4); to++) {
                    pieces.add(text.substring(from, to));
                }
            }
        }
        pieces.removeIf(p -> p.isBlank() || p.contains(" "));
        for (String piece : pieces) {
            String begins = "(.*\\W)?\\Q" + bare(piece) + "\\E.*";
            if (texts.stream().noneMatch(t -> bare(t).matches(begins))) {
                assertThat(library.sheets().find(new SheetQuery(SheetKind.GAME, piece, "", 0)))
                        .as(piece)
                        .hasSize((int) texts.stream().filter(t -> t.contains(piece)).count());
            }
        }
    }

    @Test
    void a_word_that_came_in_since_is_found_inside_too() {
        SheetQuery query = new SheetQuery(SheetKind.GAME, "ebtoy", "", 0);
        assertThat(library.sheets().find(query)).isEmpty();
        game("Webtoyer", "x", "2026.01.02", 0, "1. e4 1-0");
        assertThat(library.sheets().find(query)).hasSize(1);
    }

    @Test
    void a_text_of_very_many_words_finds_what_its_first_words_do() {
        String words = "quay ".repeat(1_200) + "jonas ".repeat(1_200);
        assertThat(library.sheets().find(new SheetQuery(SheetKind.GAME, words, "", 0))).hasSize(2);
        StringBuilder different = new StringBuilder();
        for (int i = 0; i < 2_000; i++) {
            different.append("word").append(i).append(' ');
        }
        String text = different.toString();
        assertThat(library.sheets().find(new SheetQuery(SheetKind.GAME, text, "", 0))).isEmpty();
    }

    /** Names without regard to capitals; the numbers are those of the games above, 1 to 3. */
    @ParameterizedTest
    @CsvSource({
        "ADDED, true, 3 2 1",
        "WHITE, false, 3 1 2",
        "WHITE, true, 2 1 3",
        "MOVES, false, 2 1 3",
        "DATE, true, 3 1 2",
        "RATING, true, 2 1 3",
        "RESULT, false, 3 2 1"
    })
    void games_are_sorted_by_a_column_and_then_the_newest_first(
            SheetOrder.By by, boolean descending, String order) {
        List<Long> ids = List.of(first, second, third);
        assertThat(listed(new SheetOrder(by, descending)))
                .extracting(row -> String.valueOf(1 + ids.indexOf(row.id())))
                .containsExactly(order.split(" "));
    }

    @Test
    void the_newest_is_the_one_added_last_that_is_not_in_the_bin() {
        assertThat(library.sheets().newest(SheetKind.GAME)).contains(third);
        library.bin().put(List.of(new BinStore.Item(BinStore.Kind.GAME, third)));
        assertThat(library.sheets().newest(SheetKind.GAME)).contains(second);
        assertThat(library.sheets().newest(SheetKind.EXERCISE)).isEmpty();
    }

    @Test
    void a_spelling_is_replaced_for_both_colours_but_not_in_the_bin() {
        library.bin().put(List.of(new BinStore.Item(BinStore.Kind.GAME, third)));
        assertThat(library.sheets().players())
                .containsExactly(
                        entry("marram, I.", 1), entry("Marram, Ilse", 1), entry("Quay, Jonas", 2));
        assertThat(library.sheets().rename("marram, I.", " Marram, Ilse ")).containsExactly(first);
        assertThat(library.sheets().players())
                .containsExactly(entry("Marram, Ilse", 2), entry("Quay, Jonas", 2));
        library.bin().restore(List.of(new BinStore.Item(BinStore.Kind.GAME, third)));
        assertThat(library.sheets().load(third).tag("Black")).isEqualTo("marram, I.");
    }

    @Test
    void a_spelling_comes_back_as_it_was_and_is_in_the_history_of_each_game() {
        List<Long> changed = library.sheets().rename("Quay, Jonas", "Quay, Jon");
        assertThat(changed).containsExactlyInAnyOrder(first, second);
        assertThat(library.sheets().earlier(first).orElseThrow().tag("Black"))
                .isEqualTo("Quay, Jonas");
        library.sheets().renameIn(changed, "Quay, Jon", "Quay, Jonas");
        assertThat(library.sheets().load(second).tag("White")).isEqualTo("Quay, Jonas");
        assertThat(library.sheets().load(second).nodes()).hasSize(2);
    }
}

package org.zeroply.library.index;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.coach.pattern.ToldFact;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.LibraryException;
import org.zeroply.library.StoreTest;
import org.zeroply.library.database.Database;
import org.zeroply.library.sheet.BinStore;

class PositionFinderTest extends StoreTest {

    /** Runs what it is handed at once, so that one thread does it all. */
    private static final Executor AT_ONCE = Runnable::run;

    private List<PositionFinder.Hit> find(String query) {
        return find(query, 1, AT_ONCE);
    }

    private List<PositionFinder.Hit> find(String query, int threads, Executor helpers) {
        List<PositionFinder.Hit> found = new ArrayList<>();
        PositionFinder.Outcome outcome =
                library.finder()
                        .find(
                                QueryReader.read(query),
                                helpers,
                                threads,
                                new Cancellation(),
                                (hits, looked, all) -> found.addAll(hits));
        assertThat(outcome.hits()).isEqualTo(found.size());
        return found;
    }

    private static String game(String white, String date, String moves) {
        return "[White \""
                + white
                + "\"]\n[Black \"X\"]\n[Date \""
                + date
                + "\"]\n\n"
                + moves
                + " *\n";
    }

    @Test
    void the_newest_game_comes_first_with_the_position_and_where_it_is() {
        add(game("Old", "2019.05.01", "1. e4 e5 2. Nf3 Nc6 3. Bb5"));
        add(game("New", "2024.01.01", "1. e4 c5 2. Nf3 d6 3. Bb5+"));
        add(game("Other", "2025.01.01", "1. d4 d5"));
        List<PositionFinder.Hit> hits = find("white bishop on b5");
        assertThat(hits).extracting(h -> h.game().white()).containsExactly("New", "Old");
        assertThat(hits).extracting(h -> h.match().ply()).containsExactly(5, 5);
        assertThat(hits.get(1).position().fen())
                .isEqualTo("r1bqkbnr/pppp1ppp/2n5/1B2p3/4P3/5N2/PPPP1PPP/RNBQK2R b KQkq - 3 3");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white to move; player ann    | Ann, Berta and Ann
                    white to move; result 0-1    | Berta
                    white to move; since 2024    | Ann
                    white to move; until 2023    | Berta and Ann
                    white to move; rated 2000    | Berta
                    white to move; opening sicilian | Berta
                    white to move; collection fine games | Ann, late
                    white to move; rated at most 1450 | Ann, early
                    white to move; event HARBOUR | Ann, late
                    white to move; eco B20-B99   | Berta
                    white to move; site pier     | Berta
                    white to move; round 3       | Berta
                    white to move; round 1       | ''
                    white lost on time           | Berta
                    upsets                       | Ann, early
                    player x against lower rated players | Ann, early
                    white to move; player x who lost | Ann, Berta and Ann
                    player berta                 | Berta
                    games won by Berta           | ''
                    opening sicilian             | Berta
                    """)
    void only_the_games_that_are_asked_for_count(String query, String expected) {
        String harbour = "[Event \"Harbour Open\"]\n[ECO \"C20\"]\n";
        long late = add(harbour + tags("Ann, late", "2024.06.01", "1-0", 1500) + "1. e4 e5 1-0\n");
        String pier =
                "[Site \"Pier 4\"]\n[Round \"3\"]\n[ECO \"B20\"]\n"
                        + "[Termination \"Time forfeit\"]\n";
        add(pier + tags("Berta", "2022.06.01", "0-1", 2100) + "1. e4 c5 0-1\n");
        add(
                tags("Ann, early", "2021.06.01", "1-0", 1400)
                                .replace("[BlackElo \"1400", "[BlackElo \"1450")
                        + "1. d4 d5 1-0\n");
        library.collections().put("Fine games", List.of(late));
        List<String> names = find(query).stream().map(h -> h.game().white()).toList();
        List<String> wanted =
                switch (expected) {
                    case "Ann, Berta and Ann" -> List.of("Ann, late", "Ann, early");
                    case "Berta" -> List.of("Berta");
                    case "Ann", "Ann, late" -> List.of("Ann, late");
                    case "Ann, early" -> List.of("Ann, early");
                    case "" -> List.of();
                    default -> List.of("Berta", "Ann, early");
                };
        assertThat(names).isEqualTo(wanted);
    }

    @Test
    void games_that_do_not_have_a_tag_that_is_asked_for_are_told() {
        add("[ECO \"B20a\"]\n[Round \"-\"]\n" + game("Ann", "2024.06.01", "1. e4 c5"));
        add("[ECO \"?\"]\n" + game("Bo", "2024.06.02", "1. e4 c5"));
        assertThat(silent("eco B20")).containsExactly(new SilentTag("ECO", 1));
        assertThat(silent("round 3")).containsExactly(new SilentTag("Round", 2));
        assertThat(silent("player Ann")).isEmpty();
        assertThat(find("eco B20")).extracting(h -> h.game().white()).containsExactly("Ann");
        assertThat(new SilentTag("ECO", 1).words()).contains("ECO", "1 game");
    }

    private List<SilentTag> silent(String query) {
        return library.finder()
                .find(
                        QueryReader.read(query),
                        AT_ONCE,
                        1,
                        new Cancellation(),
                        (hits, looked, all) -> {})
                .silent();
    }

    private static String tags(String white, String date, String result, int rating) {
        return "[White \"%s\"]\n[Black \"X\"]\n[Date \"%s\"]\n[Result \"%s\"]\n[WhiteElo \"%d\"]\n[BlackElo \"%d\"]\n\n"
                .formatted(white, date, result, rating, rating);
    }

    @Test
    void of_games_alone_their_end_is_told_and_of_openings_where_they_are_named() {
        add(game("Ann", "2024.06.01", "1. e4 c5 2. a4 Na6 3. h4"));
        assertThat(find("player Ann")).extracting(h -> h.match().ply()).containsExactly(5);
        assertThat(find("Sicilian")).extracting(h -> h.match().ply()).containsExactly(2);
    }

    @Test
    void a_collection_that_there_is_not_is_told() {
        assertThatThrownBy(() -> find("white to move; collection Nowhere"))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("Nowhere");
    }

    @Test
    void new_changed_and_removed_games_are_seen_at_once() {
        long first = add(game("A", "2020.01.01", "1. e4 e5"));
        assertThat(find("black pawn on e5")).hasSize(1);
        long second = add(game("B", "2021.01.01", "1. d4 e5"));
        assertThat(find("black pawn on e5"))
                .extracting(h -> h.game().sheetId())
                .containsExactly(second, first);
        library.sheets().save(second, tree(game("B", "2021.01.01", "1. d4 d5")));
        assertThat(find("black pawn on e5"))
                .extracting(h -> h.game().sheetId())
                .containsExactly(first);
        library.bin().put(List.of(new BinStore.Item(BinStore.Kind.GAME, first)));
        assertThat(find("black pawn on e5")).isEmpty();
    }

    @Test
    void where_facts_are_told_is_kept_for_the_next_time() {
        add(game("A", "2020.01.01", "1. e4 d5 2. exd5 Qxd5 3. Nc3 Qa5"));
        add(game("B", "2021.01.01", "1. d4 d5"));
        String query = "white doubled; every position";
        List<Integer> plies = find(query).stream().map(h -> h.match().ply()).toList();
        assertThat(kept()).isEqualTo(2);
        reopen();
        assertThat(find(query)).extracting(h -> h.match().ply()).isEqualTo(plies).isNotEmpty();
        add(game("C", "2022.01.01", "1. e4 d5 2. exd5"));
        assertThat(find("white doubled")).hasSize(2);
    }

    @Test
    void qualities_and_squares_of_facts_are_told_apart_whether_they_were_kept_or_not() {
        String fen = "4k3/8/8/3PP3/8/8/8/4K3 w - - 0 1";
        add("[White \"A\"]\n[SetUp \"1\"]\n[FEN \"" + fen + "\"]\n\n1. Kd1 Kd8 *\n");
        for (int time = 0; time < 2; time++) {
            assertThat(find("white passed connected")).hasSize(1);
            assertThat(find("white passed connected on e5")).hasSize(1);
            assertThat(find("white passed connected on e6")).isEmpty();
            assertThat(find("white passed protected")).isEmpty();
            assertThat(find("black passed")).isEmpty();
        }
    }

    private int kept() {
        Database database = Database.open(library.file());
        try {
            return new TrailStore(database).all(new ToldFact(FactKind.DOUBLED, "")).size();
        } finally {
            database.close();
        }
    }

    @Test
    void many_lines_are_kept_as_they_were_played_and_say_the_same() throws SQLException {
        List<MoveTree> many = new ArrayList<>();
        for (int i = 0; i < 1001; i++) {
            many.add(
                    tree(
                            game(
                                    "P" + i,
                                    "2020.01.01",
                                    i % 2 == 0 ? "1. e4 e5" : "1. d4 d5 2. c4 e6")));
        }
        String fen = "4k3/8/8/8/8/8/4P3/4K3 w - - 0 1";
        many.add(tree("[White \"End\"]\n[SetUp \"1\"]\n[FEN \"" + fen + "\"]\n\n1. e4 Kd7 *\n"));
        library.sheets().addNew(many);
        whileFull("played_line", "INSERT", () -> assertThat(find("white pawn on e4")).hasSize(502));
        reopen();
        List<PositionFinder.Hit> first = find("white pawn on e4");
        assertThat(first).hasSize(502);
        reopen();
        assertThat(find("white pawn on e4")).isEqualTo(first);
        assertThat(find("black pawn on e6")).hasSize(500);
        assertThat(find("pawn ending")).hasSize(1);
    }

    @Test
    void a_full_disk_keeps_nothing_and_hides_nothing() throws SQLException {
        add(game("A", "2020.01.01", "1. e4 d5 2. exd5"));
        whileFull("fact_trail", "INSERT", () -> assertThat(find("white doubled")).hasSize(1));
        assertThat(kept()).isZero();
        assertThat(find("white doubled")).hasSize(1);
        assertThat(kept()).isEqualTo(1);
    }

    private int searched() {
        Database database = Database.open(library.file());
        try {
            return new SearchedTrailStore(database).all(FactKind.CHECKS).size();
        } finally {
            database.close();
        }
    }

    @Test
    void facts_that_take_a_search_are_found_and_kept_where_they_were_looked_for()
            throws SQLException {
        String fen = "6k1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 1";
        add("[White \"A\"]\n[SetUp \"1\"]\n[FEN \"" + fen + "\"]\n\n1. Kf1 h6 2. Ra8+ Kh7 *\n");
        String query = "white checks mates; every position";
        whileFull(
                "searched_trail",
                "INSERT",
                () -> assertThat(find(query)).extracting(h -> h.match().ply()).contains(0));
        assertThat(searched()).isZero();
        List<PositionFinder.Hit> first = find(query);
        assertThat(first).extracting(h -> h.match().ply()).contains(0).doesNotContain(2, 3, 4);
        assertThat(searched()).isPositive();
        assertThat(find(query)).isEqualTo(first);
        assertThat(find("white checks mates, white king on f1; every position"))
                .isEqualTo(first.stream().filter(h -> h.match().ply() > 0).toList());
    }

    @Test
    void what_is_asked_to_stop_stops() {
        add(game("A", "2020.01.01", "1. e4 e5"));
        Cancellation stop = new Cancellation();
        stop.cancel();
        assertThatThrownBy(
                        () ->
                                library.finder()
                                        .find(
                                                QueryReader.read("white to move"),
                                                AT_ONCE,
                                                1,
                                                stop,
                                                (hits, looked, all) -> {}))
                .isInstanceOf(CancellationException.class);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 5})
    void however_many_threads_look_the_answer_is_the_same(int threads) {
        for (int i = 0; i < 450; i++) {
            String moves = i % 3 == 0 ? "1. e4 e5" : "1. d4 d5";
            add(game("P" + i, "2020.01.%02d".formatted(1 + i % 28), moves));
        }
        var helpers = Executors.newFixedThreadPool(threads);
        try {
            assertThat(find("black pawn on e5", threads, helpers))
                    .hasSize(150)
                    .isSortedAccordingTo((a, b) -> b.game().date().compareTo(a.game().date()))
                    .isEqualTo(find("black pawn on e5"));
        } finally {
            helpers.shutdownNow();
        }
    }
}

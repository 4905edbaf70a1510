package org.zeroply.library.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.coach.review.AnalysisMemory;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.KnownGames;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.Remembered;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.StudentFile;
import org.zeroply.library.transfer.Exporter;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

/** What a library keeps of reviews: the queue, what was searched, and what the coach said. */
@Tag("slow")
class ReviewLibraryTest {

    private static final long NODES = 2_000;
    private static final String MATE =
            "[White \"Marram\"]\n[Black \"Quay\"]\n[Result \"1-0\"]\n\n"
                    + "1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 4. Qxf7# 1-0";
    private static final String OTHER =
            "[White \"Quay\"]\n[Black \"Shoal\"]\n\n1. e4 e5 2. Qh5 Nc6 3. Bc4 g6 4. Qf3 *";

    @TempDir Path folder;
    private Library library;
    private long first;
    private long second;

    @BeforeEach
    void open() {
        library = Library.open(folder.resolve("a.zpl"));
        first = library.sheets().add(SheetStore.parse(MATE));
        second = library.sheets().add(SheetStore.parse(OTHER));
    }

    @AfterEach
    void close() {
        library.close();
    }

    private GameReview review(long id) {
        return new FirstPass(
                        new RememberingEngine(new BuiltInEngine(1), library.analyses()),
                        NODES,
                        KnownGames.NONE)
                .review(library.sheets().load(id), Optional.empty(), p -> {}, new Cancellation())
                .orElseThrow();
    }

    private ReviewStore.Entry entry(long id) {
        return library.reviews().entries().stream()
                .filter(e -> e.sheetId() == id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_game_waits_is_done_and_is_not_done_again_unless_on_other_nodes() {
        library.reviews().queue(List.of(first, second), NODES);
        assertThat(library.reviews().entries())
                .extracting(ReviewStore.Entry::state)
                .containsOnly(ReviewStore.State.WAITING);
        GameReview review = review(first);
        library.reviews().done(first, NODES, review);
        library.reviews().failed(second, NODES, "the engine is gone");
        library.reviews().queue(List.of(first), NODES);
        assertThat(entry(first).state()).isEqualTo(ReviewStore.State.DONE);
        assertThat(entry(first).summary().moments()).isEqualTo(review.moments().size());
        assertThat(entry(first).summary().blackLoss())
                .contains(review.players().get(1).meanLossOfAll());
        assertThat(entry(second).problem()).isEqualTo("the engine is gone");
        library.reviews().queue(List.of(first, second), 2 * NODES);
        assertThat(entry(first).state()).isEqualTo(ReviewStore.State.WAITING);
        library.reviews().withdraw(List.of(second));
        assertThat(library.reviews().entries()).hasSize(1);
    }

    private List<Integer> stops(String query) {
        List<Integer> plies = new ArrayList<>();
        library.finder()
                .find(
                        QueryReader.read(query + "; every position"),
                        Runnable::run,
                        1,
                        new Cancellation(),
                        (hits, looked, all) -> hits.forEach(h -> plies.add(h.match().ply())));
        return plies;
    }

    @Test
    void moments_are_found_by_what_they_are_until_they_are_dismissed_or_the_game_changes() {
        GameReview review = review(first);
        Moment moment = review.moments().get(0);
        assertThat(stops("moment")).isEmpty();
        library.reviews().done(first, NODES, review);
        library.reviews().done(first, NODES, review);
        String side = moment.side().word();
        int before = moment.move().ply() - 1;
        assertThat(stops(side + " moment " + moment.kind().word())).contains(before);
        assertThat(stops("moment")).hasSize(review.moments().size());
        assertThat(stops(side + " moment coach")).isEmpty();
        library.reviews().note(first, note(moment, ReviewStore.Decision.DISMISSED));
        assertThat(stops("moment")).doesNotContain(before);
        library.reviews().note(first, note(moment, ReviewStore.Decision.KEPT));
        assertThat(stops("moment")).contains(before);
        library.sheets().save(first, SheetStore.parse(OTHER));
        assertThat(stops("moment")).isEmpty();
    }

    private static ReviewStore.Note note(Moment moment, ReviewStore.Decision decision) {
        return new ReviewStore.Note(moment.move().ply(), decision, "");
    }

    @Test
    void an_analysis_is_remembered_as_it_was() {
        BuiltInEngine engine = new BuiltInEngine(1);
        List<String> positions =
                List.of(
                        Position.START.fen(),
                        "r3k2r/p1ppqpb1/bn2pnp1/3PN3/1p2P3/2N2Q1p/PPPBBPPP/R3K2R w KQkq - 0 1",
                        "8/P6k/8/8/8/8/p6K/8 w - - 0 1",
                        "5r1k/6pp/7N/8/1q6/8/Q5PP/6K1 w - - 0 1");
        for (String fen : positions) {
            for (int lines : new int[] {1, 256}) {
                AnalysisRequest request =
                        AnalysisRequest.of(Position.fromFen(fen), Limits.nodes(NODES))
                                .withLines(lines);
                List<Analysis> told = new ArrayList<>();
                Analysis made =
                        new RememberingEngine(engine, library.analyses())
                                .analyse(request, told::add, new Cancellation());
                AnalysisMemory.Key key = key(fen, lines);
                Remembered known = library.analyses().find(key).orElseThrow();
                assertThat(known.analysis().lines()).isEqualTo(made.lines());
                assertThat(known.analysis().byDepth()).isEqualTo(made.byDepth());
                assertThat(known.analysis().depth()).isEqualTo(made.depth());
                assertThat(known.analysis().nodes()).isEqualTo(made.nodes());
                List<Analysis> way = known.way().orElseThrow();
                List<Analysis> last = told.subList(told.size() - way.size(), told.size());
                assertThat(way.isEmpty()).isEqualTo(told.isEmpty());
                assertThat(way)
                        .extracting(Analysis::nodes)
                        .isEqualTo(last.stream().map(Analysis::nodes).toList());
                assertThat(way)
                        .extracting(ReviewLibraryTest::scores)
                        .isEqualTo(last.stream().map(ReviewLibraryTest::scores).toList());
            }
        }
        assertThat(library.analyses().count()).isEqualTo(8);
        assertThat(library.analyses().find(key("x", 1))).isEmpty();
    }

    private static AnalysisMemory.Key key(String fen, int lines) {
        int number = fen.lastIndexOf(' ');
        String position = number < 0 ? fen : fen.substring(0, number);
        return new AnalysisMemory.Key(BuiltInEngine.NAME, position, NODES, lines);
    }

    private static List<Object> scores(Analysis found) {
        return found.lines().stream()
                .<Object>map(c -> List.of(c.move(), c.score(), c.expected()))
                .toList();
    }

    /** As kept before the way to it was: mate in one. */
    private static final String OLD =
            "789C63E464800021064606067E57C6FFFFA1020C9C4C4CFCAEFE959C8C60512630C90C2659C0242B98640393EC6092034C72824900166818BB";

    @Test
    void an_analysis_that_an_earlier_version_kept_is_read_and_replaced() {
        AnalysisMemory.Key key = key(Position.START.fen(), 1);
        library.analyses()
                .take(
                        List.of(
                                new RememberedAnalyses.Kept(
                                        key.engine(),
                                        key.position(),
                                        key.nodes(),
                                        key.lines(),
                                        HexFormat.of().parseHex(OLD))));
        Remembered old = library.analyses().find(key).orElseThrow();
        assertThat(old.analysis().lines()).hasSize(1);
        assertThat(old.way()).isEmpty();
        new RememberingEngine(new BuiltInEngine(1), library.analyses())
                .analyse(AnalysisRequest.of(Position.START, Limits.nodes(NODES)));
        assertThat(library.analyses().find(key).orElseThrow().way()).isPresent();
        assertThat(library.analyses().count()).isEqualTo(1);
    }

    @Test
    void what_was_searched_is_still_there_after_the_library_was_closed() {
        GameReview before = review(first);
        long kept = library.analyses().count();
        library.close();
        library = Library.open(folder.resolve("a.zpl"));
        GameReview after = review(first);
        assertThat(library.analyses().count()).isEqualTo(kept);
        assertThat(after.moments()).usingRecursiveComparison().isEqualTo(before.moments());
    }

    @Test
    void notes_and_files_of_students_travel_with_the_library() {
        Student nora = library.students().add("Nora Tidewell", 1420);
        library.studentFile().add(nora.id(), first, 6, "Look at f7 first.");
        library.studentFile().add(nora.id(), first, 6, "Look at f7 before anything else.");
        library.reviews()
                .note(first, new ReviewStore.Note(6, ReviewStore.Decision.KEPT, "Too hasty."));
        Path zip = folder.resolve("all.zip");
        new Exporter(library).write(zip);
        try (Library copy = Library.open(folder.resolve("b.zpl"))) {
            // Other games first, so that the numbers of the sheets differ.
            copy.sheets().add(SheetStore.parse("1. d4 d5 *"));
            Importer importer = new Importer(copy, Progress.NONE, new Cancellation());
            assertThat(importer.files(List.of(zip)).rejected()).isEmpty();
            Student same = copy.students().all().get(0);
            StudentFile.Filed filed = copy.studentFile().of(same.id()).get(0);
            assertThat(filed.text()).isEqualTo("Look at f7 before anything else.");
            assertThat(filed.game()).contains("Marram");
            assertThat(copy.reviews().notes(filed.sheetId()))
                    .containsExactly(
                            new ReviewStore.Note(6, ReviewStore.Decision.KEPT, "Too hasty."));
            copy.studentFile().remove(same.id(), filed.sheetId(), 6);
            assertThat(copy.studentFile().of(same.id())).isEmpty();
        }
    }

    @Test
    void a_library_from_before_reviews_is_backed_up_and_keeps_its_games() {
        Path old = folder.resolve("old.zpl");
        String url = "jdbc:sqlite:" + old;
        Flyway.configure()
                .dataSource(url, "", "")
                .locations("classpath:org/zeroply/library/migrations")
                .initSql("PRAGMA application_id = " + 0x5a504c59)
                .target("1")
                .load()
                .migrate();
        try (Library opened = Library.open(old)) {
            assertThat(Files.exists(folder.resolve("old.zpl.before-v1.backup"))).isTrue();
            long id = opened.sheets().add(SheetStore.parse(MATE));
            opened.reviews().queue(List.of(id), NODES);
            assertThat(opened.reviews().entries()).hasSize(1);
            assertThat(opened.sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(1);
        }
    }

    @Test
    void a_position_names_the_other_games_that_came_to_it() {
        MoveTree game = library.sheets().load(first);
        List<Node> line = game.mainLine();
        KnownGames known = library.games().without(first);
        assertThat(known.at(line.get(4).position()))
                .singleElement()
                .satisfies(v -> assertThat(v.id()).isEqualTo(second))
                .satisfies(v -> assertThat(v.next()).isEqualTo("g6"));
        assertThat(known.at(line.get(5).position())).isEmpty();
        long third = library.sheets().add(SheetStore.parse("1. e4 e5 2. Qh5 Nc6 3. Nf3 *"));
        assertThat(library.games().without(first).at(line.get(3).position()))
                .extracting(KnownGames.Visit::id)
                .containsExactlyInAnyOrder(second, third);
    }
}

package org.zeroply.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.sample.SyntheticGames;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetStep;
import org.zeroply.library.sheet.SheetStore.State;
import org.zeroply.library.transfer.ImportReport;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

/** One file, two libraries on it, as two programs have it. */
class TwoProgramsTest {

    /** Writes that take much longer than one that waits its turn. */
    private static final int MANY = 3_000;

    @TempDir private Path folder;
    private Library one;
    private Library two;

    @BeforeEach
    void open() {
        one = Library.open(folder.resolve("a.zpl"));
        two = Library.open(folder.resolve("a.zpl"));
    }

    @AfterEach
    void close() {
        one.close();
        two.close();
    }

    private static MoveTree game(String... moves) throws NotationException {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        var node = editor.tree().root();
        for (String move : moves) {
            node = editor.add(node, San.read(node.position(), move));
        }
        return editor.tree();
    }

    private static List<State> changes(MoveTree... trees) {
        return List.of(trees).stream().map(t -> new State(t, SheetStep.CHANGE)).toList();
    }

    private List<Integer> lengths() {
        return one.sheets().find(SheetQuery.all(SheetKind.GAME)).stream()
                .map(row -> one.sheets().load(row.id()).mainLine().size())
                .sorted()
                .toList();
    }

    @Test
    void what_the_other_has_changed_stays_and_this_is_kept_beside_it() throws NotationException {
        MoveTree known = game("e4");
        long id = one.sheets().add(known);
        assertThat(two.sheets().save(id, known, changes(game("e4", "e5")))).isEqualTo(id);
        long beside =
                one.sheets()
                        .save(
                                id,
                                known,
                                changes(game("e4", "c5", "Nf3"), game("e4", "c5", "Nf3", "d6")));
        assertThat(beside).isNotEqualTo(id);
        assertThat(lengths()).containsExactly(2, 4);
        assertThat(one.sheets().earlier(beside).orElseThrow().mainLine()).hasSize(3);
        assertThat(one.sheets().newer(id, known).orElseThrow().mainLine()).hasSize(2);
        assertThat(one.sheets().newer(id, game("e4", "e5"))).isEmpty();
    }

    @Test
    void what_the_other_has_removed_for_good_is_kept() throws NotationException {
        MoveTree known = game("e4");
        one.sheets().save(77, known, changes(game("e4", "e5")));
        assertThat(lengths()).containsExactly(2);
    }

    @Test
    void a_short_write_comes_between_those_of_a_long_one() throws Exception {
        ExecutorService beside = Executors.newSingleThreadExecutor();
        try {
            CountDownLatch begun = new CountDownLatch(1);
            AtomicBoolean wanted = new AtomicBoolean(true);
            Future<Integer> many =
                    beside.submit(
                            () -> {
                                int writes = 0;
                                while (wanted.get() && writes < MANY) {
                                    one.sheets().add(game("e4"));
                                    begun.countDown();
                                    writes++;
                                }
                                return writes;
                            });
            begun.await();
            one.sheets().add(game("d4"));
            wanted.set(false);
            assertThat(many.get()).isLessThan(MANY);
        } finally {
            beside.shutdownNow();
        }
    }

    @Test
    void statistics_count_what_the_other_has_written() throws NotationException {
        long id = one.sheets().add(game("e4", "e5"));
        assertThat(games()).isEqualTo(1);
        two.sheets().add(game("e4", "c5"));
        assertThat(games()).isEqualTo(2);
        two.sheets().save(id, game("d4"));
        assertThat(games()).isEqualTo(1);
    }

    private int games() throws NotationException {
        Position after = game("e4").root().mainLineEnd().position();
        return one.games().at(after, GameFilter.ALL).games();
    }

    @Test
    void writes_of_this_program_and_of_another_are_told_apart() throws NotationException {
        Library.Writes before = one.writes();
        assertThat(one.writes()).isEqualTo(before);
        two.sheets().add(game("e4"));
        Library.Writes other = one.writes();
        assertThat(other.version()).isNotEqualTo(before.version());
        assertThat(other.own()).isEqualTo(before.own());
        one.sheets().add(game("d4"));
        assertThat(one.writes().own()).isGreaterThan(other.own());
    }

    @Test
    void two_imports_at_once_both_come_to_an_end_and_the_index_is_whole() throws Exception {
        ExecutorService both = Executors.newFixedThreadPool(2);
        try {
            List<Future<ImportReport>> imports = new ArrayList<>();
            for (Library library : List.of(one, two)) {
                StringBuilder pgn = new StringBuilder();
                SyntheticGames maker = new SyntheticGames(imports.size() + 1);
                for (int i = 0; i < 700; i++) {
                    maker.write(i, pgn);
                }
                imports.add(
                        both.submit(
                                () -> {
                                    Importer importer =
                                            new Importer(
                                                    library, Progress.NONE, new Cancellation());
                                    ImportReport report = importer.text(pgn.toString(), "x");
                                    library.games().update();
                                    return report;
                                }));
            }
            int stored = 0;
            for (Future<ImportReport> one : imports) {
                stored += one.get().stored();
            }
            assertThat(stored).isGreaterThan(1300);
            assertThat(one.games().at(Position.START, GameFilter.ALL).games()).isEqualTo(stored);
            assertThat(two.games().at(Position.START, GameFilter.ALL).games()).isEqualTo(stored);
        } finally {
            both.shutdownNow();
        }
    }
}

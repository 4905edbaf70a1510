package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.library.FreshLibrary;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.sheet.SheetStore;

/** Saving with a library that refuses while it is told to. */
class AutoSaveTest {

    @TempDir Path folder;
    private Library library;
    private final Messages messages = new Messages(Clock.systemUTC());
    private final Scheduler scheduler = new Scheduler(messages);
    private final TreeSession session = new TreeSession();
    private AutoSave save;
    private volatile boolean refusing;
    private OptionalLong reopened = OptionalLong.empty();

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @BeforeEach
    void open() {
        library = Library.open(FreshLibrary.at(folder.resolve("saves.zpl")));
        run(
                () -> {
                    save = new AutoSave(scheduler, messages, new Refusing(), session, () -> {});
                    save.onReopen(id -> reopened = OptionalLong.of(id));
                });
    }

    @AfterEach
    void close() {
        scheduler.close();
        library.close();
    }

    private final class Refusing implements AutoSave.Keeper {
        private final AutoSave.Keeper real = AutoSave.Keeper.of(library.sheets());

        private void check() {
            if (refusing) {
                throw new LibraryException("The disk is full.", null);
            }
        }

        @Override
        public long add(MoveTree made, List<SheetStore.State> since) {
            check();
            return real.add(made, since);
        }

        @Override
        public long save(long id, MoveTree known, List<SheetStore.State> states) {
            check();
            return real.save(id, known, states);
        }

        @Override
        public Optional<MoveTree> newer(long id, MoveTree known) {
            return real.newer(id, known);
        }

        @Override
        public Optional<MoveTree> earlier(long id) {
            return real.earlier(id);
        }

        @Override
        public Optional<MoveTree> later(long id) {
            return real.later(id);
        }
    }

    private void play(String... moves) {
        run(
                () -> {
                    for (String move : moves) {
                        try {
                            session.play(move);
                        } catch (NotationException e) {
                            throw new IllegalArgumentException(e);
                        }
                    }
                });
    }

    private String stored(long id) {
        return moves(library.sheets().load(id));
    }

    private static String moves(MoveTree tree) {
        return org.zeroply.chess.notation.Line.numbered(
                tree.start(), tree.mainLine().stream().map(n -> n.move()).toList());
    }

    private String shown() {
        return moves(session.tree());
    }

    private long saved() throws Exception {
        run(save::flush);
        until(save::isClean);
        return session.id().orElseThrow();
    }

    private void undo() {
        run(session::undo);
    }

    @Test
    void a_new_sheet_is_added_and_each_of_its_changes_can_be_taken_back_after_opening_it_again()
            throws Exception {
        play("e4", "e5", "Nf3");
        long id = saved();
        assertThat(stored(id)).isEqualTo("1.e4 e5 2.Nf3");
        run(() -> session.open(library.sheets().load(id), OptionalLong.of(id)));
        for (String left : List.of("1.e4 e5", "1.e4", "")) {
            undo();
            until(() -> shown().equals(left));
        }
        undo();
        until(() -> messages.history().stream().anyMatch(m -> m.text().startsWith("Nothing more")));
        for (String back : List.of("1.e4", "1.e4 e5", "1.e4 e5 2.Nf3")) {
            run(session::redo);
            until(() -> shown().equals(back));
        }
        assertThat(stored(saved())).isEqualTo("1.e4 e5 2.Nf3");
    }

    @Test
    void taking_back_reaches_from_what_was_done_today_into_what_was_done_before() throws Exception {
        play("e4", "e5");
        long id = saved();
        TreeSession fresh = session;
        run(() -> fresh.open(library.sheets().load(id), OptionalLong.of(id)));
        run(() -> fresh.toEnd());
        play("Nf3");
        undo();
        until(() -> shown().equals("1.e4 e5"));
        undo();
        until(() -> shown().equals("1.e4"));
        assertThat(session.current().depth()).as("the place stays as near as can be").isEqualTo(1);
        run(session::redo);
        until(() -> shown().equals("1.e4 e5"));
        run(session::redo);
        until(() -> shown().equals("1.e4 e5 2.Nf3"));
    }

    @Test
    void what_was_done_in_a_sheet_that_is_no_longer_open_is_taken_back_there() throws Exception {
        play("e4", "e5");
        long first = saved();
        run(
                () -> {
                    session.open(new MoveTree(Position.START), OptionalLong.empty());
                });
        play("d4");
        long second = saved();
        undo();
        until(() -> shown().isEmpty());
        undo();
        until(() -> reopened.equals(OptionalLong.of(first)));
        until(() -> stored(first).equals("1.e4"));
        saved();
        assertThat(stored(second)).as("the other one is as it was").isEmpty();
    }

    @Test
    void what_cannot_be_saved_stays_unsaved_and_is_saved_in_its_order_once_that_is_possible()
            throws Exception {
        play("e4");
        long first = saved();
        refusing = true;
        play("e5");
        run(save::flush);
        until(() -> save.problemProperty().get().equals("The disk is full."));
        run(() -> session.open(new MoveTree(Position.START), OptionalLong.empty()));
        play("d4");
        run(save::flush);
        until(() -> save.problemProperty().get().equals("The disk is full."));
        assertThat(save.isClean()).isFalse();
        assertThat(save.unsaved())
                .extracting(AutoSaveTest::moves)
                .containsExactly("1.e4 e5", "1.d4");
        MoveTree read = new MoveTree(Position.START);
        assertThat(moves(save.newest(first, read))).isEqualTo("1.e4 e5");
        assertThat(save.newest(first + 1, read)).isSameAs(read);
        assertThat(stored(first)).isEqualTo("1.e4");

        refusing = false;
        run(save::flush);
        until(save::isClean);
        assertThat(save.problemProperty().get()).isEmpty();
        assertThat(stored(first)).isEqualTo("1.e4 e5");
        assertThat(stored(session.id().orElseThrow())).isEqualTo("1.d4");
    }

    @Test
    void a_failed_save_is_tried_again_by_itself() throws Exception {
        refusing = true;
        play("e4");
        run(save::flush);
        until(() -> !save.problemProperty().get().isEmpty());
        refusing = false;
        until(save::isClean);
        assertThat(stored(session.id().orElseThrow())).isEqualTo("1.e4");
    }

    @Test
    void what_another_program_wrote_is_shown_where_nothing_is_unsaved() throws Exception {
        play("e4");
        long id = saved();
        try (Library other = Library.open(library.file())) {
            MoveTree tree = other.sheets().load(id);
            TreeEditor editor = new TreeEditor(tree);
            Node e4 = tree.mainLine().get(0);
            editor.add(e4, San.read(e4.position(), "c5"));
            other.sheets().save(id, tree);
        }
        run(() -> save.lookAgain("Somebody was here."));
        until(() -> shown().equals("1.e4 c5"));
        assertThat(messages.history()).anyMatch(m -> m.text().equals("Somebody was here."));
        play("c5", "Nf3");
        assertThat(saved()).isEqualTo(id);
        assertThat(stored(id)).isEqualTo("1.e4 c5 2.Nf3");
    }

    @Test
    void what_was_done_beside_another_program_is_kept_beside_what_it_wrote() throws Exception {
        play("e4");
        long id = saved();
        try (Library other = Library.open(library.file())) {
            other.sheets().save(id, new MoveTree(Position.START));
        }
        play("e5");
        run(() -> save.lookAgain("Somebody was here."));
        long beside = saved();
        assertThat(beside).isNotEqualTo(id);
        assertThat(stored(id)).isEmpty();
        assertThat(stored(beside)).isEqualTo("1.e4 e5");
        assertThat(messages.history()).anyMatch(m -> m.text().contains("kept beside"));
        play("Nf3");
        assertThat(saved()).isEqualTo(beside);
    }

    @Test
    void the_watch_tells_writes_of_others_and_not_its_own() throws Exception {
        AtomicInteger told = new AtomicInteger();
        LibraryWatch[] watch = {null};
        run(() -> watch[0] = new LibraryWatch(scheduler, library, told::incrementAndGet));
        play("e4");
        saved();
        look(watch[0]);
        look(watch[0]);
        int own = told.get();
        try (Library other = Library.open(library.file())) {
            other.sheets().add(new MoveTree(Position.START));
        }
        look(watch[0]);
        assertThat(told.get()).isEqualTo(own + 1);
        look(watch[0]);
        assertThat(told.get()).isEqualTo(own + 1);
    }

    /** Looks, and waits for what comes of it. */
    private void look(LibraryWatch watch) throws Exception {
        CountDownLatch looked = new CountDownLatch(1);
        run(watch::look);
        run(() -> scheduler.library(() -> true, done -> looked.countDown()));
        assertThat(looked.await(10, TimeUnit.SECONDS)).isTrue();
    }
}

package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.function.DoubleConsumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.sheet.SheetStore;

/** A first version within seconds, a better one later, and what a person did in between. */
class DraftsTest extends ModelTest {

    private final TreeSession session = new TreeSession();
    private final CountDownLatch longer = new CountDownLatch(1);
    private final List<Optional<Long>> made = new ArrayList<>();
    private volatile String better = "d4";
    private volatile int drafts;

    @BeforeEach
    void begin() {
        services.drafts().showIn(session);
    }

    /** Gives 1.e4 at once, and something else when it may take longer. */
    private Optional<MoveTree> draft(
            SchemeDraft drafter, DoubleConsumer progress, Cancellation cancellation) {
        drafts++;
        if (drafts == 1) {
            return Optional.of(tree("e4", "first"));
        }
        try {
            longer.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        if (cancellation.isCancelled()) {
            throw new CancellationException();
        }
        return better.isEmpty() ? Optional.empty() : Optional.of(tree(better, "longer"));
    }

    private static MoveTree tree(String move, String said) {
        try {
            TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
            editor.tag("ZpKind", "calculation");
            editor.tag("ZpPrompt", said);
            editor.comment(editor.tree().root(), "Not settled: " + said + ".");
            editor.add(editor.tree().root(), San.read(Position.START, move));
            return editor.tree();
        } catch (NotationException e) {
            throw new IllegalStateException(e);
        }
    }

    private long set() throws Exception {
        run(() -> services.drafts().set(this::draft, made::add));
        until(() -> !made.isEmpty() && drafts == 2);
        return made.get(0).orElseThrow();
    }

    private void open(long id) throws Exception {
        MoveTree stored = sheets().load(id);
        run(() -> session.open(stored, OptionalLong.of(id)));
    }

    private SheetStore sheets() {
        return services.library().sheets();
    }

    private static String first(MoveTree tree) {
        return San.write(Position.START, tree.root().children().get(0).move());
    }

    private String latest() {
        return services.messages().latestProperty().get().map(m -> m.text()).orElse("");
    }

    @Test
    void the_open_exercise_is_refined_as_one_change_that_can_be_undone() throws Exception {
        open(set());
        assertThat(first(session.tree())).isEqualTo("e4");
        longer.countDown();
        until(() -> latest().contains("refined"));
        assertThat(first(session.tree())).isEqualTo("d4");
        assertThat(session.tree().tag("ZpPrompt")).isEqualTo("longer");
        assertThat(session.tree().root().annotation().after()).isEqualTo("Not settled: longer.");
        run(session::undo);
        assertThat(first(session.tree())).isEqualTo("e4");
        assertThat(session.tree().tag("ZpPrompt")).isEqualTo("first");
    }

    @Test
    void what_a_person_changed_meanwhile_stays() throws Exception {
        open(set());
        run(() -> session.editor().comment(session.tree().root(), "Mine."));
        longer.countDown();
        until(() -> latest().contains("left out"));
        assertThat(first(session.tree())).isEqualTo("e4");
        assertThat(session.tree().root().annotation().after()).isEqualTo("Mine.");
    }

    @Test
    void an_exercise_that_was_left_is_refined_in_the_library() throws Exception {
        long id = set();
        longer.countDown();
        until(() -> first(sheets().load(id)).equals("d4"));
        assertThat(sheets().load(id).tag("ZpPrompt")).isEqualTo("longer");
    }

    @Test
    void what_is_drafted_once_is_not_drafted_again() throws Exception {
        run(() -> services.drafts().setOnce(this::draft, made::add));
        until(() -> !made.isEmpty());
        until(() -> !services.scheduler().isBusy());
        assertThat(drafts).isEqualTo(1);
        assertThat(latest()).isEqualTo("Drafted; change lines and points as you like.");
        assertThat(first(sheets().load(made.get(0).orElseThrow()))).isEqualTo("e4");
    }

    @Test
    void cancelling_the_longer_look_keeps_the_first_version() throws Exception {
        long id = set();
        until(() -> services.scheduler().isBusy());
        run(() -> services.scheduler().cancel());
        longer.countDown();
        until(() -> !services.scheduler().isBusy());
        assertThat(first(sheets().load(id))).isEqualTo("e4");
    }

    @Test
    void an_empty_sheet_is_filled_and_keeps_what_it_is_called() throws Exception {
        MoveTree empty = new MoveTree(Position.START);
        new TreeEditor(empty).tag("ZpPrompt", "White to move and think.");
        run(() -> session.open(empty, OptionalLong.empty()));
        run(() -> services.drafts().fill(session, this::draft));
        until(() -> drafts == 2);
        assertThat(first(session.tree())).isEqualTo("e4");
        assertThat(session.tree().tag("ZpPrompt")).isEqualTo("White to move and think.");
        assertThat(session.tree().root().annotation().after()).contains("Not settled");
        longer.countDown();
        until(() -> first(session.tree()).equals("d4"));
    }

    @Test
    void a_sheet_with_moves_is_not_overwritten_by_a_draft_begun_before_them() throws Exception {
        run(() -> session.open(new MoveTree(Position.START), OptionalLong.empty()));
        run(
                () -> {
                    services.drafts().fill(session, this::draft);
                    try {
                        session.play("Nf3");
                    } catch (NotationException e) {
                        throw new IllegalStateException(e);
                    }
                });
        until(() -> latest().contains("left out"));
        assertThat(first(session.tree())).isEqualTo("Nf3");
    }
}

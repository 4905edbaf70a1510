package org.zeroply.desktop.work;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetStore;

/**
 * Drafts exercises in two steps: a first version within seconds, and a better one that takes its
 * time while the first can be looked at. What was changed in the meantime stays as it is, and one
 * undo brings the first version back.
 */
public final class Drafts {

    /** Drafts an exercise, whatever it is about; nothing when there is nothing to be found. */
    public interface Drafting {

        /**
         * Drafts.
         *
         * @param progress told the part done, 0 to 1
         */
        Optional<MoveTree> draft(
                SchemeDraft drafter, DoubleConsumer progress, Cancellation cancellation);
    }

    private static final String DRAFTED = Texts.of("work.drafted-change-lines-and-points");

    private final Library library;
    private final Scheduler scheduler;
    private final Messages messages;
    private final Supplier<SchemeDraft> drafter;
    private Optional<TreeSession> shown = Optional.empty();

    /** An exercise as it was first drafted. */
    private record Made(long id, String text) {}

    Drafts(Library library, Scheduler scheduler, Messages messages, Supplier<SchemeDraft> drafter) {
        this.library = library;
        this.scheduler = scheduler;
        this.messages = messages;
        this.drafter = drafter;
    }

    /** Exercises are opened here. */
    public void showIn(TreeSession session) {
        shown = Optional.of(session);
    }

    /**
     * Drafts a new exercise of the library.
     *
     * @param done told the id of the first version; nothing when there is nothing to be found
     */
    public void set(Drafting how, Consumer<Optional<Long>> done) {
        set(how, this::first, done, m -> refine(how, refined -> replace(m, refined)));
    }

    /** The same in one step, where a longer look would do the same work again. */
    public void setOnce(Drafting how, Consumer<Optional<Long>> done) {
        set(how, drafter, done, m -> messages.say(DRAFTED));
    }

    private void set(
            Drafting how,
            Supplier<SchemeDraft> with,
            Consumer<Optional<Long>> done,
            Consumer<Made> afterwards) {
        scheduler.<Optional<Made>>longWork(
                Texts.of("work.drafting-the-exercise"),
                (cancellation, progress) ->
                        how.draft(with.get(), progress::accept, cancellation).map(this::add),
                made -> {
                    done.accept(made.map(Made::id));
                    made.ifPresent(afterwards);
                });
    }

    private SchemeDraft first() {
        return drafter.get().first();
    }

    private Made add(MoveTree tree) {
        SheetStore sheets = library.sheets();
        long id = sheets.add(PgnWriter.write(tree));
        return new Made(id, PgnWriter.write(sheets.load(id)));
    }

    /**
     * Drafts the open exercise, which has no moves yet.
     *
     * @param session where it is open
     */
    public void fill(TreeSession session, Drafting how) {
        MoveTree tree = session.tree();
        scheduler.<Optional<MoveTree>>longWork(
                Texts.of("work.drafting-the-scheme"),
                (cancellation, progress) -> how.draft(first(), progress::accept, cancellation),
                drafted -> drafted.ifPresent(first -> fill(session, tree, first, how)));
    }

    private void fill(TreeSession session, MoveTree tree, MoveTree drafted, Drafting how) {
        if (session.tree() != tree || !tree.root().children().isEmpty()) {
            leftOut();
            return;
        }
        put(session.editor(), drafted, false);
        String text = PgnWriter.write(tree);
        refine(
                how,
                refined -> {
                    if (session.tree() == tree) {
                        replace(session, text, refined);
                    } else {
                        leftOut();
                    }
                });
    }

    private void refine(Drafting how, Consumer<MoveTree> done) {
        messages.say(Texts.of("work.it-is-looked-at-longer", DRAFTED));
        scheduler
                .<Optional<MoveTree>>submit(
                        Scheduler.Lane.REFINING,
                        Texts.of("work.refining-the-draft"),
                        (cancellation, progress) ->
                                how.draft(drafter.get(), progress::accept, cancellation))
                .whenDone(refined -> refined.ifPresent(done));
    }

    private void replace(Made first, MoveTree refined) {
        Optional<TreeSession> open = shown.filter(s -> s.isOpen(first.id()));
        if (open.isPresent()) {
            replace(open.get(), first.text(), refined);
            return;
        }
        scheduler.library(
                () -> {
                    SheetStore sheets = library.sheets();
                    if (!sheets.has(first.id())) {
                        return true;
                    }
                    MoveTree now = sheets.load(first.id());
                    boolean same = PgnWriter.write(now).equals(first.text());
                    if (same) {
                        put(new TreeEditor(now), refined, true);
                        sheets.save(first.id(), now);
                    }
                    return same;
                },
                same -> {
                    if (!same) {
                        leftOut();
                    }
                });
    }

    private void replace(TreeSession session, String first, MoveTree refined) {
        if (!PgnWriter.write(session.tree()).equals(first)) {
            leftOut();
            return;
        }
        put(session.editor(), refined, true);
        boolean same = PgnWriter.write(session.tree()).equals(first);
        messages.say(
                same
                        ? Texts.of("work.the-draft-holds-a-longer")
                        : Texts.of("work.the-draft-is-refined-undo"));
    }

    /**
     * Puts a draft into a sheet, as one change.
     *
     * @param anew whether the tags of the sheet give way, too
     */
    private static void put(TreeEditor editor, MoveTree drafted, boolean anew) {
        MoveTree tree = editor.tree();
        editor.together(
                () -> {
                    editor.replaceRest(tree.root(), drafted.root());
                    editor.annotate(tree.root(), a -> drafted.root().annotation());
                    drafted.tags()
                            .forEach(
                                    (name, value) -> {
                                        if (anew || tree.tag(name).isEmpty()) {
                                            editor.tag(name, value);
                                        }
                                    });
                });
    }

    private void leftOut() {
        messages.say(Texts.of("work.the-exercise-was-changed-meanwhile"));
    }
}

package org.zeroply.desktop.defence;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.CancellationException;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.whatif.VariantProposer;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.draft.DefenceDraft;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/**
 * The table of what-if: how it is filled, which row stands on the board, and what is made of it.
 */
final class WhatIfModel {

    private static final int COLUMNS = 5;
    private static final int PROPOSED = 5;

    private final Services services;
    private final DefenceModel defence;
    private final TreeSession shown = new TreeSession();
    private final ReadOnlyObjectWrapper<Optional<WhatIf>> table =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Integer>> row =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyStringWrapper reply = new ReadOnlyStringWrapper("");

    WhatIfModel(Services services, DefenceModel defence) {
        this.services = services;
        this.defence = defence;
    }

    /** The table; empty before the first variant. */
    ReadOnlyObjectProperty<Optional<WhatIf>> tableProperty() {
        return table.getReadOnlyProperty();
    }

    /** The row on the board, 0-based; empty when the position itself stands there. */
    ReadOnlyObjectProperty<Optional<Integer>> rowProperty() {
        return row.getReadOnlyProperty();
    }

    /** The chosen row, with the line of the chosen cell. */
    ReadOnlyStringProperty replyProperty() {
        return reply.getReadOnlyProperty();
    }

    /** What the board shows: the chosen row, else the position itself. */
    TreeSession session() {
        return row.get().isPresent() ? shown : defence.sheet();
    }

    /** Forgets the table of another position. */
    void clear() {
        show(Optional.empty());
    }

    private void show(Optional<WhatIf> now) {
        row.set(Optional.empty());
        reply.set("");
        table.set(now);
    }

    // ---- Filling --------------------------------------------------------------------------------

    private Optional<Elimination> found() {
        Optional<Elimination> found = defence.foundProperty().get().filter(e -> e.done() == 1);
        if (found.isEmpty()) {
            services.messages().say(Texts.of("defence.wait-until-every-move-has"));
        }
        return found;
    }

    private static List<Move> defences(Elimination found) {
        return VariantProposer.defences(found, COLUMNS);
    }

    /** Looks for the smallest changes that turn a verdict. */
    void propose() {
        found().ifPresent(
                        e ->
                                fill(
                                        e,
                                        Texts.of("defence.looking-for-the-smallest-changes"),
                                        (evaluator, progress) ->
                                                new VariantProposer(evaluator)
                                                        .propose(
                                                                e.position(),
                                                                defences(e),
                                                                WhatIf.wanted(e.result()),
                                                                PROPOSED,
                                                                progress::accept)));
    }

    /** Work that makes a table. */
    private interface Filling {
        WhatIf run(MoveEvaluator evaluator, Consumer<Double> progress);
    }

    private void fill(Elimination found, String name, Filling filling) {
        if (defences(found).isEmpty()) {
            services.messages().say(Texts.of("defence.nothing-holds-here-and-nothing"));
            return;
        }
        services.scheduler()
                .<Optional<WhatIf>>longWork(
                        name,
                        (cancellation, progress) -> {
                            try {
                                MoveEvaluator evaluator = defence.evaluators(cancellation).first();
                                return Optional.of(filling.run(evaluator, progress));
                            } catch (CancellationException e) {
                                return Optional.empty();
                            }
                        },
                        made -> {
                            services.messages().say("");
                            boolean here = defence.position().equals(Optional.of(found.position()));
                            if (here && made.isPresent()) {
                                show(made);
                            }
                        });
    }

    /**
     * Lets a variant be made, beginning with the row chosen.
     *
     * @param setUp lets somebody change a position
     */
    void add(BiConsumer<Position, Consumer<Position>> setUp) {
        found().ifPresent(e -> setUp.accept(position().orElse(e.position()), made -> add(e, made)));
    }

    private Optional<Position> position() {
        return row.get().flatMap(r -> table.get().map(t -> t.rows().get(r).position()));
    }

    private void add(Elimination found, Position changed) {
        WhatIf.Row variant = WhatIf.Row.of(found.position(), changed);
        Optional<WhatIf> before = table.get();
        fill(
                found,
                Texts.of("defence.trying-the-defences"),
                (evaluator, progress) ->
                        before.orElseGet(() -> asItIs(found, evaluator)).with(variant, evaluator));
    }

    private static WhatIf asItIs(Elimination found, MoveEvaluator evaluator) {
        WhatIf.Row base = new WhatIf.Row(Texts.of("defence.as-it-is"), found.position());
        Holding wanted = WhatIf.wanted(found.result());
        return WhatIf.of(List.of(base), defences(found), wanted, evaluator, p -> {});
    }

    /** Takes the chosen variant out of the table. */
    void remove() {
        if (row.get().filter(r -> r > 0).isEmpty()) {
            services.messages().say(Texts.of("defence.choose-a-variant-first-the"));
            return;
        }
        int chosen = row.get().get();
        WhatIf before = table.get().orElseThrow();
        show(Optional.of(before.without(chosen)));
        services.messages()
                .say(
                        Texts.of("defence.was-taken-out-of-the", before.rows().get(chosen).name()),
                        new Messages.Action(Texts.of("defence.undo"), () -> bringBack(before)));
    }

    /** Not over the table of another position. */
    private void bringBack(WhatIf before) {
        if (defence.position().equals(Optional.of(before.rows().get(0).position()))) {
            show(Optional.of(before));
        }
    }

    // ---- Looking --------------------------------------------------------------------------------

    /** Puts a row on the board, with a line to step through. */
    void choose(int index, List<Move> line) {
        WhatIf.Row chosen = table.get().orElseThrow().rows().get(index);
        TreeEditor editor = new TreeEditor(new MoveTree(chosen.position()));
        if (!line.isEmpty()) {
            editor.addLine(editor.tree().root(), line);
        }
        shown.open(editor.tree(), OptionalLong.empty());
        if (!line.isEmpty()) {
            shown.forward();
        }
        reply.set(
                line.isEmpty()
                        ? chosen.name()
                        : chosen.name() + ":  " + Line.numbered(chosen.position(), line));
        row.set(Optional.of(index));
    }

    // ---- Making something of it -----------------------------------------------------------------

    /**
     * Drafts an exercise from the chosen row.
     *
     * @param open opens what was drafted
     */
    void exercise(LongConsumer open) {
        Optional<Position> position = position();
        if (position.isEmpty()) {
            services.messages().say(Texts.of("defence.choose-a-row-first"));
            return;
        }
        services.scheduler()
                .<Optional<Made>>longWork(
                        Texts.of("defence.drafting-the-exercise"),
                        (cancellation, progress) ->
                                new DefenceDraft(defence.evaluators(cancellation))
                                        .draft(
                                                position.get(),
                                                DefenceTask.ELIMINATION,
                                                progress::accept)
                                        .map(this::keep),
                        made -> made.ifPresent(m -> tell(m, open)));
    }

    /** An exercise that was kept, or why there is none. */
    private record Made(OptionalLong id, String why) {}

    private Made keep(DefenceDraft.Result result) {
        return result.tree()
                .map(PgnWriter::write)
                .map(pgn -> OptionalLong.of(services.library().sheets().add(pgn)))
                .map(id -> new Made(id, ""))
                .orElse(new Made(OptionalLong.empty(), result.why()));
    }

    private void tell(Made made, LongConsumer open) {
        services.messages()
                .say(made.id().isPresent() ? Texts.of("defence.drafted-from-the-row") : made.why());
        made.id().ifPresent(open);
    }
}

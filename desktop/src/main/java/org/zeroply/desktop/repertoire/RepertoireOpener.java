package org.zeroply.desktop.repertoire;

import java.util.Optional;
import java.util.function.Consumer;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;

/** Opens the repertoire of a side where that of the other one is open, and does something in it. */
final class RepertoireOpener {

    private final Services services;
    private final RepertoireModel model;
    private Optional<Runnable> waiting = Optional.empty();

    RepertoireOpener(Services services, RepertoireModel model) {
        this.services = services;
        this.model = model;
        model.viewProperty().addListener(o -> waiting.ifPresent(Runnable::run));
    }

    /** Does something once the repertoire for a side is read. */
    void with(Side side, Consumer<RepertoireView> work) {
        waiting = Optional.empty();
        Optional<RepertoireView> read = read(side);
        if (read.isPresent()) {
            work.accept(read.get());
            return;
        }
        Optional<RepertoireModel.Chapter> chapter =
                model.chapters().stream().filter(c -> c.side() == side).findFirst();
        if (chapter.isEmpty()) {
            services.messages().say(Texts.of("repertoire.there-is-no-chapter-for", side.word()));
            return;
        }
        waiting =
                Optional.of(
                        () ->
                                read(side)
                                        .ifPresent(
                                                view -> {
                                                    waiting = Optional.empty();
                                                    work.accept(view);
                                                }));
        model.open(chapter.get().id());
    }

    private Optional<RepertoireView> read(Side side) {
        return model.viewProperty().get().filter(v -> v.repertoire().side() == side);
    }

    /** Goes to a position of the repertoire for a side. */
    void go(Side side, Position position) {
        with(side, view -> view.repertoire().at(position).ifPresent(model::go));
    }
}

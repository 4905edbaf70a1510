package org.zeroply.desktop.app;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/**
 * A short way through the desks, which can be left at any step; the desks stay usable meanwhile.
 */
final class Tour {

    /** A step: the desk that comes to the front, and what is to be said about it. */
    record Step(String desk, String words) {}

    static final List<Step> STEPS =
            List.of(
                    new Step(Texts.of("app.games"), Texts.of("app.collect-games-bring-in-a")),
                    new Step(Texts.of("app.review"), Texts.of("app.review-a-game-the-few")),
                    new Step(
                            Texts.of("app.lab"),
                            Texts.of("app.understand-a-position-before-anyone")),
                    new Step(Texts.of("app.defence"), Texts.of("app.every-move-is-looked-at")),
                    new Step(
                            Texts.of("app.repertoire"),
                            Texts.of("app.build-chapters-with-one-recommended")),
                    new Step(
                            Texts.of("app.exercises"),
                            Texts.of("app.find-positions-worth-setting-draft-a")),
                    new Step(Texts.of("app.lessons"), Texts.of("app.put-positions-in-order-ask")),
                    new Step(Texts.of("app.solve"), Texts.of("app.the-board-stays-still-the")),
                    new Step(Texts.of("app.students"), Texts.of("app.who-they-are-what-they")));

    private final Workbench bench;
    private final StackPane layer = new StackPane();
    private int at;

    Tour(Workbench bench) {
        this.bench = bench;
        layer.setPickOnBounds(false);
        layer.getStyleClass().add("notices");
        layer.setAlignment(Pos.BOTTOM_RIGHT);
    }

    void begin() {
        bench.getChildren().removeIf(n -> "tour".equals(n.getId()));
        layer.setId("tour");
        bench.getChildren().add(layer);
        show(0);
    }

    private void show(int step) {
        at = step;
        Step now = STEPS.get(step);
        bench.show(now.desk());
        boolean last = step == STEPS.size() - 1;
        HBox buttons =
                new HBox(
                        8,
                        Widgets.quiet("tour-leave", Texts.of("app.leave-the-tour"), this::leave),
                        Widgets.spacer(),
                        Widgets.button("tour-back", Texts.of("app.back"), () -> show(at - 1)),
                        Widgets.primary(
                                "tour-next",
                                last ? Texts.of("app.done") : Texts.of("app.next"),
                                last ? this::leave : () -> show(at + 1)));
        buttons.getChildren().get(2).setDisable(step == 0);
        VBox card =
                new VBox(
                        8,
                        Widgets.label(
                                Texts.of("app.of", now.desk(), step + 1, STEPS.size()),
                                "sheet-title"),
                        Widgets.wrapped(now.words(), "plain"),
                        buttons);
        card.getStyleClass().add("notice");
        card.setMaxSize(420, VBox.USE_PREF_SIZE);
        layer.getChildren().setAll(card);
    }

    private void leave() {
        bench.getChildren().remove(layer);
    }
}

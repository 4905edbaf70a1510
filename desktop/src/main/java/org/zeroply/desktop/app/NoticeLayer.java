package org.zeroply.desktop.app;

import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Messages;

/**
 * What was just done and can be undone, where the eye is: over the foot of the page for a while.
 */
final class NoticeLayer extends StackPane {

    /** Long enough to read it and reach for the mouse. */
    private static final Duration STAYS = Duration.seconds(12);

    private final PauseTransition away = new PauseTransition(STAYS);

    NoticeLayer(Messages messages) {
        setPickOnBounds(false);
        // At the left, so that the tools at the foot of a page can be pressed meanwhile.
        setAlignment(Pos.BOTTOM_LEFT);
        getStyleClass().add("notices");
        away.setOnFinished(e -> getChildren().clear());
        messages.latestProperty().addListener((o, was, is) -> show(is));
    }

    private void show(Optional<Messages.Message> now) {
        getChildren().clear();
        List<Messages.Action> actions = now.map(Messages.Message::actions).orElse(List.of());
        if (actions.isEmpty()) {
            return;
        }
        HBox card = new HBox(12, Widgets.wrapped(now.get().text(), "plain"));
        card.setId("notice");
        card.getStyleClass().add("notice");
        card.setAlignment(Pos.CENTER_LEFT);
        card.setMaxSize(560, USE_PREF_SIZE);
        for (Messages.Action action : actions) {
            card.getChildren()
                    .add(
                            Widgets.action(
                                    "notice-",
                                    new Messages.Action(
                                            action.name(),
                                            () -> {
                                                getChildren().clear();
                                                action.run().run();
                                            })));
        }
        getChildren().add(card);
        away.playFromStart();
    }
}

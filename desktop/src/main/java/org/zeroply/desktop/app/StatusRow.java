package org.zeroply.desktop.app;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Services;

/**
 * The row at the foot of the window: what happened last and what can be done about it, what goes
 * on, what is not saved, and which library is open.
 */
final class StatusRow extends HBox {

    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("HH:mm:ss").withZone(ZoneId.systemDefault());
    private static final int LISTED = 12;

    private final Services services;
    private final Label message = Widgets.label("", "status-message");
    private final HBox actions = new HBox(4);

    /**
     * @param elsewhere saves what cannot be saved to another place
     */
    StatusRow(Services services, Runnable elsewhere) {
        this.services = services;
        message.setId("message");
        message.setMinWidth(0);
        actions.setAlignment(Pos.CENTER_LEFT);
        actions.setMinWidth(USE_PREF_SIZE);
        Button before = Widgets.quiet("messages", "…", () -> {});
        before.setAccessibleText(Texts.of("app.what-was-said-before"));
        before.setTooltip(new Tooltip(Texts.of("app.what-was-said-before")));
        before.setOnAction(e -> history().show(before, Side.TOP, 0, 0));
        HBox gap = new HBox();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label file = new Label(services.library().file().getFileName().toString());
        file.setTooltip(new Tooltip(services.library().file().toString()));
        file.getStyleClass().add("faded");
        getChildren().addAll(before, message, actions, gap, unsaved(elsewhere));
        getChildren().addAll(endings(), file);
        setSpacing(8);
        getStyleClass().add("status");
        setAlignment(Pos.CENTER_LEFT);
        services.messages().latestProperty().addListener((o, was, is) -> say(is));
        say(services.messages().latestProperty().get());
    }

    private void say(Optional<Messages.Message> now) {
        String text = now.map(Messages.Message::text).orElse("");
        message.setText(text);
        message.setTooltip(text.isEmpty() ? null : Widgets.wide(text));
        actions.getChildren().clear();
        for (Messages.Action action : now.map(Messages.Message::actions).orElse(List.of())) {
            actions.getChildren().add(Widgets.action("status-", action));
        }
    }

    private HBox unsaved(Runnable elsewhere) {
        Label words = Widgets.label("", "alarm");
        words.setId("unsaved");
        words.setMinWidth(USE_PREF_SIZE);
        HBox row =
                new HBox(
                        4,
                        words,
                        Widgets.button(
                                "save-again", Texts.of("app.try-again"), services.saves()::flush),
                        Widgets.button(
                                "save-elsewhere", Texts.of("app.save-elsewhere"), elsewhere));
        row.setAlignment(Pos.CENTER_LEFT);
        row.setMinWidth(USE_PREF_SIZE);
        row.managedProperty().bind(row.visibleProperty());
        row.setVisible(false);
        services.saves()
                .problemProperty()
                .addListener(
                        (o, was, problem) -> {
                            row.setVisible(!problem.isEmpty());
                            words.setText(Texts.of("app.not-saved"));
                            words.setTooltip(Widgets.wide(problem));
                            if (was.isEmpty()) {
                                services.messages()
                                        .say(Texts.of("app.it-is-kept-here-and", problem));
                            } else if (problem.isEmpty()) {
                                services.messages().say(Texts.of("app.saved-after-all"));
                            }
                        });
        return row;
    }

    private HBox endings() {
        Label state = Widgets.label("", "faded");
        state.setId("endings-state");
        state.textProperty().bind(services.endings().stateProperty());
        Button stop =
                Widgets.quiet("stop-endings", Texts.of("app.not-now"), services.endings()::stop);
        HBox row = new HBox(4, state, stop);
        row.setAlignment(Pos.CENTER_LEFT);
        row.visibleProperty().bind(state.textProperty().isNotEmpty());
        row.managedProperty().bind(row.visibleProperty());
        return row;
    }

    private ContextMenu history() {
        List<Command> said = new ArrayList<>();
        services.messages().history().stream()
                .limit(LISTED)
                .forEach(
                        m ->
                                said.add(
                                        Command.of(
                                                TIME.format(m.at()) + "  " + brief(m.text()),
                                                () ->
                                                        services.messages()
                                                                .say(
                                                                        m.text(),
                                                                        m.actions()
                                                                                .toArray(
                                                                                        new Messages
                                                                                                        .Action
                                                                                                [0])))));
        if (said.isEmpty()) {
            said.add(Command.of(Texts.of("app.nothing-has-been-said-yet"), () -> {}));
        }
        ContextMenu menu = Menus.of(said);
        menu.setId("message-history");
        return menu;
    }

    private static String brief(String text) {
        return text.length() <= 110 ? text : text.substring(0, 108) + " …";
    }
}

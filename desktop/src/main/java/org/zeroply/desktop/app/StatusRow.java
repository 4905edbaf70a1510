package org.zeroply.desktop.app;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;

/** The row at the foot of the window: what happened last, what goes on, which library is open. */
final class StatusRow extends HBox {

    StatusRow(Services services) {
        Label message = new Label();
        message.setId("message");
        message.textProperty().bind(services.background().messageProperty());
        message.setMinWidth(0);
        HBox.setHgrow(message, Priority.ALWAYS);
        message.setMaxWidth(Double.MAX_VALUE);
        ProgressBar bar = new ProgressBar();
        bar.progressProperty().bind(services.background().progressProperty());
        bar.visibleProperty().bind(services.background().busyProperty());
        Button cancel = Widgets.button("cancel", "Cancel", services.background()::cancel);
        cancel.visibleProperty().bind(services.background().busyProperty());
        Label file = new Label(services.library().file().getFileName().toString());
        file.getStyleClass().add("faded");
        Label endings = new Label();
        endings.setId("endings-state");
        endings.getStyleClass().add("faded");
        endings.textProperty().bind(services.endings().stateProperty());
        Button stop = Widgets.button("stop-endings", "Not now", services.endings()::stop);
        stop.visibleProperty().bind(endings.textProperty().isNotEmpty());
        stop.managedProperty().bind(stop.visibleProperty());
        getChildren().addAll(message, bar, cancel, endings, stop, file);
        setSpacing(10);
        getStyleClass().add("status");
        setAlignment(Pos.CENTER_LEFT);
    }
}

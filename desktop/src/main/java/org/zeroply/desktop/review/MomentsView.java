package org.zeroply.desktop.review;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.coach.review.Departure;
import org.zeroply.coach.review.GameReview;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.texts.Texts;

/** The moments of a game as cards; the one that is looked at is open. */
final class MomentsView extends VBox {

    private final ReviewModel model;
    private final MomentActions actions;
    private final VBox cards = new VBox(6);
    private final LineSheetView sheet;

    MomentsView(ReviewModel model, MomentActions actions, Node out) {
        super(8);
        this.model = model;
        this.actions = actions;
        sheet = new LineSheetView(model.card(), false);
        sheet.setId("moment-sheet");
        sheet.setMinHeight(124);
        sheet.setPrefHeight(150);
        cards.getStyleClass().add("moments");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        HBox tools = tools();
        tools.getChildren().add(out);
        getChildren().addAll(tools, scroll);
        model.cards().addListener((javafx.beans.Observable o) -> rebuild());
        model.selectedProperty().addListener(o -> rebuild());
        model.stateProperty().addListener(o -> rebuild());
        model.guessingProperty().addListener(o -> rebuild());
        rebuild();
    }

    private HBox tools() {
        Label departure = new Label();
        departure.setId("departure");
        departure.setMinWidth(0);
        departure.setMaxWidth(Double.MAX_VALUE);
        departure.getStyleClass().add("faded");
        HBox.setHgrow(departure, Priority.ALWAYS);
        model.reviewProperty()
                .addListener(
                        (o, was, is) -> {
                            String text =
                                    is.flatMap(GameReview::departure)
                                            .map(Departure::text)
                                            .orElse("");
                            departure.setText(text);
                            departure.setTooltip(text.isEmpty() ? null : new Tooltip(text));
                        });
        ToggleButton guess = new ToggleButton(Texts.of("review.guess-first"));
        guess.setId("guess-first");
        Widgets.leaveFocus(guess);
        guess.setMinWidth(Region.USE_PREF_SIZE);
        guess.setTooltip(new Tooltip(Texts.of("review.the-better-move-stays-hidden")));
        guess.selectedProperty().bindBidirectional(model.guessingProperty());
        Button own = new Button(Texts.of("review.add-a-moment"));
        own.setId("moment-add");
        Widgets.leaveFocus(own);
        own.setMinWidth(Region.USE_PREF_SIZE);
        own.setTooltip(new Tooltip(Texts.of("review.makes-the-move-just-played")));
        own.setOnAction(e -> actions.choose());
        HBox tools = Widgets.row(departure, own, guess);
        tools.setAlignment(Pos.CENTER_LEFT);
        return tools;
    }

    void setPalette(Palette palette) {
        sheet.setPalette(palette);
    }

    private void rebuild() {
        cards.getChildren().clear();
        if (!model.stateProperty().get().isEmpty()) {
            Label state = new Label(model.stateProperty().get());
            state.setId("review-state");
            state.setWrapText(true);
            state.getStyleClass().add("empty-note");
            cards.getChildren().add(state);
        }
        Optional<MomentCard> selected = model.selectedProperty().get();
        for (MomentCard moment : model.cards()) {
            boolean open = selected.filter(s -> s.ply() == moment.ply()).isPresent();
            cards.getChildren().add(new MomentView(model, moment, open, sheet, actions));
        }
    }
}

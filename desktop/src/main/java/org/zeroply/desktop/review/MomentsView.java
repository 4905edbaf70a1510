package org.zeroply.desktop.review;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.coach.review.GameReview;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.session.MomentCard;
import org.zeroply.desktop.session.ReviewModel;
import org.zeroply.desktop.sheet.LineSheetView;

/** The moments of a game as cards; the one that is looked at is open. */
final class MomentsView extends VBox {

    private final ReviewModel model;
    private final MomentActions actions;
    private final VBox cards = new VBox(6);
    private final LineSheetView sheet;

    MomentsView(ReviewModel model, MomentActions actions) {
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
        getChildren().add(scroll);
        model.cards().addListener((javafx.beans.Observable o) -> rebuild());
        model.selectedProperty().addListener(o -> rebuild());
        model.stateProperty().addListener(o -> rebuild());
        model.guessingProperty().addListener(o -> rebuild());
        rebuild();
    }

    void setPalette(Palette palette) {
        sheet.setPalette(palette);
    }

    private void rebuild() {
        cards.getChildren().clear();
        model.reviewProperty().get().flatMap(GameReview::departure).ifPresent(d -> note(d.text()));
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

    private void note(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().add("faded");
        cards.getChildren().add(label);
    }
}

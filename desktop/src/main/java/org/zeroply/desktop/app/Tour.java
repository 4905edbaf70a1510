package org.zeroply.desktop.app;

import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Widgets;

/**
 * A short way through the desks, which can be left at any step; the desks stay usable meanwhile.
 */
final class Tour {

    /** A step: the desk that comes to the front, and what is to be said about it. */
    record Step(String desk, String words) {}

    static final List<Step> STEPS =
            List.of(
                    new Step(
                            "Games",
                            "Collect games: bring in a file, paste, or drop. Replay them with the"
                                    + " arrows, try moves on the board; everything is saved by"
                                    + " itself and can be taken back, also tomorrow."),
                    new Step(
                            "Review",
                            "Review a game: the few moments that mattered, each with the line that"
                                    + " proves it. Keep them, reword them, or set them as"
                                    + " exercises."),
                    new Step(
                            "Lab",
                            "Understand a position before anyone calculates: structure, pieces,"
                                    + " king, threats. Point at a fact and it is drawn on the"
                                    + " board."),
                    new Step(
                            "Defence",
                            "Every move is looked at and crossed out as it is refuted, until it is"
                                    + " clear what holds, and why all else fails."),
                    new Step(
                            "Repertoire",
                            "Build chapters with one recommended move and the replies that matter,"
                                    + " see what is missing, and let students drill them."),
                    new Step(
                            "Exercises",
                            "Find positions worth setting, draft a marking scheme with points, and"
                                    + " have it checked before a student finds the hole."),
                    new Step(
                            "Lessons",
                            "Put positions in order, ask, compare and set homework; give it on a"
                                    + " second screen and take answers down by name."),
                    new Step(
                            "Solve",
                            "The board stays still, the clock runs, lines are written down and"
                                    + " committed; marking is line by line. Show it to a whole"
                                    + " room in the Classroom."),
                    new Step(
                            "Students",
                            "Who they are, what they tried, what they keep missing, and what comes"
                                    + " next week."));

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
                        Widgets.quiet("tour-leave", "Leave the tour", this::leave),
                        Widgets.spacer(),
                        Widgets.button("tour-back", "Back", () -> show(at - 1)),
                        Widgets.primary(
                                "tour-next",
                                last ? "Done" : "Next",
                                last ? this::leave : () -> show(at + 1)));
        buttons.getChildren().get(2).setDisable(step == 0);
        VBox card =
                new VBox(
                        8,
                        Widgets.label(
                                now.desk() + "  ·  " + (step + 1) + " of " + STEPS.size(),
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

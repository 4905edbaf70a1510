package org.zeroply.desktop.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.GradeFigure;
import org.zeroply.coach.review.OpeningTempi;
import org.zeroply.coach.review.PlayerReview;
import org.zeroply.coach.review.SpentTempo;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** The figures of both players: losses by phase, errors, time, and the opening in tempi. */
final class FiguresView extends VBox {

    private static final double NAMES = 120;
    private static final double LEAST = 44;

    private static final List<Integer> OPENING_MOVES = List.of(6, 10, 14);

    private final ReviewModel model;

    FiguresView(ReviewModel model) {
        super(6);
        this.model = model;
        setId("figures");
        getStyleClass().add("lab-page");
        model.reviewProperty().addListener(o -> rebuild());
        model.stateProperty().addListener(o -> rebuild());
        rebuild();
    }

    private void rebuild() {
        getChildren().clear();
        Optional<GameReview> review = model.reviewProperty().get();
        if (review.isEmpty()) {
            getChildren().add(Widgets.wrapped(model.stateProperty().get(), "empty-note"));
            return;
        }
        GameReview told = review.get();
        told.course()
                .ifPresent(
                        c ->
                                group(
                                        Texts.of("review.the-game"),
                                        Widgets.wrapped(c.text(), "plain")));
        group(Texts.of("review.players"), players(told));
        group(Texts.of("review.the-opening-in-tempi"), opening(told));
        SpentTempo.sentence(told.game().mainLine(), SpentTempo.MOVES)
                .map(t -> Widgets.wrapped(t, "plain"))
                .ifPresent(getChildren()::add);
        told.departure()
                .ifPresent(
                        d ->
                                group(
                                        Texts.of("review.known-games"),
                                        Widgets.wrapped(d.text(), "plain")));
    }

    private void group(String heading, Node content) {
        getChildren().addAll(Widgets.heading(heading), content);
    }

    private static GridPane grid(int columns, double width) {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(5);
        ColumnConstraints first = new ColumnConstraints();
        first.setMinWidth(NAMES);
        first.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().add(first);
        for (int i = 0; i < columns; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setMinWidth(LEAST);
            column.setPrefWidth(width);
            column.setHalignment(HPos.RIGHT);
            grid.getColumnConstraints().add(column);
        }
        return grid;
    }

    private static void row(GridPane grid, List<String> cells, String style) {
        int row = grid.getRowCount();
        for (int i = 0; i < cells.size(); i++) {
            Label label = Widgets.wrapped(cells.get(i), i == 0 ? "plain" : style);
            label.setMinWidth(0);
            grid.add(label, i, row);
        }
    }

    private static GridPane players(GameReview review) {
        GridPane grid = grid(review.players().size(), 110);
        figure(grid, review, "", p -> p.side().word());
        for (Phase phase : Phase.values()) {
            figure(grid, review, Texts.of("review.loss-a-move", phase.word()), p -> loss(p, phase));
        }
        figure(
                grid,
                review,
                Texts.of("review.loss-a-move-whole-game"),
                p -> number(p.meanLossOfAll()));
        figure(
                grid,
                review,
                Texts.of("review.engines-first-choice"),
                p -> percent(p.firstChoices()));
        for (GradeFigure g : GradeFigure.values()) {
            figure(grid, review, g.label(), p -> String.valueOf(g.of(p)));
        }
        if (review.players().stream().anyMatch(p -> p.secondsAMove().isPresent())) {
            figure(
                    grid,
                    review,
                    Texts.of("review.seconds-a-move"),
                    p -> p.secondsAMove().map(FiguresView::number).orElse("–"));
            figure(
                    grid,
                    review,
                    Texts.of("review.errors-in-the-last-two"),
                    p -> String.valueOf(p.errors().inTimeTrouble()));
        }
        return grid;
    }

    private static void figure(
            GridPane grid, GameReview review, String name, Function<PlayerReview, String> value) {
        List<String> cells = new ArrayList<>(List.of(name));
        review.players().forEach(p -> cells.add(value.apply(p)));
        row(grid, cells, name.isEmpty() ? "faded" : "number");
    }

    private static String loss(PlayerReview player, Phase phase) {
        return Optional.ofNullable(player.loss().mean().get(phase))
                .map(FiguresView::number)
                .orElse("–");
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private static String percent(double part) {
        return Math.round(100 * part) + "%";
    }

    private static GridPane opening(GameReview review) {
        GridPane grid = grid(4, 86);
        row(
                grid,
                List.of(
                        "",
                        "developed",
                        "castled",
                        Texts.of("review.pawn-moves"),
                        Texts.of("review.moved-twice")),
                "faded");
        for (int moves : OPENING_MOVES) {
            if (review.game().mainLine().size() < 2 * moves) {
                continue;
            }
            for (PlayerReview p : review.players()) {
                OpeningTempi t = OpeningTempi.of(review.game().mainLine(), p.side(), moves);
                OpeningTempi other =
                        OpeningTempi.of(review.game().mainLine(), p.side().other(), moves);
                int lead = t.tempi() - other.tempi();
                row(
                        grid,
                        List.of(
                                Texts.of(
                                        "review.after-move",
                                        moves,
                                        p.side().word(),
                                        lead > 0 ? Texts.of("review.ahead-by", lead) : ""),
                                String.valueOf(t.developed()),
                                t.castled() ? "yes" : "no",
                                String.valueOf(t.pawnMoves()),
                                String.valueOf(t.movedTwice())),
                        "number");
            }
        }
        return grid;
    }
}

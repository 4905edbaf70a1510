package org.zeroply.desktop.review;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.play.PlayOut;
import org.zeroply.coach.play.PracticalProbe;
import org.zeroply.coach.play.Strength;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Tries a position in practice: one game played out, or many fast ones between players of limited
 * strength, beside what the engine promises.
 */
final class TrialView extends VBox {

    private static final long VERDICT_NODES = 400_000;
    private static final int SHOWN = 3;

    private final Services services;
    private final ReviewModel model;
    private final TreeSession played = new TreeSession();
    private final LineSheetView sheet = new LineSheetView(played, false);
    private final ComboBox<Strength> white =
            strength("trial-white", Texts.of("review.strength-of-white"));
    private final ComboBox<Strength> black =
            strength("trial-black", Texts.of("review.strength-of-black"));
    private final ComboBox<Integer> games = new ComboBox<>();
    private final Label outcome = new Label();
    private final VBox results = new VBox(4);
    private Optional<String> before = Optional.empty();
    private long seed = 1;

    TrialView(Services services, ReviewModel model) {
        super(8);
        this.services = services;
        this.model = model;
        getStyleClass().add("lab-page");
        setId("trial");
        games.setId("trial-games");
        games.getItems().addAll(20, 50, 100);
        games.setValue(20);
        games.setAccessibleText(Texts.of("review.number-of-games"));
        outcome.setId("trial-outcome");
        outcome.setWrapText(true);
        outcome.setMinHeight(Region.USE_PREF_SIZE);
        outcome.getStyleClass().add("plain");
        results.setId("trial-results");
        sheet.setId("trial-sheet");
        VBox.setVgrow(sheet, Priority.ALWAYS);
        Label what = new Label(Texts.of("review.from-the-position-on-the"));
        what.setWrapText(true);
        what.getStyleClass().add("faded");
        HBox who =
                Widgets.row(
                        new Label(Texts.of("review.white")),
                        white,
                        new Label(Texts.of("review.black")),
                        black);
        who.setAlignment(Pos.CENTER_LEFT);
        HBox doing =
                Widgets.row(
                        Widgets.button("trial-play", Texts.of("review.play-it-out"), this::playOut),
                        Widgets.button("trial-probe", Texts.of("review.probe-with"), this::probe),
                        games,
                        new Label("games"));
        doing.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(what, who, doing, outcome, results, sheet);
        outcome.setText(Texts.of("review.play-it-out-shows-whether"));
    }

    void setPalette(Palette palette) {
        sheet.setPalette(palette);
    }

    private static ComboBox<Strength> strength(String id, String says) {
        ComboBox<Strength> box = new ComboBox<>();
        box.setId(id);
        box.setAccessibleText(says);
        box.getItems().addAll(Strength.STEPS);
        box.setValue(Strength.STEPS.get(2));
        Widgets.texts(box, item -> String.valueOf(item.rating()));
        return box;
    }

    private Optional<Position> position() {
        Position position = model.onBoardProperty().get().current().position();
        if (position.legalMoves().isEmpty()) {
            services.messages().say(Texts.of("review.the-game-is-over-in"));
            return Optional.empty();
        }
        return Optional.of(position);
    }

    private void playOut() {
        Strength w = white.getValue();
        Strength b = black.getValue();
        long number = seed++;
        position()
                .ifPresent(
                        p ->
                                services.scheduler()
                                        .longWork(
                                                Texts.of("review.playing-it-out"),
                                                (cancellation, progress) ->
                                                        new PlayOut(services.marking(), w, b)
                                                                .play(p, number, cancellation),
                                                game -> show(p, game)));
    }

    private void show(Position from, PlayOut.Played game) {
        TreeEditor editor = new TreeEditor(new MoveTree(from));
        editor.addLine(editor.tree().root(), game.moves());
        played.open(editor.tree(), OptionalLong.empty());
        String result =
                game.whiteScore() == 1
                        ? GameResult.WHITE_WINS
                        : game.whiteScore() == 0 ? GameResult.BLACK_WINS : GameResult.DRAW;
        outcome.setText(
                Texts.of(
                        "review.after-moves-the-arrows-go",
                        (game.decided()
                                        ? GameResult.shown(result) + ": "
                                        : Texts.of("review.not-decided"))
                                + game.how(),
                        (game.moves().size() + 1) / 2));
        services.messages().say(Texts.of("review.played-out"));
        model.show(played);
    }

    private record Probed(double promised, PracticalProbe.Tally tally) {}

    private void probe() {
        Strength w = white.getValue();
        Strength b = black.getValue();
        int count = games.getValue();
        position()
                .ifPresent(
                        p ->
                                services.scheduler()
                                        .longWork(
                                                Texts.of("review.probing"),
                                                (cancellation, progress) ->
                                                        new PracticalProbe(services.marking(), w, b)
                                                                .run(
                                                                        p,
                                                                        count,
                                                                        1,
                                                                        t -> {
                                                                            progress.accept(
                                                                                    t.games()
                                                                                            / (double)
                                                                                                    count);
                                                                            tell(t);
                                                                        },
                                                                        cancellation)
                                                                .map(
                                                                        t ->
                                                                                new Probed(
                                                                                        promised(
                                                                                                p,
                                                                                                cancellation),
                                                                                        t)),
                                                found -> done(p, w, b, found)));
    }

    private void tell(PracticalProbe.Tally tally) {
        Platform.runLater(() -> outcome.setText(tally.text() + "."));
    }

    /** What the engine promises White, 0 to 1. */
    private double promised(Position position, Cancellation cancellation) {
        return new MoveEvaluator(services.marking(), VERDICT_NODES, cancellation)
                .expected(position, Side.WHITE)
                .value();
    }

    private void done(Position p, Strength w, Strength b, Optional<Probed> found) {
        if (found.isEmpty()) {
            services.messages().say(Texts.of("review.the-probe-was-broken-off"));
            return;
        }
        String text =
                String.format(
                        Locale.ROOT,
                        Texts.of("review.move-to-move-against-the"),
                        p.fullmoveNumber(),
                        p.sideToMove().word(),
                        w.rating(),
                        b.rating(),
                        found.get().tally().text(),
                        100 * found.get().promised());
        before.ifPresent(this::keepResult);
        before = Optional.of(text);
        outcome.setText(text);
        services.messages().say(Texts.of("review.the-probe-is-done"));
    }

    /** Earlier probes stay below the last one, to compare strengths and positions. */
    private void keepResult(String text) {
        Label row = new Label(text);
        row.setWrapText(true);
        row.setMinHeight(Region.USE_PREF_SIZE);
        row.getStyleClass().add("faded");
        results.getChildren().add(0, row);
        if (results.getChildren().size() > SHOWN) {
            results.getChildren().remove(SHOWN);
        }
    }
}

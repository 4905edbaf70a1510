package org.zeroply.desktop.review;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.geometry.HPos;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.coach.review.profile.MeanLoss;
import org.zeroply.coach.review.profile.Profile;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.course.PlotView;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.drawing.TrendPlot;
import org.zeroply.library.report.Report;
import org.zeroply.library.report.StudentReport;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.review.ReviewedFigures;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.TrainingExercises;

/** A player over all reviewed games: progress, what to work on, where the points went. */
final class PlayerView extends VBox {

    private static final int EXAMPLES = 3;
    private static final Insets UNDER_LINKS = new Insets(0, 0, 4, 10);

    /** Opens things that lie in other games. */
    interface Opener {
        void game(long sheetId, int ply);

        void exercise(long sheetId);
    }

    private final Services services;
    private final Opener opener;
    private final ComboBox<String> player = new ComboBox<>();
    private final VBox page = new VBox(6);
    private final ReviewedFigures known;
    private Palette palette = Palette.PAPER;
    private Optional<Found> shown = Optional.empty();

    /**
     * @param print asks where to and writes a report
     */
    PlayerView(Services services, Opener opener, Consumer<Report> print) {
        super(8);
        this.services = services;
        known = new ReviewedFigures(services.library(), services.marking());
        this.opener = opener;
        setId("player-page");
        player.setId("player");
        player.setPromptText(Texts.of("review.choose-a-player"));
        player.setAccessibleText(Texts.of("review.player"));
        player.setMinWidth(220);
        player.setOnAction(e -> build());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button report = new Button(Texts.of("review.report-as-pdf-or-page"));
        report.setId("player-report");
        report.setOnAction(e -> shown.ifPresent(f -> print.accept(report(f))));
        HBox tools = Widgets.row(player, gap, report);
        page.getStyleClass().add("lab-page");
        ScrollPane scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(tools, scroll);
        services.reviews().entries().addListener((javafx.beans.Observable o) -> names());
        names();
        show();
    }

    void setPalette(Palette value) {
        palette = value;
        show();
    }

    private Stream<ReviewStore.Entry> done() {
        return services.reviews().entries().stream()
                .filter(e -> e.state() == ReviewStore.State.DONE);
    }

    private void names() {
        List<String> names =
                done().flatMap(e -> Stream.of(e.heading().white(), e.heading().black()))
                        .filter(n -> !n.isBlank())
                        .distinct()
                        .sorted()
                        .toList();
        if (!names.equals(player.getItems())) {
            String chosen = player.getValue();
            player.getItems().setAll(names);
            if (chosen != null && names.contains(chosen)) {
                player.setValue(chosen);
            }
        }
    }

    private record Found(Profile profile, Map<Theme, List<SheetRow>> exercises, String stamp) {}

    private void build() {
        String name = player.getValue();
        if (name == null || shown.filter(f -> f.profile().name().equals(name)).isPresent()) {
            return;
        }
        List<ReviewStore.Entry> games =
                done().filter(
                                e ->
                                        e.heading().white().equals(name)
                                                || e.heading().black().equals(name))
                        .toList();
        services.scheduler()
                .longWork(
                        Texts.of("review.reading-the-games-of", name),
                        (cancellation, progress) -> {
                            List<GameFigures> figures = new ArrayList<>();
                            for (ReviewStore.Entry game : games) {
                                Side side =
                                        game.heading().white().equals(name)
                                                ? Side.WHITE
                                                : Side.BLACK;
                                known.of(game, side, cancellation).ifPresent(figures::add);
                                progress.accept(figures.size() / (double) games.size());
                            }
                            return cancellation.isCancelled()
                                    ? Optional.<Found>empty()
                                    : Optional.of(found(name, figures, games));
                        },
                        found -> {
                            services.messages()
                                    .say(found.isEmpty() ? Texts.of("review.broken-off") : "");
                            shown = found;
                            show();
                        });
    }

    private Found found(String name, List<GameFigures> figures, List<ReviewStore.Entry> games) {
        Profile profile = Profile.of(name, figures);
        Map<Theme, List<SheetRow>> exercises =
                TrainingExercises.of(
                        services.library().sheets(),
                        profile.worst().stream().map(Profile.ThemeFigures::theme).toList());
        long nodes = games.isEmpty() ? 0 : games.get(0).nodes();
        String engines = String.join(Texts.of("review.and"), known.engines(games));
        String stamp = Texts.of("review.nodes-a-search", engines, nodes);
        return new Found(profile, exercises, stamp);
    }

    private static Report report(Found found) {
        Map<Theme, List<String>> titles = new HashMap<>();
        found.exercises()
                .forEach((t, rows) -> titles.put(t, rows.stream().map(SheetRow::title).toList()));
        return StudentReport.of(found.profile(), titles, found.stamp());
    }

    // ---- The page -------------------------------------------------------------------------------

    private void show() {
        page.getChildren().clear();
        if (shown.isEmpty()) {
            page.getChildren()
                    .add(
                            Widgets.wrapped(
                                    Texts.of("review.choose-a-player-whose-games"), "empty-note"));
            return;
        }
        Profile profile = shown.get().profile();
        page.getChildren()
                .addAll(
                        Widgets.wrapped(
                                Texts.of(
                                        "review.points-lost-a-move",
                                        profile.games().size()
                                                + (profile.games().size() == 1
                                                        ? Texts.of("review.game")
                                                        : Texts.of("review.games")),
                                        profile.overall().text(),
                                        profile.change()),
                                "plain"),
                        new PlotView(
                                "trend",
                                new TrendPlot(profile),
                                palette,
                                Texts.of("review.loss-over-time", profile.change())),
                        Widgets.wrapped(Texts.of("review.each-ring-is-a-game"), "faded"),
                        Widgets.wrapped(Texts.of("review.what-to-work-on"), "fact-group"));
        if (profile.worst().isEmpty()) {
            page.getChildren()
                    .add(Widgets.wrapped(Texts.of("review.no-error-has-a-theme"), "faded"));
        }
        profile.worst().forEach(this::theme);
        page.getChildren()
                .addAll(
                        Widgets.wrapped(Texts.of("review.where-the-points-went"), "fact-group"),
                        table(profile));
    }

    private void theme(Profile.ThemeFigures theme) {
        page.getChildren()
                .add(
                        Widgets.wrapped(
                                String.format(
                                        Locale.ROOT,
                                        Texts.of("review.missed-allowed-points-in-all"),
                                        theme.theme().words(),
                                        theme.missed(),
                                        theme.allowed(),
                                        theme.loss()),
                                "term"));
        for (Profile.Example e : theme.examples().stream().limit(EXAMPLES).toList()) {
            page.getChildren()
                    .add(
                            link(
                                    e.error().at().move()
                                            + "   "
                                            + e.game().title()
                                            + String.format(
                                                    Locale.ROOT,
                                                    Texts.of("review.points-2"),
                                                    e.error().loss()),
                                    () -> opener.game(e.game().id(), e.error().at().ply())));
        }
        List<SheetRow> exercises =
                shown.orElseThrow().exercises().getOrDefault(theme.theme(), List.of());
        for (SheetRow row : exercises) {
            page.getChildren()
                    .add(
                            link(
                                    Texts.of("review.train", row.title()),
                                    () -> opener.exercise(row.id())));
        }
        if (exercises.isEmpty()) {
            Label none = Widgets.wrapped(Texts.of("review.no-exercise-of-the-library"), "faded");
            none.setPadding(UNDER_LINKS);
            page.getChildren().add(none);
        }
    }

    private static Button link(String text, Runnable action) {
        Button link = new Button(text);
        link.getStyleClass().addAll("quiet-button", "player-link");
        link.setAccessibleText(text);
        link.setOnAction(e -> action.run());
        return link;
    }

    private static GridPane table(Profile profile) {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(4);
        ColumnConstraints names = new ColumnConstraints();
        names.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().add(names);
        for (int i = 0; i < 3; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHalignment(HPos.RIGHT);
            column.setMinWidth(Region.USE_PREF_SIZE);
            grid.getColumnConstraints().add(column);
        }
        row(grid, "faded", "", Texts.of("review.loss-a-move-2"), "moves", "games");
        profile.byPhase().forEach((phase, e) -> row(grid, phase.word(), e));
        profile.bySide().forEach((side, e) -> row(grid, Texts.of("review.with", side.word()), e));
        if (profile.inCalm().games() > 0) {
            row(grid, Texts.of("review.with-time-on-the-clock"), profile.inCalm());
            row(grid, Texts.of("review.with-less-than-two-minutes"), profile.inTrouble());
        }
        row(grid, "faded", "", "", "", "");
        for (Profile.OpeningFigures o : profile.byOpening().stream().limit(6).toList()) {
            row(grid, o.name() + " (" + o.side().word() + ")", o.loss());
        }
        row(grid, "faded", "", "", "", "");
        profile.byKind()
                .forEach((kind, n) -> row(grid, "number", kind.title(), "", "", String.valueOf(n)));
        return grid;
    }

    private static void row(GridPane grid, String name, MeanLoss e) {
        row(grid, "number", name, e.text(), String.valueOf(e.moves()), String.valueOf(e.games()));
    }

    private static void row(GridPane grid, String style, String name, String... cells) {
        int row = grid.getRowCount();
        Label first = Widgets.wrapped(name, "plain");
        first.setMinWidth(0);
        grid.add(first, 0, row);
        for (int i = 0; i < cells.length; i++) {
            Label label = new Label(cells[i]);
            label.getStyleClass().add(style);
            label.setMinWidth(Region.USE_PREF_SIZE);
            grid.add(label, i + 1, row);
        }
    }
}

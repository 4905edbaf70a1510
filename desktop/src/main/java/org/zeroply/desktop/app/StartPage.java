package org.zeroply.desktop.app;

import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** What a coach sees of an empty library: four ways to begin, and what each desk is for. */
final class StartPage extends ScrollPane {

    /** The four ways to begin. */
    interface Beginnings {
        void demo();

        void bringIn();

        void newGame();

        void newStudent();

        void tour();

        void desk(String name);
    }

    private static final double WIDTH = 920;
    private static final String EMPTY = Texts.of("app.an-empty-workbook");
    private static final String[][] DESKS = {
        {Texts.of("app.games"), Texts.of("app.collect-games-replay-them-and")},
        {Texts.of("app.review"), Texts.of("app.the-few-moments-of-a")},
        {Texts.of("app.lab"), Texts.of("app.what-a-position-holds-structure")},
        {Texts.of("app.defence"), Texts.of("app.every-move-crossed-out-as")},
        {Texts.of("app.repertoire"), Texts.of("app.chapters-with-one-recommended-move")},
        {Texts.of("app.exercises"), Texts.of("app.find-positions-worth-setting-draft")},
        {Texts.of("app.lessons"), Texts.of("app.ordered-steps-on-one-idea")},
        {Texts.of("app.solve"), Texts.of("app.written-answers-against-the-clock")},
        {Texts.of("app.students"), Texts.of("app.attempts-strength-and-a-week")}
    };

    private final Label heading = Widgets.wrapped(EMPTY, "start-title");
    private final GridPane ways = new GridPane();

    StartPage(Beginnings begin) {
        setId("start-page");
        setFitToWidth(true);
        getStyleClass().add("plain-scroll");
        Button demo =
                Widgets.primary("start-demo", Texts.of("app.look-around-in-the-demo"), begin::demo);
        ways.setHgap(20);
        ways.setVgap(14);
        way(ways, 0, demo, Texts.of("app.games-reviews-exercises-and-students"));
        way(
                ways,
                1,
                Widgets.button("start-import", Texts.of("app.bring-in-games"), begin::bringIn),
                Texts.of("app.pgn-files-or-folders-files"));
        way(
                ways,
                2,
                Widgets.button("start-game", Texts.of("app.new-game"), begin::newGame),
                Texts.of("app.enter-a-game-or-an"));
        way(
                ways,
                3,
                Widgets.button("start-student", Texts.of("app.new-student"), begin::newStudent),
                Texts.of("app.a-name-and-if-there"));
        GridPane desks = new GridPane();
        desks.setHgap(16);
        desks.setVgap(6);
        ColumnConstraints names = new ColumnConstraints();
        names.setMinWidth(130);
        ColumnConstraints words = new ColumnConstraints();
        words.setHgrow(Priority.ALWAYS);
        desks.getColumnConstraints().addAll(names, words);
        for (int i = 0; i < DESKS.length; i++) {
            String name = DESKS[i][0];
            Button go =
                    Widgets.quiet(
                            "start-" + name.toLowerCase(Locale.ROOT), name, () -> begin.desk(name));
            go.getStyleClass().add("start-desk");
            desks.addRow(i, go, Widgets.wrapped(DESKS[i][1], "plain"));
        }
        VBox page =
                new VBox(
                        18,
                        heading,
                        Widgets.wrapped(Texts.of("app.everything-you-bring-in-or"), "plain"),
                        ways,
                        Widgets.heading(Texts.of("app.the-desks-in-the-order")),
                        desks,
                        Widgets.row(
                                Widgets.button(
                                        "start-tour",
                                        Texts.of("app.a-tour-of-nine-steps"),
                                        begin::tour),
                                Widgets.label(Texts.of("app.f1-lists-the-keys-ctrl"), "faded")));
        page.getStyleClass().add("start-page");
        page.setMaxWidth(WIDTH);
        setContent(page);
    }

    /** While the demo club is on its way there is nothing else to begin with. */
    void setUnpacking(boolean unpacking) {
        heading.setText(unpacking ? Texts.of("app.the-demo-club-is-on") : EMPTY);
        ways.setDisable(unpacking);
    }

    private static void way(GridPane grid, int row, Button button, String words) {
        button.setMaxWidth(Double.MAX_VALUE);
        grid.add(button, 0, row);
        grid.add(Widgets.wrapped(words, "plain"), 1, row);
    }
}

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
    private static final String EMPTY = "An empty workbook";
    private static final String[][] DESKS = {
        {"Games", "Collect games, replay them, and work out lines with the engine beside them."},
        {"Review", "The few moments of a game that mattered, each with the line that proves it."},
        {"Lab", "What a position holds: structure, pieces, kings, threats, and endings solved."},
        {"Defence", "Every move crossed out as it is refuted, until it is clear what holds."},
        {"Repertoire", "Chapters with one recommended move, what is missing, and drills."},
        {"Exercises", "Find positions worth setting, draft a marking scheme, and have it checked."},
        {"Lessons", "Ordered steps on one idea: plan, give to a class, and see who answered what."},
        {"Solve", "Written answers against the clock, marked line by line; and the classroom."},
        {"Students", "Attempts, strength, and a week for each student."}
    };

    private final Label heading = Widgets.wrapped(EMPTY, "start-title");
    private final GridPane ways = new GridPane();

    StartPage(Beginnings begin) {
        setId("start-page");
        setFitToWidth(true);
        getStyleClass().add("plain-scroll");
        Button demo = Widgets.primary("start-demo", "Look around in the demo club", begin::demo);
        ways.setHgap(20);
        ways.setVgap(14);
        way(ways, 0, demo, "Games, reviews, exercises and students of an invented club.");
        way(
                ways,
                1,
                Widgets.button("start-import", "Bring in games …", begin::bringIn),
                "PGN files or folders; files can be dropped on the window too.");
        way(
                ways,
                2,
                Widgets.button("start-game", "New game", begin::newGame),
                "Enter a game or an analysis by mouse or keyboard.");
        way(
                ways,
                3,
                Widgets.button("start-student", "New student", begin::newStudent),
                "A name and, if there is one, a rating.");
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
                        Widgets.wrapped(
                                "Everything you bring in or write is kept in one file of yours, and"
                                        + " saved by itself.",
                                "plain"),
                        ways,
                        Widgets.heading("The desks, in the order of the work"),
                        desks,
                        Widgets.row(
                                Widgets.button("start-tour", "A tour of nine steps", begin::tour),
                                Widgets.label(
                                        "F1 lists the keys, Ctrl+K every command.", "faded")));
        page.getStyleClass().add("start-page");
        page.setMaxWidth(WIDTH);
        setContent(page);
    }

    /** While the demo club is on its way there is nothing else to begin with. */
    void setUnpacking(boolean unpacking) {
        heading.setText(unpacking ? "The demo club is on its way" : EMPTY);
        ways.setDisable(unpacking);
    }

    private static void way(GridPane grid, int row, Button button, String words) {
        button.setMaxWidth(Double.MAX_VALUE);
        grid.add(button, 0, row);
        grid.add(Widgets.wrapped(words, "plain"), 1, row);
    }
}

package org.zeroply.desktop.students;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.LibraryResults;

/** A student's week as seven columns of cards that can be dragged from day to day. */
final class WeekView extends VBox {

    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    private final Services services;
    private final WeekModel model;
    private final TextField minutes = new TextField("60");
    private final ComboBox<LibraryResults.Rated> exercise = new ComboBox<>();
    private final Label words = Widgets.wrapped("", "plain");
    private final HBox days = new HBox(6);
    private long first;
    private Optional<Assignment> chosen = Optional.empty();

    WeekView(Services services, WeekModel model) {
        super(8);
        this.services = services;
        this.model = model;
        first = model.today();
        setId("plan");
        words.setId("plan-words");
        minutes.setId("plan-minutes");
        minutes.setPrefWidth(56);
        minutes.setAccessibleText(Texts.of("students.minutes-a-week"));
        exercise.setId("plan-exercise");
        exercise.setPromptText(Texts.of("students.an-exercise"));
        exercise.setAccessibleText(Texts.of("students.an-exercise-to-assign"));
        exercise.setPrefWidth(190);
        Widgets.texts(exercise, item -> item.title());
        days.setId("plan-days");
        ScrollPane scroll = new ScrollPane(days);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.getStyleClass().add("plain-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.row(
                                Widgets.quiet(
                                        "plan-before",
                                        Texts.of("students.week-2"),
                                        () -> turn(-WeekModel.DAYS)),
                                Widgets.quiet(
                                        "plan-today", Texts.of("students.today"), this::toToday),
                                Widgets.quiet(
                                        "plan-after",
                                        Texts.of("students.week-3"),
                                        () -> turn(WeekModel.DAYS)),
                                Widgets.spacer(),
                                exercise,
                                Widgets.button(
                                        "plan-assign", Texts.of("students.assign"), this::assign),
                                minutes,
                                Widgets.label("min", "faded"),
                                Widgets.button(
                                        "plan-propose",
                                        Texts.of("students.propose-a-week"),
                                        this::propose)),
                        words,
                        scroll,
                        Widgets.row(
                                Widgets.button(
                                        "plan-earlier",
                                        Texts.of("students.earlier"),
                                        () -> move(-1)),
                                Widgets.button(
                                        "plan-later", Texts.of("students.later"), () -> move(1)),
                                Widgets.button(
                                        "plan-marked",
                                        Texts.of("students.gone-through"),
                                        () -> chosen(model::goneThrough)),
                                Widgets.spacer(),
                                Widgets.removing(
                                        "plan-remove",
                                        Texts.of("students.take-out"),
                                        () -> chosen(model::remove))));
        model.planProperty().addListener(o -> show());
        show();
    }

    private void show() {
        words.setText(model.words());
        exercise.getItems()
                .setAll(
                        model.planProperty().get().stream()
                                .flatMap(p -> p.results().exercises().stream())
                                .toList());
        long before = chosen.map(Assignment::id).orElse(-1L);
        chosen = model.assignments().stream().filter(a -> a.id() == before).findFirst();
        days.getChildren().clear();
        for (int i = 0; i < WeekModel.DAYS; i++) {
            days.getChildren().add(day(first + i));
        }
    }

    private VBox day(long day) {
        LocalDate date = LocalDate.ofEpochDay(day);
        Label heading =
                Widgets.wrapped(
                        day == model.today() ? Texts.of("students.today") : DAY.format(date),
                        "week-day");
        VBox column = new VBox(6, heading);
        column.setId("plan-day-" + (day - model.today()));
        column.getStyleClass().add("week-column");
        if (day == model.today()) {
            column.getStyleClass().add("today");
        }
        HBox.setHgrow(column, Priority.ALWAYS);
        column.setPrefWidth(100);
        column.setMinWidth(86);
        model.on(day, first).forEach(a -> column.getChildren().add(card(a)));
        column.setOnDragOver(
                e -> {
                    // What is dragged from elsewhere, such as files, goes to the window.
                    if (find(e.getDragboard()).isPresent()) {
                        e.acceptTransferModes(TransferMode.MOVE);
                        e.consume();
                    }
                });
        column.setOnDragDropped(
                e -> {
                    find(e.getDragboard())
                            .ifPresent(
                                    a -> {
                                        e.setDropCompleted(true);
                                        e.consume();
                                        model.move(a, day);
                                    });
                });
        return column;
    }

    private Optional<Assignment> find(Dragboard board) {
        return model.assignments().stream()
                .filter(a -> a.uuid().equals(board.getString()))
                .findFirst();
    }

    private VBox card(Assignment a) {
        boolean overdue = a.isOpen() && a.dueDay() < model.today();
        Label title = Widgets.wrapped(a.name(), "week-title");
        Label about =
                Widgets.wrapped(
                        Texts.of(
                                "students.min",
                                a.homework().minutes(),
                                overdue ? "overdue" : a.state().word()),
                        overdue ? "alarm" : "faded");
        VBox card = new VBox(2, title, about);
        card.setId("assignment-" + a.id());
        card.getStyleClass().add("week-card");
        card.setFocusTraversable(true);
        card.setAccessibleText(a.name() + ", " + about.getText() + ". " + a.homework().reason());
        Tooltip.install(card, Widgets.wide(a.name() + ": " + a.homework().reason()));
        chosen.filter(c -> c.id() == a.id()).ifPresent(c -> card.getStyleClass().add("chosen"));
        card.setOnMouseClicked(
                e -> {
                    if (e.getButton() == MouseButton.PRIMARY) {
                        choose(a);
                    }
                });
        card.setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                        choose(a);
                        e.consume();
                    } else if (e.getCode() == KeyCode.DELETE) {
                        model.remove(a);
                        e.consume();
                    }
                });
        card.setOnDragDetected(
                e -> {
                    Dragboard board = card.startDragAndDrop(TransferMode.MOVE);
                    ClipboardContent content = new ClipboardContent();
                    content.putString(a.uuid());
                    board.setContent(content);
                    e.consume();
                });
        List<Command> offered =
                List.of(
                        Command.of(
                                Texts.of("students.a-day-earlier"),
                                () -> model.move(a, a.dueDay() - 1)),
                        Command.of(
                                Texts.of("students.a-day-later"),
                                () -> model.move(a, a.dueDay() + 1)),
                        Command.of(Texts.of("students.gone-through"), () -> model.goneThrough(a)),
                        Menus.LINE,
                        new Command(
                                Texts.of("students.take-out"), "Delete", () -> model.remove(a)));
        Menus.offer(card, () -> offered);
        card.setAlignment(Pos.TOP_LEFT);
        return card;
    }

    /** Chooses a card, for the buttons. */
    void choose(Assignment a) {
        chosen = Optional.of(a);
        show();
    }

    private void turn(int by) {
        first += by;
        show();
    }

    private void toToday() {
        first = model.today();
        show();
    }

    private void propose() {
        String typed = minutes.getText().strip();
        if (!typed.matches("[1-9]\\d{0,3}")) {
            services.messages().say(Texts.of("students.say-how-many-minutes-the"));
            return;
        }
        model.propose(Integer.parseInt(typed));
    }

    private void assign() {
        if (exercise.getValue() == null) {
            services.messages().say(Texts.of("students.choose-an-exercise-first"));
        } else {
            model.assign(exercise.getValue(), model.today() + 1);
        }
    }

    private void chosen(Consumer<Assignment> use) {
        chosen.ifPresentOrElse(
                use, () -> services.messages().say(Texts.of("students.choose-a-card-of-the")));
    }

    private void move(int by) {
        chosen(a -> model.move(a, a.dueDay() + by));
    }
}

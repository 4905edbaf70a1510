package org.zeroply.desktop.lessons;

import java.io.File;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.collections.ListChangeListener;
import javafx.geometry.Orientation;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonCheck;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.FieldText;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.Split;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.AnnotationBar;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.sheet.MoveCommands;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.report.LessonHandout;
import org.zeroply.library.sheet.SheetRow;

/** The steps of a lesson in their order, and the chosen one: its words, its question, its moves. */
final class PlanPage extends VBox {

    private static final double LISTED = 190;

    private final Services services;
    private final LessonsModel model;
    private final ComboBox<SheetRow> lessons = new ComboBox<>();
    private final TextField title = new TextField();
    private final ListView<LessonStep> steps = new ListView<>();
    private final Label remark = Widgets.wrapped("", "plain");
    private final StepEditor editor;
    private final LineSheetView sheet;
    private final AnnotationBar annotations;
    private final FileSaver saver;
    private boolean showing;

    PlanPage(Services services, LessonsModel model, Runnable draft, StepEditor.SetsUp setUp) {
        super(8);
        this.services = services;
        this.model = model;
        saver = new FileSaver(services, this);
        setId("plan-page");
        editor = new StepEditor(model, services.messages(), setUp);
        sheet = new LineSheetView(model.session(), false);
        annotations = new AnnotationBar(model.session(), services.messages());
        lessons.setId("lesson-chooser");
        lessons.setAccessibleText(Texts.of("lessons.which-lesson"));
        lessons.setPromptText(Texts.of("lessons.no-lesson-yet"));
        Widgets.texts(lessons, SheetRow::title);
        lessons.setOnAction(
                e -> {
                    if (!showing && lessons.getValue() != null) {
                        flush();
                        model.open(lessons.getValue().id());
                    }
                });
        title.setId("lesson-title");
        title.setAccessibleText(Texts.of("lessons.name-of-the-lesson"));
        title.setPromptText(Texts.of("lessons.name-of-the-lesson"));
        title.getStyleClass().add("title-field");
        HBox.setHgrow(lessons, Priority.ALWAYS);
        lessons.setMaxWidth(Double.MAX_VALUE);
        lessons.setPrefWidth(200);
        Widgets.whenTyped(title, () -> model.rename(title.getText()));
        steps.setId("lesson-steps");
        steps.setAccessibleText(Texts.of("lessons.steps-of-the-lesson"));
        steps.setCellFactory(v -> new StepCell(this::lacks, this::move));
        steps.setPlaceholder(
                Widgets.wrapped(Texts.of("lessons.a-lesson-is-an-ordered"), "empty-note"));
        steps.getSelectionModel()
                .selectedIndexProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!showing && is.intValue() >= 0) {
                                flush();
                                model.choose(is.intValue());
                            }
                        });
        steps.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        Menus.offer(steps, this::menu);
        remark.setId("lesson-remark");
        sheet.setMinHeight(60);
        sheet.onMenu(new MoveCommands(model.session(), services.messages())::menu);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        VBox.setVgrow(steps, Priority.ALWAYS);
        VBox list = new VBox(6, steps, tools(), remark);
        list.setMinHeight(110);
        VBox chosen = new VBox(6, editor, sheet, annotations);
        Split split =
                new Split(
                        services.memory(),
                        "lessons.steps",
                        Orientation.VERTICAL,
                        size -> LISTED,
                        list,
                        chosen);
        VBox.setVgrow(split, Priority.ALWAYS);
        getChildren().addAll(head(draft), title, split);
        model.revisionProperty().addListener(o -> show());
        model.lessons().addListener((ListChangeListener<SheetRow>) c -> show());
        show();
    }

    /** Asks for a file, and writes the lesson to be taken home. */
    void save() {
        flush();
        model.lesson()
                .ifPresentOrElse(
                        lesson ->
                                saver.choose(
                                                Texts.of("lessons.take-the-lesson-home"),
                                                "lesson.html",
                                                "html",
                                                "pdf",
                                                "pgn")
                                        .ifPresent(file -> save(lesson, file)),
                        () -> services.messages().say(Texts.of("lessons.choose-a-lesson-first")));
    }

    /** Writes a page that plays, a PDF with the solutions beside it, or PGN. */
    void save(Lesson lesson, File file) {
        saver.write(file, () -> new LessonHandout(lesson).write(file.toPath()));
    }

    private HBox head(Runnable draft) {
        return Widgets.row(
                lessons,
                Widgets.quiet(
                        "lesson-new",
                        Texts.of("lessons.new"),
                        () -> model.create(Texts.of("lessons.a-new-lesson"))),
                Widgets.quiet("lesson-draft", Texts.of("lessons.draft"), draft),
                Widgets.quiet("lesson-save", Texts.of("lessons.handout"), this::save),
                Widgets.removing("lesson-remove", Texts.of("lessons.remove"), this::remove));
    }

    private HBox tools() {
        return Widgets.row(
                Widgets.button(
                        "step-add",
                        Texts.of("lessons.add-a-step"),
                        () -> model.addStep(StepKind.SHOW)),
                Widgets.quiet("step-up", Texts.of("lessons.up"), () -> shift(-1)),
                Widgets.quiet("step-down", Texts.of("lessons.down"), () -> shift(1)),
                Widgets.spacer(),
                Widgets.removing("step-remove", Texts.of("lessons.take-out"), model::removeStep));
    }

    private List<Command> menu() {
        return List.of(
                Command.of(Texts.of("lessons.add-a-step"), () -> model.addStep(StepKind.SHOW)),
                Command.of(Texts.of("lessons.add-a-question"), () -> model.addStep(StepKind.ASK)),
                Menus.LINE,
                new Command(Texts.of("lessons.move-up"), "Alt+Up", () -> shift(-1)),
                new Command(Texts.of("lessons.move-down"), "Alt+Down", () -> shift(1)),
                Menus.LINE,
                new Command(Texts.of("lessons.take-out"), "Delete", model::removeStep));
    }

    private void key(KeyEvent e) {
        if (e.isAltDown() && (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN)) {
            shift(e.getCode() == KeyCode.UP ? -1 : 1);
            e.consume();
        } else if (e.getCode() == KeyCode.DELETE && !e.isShortcutDown()) {
            model.removeStep();
            e.consume();
        }
    }

    /** Moves the chosen step up or down. */
    void shift(int by) {
        flush();
        model.move(model.place(), model.place() + by);
    }

    void remove() {
        flush();
        model.row().ifPresent(row -> model.remove(List.of(row)));
    }

    /** The lessons, to be opened by their names. */
    List<Command> choices() {
        return model.lessons().stream()
                .map(
                        row ->
                                Command.of(
                                        Texts.of("lessons.lesson", row.title()),
                                        () -> model.open(row.id())))
                .toList();
    }

    AnnotationBar annotations() {
        return annotations;
    }

    Button give(Runnable begin) {
        return Widgets.primary(
                "lesson-give",
                Texts.of("lessons.give-the-lesson"),
                () -> {
                    flush();
                    if (model.lesson().isEmpty()) {
                        services.messages().say(Texts.of("lessons.choose-a-lesson-or-make"));
                    } else {
                        begin.run();
                    }
                });
    }

    void flush() {
        editor.commit();
        annotations.commit();
        model.flush();
    }

    void setPalette(Palette palette) {
        sheet.setPalette(palette);
        editor.setPalette(palette);
    }

    private boolean lacks(int place) {
        return model.remarks().stream().anyMatch(r -> r.place() == place);
    }

    private void move(int from, int to) {
        flush();
        model.move(from, to);
    }

    private void show() {
        showing = true;
        try {
            Optional<Lesson> lesson = model.lesson();
            lessons.getItems().setAll(model.lessons());
            model.row().ifPresentOrElse(lessons::setValue, () -> lessons.setValue(null));
            title.setDisable(lesson.isEmpty());
            FieldText.show(title, model.id(), lesson.map(Lesson::title).orElse(""));
            List<LessonStep> now = lesson.map(Lesson::steps).orElse(List.of());
            boolean changed = !steps.getItems().equals(now);
            if (changed) {
                steps.getItems().setAll(now);
            }
            // Where a press only chooses a step the rows stay, so that it can go on as a drag.
            int place = model.place();
            if (lesson.isPresent()
                    && (changed || steps.getSelectionModel().getSelectedIndex() != place)) {
                steps.getSelectionModel().select(place);
                steps.scrollTo(Math.max(0, place - 2));
            }
            String lacks =
                    model.remarks().stream()
                            .filter(r -> r.place() == model.place())
                            .map(LessonCheck.Remark::text)
                            .collect(Collectors.joining(" "));
            remark.setText(lacks);
            remark.setManaged(!lacks.isEmpty());
        } finally {
            showing = false;
        }
    }
}

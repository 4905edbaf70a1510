package org.zeroply.desktop.exercises;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.report.ExerciseSheet;
import org.zeroply.library.report.Report;
import org.zeroply.library.report.ReportWriter;
import org.zeroply.library.sheet.StoredExercise;
import org.zeroply.library.student.Student;

/** Homework and tests on paper: which exercises, how many on a page, and for whom. */
final class PaperPage extends VBox {

    private static final String NOBODY = Texts.of("exercises.for-anybody");

    private final Services services;
    private final FileSaver saver;
    private final RowTable<StoredExercise> table =
            new RowTable<StoredExercise>(
                            "paper-table",
                            e -> e.row().id(),
                            Texts.of("exercises.no-exercises-yet-look-through"))
                    .several();
    private final TextField title = new TextField();
    private final ComboBox<Integer> perPage = new ComboBox<>();
    private final ComboBox<String> student = new ComboBox<>();

    PaperPage(Services services) {
        super(8);
        this.services = services;
        saver = new FileSaver(services, this);
        table.text(Texts.of("exercises.exercise"), 200, e -> e.row().title());
        table.figure(
                Texts.of("exercises.points"), 62, e -> e.exercise().maxPoints(), String::valueOf);
        table.figure(
                Texts.of("exercises.minutes"), 68, e -> e.exercise().minutes(), String::valueOf);
        table.text(Texts.of("exercises.band"), 92, e -> e.exercise().band());
        table.text(
                Texts.of("exercises.themes"), 160, e -> String.join(", ", e.exercise().themes()));
        title.setId("paper-title");
        title.setPromptText(Texts.of("exercises.title-of-the-sheet"));
        title.setAccessibleText(Texts.of("exercises.title-of-the-sheet"));
        title.setPrefWidth(200);
        perPage.setId("paper-per-page");
        perPage.setAccessibleText(Texts.of("exercises.diagrams-on-a-page"));
        perPage.getItems().addAll(Report.Problems.PER_PAGE);
        perPage.setValue(4);
        student.setId("paper-student");
        student.setAccessibleText(Texts.of("exercises.who-solves-it"));
        student.setValue(NOBODY);
        getChildren()
                .addAll(
                        Widgets.wrapped(Texts.of("exercises.choose-the-exercises-of-the"), "faded"),
                        table,
                        Widgets.row(
                                title,
                                perPage,
                                new Label(Texts.of("exercises.on-a-page")),
                                student),
                        Widgets.row(
                                Widgets.button(
                                        "paper-save",
                                        Texts.of("exercises.save-sheet-and-solutions-2"),
                                        this::save),
                                Widgets.button(
                                        "paper-set",
                                        Texts.of("exercises.save-the-set"),
                                        this::saveSet)));
        VBox.setVgrow(table, Priority.ALWAYS);
    }

    void shown() {
        services.scheduler()
                .library(
                        () -> StoredExercise.all(services.library().sheets()),
                        found -> {
                            table.show(found);
                            table.getSelectionModel().selectAll();
                        });
        services.scheduler()
                .library(
                        () -> services.library().students().all(),
                        all -> {
                            String before = student.getValue();
                            student.getItems().setAll(NOBODY);
                            all.stream().map(Student::name).forEach(student.getItems()::add);
                            student.setValue(before);
                        });
    }

    private void chosen(Consumer<ExerciseSheet> use) {
        List<MoveTree> trees =
                table.getSelectionModel().getSelectedItems().stream()
                        .map(StoredExercise::tree)
                        .toList();
        if (trees.isEmpty()) {
            services.messages().say(Texts.of("exercises.choose-the-exercises-first"));
            return;
        }
        String who = NOBODY.equals(student.getValue()) ? "" : student.getValue();
        use.accept(new ExerciseSheet(title.getText(), who, trees));
    }

    void save() {
        chosen(
                sheet ->
                        saver.choose(
                                        Texts.of("exercises.save-the-sheet"),
                                        "exercises.pdf",
                                        "pdf",
                                        "html")
                                .ifPresent(file -> save(sheet, file)));
    }

    /** Writes the sheet, and the solutions into a file beside it. */
    void save(ExerciseSheet sheet, File file) {
        int many = perPage.getValue();
        Path apart = ReportWriter.beside(file.toPath(), "solutions");
        saver.write(
                file,
                () -> {
                    ReportWriter.write(sheet.questions(many), file.toPath());
                    ReportWriter.write(sheet.solutions(), apart);
                });
    }

    void saveSet() {
        chosen(
                sheet ->
                        saver.choose(
                                        Texts.of("exercises.save-the-set-2"),
                                        "exercises.pgn",
                                        "pgn",
                                        "epd")
                                .ifPresent(file -> saver.writeText(file, () -> set(sheet, file))));
    }

    private static String set(ExerciseSheet sheet, File file) {
        boolean epd = file.getName().toLowerCase(Locale.ROOT).endsWith(".epd");
        return epd ? sheet.epd() : sheet.pgn();
    }
}

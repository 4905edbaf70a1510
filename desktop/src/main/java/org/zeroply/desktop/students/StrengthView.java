package org.zeroply.desktop.students;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.coach.training.planning.ThemeStrength;
import org.zeroply.coach.training.rating.Rating;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.course.PlotView;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.drawing.ScorePlot;
import org.zeroply.library.drawing.ThemePlot;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.LibraryResults;
import org.zeroply.library.student.LibraryResults.Rated;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.StudentPlan;

/** How strong a student solves, what to expect of every exercise, and who earned what on it. */
final class StrengthView extends VBox {

    private final Services services;
    private final Label strength = Widgets.wrapped("", "plain");
    private final RowTable<Rated> table =
            new RowTable<>(
                    "strength-table", Rated::id, Texts.of("students.no-exercises-yet-find-some"));
    private final VBox picture = new VBox(4);
    private List<ThemeStrength> themes = List.of();
    private Optional<LibraryResults> results = Optional.empty();
    private Optional<Student> student = Optional.empty();
    private Palette palette = Palette.PAPER;

    StrengthView(Services services) {
        super(8);
        this.services = services;
        setId("strength");
        strength.setId("strength-words");
        table.text(Texts.of("students.exercise"), 200, Rated::title);
        table.text(Texts.of("students.rated"), 104, e -> rating(e).map(Rating::text).orElse(""));
        table.figure(Texts.of("students.tried"), 56, e -> tries(e).size(), String::valueOf);
        table.text(Texts.of("students.expected"), 96, this::expected);
        table.text(Texts.of("students.earned"), 90, this::earned);
        table.onChoose(this::draw);
        table.setMinHeight(110);
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren().addAll(strength, table, picture);
    }

    void setPalette(Palette chosen) {
        palette = chosen;
        draw(table.getSelectionModel().getSelectedItem());
    }

    /** Rates everybody anew and shows a student. */
    void show(Student chosen) {
        student = Optional.of(chosen);
        services.scheduler()
                .library(
                        () ->
                                StudentPlan.of(
                                        chosen,
                                        LibraryResults.of(
                                                services.library().sheets(),
                                                services.library().students(),
                                                services.library().attempts(),
                                                LocalDate.now(ZoneId.systemDefault()).toEpochDay()),
                                        services.library().attempts(),
                                        services.library().assignments(),
                                        services.library().lessonAnswers()),
                        this::show);
    }

    private void show(StudentPlan plan) {
        LibraryResults now = plan.results();
        themes = plan.themes();
        Rated before = table.getSelectionModel().getSelectedItem();
        results = Optional.of(now);
        student.ifPresent(
                s -> {
                    int solved = now.attemptsOf(s.id()).size();
                    strength.setText(
                            Texts.of(
                                    "students.solves-like-by",
                                    s.name(),
                                    now.student(s.id()).text(),
                                    s.rating() > 0
                                            ? Texts.of("students.club-rating", s.rating())
                                            : "",
                                    solved,
                                    solved == 1
                                            ? Texts.of("students.one-exercise-solved")
                                            : Texts.of("students.exercises-solved")));
                });
        table.show(now.exercises());
        if (before == null) {
            table.getSelectionModel().selectFirst();
        }
        draw(table.getSelectionModel().getSelectedItem());
    }

    private Optional<Rating> rating(Rated e) {
        return results.map(r -> r.exercise(e.id()));
    }

    private List<Attempt> tries(Rated e) {
        return results.map(r -> r.attemptsAt(e.id())).orElse(List.of());
    }

    private String expected(Rated e) {
        return results.flatMap(r -> student.map(s -> r.expectedPoints(s.id(), e)))
                .map(p -> String.format(Locale.ROOT, Texts.of("students.of"), p, e.max()))
                .orElse("");
    }

    private String earned(Rated e) {
        return tries(e).stream()
                .filter(a -> student.filter(s -> s.id() == a.studentId()).isPresent())
                .findFirst()
                .map(a -> Texts.of("students.of-2", a.marking().points(), a.marking().max()))
                .orElse("–");
    }

    private void drawThemes(LibraryResults r, Student s) {
        if (themes.isEmpty()) {
            return;
        }
        String says = Texts.of("students.strength-by-theme-weakest-first");
        picture.getChildren()
                .addAll(
                        Widgets.wrapped(says, "faded"),
                        new PlotView(
                                "theme-plot",
                                new ThemePlot(r.student(s.id()), themes),
                                palette,
                                says));
    }

    private void draw(Rated chosen) {
        picture.getChildren().clear();
        results.ifPresent(r -> student.ifPresent(s -> drawThemes(r, s)));
        if (chosen == null || results.isEmpty()) {
            return;
        }
        LibraryResults r = results.get();
        List<ScorePlot.Point> points =
                tries(chosen).stream()
                        .map(
                                a ->
                                        new ScorePlot.Point(
                                                name(r, a.studentId()),
                                                r.student(a.studentId()).value(),
                                                LibraryResults.share(a)))
                        .toList();
        String says =
                points.isEmpty()
                        ? Texts.of("students.nobody-has-tried-this-exercise")
                        : Texts.of("students.points-earned-by-strength-the");
        picture.getChildren()
                .addAll(
                        Widgets.label(says, "faded"),
                        new PlotView(
                                "score-plot",
                                new ScorePlot(r.exercise(chosen.id()), points),
                                palette,
                                says));
    }

    private static String name(LibraryResults results, long id) {
        return results.students().stream()
                .filter(s -> s.id() == id)
                .map(Student::name)
                .findFirst()
                .orElse("");
    }
}

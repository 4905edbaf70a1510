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
                    "strength-table",
                    Rated::id,
                    "No exercises yet. Find some on the Exercises desk.");
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
        table.text("Exercise", 200, Rated::title);
        table.text("Rated", 104, e -> rating(e).map(Rating::text).orElse(""));
        table.figure("Tried", 56, e -> tries(e).size(), String::valueOf);
        table.text("Expected", 96, this::expected);
        table.text("Earned", 90, this::earned);
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
                            s.name()
                                    + " solves like "
                                    + now.student(s.id()).text()
                                    + (s.rating() > 0 ? ", club rating " + s.rating() : "")
                                    + ", by "
                                    + solved
                                    + (solved == 1 ? " exercise." : " exercises."));
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
                .map(p -> String.format(Locale.ROOT, "%.0f of %d", p, e.max()))
                .orElse("");
    }

    private String earned(Rated e) {
        return tries(e).stream()
                .filter(a -> student.filter(s -> s.id() == a.studentId()).isPresent())
                .findFirst()
                .map(a -> a.marking().points() + " of " + a.marking().max())
                .orElse("–");
    }

    private void drawThemes(LibraryResults r, Student s) {
        if (themes.isEmpty()) {
            return;
        }
        String says =
                "Strength by theme, weakest first, with the range it is in 19 times of 20; the"
                        + " dashed line is all exercises together.";
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
                        ? "Nobody has tried this exercise; the dashed line is what to expect."
                        : "Points earned by strength; the dashed line is what to expect.";
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

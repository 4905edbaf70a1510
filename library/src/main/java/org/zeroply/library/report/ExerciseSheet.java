package org.zeroply.library.report;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.notation.Epd;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.texts.LibraryWords;

/** Exercises on paper: a sheet to solve, and the solutions apart. */
public final class ExerciseSheet {

    private final String title;
    private final String student;
    private final List<MoveTree> exercises;

    /**
     * @param title what stands at the top
     * @param student who solves it; empty leaves a line for the name
     */
    public ExerciseSheet(String title, String student, List<MoveTree> exercises) {
        this.title = title.isBlank() ? "Exercises" : title.strip();
        this.student = student.strip();
        this.exercises = List.copyOf(exercises);
    }

    /**
     * The sheet to solve, without any solution.
     *
     * @param perPage diagrams on a page: 1, 2, 4 or 6
     */
    public Report questions(int perPage) {
        List<Report.Problem> problems = new ArrayList<>();
        for (int i = 0; i < exercises.size(); i++) {
            Exercise exercise = Exercise.of(exercises.get(i));
            String head =
                    LibraryWords.of(
                            exercise.maxPoints() == 1
                                    ? "report.point-minutes"
                                    : "report.points-minutes",
                            i + 1,
                            exercise.maxPoints(),
                            exercise.minutes());
            problems.add(new Report.Problem(diagram(exercise), head, exercise.prompt()));
        }
        return new Report(
                title,
                LibraryWords.of(
                        "report.date-points-of",
                        student.isEmpty() ? LibraryWords.of("report.name") : student,
                        total()),
                List.of(new Report.Problems(perPage, problems)),
                LibraryWords.of("report.write-one-line-of-moves"));
    }

    private static Diagram diagram(Exercise exercise) {
        return new Diagram(exercise.start(), false, Optional.empty());
    }

    private int total() {
        return exercises.stream().mapToInt(t -> Exercise.of(t).maxPoints()).sum();
    }

    /** The solutions with their points. */
    public Report solutions() {
        List<Report.Block> blocks = new ArrayList<>();
        for (int i = 0; i < exercises.size(); i++) {
            MoveTree tree = exercises.get(i);
            Exercise exercise = Exercise.of(tree);
            List<Report.Text> words = new ArrayList<>(SchemeLines.of(tree));
            String about =
                    LibraryWords.of(
                            "report.points",
                            exercise.maxPoints(),
                            exercise.band().isEmpty()
                                    ? ""
                                    : LibraryWords.of("report.for", exercise.band()),
                            exercise.themes().isEmpty()
                                    ? ""
                                    : ", " + String.join(", ", exercise.themes()));
            words.add(new Report.Text(about, Report.Tone.FADED));
            String name = tree.tag("ZpTitle");
            blocks.add(
                    new Report.Card(
                            diagram(exercise),
                            (i + 1) + ".  " + (name.isEmpty() ? exercise.kind() : name),
                            words));
        }
        return new Report(
                LibraryWords.of("report.solutions", title), student, blocks, SchemeLines.LEGEND);
    }

    /** The set as PGN, with the solutions. */
    public String pgn() {
        return exercises.stream().map(PgnWriter::write).collect(Collectors.joining());
    }

    /** The set as EPD, a row an exercise with the moves that are equal as {@code bm}. */
    public String epd() {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < exercises.size(); i++) {
            MoveTree tree = exercises.get(i);
            Map<String, String> operations = new LinkedHashMap<>();
            String best =
                    tree.root().children().stream()
                            .filter(n -> !n.annotation().scheme().tempting())
                            .filter(
                                    n ->
                                            n.annotation().scheme().equal()
                                                    || tree.root().children().indexOf(n) == 0)
                            .map(Node::move)
                            .map((Move m) -> San.write(tree.start(), m))
                            .collect(Collectors.joining(" "));
            if (!best.isEmpty()) {
                operations.put("bm", best);
            }
            String name = tree.tag("ZpTitle");
            operations.put("id", name.isEmpty() ? title + " " + (i + 1) : name);
            text.append(new Epd(tree.start(), operations).text()).append('\n');
        }
        return text.toString();
    }
}

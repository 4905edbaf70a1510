package org.zeroply.cli.exercise;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TextTable;
import org.zeroply.coach.training.rating.Rating;
import org.zeroply.library.Library;
import org.zeroply.library.student.LibraryResults;
import org.zeroply.library.student.Student;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "ratings",
        description = "How strong students are and how hard exercises, by what was earned.")
final class ExerciseRatingsCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Option(names = "--library", required = true, paramLabel = "L")
    private Path library;

    @Option(
            names = "--student",
            description = "Part of a name: points this student is expected to earn.",
            paramLabel = "NAME")
    private String student = "";

    @Override
    public Integer call() {
        try (Library open = Libraries.existing(library)) {
            long today = LocalDate.now(ZoneId.systemDefault()).toEpochDay();
            LibraryResults results =
                    LibraryResults.of(open.sheets(), open.students(), open.attempts(), today);
            Optional<Student> who =
                    results.students().stream()
                            .filter(s -> !student.isBlank())
                            .filter(
                                    s ->
                                            s.name()
                                                    .toLowerCase(Locale.ROOT)
                                                    .contains(student.toLowerCase(Locale.ROOT)))
                            .findFirst();
            if (!student.isBlank() && who.isEmpty()) {
                throw new BadInputException("There is no student " + student + ".");
            }
            output.print(document(results, who), out -> print(results, who, out));
        }
        return 0;
    }

    private static ObjectNode document(LibraryResults results, Optional<Student> who) {
        ObjectNode document = Output.document();
        ArrayNode students = document.putArray("students");
        for (Student s : results.students()) {
            ObjectNode one = students.addObject().put("name", s.name()).put("club", s.rating());
            put(one, results.student(s.id())).put("solved", results.attemptsOf(s.id()).size());
        }
        ArrayNode exercises = document.putArray("exercises");
        for (LibraryResults.Rated e : results.exercises()) {
            ObjectNode one = exercises.addObject().put("title", e.title()).put("band", e.band());
            put(one, results.exercise(e.id())).put("solved", results.attemptsAt(e.id()).size());
            one.put("points", e.max());
            who.ifPresent(s -> one.put("expected", results.expectedPoints(s.id(), e)));
        }
        return document;
    }

    private static ObjectNode put(ObjectNode node, Rating rating) {
        return node.put("rating", rating.value()).put("deviation", rating.deviation());
    }

    private static void print(LibraryResults results, Optional<Student> who, PrintWriter out) {
        TextTable students = new TextTable("llr");
        for (Student s : results.students()) {
            int solved = results.attemptsOf(s.id()).size();
            students.row(s.name(), results.student(s.id()).text(), solved + " solved");
        }
        students.print(out);
        out.println();
        TextTable exercises = new TextTable("llrl");
        for (LibraryResults.Rated e : results.exercises()) {
            exercises.row(
                    e.title(),
                    results.exercise(e.id()).text(),
                    results.attemptsAt(e.id()).size() + " tried",
                    who.map(s -> expected(results, s, e)).orElse(""));
        }
        exercises.print(out);
    }

    private static String expected(LibraryResults results, Student who, LibraryResults.Rated e) {
        double points = results.expectedPoints(who.id(), e);
        return String.format(Locale.ROOT, "%s: %.0f of %d expected", who.name(), points, e.max());
    }
}

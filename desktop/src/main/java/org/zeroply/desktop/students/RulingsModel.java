package org.zeroply.desktop.students;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.marking.Granting;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.student.Attempt;

/** What the coach decides about attempts; kept beside what was marked. */
public final class RulingsModel {

    private final Services services;
    private final Consumer<Attempt> decided;

    /**
     * @param decided called on the interface thread with the attempt as it is after a decision
     */
    public RulingsModel(Services services, Consumer<Attempt> decided) {
        this.services = services;
        this.decided = decided;
    }

    /** Decides about an item; an earlier ruling on it is replaced. */
    public void rule(Attempt attempt, Ruling ruling) {
        List<Ruling> rulings = without(attempt, ruling);
        rulings.add(ruling);
        keep(attempt, rulings, Texts.of("students.decided-what-was-marked-stands"));
    }

    /** Takes a ruling back. */
    public void withdraw(Attempt attempt, Ruling ruling) {
        keep(attempt, without(attempt, ruling), Texts.of("students.taken-back-it-counts-as"));
    }

    private static List<Ruling> without(Attempt attempt, Ruling ruling) {
        return new ArrayList<>(
                attempt.marking().rulings().stream().filter(r -> !r.isAbout(ruling)).toList());
    }

    private void keep(Attempt attempt, List<Ruling> rulings, String says) {
        services.scheduler()
                .library(
                        () -> services.library().attempts().decide(attempt, rulings),
                        now -> {
                            services.messages().say(says);
                            decided.accept(now);
                        });
    }

    /** Grants a row, and takes its line into the exercise's scheme if that is in the library. */
    public void grant(Attempt attempt, int row) {
        // The scheme may be open at another desk.
        services.saves().flush();
        services.scheduler()
                .library(
                        () -> granted(services.library(), attempt, row),
                        now -> {
                            services.saves().lookAgain("");
                            now.ifPresentOrElse(
                                    a -> {
                                        services.messages()
                                                .say(
                                                        Texts.of(
                                                                "students.granted-the-scheme-has-this"));
                                        decided.accept(a);
                                    },
                                    () ->
                                            services.messages()
                                                    .say(
                                                            Texts.of(
                                                                    "students.this-row-cannot-be-granted")));
                        });
    }

    /** The attempt with the row granted; nothing for a row that is in the scheme or unreadable. */
    static Optional<Attempt> granted(Library library, Attempt attempt, int number) {
        Exercise exercise = Exercise.of(SheetStore.parse(attempt.work().scheme()));
        Optional<WrittenAnswer.Row> row =
                WrittenAnswer.parse(exercise.start(), attempt.work().answer()).rows().stream()
                        .filter(r -> r.number() == number && r.problem().isEmpty())
                        .findFirst();
        Optional<Integer> points = row.flatMap(r -> new Granting(exercise).points(r));
        if (points.isEmpty()) {
            return Optional.empty();
        }
        List<Ruling> rulings = without(attempt, Ruling.row(number, 0, ""));
        rulings.add(Ruling.row(number, points.get(), ""));
        if (attempt.work().exerciseId().isPresent()) {
            long id = attempt.work().exerciseId().getAsLong();
            MoveTree scheme = library.sheets().load(id);
            new Granting(Exercise.of(scheme))
                    .write(new TreeEditor(scheme), row.get().moves(), points.get(), "");
            library.sheets().save(id, scheme);
        }
        return Optional.of(library.attempts().decide(attempt, rulings));
    }
}

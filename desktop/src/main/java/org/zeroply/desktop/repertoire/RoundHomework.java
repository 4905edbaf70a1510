package org.zeroply.desktop.repertoire;

import java.util.function.LongSupplier;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.draft.MomentExercise;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.review.Moment;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.library.Library;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.Student;

/** Makes exercises of moments of a game, and sets them as homework. */
final class RoundHomework {

    private final Services services;
    private final UndoTrail trail;
    private final Runnable undo;
    private final LongSupplier today;

    /**
     * @param trail notes what was set
     * @param undo takes back what was done last
     * @param today days since 1970-01-01
     */
    RoundHomework(Services services, UndoTrail trail, Runnable undo, LongSupplier today) {
        this.services = services;
        this.trail = trail;
        this.undo = undo;
        this.today = today;
    }

    /** Drafts an exercise of a moment and assigns it for tomorrow. */
    void set(Moment moment, MoveTree game, Student student) {
        MoveTree lines = new MoveTree(moment.move().position());
        services.drafts()
                .set(
                        (drafter, progress, cancellation) ->
                                new MomentExercise(drafter)
                                        .draft(moment, lines, game, progress, cancellation),
                        made ->
                                made.ifPresentOrElse(
                                        id -> assign(id, game, student),
                                        () ->
                                                services.messages()
                                                        .say(
                                                                Texts.of(
                                                                        "repertoire.no-exercise-nothing-is-to"))));
    }

    private void assign(long exercise, MoveTree game, Student student) {
        String reason = Texts.of("repertoire.from-the-game", game.tag("White"), game.tag("Black"));
        long tomorrow = today.getAsLong() + 1;
        services.scheduler()
                .library(
                        () -> {
                            Library library = services.library();
                            int minutes = Exercise.of(library.sheets().load(exercise)).minutes();
                            library.assignments()
                                    .add(
                                            student.id(),
                                            exercise,
                                            Symmetry.SAME,
                                            tomorrow,
                                            minutes,
                                            reason);
                            return newest(library, student, exercise);
                        },
                        assigned -> {
                            trail.did(() -> withdraw(assigned, student), () -> again(assigned));
                            services.messages()
                                    .say(
                                            Texts.of(
                                                    "repertoire.homework-of-for-tomorrow",
                                                    student.name()),
                                            new Messages.Action(Texts.of("repertoire.undo"), undo));
                        });
    }

    private static Assignment newest(Library library, Student student, long exercise) {
        return library.assignments().of(student.id()).stream()
                .filter(a -> a.homework().exerciseId() == exercise)
                .reduce((first, second) -> second)
                .orElseThrow();
    }

    private void withdraw(Assignment assigned, Student student) {
        services.scheduler()
                .library(
                        () -> {
                            services.library().assignments().of(student.id()).stream()
                                    .filter(a -> a.uuid().equals(assigned.uuid()))
                                    .forEach(a -> services.library().assignments().remove(a.id()));
                            return true;
                        },
                        done ->
                                services.messages()
                                        .say(Texts.of("repertoire.the-homework-is-taken-back")));
    }

    private void again(Assignment assigned) {
        services.scheduler()
                .library(
                        () -> {
                            services.library().assignments().add(assigned);
                            return true;
                        },
                        done ->
                                services.messages()
                                        .say(Texts.of("repertoire.it-is-homework-again")));
    }
}

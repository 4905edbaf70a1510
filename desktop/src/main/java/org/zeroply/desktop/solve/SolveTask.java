package org.zeroply.desktop.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.student.Assignment;

/**
 * Something to solve.
 *
 * @param exercise its sheet
 * @param assignment what it was assigned as, if it was
 */
record SolveTask(long exercise, String title, Optional<Assignment> assignment) {

    /** What is assigned and not done, the next due first, and then every exercise. */
    static List<SolveTask> of(List<SheetRow> exercises, List<Assignment> assigned) {
        List<SolveTask> tasks = new ArrayList<>();
        assigned.stream()
                .filter(Assignment::isOpen)
                .forEach(
                        a ->
                                tasks.add(
                                        new SolveTask(
                                                a.homework().exerciseId(),
                                                a.name(),
                                                Optional.of(a))));
        exercises.forEach(r -> tasks.add(new SolveTask(r.id(), r.title(), Optional.empty())));
        return tasks;
    }

    /** How its board is turned. */
    Symmetry clothes() {
        return assignment.map(a -> a.homework().clothes()).orElse(Symmetry.SAME);
    }

    /** The title in a list. */
    String label() {
        return assignment.isPresent() ? Texts.of("solve.assigned", title) : title;
    }
}

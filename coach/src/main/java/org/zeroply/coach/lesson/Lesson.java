package org.zeroply.coach.lesson;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.notation.TreeSeries;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;

/**
 * A lesson: steps in their order. A value; what is changed gives another one. Its steps' trees are
 * changed by nobody.
 *
 * @param title what it is about
 */
public record Lesson(String title, List<LessonStep> steps) implements TreeSeries {

    public Lesson {
        title = title.isBlank() ? "Lesson" : title.strip();
        steps = List.copyOf(steps);
    }

    /** Whether a tree was written as a step of a lesson. */
    public static boolean isStep(MoveTree tree) {
        return !tree.tag(LessonStep.LESSON).isEmpty();
    }

    /**
     * Whether a step goes on with the lesson of the one before it: it has the same name, and does
     * not begin to count anew.
     */
    public static boolean goesOn(MoveTree before, MoveTree step) {
        return isStep(step)
                && step.tag(LessonStep.LESSON).equals(before.tag(LessonStep.LESSON))
                && new LessonStep(step).place() > new LessonStep(before).place();
    }

    /** A lesson of trees that were written as its steps, in their order. */
    public static Lesson of(List<MoveTree> trees) {
        String title = trees.isEmpty() ? "" : trees.get(0).tag(LessonStep.LESSON);
        return new Lesson(title, trees.stream().map(LessonStep::new).toList());
    }

    /** Every lesson among these trees, in their order; what is no step of one is left out. */
    public static List<Lesson> all(List<MoveTree> trees) {
        List<Lesson> lessons = new ArrayList<>();
        List<MoveTree> steps = new ArrayList<>();
        for (MoveTree tree : trees) {
            boolean on = !steps.isEmpty() && goesOn(steps.get(steps.size() - 1), tree);
            if (!on && !steps.isEmpty()) {
                lessons.add(of(steps));
                steps.clear();
            }
            if (isStep(tree)) {
                steps.add(tree);
            }
        }
        if (!steps.isEmpty()) {
            lessons.add(of(steps));
        }
        return lessons;
    }

    @Override
    public int size() {
        return steps.size();
    }

    @Override
    public MoveTree tree(int place) {
        return steps.get(place).tree();
    }

    /** With the name of the lesson and its place. */
    @Override
    public MoveTree written(int place) {
        MoveTree copy = tree(place).copy();
        TreeEditor editor = new TreeEditor(copy);
        editor.tag(LessonStep.LESSON, title);
        editor.tag(LessonStep.STEP, steps.get(place).at(place + 1));
        return copy;
    }

    /** The same under another name. */
    public Lesson named(String name) {
        return new Lesson(name, steps);
    }

    /** The same with a step put at a place, from 0. */
    public Lesson with(int place, LessonStep step) {
        List<LessonStep> changed = new ArrayList<>(steps);
        changed.add(Math.min(place, changed.size()), step);
        return new Lesson(title, changed);
    }

    /** The same with another step in the place of one, from 0. */
    public Lesson exchanged(int place, LessonStep step) {
        List<LessonStep> changed = new ArrayList<>(steps);
        changed.set(place, step);
        return new Lesson(title, changed);
    }

    /** The same without the step at a place, from 0. */
    public Lesson without(int place) {
        List<LessonStep> changed = new ArrayList<>(steps);
        changed.remove(place);
        return new Lesson(title, changed);
    }

    /** The same with a step moved to another place; both from 0. */
    public Lesson moved(int from, int to) {
        List<LessonStep> changed = new ArrayList<>(steps);
        changed.add(Math.min(to, changed.size() - 1), changed.remove(from));
        return new Lesson(title, changed);
    }

    /** The exercises that are set at the end. */
    public List<LessonStep> homework() {
        return steps.stream().filter(s -> s.kind() == StepKind.HOMEWORK).toList();
    }

    /** How many questions it asks. */
    public int questions() {
        return steps.stream().mapToInt(s -> s.stops().size()).sum();
    }
}

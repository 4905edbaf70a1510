package org.zeroply.coach.lesson.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.RepertoireNote;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.coach.texts.CoachWords;

/** Proposes a lesson on an opening out of a chapter of a repertoire: its line and its ideas. */
public final class RepertoireLesson {

    /** A lesson of more is two lessons: our choice. */
    private static final int MOST = 20;

    private static final String ASK_SECONDS = "60";

    private RepertoireLesson() {}

    /**
     * The main line first; then, in the order of the chapters, each if-then card is shown and each
     * move that has to be known is asked for. Empty where the chapters have no ideas.
     */
    public static Optional<Lesson> of(String title, List<MoveTree> chapters) {
        List<LessonStep> steps = new ArrayList<>();
        for (MoveTree chapter : chapters) {
            if (steps.isEmpty()) {
                steps.add(mainLine(chapter));
            }
            for (Node node : chapter.nodes()) {
                notes(chapter, node).stream()
                        .limit(Math.max(0, MOST - steps.size()))
                        .forEach(steps::add);
            }
        }
        return steps.size() < 2 ? Optional.empty() : Optional.of(new Lesson(title, steps));
    }

    private static LessonStep mainLine(MoveTree chapter) {
        MoveTree line = new MoveTree(chapter.start());
        TreeEditor editor = new TreeEditor(line);
        Node at = line.root();
        for (Node node : chapter.mainLine()) {
            at = editor.add(at, node.move());
            Optional<String> idea = node.annotation().repertoire().idea();
            Node here = at;
            idea.ifPresent(text -> editor.comment(here, text));
        }
        return named(
                LessonStep.of(StepKind.SHOW, line),
                CoachWords.of("lesson.the-line", chapter.tag("Event")),
                chapter);
    }

    private static LessonStep named(LessonStep step, String title, MoveTree chapter) {
        return step.with(LessonStep.TITLE, title)
                .with(Exercise.THEMES, chapter.tag("Event").replace(',', ' '));
    }

    private static List<LessonStep> notes(MoveTree chapter, Node node) {
        RepertoireNote note = node.annotation().repertoire();
        List<LessonStep> steps = new ArrayList<>();
        if (note.must() && !node.isRoot()) {
            steps.add(must(chapter, node));
        }
        for (String card : note.cards()) {
            steps.add(card(chapter, node, card));
        }
        boolean aside = node.path().stream().anyMatch(RepertoireLesson::isVariation);
        if (aside && note.cards().isEmpty() && !note.must()) {
            note.idea().ifPresent(idea -> steps.add(idea(chapter, node, idea)));
        }
        return steps;
    }

    private static boolean isVariation(Node node) {
        return node.parent().map(p -> p.children().indexOf(node) > 0).orElse(false);
    }

    /** The position before the move is asked about; what else the chapter knows there is shown. */
    private static LessonStep must(MoveTree chapter, Node node) {
        Node before = node.parent().orElseThrow();
        MoveTree tree = new MoveTree(before.position());
        TreeEditor editor = new TreeEditor(tree);
        Node right = editor.add(tree.root(), node.move());
        editor.comment(
                right,
                node.annotation()
                        .repertoire()
                        .idea()
                        .orElse(CoachWords.of("lesson.this-has-to-be-known")));
        editor.replaceRest(right, node);
        String who = before.position().sideToMove().word();
        LessonStep step =
                LessonStep.of(StepKind.ASK, tree)
                        .with(LessonStep.ASKED, "move")
                        .with(Exercise.PROMPT, CoachWords.of("lesson.to-move-one-move-has", who))
                        .with(LessonStep.SECONDS, ASK_SECONDS);
        return named(step, "After " + last(before), chapter);
    }

    private static LessonStep card(MoveTree chapter, Node node, String card) {
        return shown(
                chapter,
                node,
                CoachWords.of("lesson.if-and-then-after", last(node)),
                sentence(card));
    }

    private static LessonStep idea(MoveTree chapter, Node node, String idea) {
        return shown(chapter, node, CoachWords.of("lesson.the-idea-of", last(node)), idea);
    }

    private static LessonStep shown(MoveTree chapter, Node node, String title, String words) {
        MoveTree tree = new MoveTree(node.position());
        TreeEditor editor = new TreeEditor(tree);
        editor.replaceRest(tree.root(), node);
        editor.comment(tree.root(), words);
        return named(LessonStep.of(StepKind.SHOW, tree), title, chapter);
    }

    /** {@code IF … THEN … UNLESS …} as a coach would say it. */
    private static String sentence(String card) {
        return card.replaceFirst("^IF ", "If ")
                        .replace(" AND ", " and ")
                        .replace(" OR ", " or ")
                        .replace(" THEN ", ", then ")
                        .replace(" UNLESS ", ", unless ")
                + (card.endsWith(".") ? "" : ".");
    }

    private static String last(Node node) {
        return node.isRoot() ? CoachWords.of("lesson.the-first-position") : Line.move(node);
    }
}

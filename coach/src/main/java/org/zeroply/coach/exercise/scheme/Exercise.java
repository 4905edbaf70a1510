package org.zeroply.coach.exercise.scheme;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.texts.CoachWords;

/**
 * An exercise: a marking scheme on a move tree, with what the tags say about it.
 *
 * @param scheme the solution with points
 * @param kind {@code calculation}, {@code defence}, {@code plan} or {@code ending}
 * @param prompt what the solver is asked
 * @param minutes time allowed
 * @param band ratings it is meant for, such as {@code 1600-2000}; may be empty
 * @param themes what it trains
 */
public record Exercise(
        MoveTree scheme,
        String kind,
        String prompt,
        int minutes,
        String band,
        List<String> themes) {

    public static final String KIND = "ZpKind";
    public static final String PROMPT = "ZpPrompt";
    public static final String MINUTES = "ZpMinutes";
    public static final String BAND = "ZpBand";
    public static final String THEMES = "ZpThemes";
    public static final String MAX_POINTS = "ZpMaxPoints";

    /** {@value #NEAR} gives half the points for a verdict one step beside the scheme's. */
    public static final String VERDICTS = "ZpVerdicts";

    public static final String NEAR = "near";

    /** Time for an exercise that does not say: our choice. */
    private static final int DEFAULT_MINUTES = 20;

    public Exercise {
        themes = List.copyOf(themes);
    }

    /** Reads the tags of a tree; what is missing gets the usual value. */
    public static Exercise of(MoveTree tree) {
        String kind = tree.tag(KIND).isEmpty() ? "calculation" : tree.tag(KIND);
        String prompt =
                tree.tag(PROMPT).isEmpty()
                        ? CoachWords.of(
                                "exercise.to-move-write-down-your",
                                tree.start().sideToMove().word())
                        : tree.tag(PROMPT);
        List<String> themes =
                Arrays.stream(tree.tag(THEMES).split(","))
                        .map(String::strip)
                        .filter(t -> !t.isEmpty())
                        .toList();
        int minutes = number(tree.tag(MINUTES)).orElse(DEFAULT_MINUTES);
        return new Exercise(tree, kind, prompt, minutes, tree.tag(BAND), themes);
    }

    /** Whether a tree was written as an exercise. */
    public static boolean isExercise(MoveTree tree) {
        return !tree.tag(KIND).isEmpty();
    }

    /** Makes the tree of an editor an exercise by giving it the tags it lacks. */
    public static void mark(TreeEditor editor, String kind) {
        if (editor.tree().tag(KIND).isEmpty()) {
            editor.tag(KIND, kind);
        }
        if (editor.tree().tag(MINUTES).isEmpty()) {
            editor.tag(MINUTES, String.valueOf(DEFAULT_MINUTES));
        }
    }

    /** Whether a verdict one step beside the scheme's earns half the points. */
    public boolean toleratesOneStep() {
        return scheme.tag(VERDICTS).equals(NEAR);
    }

    /** The position that the solver sees. */
    public Position start() {
        return scheme.start();
    }

    /** The most points: as the tag says, or else what the scheme adds up to. */
    public int maxPoints() {
        return number(scheme.tag(MAX_POINTS)).orElseGet(() -> MarkingScheme.of(scheme).sum());
    }

    private static OptionalInt number(String text) {
        return text.matches("[1-9]\\d{0,3}")
                ? OptionalInt.of(Integer.parseInt(text))
                : OptionalInt.empty();
    }
}

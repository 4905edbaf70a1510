package org.zeroply.coach.exercise.scheme;

import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.tree.MoveTree;

/** What an exercise of the kind {@code defence} asks for. The tag {@value #TAG} names it. */
public enum DefenceTask {
    ELIMINATION(
            "Elimination",
            "Name every move that deserves thought, refute each with a line, and keep the one that"
                    + " holds. Give a verdict for each line."),
    THREAT("Find the threat", "What is threatened? Write down the line."),
    WAYS_OUT(
            "All the ways out",
            "Find every move that holds, one row each, with a verdict for each."),
    CHEAPEST(
            "Which costs least",
            "Several moves hold. Find the one that costs least, and write down why by its line."),
    HOLD("Hold on", "Hold the position against the engine."),
    HIT_BACK(
            "Defend or hit back",
            "Defend once more, or hit back? Choose, and show by lines why the other way fails.");

    /** The tag in PGN. */
    public static final String TAG = "ZpTask";

    /** The kind of exercise that has tasks. */
    public static final String KIND = "defence";

    private final String words;
    private final String prompt;

    DefenceTask(String words, String prompt) {
        this.words = words;
        this.prompt = prompt;
    }

    /** The task in words. */
    public String words() {
        return words;
    }

    /** What the solver is asked, after who is to move. */
    public String prompt() {
        return prompt;
    }

    /** The name in files and for scripts: {@code ways-out}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The task of a word, if it names one. */
    public static Optional<DefenceTask> ofWord(String word) {
        for (DefenceTask task : values()) {
            if (task.word().equals(word.strip())) {
                return Optional.of(task);
            }
        }
        return Optional.empty();
    }

    /** The task of an exercise, if it has one. */
    public static Optional<DefenceTask> of(MoveTree exercise) {
        return ofWord(exercise.tag(TAG));
    }
}

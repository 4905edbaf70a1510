package org.zeroply.coach.exercise.scheme;

import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.texts.CoachWords;

/** What an exercise of the kind {@code defence} asks for. The tag {@value #TAG} names it. */
public enum DefenceTask {
    ELIMINATION("Elimination", CoachWords.of("exercise.name-every-move-that-deserves")),
    THREAT(
            CoachWords.of("exercise.find-the-threat"),
            CoachWords.of("exercise.what-is-threatened-write-down")),
    WAYS_OUT(
            CoachWords.of("exercise.all-the-ways-out"),
            CoachWords.of("exercise.find-every-move-that-holds")),
    CHEAPEST(
            CoachWords.of("exercise.which-costs-least"),
            CoachWords.of("exercise.several-moves-hold-find-the")),
    HOLD(
            CoachWords.of("exercise.hold-on"),
            CoachWords.of("exercise.hold-the-position-against-the")),
    HIT_BACK(
            CoachWords.of("exercise.defend-or-hit-back"),
            CoachWords.of("exercise.defend-once-more-or-hit"));

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

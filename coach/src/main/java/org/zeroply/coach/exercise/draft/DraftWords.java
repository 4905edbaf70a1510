package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.fact.Sentence;
import org.zeroply.coach.fact.tactics.theme.ThemeFinder;
import org.zeroply.coach.texts.CoachWords;

/** What a draft says. */
final class DraftWords {

    private DraftWords() {}

    /** What the best move of a choice is about; empty where there is nothing to say. */
    static Optional<String> about(Choice choice) {
        Position before = choice.position();
        Move move = choice.best().move();
        List<String> words = new ArrayList<>();
        if (Obvious.isSacrifice(before, move)) {
            words.add(CoachWords.of("exercise.a-sacrifice"));
        } else if (Obvious.isQuiet(before, move)) {
            words.add(CoachWords.of("exercise.a-quiet-move"));
        }
        ThemeFinder.main(before, choice.best().line())
                .ifPresent(t -> words.add(CoachWords.of("exercise.the-idea", t.words())));
        String text = String.join("; ", words);
        return words.isEmpty() ? Optional.empty() : Optional.of(Sentence.begin(text) + ".");
    }

    /** What is asked of the solver. */
    static String prompt(Side solver, Choice choice) {
        boolean holds = choice.best().expected().value() < Ways.HELPS;
        String task =
                isLost(choice)
                        ? CoachWords.of("exercise.find-what-holds-out-longest")
                        : CoachWords.of(
                                holds
                                        ? "exercise.find-how-to-hold-what"
                                        : "exercise.find-the-best-continuation-and");
        return CoachWords.of("exercise.to-move-give-a-verdict", solver.word(), task);
    }

    /** Whether there is nothing to hold any more. */
    static boolean isLost(Choice choice) {
        return choice.best().expected().value() <= Ways.LOST;
    }
}

package org.zeroply.coach.texts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.MissingResourceException;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.WordsInCode;

class CoachWordsTest {

    private static final WordsInCode CODE = WordsInCode.of("coach", "CoachWords");

    /**
     * What is typed and read by the program, or written into files and read from them: queries, the
     * kinds and qualities of facts that they ask for, themes of exercises, prompts.
     */
    private static final Set<String> READ =
            Set.of(
                    "pattern",
                    "FactKind",
                    "FactWeight",
                    "Theme",
                    "CleanWin: wins more",
                    "CleanWin: widest margin",
                    "CleanWin: least counterplay",
                    "Compensation: The move",
                    "Compensation: Bishop pair",
                    "DefenceDraft: threat of ",
                    "ExerciseEstimate: quiet move",
                    "SchemeDraft: Not settled: ",
                    "SoundnessCheck:  to move");

    @Test
    void wordsTakeInWhatIsPutIntoThem() {
        assertThat(CoachWords.of("fact.pawn-islands", 3)).isEqualTo("3 pawn islands: ");
        assertThat(CoachWords.of("review.is-the-engines-choice-too", "Nf3"))
                .isEqualTo("Nf3 is the engine's choice too.");
        assertThatThrownBy(() -> CoachWords.of("fact.nothing-of-the-kind"))
                .isInstanceOf(MissingResourceException.class);
        assertThatThrownBy(() -> CoachWords.of("fact.pawn-islands", 3, 4))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatIsSaidIsWrittenInTheRoomThatSaysItAndAllThatIsWrittenIsSaid() {
        assertThat(CODE.wrong()).isEmpty();
        assertThat(CODE.written()).hasSizeGreaterThan(600);
        assertThat(CODE.said()).containsExactlyInAnyOrderElementsOf(CODE.written().keySet());
    }

    @Test
    void noSentencesStandInTheCode() {
        assertThat(CODE.sentences(READ)).isEmpty();
    }
}

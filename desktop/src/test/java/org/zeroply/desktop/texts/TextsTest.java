package org.zeroply.desktop.texts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import java.util.MissingResourceException;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.WordsInCode;

class TextsTest {

    private static final WordsInCode CODE = WordsInCode.of("desktop", "Texts");

    /** What is typed and read by the program, not said to anybody, or said without a window. */
    private static final Set<String> GRAMMARS =
            Set.of(
                    "CardBuilder",
                    "CardDraftModel",
                    "DesktopLauncher",
                    "DraftModel",
                    "DraftPane",
                    "FoundPositions",
                    "PositionsPage",
                    "QueryDraft");

    @Test
    void wordsStandAsTheyAreAndTakeInWhatIsPutIntoThem() {
        assertThat(Texts.of("review.next-moment")).isEqualTo("Next moment");
        assertThat(Texts.of("app.import-again", "a{0}b")).isEqualTo("Import again a{0}b");
        // An apostrophe is doubled where something is put in, and the number is written as it is.
        assertThat(Texts.of("lab.s-checks-run-out", 12_345)).isEqualTo("12345's checks run out.");
    }

    @Test
    void aTranslationStandsBesideTheWordsAndWhatItLeavesOutIsSaidInEnglish() {
        Locale invented = Locale.forLanguageTag("qz");
        Locale other = Locale.forLanguageTag("qx");

        assertThat(Texts.of(other, "texts.greeting", "Ann")).isEqualTo("Ann, saluton!");
        assertThat(Texts.of(other, "texts.only-english")).isEqualTo("Not translated.");
        assertThat(Texts.of(invented, "texts.greeting", "Ann")).isEqualTo("Welcome, Ann.");
    }

    @Test
    void unknownWordsAndPartsThatDoNotFitAreRefused() {
        assertThatThrownBy(() -> Texts.of("review.nothing-of-the-kind"))
                .isInstanceOf(MissingResourceException.class);
        assertThatThrownBy(() -> Texts.of("no room")).isInstanceOf(MissingResourceException.class);
        assertThatThrownBy(() -> Texts.of("review.moment", 1))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Texts.of("review.next-moment", 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatIsSaidIsWrittenInTheRoomThatSaysItAndAllThatIsWrittenIsSaid() {
        assertThat(CODE.wrong()).isEmpty();
        assertThat(CODE.written()).hasSizeGreaterThan(1000);
        assertThat(CODE.said()).containsExactlyInAnyOrderElementsOf(CODE.written().keySet());
    }

    @Test
    void noSentencesStandInTheCode() {
        assertThat(CODE.sentences(GRAMMARS)).isEmpty();
    }
}

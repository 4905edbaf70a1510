package org.zeroply.library.texts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.WordsInCode;

class LibraryWordsTest {

    private static final WordsInCode CODE = WordsInCode.of("library", "LibraryWords");

    /**
     * What nobody reads as it stands: made-up games and people, what is said to the database, what
     * a picture or a page is made of, headings that a table of pairings may have.
     */
    private static final Set<String> READ =
            Set.of(
                    "drawing",
                    "index",
                    "review",
                    "sample",
                    "sheet",
                    "AssignmentStore",
                    "AttemptStore",
                    "LessonAnswerStore",
                    "PairingColumns",
                    "PairingLine",
                    "RecallStore",
                    "SettingStore",
                    "StudentFile",
                    "StudentStore",
                    "WallChart",
                    "LibraryCheck: SELECT id, title FROM sheet WHERE id > :after ORDER BY id",
                    "LessonWebPage: <symbol id=\\\"%s\\\" viewBox=\\\"0 0 %d %d\\\">%s</symbol>",
                    "LibraryCopies: restoring failed",
                    "LibraryFile: SQLite format 3\\0");

    @Test
    void wordsTakeInWhatIsPutIntoThem() {
        assertThat(LibraryWords.of("care.would-go", 2)).isEqualTo("2 would go");
        assertThat(LibraryWords.of("report.to-repeat-tonight")).isEqualTo("To repeat tonight");
    }

    @Test
    void whatIsSaidIsWrittenInTheRoomThatSaysItAndAllThatIsWrittenIsSaid() {
        assertThat(CODE.wrong()).isEmpty();
        assertThat(CODE.written()).hasSizeGreaterThan(100);
        assertThat(CODE.said()).containsExactlyInAnyOrderElementsOf(CODE.written().keySet());
    }

    @Test
    void noSentencesStandInTheCode() {
        assertThat(CODE.sentences(READ)).isEmpty();
    }
}

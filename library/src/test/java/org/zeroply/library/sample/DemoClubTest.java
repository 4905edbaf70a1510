package org.zeroply.library.sample;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.library.Library;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;

/** What the club that comes with the program has to show. */
class DemoClubTest {

    @TempDir Path folder;

    @Test
    void its_exercises_are_deep() {
        try (Library library = Library.open(folder.resolve("demo.zpl"))) {
            SampleLibrary.unpack(library);
            List<MoveTree> schemes =
                    library.sheets().find(SheetQuery.all(SheetKind.EXERCISE)).stream()
                            .map(row -> library.sheets().load(row.id()))
                            .filter(t -> t.tag("ZpKind").equals("calculation"))
                            .toList();
            assertThat(schemes)
                    .filteredOn(s -> MarkingScheme.of(s).ownMoves() >= 4)
                    .hasSizeGreaterThanOrEqualTo(10);
            assertThat(schemes)
                    .filteredOn(s -> MarkingScheme.of(s).items().size() >= 10)
                    .hasSizeGreaterThanOrEqualTo(3);
            assertThat(schemes)
                    .allSatisfy(s -> assertThat(MarkingScheme.of(s).sum()).isEqualTo(50))
                    .allSatisfy(s -> assertThat(Aim.of(s)).isPresent())
                    .allSatisfy(
                            s ->
                                    assertThat(s.root().annotation().after())
                                            .doesNotContain("Not settled"));
            assertThat(library.attempts().all())
                    .hasSizeGreaterThan(20)
                    .allSatisfy(a -> assertThat(a.work().exerciseId()).isPresent());
        }
    }

    /** Made anew by {@code ./zeroply sample --reviews} when the engine has become another one. */
    @Test
    void its_reviewed_games_show_their_moments_at_once() {
        try (Library library = Library.open(folder.resolve("demo.zpl"))) {
            SampleLibrary.unpack(library);
            List<ReviewStore.Entry> reviewed = library.reviews().entries();
            assertThat(reviewed)
                    .hasSize(3)
                    .extracting(ReviewStore.Entry::state)
                    .containsOnly(ReviewStore.State.DONE);
            assertThat(reviewed)
                    .allSatisfy(
                            e ->
                                    assertThat(library.reviews().notes(e.sheetId()))
                                            .isNotEmpty()
                                            .extracting(ReviewStore.Note::decision)
                                            .containsOnly(ReviewStore.Decision.KEPT));
        }
    }
}

package org.zeroply.library.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.student.Student;

/** Libraries as each version wrote them. */
class OldVersionsTest {

    @TempDir private Path folder;

    @ParameterizedTest(name = "version {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
    void a_library_of_an_older_version_has_all_that_was_in_it(int version) throws IOException {
        Path file = folder.resolve("old.zpl");
        String name = "/org/zeroply/library/versions/version-" + version + ".zpl.gz";
        try (InputStream packed = OldVersionsTest.class.getResourceAsStream(name);
                InputStream in = new GZIPInputStream(packed)) {
            Files.copy(in, file);
        }
        byte[] before = Files.readAllBytes(file);
        try (Library library = Library.open(file)) {
            MoveTree game = library.sheets().load(7);
            assertThat(game.tag("White")).isEqualTo("Marram, Ilse");
            assertThat(game.mainLine().get(0).annotation().after()).isEqualTo("good");
            assertThat(library.sheets().find(new SheetQuery(SheetKind.GAME, "ilse", "1-0", 0)))
                    .extracting(SheetRow::id)
                    .containsExactly(7L);
            assertThat(library.games().at(Position.START, GameFilter.ALL).games()).isEqualTo(1);
            Student nora = library.students().all().get(0);
            assertThat(nora.note()).isEqualTo("works hard");
            assertThat(library.attempts().of(nora.id()))
                    .singleElement()
                    .satisfies(a -> assertThat(a.marking().points()).isEqualTo(5));
            assertThat(library.check().run(part -> {}, new Cancellation()).isSound()).isTrue();
        }
        Path backup = folder.resolve("old.zpl.before-v" + version + ".backup");
        boolean newest = !Files.exists(backup);
        assertThat(newest || Files.size(backup) == before.length).isTrue();
        assertThat(newest).isEqualTo(version == 11);
    }
}

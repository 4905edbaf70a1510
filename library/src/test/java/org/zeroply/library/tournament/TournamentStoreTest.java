package org.zeroply.library.tournament;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.StoreTest;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStep;
import org.zeroply.library.transfer.Exporter;
import org.zeroply.library.transfer.ImportReport;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

class TournamentStoreTest extends StoreTest {

    @TempDir private Path files;

    private static Pairing pairing(int round, String white, String black) {
        return Pairing.of(round, 0, new Entrant(white, 2000), new Entrant(black, 0));
    }

    private static Tournament cup(String title, int rounds) {
        List<Pairing> pairings = new ArrayList<>();
        for (int i = 1; i <= rounds; i++) {
            pairings.add(pairing(i, "Ann Ek", "Opponent " + i));
        }
        return new Tournament(title, pairings);
    }

    private ImportReport read(Library into, Path file) {
        return new Importer(into, Progress.NONE, new Cancellation()).files(List.of(file));
    }

    @Test
    void a_tournament_is_no_game_and_is_listed_under_its_name() {
        long id = library.tournaments().add(cup("Cup", 3));
        add("[White \"Ann Ek\"]\n[Black \"Bo Lind\"]\n\n1. e4 *\n");
        reopen();
        assertThat(library.tournaments().all())
                .singleElement()
                .satisfies(
                        row -> {
                            assertThat(row.id()).isEqualTo(id);
                            assertThat(row.title()).isEqualTo("Cup");
                            assertThat(row.kind()).isEqualTo(SheetKind.TOURNAMENT);
                            assertThat(row.plies()).isEqualTo(3);
                        });
        assertThat(library.tournaments().load(id).says(cup("Cup", 3))).isTrue();
        assertThat(library.sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(1);
        assertThat(library.sheets().players()).containsOnlyKeys("Ann Ek", "Bo Lind");
        assertThat(library.check().run(part -> {}, new Cancellation()).isSound()).isTrue();
    }

    @Test
    void a_change_is_taken_back_tomorrow_and_a_tournament_comes_back_from_the_bin() {
        long id = library.tournaments().add(cup("Cup", 2));
        Tournament changed =
                cup("Cup", 2)
                        .named("Open")
                        .merged(List.of(pairing(3, "Bo Lind", "Ann Ek")))
                        .tournament();
        library.tournaments().save(id, changed, SheetStep.CHANGE);
        reopen();
        assertThat(library.tournaments().load(id).says(changed)).isTrue();
        assertThat(library.tournaments().earlier(id).orElseThrow().says(cup("Cup", 2))).isTrue();
        putAway(BinStore.Kind.TOURNAMENT, id);
        assertThat(library.tournaments().all()).isEmpty();
        assertThat(library.bin().all()).extracting(BinStore.Entry::title).containsExactly("Open");
        library.bin().restore(List.of(new BinStore.Item(BinStore.Kind.TOURNAMENT, id)));
        assertThat(library.tournaments().all()).hasSize(1);
    }

    @Test
    void files_and_archives_bring_tournaments_lessons_and_games_apart() throws IOException {
        String game = "[White \"Ann\"]\n[Black \"Bob\"]\n\n1. e4 e5 *\n\n";
        String lesson = "[ZpLesson \"Files\"]\n[ZpStep \"1 show\"]\n\n1. d4 *\n\n";
        String text =
                game + cup("Cup", 5).pgn() + cup("Open", 2).pgn() + lesson + cup("Cup", 3).pgn();
        ImportReport report = read(library, Files.writeString(files.resolve("all.pgn"), text));
        assertThat(report.stored()).isEqualTo(5);
        assertThat(titles(library)).containsExactlyInAnyOrder("Cup 5", "Open 2", "Cup 3");
        assertThat(read(library, files.resolve("all.pgn")).stored()).as("known").isZero();
        Path archive = files.resolve("all.zip");
        new Exporter(library).write(archive);
        try (Library other = Library.open(files.resolve("other.zpl"))) {
            read(other, archive);
            assertThat(titles(other)).containsExactlyInAnyOrder("Cup 5", "Open 2", "Cup 3");
            assertThat(other.lessons().all()).hasSize(1);
            assertThat(other.sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(1);
        }
    }

    private static List<String> titles(Library library) {
        return library.tournaments().all().stream()
                .map((SheetRow r) -> r.title() + " " + r.plies())
                .toList();
    }
}

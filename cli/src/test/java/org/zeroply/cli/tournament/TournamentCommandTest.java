package org.zeroply.cli.tournament;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.cli.CommandTest;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.student.Student;

class TournamentCommandTest extends CommandTest {

    private static final String LIBRARY =
            """
            [Event "Open games"]
            [ZpSide "white"]

            1. e4 e5 (1... c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4) 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 *

            [White "Shoal, Greta"]
            [Black "Lind, Bo"]
            [Date "2026.01.05"]
            [Result "1-0"]

            1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6 1-0
            """;

    private static final String TABLE =
            """
            Harbour Cup
            Round 1 2026-03-01
            1. Ilse Marram (1880) – Greta Shoal 1-0
            Round 2 2026-03-02
            1. Ilse Marram – Bo Lind (1990)
            Nora met nobody
            """;

    @TempDir private Path folder;
    private String library;

    @BeforeEach
    void bring() throws IOException {
        library = libraryOf(folder, LIBRARY);
        try (Library open = Library.open(Path.of(library))) {
            open.students().add("Ilse Marram", 1880);
        }
    }

    private String file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text).toString();
    }

    private JsonNode read(String text) throws IOException {
        String table = file("table.txt", text);
        return json("tournament", "read", table, "--library", library, "--json");
    }

    private JsonNode asked(String command, String... more) throws IOException {
        String[] all = new String[more.length + 9];
        String[] first = {
            "tournament", command, "harbour", "--library", library, "--player", "I. Marram",
        };
        System.arraycopy(first, 0, all, 0, 7);
        all[7] = "--nodes=20000";
        all[8] = "--json";
        System.arraycopy(more, 0, all, 9, more.length);
        return json(all);
    }

    @Test
    void a_table_is_brought_in_and_completed_by_the_next_one() throws IOException {
        JsonNode first = read(TABLE);
        assertThat(first.get("title").asText()).isEqualTo("Harbour Cup");
        assertThat(first.get("added").asInt()).isEqualTo(2);
        assertThat(first.at("/unread/0/line").asInt()).isEqualTo(6);
        assertThat(first.at("/pairings/1/blackRating").asInt()).isEqualTo(1990);
        JsonNode second = read(TABLE.replace("Lind (1990)", "Lind 0-1").replace("1-0", "0-1"));
        assertThat(second.get("tournament")).isEqualTo(first.get("tournament"));
        assertThat(second.get("added").asInt()).isZero();
        assertThat(second.get("changed").asInt()).isEqualTo(1);
        assertThat(second.get("doubtful")).hasSize(1);
        String out = folder.resolve("cup.pgn").toString();
        String table = file("table.txt", TABLE);
        assertThat(run("tournament", "read", table, "--out", out)).isZero();
        assertThat(Files.readString(Path.of(out))).contains("[ZpTournament \"Harbour Cup\"]");
        assertThat(run("tournament", "read", table, "--out", out)).isEqualTo(1);
        assertThat(err.toString()).contains("exists already");
    }

    @Test
    void the_next_round_is_prepared_and_printed() throws IOException {
        read(TABLE);
        String sheet = folder.resolve("sheet.pdf").toString();
        JsonNode round = asked("round", "--out", sheet);
        assertThat(round.at("/pairing/round").asInt()).isEqualTo(2);
        assertThat(round.at("/opponent/names/0").asText()).isEqualTo("Lind, Bo");
        assertThat(round.at("/opponent/games").asInt()).isEqualTo(1);
        assertThat(round.at("/repeat/0/line").asText()).contains("c5");
        assertThat(round.get("likely")).isNotEmpty();
        assertThat(Files.size(Path.of(sheet))).isPositive();
    }

    @Test
    void a_game_is_brought_in_and_changes_the_repertoire_once() throws IOException {
        read(TABLE);
        String game = file("game.pgn", "1. e4 c5 2. Nf3 e6 3. d4 cxd4 4. Nxd4 1/2-1/2\n");
        JsonNode told = asked("game", "--add", game, "--apply");
        assertThat(told.get("leftBy").asText()).isEqualTo("them");
        assertThat(told.at("/changes/0/moves").asText()).startsWith("e6 ");
        assertThat(asked("game", "--round", "2").get("ply").asInt())
                .as("the repertoire goes on now where it ended")
                .isGreaterThan(told.get("ply").asInt());
        try (Library open = Library.open(Path.of(library))) {
            var cup = open.tournaments().load(open.tournaments().all().get(0).id());
            assertThat(cup.of("Ilse Marram", 2).orElseThrow().result()).isEqualTo("1/2-1/2");
            assertThat(open.reviews().entries()).hasSize(1);
            long chapter = open.sheets().newest(SheetKind.REPERTOIRE).orElseThrow();
            assertThat(PgnWriter.write(open.sheets().load(chapter))).contains("2... e6");
        }
    }

    @Test
    void a_move_forgotten_is_asked_of_the_student_again() throws IOException {
        read(TABLE);
        String game = file("game.pgn", "1. e4 e5 2. f4 exf4 0-1\n");
        JsonNode told = asked("game", "--add", game, "--apply");
        assertThat(told.at("/changes/0/change").asText()).isEqualTo("repeat");
        assertThat(told.at("/changes/0/moves").asText()).isEqualTo("Nf3");
        try (Library open = Library.open(Path.of(library))) {
            Student ilse = open.students().all().get(0);
            assertThat(open.recall().all(ilse.id())).hasSize(1);
        }
    }

    @Test
    void what_is_not_there_is_told() throws IOException {
        assertThat(run("tournament", "read", file("none.txt", "nothing\nat all"))).isEqualTo(1);
        assertThat(err.toString()).contains("tells no pairing");
        read(TABLE);
        String[] round = {"tournament", "round", "harbour", "--library", library, "--player"};
        assertThat(refused(round, "Nobody Here")).contains("Nobody in Harbour Cup is Nobody Here");
        assertThat(refused(round, "Ilse", "--round", "9")).contains("round 9", "rounds 1, 2");
        round[2] = "another";
        assertThat(refused(round, "Ilse")).contains("No tournament", "Harbour Cup");
        String[] game = {"tournament", "game", "harbour", "--library", library, "--player"};
        assertThat(refused(game, "Ilse")).contains("not in the library", "--add");
        String turned =
                file("game.pgn", "[White \"Lind, Bo\"]\n[Black \"Marram, Ilse\"]\n\n1. e4 *\n");
        assertThat(refused(game, "Ilse", "--add", turned)).contains("White is Lind, Bo");
        assertThat(refused(game, "Ilse", "--add", file("two.pgn", "1. e4 *\n\n1. d4 *\n")))
                .contains("2 games");
    }

    /** What a person reads; each has to name what the document says. */
    @Test
    void a_person_reads_the_same_in_words() throws IOException {
        assertThat(run("tournament", "read", file("table.txt", TABLE), "--library", library))
                .isZero();
        assertThat(words())
                .contains("Harbour Cup: 2 new pairings, 0 completed")
                .contains("Ilse Marram (1880) – Greta Shoal  1-0")
                .contains("! line 6: Nora met nobody");
        String[] round = {
            "tournament", "round", "harbour", "--library", library, "--player", "Ilse", "--nodes=0"
        };
        assertThat(run(round)).isZero();
        assertThat(words())
                .contains("Harbour Cup, round 2: Ilse Marram with White")
                .contains("Against Bo Lind (1990), 0 of 0 so far, 1 game with Black")
                .contains("To repeat tonight:", "Where their games end: none", "No side step.");
        assertThat(run(with(round, "--round=1"))).as("a round that is over").isZero();
        assertThat(words()).contains("Against Greta Shoal", "0 games with Black");
        String game = file("game.pgn", "1. e4 e5 2. f4 exf4 0-1\n");
        String[] after = {
            "tournament", "game", "harbour", "--library", library, "--player", "Ilse"
        };
        assertThat(run(with(after, "--nodes=5000", "--add", game))).isZero();
        assertThat(words())
                .contains("Ilse Marram – Bo Lind  0-1")
                .contains("Left by us after 1.e4 e5: f4 for Nf3")
                .contains("to ask again: Nf3");
        assertThat(refused(after, "--nodes=0")).contains("engine is needed");
    }

    @Test
    void a_bye_has_nothing_to_prepare() throws IOException {
        read("Harbour Cup\nRound 1\nIlse Marram – bye 1-0\n");
        String[] round = {
            "tournament", "round", "harbour", "--library", library, "--player", "Ilse", "--round=1"
        };
        assertThat(run(round)).isZero();
        assertThat(words()).contains("No opponent in this round");
        assertThat(
                        refused(
                                new String[] {"tournament", "game", "harbour"},
                                "--library",
                                library,
                                "--player",
                                "Ilse"))
                .contains("no such round");
    }

    private String words() {
        String words = out.toString();
        out.getBuffer().setLength(0);
        return words;
    }

    private static String[] with(String[] command, String... more) {
        String[] all = Arrays.copyOf(command, command.length + more.length);
        System.arraycopy(more, 0, all, command.length, more.length);
        return all;
    }

    private String refused(String[] command, String... more) {
        err.getBuffer().setLength(0);
        assertThat(run(with(command, more))).isEqualTo(1);
        return err.toString();
    }
}

package org.zeroply.cli.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.cli.CommandTest;
import org.zeroply.library.Library;

class LessonCommandTest extends CommandTest {

    private static final String LIBRARY =
            """
            [Event "Our way"]
            [ZpSide "white"]

            1. d4 d5 2. c4 {[%zp.must] [%zp.idea Ask the centre at once.]} e6 3. Nc3 {[%zp.card IF
            black bishop on b4 THEN play e3]} *

            [ZpKind "calculation"]
            [ZpTitle "In the corridor"]
            [ZpThemes "back rank"]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1"]

            1. Re8# {[%zp.pts 5]} *
            """;

    private static final String LESSON =
            """
            [ZpLesson "The back rank"]
            [ZpStep "1 show"]

            *

            [ZpLesson "The back rank"]
            [ZpStep "2 ask"]
            [ZpAsk "true"]
            [ZpAnswer "no"]

            *
            """;

    @TempDir private Path folder;
    private String library;
    private String lesson;

    @BeforeEach
    void bring() throws IOException {
        library = libraryOf(folder, LIBRARY);
        lesson = Files.writeString(folder.resolve("lesson.pgn"), LESSON).toString();
    }

    @Test
    void a_lesson_on_chapters_is_written_to_a_file_and_added() throws IOException {
        String out = folder.resolve("new.pgn").toString();
        JsonNode made =
                json(
                        "lesson",
                        "draft",
                        "Our way",
                        "--repertoire",
                        "--library",
                        library,
                        "--add",
                        "--out",
                        out,
                        "--json");
        assertThat(made.get("steps")).hasSize(3);
        assertThat(made.at("/steps/1/questions/0/answer").asText()).isEqualTo("c4");
        try (Library open = Library.open(Path.of(library))) {
            assertThat(open.lessons().load(made.get("lesson").asLong()).title())
                    .isEqualTo("Our way");
        }
        JsonNode read = json("lesson", "check", out, "--json");
        assertThat(read.at("/lessons/0/steps")).isEqualTo(made.get("steps"));
        assertThat(read.at("/lessons/0/remarks")).isEmpty();
        assertThat(
                        run(
                                "lesson",
                                "draft",
                                "Our way",
                                "--repertoire",
                                "--library",
                                library,
                                "--out",
                                out))
                .isEqualTo(1);
        assertThat(err.toString()).contains("exists already");
    }

    @Test
    void a_theme_of_the_exercises_alone_gives_a_lesson_too() throws IOException {
        JsonNode made =
                json(
                        "lesson",
                        "draft",
                        "back rank",
                        "--library",
                        library,
                        "--nodes",
                        "2000",
                        "--json");
        assertThat(made.at("/steps/0/questions/0/answer").asText()).isEqualTo("Re8#");
    }

    @Test
    void what_is_no_theme_or_no_chapter_is_told() {
        assertThat(run("lesson", "draft", "nice moves", "--library", library)).isEqualTo(1);
        assertThat(err.toString()).contains("'nice moves' is no condition");
        assertThat(run("lesson", "draft", "Other", "--repertoire", "--library", library))
                .isEqualTo(1);
        assertThat(err.toString()).contains("No chapter is named Other.");
        assertThat(run("lesson", "draft", "white king on a8", "--library", library)).isEqualTo(1);
        assertThat(err.toString()).contains("Nothing was found about white king on a8");
    }

    @Test
    void what_is_missing_is_listed_under_its_step() {
        assertThat(run("lesson", "check", lesson)).isZero();
        assertThat(out.toString())
                .contains("The back rank: 2 steps, 1 question")
                .contains("  1  show  \n     ! It says nothing");
    }

    @Test
    void handouts_are_a_page_or_two_documents() throws IOException {
        String pdf = folder.resolve("hand.pdf").toString();
        String page = folder.resolve("hand.html").toString();
        assertThat(json("lesson", "handout", lesson, "--out", pdf, "--json").get("files"))
                .hasSize(2);
        assertThat(folder.resolve("hand-solutions.pdf")).exists();
        json("lesson", "handout", lesson, "--out", page, "--json");
        assertThat(Path.of(page)).content().contains("<title>The back rank</title>");
        assertThat(run("lesson", "handout", lesson, "--out", "hand.doc")).isEqualTo(1);
        String games = folder.resolve("g.pgn").toString();
        assertThat(run("lesson", "handout", games, "--out", page)).isEqualTo(1);
        assertThat(err.toString()).contains("holds no lesson");
    }
}

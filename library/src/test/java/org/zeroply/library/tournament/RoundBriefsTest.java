package org.zeroply.library.tournament;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.Preparation;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.RoundGame;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.coach.training.drill.Memory;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.StoreTest;
import org.zeroply.library.report.RoundSheet;
import org.zeroply.library.student.Student;

class RoundBriefsTest extends StoreTest {

    private static final long TODAY = 20_000;
    private static final long NODES = 30_000;

    @TempDir private Path files;

    private static final Pairing ROUND =
            Pairing.of(3, 1, new Entrant("Ann Ek", 2105), new Entrant("Bo Lind", 1990))
                    .with("Date", "2026.03.01");

    private static final Tournament CUP =
            new Tournament(
                    "Cup",
                    List.of(
                            Pairing.of(1, 0, new Entrant("Bo Lind", 0), new Entrant("Cy", 0))
                                    .with("1/2-1/2"),
                            ROUND));

    private void game(String white, String black, String date, String moves) {
        add(
                "[White \"%s\"]\n[Black \"%s\"]\n[Date \"%s\"]\n[Result \"1-0\"]\n\n%s 1-0\n"
                        .formatted(white, black, date, moves));
    }

    private void repertoire() {
        add(
                "[Event \"Open games\"]\n[ZpSide \"white\"]\n\n1. e4 e5 (1... c5 2. Nf3 d6 3. d4 cxd4"
                        + " 4. Nxd4) 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 *\n");
    }

    private void games() {
        game("Di Oy", "Lind, Bo", "2025.05.01", "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6");
        game("Ed Pym", "Bo Lind", "2026.02.01", "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6");
        game("Bo Lind", "Ed Pym", "2026.02.02", "1. d4 d5");
        game("Ed Pym", "Di Oy", "2026.02.03", "1. e4 e5 2. Nf3 Nc6");
    }

    private RoundBrief brief(Optional<Student> student) {
        MoveEvaluator evaluator =
                new MoveEvaluator(new BuiltInEngine(4), NODES / 20, new Cancellation());
        return new RoundBriefs(library, student, TODAY, RoundBriefs.Figures.NONE)
                .of(CUP, ROUND, Side.WHITE, Optional.of(evaluator));
    }

    @Test
    void a_round_is_prepared_from_all_games_of_the_opponent_however_they_are_named() {
        repertoire();
        games();
        RoundBrief brief = brief(Optional.empty());
        assertThat(brief.opponent().names()).containsExactlyInAnyOrder("Lind, Bo", "Bo Lind");
        assertThat(brief.opponent().games())
                .extracting(RoundBrief.GameOf::players)
                .containsExactly("Ed Pym – Bo Lind", "Di Oy – Lind, Bo");
        assertThat(brief.opponent().newest()).isEqualTo("2026.02.01");
        assertThat(brief.opponent().standing().words()).isEqualTo("½ of 1");
        assertThat(brief.openings())
                .singleElement()
                .satisfies(
                        o -> {
                            assertThat(o.games()).isEqualTo(2);
                            assertThat(o.points()).isZero();
                            assertThat(o.scored()).isEqualTo(2);
                        });
        assertThat(brief.plan().orElseThrow().likely())
                .first()
                .extracting(Preparation.Stop::line)
                .isEqualTo("1.e4 c5 2.Nf3 d6 3.d4 cxd4");
    }

    @Test
    void what_a_student_knows_is_repeated_last() {
        repertoire();
        games();
        Student ann = library.students().add("Ann Ek", 2105);
        assertThat(first(Optional.of(ann))).contains("c5");
        Memory memory = library.recall().of(ann.id());
        RepertoireChapters.read(library.sheets(), Side.WHITE)
                .orElseThrow()
                .repertoire()
                .spots()
                .stream()
                .filter(s -> s.position().sideToMove() == Side.WHITE && !s.moves().isEmpty())
                .filter(s -> s.line().contains("c5"))
                .forEach(
                        s -> {
                            RoundGame.Repeat asked =
                                    new RoundGame.Repeat(
                                            s, s.recommended(Optional.empty()).orElseThrow());
                            var question = RoundChanges.question(asked);
                            Recall known = Recall.fresh(question.answer());
                            memory.keep(question.key(), known.after(Recall.Grade.RIGHT, TODAY));
                        });
        game("Fo", "Bo Lind", "2026.02.04", "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6");
        assertThat(first(Optional.of(ann))).contains("e5");
        assertThat(first(Optional.empty())).contains("c5");
    }

    private String first(Optional<Student> student) {
        return brief(student).plan().orElseThrow().repeat().get(0).line();
    }

    @Test
    void without_games_or_a_repertoire_or_an_opponent_there_is_still_a_sheet() throws IOException {
        RoundBrief nothing = brief(Optional.empty());
        assertThat(nothing.plan()).isEmpty();
        assertThat(nothing.opponent().games()).isEmpty();
        Pairing bye = Pairing.of(2, 0, new Entrant("Ann Ek", 0), Entrant.NOBODY);
        repertoire();
        RoundBrief free =
                new RoundBriefs(library, Optional.empty(), TODAY, RoundBriefs.Figures.NONE)
                        .of(CUP, bye, Side.WHITE, Optional.empty());
        assertThat(free.plan()).isEmpty();
        for (RoundBrief brief : List.of(nothing, free)) {
            Path file = files.resolve("sheet.pdf");
            new RoundSheet(brief).write(file);
            assertThat(text(file)).contains("Ann Ek");
        }
    }

    private static String text(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void the_sheet_is_one_page_however_much_there_is_to_tell() throws IOException {
        StringBuilder wide =
                new StringBuilder("[ZpSide \"white\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 ");
        for (String line :
                new String[] {
                    "c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6 5. Nc3 a6 6. Be2 e5 7. Nb3 Be7 8. O-O O-O 9. Kh1 b5 10. a4 b4 11. Nd5",
                    "e6 2. d4 d5 3. Nd2 c5 4. exd5 exd5 5. Ngf3 Nc6 6. Bb5 Bd6 7. dxc5 Bxc5 8. O-O Nge7 9. Nb3 Bd6 10. Bg5",
                    "c6 2. d4 d5 3. Nc3 dxe4 4. Nxe4 Bf5 5. Ng3 Bg6 6. h4 h6 7. Nf3 Nd7 8. h5 Bh7 9. Bd3 Bxd3 10. Qxd3",
                    "d5 2. exd5 Qxd5 3. Nc3 Qa5 4. d4 Nf6 5. Nf3 Bf5 6. Bc4 e6 7. Bd2 c6 8. Qe2 Bb4 9. O-O-O Nbd7 10. a3",
                    "d6 2. d4 Nf6 3. Nc3 g6 4. Be3 Bg7 5. Qd2 O-O 6. O-O-O c6 7. f3 b5 8. h4 h5 9. Bh6",
                    "Nf6 2. e5 Nd5 3. d4 d6 4. Nf3 Bg4 5. Be2 e6 6. O-O Be7 7. c4 Nb6 8. Nc3 O-O 9. Be3"
                }) {
            wide.append("(1... ").append(line).append(") ");
            game("Di Oy", "Bo Lind", "2026.02.01", "1. e4 " + line);
        }
        // Variations belong to Black's first move.
        String[] parts = wide.toString().split("2\\. Nf3 Nc6 3\\. Bb5 a6 ", 2);
        add(parts[0] + parts[1] + "2. Nf3 Nc6 3. Bb5 a6 *\n");
        Pairing noted = ROUND.with(Pairing.NOTE, "Patience. ".repeat(60));
        RoundBrief brief =
                new RoundBriefs(library, Optional.empty(), TODAY, RoundBriefs.Figures.NONE)
                        .of(CUP, noted, Side.WHITE, Optional.empty());
        assertThat(brief.plan().orElseThrow().likely()).hasSize(6);
        Path file = files.resolve("round.pdf");
        new RoundSheet(brief).write(file);
        assertThat(text(file))
                .contains("Round 3: Ann Ek – Bo Lind", "Cup, 2026.03.01, with White", "Patience.")
                .contains("To repeat tonight", "What is likely");
        Path page = files.resolve("round.html");
        new RoundSheet(brief).write(page);
        assertThat(Files.readString(page)).contains("class=\"strip\"", "To repeat tonight");
    }

    @ParameterizedTest(name = "{0}, round {1}, {2}: {3}")
    @CsvSource({
        "Cup, 3.1, 2026.03.01, true",
        "cup, 3, ????.??.??, true",
        "Cup, ?, 2026.03.01, true",
        "Cup, ?, 2026.03.02, false",
        "Cup, 4, 2026.03.01, false",
        "Another, 3, 2026.03.01, true",
        "Another, 3, 2026.03.02, false",
    })
    void the_game_of_a_round_is_found(String event, String round, String date, boolean found) {
        String tags =
                "[Event \"%s\"]\n[Round \"%s\"]\n[Date \"%s\"]\n".formatted(event, round, date);
        add(tags + "[White \"Lind, Bo\"]\n[Black \"Ek, Ann\"]\n\n1. e4 *\n");
        long id = add(tags + "[White \"Ek, Ann\"]\n[Black \"Lind, Bo\"]\n\n1. e4 *\n");
        assertThat(new RoundGames(library.sheets()).of(CUP, ROUND))
                .isEqualTo(found ? OptionalLong.of(id) : OptionalLong.empty());
    }

    @Test
    void new_moves_go_into_the_chapter_behind_what_is_there_and_can_be_taken_back() {
        repertoire();
        MoveTree game =
                tree(
                        "[White \"Ann Ek\"]\n[Black \"Bo Lind\"]\n[Date \"2026.03.01\"]\n\n1. e4 c5"
                                + " 2. Nf3 e6 3. d4 cxd4 *");
        RepertoireChapters chapters =
                RepertoireChapters.read(library.sheets(), Side.WHITE).orElseThrow();
        MoveEvaluator evaluator =
                new MoveEvaluator(new BuiltInEngine(4), NODES, new Cancellation());
        RoundGame found =
                RoundGame.of(chapters.repertoire(), game, Optional.empty(), evaluator)
                        .orElseThrow();
        RoundGame.Add add = (RoundGame.Add) found.changes().get(0);
        assertThat(add.words()).isEqualTo("e6 d4");
        long sheet = RoundChanges.add(library, chapters, add, game);
        String before = PgnWriter.write(chapters.repertoire().chapters().get(0));
        reopen();
        MoveTree now = library.sheets().load(sheet);
        assertThat(PgnWriter.write(now).replaceAll("\\s+", " "))
                .contains("2... e6 3. d4 {Played in Ann Ek – Bo Lind, 2026.03.01.}");
        assertThat(PgnWriter.write(library.sheets().earlier(sheet).orElseThrow()))
                .isEqualTo(before);
        RepertoireChapters again =
                RepertoireChapters.read(library.sheets(), Side.WHITE).orElseThrow();
        assertThat(
                        RoundGame.of(again.repertoire(), game, Optional.empty(), evaluator)
                                .orElseThrow()
                                .comparison()
                                .ply())
                .as("the reply is known now, and the next one is not")
                .isEqualTo(6);
    }

    @Test
    void what_was_forgotten_at_the_board_is_asked_today_and_can_be_put_back() {
        repertoire();
        Student ann = library.students().add("Ann Ek", 2105);
        RepertoireChapters chapters =
                RepertoireChapters.read(library.sheets(), Side.WHITE).orElseThrow();
        var spot =
                chapters.repertoire().spots().stream()
                        .filter(s -> s.line().equals("1.e4 e5"))
                        .findFirst()
                        .orElseThrow();
        RoundGame.Repeat change =
                new RoundGame.Repeat(spot, spot.recommended(Optional.empty()).orElseThrow());
        var question = RoundChanges.question(change);
        Memory memory = library.recall().of(ann.id());
        memory.keep(
                question.key(),
                Recall.fresh(question.answer())
                        .after(Recall.Grade.RIGHT, TODAY - 2)
                        .after(Recall.Grade.RIGHT, TODAY - 1));
        assertThat(memory.of(question).isDue(TODAY)).isFalse();
        Recall before = RoundChanges.repeat(memory, change, TODAY);
        reopen();
        Recall now = library.recall().of(ann.id()).of(question);
        assertThat(now.isDue(TODAY)).isTrue();
        assertThat(now.known(TODAY)).isZero();
        library.recall().of(ann.id()).keep(question.key(), before);
        assertThat(library.recall().of(ann.id()).of(question).isDue(TODAY)).isFalse();
    }
}

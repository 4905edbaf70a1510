package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.SteppingClock;
import org.zeroply.library.student.Student;

/** Chapters and the repertoire they make, without the desk. */
class RepertoireModelTest extends ModelTest {

    private static final String OPEN_GAMES =
            """
            [Event "Open games"]
            [ZpSide "white"]

            1. e4 e5 2. Nf3 Nc6 3. Bb5 *
            """;

    private static final String OTHERS =
            """
            [Event "Half open games"]
            [ZpSide "white"]

            1. e4 c5 2. Nf3 d6 3. d4 *
            """;

    private static final String FOR_BLACK =
            """
            [Event "Against d4"]
            [ZpSide "black"]

            1. d4 d5 2. c4 e6 *
            """;

    private long openGames;
    private long others;
    private long forBlack;
    private RepertoireModel model;

    @BeforeEach
    void open() throws Exception {
        openGames = services.library().sheets().add(OPEN_GAMES);
        others = services.library().sheets().add(OTHERS);
        forBlack = services.library().sheets().add(FOR_BLACK);
        run(
                () -> {
                    model = new RepertoireModel(services, new SteppingClock());
                    model.readAll();
                });
        until(() -> titles().size() == 3 && model.viewProperty().get().isPresent());
    }

    private List<String> titles() {
        return model.chapters().stream().map(RepertoireModel.Chapter::title).toList();
    }

    private void opened(long id) throws Exception {
        run(() -> model.open(id));
        until(() -> model.session().isOpen(id));
    }

    private Spot spot(String... moves) throws Exception {
        Position position = Position.START;
        for (String move : moves) {
            position = position.play(San.read(position, move));
        }
        return model.viewProperty().get().orElseThrow().repertoire().at(position).orElseThrow();
    }

    @Test
    void chapters_stand_with_those_of_white_first_and_the_first_is_open() {
        assertThat(titles()).containsExactly("Open games", "Half open games", "Against d4");
        assertThat(model.session().isOpen(openGames)).isTrue();
        assertThat(model.side()).isEqualTo(Side.WHITE);
    }

    @Test
    void all_chapters_of_a_side_make_one_repertoire() throws Exception {
        assertThat(model.viewProperty().get().get().ids())
                .containsExactlyInAnyOrder(openGames, others);
        opened(forBlack);
        until(() -> model.viewProperty().get().get().ids().equals(List.of(forBlack)));
        assertThat(model.side()).isEqualTo(Side.BLACK);
    }

    @Test
    void a_position_of_another_chapter_is_gone_to_there() throws Exception {
        Spot far = spot("e4", "c5", "Nf3", "d6");
        run(() -> model.go(far));
        until(() -> model.session().isOpen(others));
        assertThat(model.session().current().position()).isEqualTo(far.position());
        assertThat(model.spot()).contains(far);
    }

    @Test
    void a_position_that_both_chapters_have_is_shown_in_the_open_one() throws Exception {
        opened(others);
        Spot first = spot("e4");
        run(() -> model.go(first));
        assertThat(model.session().isOpen(others)).isTrue();
        assertThat(model.session().current().depth()).isEqualTo(1);
    }

    @Test
    void a_move_played_is_saved_and_in_the_repertoire_a_moment_later() throws Exception {
        run(
                () -> {
                    model.session().go(model.session().tree().root().mainLineEnd());
                    model.session().play(Square.parse("a7"), Square.parse("a6"));
                    model.flush();
                });
        until(() -> model.spot().isPresent());
        assertThat(services.library().sheets().load(openGames).mainLine()).hasSize(6);
    }

    @Test
    void a_new_chapter_is_empty_of_its_side_and_open() throws Exception {
        run(() -> model.create(Side.BLACK, "Against e4"));
        until(() -> titles().contains("Against e4"));
        assertThat(model.side()).isEqualTo(Side.BLACK);
        assertThat(model.session().tree().nodes()).hasSize(1);
    }

    @Test
    void a_chapter_put_away_comes_back_and_is_open_again() throws Exception {
        run(() -> assertThat(model.removeOpen()).isTrue());
        until(() -> !titles().contains("Open games"));
        undo();
        until(() -> titles().contains("Open games") && model.session().isOpen(openGames));
    }

    @Test
    void the_school_is_kept_with_the_student() throws Exception {
        Student nora = services.library().students().add("Nora", 1500);
        Student ben = services.library().students().add("Ben", 1500);
        run(() -> model.studentProperty().set(Optional.of(nora)));
        until(model::isReadForStudent);
        run(() -> model.schoolProperty().set(Optional.of(Approach.SHARP)));
        until(() -> services.library().recall().approach(nora.id()).isPresent());
        run(() -> model.studentProperty().set(Optional.of(ben)));
        until(() -> model.schoolProperty().get().isEmpty());
        run(() -> model.studentProperty().set(Optional.of(nora)));
        until(() -> model.schoolProperty().get().equals(Optional.of(Approach.SHARP)));
    }

    @Test
    void the_school_of_one_student_is_not_given_to_the_next_by_choosing_quickly() throws Exception {
        Student nora = services.library().students().add("Nora", 1500);
        Student ben = services.library().students().add("Ben", 1500);
        services.library().recall().choose(nora.id(), Optional.of(Approach.SHARP));
        run(
                () -> {
                    model.studentProperty().set(Optional.of(nora));
                    model.studentProperty().set(Optional.of(ben));
                });
        until(model::isReadForStudent);
        assertThat(model.schoolProperty().get()).isEmpty();
        assertThat(services.library().recall().approach(ben.id())).isEmpty();
        assertThat(services.library().recall().approach(nora.id())).contains(Approach.SHARP);
    }
}

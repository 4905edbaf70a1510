package org.zeroply.desktop.exercises;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalLong;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.desktop.work.Fx;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.TreeSession;

/** The fields of a scheme, without a window around them. */
class SchemeEditorTest extends ModelTest {

    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [ZpTitle "Two rooks"]
            [ZpMaxPoints "10"]
            [FEN "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1"]

            1. Qb8# {[%zp.pts 5] [%zp.pts 3 verdict]} (1. Qxa2 {[%zp.pts 2 group=b]}) *
            """;

    private TreeSession session;
    private SchemeEditor editor;

    @BeforeEach
    void open() {
        Fx.run(
                () -> {
                    session = new TreeSession();
                    editor = new SchemeEditor(session, services.messages());
                    session.open(
                            ((PgnEntry.Game) PgnReader.readAll(EXERCISE).get(0)).tree(),
                            OptionalLong.empty());
                });
    }

    private TextField field(String id) {
        TextField there = (TextField) editor.lookup("#scheme-" + id);
        return there != null ? there : (TextField) editor.about().lookup("#scheme-" + id);
    }

    private CheckBox box(String id) {
        return (CheckBox) editor.lookup("#scheme-" + id);
    }

    private void type(String id, String text) {
        Fx.run(
                () -> {
                    field(id).setText(text);
                    field(id).getOnAction().handle(null);
                });
    }

    private void goToMain() {
        Fx.run(() -> session.forward());
    }

    private List<PointRule> points() {
        return session.current().annotation().scheme().points();
    }

    private String sum() {
        return ((Labeled) editor.about().lookup(".sum")).getText();
    }

    @Test
    void at_the_position_itself_there_is_nothing_to_give_points_for() {
        assertThat(field("points").isDisabled()).isTrue();
        assertThat(field("title").getText()).isEqualTo("Two rooks");
        assertThat(field("title").isDisabled()).isFalse();
        type("points", "7");
        assertThat(points()).isEmpty();
    }

    @Test
    void the_points_of_a_move_are_shown_changed_and_taken_back() {
        goToMain();
        assertThat(field("points").getText()).isEqualTo("5");
        assertThat(field("verdict-points").getText()).isEqualTo("3");
        assertThat(sum()).isEqualTo("10 in all");
        type("points", "6");
        assertThat(points()).extracting(PointRule::points).containsExactly(6, 3);
        assertThat(sum()).isEqualTo("11 in all, 10 declared");
        Fx.run(() -> session.undo());
        assertThat(field("points").getText()).isEqualTo("5");
        assertThat(sum()).isEqualTo("10 in all");
        type("points", "");
        type("verdict-points", "");
        assertThat(points()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "points, 0",
        "points, 1000",
        "points, five",
        "verdict-points, -1",
        "group, two words",
    })
    void what_are_no_points_is_told_and_changes_nothing(String field, String text) {
        goToMain();
        List<PointRule> before = points();
        type(field, text);
        assertThat(points()).isEqualTo(before);
        assertThat(said()).startsWith("Points are whole numbers from 1 to 999");
    }

    @Test
    void what_a_move_is_to_the_answer_is_ticked() {
        goToMain();
        Fx.run(() -> box("end").fire());
        assertThat(session.current().annotation().scheme().end()).isTrue();
        Fx.run(() -> box("equal").fire());
        assertThat(session.current().annotation().scheme().equal()).isTrue();
        Fx.run(() -> box("tempting").fire());
        assertThat(session.current().annotation().scheme().tempting()).isTrue();
        assertThat(points()).as("the points stay").hasSize(2);
        Fx.run(() -> session.back());
        assertThat(box("end").isSelected()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "title, Back rank, ZpTitle, Back rank",
        "minutes, 15, ZpMinutes, 15",
        "band, 1500-1700, ZpBand, 1500-1700",
        "themes, 'back rank, sacrifice', ZpThemes, 'back rank, sacrifice'",
    })
    void what_is_said_of_the_exercise_becomes_a_tag(
            String field, String text, String tag, String value) {
        type(field, text);
        assertThat(session.tree().tag(tag)).isEqualTo(value);
    }

    @ParameterizedTest
    @CsvSource({"minutes, soon", "minutes, 0", "band, strong"})
    void what_does_not_fit_is_told_with_an_example(String field, String text) {
        type(field, text);
        assertThat(said())
                .contains("'" + text + "' does not fit here; for example ")
                .endsWith(field(field).getPromptText());
    }

    @Test
    @SuppressWarnings("unchecked")
    void an_aim_is_chosen_and_left_out_again() {
        ComboBox<Object> aim = (ComboBox<Object>) editor.about().lookup("#scheme-aim");
        assertThat(aim.getItems()).hasSizeGreaterThan(2);
        choose(aim, 1);
        assertThat(session.tree().tag("ZpAim")).isNotEmpty();
        choose(aim, 0);
        assertThat(session.tree().tag("ZpAim")).isEmpty();
    }

    private static void choose(ComboBox<Object> box, int item) {
        Fx.run(
                () -> {
                    box.setValue(box.getItems().get(item));
                    box.getOnAction().handle(null);
                });
    }
}

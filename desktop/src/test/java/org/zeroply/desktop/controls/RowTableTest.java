package org.zeroply.desktop.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.zeroply.desktop.work.Fx;

/** What a person chose opens something; what the program marked does not. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
class RowTableTest {

    private record Row(int id, String name) {}

    private final List<Integer> chosen = new ArrayList<>();
    private RowTable<Row> table;

    @Start
    void start(Stage stage) {
        table = new RowTable<Row>("rows", Row::id, "none").several();
        table.text("Name", 200, Row::name);
        table.figure("Number", 80, Row::id, String::valueOf);
        table.onChoose(r -> chosen.add(r.id()));
        stage.setScene(new Scene(table, 320, 240));
        stage.show();
    }

    private static List<Row> rows(int... ids) {
        return Arrays.stream(ids).mapToObj(i -> new Row(i, "row " + i)).toList();
    }

    private List<Integer> marked() {
        return table.chosen().stream().map(Row::id).toList();
    }

    @Test
    void reading_the_list_again_opens_nothing_whatever_moves_about_in_it(FxRobot robot) {
        robot.interact(() -> table.show(rows(1, 2, 3)));
        robot.interact(() -> table.mark(2));
        assertThat(marked()).containsExactly(2);
        robot.interact(() -> table.show(rows(9, 1, 2, 3)));
        assertThat(marked()).containsExactly(2);
        robot.interact(() -> table.show(rows(9, 1, 3)));
        assertThat(marked()).isEmpty();
        robot.interact(() -> table.mark(7));
        assertThat(chosen).isEmpty();
    }

    @Test
    void a_person_chooses_with_the_mouse_and_with_keys(FxRobot robot) throws Exception {
        robot.interact(() -> table.show(rows(1, 2, 3)));
        clickRow(robot, "row 2");
        assertThat(chosen).contains(2);
        chosen.clear();
        robot.type(KeyCode.DOWN);
        assertThat(chosen).containsExactly(3);
    }

    @Test
    void several_rows_stay_chosen_when_the_list_is_read_again(FxRobot robot) {
        robot.interact(() -> table.show(rows(1, 2, 3, 4)));
        robot.interact(() -> table.getSelectionModel().selectIndices(1, 3));
        robot.interact(() -> table.show(rows(4, 3, 2, 1)));
        assertThat(marked()).containsExactly(4, 2);
    }

    @Test
    void what_is_said_of_an_empty_list_has_room_below_the_headings(FxRobot robot) {
        robot.interact(
                () -> {
                    table.setEmpty(
                            "Nothing here yet. Bring something in on another page, or press New,"
                                    + " and it will be told where it went.");
                    Scene scene = table.getScene();
                    Region filler = new Region();
                    filler.setMinHeight(240);
                    VBox box = new VBox(table, filler);
                    box.setStyle("-fx-font-size: 20px");
                    // The window itself may take a moment to become as small as it shall be.
                    table.setMaxWidth(320);
                    scene.setRoot(box);
                    box.applyCss();
                    box.layout();
                    box.layout();
                });
        Bounds headings = inScene(table.lookup(".column-header-background"));
        Bounds words = inScene(table.getPlaceholder());
        assertThat(words.getHeight()).isGreaterThan(40);
        assertThat(words.getMinY()).isGreaterThanOrEqualTo(headings.getMaxY() - 1);
        assertThat(words.getMaxY()).isLessThanOrEqualTo(inScene(table).getMaxY() + 1);
        robot.interact(() -> table.show(rows(1, 2, 3)));
        assertThat(table.minHeight(-1)).isLessThan(words.getHeight() + headings.getHeight());
    }

    private static Bounds inScene(Node node) {
        return node.localToScene(node.getLayoutBounds());
    }

    @Test
    void figures_are_sorted_by_size_and_stay_sorted(FxRobot robot) {
        robot.interact(() -> table.show(rows(9, 100, 20)));
        robot.clickOn("Number");
        assertThat(table.getItems()).extracting(Row::id).containsExactly(9, 20, 100);
        robot.interact(() -> table.show(rows(100, 9, 20, 3)));
        assertThat(table.getItems()).extracting(Row::id).containsExactly(3, 9, 20, 100);
    }

    @Test
    void the_chosen_rows_are_copied_as_they_are_read(FxRobot robot) {
        robot.interact(() -> table.show(rows(1, 2, 3)));
        robot.interact(() -> table.getSelectionModel().selectIndices(0, 2));
        Fx.askForMenu(table);
        robot.clickOn("#menu-copy-as-text");
        List<String> copied = new ArrayList<>();
        robot.interact(() -> copied.add(Clipboard.getSystemClipboard().getString()));
        assertThat(copied).containsExactly("row 1\t1\nrow 3\t3");
    }

    @Test
    void what_is_copied_is_no_formula_and_stays_in_its_cell(FxRobot robot) {
        List<String> names =
                List.of(
                        "=HYPERLINK(\"x\")",
                        "@sum",
                        "+cmd|' /C'",
                        "-1+2",
                        "+0.25",
                        "-12",
                        "a\tb\nc");
        List<Row> rows = new ArrayList<>();
        names.forEach(n -> rows.add(new Row(rows.size(), n)));
        robot.interact(() -> table.show(rows));
        robot.interact(() -> table.getSelectionModel().selectAll());
        assertThat(table.text().lines())
                .containsExactly(
                        "'=HYPERLINK(\"x\")\t0",
                        "'@sum\t1",
                        "'+cmd|' /C'\t2",
                        "'-1+2\t3",
                        "+0.25\t4",
                        "-12\t5",
                        "a b c\t6");
    }

    @Test
    void what_can_be_opened_is_opened_from_the_menu_too(FxRobot robot) {
        List<Integer> opened = new ArrayList<>();
        robot.interact(
                () -> {
                    table.show(rows(1, 2));
                    table.onOpen(r -> opened.add(r.id()));
                    table.mark(2);
                });
        Fx.askForMenu(table);
        robot.clickOn("#menu-open");
        assertThat(opened).containsExactly(2);
    }

    /** A list of a million rows, of which every key ending in 13 is no more. */
    private PagedRows<Row> manyRows(List<Integer> asked) {
        return new PagedRows<>(
                LongStream.range(0, 200_000).toArray(),
                Row::id,
                id -> new Row((int) id, "…"),
                (keys, use) -> {
                    asked.add((int) keys[0]);
                    Platform.runLater(
                            () ->
                                    use.accept(
                                            LongStream.of(keys)
                                                    .filter(k -> k % 100 != 13)
                                                    .mapToObj(k -> new Row((int) k, "row " + k))
                                                    .toList()));
                });
    }

    /** Clicks on a row once it is read and has its place. */
    private static void clickRow(FxRobot robot, String text) throws Exception {
        Fx.until(() -> robot.lookup(text).tryQuery().isPresent());
        robot.clickOn(text);
    }

    @Test
    void of_a_long_list_only_what_is_looked_at_is_read(FxRobot robot) throws Exception {
        List<Integer> asked = new ArrayList<>();
        robot.interact(() -> table.show(manyRows(asked)));
        clickRow(robot, "row 3");
        assertThat(chosen).contains(3);
        robot.interact(() -> table.mark(140_013));
        clickRow(robot, "row 140014");
        assertThat(chosen).contains(140_014);
        assertThat(asked).contains(0, 140_000).hasSizeLessThan(6);
        robot.interact(() -> table.getSelectionModel().selectAll());
        assertThat(table.chosen()).hasSize(200_000);
        assertThat(table.chosen().get(3).name()).isEqualTo("row 3");
        assertThat(table.chosen().get(13).name()).isEqualTo("…");
        assertThat(asked).hasSizeLessThan(8);
    }

    @Test
    void a_long_list_that_is_read_again_keeps_what_was_chosen_and_shown(FxRobot robot)
            throws Exception {
        robot.interact(() -> table.show(manyRows(new ArrayList<>())));
        robot.interact(() -> table.mark(100_040));
        clickRow(robot, "row 100041");
        int opened = chosen.size();
        List<Integer> asked = new ArrayList<>();
        PagedRows<Row> again =
                new PagedRows<>(
                        LongStream.range(1, 200_000).toArray(),
                        Row::id,
                        id -> new Row((int) id, "…"),
                        (keys, use) -> asked.add((int) keys[0]));
        robot.interact(() -> table.show(again));
        assertThat(marked()).containsExactly(100_041);
        assertThat(chosen).hasSize(opened);
        assertThat(again.peek(100_040).name()).isEqualTo("row 100041");
        assertThat(again.placesOf(Set.of(0L))).isEmpty();
        assertThat(again.placesOf(Set.of(7L, 3L, 0L))).containsExactly(2, 6);
        assertThat(robot.lookup("row 100041").tryQuery()).isPresent();
    }
}

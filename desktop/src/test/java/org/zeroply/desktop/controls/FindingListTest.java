package org.zeroply.desktop.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ListCell;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import org.zeroply.desktop.app.ZeroPly;

/** A list whose rows are as high as their words need, however it came to them. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
class FindingListTest {

    private static final String LONG =
            "Something comes before taking back; 3 moves in a row must be found.";

    private FindingList list;

    @Start
    void start(Stage stage) {
        list = new FindingList("a-list", "Nothing yet.");
        list.setMaxWidth(526);
        ZeroPly.loadFonts();
        StackPane root = new StackPane(list);
        root.getStyleClass().addAll("workbench", "paper-theme");
        stage.setScene(ZeroPly.scene(root));
        stage.show();
    }

    private static Remark remark(String text, String detail) {
        return new Remark("Black, 3 moves", text, detail, () -> {});
    }

    /** Rows that are lower than what stands in them. */
    private List<String> cut(FxRobot robot) {
        List<String> cut = new ArrayList<>();
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(
                () -> {
                    list.layout();
                    for (Node node : list.lookupAll(".list-cell")) {
                        if (node instanceof ListCell<?> cell
                                && cell.getGraphic() instanceof Region row) {
                            double needed = row.prefHeight(row.getWidth());
                            double room =
                                    cell.getHeight()
                                            - cell.snappedTopInset()
                                            - cell.snappedBottomInset();
                            if (room < needed - 0.5) {
                                cut.add(cell.getAccessibleText() + ": " + room + " of " + needed);
                            }
                        }
                    }
                });
        return cut;
    }

    @Test
    void rows_that_come_one_after_the_other_in_any_place_are_shown_whole(FxRobot robot) {
        List<Remark> shown = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            Remark next =
                    i % 3 == 0
                            ? remark(
                                    "Nora Tidewell – Greta Shoal, move "
                                            + i
                                            + "  ·  discovered attack, trapped piece",
                                    LONG)
                            : remark(i % 3 == 1 ? LONG + " " + i : "Short " + i, "White");
            shown.add(i / 2, next);
            List<Remark> now = List.copyOf(shown);
            robot.interact(() -> list.show(now));
            int chosen = i;
            robot.interact(() -> list.getSelectionModel().select(chosen / 2));
            assertThat(cut(robot)).isEmpty();
        }
        assertThat(list.getItems()).hasSize(12);
    }

    private final List<String> done = new ArrayList<>();

    private Remark useful(String text) {
        return new Remark("Kind", text, "", () -> done.add("go " + text))
                .with("Mend " + text, () -> done.add("mend " + text));
    }

    private String chosen() {
        Remark chosen = list.getSelectionModel().getSelectedItem();
        return chosen == null ? "" : chosen.text();
    }

    @Test
    void the_chosen_finding_stays_chosen_when_it_is_told_again_and_leads_nowhere_by_itself(
            FxRobot robot) {
        robot.interact(() -> list.show(List.of(useful("a"), useful("b"))));
        robot.interact(list::requestFocus);
        robot.interact(() -> list.getSelectionModel().select(1));
        assertThat(done).containsExactly("go b");
        robot.interact(() -> list.show(List.of(useful("new"), useful("a"), useful("b"))));
        assertThat(chosen()).isEqualTo("b");
        assertThat(list.getSelectionModel().getSelectedIndex()).isEqualTo(2);
        robot.interact(() -> list.show(List.of(useful("a"))));
        assertThat(chosen()).isEmpty();
        assertThat(done).containsExactly("go b");
    }

    @Test
    void the_button_does_what_can_be_done_about_the_chosen_finding(FxRobot robot) {
        Button step = list.step("step", "Do it");
        robot.interact(() -> list.show(List.of(remark("a", ""), useful("b"))));
        assertThat(step.isDisabled()).isTrue();
        robot.interact(() -> list.getSelectionModel().select(0));
        assertThat(step.isDisabled()).isTrue();
        assertThat(step.getText()).isEqualTo("Do it");
        robot.interact(() -> list.getSelectionModel().select(1));
        assertThat(step.getText()).isEqualTo("Mend b");
        robot.interact(step::fire);
        robot.interact(() -> list.show(List.of(useful("b"))));
        robot.interact(step::fire);
        assertThat(done).filteredOn(d -> d.startsWith("mend")).hasSize(2);
    }
}

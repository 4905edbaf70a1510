package org.zeroply.desktop.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
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
}

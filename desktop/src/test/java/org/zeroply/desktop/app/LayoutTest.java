package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableView;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import org.zeroply.desktop.WindowTest;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.work.Fx;
import org.zeroply.library.sample.SampleLibrary;

/** Every page of every desk on the demo club, in several sizes of window and text. */
class LayoutTest extends WindowTest {

    @Start
    void start(Stage shown) {
        begin(shown, SampleLibrary::unpack);
    }

    @Test
    void the_sheet_follows_the_size_of_text_while_a_game_is_read(FxRobot robot) throws Exception {
        for (int text : List.of(200, 90, 150, 100)) {
            robot.interact(() -> bench.setTextSize(text));
            settle(robot);
            Labeled move = robot.lookup(".sheet-move").queryLabeled();
            assertThat(move.getFont().getSize()).isCloseTo(13 * text / 100.0, within(0.01));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "1024,  640, 100, PAPER",
        "1024,  640, 150, LAMP",
        "1280,  800, 100, LAMP",
        "1366,  768, 125, PAPER",
        "1920, 1080, 100, PAPER",
        "1920, 1080, 150, PROJECTOR"
    })
    void nothing_overlaps_and_nothing_is_cut(
            double width, double height, int text, Looks.Light light, FxRobot robot)
            throws Exception {
        robot.interact(
                () -> {
                    stage.setWidth(width);
                    stage.setHeight(height);
                    bench.setLight(light);
                    bench.setTextSize(text);
                });
        List<String> problems = new ArrayList<>();
        for (String desk : desks()) {
            robot.interact(() -> bench.show(desk));
            settle(robot);
            fill(robot);
            for (String page : pages(robot)) {
                robot.interact(() -> bench.front().showPage(page));
                settle(robot);
                robot.interact(
                        () ->
                                SceneWalk.problems(bench)
                                        .forEach(p -> problems.add(desk + " " + page + ": " + p)));
            }
        }
        assertThat(problems).isEmpty();
    }

    private List<String> desks() {
        return bench.desks().stream().map(Desk::name).toList();
    }

    /** Chooses the first row of each list, so that the page shows something. */
    private void fill(FxRobot robot) {
        robot.interact(
                () ->
                        bench.lookupAll(".table-view")
                                .forEach(
                                        t -> {
                                            if (t instanceof TableView<?> table
                                                    && table.getSelectionModel().isEmpty()) {
                                                table.getSelectionModel().select(0);
                                            }
                                        }));
        settle(robot);
    }

    private List<String> pages(FxRobot robot) {
        List<String> names = new ArrayList<>();
        robot.interact(
                () -> {
                    for (Node tab : bench.lookupAll(".tab")) {
                        String prefix = bench.frontName().toLowerCase(Locale.ROOT) + "-";
                        if (tab instanceof ToggleButton t && t.getId().startsWith(prefix)) {
                            names.add(t.getText());
                        }
                    }
                });
        return names.isEmpty() ? List.of("") : names;
    }

    private void settle(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> services.scheduler().library(() -> true, done -> {}));
        try {
            var done = new CountDownLatch(1);
            Fx.run(() -> services.scheduler().library(() -> true, d -> done.countDown()));
            done.await(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        WaitForAsyncUtils.waitForFxEvents();
    }
}

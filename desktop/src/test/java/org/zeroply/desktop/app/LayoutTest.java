package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TableView;
import javafx.scene.control.ToggleButton;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.desktop.WindowTest;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.work.Fx;
import org.zeroply.library.sample.SampleLibrary;

/** Every page of every desk on the demo club, in several sizes of window and text. */
class LayoutTest extends WindowTest {

    /** What is read may ask for more, and a line that wraps changes what is below it. */
    private static final int ROUNDS = 3;

    @Start
    void start(Stage shown) {
        begin(shown, SampleLibrary::unpack);
    }

    @Test
    void the_sheet_follows_the_size_of_text_while_a_game_is_read(FxRobot robot) throws Exception {
        for (int text : List.of(200, 90, 150, 100)) {
            Fx.run(() -> bench.setTextSize(text));
            settle();
            Labeled move = robot.lookup(".sheet-move").queryLabeled();
            assertThat(move.getFont().getSize()).isCloseTo(13 * text / 100.0, within(0.01));
        }
    }

    /** A size of the window and of its text, with its colours. */
    private record Size(double width, double height, int text, Looks.Light light) {}

    private static final List<Size> SIZES =
            List.of(
                    new Size(1024, 640, 100, Looks.Light.PAPER),
                    new Size(1024, 640, 150, Looks.Light.LAMP),
                    new Size(1280, 800, 100, Looks.Light.LAMP),
                    new Size(1366, 768, 125, Looks.Light.PAPER),
                    new Size(1920, 1080, 100, Looks.Light.PAPER),
                    new Size(1920, 1080, 150, Looks.Light.PROJECTOR));

    @Test
    void what_is_said_under_a_board_goes_on_below_where_there_is_room() throws Exception {
        Fx.run(() -> bench.show("Students"));
        Label words = said();
        assertThat(heightOf(words.getText(), words)).isLessThanOrEqualTo(words.getHeight() + 1);
        Fx.run(() -> bench.show("Lab"));
        resize(1024, 900);
        words = said();
        assertThat(heightOf(words.getText(), words)).isLessThanOrEqualTo(words.getHeight() + 1);
        resize(1366, 640);
        words = said();
        assertThat(words.getHeight()).as("as high as a line").isLessThan(2 * heightOf("a", words));
    }

    private void resize(double width, double height) throws Exception {
        Fx.run(
                () -> {
                    stage.setWidth(width);
                    stage.setHeight(height);
                });
        settle();
    }

    /** Words on material that are longer than the strip under the board is wide. */
    private Label said() throws Exception {
        settle();
        Label words = (Label) bench.lookup("#balance-words");
        String said = "Black has a bishop for a knight; Black has the bishop pair; ";
        Fx.run(() -> words.setText(said + said));
        settle();
        return words;
    }

    private static double heightOf(String text, Label label) {
        Text whole = new Text(text);
        whole.setFont(label.getFont());
        whole.setWrappingWidth(label.getWidth());
        return whole.getLayoutBounds().getHeight();
    }

    /** One window for all sizes, as a coach would pull it about. */
    @Test
    void nothing_overlaps_and_nothing_is_cut() throws Exception {
        for (Size size : SIZES) {
            assertThat(problems(size)).as(size.toString()).isEmpty();
        }
    }

    private List<String> problems(Size size) throws Exception {
        Fx.run(
                () -> {
                    stage.setWidth(size.width());
                    stage.setHeight(size.height());
                    bench.setLight(size.light());
                    bench.setTextSize(size.text());
                });
        List<String> problems = new ArrayList<>();
        for (String desk : desks()) {
            Fx.run(() -> bench.show(desk));
            settle();
            fill();
            for (String page : pages()) {
                Fx.run(() -> bench.desks().front().showPage(page));
                settle();
                Fx.run(
                        () ->
                                SceneWalk.problems(bench)
                                        .forEach(p -> problems.add(desk + " " + page + ": " + p)));
            }
        }
        return problems;
    }

    private List<String> desks() {
        return bench.desks().all().stream().map(Desk::name).toList();
    }

    /** Chooses the first row of each list, so that the page shows something. */
    private void fill() throws InterruptedException {
        Fx.run(
                () ->
                        bench.lookupAll(".table-view")
                                .forEach(
                                        t -> {
                                            if (t instanceof TableView<?> table
                                                    && table.getSelectionModel().isEmpty()) {
                                                table.getSelectionModel().select(0);
                                            }
                                        }));
        settle();
    }

    private List<String> pages() {
        List<String> names = new ArrayList<>();
        Fx.run(
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

    /**
     * Lets what was asked of the library come, and sets the window. That is done at once: pulses of
     * the screen are not waited for, of which there would be thousands.
     */
    private void settle() throws InterruptedException {
        for (int i = 0; i < ROUNDS; i++) {
            var done = new CountDownLatch(1);
            Fx.run(() -> services.scheduler().library(() -> true, d -> done.countDown()));
            assertThat(done.await(20, TimeUnit.SECONDS)).isTrue();
            Fx.run(
                    () -> {
                        Parent root = bench.getScene().getRoot();
                        root.applyCss();
                        root.layout();
                    });
        }
    }
}

package org.zeroply.desktop.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxToolkit;
import org.zeroply.desktop.work.Fx;

class BarTest {

    @BeforeEach
    void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private static Region wide(double width) {
        Region region = new Region();
        region.setMinWidth(width);
        region.setPrefSize(width, 20);
        return region;
    }

    @Test
    void as_wide_as_it_asks_to_be_it_has_one_line() throws Exception {
        List<Node> nodes = List.of(wide(41.2), wide(38.4), wide(52.3), wide(60.1));
        Fx.run(
                () -> {
                    Bar bar = new Bar(0, nodes.toArray(Node[]::new));
                    bar.resize(bar.prefWidth(-1), 20);
                    bar.layout();
                });
        assertThat(nodes).extracting(Node::getLayoutY).containsOnly(0.0);
    }

    /** Widths of text are never whole pixels. */
    @ParameterizedTest(name = "{0} wide: {1} lines")
    @CsvSource({"526, 1", "473.5, 1", "527.3, 1", "333, 2", "200, 3"})
    void nothing_ends_beyond_the_edge(double width, int lines) throws Exception {
        Region grows = wide(60.2);
        HBox.setHgrow(grows, Priority.ALWAYS);
        List<Node> nodes =
                List.of(wide(108.3), grows, wide(52.1), wide(24.4), wide(61.2), wide(61.2));
        Fx.run(
                () -> {
                    Bar bar = new Bar(8, nodes.toArray(Node[]::new));
                    bar.resize(width, bar.prefHeight(width));
                    bar.layout();
                });
        assertThat(nodes)
                .allSatisfy(
                        n ->
                                assertThat(n.getBoundsInParent().getMaxX())
                                        .isLessThanOrEqualTo(width));
        assertThat(nodes.stream().map(Node::getLayoutY).distinct()).hasSize(lines);
        for (int i = 1; i < nodes.size(); i++) {
            Node before = nodes.get(i - 1);
            Node now = nodes.get(i);
            assertThat(
                            now.getLayoutY() > before.getLayoutY()
                                    || now.getLayoutX() >= before.getBoundsInParent().getMaxX() + 8)
                    .as("control %d beside the one before", i)
                    .isTrue();
        }
    }
}

package org.zeroply.desktop.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
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

    /** Fifteen that are rounded up need more than is asked for; the gaps between them give way. */
    @Test
    void as_wide_as_it_asks_to_be_it_has_one_line_and_nothing_is_cut() throws Exception {
        List<Node> nodes = IntStream.range(0, 15).<Node>mapToObj(i -> wide(30.1)).toList();
        Fx.run(
                () -> {
                    Bar bar = new Bar(8, nodes.toArray(Node[]::new));
                    bar.resize(bar.prefWidth(-1), 20);
                    bar.layout();
                    assertThat(nodes.get(14).getBoundsInParent().getMaxX())
                            .isLessThanOrEqualTo(bar.getWidth());
                });
        assertThat(nodes).extracting(Node::getLayoutY).containsOnly(0.0);
        assertThat(nodes).allSatisfy(n -> assertThat(n.getLayoutBounds().getWidth()).isEqualTo(31));
        for (int i = 1; i < nodes.size(); i++) {
            assertThat(nodes.get(i).getLayoutX())
                    .isGreaterThan(nodes.get(i - 1).getBoundsInParent().getMaxX() + 6);
        }
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
                                    || now.getLayoutX() > before.getBoundsInParent().getMaxX() + 6)
                    .as("control %d beside the one before", i)
                    .isTrue();
        }
    }
}

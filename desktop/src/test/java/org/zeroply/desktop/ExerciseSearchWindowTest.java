package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.desktop.work.Engines;
import org.zeroply.desktop.work.ExerciseSearch;
import org.zeroply.desktop.work.KeptEngines;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;

/** Looks for positions worth setting in the real window, with engines that look far enough. */
class ExerciseSearchWindowTest extends WindowTest {

    /** A position to be defended that comes back until the search looks at it. */
    private static final String GAME =
            """
            [Event "Harbour cup"]
            [White "Tern, Ada"]
            [Black "Skua, Ben"]
            [Result "*"]
            [SetUp "1"]
            [FEN "r3r1k1/5pbp/3Q2p1/3pp3/1B3nq1/1NP5/PPB2PPP/R4RK1 w - - 0 20"]

            20. Kh1 Kh8 21. Kg1 Kg8 22. Kh1 Kh8 23. Kg1 Kg8
            24. Kh1 Kh8 25. Kg1 Kg8 26. Kh1 Kh8 27. Kg1 Kg8 28. g3 *
            """;

    @Start
    void start(Stage shown) {
        begin(shown);
        services.library().settings().put(ExerciseSearch.NODES, 200000L);
        services.library().settings().put(Services.EXERCISE_NODES, 8000L);
    }

    @Override
    protected Engines engines() {
        return KeptEngines.with(Limits.nodes(150_000));
    }

    private TreeSession session() {
        return bench.exercises().session();
    }

    private static List<String> rows(FxRobot robot, String id) {
        return robot.lookup(id).<ListView<?>>query().getItems().stream()
                .map(Object::toString)
                .toList();
    }

    @Test
    void a_position_worth_setting_is_found_set_as_exercise_and_checked(FxRobot robot)
            throws Exception {
        Path game = Path.of(getClass().getResource("found.pgn").toURI());
        robot.interact(() -> bench.importFiles(List.of(game)));
        until(() -> table(robot, "#games-table").getItems().size() == 1);
        click(robot, "#desk-exercises");
        click(robot, "#exercises-find");
        click(robot, "#find-go");
        until(() -> !services.search().runningProperty().get());
        until(() -> !rows(robot, "#finds").isEmpty());
        assertThat(label(robot, "#find-state")).isEqualTo("All games have been looked through.");
        int found = rows(robot, "#finds").size();
        assertThat(session().tree().root().children()).isNotEmpty();
        robot.clickOn("#finds").type(KeyCode.DELETE);
        until(() -> rows(robot, "#finds").size() == found - 1);
        assertThat(services.library().bin().all())
                .extracting(e -> e.item().kind())
                .containsExactly(BinStore.Kind.FIND);
        robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
        until(() -> rows(robot, "#finds").size() == found);
        assertThat(services.library().bin().all()).isEmpty();
        ListView<?> finds = robot.lookup("#finds").query();
        int calculation =
                rows(robot, "#finds")
                        .indexOf(
                                rows(robot, "#finds").stream()
                                        .filter(r -> !r.contains("look like defences"))
                                        .findFirst()
                                        .orElseThrow());
        robot.interact(() -> finds.getSelectionModel().select(calculation));
        click(robot, "#find-set");
        until(() -> session().id().isPresent() && isShown(robot, "#exercises-table"));
        until(() -> table(robot, "#exercises-table").getItems().size() == 1);
        assertThat(MarkingScheme.of(session().tree()).sum()).isEqualTo(50);
        assertThat(services.search().found()).hasSize(found - 1);

        click(robot, "#exercises-check");
        click(robot, "#soundness-check");
        until(() -> label(robot, "#soundness-verdict").contains("zeroply"));
        robot.interact(() -> spoil(session()));
        until(() -> label(robot, "#soundness-verdict").startsWith("Changed since"));
        click(robot, "#soundness-check");
        until(() -> rows(robot, "#soundness").stream().anyMatch(r -> r.contains("Wrong verdict")));
        assertThat(label(robot, "#soundness-verdict")).startsWith("Not sound");
    }

    private static void spoil(TreeSession session) {
        Node end = session.tree().root().mainLineEnd();
        int tendency = end.annotation().verdict().orElseThrow().tendency();
        session.editor()
                .verdict(end, Optional.of(tendency > 0 ? Verdict.BLACK_WINS : Verdict.WHITE_WINS));
    }

    @Test
    void the_search_finds_positions_to_be_defended(FxRobot robot) throws Exception {
        services.library().sheets().add(GAME);
        click(robot, "#desk-exercises");
        click(robot, "#exercises-find");
        click(robot, "#find-go");
        until(() -> label(robot, "#find-state").startsWith("All games"));
        ComboBox<String> theme = robot.lookup("#find-theme").queryComboBox();
        robot.interact(() -> theme.getSelectionModel().select("defence"));
        until(() -> !rows(robot, "#finds").isEmpty());
        robot.interact(() -> robot.lookup("#find-set").queryButton().fire());
        until(() -> !services.scheduler().isBusy());
        until(() -> session().id().isPresent());
        assertThat(services.library().sheets().find(SheetQuery.all(SheetKind.EXERCISE))).hasSize(1);
        assertThat(DefenceTask.of(session().tree())).contains(DefenceTask.ELIMINATION);
    }
}

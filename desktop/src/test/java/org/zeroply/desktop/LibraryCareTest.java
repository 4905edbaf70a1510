package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.zip.ZipFile;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;

/** Looking after the library from the window. */
class LibraryCareTest extends WindowTest {

    @TempDir private Path folder;

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    private void command(FxRobot robot, String name) {
        robot.interact(() -> bench.runCommand(name));
    }

    private static boolean says(FxRobot robot, String card, String words) {
        return robot.lookup(card + " .label").queryAll().stream()
                .map(Node.class::cast)
                .anyMatch(n -> ((Labeled) n).getText().contains(words));
    }

    private int games() {
        return services.library().sheets().find(SheetQuery.all(SheetKind.GAME)).size();
    }

    @Test
    void a_copy_is_made_looked_at_and_put_in_the_place_of_the_library(FxRobot robot)
            throws Exception {
        importGame(robot);
        List<String> saidThen = new CopyOnWriteArrayList<>();
        robot.interact(() -> bench.onLibrary((file, words) -> saidThen.add(words)));
        command(robot, "Backups …");
        click(robot, "#backups-make");
        until(() -> services.library().backups().all().size() == 1);
        services.library().sheets().add("[White \"Later\"]\n\n1. d4 *\n");
        until(() -> robot.lookup("#backup-table .table-row-cell:filled").tryQuery().isPresent());
        click(robot, "#backups-restore");
        until(() -> says(robot, "#question", "games: 1 would go"));
        click(robot, "#restore-keep");
        assertThat(games()).isEqualTo(2);
        click(robot, "#backups-restore");
        until(() -> says(robot, "#question", "games: 1 would go"));
        click(robot, "#restore-go");
        until(() -> games() == 1 && !saidThen.isEmpty());
        assertThat(saidThen.get(0)).startsWith("Restored. As it was before: ");
        command(robot, "Backups …");
        until(() -> robot.lookup("#backup-table .table-row-cell:filled").tryQuery().isPresent());
        click(robot, "#backups-daily");
        until(() -> !services.library().backups().isOn());
        robot.type(KeyCode.ESCAPE);
    }

    @Test
    void a_library_is_checked_and_mended(FxRobot robot) throws Exception {
        importGame(robot);
        command(robot, "Check this library …");
        until(() -> says(robot, "#library-check", "Nothing is wrong"));
        click(robot, "#check-close");
        String url = "jdbc:sqlite:" + services.library().file();
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA foreign_keys = OFF");
            statement.execute(
                    "INSERT INTO game_line (sheet_id, start, moves) VALUES (99, '', x'')");
        }
        command(robot, "Check this library …");
        until(() -> says(robot, "#library-check", "belong to no game"));
        click(robot, "#check-mend");
        until(() -> says(robot, "#library-check", "Nothing is wrong"));
        assertThat(services.library().backups().all()).hasSize(1);
    }

    @Test
    void everything_is_exported_with_what_was_done_a_moment_ago(FxRobot robot) throws Exception {
        importGame(robot);
        robot.interact(() -> bench.games().session().editor().tag("Event", "Just now"));
        Path file = folder.resolve("all.zip");
        robot.interact(() -> bench.exportEverything(file));
        until(() -> Files.exists(file) && message(robot).startsWith("Everything is in"));
        try (ZipFile zip = new ZipFile(file.toFile())) {
            byte[] games = zip.getInputStream(zip.getEntry("game.pgn")).readAllBytes();
            assertThat(new String(games, StandardCharsets.UTF_8)).contains("Just now");
        }
    }
}

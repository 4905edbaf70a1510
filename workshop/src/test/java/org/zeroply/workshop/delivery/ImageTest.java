package org.zeroply.workshop.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Side;
import org.zeroply.library.Library;
import org.zeroply.library.ProgramVersion;

/** The image is made once and used as on a machine that has no Java. */
@Tag("window")
class ImageTest {

    private static final String GAME =
            """
            [White "Gate, Ada"]
            [Black "Mill, Ben"]
            [Result "1-0"]

            1. e4 e5 2. Qh5 Ke7 3. Qxe5# 1-0
            """;

    private static final int MOST_LOOKS = 600;

    @TempDir private static Path out;

    private static Path image;

    @TempDir private Path home;

    @BeforeAll
    static void make() throws IOException {
        Path root = Path.of("..").toAbsolutePath().normalize();
        Materials materials = Materials.of(root);
        Path work = Files.createDirectories(out.resolve("work"));
        Packages packages = new Packages(root.resolve("packaging"), out);
        packages.makeImage(
                materials, TrimmedRuntime.link(materials.javafx(), work.resolve("rt")), work);
        image = packages.image();
    }

    @Test
    void the_command_line_works_without_any_java() throws Exception {
        Process version = command("--version");
        assertThat(said(version)).isEqualToIgnoringNewLines("Zero Ply " + ProgramVersion.text());
        Process perft = command("perft", "--depth", "3", "--json");
        assertThat(said(perft)).contains("8902");
        Process library = command("import", game().toString(), "--library", library());
        said(library);
        assertThat(library.waitFor()).isZero();
        assertThat(gamesKept()).isEqualTo(1);
    }

    @Test
    void the_licence_of_everything_in_it_comes_along() throws IOException {
        Path licences = image.resolve("lib/app/licences");
        String list = Files.readString(licences.resolve("COMPONENTS.txt"));
        Path root = Path.of("..").toAbsolutePath().normalize();
        assertThat(Materials.of(root).foreign())
                .isNotEmpty()
                .allSatisfy(jar -> assertThat(list).contains(Component.of(jar).artifact()));
        assertThat(image.resolve("lib/runtime/legal/java.base/LICENSE")).exists();
    }

    @Test
    void the_window_opens_on_a_file_obeys_a_key_and_quits() throws Exception {
        assumeTrue(VirtualScreen.isPossible(), "Xvfb is not there");
        try (VirtualScreen screen = new VirtualScreen()) {
            Process window = start(screen.display(), "zeroply", library(), game().toString());
            await(window, () -> screen.colours() > 100);
            await(window, () -> gamesKept() == 1);
            String games = screen.look();
            await(
                    window,
                    () -> {
                        screen.pressControl('3');
                        return !screen.look().equals(games) && screen.colours() > 100;
                    });
            screen.pressControl('q');
            assertThat(window.waitFor(60, TimeUnit.SECONDS)).isTrue();
            assertThat(window.exitValue()).isZero();
        }
        assertThat(gamesKept()).isEqualTo(1);
    }

    /** Asks again and again, as long as the window is there. */
    private static void await(Process window, Callable<Boolean> condition) throws Exception {
        for (int i = 0; i < MOST_LOOKS; i++) {
            if (condition.call()) {
                return;
            }
            assertThat(window.waitFor(200, TimeUnit.MILLISECONDS)).as("it has ended").isFalse();
        }
        throw new AssertionError("it never came to that");
    }

    private long gamesKept() {
        if (!Files.exists(Path.of(library()))) {
            return 0;
        }
        try (Library library = Library.open(Path.of(library()))) {
            return library.sheets().playedBy("Gate, Ada", Side.WHITE).length;
        }
    }

    private String library() {
        return home.resolve("club.zpl").toString();
    }

    private Path game() throws IOException {
        return Files.writeString(home.resolve("game.pgn"), GAME);
    }

    private Process command(String... arguments) throws IOException {
        return start("", "zeroply-cli", arguments);
    }

    /** Starts it with nothing on the path and a home of its own. */
    private Process start(String display, String launcher, String... arguments) throws IOException {
        List<String> command = new ArrayList<>();
        command.add(image.resolve("bin").resolve(launcher).toString());
        command.addAll(List.of(arguments));
        ProcessBuilder starting = new ProcessBuilder(command);
        starting.environment().clear();
        starting.environment().put("PATH", home.toString());
        starting.environment().put("DISPLAY", display);
        starting.environment().put("LC_ALL", "C.UTF-8");
        starting.environment().put("JAVA_TOOL_OPTIONS", "-Dprism.order=sw -Duser.home=" + home);
        return starting.redirectError(home.resolve("said.log").toFile()).start();
    }

    private static String said(Process process) throws IOException {
        return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
}

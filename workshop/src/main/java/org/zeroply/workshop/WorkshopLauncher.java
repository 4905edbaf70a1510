package org.zeroply.workshop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import javafx.application.Application;
import org.zeroply.workshop.command.Arguments;
import org.zeroply.workshop.command.CommandGroup;
import org.zeroply.workshop.delivery.PackageCommand;
import org.zeroply.workshop.disk.DiskRun;
import org.zeroply.workshop.fuzz.FuzzRun;
import org.zeroply.workshop.house.HousePicture;
import org.zeroply.workshop.kill.KillRun;
import org.zeroply.workshop.match.GlanceCommand;
import org.zeroply.workshop.match.MatchCommand;
import org.zeroply.workshop.pauses.PausesApplication;
import org.zeroply.workshop.pictures.PicturesApplication;
import org.zeroply.workshop.selfplay.RescoreCommand;
import org.zeroply.workshop.selfplay.SelfPlayCommand;
import org.zeroply.workshop.suite.PositionalCommand;
import org.zeroply.workshop.suite.TacticsCommand;
import org.zeroply.workshop.training.TrainCommand;
import org.zeroply.workshop.tuning.TuneCommand;
import org.zeroply.workshop.walk.WalkRun;

/**
 * {@code shots [--out DIR] [--part DESK]}: pictures of the main views; {@code pauses [--library
 * FILE]}: how long the interface thread is held up; {@code fuzz}: see {@link FuzzRun}; {@code
 * kill}: see {@link KillRun}; {@code disk}: see {@link DiskRun}; {@code walk}: see {@link WalkRun};
 * {@code house}: a picture of the modules and their rooms; {@code match}, {@code glance}, {@code
 * selfplay}, {@code rescore}, {@code train}, {@code tune}, {@code tactics}, {@code positional}:
 * what makes and measures the engine; {@code package}: see {@link PackageCommand}.
 */
public final class WorkshopLauncher {

    private static final List<Callable<Integer>> COMMANDS =
            List.of(
                    new MatchCommand(),
                    new GlanceCommand(),
                    new SelfPlayCommand(),
                    new RescoreCommand(),
                    new TrainCommand(),
                    new TuneCommand(),
                    new TacticsCommand(),
                    new PositionalCommand(),
                    new PackageCommand());

    private interface Deed {
        void of(String[] args) throws Exception;
    }

    /** What a first word does. */
    private static final Map<String, Deed> DEEDS = deeds();

    private WorkshopLauncher() {}

    private static Map<String, Deed> deeds() {
        Map<String, Deed> deeds = new TreeMap<>();
        for (Callable<Integer> command : COMMANDS) {
            deeds.put(
                    CommandGroup.nameOf(command),
                    args -> System.exit(CommandGroup.run(COMMANDS, args)));
        }
        deeds.put("house", args -> drawHouse(arguments(args)));
        deeds.put("kill", args -> end(KillRun.run(arguments(args), System.out)));
        deeds.put(KillRun.VICTIM, deeds.get("kill"));
        deeds.put("disk", args -> end(DiskRun.run(arguments(args), System.out)));
        deeds.put("fuzz", args -> end(FuzzRun.run(arguments(args), System.out)));
        deeds.put("walk", args -> end(WalkRun.run(arguments(args), System.out)));
        deeds.put("pauses", args -> Application.launch(PausesApplication.class, args));
        deeds.put("shots", WorkshopLauncher::pictures);
        return deeds;
    }

    /** The words that are known. */
    static Set<String> words() {
        return DEEDS.keySet();
    }

    /** Does one of these and ends. */
    public static void main(String[] args) throws Exception {
        Deed deed = args.length == 0 ? null : DEEDS.get(args[0]);
        if (deed == null) {
            System.err.println("A command is needed, one of: " + String.join(" ", words()));
            System.exit(2);
        }
        deed.of(args);
    }

    private static void drawHouse(Arguments arguments) throws IOException {
        Files.writeString(
                Path.of(arguments.value("--out", "docs/house.svg")),
                HousePicture.of(Path.of(arguments.value("--root", ""))));
    }

    /** A word that was not meant must not draw over pictures that are kept. */
    private static void pictures(String[] args) {
        Optional<String> unknown =
                arguments(Arrays.copyOfRange(args, 1, args.length))
                        .unknown("--out", "--part", "--size", "--light");
        if (unknown.isPresent()) {
            System.err.println(
                    "Not known here: "
                            + unknown.get()
                            + ". shots [--out DIR] [--part PART] [--size 1280x800] [--light paper|lamp]");
            System.exit(2);
        }
        Application.launch(PicturesApplication.class, args);
    }

    private static Arguments arguments(String[] args) {
        return new Arguments(List.of(args));
    }

    private static void end(int faults) {
        System.exit(faults == 0 ? 0 : 1);
    }
}

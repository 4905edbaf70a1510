package org.zeroply.workshop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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

    private WorkshopLauncher() {}

    /** Does one of these and ends. */
    public static void main(String[] args) throws Exception {
        switch (args.length > 0 ? args[0] : "") {
            case "house" ->
                    Files.writeString(
                            Path.of(arguments(args).value("--out", "docs/house.svg")),
                            HousePicture.of(Path.of(arguments(args).value("--root", ""))));
            case "kill", KillRun.VICTIM -> end(KillRun.run(arguments(args), System.out));
            case "disk" -> end(DiskRun.run(arguments(args), System.out));
            case "fuzz" -> end(FuzzRun.run(arguments(args), System.out));
            case "walk" -> end(WalkRun.run(arguments(args), System.out));
            case "match",
                    "selfplay",
                    "rescore",
                    "train",
                    "tune",
                    "tactics",
                    "positional",
                    "package" ->
                    System.exit(CommandGroup.run(COMMANDS, args));
            case "pauses" -> Application.launch(PausesApplication.class, args);
            default -> pictures(args);
        }
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

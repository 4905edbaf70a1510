package org.zeroply.workshop.selfplay;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.zeroply.workshop.command.CommandGroup;

/** Runs commands that write files of positions, and reads what they wrote. */
final class PositionCommands {

    private final String name;
    private final StringWriter err = new StringWriter();

    PositionCommands(String name) {
        this.name = name;
    }

    /** The exit code. */
    int run(Path out, String... more) {
        List<String> words = new ArrayList<>(List.of(name, "--out", out.toString()));
        words.addAll(Arrays.asList(more));
        return CommandGroup.run(
                List.of(new SelfPlayCommand(), new RescoreCommand()),
                new PrintWriter(new StringWriter()),
                new PrintWriter(err),
                words.toArray(String[]::new));
    }

    /** What was told of errors so far. */
    String errors() {
        return err.toString();
    }

    /** All positions of a folder. */
    static List<JudgedPosition> positions(Path folder) throws IOException {
        List<JudgedPosition> all = new ArrayList<>();
        for (Path file : PositionFiles.in(List.of(folder))) {
            all.addAll(PositionFiles.read(file));
        }
        return all;
    }
}

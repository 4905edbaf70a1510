package org.zeroply.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import picocli.CommandLine;

/** Runs commands as a script would, and keeps what they print. */
public abstract class CommandTest {

    protected final StringWriter out = new StringWriter();
    protected final StringWriter err = new StringWriter();

    /** Runs a command and gives its exit code. */
    protected int run(String... arguments) {
        return Main.run(new PrintWriter(out), new PrintWriter(err), arguments);
    }

    /** All commands with their options. */
    protected static CommandLine commandLine() {
        return Main.commandLine();
    }

    /** Runs a command that must succeed and gives its document. */
    protected JsonNode json(String... arguments) throws IOException {
        out.getBuffer().setLength(0);
        assertThat(run(arguments)).as(err.toString()).isZero();
        return new ObjectMapper().readTree(out.toString());
    }

    /** The name of a library in a folder, with games in it. */
    protected String libraryOf(Path folder, String pgn) throws IOException {
        String library = folder.resolve("club.zpl").toString();
        String games = Files.writeString(folder.resolve("g.pgn"), pgn).toString();
        json("import", games, "--library", library, "--json");
        out.getBuffer().setLength(0);
        return library;
    }
}

package org.zeroply.workshop.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.NoSuchFileException;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/**
 * Commands with options of their own. Exit codes: 0 done, 1 refused with the reason, 2 wrong usage.
 */
@Command(name = "zeroply", description = "What the developers of the engine use.")
public final class CommandGroup implements Runnable {

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    private CommandGroup() {}

    /** The word that a command is run by. */
    public static String nameOf(Callable<Integer> command) {
        return command.getClass().getAnnotation(Command.class).name();
    }

    /** Runs one of the commands and gives its exit code. */
    public static int run(List<? extends Callable<Integer>> commands, String... args) {
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        return run(commands, out, err, args);
    }

    /** The same, printing elsewhere. */
    public static int run(
            List<? extends Callable<Integer>> commands,
            PrintWriter out,
            PrintWriter err,
            String... args) {
        CommandLine line = new CommandLine(new CommandGroup());
        commands.forEach(line::addSubcommand);
        line.getSubcommands()
                .values()
                .forEach(c -> c.getCommandSpec().mixinStandardHelpOptions(true));
        return line.setOut(out)
                .setErr(err)
                .setExecutionExceptionHandler(CommandGroup::refuse)
                .execute(args);
    }

    private static int refuse(Exception e, CommandLine command, CommandLine.ParseResult parsed)
            throws Exception {
        if (!(e instanceof Refusal) && !(e instanceof IOException)) {
            throw e;
        }
        String sentence =
                e instanceof NoSuchFileException
                        ? "The file " + e.getMessage() + " does not exist."
                        : e.getMessage();
        command.getErr().println("zeroply: " + sentence);
        return 1;
    }

    @Override
    public void run() {
        throw new CommandLine.ParameterException(spec.commandLine(), "A command is needed.");
    }
}

package org.zeroply.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import org.zeroply.cli.console.BadInputHandler;
import org.zeroply.cli.console.EarlierSpelling;
import org.zeroply.cli.defence.ChecksCommand;
import org.zeroply.cli.defence.DefendCommand;
import org.zeroply.cli.ending.EndingCommand;
import org.zeroply.cli.ending.EndingsCommand;
import org.zeroply.cli.engine.AnalyseCommand;
import org.zeroply.cli.engine.BenchCommand;
import org.zeroply.cli.engine.GainCheckCommand;
import org.zeroply.cli.engine.LinesCheckCommand;
import org.zeroply.cli.engine.MateCheckCommand;
import org.zeroply.cli.engine.PerftCommand;
import org.zeroply.cli.engine.SuiteCommand;
import org.zeroply.cli.engine.UciCommand;
import org.zeroply.cli.exercise.ExerciseCommand;
import org.zeroply.cli.insight.DifficultyCommand;
import org.zeroply.cli.insight.ExplainCommand;
import org.zeroply.cli.insight.InsightCommand;
import org.zeroply.cli.lesson.LessonCommand;
import org.zeroply.cli.library.ExportCommand;
import org.zeroply.cli.library.FindCommand;
import org.zeroply.cli.library.ImportCommand;
import org.zeroply.cli.library.LibraryCommand;
import org.zeroply.cli.library.SampleCommand;
import org.zeroply.cli.library.StatisticsCommand;
import org.zeroply.cli.library.SyntheticCommand;
import org.zeroply.cli.repertoire.RepertoireCommand;
import org.zeroply.cli.review.ProfileCommand;
import org.zeroply.cli.review.ReviewCommand;
import org.zeroply.cli.tournament.TournamentCommand;
import org.zeroply.library.ProgramVersion;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/**
 * {@code zeroply COMMAND}. Exit codes: 0 done, 1 the input was bad, 2 wrong usage. Messages go to
 * standard error.
 */
@Command(
        name = "zeroply",
        description = "A workbench for chess coaches, without its window.",
        mixinStandardHelpOptions = true,
        versionProvider = Main.Version.class,
        subcommands = {
            PerftCommand.class,
            AnalyseCommand.class,
            SuiteCommand.class,
            ExplainCommand.class,
            ImportCommand.class,
            LibraryCommand.class,
            ExportCommand.class,
            ExerciseCommand.class,
            LessonCommand.class,
            TournamentCommand.class,
            SampleCommand.class,
            SyntheticCommand.class,
            UciCommand.class,
            BenchCommand.class,
            ChecksCommand.class,
            DefendCommand.class,
            DifficultyCommand.class,
            InsightCommand.class,
            ReviewCommand.class,
            ProfileCommand.class,
            RepertoireCommand.class,
            StatisticsCommand.class,
            FindCommand.class,
            EndingCommand.class,
            MateCheckCommand.class,
            GainCheckCommand.class,
            LinesCheckCommand.class,
            EndingsCommand.class
        })
public final class Main implements Runnable {

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    /** Runs a command and ends the process with its exit code. */
    public static void main(String[] args) {
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(out, err, args));
    }

    /** Runs a command and gives its exit code. */
    static int run(PrintWriter out, PrintWriter err, String... args) {
        return commandLine()
                .setOut(out)
                .setErr(err)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler(new BadInputHandler())
                .execute(EarlierSpelling.today(args));
    }

    /** All commands, each of which explains itself. */
    static CommandLine commandLine() {
        CommandLine line = new CommandLine(new Main());
        explain(line);
        return line;
    }

    /** Lets every command explain itself with --help, and those below it. */
    private static void explain(CommandLine line) {
        for (CommandLine command : line.getSubcommands().values()) {
            command.getCommandSpec().mixinStandardHelpOptions(true);
            command.getCommandSpec().versionProvider(new Version());
            explain(command);
        }
    }

    /** What {@code --version} prints. */
    static final class Version implements CommandLine.IVersionProvider {

        @Override
        public String[] getVersion() {
            return new String[] {"Zero Ply " + ProgramVersion.text()};
        }
    }

    @Override
    public void run() {
        throw new CommandLine.ParameterException(spec.commandLine(), "A command is needed.");
    }
}

package org.zeroply.cli.exercise;

import picocli.CommandLine.Command;

/** The command {@code exercise}. */
@Command(
        name = "exercise",
        description = "Finds, drafts, checks, marks, prints and rates exercises.",
        subcommands = {
            ExerciseFindCommand.class,
            ExerciseDraftCommand.class,
            ExerciseCheckCommand.class,
            ExerciseMarkCommand.class,
            ExerciseSheetCommand.class,
            ExerciseRatingsCommand.class
        },
        synopsisSubcommandLabel = "COMMAND")
public final class ExerciseCommand {}

package org.zeroply.cli;

import picocli.CommandLine.Command;

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
final class ExerciseCommand {}

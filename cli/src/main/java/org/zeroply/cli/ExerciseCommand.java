package org.zeroply.cli;

import picocli.CommandLine.Command;

@Command(
        name = "exercise",
        description = "Finds, drafts, checks, marks and prints exercises.",
        subcommands = {
            ExerciseFindCommand.class,
            ExerciseDraftCommand.class,
            ExerciseCheckCommand.class,
            ExerciseMarkCommand.class,
            ExerciseSheetCommand.class
        },
        synopsisSubcommandLabel = "COMMAND")
final class ExerciseCommand {}

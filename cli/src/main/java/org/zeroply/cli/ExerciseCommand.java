package org.zeroply.cli;

import picocli.CommandLine.Command;

@Command(
        name = "exercise",
        description = "Finds, drafts, checks and marks exercises.",
        subcommands = {
            ExerciseFindCommand.class,
            ExerciseDraftCommand.class,
            ExerciseCheckCommand.class,
            ExerciseMarkCommand.class
        },
        synopsisSubcommandLabel = "COMMAND")
final class ExerciseCommand {}

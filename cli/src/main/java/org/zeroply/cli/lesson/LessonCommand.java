package org.zeroply.cli.lesson;

import picocli.CommandLine.Command;

/** The command {@code lesson}. */
@Command(
        name = "lesson",
        description = "Drafts, checks and prints lessons.",
        subcommands = {
            LessonDraftCommand.class,
            LessonCheckCommand.class,
            LessonHandoutCommand.class
        },
        synopsisSubcommandLabel = "COMMAND")
public final class LessonCommand {}

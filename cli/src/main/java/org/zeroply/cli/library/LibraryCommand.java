package org.zeroply.cli.library;

import picocli.CommandLine.Command;

/** The command {@code library}. */
@Command(
        name = "library",
        description = "Checks, copies, restores and measures a library.",
        subcommands = {
            LibraryCheckCommand.class,
            LibraryBackupCommand.class,
            LibraryBackupsCommand.class,
            LibraryRestoreCommand.class,
            LibraryMeasureCommand.class
        })
public final class LibraryCommand {}

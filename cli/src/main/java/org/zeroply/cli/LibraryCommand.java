package org.zeroply.cli;

import picocli.CommandLine.Command;

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
final class LibraryCommand {}

package org.zeroply.cli;

import picocli.CommandLine.Command;

@Command(
        name = "library",
        description = "Checks, copies and restores a library.",
        subcommands = {
            LibraryCheckCommand.class,
            LibraryBackupCommand.class,
            LibraryBackupsCommand.class,
            LibraryRestoreCommand.class
        })
final class LibraryCommand {}

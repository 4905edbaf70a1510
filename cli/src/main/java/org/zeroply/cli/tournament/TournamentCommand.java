package org.zeroply.cli.tournament;

import picocli.CommandLine.Command;

/** The command {@code tournament}. */
@Command(
        name = "tournament",
        description = "Reads pairings, prepares rounds, and learns from their games.",
        subcommands = {
            TournamentReadCommand.class,
            TournamentRoundCommand.class,
            TournamentGameCommand.class
        },
        synopsisSubcommandLabel = "COMMAND")
public final class TournamentCommand {}

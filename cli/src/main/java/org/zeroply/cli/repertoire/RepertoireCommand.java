package org.zeroply.cli.repertoire;

import picocli.CommandLine.Command;

/** The command {@code repertoire}. */
@Command(
        name = "repertoire",
        description = "Asks a repertoire what is missing, what is likely and what is risky.",
        subcommands = {
            RepertoireAuditCommand.class,
            RepertoireCoverageCommand.class,
            RepertoireCompareCommand.class,
            RepertoirePrepareCommand.class,
            RepertoireOrdersCommand.class,
            RepertoireCardsCommand.class,
            RepertoireTryCommand.class,
            RepertoireMergeCommand.class,
            RepertoireBookletCommand.class,
            RepertoireMeasureCommand.class
        },
        synopsisSubcommandLabel = "COMMAND")
public final class RepertoireCommand {}

package org.zeroply.cli.console;

import java.nio.file.Path;
import org.zeroply.engine.endings.EndingTables;
import picocli.CommandLine;
import picocli.CommandLine.Option;

/** Where files are kept that can be made anew at any time. */
public final class CacheFolder {

    @Option(
            names = "--cache",
            description = "Folder of the ending tables; the user's cache if left out.",
            paramLabel = "DIR",
            scope = CommandLine.ScopeType.INHERIT)
    private Path folder;

    /** The ending tables of the folder, as far as they exist. */
    public EndingTables endings() {
        return folder == null ? EndingTables.ofUser() : new EndingTables(folder);
    }
}

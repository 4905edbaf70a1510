package org.zeroply.cli.console;

import java.nio.file.Path;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.search.BuiltInEngine;
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

    private EndingTables tables;

    /** The ending tables of the folder, as far as they exist; what is read of them is shared. */
    public EndingTables endings() {
        if (tables == null) {
            tables = folder == null ? EndingTables.ofUser() : new EndingTables(folder);
        }
        return tables;
    }

    /**
     * An engine of our own that knows those tables.
     *
     * @param megabytes of its memory for positions
     */
    public BuiltInEngine engine(int megabytes) {
        return new BuiltInEngine(megabytes, endings());
    }
}

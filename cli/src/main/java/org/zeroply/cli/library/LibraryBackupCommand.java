package org.zeroply.cli.library;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.library.Library;
import org.zeroply.library.care.Backups;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

@Command(name = "backup", description = "Makes a dated copy of a library beside it.")
final class LibraryBackupCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(paramLabel = "LIBRARY", description = "The library.")
    private Path library;

    @Override
    public Integer call() {
        try (Library open = Libraries.existing(library)) {
            Backups.Backup made = open.backups().make();
            output.print(
                    Output.document()
                            .put("file", made.file().toString())
                            .put("bytes", made.bytes()),
                    text -> text.println(made.file() + "  " + made.bytes() + " bytes"));
            return 0;
        }
    }
}

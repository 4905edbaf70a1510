package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.library.Library;
import org.zeroply.library.care.Change;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "restore",
        description = "Puts a copy in the place of a library, of which a copy is made first.")
final class LibraryRestoreCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(paramLabel = "LIBRARY", description = "The library.")
    private Path library;

    @Option(names = "--from", required = true, description = "The copy.", paramLabel = "COPY.zpl")
    private Path copy;

    @Option(names = "--look", description = "Only tell what would change.")
    private boolean look;

    @Override
    public Integer call() {
        try (Library open = Libraries.existing(library)) {
            List<Change> changes = open.backups().changes(copy.toAbsolutePath());
            ObjectNode document = Output.document();
            ArrayNode list = document.putArray("changes");
            changes.forEach(
                    c ->
                            list.addObject()
                                    .put("what", c.what())
                                    .put("gone", c.gone())
                                    .put("back", c.back()));
            String before = look ? "" : open.backups().restore(copy.toAbsolutePath()).toString();
            if (!look) {
                document.put("before", before);
            }
            output.print(
                    document,
                    text -> {
                        changes.forEach(c -> text.println(c.words()));
                        if (changes.isEmpty()) {
                            text.println("Both have the same games, exercises and students.");
                        }
                        if (!look) {
                            text.println("Restored; the library as it was: " + before);
                        }
                    });
        }
        // A copy of an older version is brought up to date.
        Libraries.existing(library).close();
        return 0;
    }
}

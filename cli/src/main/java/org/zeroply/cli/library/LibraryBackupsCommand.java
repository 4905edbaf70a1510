package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.library.Library;
import org.zeroply.library.care.Backups;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "backups", description = "Lists the copies of a library, or turns them on or off.")
final class LibraryBackupsCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(paramLabel = "LIBRARY", description = "The library.")
    private Path library;

    @Option(
            names = "--daily",
            description = "on or off: whether the window makes a copy every day.",
            paramLabel = "on|off")
    private String daily = "";

    @Override
    public Integer call() {
        if (!List.of("", "on", "off").contains(daily)) {
            throw new BadInputException("--daily is on or off.");
        }
        try (Library open = Libraries.existing(library)) {
            if (!daily.isEmpty()) {
                open.backups().turn(daily.equals("on"));
            }
            List<Backups.Backup> all = open.backups().all();
            boolean on = open.backups().isOn();
            ObjectNode document = Output.document().put("daily", on);
            ArrayNode list = document.putArray("backups");
            all.forEach(
                    b ->
                            list.addObject()
                                    .put("file", b.file().toString())
                                    .put("day", b.day().toString())
                                    .put("bytes", b.bytes()));
            output.print(
                    document,
                    text -> {
                        all.forEach(b -> text.printf("%s  %,12d bytes%n", b.file(), b.bytes()));
                        text.println("A copy every day: " + (on ? "on" : "off"));
                    });
            return 0;
        }
    }
}

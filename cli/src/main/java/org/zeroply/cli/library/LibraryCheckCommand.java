package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.care.LibraryCheck;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "check", description = "Whether a library is whole; ends with 1 if it is not.")
final class LibraryCheckCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(paramLabel = "LIBRARY", description = "The library.")
    private Path library;

    @Option(names = "--mend", description = "Mend what can be mended, after making a copy.")
    private boolean mend;

    @Override
    public Integer call() {
        try (Library open = Libraries.existing(library)) {
            LibraryCheck.Result result = open.check().run(part -> {}, new Cancellation());
            String copy = "";
            if (mend && result.isMendable()) {
                copy = open.check().mend().file().toString();
                result = open.check().run(part -> {}, new Cancellation());
            }
            print(result, copy);
            return result.isSound() ? 0 : 1;
        }
    }

    private void print(LibraryCheck.Result result, String copy) {
        ObjectNode document =
                Output.document().put("sound", result.isSound()).put("sheets", result.sheets());
        ArrayNode complaints = document.putArray("complaints");
        result.complaints()
                .forEach(
                        c ->
                                complaints
                                        .addObject()
                                        .put("what", c.what())
                                        .put("mendable", c.mendable()));
        if (!copy.isEmpty()) {
            document.put("copy", copy);
        }
        output.print(
                document,
                text -> {
                    if (!copy.isEmpty()) {
                        text.println("Mended; the library as it was: " + copy);
                    }
                    result.complaints()
                            .forEach(
                                    c ->
                                            text.println(
                                                    c.what()
                                                            + (c.mendable()
                                                                    ? " --mend mends this."
                                                                    : "")));
                    text.println(
                            result.isSound()
                                    ? "Nothing is wrong. " + result.sheets() + " sheets were read."
                                    : result.sheets() + " sheets were read.");
                });
    }
}

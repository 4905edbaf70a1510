package org.zeroply.cli.console;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import org.zeroply.engine.analysis.Score;
import picocli.CommandLine;
import picocli.CommandLine.Option;

/** How a command prints: one JSON document, or text for people. */
public final class Output {

    private static final ObjectMapper JSON =
            new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    @Option(
            names = "--json",
            description = "Print one JSON document and nothing else.",
            scope = CommandLine.ScopeType.INHERIT)
    private boolean json;

    @CommandLine.Spec(CommandLine.Spec.Target.MIXEE)
    private CommandLine.Model.CommandSpec spec;

    /** Prints the document, or lets the text be printed. */
    public void print(ObjectNode document, Consumer<PrintWriter> text) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            try {
                out.println(JSON.writeValueAsString(document));
            } catch (JsonProcessingException e) {
                throw new IllegalStateException("a document of our own cannot be written", e);
            }
        } else {
            text.accept(out);
        }
        out.flush();
    }

    /** Lets text be printed while the work goes on; nothing when one document is wanted. */
    public void progress(Consumer<PrintWriter> text) {
        if (!json) {
            text.accept(spec.commandLine().getOut());
            spec.commandLine().getOut().flush();
        }
    }

    /** Where progress and problems are told. */
    public PrintWriter err() {
        return spec.commandLine().getErr();
    }

    /** A new document. */
    public static ObjectNode document() {
        return JSON.createObjectNode();
    }

    /** Any value as part of a document. */
    public static JsonNode node(Object value) {
        return JSON.valueToTree(value);
    }

    /** A score as files and scripts have it: {@code {"cp": 35}} or {@code {"mate": 3}}. */
    public static Map<String, Integer> score(Score score) {
        Map<String, Integer> map = new LinkedHashMap<>();
        if (score instanceof Score.Mate mate) {
            map.put("mate", mate.moves());
        } else {
            map.put("cp", score.ordinal());
        }
        return map;
    }
}

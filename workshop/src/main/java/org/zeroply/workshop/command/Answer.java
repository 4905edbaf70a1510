package org.zeroply.workshop.command;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Option;

/** How a command answers: by one JSON document, or by text for people. */
public final class Answer {

    private static final ObjectMapper JSON =
            new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    @Option(names = "--json", description = "Print one JSON document and nothing else.")
    private boolean json;

    @CommandLine.Spec(CommandLine.Spec.Target.MIXEE)
    private CommandLine.Model.CommandSpec spec;

    /** A new document. */
    public static ObjectNode document() {
        return JSON.createObjectNode();
    }

    /** Prints the document, or the text. */
    public void print(ObjectNode document, String text) {
        PrintWriter out = spec.commandLine().getOut();
        try {
            out.println(json ? JSON.writeValueAsString(document) : text);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a document of our own cannot be written", e);
        }
        out.flush();
    }

    /** Tells how far the work has come, beside the answer. */
    public void progress(String text) {
        spec.commandLine().getErr().println(text);
        spec.commandLine().getErr().flush();
    }
}

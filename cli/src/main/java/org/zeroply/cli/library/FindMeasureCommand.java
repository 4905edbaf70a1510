package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TextTable;
import org.zeroply.coach.pattern.Query;
import org.zeroply.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

@Command(
        name = "measure",
        description = "How long queries take, the first time and once more, one after the other.")
final class FindMeasureCommand implements Callable<Integer> {

    @Parameters(arity = "1..*", paramLabel = "QUERY", description = "What is asked.")
    private List<String> queries = List.of();

    @Option(names = "--library", required = true, paramLabel = "L")
    private Path library;

    @ParentCommand private FindCommand find;

    /** A query, what it found, and what it took the first time and the second. */
    private record Lap(String query, int hits, long first, long again) {}

    @Override
    public Integer call() {
        List<Query> read = queries.stream().map(find::query).toList();
        List<Lap> laps = new ArrayList<>();
        try (Library open = Libraries.existing(library)) {
            for (Query query : read) {
                FindCommand.Answer first = find.ask(open, query);
                long again = find.ask(open, query).millis();
                laps.add(new Lap(query.text(), first.outcome().hits(), first.millis(), again));
            }
        }
        print(laps);
        return 0;
    }

    private void print(List<Lap> laps) {
        ObjectNode document = Output.document();
        ArrayNode list = document.putArray("queries");
        TextTable table = new TextTable("rrrl").row("first", "again", "found", "");
        for (Lap lap : laps) {
            list.addObject()
                    .put("query", lap.query())
                    .put("hits", lap.hits())
                    .put("firstMillis", lap.first())
                    .put("againMillis", lap.again());
            table.row(lap.first() + " ms", lap.again() + " ms", lap.hits(), lap.query());
        }
        find.output().print(document, table::print);
    }
}

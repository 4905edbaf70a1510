package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TextTable;
import org.zeroply.library.Library;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetOrder;
import org.zeroply.library.sheet.SheetQuery;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "measure",
        description = "How long it takes to open a library, to list its games and to search them.")
final class LibraryMeasureCommand implements Callable<Integer> {

    /** Rows that a list shows at once, with some to spare. */
    private static final int PAGE = 100;

    @Mixin private Output output;

    @Parameters(paramLabel = "LIBRARY", description = "The library.")
    private Path library;

    @Option(names = "--search", description = "What to search; may be given again.")
    private List<String> searches = List.of();

    /** What was done, how many sheets it found (-1 for none to be found), and in what time. */
    private record Lap(String what, long found, double millis) {}

    private interface Work {
        long run();
    }

    private final List<Lap> laps = new ArrayList<>();

    @Override
    public Integer call() {
        long began = System.nanoTime();
        try (Library open = Libraries.existing(library)) {
            laps.add(new Lap("open", -1, (System.nanoTime() - began) / 1e6));
            lap("list", () -> list(open, new SheetQuery(SheetKind.GAME, "", "", 0)));
            for (SheetOrder.By by : SheetOrder.By.values()) {
                SheetOrder order = new SheetOrder(by, false);
                lap(
                        "sorted by " + by.name().toLowerCase(Locale.ROOT),
                        () -> list(open, new SheetQuery(SheetKind.GAME, "", "", 0, 0, order)));
            }
            for (String text : searches) {
                lap(
                        "search " + text,
                        () -> list(open, new SheetQuery(SheetKind.GAME, text, "", 0)));
            }
            lap("first statistics", () -> open.games().at(Position.START, GameFilter.ALL).games());
            lap("statistics", () -> open.games().at(Position.START, GameFilter.ALL).games());
        }
        print();
        return 0;
    }

    private void lap(String what, Work work) {
        long began = System.nanoTime();
        long found = work.run();
        laps.add(new Lap(what, found, (System.nanoTime() - began) / 1e6));
    }

    /** Lists and reads the first page and one in the middle. */
    private static long list(Library open, SheetQuery query) {
        long[] ids = open.sheets().ids(query);
        int middle = ids.length / 2;
        open.sheets().rows(Arrays.copyOf(ids, Math.min(PAGE, ids.length)));
        open.sheets().rows(Arrays.copyOfRange(ids, middle, Math.min(ids.length, middle + PAGE)));
        return ids.length;
    }

    private void print() {
        ObjectNode document = Output.document();
        var list = document.putArray("laps");
        for (Lap lap : laps) {
            ObjectNode one = list.addObject().put("what", lap.what()).put("millis", lap.millis());
            if (lap.found() >= 0) {
                one.put("found", lap.found());
            }
        }
        output.print(
                document,
                text -> {
                    TextTable table = new TextTable("lr");
                    for (Lap lap : laps) {
                        String millis = String.format(Locale.ROOT, "%.1f ms", lap.millis());
                        table.row(lap.what(), millis, lap.found() < 0 ? "" : lap.found());
                    }
                    table.print(text);
                });
    }
}

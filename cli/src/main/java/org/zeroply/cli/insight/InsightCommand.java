package org.zeroply.cli.insight;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.FactGroup;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.pieces.Routes;
import org.zeroply.coach.fact.structure.StructureComparison;
import org.zeroply.coach.fact.structure.StructureTable;
import org.zeroply.coach.fact.tactics.Contest;
import org.zeroply.coach.fact.tactics.ForcingMoves;
import org.zeroply.coach.insight.Compensation;
import org.zeroply.coach.insight.Concession;
import org.zeroply.coach.insight.Exchange;
import org.zeroply.coach.insight.ExchangeInquiry;
import org.zeroply.coach.insight.FactSink;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.insight.SearchedInsight;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code insight}. */
@Command(
        name = "insight",
        description = {
            "What a position holds: facts with the squares that prove them, those seen at a glance",
            "and those that take a search."
        })
public final class InsightCommand implements Callable<Integer> {

    private static final int FAR = 6;

    private static final int TOLD_EVERY = 25;

    @Mixin private PositionOption position;
    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Option(names = "--nodes", description = "Nodes a searched question; 0 for none.")
    private long nodes = SearchedInsight.NODES;

    @Option(
            names = "--after",
            description = "Moves in SAN, with commas: only the facts that they change.",
            paramLabel = "MOVES")
    private String after = "";

    @Option(
            names = "--moves",
            description =
                    "Moves in SAN, with commas: the structures they lead to, side by side. Without"
                            + " it the ways to recapture are compared.",
            paramLabel = "MOVES")
    private String moves = "";

    @Option(
            names = "--route",
            description = "Two squares as f1-d5: the shortest safe routes of the piece there.",
            paramLabel = "FROM-TO")
    private String route = "";

    @Option(
            names = "--contest",
            description = "A square: who bears on it, and how exchanges there end.",
            paramLabel = "SQUARE")
    private String contest = "";

    @Option(
            names = "--exchanges",
            description = "All pairs of like men: what the position is worth without them.")
    private boolean exchanges;

    @Option(
            names = "--measure",
            description = "Times the facts seen at a glance on so many random positions.",
            paramLabel = "N")
    private int measured;

    @Option(
            names = "--all",
            description = "All facts of a group; three of a side if left out, what matters first.")
    private boolean all;

    @Option(
            names = "--verify",
            description =
                    "Holds what is claimed of positions out of these games against the rules and"
                            + " longer searches.",
            paramLabel = "PGN")
    private Path verified;

    @Option(
            names = "--positions",
            description = "With --verify: how many positions; 500 if left out.",
            paramLabel = "N")
    private int wanted = 500;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        Position start = position.position();
        if (nodes < 0) {
            throw new BadInputException("The nodes must not be negative.");
        }
        if (verified != null) {
            verify();
        } else if (measured > 0) {
            measure();
        } else if (!after.isBlank()) {
            change(start);
        } else if (exchanges) {
            exchanges(start);
        } else if (!route.isBlank()) {
            route(start);
        } else if (!contest.isBlank()) {
            contest(start);
        } else {
            facts(start);
        }
        return 0;
    }

    // ---- Speed ----------------------------------------------------------------------------------

    /** Twice over the same positions; the first time warms the compiler up and does not count. */
    private void measure() {
        List<Position> positions = new ArrayList<>();
        Random random = new Random(1);
        while (positions.size() < measured) {
            Position p = Position.START;
            for (int ply = random.nextInt(80); ply > 0 && !p.legalMoves().isEmpty(); ply--) {
                p = p.play(p.legalMoves().get(random.nextInt(p.legalMoves().size())));
            }
            positions.add(p);
        }
        long facts = 0;
        long nanos = 0;
        for (int round = 0; round < 2; round++) {
            long began = System.nanoTime();
            facts = positions.stream().mapToLong(p -> Insight.of(p).size()).sum();
            nanos = System.nanoTime() - began;
        }
        double micros = nanos / 1000.0 / measured;
        ObjectNode document = Output.document().put("positions", measured).put("facts", facts);
        long told = facts;
        output.print(
                document.put("microsEach", micros),
                out ->
                        out.printf(
                                Locale.ROOT,
                                "%d positions, %d facts, %.0f microseconds each%n",
                                measured,
                                told,
                                micros));
    }

    // ---- Truth ----------------------------------------------------------------------------------

    private void verify() throws IOException {
        if (wanted < 1) {
            throw new BadInputException("The number of positions must be positive.");
        }
        List<Position> positions = TruthRun.positions(verified, wanted);
        TruthRun run = new TruthRun(nodes, cache.endings());
        PrintWriter err = spec.commandLine().getErr();
        for (int i = 0; i < positions.size(); i++) {
            run.look(positions.get(i));
            if ((i + 1) % TOLD_EVERY == 0) {
                err.printf("%d of %d positions%n", i + 1, positions.size());
            }
        }
        output.print(run.document(), run::print);
    }

    // ---- All facts ------------------------------------------------------------------------------

    private void facts(Position start) {
        List<Move> compared =
                moves.isBlank() ? StructureComparison.recaptures(start) : one(start, moves);
        List<Fact> facts = new ArrayList<>(Insight.of(start));
        if (nodes > 0) {
            PrintWriter err = spec.commandLine().getErr();
            BuiltInEngine engine = new BuiltInEngine(16, cache.endings());
            new SearchedInsight(engine, nodes)
                    .search(
                            start,
                            FactSink.into(facts),
                            (part, doing) -> err.printf("looking for %s%n", doing),
                            new Cancellation());
        }
        facts.sort(
                Comparator.comparing((Fact f) -> f.kind().group())
                        .thenComparing(Fact.HEAVIEST_FIRST));
        List<StructureComparison> structures = StructureComparison.of(start, compared);
        ObjectNode document = Output.document().put("fen", start.fen());
        document.putArray("facts").addAll(FactJson.list(start, facts));
        document.set("forcing", forcing(start));
        Compensation.of(start).ifPresent(c -> document.set("compensation", compensation(c)));
        ArrayNode sideBySide = document.putArray("structures");
        for (StructureComparison s : structures) {
            Position then = start.play(s.move());
            ObjectNode node = sideBySide.addObject().put("move", San.write(start, s.move()));
            node.putArray("facts").addAll(FactJson.list(then, s.structure()));
            node.set("change", FactJson.change(start, then, s.change()));
            Concession.of(start, s.move()).ifPresent(c -> node.set("concession", concession(c)));
        }
        int most = all ? Integer.MAX_VALUE : Fact.SHOWN;
        output.print(document, out -> print(out, start, facts, most, structures));
    }

    private static void print(
            PrintWriter out,
            Position start,
            List<Fact> facts,
            int most,
            List<StructureComparison> structures) {
        for (FactGroup group : FactGroup.values()) {
            List<Fact> ofGroup = facts.stream().filter(f -> f.kind().group() == group).toList();
            if (!ofGroup.isEmpty()) {
                out.println(group.title());
                printBySide(out, start, ofGroup, most);
            }
        }
        for (Side side : Side.values()) {
            ForcingMoves forcing = ForcingMoves.of(new Scene(start), side);
            forcing.from()
                    .ifPresent(
                            from -> {
                                List<String> list =
                                        forcing.moves().stream().map(m -> words(from, m)).toList();
                                out.println("Forcing moves of " + side.word());
                                out.println("  " + String.join(", ", list));
                            });
        }
        if (!structures.isEmpty()) {
            StructureTable table = StructureTable.of(start, structures);
            List<List<String>> lines = new ArrayList<>(List.of(table.columns()));
            table.rows().forEach(r -> lines.add(r.cells()));
            out.printf("%-28s%s%n", "Structures", columns(table.columns(), lines));
            table.rows()
                    .forEach(r -> out.printf("  %-26s%s%n", r.label(), columns(r.cells(), lines)));
        }
        for (StructureComparison s : structures) {
            out.println("After " + San.write(start, s.move()));
            Concession.of(start, s.move())
                    .ifPresent(c -> out.println(FactJson.row(start, c.fact(s.move()))));
            printChange(out, start, start.play(s.move()), s.change());
        }
    }

    /** Cells side by side, each column as wide as its widest cell and a gap. */
    private static String columns(List<String> cells, List<List<String>> lines) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < cells.size(); i++) {
            int column = i;
            int widest = lines.stream().mapToInt(l -> l.get(column).length()).max().orElse(0);
            text.append(String.format("%-" + (widest + 2) + "s", cells.get(i)));
        }
        return text.toString().stripTrailing();
    }

    private static void printBySide(PrintWriter out, Position start, List<Fact> facts, int most) {
        for (Optional<Side> side :
                List.of(Optional.<Side>empty(), Optional.of(Side.WHITE), Optional.of(Side.BLACK))) {
            List<Fact> own = facts.stream().filter(f -> f.side().equals(side)).toList();
            own.stream().limit(most).forEach(f -> out.println(FactJson.row(start, f)));
            if (own.size() > most) {
                out.printf("           %d more with --all%n", own.size() - most);
            }
        }
    }

    private static String words(Position from, ForcingMoves.Forcing move) {
        String exchange = String.format(Locale.ROOT, "%+.2f", move.exchange() / 100.0);
        String threat =
                move.threatensMate()
                        ? ", threatens mate"
                        : move.threatens() > 0
                                ? String.format(
                                        Locale.ROOT, ", threatens %+.2f", move.threatens() / 100.0)
                                : "";
        return San.write(from, move.move()) + " (" + exchange + threat + ")";
    }

    private static ObjectNode concession(Concession concession) {
        ObjectNode node = Output.document();
        node.set("gives", Output.node(concession.gives()));
        node.set("gains", Output.node(concession.gains()));
        return node;
    }

    private static ObjectNode compensation(Compensation sheet) {
        ObjectNode node = Output.document().put("ahead", FactJson.word(sheet.ahead()));
        node.put("material", sheet.material());
        ArrayNode terms = node.putArray("terms");
        sheet.terms().forEach(t -> terms.addObject().put("name", t.name()).put("value", t.value()));
        return node.put("left", sheet.left());
    }

    private static ObjectNode forcing(Position start) {
        ObjectNode node = Output.document();
        for (Side side : Side.values()) {
            ArrayNode list = node.putArray(FactJson.word(side));
            ForcingMoves forcing = ForcingMoves.of(new Scene(start), side);
            for (ForcingMoves.Forcing m : forcing.moves()) {
                String san = San.write(forcing.from().orElseThrow(), m.move());
                ObjectNode move = list.addObject().put("move", san);
                move.put("way", m.way().name().toLowerCase(Locale.ROOT));
                move.put("exchange", m.exchange()).put("threatens", m.threatens());
                move.put("threatensMate", m.threatensMate());
            }
        }
        return node;
    }

    // ---- One question ---------------------------------------------------------------------------

    private void change(Position start) {
        List<Move> played = inTurn(start, after);
        Position end = start.play(played);
        FactChange change =
                played.size() == 1
                        ? Insight.change(start, played.get(0))
                        : Insight.change(start, end);
        ObjectNode document = Output.document().put("fen", end.fen());
        document.setAll(FactJson.change(start, end, change));
        output.print(document, out -> printChange(out, start, end, change));
    }

    private static void printChange(
            PrintWriter out, Position before, Position after, FactChange change) {
        change.gone().forEach(f -> out.println("-" + FactJson.row(before, f)));
        change.come().forEach(f -> out.println("+" + FactJson.row(after, f)));
    }

    private void route(Position start) {
        String[] ends = route.strip().split("-");
        if (ends.length != 2) {
            throw new BadInputException("A route is two squares, such as f1-d5: " + route);
        }
        int from = square(ends[0]);
        int to = square(ends[1]);
        Scene scene = new Scene(start);
        if (start.pieceAt(from).filter(p -> p.type() != PieceType.PAWN).isEmpty()) {
            throw new BadInputException("No piece stands on " + ends[0] + ".");
        }
        Routes routes = new Routes(scene, from, FAR);
        List<List<Integer>> ways = routes.to(to);
        ObjectNode document = Output.document().put("moves", routes.movesTo(to));
        document.set("routes", Output.node(ways.stream().map(FactJson::names).toList()));
        output.print(
                document,
                out -> {
                    out.println(
                            ways.isEmpty()
                                    ? "No safe route of up to " + FAR + " moves."
                                    : routes.movesTo(to) + " moves:");
                    ways.forEach(w -> out.println("  " + String.join("-", FactJson.names(w))));
                });
    }

    private void exchanges(Position start) {
        BuiltInEngine engine = new BuiltInEngine(16, cache.endings());
        List<Exchange> all =
                new ExchangeInquiry(engine, Math.max(1, nodes))
                        .exchanges(start, new Cancellation());
        Scene scene = new Scene(start);
        ObjectNode document = Output.document();
        ArrayNode list = document.putArray("exchanges");
        for (Exchange e : all) {
            ObjectNode node = list.addObject().put("side", FactJson.word(scene.sideAt(e.own())));
            node.put("own", Square.name(e.own())).put("other", Square.name(e.other()));
            node.put("before", e.before()).put("after", e.after()).put("gain", e.gain());
            node.set("reasons", Output.node(e.reasons()));
            node.set("plan", Output.node(FactJson.names(e.plan())));
        }
        output.print(
                document,
                out ->
                        all.forEach(
                                e ->
                                        out.println(
                                                scene.sideAt(e.own()).word()
                                                        + " "
                                                        + e.fact(scene).text())));
    }

    private void contest(Position start) {
        Scene scene = new Scene(start);
        Contest found = Contest.of(scene, square(contest.strip()));
        ObjectNode document = Output.document().put("square", contest.strip());
        document.set("white", Output.node(FactJson.names(found.white())));
        document.set("black", Output.node(FactJson.names(found.black())));
        document.put("gain", found.gain());
        document.set("holds", Output.node(found.holds().stream().map(FactJson::word).toList()));
        output.print(document, out -> out.println(found.text(scene)));
    }

    private static int square(String name) {
        int square = Square.parse(name);
        if (square < 0) {
            throw new BadInputException("'" + name + "' is not a square.");
        }
        return square;
    }

    private static List<Move> one(Position start, String list) {
        List<Move> found = new ArrayList<>();
        for (String san : list.split(",")) {
            found.add(read(start, san));
        }
        return found;
    }

    private static List<Move> inTurn(Position start, String list) {
        List<Move> found = new ArrayList<>();
        Position p = start;
        for (String san : list.split("[, ]+")) {
            Move move = read(p, san);
            found.add(move);
            p = p.play(move);
        }
        return found;
    }

    private static Move read(Position p, String san) {
        try {
            return San.read(p, san.strip());
        } catch (NotationException e) {
            throw new BadInputException(e.getMessage() + ".");
        }
    }
}

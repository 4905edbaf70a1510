package org.zeroply.cli.insight;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.Node;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TextTable;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.insight.FactSink;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.insight.SearchedInsight;
import org.zeroply.coach.insight.TruthCheck;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

/** Tries the claims about positions out of games, and counts what was confirmed and what not. */
final class TruthRun {

    /** Positions before this ply are much alike. */
    private static final int FIRST_PLY = 10;

    /** A claim is tried on so many times the nodes that it was made with. */
    private static final int FACTOR = 5;

    private static final int MEGABYTES = 16;

    /** How often each verdict was given, by kind. */
    private final Map<FactKind, int[]> counts = new EnumMap<>(FactKind.class);

    /** A claim that did not hold. */
    private record Wrong(Position position, Fact fact) {}

    private final List<Wrong> wrong = new ArrayList<>();
    private final TruthCheck check;
    private final Optional<SearchedInsight> searched;
    private int positions;

    /**
     * @param nodes of a searched question; with 0 only what is seen at a glance is claimed
     */
    TruthRun(long nodes, Endings endings) {
        long longer = FACTOR * (nodes > 0 ? nodes : SearchedInsight.NODES);
        BuiltInEngine judge = new BuiltInEngine(MEGABYTES, endings);
        check = new TruthCheck(new MoveEvaluator(judge, longer, new Cancellation()));
        BuiltInEngine engine = new BuiltInEngine(MEGABYTES, endings);
        searched = nodes > 0 ? Optional.of(new SearchedInsight(engine, nodes)) : Optional.empty();
    }

    /** Positions of a file of games, spread evenly over it. */
    static List<Position> positions(Path file, int wanted) throws IOException {
        List<Position> all = new ArrayList<>();
        try (PgnReader reader = PgnReader.open(file)) {
            for (Optional<PgnEntry> e = reader.next(); e.isPresent(); e = reader.next()) {
                if (e.get() instanceof PgnEntry.Game game) {
                    List<Node> line = game.tree().mainLine();
                    line.stream().skip(FIRST_PLY).map(Node::position).forEach(all::add);
                }
            }
        }
        if (all.isEmpty()) {
            throw new BadInputException("There is no game of more than ten plies in " + file + ".");
        }
        List<Position> spread = new ArrayList<>();
        int count = Math.min(wanted, all.size());
        for (int i = 0; i < count; i++) {
            spread.add(all.get((int) ((long) i * all.size() / count)));
        }
        return spread;
    }

    /** Tries all claims about one position. */
    void look(Position position) {
        positions++;
        List<Fact> facts = new ArrayList<>(Insight.of(position));
        searched.ifPresent(
                s ->
                        s.search(
                                position,
                                FactSink.into(facts),
                                (part, doing) -> {},
                                new Cancellation()));
        for (Fact fact : facts) {
            TruthCheck.Verdict verdict = check.of(position, fact);
            counts.computeIfAbsent(fact.kind(), k -> new int[3])[verdict.ordinal()]++;
            if (verdict == TruthCheck.Verdict.FALSE) {
                wrong.add(new Wrong(position, fact));
            }
        }
    }

    ObjectNode document() {
        ObjectNode document = Output.document().put("positions", positions);
        ObjectNode kinds = document.putObject("kinds");
        counts.forEach(
                (kind, n) -> {
                    ObjectNode of = kinds.putObject(kind.word());
                    of.put("confirmed", n[0]).put("false", n[1]).put("notTried", n[2]);
                });
        ArrayNode list = document.putArray("false");
        wrong.forEach(
                w -> {
                    ObjectNode one = list.addObject().put("fen", w.position().fen());
                    one.put("kind", w.fact().kind().word());
                    one.put("sentence", w.fact().sentence());
                });
        return document;
    }

    void print(PrintWriter out) {
        out.printf("%,d positions%n", positions);
        TextTable table = new TextTable("lr").row("kind", "confirmed", "false");
        counts.forEach(
                (kind, n) -> {
                    if (n[0] + n[1] > 0) {
                        table.row(kind.word(), n[0], n[1]);
                    }
                });
        table.print(out);
        wrong.forEach(w -> out.println(w.position().fen() + "  " + w.fact().sentence()));
    }
}

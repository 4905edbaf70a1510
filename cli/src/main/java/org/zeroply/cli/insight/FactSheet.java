package org.zeroply.cli.insight;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TextTable;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.FactGroup;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.structure.StructureComparison;
import org.zeroply.coach.fact.structure.StructureTable;
import org.zeroply.coach.fact.tactics.ForcingMoves;
import org.zeroply.coach.insight.Compensation;
import org.zeroply.coach.insight.Concession;

/** Everything that a position holds, as a document and as text. */
final class FactSheet {

    private final Position start;
    private final List<Fact> facts;
    private final List<StructureComparison> structures;

    /**
     * @param facts all that was found, in any order
     * @param compared moves of which the structures they lead to are told side by side
     */
    FactSheet(Position start, List<Fact> facts, List<Move> compared) {
        this.start = start;
        this.facts =
                facts.stream()
                        .sorted(
                                Comparator.comparing((Fact f) -> f.kind().group())
                                        .thenComparing(Fact.HEAVIEST_FIRST))
                        .toList();
        this.structures = StructureComparison.of(start, compared);
    }

    ObjectNode document() {
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
        return document;
    }

    /**
     * Prints the facts by group and side.
     *
     * @param most so many of a side in a group
     */
    void print(PrintWriter out, int most) {
        for (FactGroup group : FactGroup.values()) {
            List<Fact> ofGroup = facts.stream().filter(f -> f.kind().group() == group).toList();
            if (!ofGroup.isEmpty()) {
                out.println(group.title());
                printBySide(out, start, ofGroup, most);
            }
        }
        for (Side side : Side.values()) {
            ForcingMoves forcing = ForcingMoves.of(new Scene(start), side);
            if (!forcing.moves().isEmpty()) {
                Position from = forcing.from().orElseThrow();
                List<String> list = forcing.moves().stream().map(m -> words(from, m)).toList();
                out.println("Forcing moves of " + side.word());
                out.println("  " + String.join(", ", list));
            }
        }
        StructureTable table = StructureTable.of(start, structures);
        if (!table.rows().isEmpty()) {
            TextTable text = new TextTable("l").row("Structures", table.columns());
            table.rows().forEach(r -> text.row("  " + r.label(), r.cells()));
            text.print(out);
        }
        for (StructureComparison s : structures) {
            out.println("After " + San.write(start, s.move()));
            Concession.of(start, s.move())
                    .ifPresent(c -> out.println(FactJson.row(start, c.fact(s.move()))));
            printChange(out, start, start.play(s.move()), s.change());
            if (s.change().come().isEmpty() && s.change().gone().isEmpty()) {
                out.println("  the structure stays");
            }
        }
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
        ObjectNode node = Output.document().put("ahead", sheet.ahead().smallWord());
        node.put("material", sheet.material());
        ArrayNode terms = node.putArray("terms");
        sheet.terms().forEach(t -> terms.addObject().put("name", t.name()).put("value", t.value()));
        return node.put("left", sheet.left());
    }

    private static ObjectNode forcing(Position start) {
        ObjectNode node = Output.document();
        for (Side side : Side.values()) {
            ArrayNode list = node.putArray(side.smallWord());
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

    static void printChange(PrintWriter out, Position before, Position after, FactChange change) {
        change.gone().forEach(f -> out.println("-" + FactJson.row(before, f)));
        change.come().forEach(f -> out.println("+" + FactJson.row(after, f)));
    }
}

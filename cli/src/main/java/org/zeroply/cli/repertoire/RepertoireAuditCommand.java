package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.chess.notation.Counted;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.repertoire.Audit;
import org.zeroply.coach.repertoire.EngineAudit;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Shares;
import org.zeroply.engine.analysis.Cancellation;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "audit",
        description =
                "What can be said against a repertoire: gaps, contradictions, dead ends, costly"
                        + " choices, traps, moves that must be known, lines nobody plays.")
final class RepertoireAuditCommand implements Callable<Integer> {

    /** Gaps printed as text; a document has them all. */
    private static final int MOST_GAPS = 20;

    @Mixin private Output output;
    @Mixin private final RepertoireInput input = new RepertoireInput();

    @Option(
            names = "--max-loss",
            description = "Points of a hundred that a move of ours may lose.",
            paramLabel = "X")
    private double most = EngineAudit.USUAL_LOSS;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    /** All that was found. */
    private record Found(
            boolean played,
            List<Audit.Gap> gaps,
            List<Audit.Contradiction> contradictions,
            List<Audit.DeadEnd> deadEnds,
            List<Audit.Unreached> unreached,
            Misread misread,
            EngineAudit.Findings engine) {}

    /** What the repertoire holds that cannot be read. */
    private record Misread(List<Audit.Unreadable> cards, List<Audit.BrokenCommand> commands) {}

    @Override
    public Integer call() throws IOException {
        try (input) {
            answer();
            return 0;
        }
    }

    private void answer() throws IOException {
        PrintWriter err = spec.commandLine().getErr();
        Repertoire repertoire = input.repertoire(err);
        Shares shares = input.shares(err);
        Audit audit = new Audit(repertoire, shares);
        EngineAudit.Findings engine =
                input.nodes() <= 0
                        ? new EngineAudit.Findings(List.of(), List.of(), List.of())
                        : new EngineAudit(repertoire, shares, input.engine(), input.nodes(), most)
                                .run(p -> {}, new Cancellation())
                                .orElseThrow();
        Found found =
                new Found(
                        shares.areFromGames(),
                        audit.gaps(input.school()),
                        audit.contradictions(),
                        audit.deadEnds(),
                        audit.unreached(),
                        new Misread(audit.unreadable(), audit.brokenCommands()),
                        engine);
        ObjectNode document = document(found);
        document.set("rejected", Output.node(input.rejected()));
        output.print(document, out -> print(out, found));
    }

    private static ObjectNode document(Found found) {
        ObjectNode node = Output.document();
        ArrayNode gaps = node.putArray("gaps");
        for (Audit.Gap g : found.gaps()) {
            ObjectNode gap = gaps.addObject().put("line", g.line()).put("reply", g.reply());
            gap.put("share", g.share());
            if (found.played()) {
                gap.put("games", g.games());
            }
        }
        ArrayNode contradictions = node.putArray("contradictions");
        for (Audit.Contradiction c : found.contradictions()) {
            ObjectNode item = contradictions.addObject().put("fen", c.spot().position().fen());
            item.set("moves", Output.node(c.moves()));
            item.set("lines", Output.node(c.lines()));
        }
        ArrayNode ends = node.putArray("deadEnds");
        found.deadEnds()
                .forEach(d -> ends.addObject().put("line", d.line()).put("reason", d.why()));
        ArrayNode unreached = node.putArray("unreached");
        found.unreached()
                .forEach(
                        u ->
                                unreached
                                        .addObject()
                                        .put("line", u.line())
                                        .put("reply", u.reply())
                                        .put("games", u.games()));
        ArrayNode unreadable = node.putArray("unreadableCards");
        found.misread()
                .cards()
                .forEach(
                        u ->
                                unreadable
                                        .addObject()
                                        .put("line", u.spot().line())
                                        .put("card", u.text())
                                        .put("reason", u.why()));
        ArrayNode broken = node.putArray("brokenCommands");
        found.misread()
                .commands()
                .forEach(
                        b -> broken.addObject().put("line", b.spot().line()).put("text", b.text()));
        engine(node, found.engine());
        return node;
    }

    private static void engine(ObjectNode node, EngineAudit.Findings found) {
        ArrayNode costly = node.putArray("costly");
        ArrayNode accepted = node.putArray("accepted");
        for (EngineAudit.Costly c : found.costly()) {
            ObjectNode item = Output.document().put("line", c.spot().line());
            item.put("move", c.move()).put("better", first(c.better())).put("loss", c.loss());
            item.set("betterLine", Output.node(c.better()));
            c.accepted().ifPresent(reason -> item.put("reason", reason));
            (c.accepted().isPresent() ? accepted : costly).add(item);
        }
        ArrayNode traps = node.putArray("traps");
        for (EngineAudit.Trap t : found.traps()) {
            ObjectNode item = traps.addObject().put("line", t.spot().line());
            item.put("move", t.move())
                    .put("reply", t.fall().reply())
                    .put("share", t.fall().share());
            item.put("gain", t.fall().gain()).put("cost", t.cost()).put("marked", t.marked());
            item.set("punishment", Output.node(t.fall().punishment()));
        }
        ArrayNode must = node.putArray("mustKnow");
        for (EngineAudit.MustKnow m : found.mustKnow()) {
            ObjectNode item = must.addObject().put("line", m.spot().line());
            item.put("move", m.move()).put("depthFound", m.depth());
            item.put("marked", m.marked());
            m.found().ifPresent(f -> item.put("found", f));
        }
    }

    private static String first(List<String> line) {
        return line.isEmpty() ? "" : line.get(0);
    }

    private static void print(PrintWriter out, Found found) {
        heading(out, "Gaps", found.gaps().size());
        found.gaps().stream()
                .limit(MOST_GAPS)
                .forEach(
                        g ->
                                row(
                                        out,
                                        "%s  %s   %.1f%%%s",
                                        g.line(),
                                        g.reply(),
                                        100 * g.share(),
                                        found.played() ? ", " + games(g.games()) : ""));
        if (found.gaps().size() > MOST_GAPS) {
            row(out, "and %d rarer ones", found.gaps().size() - MOST_GAPS);
        }
        heading(out, "Contradictions", found.contradictions().size());
        found.contradictions().forEach(c -> row(out, "%s", String.join("   but   ", c.lines())));
        heading(out, "Dead ends", found.deadEnds().size());
        found.deadEnds().forEach(d -> row(out, "%s   %s", d.line(), d.why()));
        heading(out, "Never played", found.unreached().size());
        found.unreached()
                .forEach(
                        u ->
                                row(
                                        out,
                                        "%s  %s   none of %s",
                                        u.line(),
                                        u.reply(),
                                        games(u.games())));
        if (!found.misread().cards().isEmpty()) {
            heading(out, "Cards that cannot be read", found.misread().cards().size());
            found.misread().cards().forEach(u -> row(out, "%s  %s", u.spot().line(), u.why()));
        }
        if (!found.misread().commands().isEmpty()) {
            heading(out, "Commands that cannot be read", found.misread().commands().size());
            found.misread().commands().forEach(b -> row(out, "%s  %s", b.spot().line(), b.text()));
        }
        heading(out, "Costly", found.engine().costly().size());
        found.engine()
                .costly()
                .forEach(
                        c ->
                                row(
                                        out,
                                        "%s  %s   the engine disagrees by %.0f points, it prefers %s%s",
                                        c.spot().line(),
                                        c.move(),
                                        c.loss(),
                                        first(c.better()),
                                        c.accepted().map(r -> "; accepted: " + r).orElse("")));
        heading(out, "Traps", found.engine().traps().size());
        found.engine()
                .traps()
                .forEach(
                        t ->
                                row(
                                        out,
                                        "%s  %s   %s (%.0f%%) loses %.0f points to %s; costs %.0f"
                                                + " when they know it",
                                        t.spot().line(),
                                        t.move(),
                                        t.fall().reply(),
                                        100 * t.fall().share(),
                                        t.fall().gain(),
                                        first(t.fall().punishment()),
                                        t.cost()));
        heading(out, "Must know", found.engine().mustKnow().size());
        found.engine()
                .mustKnow()
                .forEach(
                        m ->
                                row(
                                        out,
                                        "%s  %s   %sfound by %s, from depth %d",
                                        m.spot().line(),
                                        m.move(),
                                        m.marked() ? "marked; " : "",
                                        found(m.found()),
                                        m.depth()));
    }

    private static String games(int count) {
        return Counted.of(count, "game");
    }

    private static String found(Optional<Double> part) {
        return part.map(f -> Math.round(100 * f) + "%").orElse("too few games to say");
    }

    private static void heading(PrintWriter out, String name, int count) {
        out.println(name + (count == 0 ? ": none" : ":"));
    }

    private static void row(PrintWriter out, String format, Object... values) {
        out.println("  " + String.format(Locale.ROOT, format, values).strip());
    }
}

package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.CandidateGroup;
import org.zeroply.coach.defence.elimination.Cost;
import org.zeroply.coach.defence.elimination.DefenceKind;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.pin.Pin;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.coach.evaluation.Price;

/** The answer of {@code defend} as a document. */
final class DefenceJson {

    private final Elimination found;
    private final List<Pin> pins;
    private final Position position;

    DefenceJson(Elimination found, List<Pin> pins) {
        this.found = found;
        this.pins = pins;
        position = found.position();
    }

    ObjectNode document() {
        ObjectNode document = Output.document().put("fen", position.fen());
        document.put("inCheck", position.inCheck());
        document.set("threat", threat(found.threat()));
        document.put("class", found.result().word());
        ArrayNode candidates = document.putArray("candidates");
        found.candidates().forEach(c -> candidates.add(candidate(c)));
        document.put("onlyMove", found.onlyMove().map(c -> san(c.move())).orElse(null));
        ArrayNode groups = document.putArray("groups");
        found.groups().forEach(g -> groups.add(group(g)));
        document.set("counterThreat", threat(found.chances().counterThreat()));
        document.put("coverCanStay", found.chances().coverCanStay().orElse(null));
        ArrayNode list = document.putArray("pins");
        pins.forEach(p -> list.add(pin(p)));
        document.set(
                "mateThreat", threat(found.threat().filter(t -> t.kind() == Threat.Kind.MATE)));
        return document.put("text", found.text());
    }

    private static ObjectNode threat(Optional<Threat> threat) {
        return threat.map(
                        t -> {
                            ObjectNode node = Output.document();
                            node.put("move", San.write(t.from(), t.move()));
                            node.set("line", Output.node(Line.san(t.from(), t.line())));
                            node.put("kind", t.kind().word()).put("gain", t.gain());
                            t.mateIn().ifPresent(n -> node.put("mateIn", n));
                            return node;
                        })
                .orElse(null);
    }

    private ObjectNode candidate(Candidate c) {
        ObjectNode node = Output.document().put("move", san(c.move()));
        node.put("holds", c.holds().orElse(null)).put("class", c.result().word());
        node.put("grade", c.grade().word()).put("price", c.price().map(Price::words).orElse(null));
        node.put("loss", found.loss(c).points());
        List<String> reply = Line.san(position.play(c.move()), c.reply());
        node.set("refutation", Output.node(c.isWeaker() ? reply : List.of()));
        node.put("motif", c.isWeaker() ? c.motif() : null);
        node.set("kinds", Output.node(c.kinds().stream().map(DefenceKind::word).toList()));
        node.set("costs", Output.node(c.costs().stream().map(x -> x.kind().word()).toList()));
        node.set("costWords", Output.node(c.costs().stream().map(Cost::text).toList()));
        node.set("line", Output.node(reply));
        node.set("score", Output.node(Output.score(c.weighed().score())));
        return node.put("expected", c.weighed().expected().value())
                .put("exact", c.weighed().exact());
    }

    private ObjectNode group(CandidateGroup g) {
        ObjectNode node = Output.document().put("text", g.text());
        node.set("moves", Output.node(g.moves().stream().map(this::san).toList()));
        return node.put("reply", g.reply()).put("motif", g.motif());
    }

    private ObjectNode pin(Pin p) {
        ObjectNode node = Output.document().put("pinned", Square.name(p.pinned()));
        node.put("pinner", Square.name(p.pinner())).put("behind", Square.name(p.behind()));
        node.put("kind", p.kind().word());
        ArrayNode ways = node.putArray("waysOut");
        for (Pin.WayOut way : p.waysOut()) {
            ObjectNode one = ways.addObject().put("move", san(way.move()));
            one.put("kind", way.way().word()).put("works", way.works().orElse(null));
            Position after = position.play(way.move());
            one.set("refutation", Output.node(Line.san(after, way.refutation())));
        }
        return node;
    }

    private String san(Move move) {
        return San.write(position, move);
    }
}

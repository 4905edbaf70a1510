package org.zeroply.cli.defence;

import java.io.PrintWriter;
import java.util.List;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.CandidateGroup;
import org.zeroply.coach.defence.elimination.Cost;
import org.zeroply.coach.defence.elimination.DefenceKind;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.pin.Pin;
import org.zeroply.coach.evaluation.Price;
import org.zeroply.coach.fact.Scene;

/** The answer of {@code defend} for people. */
final class DefenceText {

    private final Elimination found;
    private final List<Pin> pins;
    private final Position position;

    DefenceText(Elimination found, List<Pin> pins) {
        this.found = found;
        this.pins = pins;
        position = found.position();
    }

    void print(PrintWriter out) {
        String other = position.sideToMove().other().word();
        found.threat()
                .ifPresentOrElse(
                        t -> out.println(other + " " + t.text()),
                        () ->
                                out.println(
                                        position.inCheck()
                                                ? position.sideToMove().word() + " is in check"
                                                : other + " threatens nothing"));
        found.chances()
                .coverCanStay()
                .ifPresent(
                        stay ->
                                out.println(
                                        stay
                                                ? "The pawns before the king can stay."
                                                : "The pawns before the king cannot all stay."));
        out.println(found.text());
        for (Candidate c : found.candidates()) {
            out.println(candidate(c));
        }
        for (CandidateGroup group : found.groups()) {
            out.println("together: " + group.text());
        }
        found.chances()
                .counterThreat()
                .ifPresent(
                        t ->
                                out.println(
                                        "After the best move "
                                                + position.sideToMove().word()
                                                + " "
                                                + t.text()));
        pins.forEach(p -> pin(p, out));
    }

    private String candidate(Candidate c) {
        StringBuilder text = new StringBuilder("  ");
        text.append(String.format("%-10s  ", c.grade().words()));
        text.append(Line.numbered(position, c.weighed().line()));
        text.append(" (").append(why(c)).append(c.weighed().exact() ? ", exact)" : ")");
        String kinds = c.kinds().stream().map(DefenceKind::words).collect(Collectors.joining(", "));
        String costs = c.costs().stream().map(Cost::text).collect(Collectors.joining("; "));
        text.append(kinds.isEmpty() ? "" : "; " + kinds);
        return text.append(costs.isEmpty() ? "" : "; costs: " + costs).toString();
    }

    private static String why(Candidate c) {
        return c.price().map(Price::words).orElse(c.isRefuted() ? c.motif() : c.result().words());
    }

    private void pin(Pin p, PrintWriter out) {
        Scene scene = new Scene(position);
        String behind =
                p.kind() == Pin.Kind.SQUARE
                        ? "the square " + Square.name(p.behind())
                        : "the " + scene.man(p.behind());
        out.printf(
                "Pinned: %s to %s by %s%n", scene.man(p.pinned()), behind, scene.man(p.pinner()));
        for (Pin.WayOut way : p.waysOut()) {
            String works = way.works().map(w -> w ? "works" : "fails").orElse("unclear");
            String line = way.refutation().isEmpty() ? "" : ": " + refutation(way);
            out.printf(
                    "  %s %s: %s%s%n",
                    San.write(position, way.move()), way.way().words(), works, line);
        }
    }

    private String refutation(Pin.WayOut way) {
        return Line.numbered(position.play(way.move()), way.refutation());
    }
}

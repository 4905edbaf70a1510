package org.zeroply.cli.console;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.tactics.Contest;

/** Facts as JSON. */
public final class FactJson {

    private FactJson() {}

    /**
     * One fact: {@code kind}, {@code side} ({@code white}, {@code black} or {@code both}), {@code
     * squares}, {@code text}, {@code weight}, {@code group}, {@code traits}, {@code figures};
     * {@code line} in SAN where it was searched, a pass written {@code --}.
     */
    public static ObjectNode of(Position position, Fact fact) {
        ObjectNode node = Output.document().put("kind", fact.kind().word());
        node.put("side", fact.side().map(Side::smallWord).orElse("both"));
        node.set("squares", Output.node(names(fact.squares())));
        node.put("text", fact.text()).put("weight", fact.weight());
        node.put("group", fact.kind().group().name().toLowerCase(Locale.ROOT));
        node.set("traits", Output.node(fact.traits()));
        node.set("figures", Output.node(fact.figures()));
        if (!fact.line().isEmpty()) {
            node.set("line", Output.node(Line.san(position, fact.line())));
        }
        return node;
    }

    public static List<ObjectNode> list(Position position, List<Fact> facts) {
        return facts.stream().map(f -> of(position, f)).toList();
    }

    /** What is gone and what has come, each with its position. */
    public static ObjectNode change(Position before, Position after, FactChange change) {
        ObjectNode node = Output.document();
        node.putArray("gone").addAll(list(before, change.gone()));
        node.putArray("come").addAll(list(after, change.come()));
        return node;
    }

    /**
     * A square that both sides bear on: {@code square}, {@code white} and {@code black} with the
     * men that do, {@code gain} in centipawns for the side that does not hold it, {@code holds}.
     */
    public static ObjectNode contest(Contest contest) {
        ObjectNode node = Output.document().put("square", Square.name(contest.square()));
        node.set("white", Output.node(names(contest.white())));
        node.set("black", Output.node(names(contest.black())));
        node.put("gain", contest.gain());
        node.set("holds", Output.node(contest.holds().stream().map(Side::smallWord).toList()));
        return node;
    }

    public static List<String> names(List<Integer> squares) {
        return squares.stream().map(Square::name).toList();
    }

    /** A fact as a row of text, with its line. */
    public static String row(Position position, Fact fact) {
        List<Move> line = fact.line();
        String proof = line.isEmpty() ? "" : "  [" + Line.numbered(position, line) + "]";
        return String.format(
                "  %-9s%s%s", fact.side().map(Side::word).orElse(""), fact.text(), proof);
    }
}

package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.defence.ActiveDefence;
import org.zeroply.coach.defence.ChecksEnough;
import org.zeroply.coach.defence.Elimination;
import org.zeroply.coach.defence.FortressTrial;
import org.zeroply.coach.defence.Wish;
import org.zeroply.coach.defence.WishFinder;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.tactics.Contest;
import org.zeroply.coach.insight.TiedInquiry;
import org.zeroply.coach.play.Strength;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/** The single questions of {@code defend} and their answers. */
final class DefendQuestions {

    private static final long CHECK_NODES = 2_000_000;
    private static final long SEED = 1;

    private final Position start;
    private final Output output;

    DefendQuestions(Position start, Output output) {
        this.start = start;
        this.output = output;
    }

    private ObjectNode document() {
        return Output.document().put("fen", start.fen());
    }

    void checks(Side side) {
        Position from =
                new Scene(start)
                        .withMove(side)
                        .orElseThrow(
                                () ->
                                        new BadInputException(
                                                side.other().word()
                                                        + " is in check and cannot pass."));
        ChecksEnough found = ChecksEnough.of(from, CHECK_NODES, new Cancellation());
        ObjectNode document = document().put("side", FactJson.word(side));
        document.put("outcome", found.outcome().word()).put("checks", found.checks());
        document.put("gain", found.gain());
        document.set("line", Output.node(Line.san(from, found.line())));
        document.set("kingPath", Output.node(FactJson.names(found.kingPath())));
        output.print(
                document,
                out -> {
                    out.printf("%s: %s%n", side.word(), found.outcome().words());
                    if (!found.line().isEmpty()) {
                        out.println("  " + Line.numbered(from, found.line()));
                        List<String> path = FactJson.names(found.kingPath());
                        out.println("  the king goes " + String.join(" - ", path));
                    }
                });
    }

    void wish(MoveEvaluator evaluator, String text) throws NotationException {
        Move wished = WishReader.read(start, text);
        Wish wish = new WishFinder(evaluator).find(start, wished.from(), wished.to(), p -> {});
        ObjectNode document = document().put("wish", text).put("worksNow", wish.worksNow());
        document.set(
                "now",
                Output.node(wish.now().map(w -> Line.san(start, w.line())).orElse(List.of())));
        document.put("complete", wish.complete());
        ArrayNode sets = document.putArray("sets");
        for (Wish.Preparation set : wish.sets()) {
            ObjectNode node = sets.addObject();
            node.set("moves", Output.node(names(set.moves())));
            node.set("orders", Output.node(set.orders().stream().map(this::names).toList()));
            node.set("line", Output.node(Line.san(start, set.line())));
            node.set("shots", Output.node(shots(set)));
        }
        output.print(
                document, out -> WishText.lines(wish, text, shotLines(wish)).forEach(out::println));
    }

    private List<String> names(List<Move> moves) {
        return moves.stream().map(m -> WishText.name(start, m)).toList();
    }

    private List<List<String>> shots(Wish.Preparation set) {
        List<List<String>> shots = new ArrayList<>();
        Position p = start;
        for (int i = 0; i < set.shots().size(); i++) {
            Position after = p.play(set.line().get(2 * i));
            shots.add(Line.san(after, set.shots().get(i)));
            p = after.play(set.line().get(2 * i + 1));
        }
        return shots;
    }

    private List<List<List<String>>> shotLines(Wish wish) {
        return wish.sets().stream().map(this::shots).toList();
    }

    void fortress(MoveEvaluator evaluator) {
        FortressTrial.Report report =
                new FortressTrial(evaluator)
                        .run(start, start.sideToMove(), FortressTrial.MOVES, p -> {});
        ObjectNode document = document().put("holding", FactJson.word(start.sideToMove()));
        document.put("outcome", report.outcome().name().toLowerCase(Locale.ROOT));
        document.put("move", report.move()).put("how", report.how());
        document.put("exact", report.exact());
        document.set("line", Output.node(Line.san(start, report.line())));
        output.print(
                document,
                out -> {
                    out.println(start.sideToMove().word() + ": " + report.text());
                    out.println("  " + Line.numbered(start, report.line()));
                });
    }

    void tied(Engine engine, long nodes) {
        List<Fact> facts = new ArrayList<>();
        new TiedInquiry(engine, nodes).answer(start, facts::add, new Cancellation());
        ObjectNode document = document();
        document.putArray("tied").addAll(FactJson.list(start, facts));
        output.print(
                document,
                out -> {
                    facts.forEach(f -> out.println(FactJson.row(start, f)));
                    if (facts.isEmpty()) {
                        out.println("No man is tied.");
                    }
                });
    }

    void contest(int square) {
        Scene scene = new Scene(start);
        Contest contest = Contest.of(scene, square);
        ObjectNode document = document().put("square", Square.name(square));
        document.set("white", Output.node(FactJson.names(contest.white())));
        document.set("black", Output.node(FactJson.names(contest.black())));
        document.put("gain", contest.gain());
        document.set("holds", Output.node(contest.holds().stream().map(FactJson::word).toList()));
        output.print(document, out -> out.println(contest.text(scene)));
    }

    void active(Engine engine, Elimination elimination, int strength, int games, long nodes) {
        ActiveDefence active = new ActiveDefence(engine, nodes);
        List<ActiveDefence.Try> tries = new ArrayList<>();
        Cancellation never = new Cancellation();
        for (ActiveDefence.Try one : active.tries(elimination)) {
            ActiveDefence.Try measured = active.measured(start, one, never);
            tries.add(active.probed(start, measured, step(strength), games, SEED, never));
        }
        ObjectNode document = document().put("class", elimination.result().word());
        ArrayNode list = document.putArray("tries");
        tries.forEach(t -> list.add(node(t)));
        output.print(
                document,
                out -> {
                    out.println(elimination.text());
                    tries.forEach(t -> out.println("  " + text(t)));
                });
    }

    private static Strength step(int rating) {
        try {
            return new Strength(rating);
        } catch (IllegalArgumentException e) {
            throw new BadInputException("A strength lies between 1000 and 2800.");
        }
    }

    private ObjectNode node(ActiveDefence.Try t) {
        ObjectNode node = Output.document().put("move", San.write(start, t.candidate().move()));
        node.put("given", t.given()).put("class", t.candidate().result().word());
        node.put("expected", t.candidate().weighed().expected().value());
        node.put("width", t.width().isPresent() ? t.width().getAsDouble() : null);
        Side side = start.sideToMove();
        node.put("practice", t.practice(side).isPresent() ? t.practice(side).getAsDouble() : null);
        node.put("games", t.probe().map(p -> p.games()).orElse(0));
        node.set("counterplay", Output.node(t.counterplay()));
        node.set("line", Output.node(Line.san(start, t.candidate().weighed().line())));
        return node;
    }

    private String text(ActiveDefence.Try t) {
        String practice =
                Optional.of(t.practice(start.sideToMove()))
                        .filter(p -> p.isPresent())
                        .map(p -> String.format(Locale.ROOT, "%.0f", 100 * p.getAsDouble()))
                        .orElse("-");
        String width =
                t.width().isPresent()
                        ? String.format(Locale.ROOT, "%.1f", t.width().getAsDouble())
                        : "-";
        return String.format(
                Locale.ROOT,
                "%s: engine %.0f of 100, practice %s of 100, the attacker has %s moves; %s",
                Line.numbered(start, Line.start(t.candidate().weighed().line(), 5)),
                t.candidate().weighed().expected().points(),
                practice,
                width,
                t.given() == 0 ? "passive" : String.join("; ", t.counterplay()));
    }
}

package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.practice.ActiveDefence;
import org.zeroply.coach.play.Strength;
import org.zeroply.engine.analysis.Cancellation;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;

/** The question {@code defend active}. */
@Command(
        name = "active",
        description = "Material given for counterplay, and what it is worth in practice.")
final class DefendActiveCommand implements Callable<Integer> {

    @ParentCommand private DefendCommand defend;

    private static final long SEED = 1;

    @Option(
            names = "--games",
            description = "Games of the practical probe for each try (default: ${DEFAULT-VALUE}).",
            paramLabel = "N")
    private int games = 20;

    @Option(
            names = "--strength",
            description = "The rating step of both players (default: ${DEFAULT-VALUE}).",
            paramLabel = "R")
    private int strength = 1800;

    @Override
    public Integer call() {
        if (games < 1) {
            throw new BadInputException("The games must be positive.");
        }
        Strength step = step(strength);
        Position start = defend.position();
        ActiveDefence active = new ActiveDefence(defend.engine(), defend.nodes());
        List<ActiveDefence.Try> tries = new ArrayList<>();
        Elimination elimination = defend.eliminate(start, defend.evaluators());
        Cancellation never = new Cancellation();
        for (ActiveDefence.Try one : active.tries(elimination)) {
            ActiveDefence.Try measured = active.measured(start, one, never);
            tries.add(active.probed(start, measured, step, games, SEED, never));
        }
        ObjectNode document = defend.document(start).put("class", elimination.result().word());
        ArrayNode list = document.putArray("tries");
        tries.forEach(t -> list.add(node(start, t)));
        defend.output()
                .print(
                        document,
                        out -> {
                            out.println(elimination.text());
                            tries.forEach(t -> out.println("  " + text(start, t)));
                        });
        return 0;
    }

    private static Strength step(int rating) {
        try {
            return new Strength(rating);
        } catch (IllegalArgumentException e) {
            throw new BadInputException("A strength lies between 1000 and 2800.");
        }
    }

    private static ObjectNode node(Position start, ActiveDefence.Try t) {
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

    private static String text(Position start, ActiveDefence.Try t) {
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

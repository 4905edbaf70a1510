package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.defence.practice.Wish;
import org.zeroply.coach.defence.practice.WishFinder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code defend wish}. */
@Command(name = "wish", description = "A move one would like to play: what makes it possible?")
final class DefendWishCommand implements Callable<Integer> {

    @ParentCommand private DefendCommand defend;

    @Parameters(paramLabel = "MOVE", description = "The move, in SAN or as e2e4.")
    private String text;

    @Override
    public Integer call() throws NotationException {
        Position start = defend.position();
        Move wished = WishReader.read(start, text);
        Wish wish =
                new WishFinder(defend.evaluator()).find(start, wished.from(), wished.to(), p -> {});
        ObjectNode document =
                defend.document(start).put("wish", text).put("worksNow", wish.worksNow());
        document.set(
                "now",
                Output.node(wish.now().map(w -> Line.san(start, w.line())).orElse(List.of())));
        document.put("complete", wish.complete());
        ArrayNode sets = document.putArray("sets");
        for (Wish.Preparation set : wish.sets()) {
            ObjectNode node = sets.addObject();
            node.set("moves", Output.node(names(start, set.moves())));
            node.set(
                    "orders",
                    Output.node(set.orders().stream().map(order -> names(start, order)).toList()));
            node.set("line", Output.node(Line.san(start, set.line())));
            node.set("shots", Output.node(shots(start, set)));
        }
        defend.output()
                .print(
                        document,
                        out ->
                                WishText.lines(wish, text, shotLines(start, wish))
                                        .forEach(out::println));
        return 0;
    }

    private static List<String> names(Position start, List<Move> moves) {
        return moves.stream().map(m -> WishText.name(start, m)).toList();
    }

    private static List<List<String>> shots(Position start, Wish.Preparation set) {
        List<List<String>> shots = new ArrayList<>();
        Position p = start;
        for (int i = 0; i < set.shots().size(); i++) {
            Position after = p.play(set.line().get(2 * i));
            shots.add(Line.san(after, set.shots().get(i)));
            p = after.play(set.line().get(2 * i + 1));
        }
        return shots;
    }

    private static List<List<List<String>>> shotLines(Position start, Wish wish) {
        return wish.sets().stream().map(set -> shots(start, set)).toList();
    }
}

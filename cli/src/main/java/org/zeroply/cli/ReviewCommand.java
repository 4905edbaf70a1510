package org.zeroply.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.review.Annotator;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.KnownGames;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.coach.review.OpeningTempi;
import org.zeroply.coach.review.PlayerReview;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.eval.Weights;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "review",
        description = {
            "The first pass over the games of a file: what each move cost, and the few moments of",
            "each game that are worth stopping at, each with the line that proves it."
        })
final class ReviewCommand implements Callable<Integer> {

    private static final int MEGABYTES = 16;
    private static final List<Integer> OPENING_MOVES = List.of(6, 10, 14);

    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Parameters(paramLabel = "FILE.pgn", description = "The games.")
    private Path file;

    @Option(names = "--nodes", description = "Nodes for each search of a position.")
    private long nodes = FirstPass.NODES;

    @Option(
            names = "--player",
            description = "Review the moves of this player only; a part of the name will do.",
            paramLabel = "NAME")
    private String player = "";

    @Option(
            names = "--annotate",
            description = "Write the games with grades and lines to a file.",
            paramLabel = "OUT.pgn")
    private Path annotated;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        if (nodes < 1) {
            throw new BadInputException("The nodes must be positive.");
        }
        BuiltInEngine engine = new BuiltInEngine(MEGABYTES, Weights.shipped(), cache.endings());
        FirstPass pass = new FirstPass(engine, nodes, KnownGames.NONE);
        List<GameReview> reviews = new ArrayList<>();
        List<String> rejected = new ArrayList<>();
        StringBuilder pgn = new StringBuilder();
        try (PgnReader reader = PgnReader.open(file)) {
            for (Optional<PgnEntry> entry = reader.next();
                    entry.isPresent();
                    entry = reader.next()) {
                if (entry.get() instanceof PgnEntry.Game game) {
                    review(pass, engine.name(), game.tree(), reviews, pgn);
                } else if (entry.get() instanceof PgnEntry.Problem problem) {
                    rejected.add(problem.message());
                    spec.commandLine().getErr().println(problem.message());
                }
            }
        }
        if (reviews.isEmpty()) {
            throw new BadInputException(
                    file
                            + (player.isBlank()
                                    ? " holds no game that can be read."
                                    : " holds no game of " + player + "."));
        }
        if (annotated != null) {
            Files.writeString(annotated, pgn);
        }
        ObjectNode document = Output.document();
        ArrayNode games = document.putArray("games");
        reviews.forEach(r -> games.add(document(r)));
        document.set("rejected", Output.node(rejected));
        output.print(document, out -> reviews.forEach(r -> print(out, r)));
        return 0;
    }

    private void review(
            FirstPass pass,
            String engine,
            MoveTree game,
            List<GameReview> reviews,
            StringBuilder pgn) {
        Optional<Side> only = side(game);
        if (!player.isBlank() && only.isEmpty()) {
            return;
        }
        PrintWriter err = spec.commandLine().getErr();
        err.printf("%s – %s%n", game.tag("White"), game.tag("Black"));
        GameReview review = pass.review(game, only, part -> {}, new Cancellation()).orElseThrow();
        reviews.add(review);
        TreeEditor editor = new TreeEditor(game);
        new Annotator(engine, nodes).annotate(editor, review);
        pgn.append(PgnWriter.write(editor.tree())).append('\n');
    }

    private Optional<Side> side(MoveTree game) {
        for (Side side : player.isBlank() ? new Side[0] : Side.values()) {
            String name = game.tag(side.word()).toLowerCase(Locale.ROOT);
            if (name.contains(player.strip().toLowerCase(Locale.ROOT))) {
                return Optional.of(side);
            }
        }
        return Optional.empty();
    }

    // ---- JSON -----------------------------------------------------------------------------------

    private static ObjectNode document(GameReview review) {
        MoveTree game = review.game();
        ObjectNode node = Output.document().put("white", game.tag("White"));
        node.put("black", game.tag("Black")).put("result", game.result());
        ArrayNode moves = node.putArray("moves");
        for (MoveReview m : review.moves()) {
            ObjectNode move = moves.addObject().put("ply", m.ply()).put("san", m.san());
            move.put("side", FactJson.word(m.side())).put("loss", round(m.loss()));
            move.put("best", m.better()).put("expectedBefore", m.before());
            move.put("expectedAfter", m.after()).put("rank", m.rank()).put("width", m.width());
            move.put("legal", m.legal()).put("forced", m.isForced());
            move.put("depthFound", m.depthFound()).put("phase", m.phase().word());
            move.put("balance", m.balance()).put("grade", m.grade().map(Nag::show).orElse(""));
            move.set("line", Output.node(Line.san(m.position(), m.best())));
        }
        ArrayNode moments = node.putArray("moments");
        review.moments().forEach(m -> moments.add(moment(m)));
        ArrayNode players = node.putArray("players");
        review.players().forEach(p -> players.add(player(review, p)));
        return node;
    }

    private static ObjectNode moment(Moment m) {
        ObjectNode node = Output.document().put("ply", m.move().ply());
        node.put("kind", m.kind().word()).put("side", FactJson.word(m.side()));
        node.put("played", m.move().san()).put("better", m.move().better());
        node.set("line", Output.node(Line.san(m.from(), m.line())));
        return node.put("weight", round(m.weight())).put("text", m.text());
    }

    private static ObjectNode player(GameReview review, PlayerReview p) {
        ObjectNode node = Output.document().put("side", FactJson.word(p.side()));
        node.put("name", p.name()).put("moves", p.moves());
        ObjectNode loss = node.putObject("meanLoss");
        p.meanLoss().forEach((phase, mean) -> loss.put(phase.word(), round(mean)));
        node.put("firstChoices", p.firstChoices()).put("dubious", p.dubious());
        node.put("mistakes", p.mistakes()).put("blunders", p.blunders());
        p.secondsAMove().ifPresent(s -> node.put("secondsAMove", round(s)));
        node.put("inTimeTrouble", p.inTimeTrouble());
        ArrayNode opening = node.putArray("opening");
        for (int moves : OPENING_MOVES) {
            OpeningTempi own = OpeningTempi.of(review.game().mainLine(), p.side(), moves);
            OpeningTempi other = OpeningTempi.of(review.game().mainLine(), p.side().other(), moves);
            opening.addObject()
                    .put("move", moves)
                    .put("developed", own.developed())
                    .put("castled", own.castled())
                    .put("pawnMoves", own.pawnMoves())
                    .put("movedTwice", own.movedTwice())
                    .put("lead", own.tempi() - other.tempi());
        }
        return node;
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }

    // ---- Text -----------------------------------------------------------------------------------

    private static void print(PrintWriter out, GameReview review) {
        MoveTree game = review.game();
        out.printf("%s – %s  %s%n", game.tag("White"), game.tag("Black"), game.result());
        for (PlayerReview p : review.players()) {
            out.printf(
                    Locale.ROOT,
                    "  %s: %s, first choice %.0f%%, ?! %d, ? %d, ?? %d%n",
                    p.side().word(),
                    String.join(
                            ", ",
                            p.meanLoss().entrySet().stream()
                                    .sorted(java.util.Map.Entry.comparingByKey())
                                    .map(
                                            e ->
                                                    String.format(
                                                            Locale.ROOT,
                                                            "%s loss %.1f",
                                                            e.getKey().word(),
                                                            e.getValue()))
                                    .toList()),
                    100 * p.firstChoices(),
                    p.dubious(),
                    p.mistakes(),
                    p.blunders());
        }
        for (Moment m : review.moments()) {
            out.printf(
                    "  %s%s, %s: %s%n      %s%n",
                    Line.number(m.move().position(), true),
                    m.move().san(),
                    m.kind().title(),
                    m.text(),
                    Line.numbered(m.from(), m.line()));
        }
        out.println();
    }
}

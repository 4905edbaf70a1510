package org.zeroply.workshop.fuzz;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;

/** Games: what was read is written, read back as the same games, and written the same again. */
final class GamesTarget implements Target {

    private static final List<String> GAMES =
            List.of(
                    """
                    [Event "Club \\"A\\""]
                    [Site "?"]
                    [Date "2026.01.02"]
                    [Round "3"]
                    [White "Jörg"]
                    [Black "Zoë"]
                    [Result "1-0"]
                    [ZpKind "calculation"]

                    {before} 1. e4! $5 {one [%clk 0:10:00]} ; two ) }
                    ( 1. d4 {queen's} ( {why} 1. c4 e5 ( 1... c5 ) ) 1... d5 )
                    1... e5 {[%zp.pts 3] [%zp.check cp=-7 depth=3 nodes=9 by=x] a word} 2. Nf3 $18
                    2... Nc6 {[%zp.card IF Bb5 THEN a6] [%zp.idea a 100%25] c} 1-0
                    """,
                    """
                    [SetUp "1"]
                    [FEN "4k3/P7/8/8/8/8/8/R3K2R w KQ - 0 1"]

                    1. O-O-O {a long comment that has to be wrapped since it is so very long, 1-0 and
                    *, too} 1... Kf7 2. a8=Q -- 3. Qb7+ Kg6 (3... Ke6 {;} ) (3... Kf8 $1) 1/2-1/2

                    1. d4 d5 0-1

                    1. c4
                    """);

    @Override
    public String name() {
        return "games";
    }

    @Override
    public List<byte[]> corpus() {
        return GAMES.stream().map(g -> g.getBytes(StandardCharsets.UTF_8)).toList();
    }

    @Override
    public void read(byte[] input) {
        for (MoveTree tree : games(input)) {
            String written = PgnWriter.write(tree);
            List<MoveTree> again = games(written.getBytes(StandardCharsets.UTF_8));
            if (again.size() != 1) {
                throw new AssertionError("torn in " + again.size() + ": " + written);
            }
            MoveTree one = again.get(0);
            String second = PgnWriter.write(one);
            boolean same = one.nodes().size() == tree.nodes().size();
            if (!same || !second.equals(written) || !one.result().equals(tree.result())) {
                throw new AssertionError("written otherwise: " + written + "/// " + second);
            }
        }
    }

    /** The games of a text; problems are the reader's way to tell that something is wrong. */
    private static List<MoveTree> games(byte[] text) {
        List<MoveTree> trees = new ArrayList<>();
        try (PgnReader reader = new PgnReader(new ByteArrayInputStream(text), "x")) {
            for (var e = reader.next(); e.isPresent(); e = reader.next()) {
                if (e.get() instanceof PgnEntry.Game game) {
                    trees.add(game.tree());
                } else if (((PgnEntry.Problem) e.get()).message().isBlank()) {
                    throw new AssertionError("a problem that says nothing");
                }
            }
        } catch (IOException e) {
            throw new AssertionError("reading from memory failed", e);
        }
        return trees;
    }
}

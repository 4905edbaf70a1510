package org.zeroply.library.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;

/** What an invented student might write: lines of the scheme, the weaker the shorter. */
final class SampleAnswers {

    private final Random random;

    SampleAnswers(Random random) {
        this.random = random;
    }

    String write(MoveTree scheme, int rating) {
        double sight = Math.min(0.95, 0.25 + (rating - 1400) / 1100.0);
        List<String> rows = new ArrayList<>();
        for (Node leaf : scheme.nodes()) {
            boolean bait = leaf.path().stream().anyMatch(n -> n.annotation().scheme().tempting());
            if (!leaf.children().isEmpty() || leaf.isRoot() || random.nextDouble() > sight + 0.2) {
                continue;
            }
            if (bait && random.nextDouble() < sight) {
                continue;
            }
            rows.add(row(scheme, leaf, bait ? 0.4 : sight));
        }
        if (rows.isEmpty()) {
            rows.add(row(scheme, scheme.root().mainLineEnd(), 0.2));
        }
        return String.join("\n", rows) + "\n";
    }

    private String row(MoveTree scheme, Node leaf, double sight) {
        List<Move> line = leaf.path().stream().map(Node::move).toList();
        int seen = 1;
        while (seen < line.size() && random.nextDouble() < sight + 0.15) {
            seen++;
        }
        Verdict right = leaf.annotation().verdict().orElse(Verdict.UNCLEAR);
        Verdict guess = random.nextDouble() < sight ? right : Verdict.UNCLEAR;
        String verdict = seen < line.size() && random.nextBoolean() ? "" : " " + guess.symbol();
        return Line.numbered(scheme.start(), line.subList(0, seen)) + verdict;
    }
}

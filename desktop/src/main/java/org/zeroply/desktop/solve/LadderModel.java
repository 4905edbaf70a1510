package org.zeroply.desktop.solve;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.training.ladder.Ladder;
import org.zeroply.coach.training.ladder.Rung;
import org.zeroply.desktop.texts.Texts;

/** One climb on the ladder: a rung higher for each right answer, over at the second wrong one. */
public final class LadderModel {

    private static final int WRONG_ALLOWED = 2;

    private final MoveTree tree;
    private final List<Rung> rungs;
    private int at;
    private int wrong;
    private int highest;

    /**
     * @param tree the line is its main line
     */
    public LadderModel(MoveTree tree, Random random) {
        this.tree = tree;
        this.rungs =
                new Ladder(tree.start(), tree.mainLine().stream().map(Node::move).toList(), random)
                        .rungs();
    }

    /** The question now; nothing when the climb is over. */
    public Optional<Rung> rung() {
        return at < rungs.size() && wrong < WRONG_ALLOWED
                ? Optional.of(rungs.get(at))
                : Optional.empty();
    }

    /** The moves to imagine, with numbers. */
    public String moves() {
        return rung().map(r -> Line.numbered(tree.start(), r.line())).orElse("");
    }

    /**
     * Takes an answer and goes on.
     *
     * @return whether it was right
     */
    public boolean answer(String said) {
        Rung rung = rung().orElseThrow();
        boolean right = rung.isRight(said);
        if (right) {
            highest = rung.line().size();
        } else {
            wrong++;
        }
        at++;
        return right;
    }

    /** Plies that were seen ahead. */
    public int highest() {
        return highest;
    }

    /** How far it came, in words. */
    public String result() {
        return wrong < WRONG_ALLOWED
                ? Texts.of("solve.to-the-top-plies-seen", highest)
                : highest == 0
                        ? Texts.of("solve.nothing-was-seen-ahead-this")
                        : Texts.of(
                                "solve.seen-ahead",
                                highest
                                        + (highest == 1
                                                ? Texts.of("solve.one-ply")
                                                : Texts.of("solve.plies")));
    }
}

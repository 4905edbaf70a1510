package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.texts.CoachWords;

/**
 * What merging a tree into a chapter would bring, told before anything changes.
 *
 * @param added lines that are new, each from the start to its first new move
 * @param conflicts positions in which the incoming tree has another move for us
 * @param remarks moves about which the incoming tree says something new
 */
public record Merge(List<String> added, List<Conflict> conflicts, List<String> remarks) {

    public Merge {
        added = List.copyOf(added);
        conflicts = List.copyOf(conflicts);
        remarks = List.copyOf(remarks);
    }

    /**
     * Another move for us.
     *
     * @param line the moves before it
     * @param ours what the chapter recommends
     * @param theirs what the incoming tree has
     */
    public record Conflict(String line, String ours, String theirs) {}

    /** Whether it would change nothing. */
    public boolean isEmpty() {
        return added.isEmpty() && remarks.isEmpty();
    }

    /**
     * Looks at what would come.
     *
     * @throws IllegalArgumentException if the two do not begin in the same position
     */
    public static Merge plan(MoveTree chapter, MoveTree incoming) {
        check(chapter, incoming);
        List<String> added = new ArrayList<>();
        List<Conflict> conflicts = new ArrayList<>();
        List<String> remarks = new ArrayList<>();
        Side side = Repertoire.side(chapter).orElse(Side.WHITE);
        plan(chapter.root(), incoming.root(), side, added, conflicts, remarks);
        return new Merge(added, conflicts, remarks);
    }

    private static void check(MoveTree chapter, MoveTree incoming) {
        if (!chapter.start().equals(incoming.start())) {
            throw new IllegalArgumentException(CoachWords.of("repertoire.the-game-does-not-begin"));
        }
    }

    private static void plan(
            Node to,
            Node from,
            Side side,
            List<String> added,
            List<Conflict> conflicts,
            List<String> remarks) {
        if (!joined(to.annotation(), from.annotation()).equals(to.annotation())) {
            remarks.add(Line.to(to));
        }
        boolean ours = to.position().sideToMove() == side;
        for (Node child : from.children()) {
            Optional<Node> known = to.child(child.move());
            if (known.isPresent()) {
                plan(known.get(), child, side, added, conflicts, remarks);
                continue;
            }
            added.add(Line.to(child));
            if (ours && !to.children().isEmpty()) {
                Move first = to.children().get(0).move();
                conflicts.add(
                        new Conflict(
                                Line.to(to),
                                San.write(to.position(), first),
                                San.write(to.position(), child.move())));
            }
        }
    }

    /**
     * Merges; every change can be undone in the editor. What the chapter says stays, what the
     * incoming tree says is added to it. A new move for us is never recommended by itself.
     *
     * @throws IllegalArgumentException if the two do not begin in the same position
     */
    public static void apply(TreeEditor editor, MoveTree incoming) {
        check(editor.tree(), incoming);
        Side side = Repertoire.side(editor.tree()).orElse(Side.WHITE);
        apply(editor, editor.tree().root(), incoming.root(), side);
    }

    private static void apply(TreeEditor editor, Node to, Node from, Side side) {
        Annotation said = from.annotation();
        boolean other =
                !to.isRoot()
                        && to.parent().orElseThrow().position().sideToMove() == side
                        && to.parent().orElseThrow().children().get(0) != to;
        Annotation joined = joined(to.annotation(), other ? modest(said) : said);
        if (!joined.equals(to.annotation())) {
            editor.annotate(to, a -> joined);
        }
        for (Node child : from.children()) {
            apply(editor, editor.add(to, child.move()), child, side);
        }
    }

    /** The same without a recommendation, which the chapter has already given. */
    private static Annotation modest(Annotation said) {
        return said.withRepertoire(said.repertoire().withMain(false));
    }

    private static Annotation joined(Annotation own, Annotation other) {
        List<Integer> nags = new ArrayList<>(own.nags());
        if (nags.isEmpty()) {
            nags.addAll(other.nags());
        }
        return own.withBefore(text(own.before(), other.before()))
                .withAfter(text(own.after(), other.after()))
                .withNags(nags)
                .withMarks(own.marks().isEmpty() ? other.marks() : own.marks())
                .withCheck(own.check().or(other::check))
                .withRepertoire(own.repertoire().and(other.repertoire()));
    }

    /** Both texts, parts in a fixed order, so that the order of merging does not matter. */
    private static String text(String own, String other) {
        if (own.isEmpty() || other.isEmpty() || own.equals(other)) {
            return own.isEmpty() ? other : own;
        }
        Set<String> parts = new TreeSet<>(List.of(own.split(" / ")));
        parts.addAll(List.of(other.split(" / ")));
        return String.join(" / ", parts);
    }
}

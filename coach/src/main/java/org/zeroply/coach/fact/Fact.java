package org.zeroply.coach.fact;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Mark;

/**
 * Something true of a position, with the squares that prove it.
 *
 * @param kind what it is about
 * @param side whose it is; empty when it concerns both sides alike
 * @param squares squares 0-63, the one it is about first
 * @param wording in words
 * @param figures numbers by name; each kind says which in {@code docs/facts.md}
 * @param marks how it is drawn on the board
 * @param line for what was searched: the moves that prove it, from the position itself or, where
 *     the kind says so, after a pass
 */
public record Fact(
        FactKind kind,
        Optional<Side> side,
        List<Integer> squares,
        Wording wording,
        Map<String, Integer> figures,
        List<Mark> marks,
        List<Move> line) {

    public Fact {
        squares = List.copyOf(squares);
        figures = Collections.unmodifiableMap(new LinkedHashMap<>(figures));
        marks = List.copyOf(marks);
        line = List.copyOf(line);
    }

    /** In words, without naming the side. */
    public String text() {
        return wording.text();
    }

    /** Qualities in a word or two, such as {@code protected}. */
    public List<String> traits() {
        return wording.traits();
    }

    /** A fact about one side, with squares 0-63. */
    public static Fact of(FactKind kind, Side side, String text, int... squares) {
        return of(kind, Optional.of(side), text, Arrays.stream(squares).boxed().toList());
    }

    /** A fact about one side, with a set of squares. */
    public static Fact ofSet(FactKind kind, Side side, String text, long squares) {
        return of(kind, Optional.of(side), text, Squares.list(squares));
    }

    /** A fact about one square, and others that belong to it. */
    public static Fact about(FactKind kind, Side side, String text, int square, long others) {
        List<Integer> squares = new ArrayList<>(List.of(square));
        squares.addAll(Squares.list(others & ~(1L << square)));
        return of(kind, Optional.of(side), text, squares);
    }

    /** A fact about both sides alike. */
    public static Fact ofBoth(FactKind kind, String text, long squares) {
        return of(kind, Optional.empty(), text, Squares.list(squares));
    }

    private static Fact of(FactKind kind, Optional<Side> side, String text, List<Integer> squares) {
        return new Fact(kind, side, squares, Wording.of(text), Map.of(), List.of(), List.of());
    }

    /** The same with a number. */
    public Fact with(String name, int value) {
        Map<String, Integer> more = new LinkedHashMap<>(figures);
        more.put(name, value);
        return new Fact(kind, side, squares, wording, more, marks, line);
    }

    /** The same with a quality, if it has it. */
    public Fact trait(String trait, boolean has) {
        return has ? said(wording.with(trait)) : this;
    }

    /** The same with one more mark of its own. */
    public Fact marked(Mark.Meaning meaning, List<Integer> on) {
        List<Mark> more = Stream.concat(marks.stream(), Stream.of(new Mark(meaning, on))).toList();
        return new Fact(kind, side, squares, wording, figures, more, line);
    }

    /** The same with one more mark of its own. */
    public Fact marked(Mark.Meaning meaning, Integer... on) {
        return marked(meaning, Arrays.asList(on));
    }

    /** The same with the line that proves it. */
    public Fact proved(List<Move> moves) {
        return new Fact(kind, side, squares, wording, figures, marks, moves);
    }

    /** The same with its qualities told after the text: {@code passed pawn d5: protected}. */
    public Fact told() {
        return said(wording.told());
    }

    /** The same called by a narrower name: {@code counter-pin: bishop e5 is pinned …}. */
    public Fact named(String name) {
        return said(wording.named(name));
    }

    private Fact said(Wording other) {
        return new Fact(kind, side, squares, other, figures, marks, line);
    }

    /** What is drawn on the board: marks of its own, else its squares by the kind's meaning. */
    public List<Mark> drawn() {
        if (!marks.isEmpty()) {
            return marks;
        }
        Mark.Meaning meaning = kind.meaning().isArrow() ? Mark.Meaning.TARGET : kind.meaning();
        return squares.stream().map(s -> new Mark(meaning, List.of(s))).toList();
    }

    /** What matters most first. */
    public static final Comparator<Fact> HEAVIEST_FIRST =
            Comparator.comparingInt(Fact::weight).reversed();

    /** So many of a group and side are shown until all are asked for; our choice. */
    public static final int SHOWN = 3;

    /** How much it matters for what to play next, 0 to 100 ({@code docs/facts.md}). */
    public int weight() {
        return FactWeight.of(this);
    }

    /** The text with the side before it: {@code White: isolated pawn d4}. */
    public String sentence() {
        return side.map(s -> s.word() + ": ").orElse("") + text();
    }
}

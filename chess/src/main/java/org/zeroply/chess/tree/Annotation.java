package org.zeroply.chess.tree;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Everything said about the move of a node. Immutable; an edit replaces it.
 *
 * @param before comment that stands before the move
 * @param after comment that stands after it; embedded commands that are not ours stay in the text
 * @param nags numeric annotation glyphs in order, the coach's verdict among them
 * @param marks marks on the board after the move
 * @param points what a marking scheme gives for it
 * @param end the answer must reach this node for its points
 * @param equal as good as its main-line sibling
 * @param tempting wrong on purpose
 * @param check what the engine found
 * @param repertoire what a repertoire says about it
 */
public record Annotation(
        String before,
        String after,
        List<Integer> nags,
        List<Mark> marks,
        List<PointRule> points,
        boolean end,
        boolean equal,
        boolean tempting,
        Optional<EngineCheck> check,
        RepertoireNote repertoire) {

    /** Nothing said. */
    public static final Annotation NONE =
            new Annotation(
                    "",
                    "",
                    List.of(),
                    List.of(),
                    List.of(),
                    false,
                    false,
                    false,
                    Optional.empty(),
                    RepertoireNote.NONE);

    public Annotation {
        nags = List.copyOf(nags);
        marks = List.copyOf(marks);
        points = List.copyOf(points);
    }

    /** The coach's verdict: the first glyph that is one. */
    public Optional<Verdict> verdict() {
        return nags.stream().flatMap(n -> Verdict.ofNag(n).stream()).findFirst();
    }

    /** The same with another comment before the move. */
    public Annotation withBefore(String text) {
        return new Annotation(
                text, after, nags, marks, points, end, equal, tempting, check, repertoire);
    }

    /** The same with another comment after the move. */
    public Annotation withAfter(String text) {
        return new Annotation(
                before, text, nags, marks, points, end, equal, tempting, check, repertoire);
    }

    /** The same with other glyphs. */
    public Annotation withNags(List<Integer> list) {
        return new Annotation(
                before, after, list, marks, points, end, equal, tempting, check, repertoire);
    }

    /** The same with another verdict, or with none; the glyphs that grade the move stay. */
    public Annotation withVerdict(Optional<Verdict> verdict) {
        List<Integer> list = new ArrayList<>(nags);
        list.removeIf(n -> Verdict.ofNag(n).isPresent());
        verdict.ifPresent(v -> list.add(v.nag()));
        return withNags(list);
    }

    /** The same with other marks. */
    public Annotation withMarks(List<Mark> list) {
        return new Annotation(
                before, after, nags, list, points, end, equal, tempting, check, repertoire);
    }

    /** The same with other points. */
    public Annotation withPoints(List<PointRule> list) {
        return new Annotation(
                before, after, nags, marks, list, end, equal, tempting, check, repertoire);
    }

    /** The same, to be reached or not. */
    public Annotation withEnd(boolean value) {
        return new Annotation(
                before, after, nags, marks, points, value, equal, tempting, check, repertoire);
    }

    /** The same, equal to the main move or not. */
    public Annotation withEqual(boolean value) {
        return new Annotation(
                before, after, nags, marks, points, end, value, tempting, check, repertoire);
    }

    /** The same, tempting but wrong or not. */
    public Annotation withTempting(boolean value) {
        return new Annotation(
                before, after, nags, marks, points, end, equal, value, check, repertoire);
    }

    /** The same with what an engine found. */
    public Annotation withCheck(Optional<EngineCheck> value) {
        return new Annotation(
                before, after, nags, marks, points, end, equal, tempting, value, repertoire);
    }

    /** The same with what a repertoire says. */
    public Annotation withRepertoire(RepertoireNote value) {
        return new Annotation(
                before, after, nags, marks, points, end, equal, tempting, check, value);
    }
}

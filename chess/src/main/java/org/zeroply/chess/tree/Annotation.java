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
 * @param scheme what a marking scheme says of it
 * @param check what the engine found
 * @param repertoire what a repertoire says about it
 */
public record Annotation(
        String before,
        String after,
        List<Integer> nags,
        List<Mark> marks,
        SchemeNote scheme,
        Optional<EngineCheck> check,
        RepertoireNote repertoire) {

    /** Nothing said. */
    public static final Annotation NONE =
            new Annotation(
                    "",
                    "",
                    List.of(),
                    List.of(),
                    SchemeNote.NONE,
                    Optional.empty(),
                    RepertoireNote.NONE);

    public Annotation {
        nags = List.copyOf(nags);
        marks = List.copyOf(marks);
    }

    /** The coach's verdict: the first glyph that is one. */
    public Optional<Verdict> verdict() {
        return nags.stream().flatMap(n -> Verdict.ofNag(n).stream()).findFirst();
    }

    /** The same with another comment before the move. */
    public Annotation withBefore(String text) {
        return new Annotation(text, after, nags, marks, scheme, check, repertoire);
    }

    /** The same with another comment after the move. */
    public Annotation withAfter(String text) {
        return new Annotation(before, text, nags, marks, scheme, check, repertoire);
    }

    /** The same with other glyphs. */
    public Annotation withNags(List<Integer> list) {
        return new Annotation(before, after, list, marks, scheme, check, repertoire);
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
        return new Annotation(before, after, nags, list, scheme, check, repertoire);
    }

    /** The same with another scheme. */
    private Annotation withScheme(SchemeNote other) {
        return new Annotation(before, after, nags, marks, other, check, repertoire);
    }

    /** The same with other points. */
    public Annotation withPoints(List<PointRule> list) {
        return withScheme(scheme.withPoints(list));
    }

    /** The same, to be reached or not. */
    public Annotation withEnd(boolean value) {
        return withScheme(scheme.withEnd(value));
    }

    /** The same, equal to the main move or not. */
    public Annotation withEqual(boolean value) {
        return withScheme(scheme.withEqual(value));
    }

    /** The same, tempting but wrong or not. */
    public Annotation withTempting(boolean value) {
        return withScheme(scheme.withTempting(value));
    }

    /** The same with what an engine found. */
    public Annotation withCheck(Optional<EngineCheck> value) {
        return new Annotation(before, after, nags, marks, scheme, value, repertoire);
    }

    /** The same with what a repertoire says. */
    public Annotation withRepertoire(RepertoireNote value) {
        return new Annotation(before, after, nags, marks, scheme, check, value);
    }
}

package org.zeroply.coach;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.analysis.Score;

/**
 * What a search told on its way, first moves only, and what it came to.
 *
 * @param whole false where who listened ended it after what was told last
 */
record Search(boolean whole, List<Analysis> told, Analysis answer) {

    Search {
        told = told.stream().map(Search::firstMoves).toList();
    }

    private static Analysis firstMoves(Analysis a) {
        List<Analysis.Candidate> lines =
                a.lines().stream()
                        .map(
                                c ->
                                        Analysis.Candidate.ofMove(
                                                c.move(), c.score(), c.expected(), a.depth()))
                        .toList();
        return new Analysis(lines, List.of(), a.depth(), a.nodes(), 0, 0);
    }

    /** As one line. */
    String text() {
        return String.join(
                "/",
                whole ? "whole" : "ended",
                joined("|", told, Search::briefly),
                answer.depth() + ";" + answer.nodes() + ";" + answer.fullness(),
                joined(",", answer.lines(), Search::text),
                joined(",", answer.byDepth(), Search::text));
    }

    /**
     * Reads such a line.
     *
     * @param curve what scores are worth in the position of the question
     */
    static Search parse(String text, ExpectedScoreCurve curve) {
        String[] parts = text.split("/", -1);
        String[] numbers = parts[2].split(";");
        Analysis answer =
                new Analysis(
                        list(parts[3], ",", c -> candidate(c, curve)),
                        list(parts[4], ",", Search::depthBest),
                        Integer.parseInt(numbers[0]),
                        Long.parseLong(numbers[1]),
                        0,
                        Integer.parseInt(numbers[2]));
        return new Search(
                parts[0].equals("whole"), list(parts[1], "\\|", t -> told(t, curve)), answer);
    }

    private static String briefly(Analysis told) {
        return told.depth()
                + ";"
                + told.nodes()
                + ";"
                + joined(",", told.lines(), c -> c.move().packed() + ":" + text(c.score()));
    }

    private static Analysis told(String text, ExpectedScoreCurve curve) {
        String[] parts = text.split(";", -1);
        int depth = Integer.parseInt(parts[0]);
        List<Analysis.Candidate> lines =
                list(
                        parts[2],
                        ",",
                        c -> {
                            String[] of = c.split(":");
                            Score score = score(of[1]);
                            return Analysis.Candidate.ofMove(
                                    move(of[0]), score, curve.of(score), depth);
                        });
        return new Analysis(lines, List.of(), depth, Long.parseLong(parts[1]), 0, 0);
    }

    private static String text(Analysis.Candidate c) {
        return String.join(
                ":",
                "" + c.move().packed(),
                text(c.score()),
                "" + c.depth(),
                "" + c.deepest(),
                joined(" ", c.line(), m -> "" + m.packed()));
    }

    private static Analysis.Candidate candidate(String text, ExpectedScoreCurve curve) {
        String[] parts = text.split(":", -1);
        Score score = score(parts[1]);
        return new Analysis.Candidate(
                move(parts[0]),
                score,
                curve.of(score),
                Integer.parseInt(parts[2]),
                Integer.parseInt(parts[3]),
                list(parts[4], " ", Search::move));
    }

    private static String text(Analysis.DepthBest d) {
        return d.depth() + ":" + d.move().packed() + ":" + text(d.score());
    }

    private static Analysis.DepthBest depthBest(String text) {
        String[] parts = text.split(":");
        return new Analysis.DepthBest(Integer.parseInt(parts[0]), move(parts[1]), score(parts[2]));
    }

    private static String text(Score score) {
        return score instanceof Score.Mate m ? "m" + m.moves() : "c" + score.ordinal();
    }

    private static Score score(String text) {
        int value = Integer.parseInt(text.substring(1));
        return text.startsWith("m") ? new Score.Mate(value) : new Score.Centipawns(value);
    }

    private static Move move(String text) {
        return new Move(Integer.parseInt(text));
    }

    private static <T> String joined(String between, List<T> parts, Function<T, String> text) {
        return parts.stream().map(text).collect(Collectors.joining(between));
    }

    private static <T> List<T> list(String text, String between, Function<String, T> part) {
        return text.isEmpty() ? List.of() : Stream.of(text.split(between)).map(part).toList();
    }
}

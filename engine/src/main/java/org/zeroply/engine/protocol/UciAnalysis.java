package org.zeroply.engine.protocol;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.analysis.Score;

/** Puts together what a program says about a position, believing only legal moves. */
final class UciAnalysis {

    /** More than this in centipawns says nothing else; mates lie further out. */
    private static final long MOST_CENTIPAWNS = 90_000;

    /** Longer mates than this nobody has found; it is not one. */
    private static final long MOST_MOVES = 10_000;

    private static final long MOST_DEPTH = 1_000;
    private static final long FULL = 1_000;

    private final Position position;
    private final AnalysisListener listener;
    private final ExpectedScoreCurve curve;
    private final TreeMap<Integer, Analysis.Candidate> lines = new TreeMap<>();
    private final List<Analysis.DepthBest> byDepth = new ArrayList<>();
    private final long began = System.nanoTime();
    private final int wanted;
    private long nodes;
    private int fullness;

    UciAnalysis(AnalysisRequest request, AnalysisListener listener) {
        position = request.position();
        this.listener = listener;
        curve = ExpectedScoreCurve.at(position);
        wanted = request.lines();
    }

    /** Takes up an {@code info} line; what cannot be read is left out. */
    void info(String line) {
        List<String> words = Arrays.asList(line.split("\\s+"));
        int pv = words.indexOf("pv");
        nodes = number(words, "nodes").filter(n -> n >= 0).orElse(nodes);
        fullness = small(words, "hashfull", FULL).orElse(fullness);
        boolean bound = words.contains("lowerbound") || words.contains("upperbound");
        Optional<Score> score = score(words);
        if (pv < 0 || score.isEmpty() || bound) {
            return;
        }
        List<Move> moves = legal(words.subList(pv + 1, words.size()));
        long rank = number(words, "multipv").orElse(1L);
        if (moves.isEmpty() || rank < 1 || rank > wanted) {
            return;
        }
        int depth = small(words, "depth", MOST_DEPTH).orElse(0);
        int deepest = small(words, "seldepth", MOST_DEPTH).orElse(depth);
        Analysis.Candidate candidate =
                new Analysis.Candidate(
                        moves.get(0), score.get(), curve.of(score.get()), depth, deepest, moves);
        lines.values().removeIf(c -> c.move().equals(candidate.move()));
        lines.put((int) rank, candidate);
        if (rank == 1) {
            byDepth.removeIf(b -> b.depth() >= depth);
            byDepth.add(new Analysis.DepthBest(depth, candidate.move(), candidate.score()));
        }
        listener.found(result());
    }

    /** Takes up the {@code bestmove} line. */
    void finish(String line) {
        String[] words = line.split("\\s+");
        Optional<Move> best =
                words.length < 2 ? Optional.empty() : Coordinates.read(position, words[1]);
        if (best.isEmpty()) {
            throw new EngineFailure("The engine answered with a move that is not legal: " + line);
        }
        if (lines.isEmpty()) {
            // Programs need not say anything before their move; the score is then not known.
            throw new EngineFailure("The engine named a move without any line: " + line);
        }
    }

    Analysis result() {
        List<Analysis.Candidate> found = new ArrayList<>(lines.values());
        int depth = found.isEmpty() ? 0 : found.get(0).depth();
        long millis = (System.nanoTime() - began) / 1_000_000;
        return new Analysis(found, byDepth, depth, nodes, millis, fullness);
    }

    private List<Move> legal(List<String> words) {
        List<Move> moves = new ArrayList<>();
        Position now = position;
        for (String word : words) {
            Optional<Move> move = Coordinates.read(now, word);
            if (move.isEmpty()) {
                break;
            }
            moves.add(move.get());
            now = now.play(move.get());
        }
        return moves;
    }

    private static Optional<Score> score(List<String> words) {
        Optional<Long> mate = number(words, "mate");
        if (mate.isPresent()) {
            return mate.filter(m -> m > -MOST_MOVES && m < MOST_MOVES)
                    .map(m -> new Score.Mate(m.intValue()));
        }
        return number(words, "cp")
                .map(cp -> Math.max(-MOST_CENTIPAWNS, Math.min(MOST_CENTIPAWNS, cp)))
                .map(cp -> new Score.Centipawns(cp.intValue()));
    }

    /** A number from 0 to the most it can be; empty where it is none. */
    private static Optional<Integer> small(List<String> words, String name, long most) {
        return number(words, name).filter(n -> n >= 0 && n <= most).map(Long::intValue);
    }

    private static Optional<Long> number(List<String> words, String name) {
        int at = words.indexOf(name);
        if (at < 0 || at + 1 >= words.size()) {
            return Optional.empty();
        }
        try {
            return Optional.of(Long.parseLong(words.get(at + 1)));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}

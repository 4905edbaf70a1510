package org.zeroply.engine.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.mate.MateProof;

/** One analysis: depth after depth, and at each depth line after line. */
final class Deepening {

    /** Shallower searches are over before a helper wakes up. */
    private static final int FIRST_SHARED_DEPTH = 6;

    /** What else there is, where the best move was disproved at the end of all time. */
    private static final int SETTLING_DEPTH = 6;

    /** Centipawns by which two searches of one depth may differ. */
    private static final int HARDLY = 15;

    private final AnalysisRequest request;
    private final AnalysisListener listener;
    private final Cancellation cancellation;
    private final long began;
    private final RootLines lines;
    private final ExpectedScoreCurve curve;
    private final List<Analysis.DepthBest> byDepth = new ArrayList<>();
    private List<Analysis.Candidate> best = List.of();

    /** Lines to tell apart. */
    private final int count;

    private final MateWatch watch;

    /**
     * @param lines with the moves to choose from
     * @param curve what scores are worth at the position
     */
    Deepening(
            AnalysisRequest request,
            RootLines lines,
            ExpectedScoreCurve curve,
            MateWatch watch,
            AnalysisListener listener,
            Cancellation cancellation,
            long began) {
        this.request = request;
        this.lines = lines;
        this.curve = curve;
        this.watch = watch;
        this.listener = listener;
        this.cancellation = cancellation;
        this.began = began;
        count = Math.min(request.lines(), lines.size());
    }

    Analysis run() {
        int finished = 0;
        boolean lastLook = false;
        for (int depth = 1; depth <= request.limits().depth(); depth++) {
            List<Analysis.Candidate> found = depth(depth);
            if (lines.isStopped() && !lastLook && !cancellation.isCancelled()) {
                lastLook = true;
                best = merge(found);
                if (look()) {
                    settle(Math.min(finished, SETTLING_DEPTH));
                    break;
                }
                lines.goOn(request.limits().nodes());
                found = depth(depth);
            }
            if (lines.isStopped()) {
                best = merge(found);
                break;
            }
            best = found;
            finished = depth;
            if (look()) {
                best = withProofs(depth);
            } else if (!lastLook && watch.needsNoReserve()) {
                lastLook = true;
                lines.goOn(request.limits().nodes());
            }
            byDepth.add(new Analysis.DepthBest(depth, best.get(0).move(), best.get(0).score()));
            listener.found(result(finished));
            if (lines.isStopped() || isDecided(depth) || cancellation.isCancelled()) {
                break;
            }
        }
        return result(finished);
    }

    /** What was proved at the very end is told too, and what else there is looked at once more. */
    private void settle(int depth) {
        lines.disregardLimits();
        best = merge(withProofs(Math.max(1, depth)));
        lines.stop();
    }

    /** The best moves, now that something was proved which the search did not know. */
    private List<Analysis.Candidate> withProofs(int depth) {
        if (count == 1 && watch.found().isPresent()) {
            return merge(List.of());
        }
        List<Analysis.Candidate> again = depth(depth);
        return lines.isStopped() ? merge(again) : again;
    }

    /** Looks for mates that the search may have left out; whether there was one. */
    private boolean look() {
        long before = watch.spent();
        boolean news = watch.look(lines.count(), request.limits().nodes(), best);
        lines.spend(watch.spent() - before);
        return news;
    }

    private List<Analysis.Candidate> depth(int depth) {
        List<Analysis.Candidate> found = new ArrayList<>();
        int first = 0;
        for (int k = 0; k < count; k++) {
            Race.Finish reached =
                    lines.search(k, depth, guess(k), watch.proofs(), depth >= FIRST_SHARED_DEPTH);
            int[] line = reached.line();
            if (line.length == 0) {
                break;
            }
            first = k == 0 ? reached.score() : first;
            int score = k == 0 ? first : beside(first, reached.score());
            if (!lines.isStopped() || k == 0 && isNewBest(line[0], score)) {
                found.add(candidate(line, score, depth));
            }
            if (lines.isStopped()) {
                break;
            }
        }
        found.sort(Comparator.comparing(Analysis.Candidate::score).reversed());
        lines.arrange(found.stream().map(Analysis.Candidate::move).toList());
        return found;
    }

    /**
     * The search of the first line has seen that no other move is better. Where one that is
     * searched apart from it seems hardly better, the two are told as equal.
     */
    private int beside(int first, int score) {
        boolean hardly = score > first && score - first <= HARDLY;
        return lines.isApart() && hardly ? first : score;
    }

    private int guess(int k) {
        Move move = new Move(lines.move(k));
        return best.stream()
                .filter(c -> c.move().equals(move))
                .findFirst()
                .or(() -> best.stream().skip(k).findFirst())
                .map(c -> value(c.score()))
                .orElse(0);
    }

    /** The number of the search that {@link #score} turned into a score. */
    private static int value(Score score) {
        if (score instanceof Score.Mate m) {
            return m.moves() > 0
                    ? SearchState.MATE - 2 * m.moves() + 1
                    : -SearchState.MATE - 2 * m.moves();
        }
        return score.ordinal();
    }

    /** A depth that was cut short still counts when it had already found a better move. */
    private boolean isNewBest(int move, int score) {
        return best.isEmpty()
                || best.get(0).move().packed() != move
                        && score(score).compareTo(best.get(0).score()) > 0;
    }

    private List<Analysis.Candidate> merge(List<Analysis.Candidate> found) {
        List<Analysis.Candidate> merged = new ArrayList<>(found);
        watch.found()
                .map(this::proved)
                .filter(p -> merged.stream().noneMatch(c -> c.move().equals(p.move())))
                .ifPresent(merged::add);
        for (Analysis.Candidate old : best) {
            if (merged.stream().noneMatch(c -> c.move().equals(old.move()))) {
                merged.add(watch.after(old.move().packed()).map(p -> proved(old, p)).orElse(old));
            }
        }
        merged.sort(Comparator.comparing(Analysis.Candidate::score).reversed());
        int lines = Math.max(best.size(), 1);
        return List.copyOf(merged.subList(0, Math.min(merged.size(), lines)));
    }

    private Analysis.Candidate proved(MateProof proof) {
        int[] line = proof.line().stream().mapToInt(Move::packed).toArray();
        int depth = best.isEmpty() ? 1 : best.get(0).depth();
        return candidate(line, SearchState.MATE - line.length, depth);
    }

    private Analysis.Candidate proved(Analysis.Candidate old, Proofs.Proof proof) {
        int[] line = new int[proof.line().length + 1];
        line[0] = old.move().packed();
        System.arraycopy(proof.line(), 0, line, 1, proof.line().length);
        return candidate(line, -proof.value(1), old.depth());
    }

    /** Pruning can hide the shortest mate for some depths; beyond these nothing shorter comes. */
    private boolean isDecided(int depth) {
        if (best.size() == 1 && watch.found().isPresent()) {
            return true;
        }
        return best.stream()
                .allMatch(
                        c ->
                                c.score() instanceof Score.Mate m
                                        && 4 * Math.abs(m.moves()) + 4 < depth
                                        && (m.moves() < 0 || watch.hasNoneBefore(m.moves())));
    }

    private Analysis.Candidate candidate(int[] line, int value, int depth) {
        List<Move> moves = new ArrayList<>();
        Arrays.stream(line).forEach(m -> moves.add(new Move(m)));
        moves.addAll(lines.exactLine(line));
        Score score = score(value);
        return new Analysis.Candidate(
                moves.get(0), score, curve.of(score), depth, lines.deepest(), moves);
    }

    private Analysis result(int depth) {
        long millis = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
        long nodes = lines.countOfAll();
        return new Analysis(best, byDepth, depth, nodes, millis, lines.fullness());
    }

    /** Turns the search's numbers into a score: distances to mate are counted in moves. */
    static Score score(int value) {
        if (value >= SearchState.MATE_BOUND) {
            return new Score.Mate((SearchState.MATE - value + 1) / 2);
        }
        if (value <= -SearchState.MATE_BOUND) {
            return new Score.Mate(-((SearchState.MATE + value + 1) / 2));
        }
        return new Score.Centipawns(value);
    }
}

package org.zeroply.engine.search;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.mate.MateProof;
import org.zeroply.engine.mate.MateSearch;

/**
 * Sees to it that no mate near the root stays unseen because a search leaves out what does not look
 * promising: beside the search, every move is tried against every answer, for a mate of the side to
 * move and for one that the other side has after the moves that look best. It takes a fixed share
 * of the positions visited, the short mates first.
 */
final class MateWatch {

    /** One part of so many of the effort is spent here; docs/engine-log.md tells what it costs. */
    private static final int SHARE = 12;

    /** The same where one side is far ahead, so that little but the way to mate is open. */
    private static final int SHARE_AHEAD = 6;

    private static final int AHEAD = 700;

    /** So many positions are visited here in the time that the search takes for one. */
    private static final int CHEAPER = 2;

    /**
     * By moves to the mate: nothing is begun with fewer positions than this, about what it takes in
     * the median to try everything in a middlegame ({@code zeroply mate-check}).
     */
    private static final long[] LEAST = {0, 32, 256, 6_000, 80_000, 1_200_000, 20_000_000};

    /** Mates in so few moves are not to be told longer than they are. */
    private static final int SHORT = 3;

    /** At the end of a search so small a part of its positions is kept for a last look. */
    private static final int RESERVE = 12;

    /** What is looked for: a mate in so many moves, by the side to move or after a move of it. */
    private record Question(int after, int moves) {}

    private final MateSearch mates;
    private final Board root = new Board();
    private final int[] roots;
    private final Cancellation cancellation;

    /** What is answered, and the positions with which it was tried in vain. */
    private final Map<Question, Long> tried = new HashMap<>();

    private Proofs proofs = Proofs.NONE;
    private Optional<MateProof> found = Optional.empty();
    private long spent;

    /**
     * @param roots moves to choose from
     */
    MateWatch(MateSearch mates, Board position, int[] roots, Cancellation cancellation) {
        this.mates = mates;
        this.roots = roots.clone();
        this.cancellation = cancellation;
        root.become(position);
    }

    /**
     * How many positions are to be visited before the last look.
     *
     * @param limit positions that may be visited in all
     */
    static long beforeLastLook(long limit) {
        // Where there are too few for the longest of the short mates, nothing is kept.
        boolean enough = limit / RESERVE * CHEAPER >= LEAST[SHORT];
        return enough ? limit - limit / RESERVE : limit;
    }

    /** Whether the last look would find its questions answered. */
    boolean needsNoReserve() {
        return hasNoneBefore(SHORT + 1);
    }

    /** What was proved so far. */
    Proofs proofs() {
        return proofs;
    }

    /** What was proved of the position after a move of the root, packed. */
    Optional<Proofs.Proof> after(int move) {
        return Optional.ofNullable(proofs.of(keyAfter(move)));
    }

    /** The shortest mate there is, once one was proved. */
    Optional<MateProof> found() {
        return found;
    }

    /**
     * Whether it is known that there is no mate in fewer moves than these, as far as it matters.
     */
    boolean hasNoneBefore(int moves) {
        for (int fewer = 1; fewer < moves && fewer <= SHORT; fewer++) {
            if (tried.getOrDefault(new Question(0, fewer), 0L) != Long.MAX_VALUE) {
                return false;
            }
        }
        return true;
    }

    /** The effort so far, in positions of the search. */
    long spent() {
        return spent;
    }

    /**
     * Looks for as long as its share allows.
     *
     * @param visited positions the search visited so far
     * @param limit positions that may be visited in all
     * @param best what it thinks of the best moves
     * @return whether something was proved that the search did not know
     */
    boolean look(long visited, long limit, List<Analysis.Candidate> best) {
        Proofs before = proofs;
        // The positions visited by this look are not among those visited so far.
        long most = spent + Math.min(visited / share(best) - spent, limit - visited);
        boolean going = true;
        for (int moves = 1; moves <= MateSearch.MOST_MOVES && going && proofs == before; moves++) {
            going = ask(new Question(0, moves), most);
            for (Analysis.Candidate candidate : best) {
                // The search sees for itself who is mated at once.
                if (moves > 1 && going && proofs == before && !isMate(candidate.score())) {
                    going = ask(new Question(candidate.move().packed(), moves), most);
                }
            }
        }
        return proofs != before;
    }

    private static int share(List<Analysis.Candidate> best) {
        return Math.abs(best.get(0).score().ordinal()) >= AHEAD ? SHARE_AHEAD : SHARE;
    }

    private static boolean isMate(Score score) {
        return score instanceof Score.Mate;
    }

    /** Answers a question if it is open and there is enough left; whether to go on asking. */
    private boolean ask(Question question, long most) {
        if (question.after() == 0 && found.isPresent()) {
            return true;
        }
        long before = tried.getOrDefault(question, 0L);
        if (before == Long.MAX_VALUE) {
            return true;
        }
        long left = CHEAPER * (most - spent);
        if (left < Math.max(LEAST[question.moves()], before + before / 2)) {
            return false;
        }
        Optional<MateProof> proof = answer(question, left);
        spent += mates.nodes() / CHEAPER;
        tried.put(question, mates.isStopped() ? left : Long.MAX_VALUE);
        proof.ifPresent(p -> prove(question, p));
        return !mates.isStopped();
    }

    private Optional<MateProof> answer(Question question, long most) {
        if (question.after() == 0) {
            return mates.mate(root, roots, question.moves(), most, cancellation);
        }
        root.make(question.after());
        try {
            return mates.mate(root, question.moves(), most, cancellation);
        } finally {
            root.unmake(question.after());
        }
    }

    private void prove(Question question, MateProof proof) {
        List<Move> line = proof.line();
        if (question.after() == 0) {
            found = Optional.of(proof);
            line = line.subList(1, line.size());
        }
        int first = question.after() == 0 ? proof.line().get(0).packed() : question.after();
        proofs = proofs.with(keyAfter(first), Proofs.Proof.of(line));
    }

    private long keyAfter(int move) {
        root.make(move);
        long key = root.key();
        root.unmake(move);
        return key;
    }
}

package org.zeroply.engine.mate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Looks for the shortest mate by force: every move of the side to move against every answer, with
 * one more move at a time. Nothing is left out, so that a mate is found whatever it begins with,
 * and none within so many moves means that there is none. Only the order of moves is clever: what
 * refuted a move is tried first against the next one.
 *
 * <p>Draws by repetition and by fifty moves are not seen; a mate in few moves meets them only where
 * the game was near them already.
 */
public final class MateSearch {

    /** The longest mate looked for, in moves. */
    public static final int MOST_MOVES = 6;

    private static final int TABLE = 1 << 15;

    /** Which position a place of the table is about. */
    private final long[] keys = new long[TABLE];

    /** What is known of it: within so many moves there is none. */
    private final byte[] none = new byte[TABLE];

    /** What is known of it: there is one in so many moves; 0 where none is known. */
    private final byte[] mate = new byte[TABLE];

    private final CheckingMoves[] checking = new CheckingMoves[MOST_MOVES + 1];
    private final int[][] attacks = new int[MOST_MOVES + 1][MoveGenerator.MAX_MOVES];
    private final int[][] answers = new int[MOST_MOVES + 1][MoveGenerator.MAX_MOVES];

    /** By moves left: the answers that refuted moves last. */
    private final int[][] refutations = new int[MOST_MOVES + 1][2];

    private final Board board = new Board();
    private Cancellation cancellation = new Cancellation();
    private long nodes;
    private long limit;
    private boolean stopped;

    /** A search that remembers from one position to the next. */
    public MateSearch() {
        for (int i = 0; i < checking.length; i++) {
            checking[i] = new CheckingMoves();
        }
    }

    /** Positions visited by the last search. */
    public long nodes() {
        return nodes;
    }

    /** Whether the last search ended before it knew. */
    public boolean isStopped() {
        return stopped;
    }

    /**
     * The shortest mate of the side to move.
     *
     * @param mostMoves moves of the mating side, 1 to {@link #MOST_MOVES}
     * @param nodeLimit positions to visit at most
     * @return empty when there is none, or when the search ended before it knew
     */
    public Optional<MateProof> shortest(
            Position position, int mostMoves, long nodeLimit, Cancellation token) {
        long before = 0;
        Board start = position.toBoard();
        for (int moves = 1; moves <= mostMoves; moves++) {
            Optional<MateProof> proof = mate(start, moves, nodeLimit - before, token);
            nodes += before;
            before = nodes;
            if (proof.isPresent() || stopped) {
                return proof;
            }
        }
        return Optional.empty();
    }

    /**
     * A mate of the side to move within so many moves.
     *
     * @param moves moves of the mating side, 1 to {@link #MOST_MOVES}
     * @param nodeLimit positions to visit at most
     * @return empty when there is none, or when the search ended before it knew
     */
    public Optional<MateProof> mate(Board position, int moves, long nodeLimit, Cancellation token) {
        int[] all = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.all(position, all, 0);
        return mate(position, Arrays.copyOf(all, count), moves, nodeLimit, token);
    }

    /**
     * The same, beginning with one of these moves.
     *
     * @param roots legal moves, packed
     */
    public Optional<MateProof> mate(
            Board position, int[] roots, int moves, long nodeLimit, Cancellation token) {
        board.become(position);
        cancellation = token;
        nodes = 0;
        limit = nodeLimit;
        stopped = false;
        int first = firstMate(roots.clone(), roots.length, moves);
        if (stopped || first == 0) {
            return Optional.empty();
        }
        limit = Long.MAX_VALUE;
        List<Move> line = line(first, moves);
        return stopped ? Optional.empty() : Optional.of(new MateProof((line.size() + 1) / 2, line));
    }

    /**
     * Forgets what was found before, so that the next search depends on nothing but its position.
     */
    public void forget() {
        Arrays.fill(keys, 0);
        Arrays.fill(none, (byte) 0);
        Arrays.fill(mate, (byte) 0);
        for (int[] refuting : refutations) {
            Arrays.fill(refuting, 0);
        }
    }

    private boolean visit() {
        nodes++;
        if (nodes > limit || (nodes & 1023) == 0 && cancellation.isCancelled()) {
            stopped = true;
        }
        return stopped;
    }

    /** Whether the side to move mates within so many moves. */
    private boolean attack(int moves) {
        if (visit()) {
            return false;
        }
        if (moves == 1) {
            return firstMate(1) != 0;
        }
        long key = board.key();
        int place = (int) key & TABLE - 1;
        claim(place, key);
        if (mate[place] != 0 && mate[place] <= moves) {
            return true;
        }
        if (none[place] >= moves) {
            return false;
        }
        boolean mates = firstMate(moves) != 0;
        if (stopped) {
            return false;
        }
        claim(place, key);
        if (mates) {
            mate[place] = (byte) moves;
        } else {
            none[place] = (byte) moves;
        }
        return mates;
    }

    private void claim(int place, long key) {
        if (keys[place] != key) {
            keys[place] = key;
            none[place] = 0;
            mate[place] = 0;
        }
    }

    /** A move that mates within so many moves; 0 for none. */
    private int firstMate(int moves) {
        int[] all = attacks[moves];
        return firstMate(all, MoveGenerator.all(board, all, 0), moves);
    }

    private int firstMate(int[] all, int count, int moves) {
        CheckingMoves checks = checking[moves];
        checks.begin(board);
        int front = 0;
        for (int i = 0; i < count; i++) {
            if (checks.isCheck(all[i])) {
                swap(all, front++, i);
            }
        }
        // Nothing but a check mates at once.
        int most = moves == 1 ? front : count;
        for (int i = 0; i < most && !stopped; i++) {
            board.make(all[i]);
            boolean mates = moves == 1 ? isMated() : isLost(moves - 1);
            board.unmake(all[i]);
            if (mates && !stopped) {
                return all[i];
            }
        }
        return 0;
    }

    /** Whether a check is mate. */
    private boolean isMated() {
        nodes++;
        return !MoveGenerator.any(board);
    }

    /** Whether the side to move is mated within so many moves of the other, whatever it answers. */
    private boolean isLost(int moves) {
        if (visit()) {
            return false;
        }
        int[] all = answers[moves];
        int count = MoveGenerator.all(board, all, 0);
        if (count == 0) {
            return board.inCheck();
        }
        order(all, count, refutations[moves]);
        for (int i = 0; i < count; i++) {
            board.make(all[i]);
            boolean mated = attack(moves);
            board.unmake(all[i]);
            if (stopped) {
                return false;
            }
            if (!mated) {
                remember(refutations[moves], all[i]);
                return false;
            }
        }
        return true;
    }

    /** What refuted before comes first, then what takes. */
    private static void order(int[] all, int count, int[] refuting) {
        int front = 0;
        for (int wanted : refuting) {
            for (int i = front; i < count; i++) {
                if (all[i] == wanted) {
                    swap(all, front++, i);
                    break;
                }
            }
        }
        for (int i = front; i < count; i++) {
            if (Move.isCapture(all[i])) {
                swap(all, front++, i);
            }
        }
    }

    private static void remember(int[] refuting, int move) {
        if (refuting[0] != move) {
            refuting[1] = refuting[0];
            refuting[0] = move;
        }
    }

    private static void swap(int[] moves, int a, int b) {
        int kept = moves[a];
        moves[a] = moves[b];
        moves[b] = kept;
    }

    // ---- The line -------------------------------------------------------------------------------

    /** The mating move, an answer after which it takes longest, and on to the mate. */
    private List<Move> line(int first, int moves) {
        List<Move> line = new ArrayList<>();
        int move = first;
        int left = moves;
        while (!stopped) {
            line.add(new Move(move));
            board.make(move);
            int answer = longest(left - 1);
            if (answer == 0) {
                break;
            }
            line.add(new Move(answer));
            board.make(answer);
            left = mateIn(left - 1);
            move = firstMate(left);
        }
        return line;
    }

    /** The answer after which the mate takes longest; 0 when it is mate. */
    private int longest(int moves) {
        int[] all = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.all(board, all, 0);
        int best = 0;
        int most = 0;
        for (int move : Arrays.copyOf(all, count)) {
            board.make(move);
            int takes = mateIn(moves);
            board.unmake(move);
            if (takes > most) {
                most = takes;
                best = move;
            }
        }
        return best;
    }

    /** In how many moves the side to move mates; it does within so many. */
    private int mateIn(int moves) {
        for (int fewer = 1; fewer < moves; fewer++) {
            if (attack(fewer)) {
                return fewer;
            }
        }
        return moves;
    }
}

package org.zeroply.coach.ending;

import java.util.Arrays;
import java.util.List;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/**
 * Solves the placements of both kings with one set of pawns backwards from what leaves the set:
 * pawn moves, captures, promotions. The sets that this one leads to must be solved before it. One
 * solver is for one thread; its memory is used again for every set.
 */
final class KingTableSolver {

    private static final int SIZE = KingTable.SIZE;
    private static final short OPEN = Short.MIN_VALUE;
    private static final PieceType[] UNDERPROMOTIONS = {
        PieceType.ROOK, PieceType.BISHOP, PieceType.KNIGHT
    };

    private final Exits exits;
    private final byte[] kingMoves = new byte[SIZE];
    private final short[] longest = new short[SIZE];
    private final boolean[] saved = new boolean[SIZE];
    private final Buckets wins = new Buckets();
    private final Buckets losses = new Buckets();

    private short[] values = new short[0];
    private Pawns pawns = new Pawns(0, 0);

    /** A pawn move with the tables it leads to; null where a table is missing. */
    private record Way(Pawns.Step step, KingTable after, KingTable[] passing) {}

    KingTableSolver(Exits exits) {
        this.exits = exits;
    }

    /** Solves a set. */
    KingTable solve(Pawns set) {
        return solve(set, -1);
    }

    /**
     * Solves a set with one placement counted as a draw, as if whoever is to move there could stand
     * still.
     *
     * @param held its {@link KingTable#index}, or -1
     */
    KingTable solve(Pawns set, int held) {
        exits.begin();
        pawns = set;
        values = new short[SIZE];
        Arrays.fill(values, OPEN);
        Arrays.fill(longest, (short) -1);
        Arrays.fill(saved, false);
        wins.clear();
        losses.clear();
        for (int side = 0; side < 2; side++) {
            begin(side);
        }
        if (held >= 0) {
            values[held] = 0;
        }
        spread();
        return new KingTable(values, !exits.hasAssumed());
    }

    // ---- What leaves the set --------------------------------------------------------------------

    private void begin(int side) {
        Way[] ways = pawns.steps(side).stream().map(this::way).toArray(Way[]::new);
        KingTable[] captures = new KingTable[64];
        for (int square : Squares.list(pawns.of(1 - side))) {
            captures[square] = table(pawns.without(1 - side, square));
        }
        long enemyAttacks = Squares.pawnAttacks(Side.of(1 - side), pawns.of(1 - side));
        long ownAttacks = Squares.pawnAttacks(Side.of(side), pawns.of(side));
        for (int own = 0; own < 64; own++) {
            for (int enemy = 0; enemy < 64; enemy++) {
                int white = side == 0 ? own : enemy;
                int black = side == 0 ? enemy : own;
                int at = KingTable.index(side, white, black);
                boolean legal =
                        (pawns.all() & (1L << own | 1L << enemy)) == 0
                                && own != enemy
                                && (Attacks.king(own) & 1L << enemy) == 0
                                && (ownAttacks & 1L << enemy) == 0;
                if (legal) {
                    begin(at, side, own, enemy, enemyAttacks, ways, captures);
                } else {
                    values[at] = KingTable.ILLEGAL;
                }
            }
        }
    }

    private Way way(Pawns.Step step) {
        KingTable[] passing =
                step.passing().stream().map(p -> table(p.after())).toArray(KingTable[]::new);
        return new Way(step, table(step.after()), passing);
    }

    private KingTable table(Pawns set) {
        return exits.table(set).orElse(null);
    }

    private void begin(
            int at,
            int side,
            int own,
            int enemy,
            long enemyAttacks,
            Way[] ways,
            KingTable[] captures) {
        long targets = Attacks.king(own) & ~enemyAttacks & ~Attacks.king(enemy) & ~pawns.of(side);
        long taking = targets & pawns.of(1 - side);
        boolean any = targets != 0;
        kingMoves[at] = (byte) Long.bitCount(targets & ~taking);
        for (long set = taking; set != 0; set &= set - 1) {
            int to = Squares.first(set);
            int white = side == 0 ? to : enemy;
            int black = side == 0 ? enemy : to;
            exit(at, exits.value(captures[to], 1 - side, white, black));
        }
        boolean inCheck = (enemyAttacks & 1L << own) != 0;
        long checkers = inCheck ? Attacks.pawn(side, own) & pawns.of(1 - side) : 0;
        long kings = 1L << own | 1L << enemy;
        for (Way way : ways) {
            Pawns.Step step = way.step();
            boolean free =
                    (kings & 1L << step.to()) == 0
                            && (step.over() < 0 || (kings & 1L << step.over()) == 0);
            boolean answers = checkers == 0 || step.taken() >= 0 && checkers == 1L << step.taken();
            if (free && answers) {
                any = true;
                exit(at, after(way, side, own, enemy));
            }
        }
        if (!any && inCheck) {
            losses.add(0, at);
        } else if (!any) {
            values[at] = 0;
        } else if (kingMoves[at] == 0 && !saved[at]) {
            losses.add(longest[at], at);
        }
    }

    /** The result for the other side after a pawn move. */
    private int after(Way way, int side, int own, int enemy) {
        int white = side == 0 ? own : enemy;
        int black = side == 0 ? enemy : own;
        Pawns.Step step = way.step();
        if (step.promotes()) {
            return promoted(way, side, white, black);
        }
        int value = exits.value(way.after(), 1 - side, white, black);
        List<Pawns.Passing> passing = step.passing();
        for (int i = 0; i < passing.size(); i++) {
            Pawns caught = passing.get(i).after();
            long attacks = Squares.pawnAttacks(Side.of(side), caught.of(side));
            boolean blocked = passing.get(i).to() == own || passing.get(i).to() == enemy;
            if (!blocked && !Squares.has(attacks, enemy)) {
                int then = exits.value(way.passing()[i], side, white, black);
                value = Plies.better(value, Plies.back(then));
            }
        }
        return value;
    }

    /** A queen; where that does not win, whatever is best: stalemate or a fork is the reason. */
    private int promoted(Way way, int side, int white, int black) {
        Pawns left = way.step().after();
        int to = way.step().to();
        int best = exits.promoted(PieceType.QUEEN, left, way.after(), to, side, white, black);
        for (int i = 0; i < UNDERPROMOTIONS.length && best >= 0; i++) {
            int other =
                    exits.promoted(UNDERPROMOTIONS[i], left, way.after(), to, side, white, black);
            best = Plies.rank(best) <= Plies.rank(other) ? best : other;
        }
        return best;
    }

    /** Takes note of a move that leaves the set, by the result for the other side after it. */
    private void exit(int at, int after) {
        int value = Plies.back(after);
        if (value > 0) {
            saved[at] = true;
            wins.add(value, at);
        } else if (value == 0) {
            saved[at] = true;
        } else {
            longest[at] = (short) Math.max(longest[at], Plies.distance(value));
        }
    }

    // ---- Backwards through the moves of the kings -----------------------------------------------

    private void spread() {
        for (int plies = 0; plies <= Math.max(wins.most(), losses.most()); plies++) {
            for (int i = 0; i < wins.size(plies); i++) {
                settle(wins.get(plies, i), plies, true);
            }
            for (int i = 0; i < losses.size(plies); i++) {
                settle(losses.get(plies, i), plies, false);
            }
        }
        for (int i = 0; i < SIZE; i++) {
            values[i] = values[i] == OPEN ? 0 : values[i];
        }
    }

    /** Settles a placement, and tells those from which the other king could have come. */
    private void settle(int at, int plies, boolean won) {
        if (values[at] != OPEN) {
            return;
        }
        values[at] = (short) (won ? plies : Plies.lossIn(plies));
        int mover = 1 - (at >> 12);
        int white = at >> 6 & 63;
        int black = at & 63;
        for (long set = Attacks.king(mover == 0 ? white : black); set != 0; set &= set - 1) {
            int from = Squares.first(set);
            int previous =
                    mover == 0 ? KingTable.index(0, from, black) : KingTable.index(1, white, from);
            if (values[previous] != OPEN) {
                continue;
            }
            if (!won) {
                wins.add(plies + 1, previous);
            } else if (--kingMoves[previous] == 0 && !saved[previous]) {
                losses.add(Math.max(plies + 1, longest[previous]), previous);
            }
        }
    }
}

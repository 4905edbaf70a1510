package org.zeroply.coach.fact.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.StringJoiner;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** Islands; isolated, doubled, backward and hanging pawns; passed pawns and candidates. */
public final class PawnFacts {

    /** Files between a passed pawn and the nearest enemy pawn from which on it is outside. */
    private static final int OUTSIDE = 3;

    private final Scene scene;
    private final Side side;
    private final long own;
    private final long theirs;
    private final long passed;
    private final long backward;
    private final List<Fact> facts = new ArrayList<>();

    private PawnFacts(Scene scene, Side side) {
        this.scene = scene;
        this.side = side;
        own = scene.pawns(side);
        theirs = scene.pawns(side.other());
        passed = passed(scene, side);
        backward = PawnSets.backward(side, own, theirs);
    }

    /** The facts about a side's pawns. */
    public static List<Fact> of(Scene scene, Side side) {
        PawnFacts finder = new PawnFacts(scene, side);
        finder.islands();
        for (long set = finder.own; set != 0; set &= set - 1) {
            finder.pawn(Squares.first(set));
        }
        finder.doubled();
        finder.hangingPair();
        return finder.facts;
    }

    /** The pawns of a side that no enemy pawn can stop and no own pawn stands before. */
    public static long passed(Scene scene, Side side) {
        return PawnSets.passed(side, scene.pawns(side), scene.pawns(side.other()));
    }

    private void islands() {
        StringJoiner names = new StringJoiner(", ");
        int count = 0;
        int file = 0;
        while (file < 8) {
            int end = file;
            while ((own & Squares.ofFile(end)) != 0) {
                end++;
            }
            if (end > file) {
                count++;
                names.add(end == file + 1 ? name(file) : name(file) + "-" + name(end - 1));
            }
            file = end + 1;
        }
        if (count > 0) {
            String text =
                    count == 1
                            ? CoachWords.of("fact.one-pawn-island")
                            : CoachWords.of("fact.pawn-islands", count);
            facts.add(Fact.ofSet(FactKind.ISLANDS, side, text + names, own).with("count", count));
        }
    }

    private static String name(int file) {
        return String.valueOf((char) ('a' + file));
    }

    private void pawn(int square) {
        long beside = Squares.besideFiles(square);
        boolean open = (Squares.ahead(side, square) & theirs) == 0;
        if ((own & beside) == 0) {
            facts.add(
                    Fact.of(
                                    FactKind.ISOLATED,
                                    side,
                                    CoachWords.of("fact.isolated-pawn", Square.name(square)),
                                    square)
                            .trait("on a half-open file", open && isUnpassed(square))
                            .told());
        } else if (Squares.has(backward, square)) {
            facts.add(
                    Fact.of(
                                    FactKind.BACKWARD,
                                    side,
                                    CoachWords.of("fact.backward-pawn", Square.name(square)),
                                    square)
                            .trait("on a half-open file", open)
                            .told());
        }
        if (!isUnpassed(square)) {
            passed(square);
        } else if (isCandidate(square)) {
            String text = CoachWords.of("fact.pawn-can-become-passed", Square.name(square));
            facts.add(Fact.of(FactKind.CANDIDATE_PASSED, side, text, square));
        }
    }

    private boolean isUnpassed(int square) {
        return !Squares.has(passed, square);
    }

    private void passed(int square) {
        boolean connected = false;
        for (long set = passed & Squares.besideFiles(square); set != 0; set &= set - 1) {
            connected |= Math.abs(Square.rank(Squares.first(set)) - Square.rank(square)) <= 1;
        }
        int stop = Squares.stop(side, square);
        facts.add(
                Fact.of(
                                FactKind.PASSED,
                                side,
                                CoachWords.of("fact.passed-pawn", Square.name(square)),
                                square)
                        .with("toGo", 7 - Squares.rank(side, square))
                        .trait("protected", Squares.has(scene.byPawns(side), square))
                        .trait("connected", connected)
                        .trait("outside", isOutside(square))
                        .trait("blockaded", Squares.has(scene.men(side.other()), stop))
                        .told());
    }

    /** Outside: all enemy pawns stand on one side of it, none within two files. */
    private boolean isOutside(int square) {
        int file = Square.file(square);
        int nearest = 8;
        boolean left = false;
        boolean right = false;
        for (long set = theirs; set != 0; set &= set - 1) {
            int gap = Square.file(Squares.first(set)) - file;
            left |= gap <= 0;
            right |= gap >= 0;
            nearest = Math.min(nearest, Math.abs(gap));
        }
        return theirs != 0 && left != right && nearest >= OUTSIDE;
    }

    /**
     * Candidate: nothing but air on its file ahead, and at least as many helpers, level with it or
     * behind, as sentries.
     */
    private boolean isCandidate(int square) {
        if ((Squares.ahead(side, square) & (own | theirs)) != 0) {
            return false;
        }
        long beside = Squares.besideFiles(square);
        long sentries = Squares.front(side, square) & beside & theirs;
        long helpers = beside & own & ~Squares.front(side, square);
        return Long.bitCount(helpers) >= Long.bitCount(sentries);
    }

    private void doubled() {
        for (int file = 0; file < 8; file++) {
            long pawns = own & Squares.ofFile(file);
            int count = Long.bitCount(pawns);
            if (count > 1) {
                String word =
                        count == 2
                                ? "doubled"
                                : count == 3 ? "tripled" : CoachWords.of("fact.fold", count);
                String text = CoachWords.of("fact.pawns-2", word, Squares.names(pawns));
                boolean isolated = (own & Squares.besideFiles(Square.at(file, 0))) == 0;
                facts.add(
                        Fact.ofSet(FactKind.DOUBLED, side, text, pawns)
                                .with("count", count)
                                .trait("isolated", isolated)
                                .told());
            }
        }
    }

    /**
     * Hanging pair: an island of two pawns abreast on the fourth rank, on files c to f, with no
     * enemy pawn on their files and at least one on a file beside them.
     */
    private void hangingPair() {
        long pair = PawnSets.hangingPair(side, own, theirs);
        if (pair != 0) {
            String text = CoachWords.of("fact.hanging-pawns", Squares.names(pair));
            facts.add(Fact.ofSet(FactKind.HANGING_PAIR, side, text, pair));
        }
    }

    /** The pawns of a side that cannot move on: an enemy man stands in front, or a pawn guards. */
    public static long fixed(Scene scene, Side side) {
        long fixed = 0;
        for (long set = scene.pawns(side); set != 0; set &= set - 1) {
            int square = Squares.first(set);
            int stop = Squares.stop(side, square);
            boolean blocked = Squares.has(scene.pawns(side.other()), stop);
            boolean guarded =
                    Squares.has(scene.byPawns(side.other()), stop)
                            && (Attacks.pawn(side.other().ordinal(), stop) & scene.pawns(side))
                                    == 0;
            if (blocked || guarded) {
                fixed |= 1L << square;
            }
        }
        return fixed;
    }
}

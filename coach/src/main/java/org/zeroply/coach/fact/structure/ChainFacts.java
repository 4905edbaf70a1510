package org.zeroply.coach.fact.structure;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** Chains with their base, and majorities on a wing. */
public final class ChainFacts {

    private ChainFacts() {}

    /** The facts about a side. */
    public static List<Fact> of(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        long rest = scene.pawns(side);
        while (rest != 0) {
            long chain = connected(scene, side, Long.lowestOneBit(rest));
            rest &= ~chain;
            chain(scene, side, chain, facts);
        }
        majority(scene, side, Squares.QUEENSIDE, "queenside", facts);
        majority(scene, side, ~Squares.QUEENSIDE, "kingside", facts);
        return facts;
    }

    /** All pawns that guard each other, one after the other, with these. */
    private static long connected(Scene scene, Side side, long start) {
        long chain = start;
        long before;
        do {
            before = chain;
            chain |= Squares.pawnAttacks(side, chain) & scene.pawns(side);
            chain |= Squares.pawnAttacks(side.other(), chain) & scene.pawns(side);
        } while (chain != before);
        return chain;
    }

    /** Three pawns make a chain; two do if an enemy pawn stops the head of them. */
    private static void chain(Scene scene, Side side, long chain, List<Fact> facts) {
        long heads = 0;
        for (long set = chain; set != 0; set &= set - 1) {
            int square = Squares.first(set);
            boolean guardsNone = (Attacks.pawn(side.ordinal(), square) & chain) == 0;
            heads |= guardsNone ? 1L << square : 0;
        }
        boolean locked = false;
        for (long set = heads; set != 0; set &= set - 1) {
            int stop = Squares.stop(side, Squares.first(set));
            locked |= Squares.has(scene.pawns(side.other()), stop);
        }
        int length = Long.bitCount(chain);
        if (length < 2 || length == 2 && !locked) {
            return;
        }
        long base = chain & ~scene.byPawns(side);
        String text =
                CoachWords.of(
                        "fact.pawn-chain-with-its-base", Squares.names(chain), Squares.names(base));
        Fact fact = Fact.ofSet(FactKind.CHAIN, side, text, chain).with("length", length);
        for (int square : Squares.list(base)) {
            fact = fact.marked(Mark.Meaning.TARGET, square);
        }
        for (int square : Squares.list(chain & ~base)) {
            fact = fact.marked(Mark.Meaning.KEY, square);
        }
        facts.add(fact.trait("locked", locked).told());
    }

    private static void majority(Scene scene, Side side, long wing, String name, List<Fact> facts) {
        long own = scene.pawns(side) & wing;
        int more = Long.bitCount(own);
        int fewer = Long.bitCount(scene.pawns(side.other()) & wing);
        if (more <= fewer) {
            return;
        }
        boolean doubled = false;
        for (int file = 0; file < 8; file++) {
            doubled |= Long.bitCount(own & Squares.ofFile(file)) > 1;
        }
        facts.add(
                Fact.ofSet(
                                FactKind.MAJORITY,
                                side,
                                CoachWords.of(
                                        more == 1
                                                ? "fact.majority-pawn-to"
                                                : "fact.majority-pawns-to",
                                        name,
                                        more,
                                        fewer),
                                own)
                        .with("own", more)
                        .with("enemy", fewer)
                        .trait("crippled by doubled pawns", doubled)
                        .told());
    }
}

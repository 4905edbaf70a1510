package org.zeroply.coach.fact.structure;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.exchange.LegalExchange;

/** Pawns in contact, and pawn moves that bring them into contact. */
public final class LeverFacts {

    private LeverFacts() {}

    /** Pawns that could take each other, whoever is to move. */
    public static List<Fact> tension(Scene scene) {
        List<Fact> facts = new ArrayList<>();
        for (long set = scene.pawns(Side.WHITE); set != 0; set &= set - 1) {
            int white = Squares.first(set);
            for (long black = Attacks.pawn(0, white) & scene.pawns(Side.BLACK);
                    black != 0;
                    black &= black - 1) {
                int square = Squares.first(black);
                String text =
                        CoachWords.of(
                                "fact.pawns-in-contact", Square.name(white), Square.name(square));
                facts.add(Fact.ofBoth(FactKind.TENSION, text, 1L << white | 1L << square));
            }
        }
        return facts;
    }

    /** Pawn moves of a side after which the pawn attacks an enemy pawn. */
    public static List<Fact> levers(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        scene.withMove(side)
                .ifPresent(
                        position -> {
                            for (Move move : position.legalMoves()) {
                                boolean pawn =
                                        scene.typeAt(move.from()) == PieceType.PAWN
                                                && !move.isCapture()
                                                && move.promotion().isEmpty();
                                long hit =
                                        Attacks.pawn(side.ordinal(), move.to())
                                                & scene.pawns(side.other());
                                if (pawn && hit != 0) {
                                    boolean holds =
                                            LegalExchange.of(position.toBoard(), move.packed())
                                                    >= 0;
                                    facts.add(lever(scene, side, move, hit, holds));
                                }
                            }
                        });
        return facts;
    }

    private static Fact lever(Scene scene, Side side, Move move, long hit, boolean holds) {
        String text =
                CoachWords.of(
                        "fact.lever-against",
                        Square.name(move.from()),
                        Square.name(move.to()),
                        Squares.names(hit));
        Fact fact =
                Fact.of(FactKind.LEVER, side, text, move.from(), move.to())
                        .marked(Mark.Meaning.IDEA, move.from(), move.to());
        for (int target : Squares.list(hit)) {
            fact = fact.marked(Mark.Meaning.TARGET, target);
        }
        boolean passing =
                Math.abs(move.to() - move.from()) == 16
                        && (Attacks.pawn(side.ordinal(), (move.from() + move.to()) / 2)
                                        & scene.pawns(side.other()))
                                != 0;
        return fact.trait("supported", Squares.has(scene.byPawns(side), move.to()))
                .trait("costs the pawn", !holds)
                .trait("can be taken in passing", passing)
                .told();
    }
}

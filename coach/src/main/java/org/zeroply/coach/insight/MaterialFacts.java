package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.texts.CoachWords;

/** Material on both scales and in words, and what the bishops mean for it. */
final class MaterialFacts {

    private MaterialFacts() {}

    static List<Fact> of(Scene scene) {
        List<Fact> facts = new ArrayList<>();
        Position position = scene.position();
        MaterialBalance balance = MaterialBalance.of(position);
        int school = balance.hundredths(MaterialScale.SCHOOL);
        int fine = balance.hundredths(MaterialScale.FINE);
        String text = balance.words() + points(balance, school, fine);
        facts.add(
                Fact.ofBoth(FactKind.MATERIAL, text, 0).with("school", school).with("fine", fine));
        for (Side side : Side.values()) {
            boolean pair = side == Side.WHITE ? balance.whitePair() : balance.blackPair();
            boolean other = side == Side.WHITE ? balance.blackPair() : balance.whitePair();
            if (pair && !other) {
                long bishops = scene.men(side, PieceType.BISHOP);
                facts.add(
                        Fact.ofSet(
                                FactKind.BISHOP_PAIR,
                                side,
                                CoachWords.of("insight.has-the-bishop-pair"),
                                bishops));
            }
        }
        if (balance.oppositeBishops()) {
            facts.add(oppositeBishops(scene));
        }
        return facts;
    }

    /** In points, where they tell something. */
    private static String points(MaterialBalance balance, int school, int fine) {
        String finer = balance.points(MaterialScale.FINE);
        if (school == fine) {
            return school == 0 ? "" : " (" + counted(finer) + ")";
        }
        return school == 0
                ? CoachWords.of("insight.on-the-finer-scale", counted(finer))
                : CoachWords.of(
                        "insight.on-the-finer-scale-2",
                        counted(balance.points(MaterialScale.SCHOOL)),
                        finer);
    }

    private static String counted(String points) {
        return CoachWords.of(points.matches("[+-]1") ? "insight.point" : "insight.points", points);
    }

    /** Both schools have a say: with major pieces it is a weapon, without them a shelter. */
    private static Fact oppositeBishops(Scene scene) {
        boolean majors = (scene.majors(Side.WHITE) | scene.majors(Side.BLACK)) != 0;
        boolean alone =
                !majors
                        && scene.men(Side.WHITE, PieceType.KNIGHT) == 0
                        && scene.men(Side.BLACK, PieceType.KNIGHT) == 0;
        String meaning =
                majors
                        ? CoachWords.of("insight.the-side-that-attacks-has")
                        : CoachWords.of(
                                alone
                                        ? "insight.a-pawn-or-two-more"
                                        : "insight.drawish-once-the-knights-are");
        long bishops =
                scene.men(Side.WHITE, PieceType.BISHOP) | scene.men(Side.BLACK, PieceType.BISHOP);
        return Fact.ofBoth(
                        FactKind.OPPOSITE_BISHOPS,
                        CoachWords.of("insight.opposite-coloured-bishops", meaning),
                        bishops)
                .trait(majors ? "middlegame" : "ending", true);
    }
}

package org.zeroply.coach.fact.structure;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** Open and half-open files, and who stands on them. */
public final class FileFacts {

    private FileFacts() {}

    /** Files with no pawn at all. */
    public static List<Fact> open(Scene scene) {
        List<Fact> facts = new ArrayList<>();
        for (int file = 0; file < 8; file++) {
            long squares = Squares.ofFile(file);
            if ((squares & scene.pawns()) == 0) {
                Fact fact =
                        Fact.ofBoth(
                                FactKind.OPEN_FILE,
                                CoachWords.of("fact.open", name(file)),
                                squares);
                boolean white = (scene.majors(Side.WHITE) & squares) != 0;
                boolean black = (scene.majors(Side.BLACK) & squares) != 0;
                facts.add(
                        fact.trait("held by White", white && !black)
                                .trait("held by Black", black && !white)
                                .trait("contested", white && black)
                                .told());
            }
        }
        return facts;
    }

    /** Files on which a side has no pawn and the other has. */
    public static List<Fact> halfOpen(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        for (int file = 0; file < 8; file++) {
            long squares = Squares.ofFile(file);
            long targets = squares & scene.pawns(side.other());
            if ((squares & scene.pawns(side)) == 0 && targets != 0) {
                Fact fact =
                        Fact.ofSet(
                                FactKind.HALF_OPEN_FILE,
                                side,
                                CoachWords.of("fact.half-open", name(file)),
                                squares);
                for (int target : Squares.list(targets)) {
                    fact = fact.marked(Mark.Meaning.TARGET, target);
                }
                for (int square : Squares.list(squares & ~scene.occupied())) {
                    fact = fact.marked(Mark.Meaning.KEY, square);
                }
                boolean used = (scene.majors(side) & squares) != 0;
                facts.add(fact.trait("in use", used).told());
            }
        }
        return facts;
    }

    private static String name(int file) {
        return CoachWords.of("fact.file", (char) ('a' + file));
    }
}

package org.zeroply.coach.defence.whatif;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.texts.CoachWords;

/** Tells in words what differs between two positions. */
final class Difference {

    private Difference() {}

    /** {@code without pawn h7}, {@code king g8 on h8}, {@code Black to move}. */
    static String words(Position base, Position changed) {
        List<Integer> gone = new ArrayList<>();
        List<Integer> come = new ArrayList<>();
        for (int square = 0; square < 64; square++) {
            Optional<Piece> was = base.pieceAt(square);
            Optional<Piece> is = changed.pieceAt(square);
            if (!was.equals(is)) {
                if (was.isPresent()) {
                    gone.add(square);
                }
                if (is.isPresent()) {
                    come.add(square);
                }
            }
        }
        List<String> words = new ArrayList<>();
        for (int from : gone) {
            Piece man = base.pieceAt(from).orElseThrow();
            Optional<Integer> to =
                    come.stream()
                            .filter(s -> changed.pieceAt(s).equals(Optional.of(man)))
                            .findFirst();
            to.ifPresent(come::remove);
            words.add(
                    to.map(s -> CoachWords.of("defence.on", name(man, from), Square.name(s)))
                            .orElse(CoachWords.of("defence.without", name(man, from))));
        }
        for (int square : come) {
            words.add(
                    CoachWords.of(
                            "defence.with", name(changed.pieceAt(square).orElseThrow(), square)));
        }
        if (base.sideToMove() != changed.sideToMove()) {
            words.add(CoachWords.of("defence.to-move", changed.sideToMove().word()));
        }
        return words.isEmpty() ? CoachWords.of("defence.as-it-is") : String.join(", ", words);
    }

    private static String name(Piece man, int square) {
        return man.side().word() + "'s " + man.type().word() + " " + Square.name(square);
    }
}

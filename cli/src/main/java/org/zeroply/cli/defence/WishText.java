package org.zeroply.cli.defence;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.defence.practice.Wish;

/** The answer to a wish for people. */
final class WishText {

    private static final int SHOWN = 5;

    private WishText() {}

    static List<String> lines(Wish wish, String text, List<List<List<String>>> shots) {
        List<String> lines = new ArrayList<>();
        Position start = wish.position();
        if (wish.worksNow()) {
            lines.add(text + " works at once.");
            return lines;
        }
        lines.add(
                wish.now()
                        .map(w -> text + " fails now: " + Line.numbered(start, w.line()))
                        .orElse(text + " is not possible yet."));
        for (int i = 0; i < wish.sets().size(); i++) {
            Wish.Preparation set = wish.sets().get(i);
            String orders =
                    set.orders().size() > 1 ? " (in " + set.orders().size() + " orders)" : "";
            lines.add("Prepared by " + row(start, set.moves()) + orders + ":");
            lines.add("  " + Line.numbered(start, set.line()));
            for (int j = 0; j < shots.get(i).size(); j++) {
                if (!shots.get(i).get(j).isEmpty()) {
                    String shot = first(shots.get(i).get(j));
                    lines.add("  beware, after move " + (j + 1) + ": " + shot);
                }
            }
        }
        if (wish.sets().isEmpty()) {
            lines.add("No set of up to three preparing moves was found that makes it work.");
        }
        return lines;
    }

    private static String row(Position start, List<Move> moves) {
        return moves.stream().map(m -> name(start, m)).collect(Collectors.joining(", "));
    }

    /** The move in SAN; where it only becomes legal later, by its squares. */
    static String name(Position start, Move move) {
        return start.isLegal(move) ? San.write(start, move) : move.coordinates();
    }

    private static String first(List<String> san) {
        return String.join(" ", san.subList(0, Math.min(SHOWN, san.size())));
    }
}

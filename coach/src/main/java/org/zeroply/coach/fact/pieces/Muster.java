package org.zeroply.coach.fact.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/**
 * The men that bear on a square, or can soon.
 *
 * @param men each with the moves it needs, 0 for those that bear on it now; the quickest first
 */
record Muster(List<Joiner> men) {

    Muster {
        men = men.stream().sorted(Comparator.comparingInt(Joiner::moves)).toList();
    }

    /**
     * A man that bears on a square after so many moves.
     *
     * @param square where it stands, 0-63
     */
    record Joiner(int square, int moves) {}

    /** The same without the man on a square. */
    Muster without(int square) {
        return new Muster(men.stream().filter(m -> m.square() != square).toList());
    }

    /** The most men that can join for so many moves together. */
    Muster within(int moves) {
        List<Joiner> some = new ArrayList<>();
        int spent = 0;
        for (Joiner man : men) {
            spent += man.moves();
            if (spent <= moves) {
                some.add(man);
            }
        }
        return new Muster(some);
    }

    /** Moves that all of them need together. */
    int moves() {
        return men.stream().mapToInt(Joiner::moves).sum();
    }

    /** Where they stand. */
    long squares() {
        return Squares.set(men.stream().map(Joiner::square).toList());
    }

    /** In words: {@code queen h5, knight f3 (in 1 move) and rook f1 (in 2 moves)}. */
    String words(Scene scene) {
        return Squares.join(men.stream().map(m -> words(scene, m)).toList());
    }

    private static String words(Scene scene, Joiner man) {
        String name = scene.man(man.square());
        return switch (man.moves()) {
            case 0 -> name;
            case 1 -> CoachWords.of("fact.in-1-move", name);
            default -> CoachWords.of("fact.in-moves", name, man.moves());
        };
    }
}

package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Squares;

/**
 * Structures of pawns that have a name in general use. Each is written as if White's: the own pawns
 * and those of the other side, {@code e2/e3} for one on either square and {@code -c} for none on a
 * file. What each means exactly is our choice among the definitions in use ({@code docs/find.md}).
 */
enum Structure {
    CARLSBAD("Carlsbad structure", "d4 e2/e3 -c", "d5 c6/c7 -e"),
    MAROCZY("Maroczy bind", "c4 e4 -d", "d6/d7 -c"),
    HEDGEHOG("hedgehog", "b3 d3 e3 -c", "c5 -d"),
    SCHEVENINGEN("Scheveningen structure", "d3 e3 -c", "e5 -d"),
    BOLESLAVSKY("Boleslavsky structure", "d3 e4 -c", "e5 -d"),
    DRAGON("Dragon structure", "d3 e2 f2 g3 -c", "e5 -d"),
    STONEWALL("stonewall", "c2/c3 d4 e3 f4", "d5"),
    BENONI("Benoni structure", "c4 d3 -e", "d4 -c"),
    CARO_KANN("Caro-Kann structure", "d4 -e", "c6 e6 -d"),
    FRENCH_CHAIN("French chain", "d4 e5", "d5 e6"),
    KINGS_INDIAN_CHAIN("King's Indian chain", "d5 e4", "d6 e5");

    private final String words;
    private final List<Long> own;
    private final List<Long> theirs;
    private final long notOwn;
    private final long notTheirs;

    Structure(String words, String own, String theirs) {
        this.words = words;
        this.own = wanted(own);
        this.theirs = wanted(theirs);
        notOwn = unwanted(own);
        notTheirs = unwanted(theirs);
    }

    /** The sets of squares of which each must hold a pawn. */
    private static List<Long> wanted(String pawns) {
        List<Long> wanted = new ArrayList<>();
        for (String word : pawns.split(" ")) {
            if (!word.startsWith("-")) {
                wanted.add(Squares.set(Arrays.stream(word.split("/")).map(Square::parse).toList()));
            }
        }
        return List.copyOf(wanted);
    }

    private static long unwanted(String pawns) {
        long unwanted = 0;
        for (String word : pawns.split(" ")) {
            unwanted |= word.startsWith("-") ? Squares.ofFile(word.charAt(1) - 'a') : 0;
        }
        return unwanted;
    }

    String words() {
        return words;
    }

    /** The one whose words begin so, in small letters. */
    static Structure of(String name) {
        return Arrays.stream(values())
                .filter(s -> s.words.toLowerCase(Locale.ROOT).startsWith(name))
                .findFirst()
                .orElseThrow();
    }

    private static Symmetry way(boolean mirrored, Side side) {
        return side == Side.WHITE
                ? mirrored ? Symmetry.MIRRORED : Symmetry.SAME
                : mirrored ? Symmetry.MIRRORED_AND_FLIPPED : Symmetry.FLIPPED;
    }

    /**
     * Whether the pawns stand so.
     *
     * @param side whose structure it is
     * @param mirrored whether files are counted from the other end
     */
    boolean isShown(Side side, long ownPawns, long theirPawns, boolean mirrored) {
        Symmetry way = way(mirrored, side);
        long us = way.set(ownPawns);
        long them = way.set(theirPawns);
        return (us & notOwn) == 0
                && (them & notTheirs) == 0
                && own.stream().allMatch(set -> (us & set) != 0)
                && theirs.stream().allMatch(set -> (them & set) != 0);
    }
}

package org.zeroply.library.student;

import java.util.Locale;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.library.texts.LibraryWords;

/**
 * An exercise that a student is to solve.
 *
 * @param homework what is to be solved
 * @param dueDay days since 1970-01-01
 * @param attempt uuid of the attempt that came of it; empty before
 */
public record Assignment(
        long id,
        String uuid,
        long studentId,
        Homework homework,
        long dueDay,
        State state,
        String attempt) {

    /** How far it has come. */
    public enum State {
        ASSIGNED,
        OPENED,
        DONE,
        MARKED;

        /** Lower case, as in files and on screen. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        static State of(String word) {
            return valueOf(word.toUpperCase(Locale.ROOT));
        }
    }

    /** Whether it still is to be solved. */
    public boolean isOpen() {
        return state == State.ASSIGNED || state == State.OPENED;
    }

    /** Title, and how the board is turned. */
    public String name() {
        Symmetry clothes = homework.clothes();
        return homework.title() + (clothes == Symmetry.SAME ? "" : " (" + words(clothes) + ")");
    }

    /** How a board is turned, in words. */
    public static String words(Symmetry clothes) {
        return switch (clothes) {
            case SAME -> LibraryWords.of("student.as-it-stands");
            case MIRRORED -> "mirrored";
            case FLIPPED -> LibraryWords.of("student.colours-exchanged");
            case MIRRORED_AND_FLIPPED -> LibraryWords.of("student.mirrored-colours-exchanged");
        };
    }
}

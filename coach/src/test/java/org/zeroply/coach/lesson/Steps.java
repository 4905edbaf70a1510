package org.zeroply.coach.lesson;

import java.util.List;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;

/** Steps of lessons as they stand in files. */
final class Steps {

    private Steps() {}

    /** A step of these tags, a row a tag without brackets, and moves. */
    static LessonStep of(String tags, String moves) {
        StringBuilder pgn = new StringBuilder("[ZpLesson \"A test\"]\n");
        tags.lines().filter(row -> !row.isBlank()).forEach(row -> pgn.append("[" + row + "]\n"));
        return new LessonStep(trees(pgn + "\n" + moves + " *\n\n").get(0));
    }

    static List<MoveTree> trees(String pgn) {
        return PgnReader.readAll(pgn).stream().map(e -> ((PgnEntry.Game) e).tree()).toList();
    }
}

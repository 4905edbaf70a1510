package org.zeroply.coach.exercise.scheme;

import java.util.List;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.texts.CoachWords;

/** Which game an exercise is from. */
public final class GameOrigin {

    private static final List<String> TAGS = List.of("White", "Black", "Date");

    private GameOrigin() {}

    /** Writes down the players and the date, and names the exercise after them and its move. */
    public static void write(TreeEditor editor, MoveTree game) {
        TAGS.forEach(tag -> editor.tag(tag, game.tag(tag)));
        editor.tag("ZpTitle", title(game.tag("White"), game.tag("Black"), editor.tree().start()));
    }

    /** Who played whom, and at which move. */
    public static String title(String white, String black, Position position) {
        return CoachWords.of("exercise.move", white, black, position.fullmoveNumber());
    }
}

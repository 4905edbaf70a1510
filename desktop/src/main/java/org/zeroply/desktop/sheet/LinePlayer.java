package org.zeroply.desktop.sheet;

import java.util.OptionalLong;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.desktop.work.TreeSession;

/** Puts a line that is written in words onto the board, to be stepped through with the arrows. */
public final class LinePlayer {

    private LinePlayer() {}

    /** Opens the line in a session; a line that begins later is found after the moves before it. */
    public static void play(TreeSession session, MoveTree scheme, String row, String line) {
        Position start = scheme.start();
        WrittenAnswer.Row whole = WrittenAnswer.row(start, 1, line);
        TreeEditor editor = new TreeEditor(new MoveTree(start));
        if (whole.problem().isEmpty() && !whole.moves().isEmpty()) {
            editor.addLine(editor.tree().root(), whole.moves());
        } else {
            join(editor, WrittenAnswer.row(start, 1, row), line);
        }
        session.open(editor.tree(), OptionalLong.empty());
        session.forward();
    }

    private static void join(TreeEditor editor, WrittenAnswer.Row row, String line) {
        var node = editor.tree().root();
        for (Move move : row.moves()) {
            boolean here = line.startsWith(Line.number(node.position(), true));
            WrittenAnswer.Row rest = WrittenAnswer.row(node.position(), 1, line);
            if (here && rest.problem().isEmpty()) {
                editor.addLine(node, rest.moves());
                return;
            }
            node = editor.add(node, move);
        }
    }
}

package org.zeroply.library.sheet;

import java.util.HashMap;
import java.util.Map;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.TreeSeries;
import org.zeroply.chess.tree.MoveTree;

/** The columns of a sheet, taken from the tags of its tree. */
final class Columns {

    private Columns() {}

    static Map<String, Object> of(MoveTree tree) {
        Map<String, Object> columns = new HashMap<>();
        columns.put("kind", SheetStore.kindOf(tree).word());
        columns.put("own_title", tree.tag("ZpTitle"));
        columns.put("white", known(tree.tag("White")));
        columns.put("black", known(tree.tag("Black")));
        columns.put("event", known(tree.tag("Event")));
        columns.put("date", known(tree.tag("Date")));
        columns.put("result", tree.result());
        columns.put("white_elo", number(tree.tag("WhiteElo")));
        columns.put("black_elo", number(tree.tag("BlackElo")));
        columns.put("plies", tree.mainLine().size());
        return columns;
    }

    /** Of a series its name and, as moves, its trees; who played a game in it is not its own. */
    static Map<String, Object> of(TreeSeries series, SheetKind kind) {
        Map<String, Object> columns = of(new MoveTree(Position.START));
        columns.put("kind", kind.word());
        columns.put("own_title", series.title());
        columns.put("plies", series.size());
        return columns;
    }

    private static String known(String value) {
        return value.equals("?") || value.equals("????.??.??") ? "" : value;
    }

    private static int number(String value) {
        return value.matches("\\d{1,4}") ? Integer.parseInt(value) : 0;
    }
}

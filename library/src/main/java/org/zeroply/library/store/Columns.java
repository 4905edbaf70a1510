package org.zeroply.library.store;

import java.util.HashMap;
import java.util.Map;
import org.zeroply.chess.tree.MoveTree;

/** The columns of a sheet, taken from the tags of its tree. */
final class Columns {

    private Columns() {}

    static Map<String, Object> of(MoveTree tree) {
        Map<String, Object> columns = new HashMap<>();
        columns.put("kind", SheetStore.kindOf(tree).word());
        columns.put("title", title(tree));
        columns.put("white", known(tree.tag("White")));
        columns.put("black", known(tree.tag("Black")));
        columns.put("event", known(tree.tag("Event")));
        columns.put("date", known(tree.tag("Date")));
        columns.put("result", tree.result());
        columns.put("whiteElo", number(tree.tag("WhiteElo")));
        columns.put("blackElo", number(tree.tag("BlackElo")));
        columns.put("plies", tree.mainLine().size());
        return columns;
    }

    /** The title of a sheet: its own tag, or who played whom. */
    static String title(MoveTree tree) {
        String own = tree.tag("ZpTitle");
        if (!own.isEmpty()) {
            return own;
        }
        String white = known(tree.tag("White"));
        String black = known(tree.tag("Black"));
        if (white.isEmpty() && black.isEmpty()) {
            return known(tree.tag("Event")).isEmpty() ? "Untitled" : tree.tag("Event");
        }
        return (white.isEmpty() ? "?" : white) + " – " + (black.isEmpty() ? "?" : black);
    }

    private static String known(String value) {
        return value.equals("?") || value.equals("????.??.??") ? "" : value;
    }

    private static int number(String value) {
        return value.matches("\\d{1,4}") ? Integer.parseInt(value) : 0;
    }
}

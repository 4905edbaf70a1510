package org.zeroply.chess.notation;

/** What a row with tags looks like; one rule for cutting games and for reading them. */
final class TagRow {

    private static final String NO_NAME = "[]\"{}();";

    private TagRow() {}

    /** Whether a row begins with a tag: a bracket, a name, and a value in quotes. */
    static boolean is(String row) {
        int open = skipSpace(row, 0);
        if (open >= row.length() || row.charAt(open) != '[') {
            return false;
        }
        int name = skipSpace(row, open + 1);
        int end = endOfName(row, name);
        int value = skipSpace(row, end);
        return end > name && value < row.length() && row.charAt(value) == '"';
    }

    /** Whether it begins with a tag of this name. */
    static boolean isNamed(String row, String wanted) {
        int name = is(row) ? skipSpace(row, row.indexOf('[') + 1) : 0;
        return is(row) && row.substring(name, endOfName(row, name)).equals(wanted);
    }

    /** Where a name that begins here ends; the same place when there is none. */
    static int endOfName(String row, int from) {
        int i = from;
        while (i < row.length() && isOfName(row.charAt(i), i == from)) {
            i++;
        }
        return i;
    }

    /** A percent sign would make it a command of a comment. */
    private static boolean isOfName(char c, boolean first) {
        return !Character.isWhitespace(c) && NO_NAME.indexOf(c) < 0 && !(first && c == '%');
    }

    static int skipSpace(String row, int from) {
        int i = from;
        while (i < row.length() && Character.isWhitespace(row.charAt(i))) {
            i++;
        }
        return i;
    }
}

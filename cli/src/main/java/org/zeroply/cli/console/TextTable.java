package org.zeroply.cli.console;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;

/**
 * Cells in columns, each as wide as its widest cell, two blanks between them. Words stand at the
 * left of their column and numbers at the right.
 */
public final class TextTable {

    private static final String GAP = "  ";

    private final String columns;
    private final List<List<String>> rows = new ArrayList<>();

    /**
     * @param columns a letter for each: {@code l} for words, {@code r} for numbers; further columns
     *     are like the last one
     */
    public TextTable(String columns) {
        this.columns = columns;
    }

    /** Adds a row; it may be shorter than others. */
    public TextTable row(Object... cells) {
        List<String> row = new ArrayList<>();
        for (Object cell : cells) {
            row.add(cell.toString());
        }
        rows.add(row);
        return this;
    }

    /** Adds a row whose first cell is a heading of it. */
    public TextTable row(String first, List<String> rest) {
        List<Object> cells = new ArrayList<>(List.of(first));
        cells.addAll(rest);
        return row(cells.toArray());
    }

    /** The lines, without blanks at their ends. */
    List<String> lines() {
        return rows.stream().map(this::line).toList();
    }

    private String line(List<String> row) {
        StringBuilder line = new StringBuilder();
        for (int i = 0; i < row.size(); i++) {
            String blanks = " ".repeat(width(i) - row.get(i).length());
            boolean number = columns.charAt(Math.min(i, columns.length() - 1)) == 'r';
            line.append(i == 0 ? "" : GAP);
            line.append(number ? blanks + row.get(i) : row.get(i) + blanks);
        }
        return line.toString().stripTrailing();
    }

    private int width(int column) {
        return rows.stream()
                .filter(row -> row.size() > column)
                .mapToInt(row -> row.get(column).length())
                .max()
                .orElse(0);
    }

    /** Prints the lines, each after an indent. */
    public void print(PrintWriter out, String indent) {
        lines().forEach(line -> out.println(line.isEmpty() ? "" : indent + line));
    }

    /** Prints the lines. */
    public void print(PrintWriter out) {
        print(out, "");
    }
}

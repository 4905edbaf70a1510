package org.zeroply.desktop.board;

import org.zeroply.chess.board.Square;

/**
 * Where the squares of a board are, in pixels: as large as fits, with a margin on the left and
 * below for the coordinates.
 *
 * @param width room for the board
 * @param height room for the board
 * @param flipped whether Black is at the bottom
 * @param bare without a margin, as a small diagram in a list
 */
record BoardGeometry(double width, double height, boolean flipped, boolean bare)
        implements MarkPainter.Corner {

    private static final double LEAST_MARGIN = 20;

    /** The margin as a part of a large board. */
    private static final double MARGIN_PART = 0.042;

    /** A board with its margin. */
    BoardGeometry(double width, double height, boolean flipped) {
        this(width, height, flipped, false);
    }

    /** Room for the coordinates. */
    double margin() {
        if (bare) {
            return 1;
        }
        return Math.max(LEAST_MARGIN, Math.floor(MARGIN_PART * Math.min(width, height)));
    }

    /** The side of a square. */
    double size() {
        return Math.floor((Math.min(width, height) - margin()) / 8);
    }

    @Override
    public double x(int square) {
        int file = Square.file(square);
        return margin() + (flipped ? 7 - file : file) * size();
    }

    @Override
    public double y(int square) {
        int rank = Square.rank(square);
        return (flipped ? rank : 7 - rank) * size();
    }

    /** The square under a point, or -1 beside the board. */
    int squareAt(double px, double py) {
        int column = (int) Math.floor((px - margin()) / size());
        int row = (int) Math.floor(py / size());
        if (column < 0 || column > 7 || row < 0 || row > 7) {
            return -1;
        }
        return Square.at(flipped ? 7 - column : column, flipped ? row : 7 - row);
    }
}

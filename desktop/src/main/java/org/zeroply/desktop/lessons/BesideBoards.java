package org.zeroply.desktop.lessons;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.Region;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.lesson.Beside;
import org.zeroply.coach.lesson.Slide;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.board.Palette;

/** Positions side by side, as large as the room allows; nothing where there is one alone. */
final class BesideBoards extends Region {

    private static final double GAP = 16;

    private final List<BoardView> boards = new ArrayList<>();
    private Palette palette;

    BesideBoards(Palette palette) {
        this.palette = palette;
        setVisible(false);
    }

    void setPalette(Palette value) {
        palette = value;
        boards.forEach(b -> b.setPalette(value));
    }

    /** Shows what a slide compares; a slide that has moved on shows its own board alone. */
    void show(Slide slide, boolean flipped) {
        boolean table = slide.beside().stream().anyMatch(b -> !b.cells().isEmpty());
        boolean compares = !slide.beside().isEmpty() && !table && slide.rows().isEmpty();
        setVisible(compares);
        if (!compares) {
            return;
        }
        List<Position> positions = new ArrayList<>(List.of(slide.picture().position()));
        slide.beside().stream().map(Beside::position).forEach(positions::add);
        while (boards.size() < positions.size()) {
            BoardView board = new BoardView();
            board.setId("beside-board-" + boards.size());
            board.setMovable(false);
            board.setFocusTraversable(false);
            board.setPalette(palette);
            boards.add(board);
        }
        for (int i = 0; i < positions.size(); i++) {
            boards.get(i).setFlipped(flipped);
            boards.get(i)
                    .show(
                            positions.get(i),
                            Optional.empty(),
                            i == 0 ? slide.picture().marks() : List.of());
        }
        getChildren().setAll(boards.subList(0, positions.size()));
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        int count = getChildren().size();
        if (count == 0) {
            return;
        }
        int columns = 1;
        for (int more = 2; more <= count; more++) {
            columns = side(more, count) > side(columns, count) ? more : columns;
        }
        double side = side(columns, count);
        for (int i = 0; i < count; i++) {
            double x = (i % columns) * (side + GAP);
            double y = (i / columns) * (side + GAP);
            boards.get(i).resizeRelocate(snapPositionX(x), snapPositionY(y), side, side);
        }
    }

    private double side(int columns, int count) {
        int rows = (count + columns - 1) / columns;
        return Math.min(
                (getWidth() - (columns - 1) * GAP) / columns,
                (getHeight() - (rows - 1) * GAP) / rows);
    }
}

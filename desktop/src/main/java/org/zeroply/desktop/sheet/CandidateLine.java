package org.zeroply.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.fact.material.LineBalance;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;

/** The moves of an engine's line ply by ply, as many as fit, the balance stepping under them. */
final class CandidateLine extends Region {

    private static final double PLY = 57;
    private static final double TYPE = 12;
    private static final double STRIP = 12;
    private static final double CELL = 20;

    private final List<Label> cells = new ArrayList<>();
    private final List<Integer> balance;
    private final int start;
    private final boolean changes;
    private final Palette palette;
    private int drawn = -1;
    private double drawnStep;

    CandidateLine(Position position, List<Move> moves, Palette palette) {
        this.palette = palette;
        List<String> san = Line.san(position, moves);
        int number = position.toBoard().fullmoveNumber();
        boolean white = position.toBoard().sideToMove() == 0;
        for (int i = 0; i < san.size(); i++) {
            String before = white ? number + "." : i == 0 ? number + "…" : "";
            Label cell = Widgets.label(before + san.get(i), "candidate-move");
            cell.setManaged(false);
            cells.add(cell);
            number += white ? 0 : 1;
            white = !white;
        }
        balance =
                LineBalance.along(position, moves).stream()
                        .map(s -> s.balance().hundredths(MaterialScale.SCHOOL))
                        .toList();
        start = MaterialBalance.of(position).hundredths(MaterialScale.SCHOOL);
        changes = balance.stream().anyMatch(b -> b != start);
        getChildren().addAll(cells);
        setMinWidth(0);
        setAccessibleText(String.join(" ", san));
    }

    private double scale() {
        return cells.isEmpty() ? 1 : Math.max(0.5, cells.get(0).getFont().getSize() / TYPE);
    }

    @Override
    protected double computePrefHeight(double width) {
        return scale() * CELL + (changes ? STRIP : 0);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 0;
    }

    @Override
    protected void layoutChildren() {
        double step = scale() * PLY;
        int fit = (int) Math.min(cells.size(), Math.floor(getWidth() / step));
        for (int i = 0; i < cells.size(); i++) {
            Label cell = cells.get(i);
            cell.setVisible(i < fit);
            cell.resizeRelocate(i * step, 0, step, scale() * CELL);
        }
        if (changes && fit > 0 && (fit != drawn || step != drawnStep)) {
            getChildren().removeIf(n -> n instanceof BalanceStrip);
            BalanceStrip strip =
                    new BalanceStrip(balance.subList(0, fit), start, step, STRIP, palette);
            strip.setManaged(false);
            strip.relocate(0, scale() * CELL - 1);
            getChildren().add(strip);
            drawn = fit;
            drawnStep = step;
        }
    }
}

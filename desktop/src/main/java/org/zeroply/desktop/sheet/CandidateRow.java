package org.zeroply.desktop.sheet;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.balance.LineBalance;
import org.zeroply.coach.balance.MaterialBalance;
import org.zeroply.coach.balance.MaterialScale;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Score;

/** One line of the engine: its verdict, its moves ply by ply, the balance stepping under them. */
final class CandidateRow extends HBox {

    static final double HEIGHT = 42;

    private static final double PLY = 54;
    private static final int PLIES = 7;

    CandidateRow(
            Position position,
            Analysis.Candidate c,
            String key,
            Palette palette,
            Consumer<Move> exclude) {
        super(8);
        getStyleClass().add("candidate");
        setMinHeight(HEIGHT);
        boolean white = position.toBoard().sideToMove() == 0;
        Score own = white ? c.score() : c.score().negated();
        Verdict verdict = own.verdict(true);
        Label keyLabel = Widgets.label(key, key.isEmpty() ? "faded" : "key");
        keyLabel.setMinWidth(30);
        Label symbol = Widgets.label(verdict.symbol(), "engine-verdict");
        symbol.setMinWidth(34);
        Label word = Widgets.label(brief(verdict), "candidate-word");
        word.setTooltip(new Tooltip(verdict.words()));
        double expected = white ? c.expected() : 1 - c.expected();
        Label numbers =
                Widgets.label(
                        String.format(
                                Locale.ROOT, "%s  White scores %.0f%%", own.text(), 100 * expected),
                        "candidate-numbers");
        numbers.setTooltip(new Tooltip("Centipawns, and White's expected score"));
        HBox judged = new HBox(4, symbol, word);
        judged.setAlignment(Pos.CENTER_LEFT);
        VBox verdicts = new VBox(judged, numbers);
        verdicts.setMinWidth(150);
        verdicts.setMaxWidth(150);
        Button out = Widgets.button("exclude", "out", () -> exclude.accept(c.move()));
        out.setTooltip(new Tooltip("Leave this move out"));
        out.setAccessibleText("Leave this move out");
        out.getStyleClass().add("quiet-button");
        out.setFocusTraversable(false);
        getChildren().addAll(keyLabel, verdicts, line(position, c, palette), Widgets.spacer(), out);
    }

    private static VBox line(Position position, Analysis.Candidate c, Palette palette) {
        List<Move> moves = Line.start(c.line(), PLIES);
        List<String> san = Line.san(position, moves);
        HBox cells = new HBox();
        int number = position.toBoard().fullmoveNumber();
        boolean white = position.toBoard().sideToMove() == 0;
        for (int i = 0; i < san.size(); i++) {
            String before = white ? number + "." : i == 0 ? number + "…" : "";
            Label cell = Widgets.label(before + san.get(i), "candidate-move");
            cell.setTextOverrun(OverrunStyle.CLIP);
            if (cell.getText().length() > 7) {
                cell.getStyleClass().add("long");
            }
            cell.setMinWidth(PLY);
            cell.setMaxWidth(PLY);
            cells.getChildren().add(cell);
            number += white ? 0 : 1;
            white = !white;
        }
        List<Integer> run =
                LineBalance.along(position, moves).stream()
                        .map(s -> s.balance().hundredths(MaterialScale.SCHOOL))
                        .toList();
        int start = MaterialBalance.of(position).hundredths(MaterialScale.SCHOOL);
        return new VBox(1, cells, new BalanceStrip(run, start, PLY, 13, palette));
    }

    private static String brief(Verdict verdict) {
        return switch (verdict) {
            case WHITE_WINS -> "White is winning";
            case WHITE_BETTER -> "White clearly";
            case WHITE_SLIGHTLY -> "White slightly";
            case BLACK_SLIGHTLY -> "Black slightly";
            case BLACK_BETTER -> "Black clearly";
            case BLACK_WINS -> "Black is winning";
            default -> verdict.words();
        };
    }
}

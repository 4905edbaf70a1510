package org.zeroply.desktop.sheet;

import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/**
 * One line of the engine over the whole width: its verdict, its figures, and its moves; opened it
 * shows the line to its end.
 */
final class CandidateRow extends VBox {

    static final double HEIGHT = 40;

    private static final int MOST = 24;

    /** What somebody does with a line. */
    interface Actions {
        void exclude(Move move);

        void adopt();

        void opened(Move move, boolean open);
    }

    CandidateRow(
            Position position,
            Analysis.Candidate c,
            String key,
            Palette palette,
            boolean open,
            Actions actions) {
        getStyleClass().add("candidate");
        setMinHeight(HEIGHT);
        boolean white = position.toBoard().sideToMove() == 0;
        Score own = white ? c.score() : c.score().negated();
        ExpectedScore expected = white ? c.expected() : c.expected().opponents();
        Label keyLabel = Widgets.label(key, key.isEmpty() ? "faded" : "key");
        keyLabel.setMinWidth(26);
        HBox sign = VerdictSign.of(expected.verdict(true), "engine-verdict");
        sign.setMinWidth(52);
        Verdict verdict = expected.verdict(true);
        Label numbers =
                Widgets.label(
                        String.format(Locale.ROOT, "%s  %.0f%%", own.text(), expected.points()),
                        "candidate-numbers");
        numbers.setMinWidth(USE_PREF_SIZE);
        numbers.setPrefWidth(80);
        numbers.setTooltip(
                Widgets.wide(Texts.of("sheet.points-from-whites-side-and", verdict.words())));
        List<Move> moves = Line.start(c.line(), MOST);
        CandidateLine line = new CandidateLine(position, moves, palette);
        HBox.setHgrow(line, Priority.ALWAYS);
        Button out = Widgets.quiet("exclude", "out", () -> actions.exclude(c.move()));
        out.setTooltip(new Tooltip(Texts.of("sheet.leave-this-move-out")));
        out.setAccessibleText(Texts.of("sheet.leave-this-move-out"));
        Widgets.leaveFocus(out);
        ToggleButton more =
                Widgets.toggle(
                        "candidate-more", open ? "▾" : "▸", Texts.of("sheet.the-whole-line"));
        more.getStyleClass().add("quiet-button");
        more.setSelected(open);
        more.setOnAction(e -> actions.opened(c.move(), more.isSelected()));
        HBox row = new HBox(4, keyLabel, sign, numbers, line, more, out);
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(row);
        if (open) {
            getChildren().add(whole(position, c, actions));
        }
    }

    private static HBox whole(Position position, Analysis.Candidate c, Actions actions) {
        Label words = Widgets.wrapped(Line.numbered(position, c.line()), "candidate-whole");
        HBox.setHgrow(words, Priority.ALWAYS);
        Button adopt = Widgets.quiet("candidate-adopt", Texts.of("sheet.adopt"), actions::adopt);
        adopt.setTooltip(new Tooltip(Texts.of("sheet.take-the-line-into-the")));
        HBox row = new HBox(8, words, adopt);
        row.getStyleClass().add("candidate-open");
        return row;
    }
}

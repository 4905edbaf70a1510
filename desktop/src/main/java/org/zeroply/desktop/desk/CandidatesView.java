package org.zeroply.desktop.desk;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.balance.LineBalance;
import org.zeroply.coach.balance.MaterialBalance;
import org.zeroply.coach.balance.MaterialScale;
import org.zeroply.desktop.session.LiveAnalysis;
import org.zeroply.desktop.session.TreeSession;
import org.zeroply.engine.analysis.Analysis;

/**
 * The engine's lines for the position, each with verdict, running balance and a key to adopt it.
 */
final class CandidatesView extends VBox {

    private static final int SHOWN = 9;

    private final LiveAnalysis live;
    private final TreeSession session;
    private final VBox lines = new VBox();
    private final Label state = Widgets.label("", "faded");

    CandidatesView(LiveAnalysis live, TreeSession session) {
        this.live = live;
        this.session = session;
        setId("candidates");
        getStyleClass().add("candidates");
        CheckBox running = new CheckBox("Engine candidates");
        running.setId("engine-running");
        running.selectedProperty().bindBidirectional(live.runningProperty());
        Label help = Widgets.label("F2, F3, F4 adopt a line", "faded");
        getChildren().addAll(Widgets.row(running, state, Widgets.spacer(), help), lines);
        live.findingProperty().addListener(o -> show());
        session.currentProperty().addListener(o -> show());
        setMinHeight(142);
    }

    private void show() {
        lines.getChildren().clear();
        Optional<LiveAnalysis.Finding> finding = current();
        if (finding.isEmpty()) {
            state.setText(live.runningProperty().get() ? "" : "resting");
            return;
        }
        Analysis analysis = finding.get().analysis();
        state.setText(
                String.format(
                        "depth %d, %,d thousand nodes", analysis.depth(), analysis.nodes() / 1000));
        int key = 2;
        for (Analysis.Candidate c : analysis.lines()) {
            lines.getChildren().add(line(finding.get().position(), c, "F" + key++));
        }
    }

    private Optional<LiveAnalysis.Finding> current() {
        return live.findingProperty()
                .get()
                .filter(f -> f.position().equals(session.current().position()));
    }

    private HBox line(Position position, Analysis.Candidate c, String key) {
        boolean white = position.toBoard().sideToMove() == 0;
        var own = white ? c.score() : c.score().negated();
        List<Move> moves = c.line().subList(0, Math.min(SHOWN, c.line().size()));
        Label verdict = Widgets.label(own.verdict(true).symbol(), "engine-verdict");
        verdict.setMinWidth(40);
        Label score = Widgets.label(own.text(), "number");
        score.setMinWidth(56);
        Label text = Widgets.label(Line.numbered(position, moves), "number");
        text.setMaxWidth(Double.MAX_VALUE);
        text.setMinWidth(0);
        HBox.setHgrow(text, Priority.ALWAYS);
        Label balance = Widgets.label(balance(position, moves), "faded");
        balance.setMinWidth(USE_PREF_SIZE);
        Label keyLabel = Widgets.label(key, "key");
        keyLabel.setMinWidth(USE_PREF_SIZE);
        HBox row = new HBox(8, keyLabel, verdict, score, text, balance);
        row.getStyleClass().add("candidate");
        return row;
    }

    /**
     * Lowest and last balance along the line: the dip of a sacrifice and what is left in the end.
     */
    private static String balance(Position position, List<Move> moves) {
        List<Integer> run =
                LineBalance.along(position, moves).stream()
                        .map(s -> s.balance().hundredths(MaterialScale.SCHOOL))
                        .toList();
        int last = run.get(run.size() - 1);
        return "balance "
                + MaterialBalance.print(run.stream().min(Integer::compare).orElse(last))
                + " … "
                + MaterialBalance.print(last);
    }

    /** Puts the engine's line with this number (from 0) into the sheet. */
    void adopt(int number) {
        current()
                .filter(f -> number < f.analysis().lines().size())
                .ifPresent(
                        f -> {
                            Analysis.Candidate c = f.analysis().lines().get(number);
                            List<Move> line = c.line().subList(0, Math.min(SHOWN, c.line().size()));
                            session.adopt(
                                    line,
                                    c.score(),
                                    c.depth(),
                                    f.analysis().nodes(),
                                    live.engineName());
                        });
    }
}

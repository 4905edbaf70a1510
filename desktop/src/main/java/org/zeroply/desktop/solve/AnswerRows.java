package org.zeroply.desktop.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** The rows of an answer being written: a line of moves each, with a verdict. */
final class AnswerRows extends VBox {

    private static final String NO_VERDICT = Texts.of("solve.no-verdict");

    private final Function<String, Optional<String>> problem;
    private final Runnable changed;
    private final List<Row> written = new ArrayList<>();

    /**
     * @param problem what is wrong with a row
     * @param changed called after every change
     */
    AnswerRows(Function<String, Optional<String>> problem, Runnable changed) {
        super(6);
        getStyleClass().add("answer-rows");
        this.problem = problem;
        this.changed = changed;
    }

    void clear() {
        written.clear();
        getChildren().clear();
    }

    void add(String text, boolean focus) {
        Row row = new Row(written.size() + 1, text);
        written.add(row);
        getChildren().add(row);
        if (focus) {
            row.line.requestFocus();
        }
    }

    /** The answer as text, a row a line, empty rows left out. */
    String answer() {
        return SolveModel.answer(written.stream().map(Row::text).toList());
    }

    /** One row of the answer, with what is wrong with it. */
    private final class Row extends VBox {
        private final TextField line = new TextField();
        private final ComboBox<String> verdict = new ComboBox<>();
        private final Label notice = Widgets.label("", "alarm");

        Row(int number, String text) {
            line.setId("row-" + number);
            line.setPromptText(Texts.of("solve.line-as-in-24-rxe6", number));
            line.setAccessibleText(Texts.of("solve.line", number));
            HBox.setHgrow(line, Priority.ALWAYS);
            verdict.setId("row-verdict-" + number);
            verdict.getItems().add(NO_VERDICT);
            for (Verdict v : Verdict.values()) {
                verdict.getItems().add(v.symbol());
            }
            verdict.setMinWidth(120);
            notice.setId("row-notice-" + number);
            notice.setManaged(false);
            notice.setWrapText(true);
            int cut = text.lastIndexOf(' ');
            boolean judged = cut >= 0 && Verdict.ofSymbol(text.substring(cut + 1)).isPresent();
            line.setText(judged ? text.substring(0, cut) : text);
            verdict.setValue(judged ? text.substring(cut + 1) : NO_VERDICT);
            line.textProperty().addListener(o -> edited());
            verdict.valueProperty().addListener(o -> edited());
            line.setOnAction(e -> add("", true));
            getChildren().addAll(new HBox(8, line, verdict), notice);
        }

        String text() {
            String v = verdict.getValue();
            return (line.getText().strip() + (v.equals(NO_VERDICT) ? "" : " " + v)).strip();
        }

        private void edited() {
            String wrong = problem.apply(complete(line.getText())).orElse("");
            notice.setText(withoutHints(wrong));
            notice.setManaged(!wrong.isEmpty());
            changed.run();
        }
    }

    /** The word that is still being typed is not judged yet. */
    private static String complete(String typed) {
        if (typed.endsWith(" ")) {
            return typed;
        }
        int space = typed.lastIndexOf(' ');
        return space >= 0 && typed.length() - space < 3
                ? typed.substring(0, space)
                : typed.length() < 2 ? "" : typed;
    }

    /** The names of legal moves would help the solver: only that a move is wrong is told. */
    private static String withoutHints(String problem) {
        int hints = problem.indexOf("; possible:");
        boolean ambiguous = problem.contains("ambiguous");
        return hints < 0 || ambiguous ? problem : problem.substring(0, hints);
    }
}

package org.zeroply.desktop.app;

import java.io.File;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.EngineSettings;
import org.zeroply.desktop.work.Scheduler;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.protocol.UciEngine;

/** Settings of the engines: threads and memory, and a second engine beside ours. */
final class EnginePane extends VBox {

    private final Spinner<Integer> threads;
    private final Spinner<Integer> memory;
    private final Spinner<Integer> patience;
    private final TextField program = new TextField();
    private final TextArea options = new TextArea();
    private final Label answer = new Label();
    private final Scheduler scheduler;

    EnginePane(
            EngineSettings settings,
            Scheduler scheduler,
            Consumer<EngineSettings> save,
            Runnable close) {
        super(10);
        this.scheduler = scheduler;
        setId("engine-settings");
        getStyleClass().add("overlay-card");
        setMaxSize(600, Region.USE_PREF_SIZE);
        int cores = Runtime.getRuntime().availableProcessors();
        threads = spinner("engine-threads", 1, Math.max(1, cores), settings.threads(), 1);
        memory = spinner("engine-memory", 16, 4096, settings.megabytes(), 64);
        patience = spinner("engine-patience", 1, 120, settings.patienceSeconds(), 5);
        program.setId("engine-program");
        program.setText(settings.program());
        program.setPromptText("none");
        options.setId("engine-options");
        Widgets.tabLeaves(options);
        options.setText(settings.options());
        options.setPromptText("Hash=128");
        options.setPrefRowCount(3);
        answer.setId("engine-answer");
        answer.setWrapText(true);
        answer.setMinHeight(40);
        Label heading = new Label(Texts.of("app.engines"));
        heading.getStyleClass().add("sheet-title");
        HBox.setHgrow(program, Priority.ALWAYS);
        Node[] ofProgram = {
            program,
            button("engine-choose", Texts.of("app.choose"), this::choose),
            button("engine-try", Texts.of("app.try"), this::tryIt)
        };
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(8);
        grid.addRow(
                0,
                new Label(Texts.of("app.threads")),
                threads,
                faded(Texts.of("app.of-on-this-machine", cores)));
        grid.addRow(
                1,
                new Label(Texts.of("app.memory")),
                memory,
                faded(Texts.of("app.mb-for-our-engine")));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox buttons =
                new HBox(
                        8,
                        gap,
                        button("engine-cancel", Texts.of("app.cancel"), close),
                        button(
                                "engine-save",
                                Texts.of("app.save"),
                                () -> {
                                    save.accept(chosen());
                                    close.run();
                                }));
        HBox waiting =
                new HBox(
                        8,
                        new Label(Texts.of("app.wait-for-it")),
                        patience,
                        faded(Texts.of("app.seconds-at-most")));
        waiting.setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .addAll(
                        heading,
                        grid,
                        faded(Texts.of("app.a-second-engine-any-program")),
                        new HBox(8, ofProgram),
                        faded(Texts.of("app.its-options-one-name-value")),
                        options,
                        waiting,
                        answer,
                        buttons);
    }

    private static Spinner<Integer> spinner(String id, int least, int most, int value, int step) {
        Spinner<Integer> spinner = new Spinner<>(least, most, value, step);
        spinner.setId(id);
        spinner.setEditable(true);
        spinner.setPrefWidth(110);
        return spinner;
    }

    private static Button button(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    private static Label faded(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("faded");
        label.setWrapText(true);
        return label;
    }

    private EngineSettings chosen() {
        return new EngineSettings(
                threads.getValue(),
                memory.getValue(),
                program.getText().strip(),
                options.getText().strip(),
                patience.getValue());
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.of("app.the-program-of-the-second"));
        File file = chooser.showOpenDialog(getScene().getWindow());
        if (file != null) {
            String path = file.getPath();
            program.setText(path.contains(" ") ? '"' + path + '"' : path);
        }
    }

    /** Starts the program and says what it calls itself, or what went wrong. */
    private void tryIt() {
        Optional<UciEngine> second = chosen().second();
        if (second.isEmpty()) {
            answer.setText(Texts.of("app.name-a-program-first-or"));
            return;
        }
        answer.setText(Texts.of("app.starting-it"));
        scheduler
                .longWork(
                        Texts.of("app.trying-the-second-engine"),
                        (cancellation, progress) -> {
                            try (UciEngine engine = second.get()) {
                                return Texts.of("app.it-answers-as", engine.start());
                            } catch (EngineFailure e) {
                                return e.getMessage();
                            }
                        },
                        text -> {
                            answer.setText(text);
                        })
                .otherwise(() -> answer.setText(Texts.of("app.it-was-not-tried-to")));
    }
}

package org.zeroply.desktop.exercises;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.desktop.controls.FieldText;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.TreeSession;

/** Points, groups and conditions of the chosen move, and what the solver is told. */
final class SchemeEditor extends VBox {

    private final TreeSession session;
    private final Messages messages;
    private final TextField points = field("points", "", 52);
    private final TextField verdictPoints = field("verdict-points", "", 52);
    private final TextField group = field("group", "", 60);
    private final CheckBox end = check("end", Texts.of("exercises.to-be-reached"));
    private final CheckBox equal = check("equal", Texts.of("exercises.as-good-as-the-main"));
    private final CheckBox tempting = check("tempting", Texts.of("exercises.tempting-but-wrong"));
    private final TextField title = field("title", Texts.of("exercises.title"), 220);
    private final TextField prompt =
            field("prompt", Texts.of("exercises.what-the-solver-is-asked"), 300);
    private final TextField minutes = field("minutes", "20", 52);
    private final TextField band = field("band", "1600-2000", 100);
    private final TextField themes = field("themes", Texts.of("exercises.themes-with-commas"), 180);
    private final ComboBox<Optional<Aim>> aim = new ComboBox<>();
    private final CheckBox near = check("near", Texts.of("exercises.a-verdict-one-step-beside"));
    private final Label sum = Widgets.label("", "sum");
    private final VBox about;
    private boolean showing;

    SchemeEditor(TreeSession session, Messages messages) {
        this.session = session;
        this.messages = messages;
        getStyleClass().add("scheme");
        sum.setMinWidth(USE_PREF_SIZE);
        ToggleButton more =
                Widgets.toggle(
                        "scheme-more",
                        Texts.of("exercises.more"),
                        Texts.of("exercises.band-themes-the-aim-and"));
        aim.setId("scheme-aim");
        aim.setAccessibleText(Texts.of("exercises.what-a-solution-has-to"));
        aim.getItems().add(Optional.empty());
        Arrays.stream(Aim.values()).forEach(a -> aim.getItems().add(Optional.of(a)));
        Widgets.texts(aim, a -> a.map(Aim::words).orElse(Texts.of("exercises.as-the-key-shows")));
        VBox rest =
                new VBox(
                        6,
                        Widgets.row(
                                label(Texts.of("exercises.band")),
                                band,
                                label(Texts.of("exercises.themes")),
                                themes),
                        Widgets.row(label(Texts.of("exercises.aim")), aim, near));
        rest.visibleProperty().bind(more.selectedProperty());
        rest.managedProperty().bind(rest.visibleProperty());
        for (TextField wide : List.of(title, prompt, themes)) {
            HBox.setHgrow(wide, Priority.ALWAYS);
            wide.setMaxWidth(Double.MAX_VALUE);
        }
        title.getStyleClass().add("title-field");
        about =
                new VBox(
                        6,
                        Widgets.row(title, minutes, label("min"), sum),
                        Widgets.row(prompt, more),
                        rest);
        about.getStyleClass().add("scheme-about");
        HBox marks =
                Widgets.row(
                        label(Texts.of("exercises.earns")),
                        points,
                        label(Texts.of("exercises.with-the-verdict")),
                        verdictPoints,
                        label("group"),
                        group);
        HBox flags = Widgets.row(end, equal, tempting);
        getChildren().addAll(marks, flags);
        connect();
        session.currentProperty().addListener(o -> show());
        session.revisionProperty().addListener(o -> show());
        show();
    }

    /** Title, prompt, minutes, band and themes, which stand apart from the moves. */
    VBox about() {
        return about;
    }

    private static TextField field(String id, String prompt, double width) {
        TextField field = new TextField();
        field.setId("scheme-" + id);
        field.setPromptText(prompt);
        field.setPrefWidth(width);
        field.setAccessibleText(id.replace('-', ' '));
        return field;
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static CheckBox check(String id, String text) {
        CheckBox box = new CheckBox(text);
        box.setId("scheme-" + id);
        return box;
    }

    private void connect() {
        onDone(points, this::savePoints);
        onDone(verdictPoints, this::savePoints);
        onDone(group, this::savePoints);
        end.setOnAction(e -> annotate(a -> a.withEnd(end.isSelected())));
        equal.setOnAction(e -> annotate(a -> a.withEqual(equal.isSelected())));
        tempting.setOnAction(e -> annotate(a -> a.withTempting(tempting.isSelected())));
        near.setOnAction(
                e ->
                        session.editor()
                                .tag(Exercise.VERDICTS, near.isSelected() ? Exercise.NEAR : ""));
        aim.setOnAction(
                e -> {
                    if (!showing && aim.getValue() != null) {
                        session.editor().tag(Aim.TAG, aim.getValue().map(Aim::word).orElse(""));
                    }
                });
        onDone(title, () -> tag("ZpTitle", title));
        onDone(prompt, () -> tag(Exercise.PROMPT, prompt));
        onDone(minutes, () -> tag(Exercise.MINUTES, minutes, "[1-9]\\d{0,2}"));
        onDone(band, () -> tag(Exercise.BAND, band, "(\\d{3,4}-\\d{3,4})?"));
        onDone(themes, () -> tag(Exercise.THEMES, themes));
    }

    private void onDone(TextField field, Runnable save) {
        field.setOnAction(e -> save.run());
        field.focusedProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!is) {
                                save.run();
                            }
                        });
    }

    private void annotate(UnaryOperator<Annotation> change) {
        if (!session.current().isRoot()) {
            session.editor().annotate(session.current(), change);
        }
    }

    private void tag(String name, TextField field) {
        tag(name, field, ".*");
    }

    private void tag(String name, TextField field, String form) {
        String value = field.getText().strip();
        if (showing || value.equals(session.tree().tag(name))) {
            return;
        }
        if (!value.matches(form)) {
            messages.say(Texts.of("exercises.does-not-fit-here-for", value, field.getPromptText()));
            return;
        }
        session.editor().tag(name, value);
    }

    private void savePoints() {
        BooleanSupplier valid =
                () ->
                        isPoints(points)
                                && isPoints(verdictPoints)
                                && group.getText().matches("[\\w-]*");
        if (showing || session.current().isRoot()) {
            return;
        }
        if (!valid.getAsBoolean()) {
            messages.say(Texts.of("exercises.points-are-whole-numbers-from"));
            return;
        }
        Optional<String> name =
                group.getText().isBlank() ? Optional.empty() : Optional.of(group.getText().strip());
        List<PointRule> rules = new ArrayList<>();
        if (!points.getText().isBlank()) {
            rules.add(new PointRule(Integer.parseInt(points.getText().strip()), false, name));
        }
        if (!verdictPoints.getText().isBlank()) {
            rules.add(new PointRule(Integer.parseInt(verdictPoints.getText().strip()), true, name));
        }
        session.editor().points(session.current(), rules);
    }

    private static boolean isPoints(TextField field) {
        return field.getText().strip().matches("([1-9]\\d{0,2})?");
    }

    private void show() {
        showing = true;
        Node node = session.current();
        Annotation a = node.annotation();
        FieldText.show(points, node, text(a, false));
        FieldText.show(verdictPoints, node, text(a, true));
        FieldText.show(
                group,
                node,
                a.scheme().points().stream()
                        .flatMap(p -> p.group().stream())
                        .findFirst()
                        .orElse(""));
        end.setSelected(a.scheme().end());
        equal.setSelected(a.scheme().equal());
        tempting.setSelected(a.scheme().tempting());
        List.of(points, verdictPoints, group, end, equal, tempting)
                .forEach(c -> c.setDisable(node.isRoot()));
        showTag(title, "ZpTitle");
        showTag(prompt, Exercise.PROMPT);
        showTag(minutes, Exercise.MINUTES);
        showTag(band, Exercise.BAND);
        showTag(themes, Exercise.THEMES);
        aim.setValue(Aim.of(session.tree()));
        near.setSelected(session.tree().tag(Exercise.VERDICTS).equals(Exercise.NEAR));
        int total = MarkingScheme.of(session.tree()).sum();
        String declared = session.tree().tag(Exercise.MAX_POINTS);
        sum.setText(
                declared.isEmpty() || declared.equals(String.valueOf(total))
                        ? Texts.of("exercises.in-all", total)
                        : Texts.of("exercises.in-all-declared", total, declared));
        showing = false;
    }

    private void showTag(TextField field, String name) {
        FieldText.show(field, session.tree(), session.tree().tag(name));
    }

    private static String text(Annotation a, boolean verdict) {
        return a.scheme().points().stream()
                .filter(p -> p.needsVerdict() == verdict)
                .findFirst()
                .map(p -> String.valueOf(p.points()))
                .orElse("");
    }
}

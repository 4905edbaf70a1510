package org.zeroply.desktop.lessons;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.AnswerChoice;
import org.zeroply.coach.lesson.Asked;
import org.zeroply.coach.lesson.LessonQuestion;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.FieldText;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.TreeSession;

/** What a step says, asks and answers; its moves stand on the sheet under it. */
public final class StepEditor extends VBox {

    /** Lets a position be changed by hand. */
    public interface SetsUp {
        /** Shows a position to be changed; told what it was changed to. */
        void change(Position from, Consumer<Position> done);
    }

    private final LessonsModel model;
    private final Messages messages;
    private final TreeSession session;
    private final ComboBox<StepKind> kind = new ComboBox<>();
    private final TextField title = field("title", Texts.of("lessons.name-of-the-step"), 200);
    private final TextField seconds = field("seconds", "sec", 52);
    private final TextArea words = area("words", Texts.of("lessons.what-the-class-reads-at"), 2);
    private final TextField note = field("note", Texts.of("lessons.for-you-alone-what-to"), 300);
    private final TextField themes = field("themes", Texts.of("lessons.themes-with-commas"), 160);
    private final ComboBox<Asked> asked = new ComboBox<>();
    private final TextField prompt = field("prompt", Texts.of("lessons.what-is-asked"), 240);
    private final TextField answer = field("answer", "", 120);
    private final TextArea choices = area("choices", Texts.of("lessons.right-open-the-g-file"), 3);
    private final TextField right =
            field("right", Texts.of("lessons.said-to-the-right-answer"), 200);
    private final TextField tempting =
            field("tempting", Texts.of("lessons.said-to-the-tempting-one"), 200);
    private final TextField wrong = field("wrong", Texts.of("lessons.said-to-all-others"), 200);
    private final BesideEditor beside;
    private final TextField stops = field("stops", Texts.of("lessons.12-25-moves-of-either"), 160);
    private final CheckBox alsoRight = new CheckBox(Texts.of("lessons.also-right"));
    private final CheckBox isTempting = new CheckBox(Texts.of("lessons.tempting-but-wrong-2"));
    private final HBox time = Widgets.together(seconds, label("sec"));
    private final HBox asks;
    private final HBox answers;
    private final VBox says;
    private final HBox stopRow;
    private final HBox moveRow;
    private boolean showing;

    StepEditor(LessonsModel model, Messages messages, SetsUp setUp) {
        super(6);
        this.model = model;
        this.messages = messages;
        this.session = model.session();
        beside = new BesideEditor(model, setUp);
        setId("step-editor");
        getStyleClass().add("scheme");
        kind.setId("step-kind");
        kind.setAccessibleText(Texts.of("lessons.what-the-step-does"));
        kind.getItems().addAll(StepKind.values());
        Widgets.texts(kind, StepKind::words);
        asked.setId("step-asked");
        asked.setAccessibleText(Texts.of("lessons.what-is-asked-for"));
        asked.getItems().addAll(Asked.values());
        Widgets.texts(asked, Asked::words);
        alsoRight.setId("step-also-right");
        isTempting.setId("step-is-tempting");
        ToggleButton more =
                Widgets.toggle(
                        "step-more",
                        Texts.of("lessons.more"),
                        Texts.of("lessons.themes-and-what-is-said"));
        says =
                new VBox(
                        6,
                        Widgets.row(label(Texts.of("lessons.themes")), themes),
                        Widgets.row(label(Texts.of("lessons.right")), right),
                        Widgets.row(label(Texts.of("lessons.tempting")), tempting),
                        Widgets.row(label(Texts.of("lessons.others")), wrong));
        says.visibleProperty().bind(more.selectedProperty());
        says.managedProperty().bind(says.visibleProperty());
        asks = Widgets.row(asked, prompt);
        answers = Widgets.row(label(Texts.of("lessons.answer")), answer);
        stopRow =
                Widgets.row(
                        label(Texts.of("lessons.stops")),
                        stops,
                        Widgets.quiet(
                                "step-stop-here", Texts.of("lessons.stop-here"), this::stopHere));
        moveRow = Widgets.row(label(Texts.of("lessons.the-chosen-move-is")), alsoRight, isTempting);
        for (TextInputControl wide :
                List.of(title, words, note, prompt, choices, right, tempting, wrong, themes)) {
            HBox.setHgrow(wide, Priority.ALWAYS);
            wide.setMaxWidth(Double.MAX_VALUE);
        }
        getChildren()
                .addAll(
                        Widgets.row(kind, title, time, more),
                        words,
                        asks,
                        answers,
                        choices,
                        beside,
                        stopRow,
                        note,
                        says,
                        moveRow);
        connect();
        model.revisionProperty().addListener(o -> show());
        session.currentProperty().addListener(o -> showMove());
        show();
    }

    private static TextField field(String id, String prompt, double width) {
        TextField field = new TextField();
        field.setId("step-" + id);
        field.setPromptText(prompt);
        field.setPrefWidth(width);
        field.setAccessibleText(prompt.isEmpty() ? id : prompt);
        return field;
    }

    private static TextArea area(String id, String prompt, int rows) {
        TextArea area = new TextArea();
        area.setId("step-" + id);
        area.setPromptText(prompt);
        area.setAccessibleText(prompt);
        area.setWrapText(true);
        Widgets.tabLeaves(area);
        area.setPrefRowCount(rows);
        area.setMinHeight(USE_PREF_SIZE);
        return area;
    }

    private static Label label(String text) {
        Label label = new Label(text);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private void connect() {
        kind.setOnAction(e -> edit(s -> kind.getValue() == s.kind() ? s : s.as(kind.getValue())));
        asked.setOnAction(e -> edit(s -> s.with(LessonStep.ASKED, asked.getValue().word())));
        tag(title, LessonStep.TITLE);
        tag(note, LessonStep.NOTE);
        tag(prompt, Exercise.PROMPT);
        tag(themes, Exercise.THEMES);
        tag(right, LessonStep.RIGHT);
        tag(tempting, LessonStep.TEMPTING);
        tag(wrong, LessonStep.WRONG);
        done(
                seconds,
                text ->
                        tag(
                                LessonStep.SECONDS,
                                text,
                                "\\d{0,4}",
                                Texts.of("lessons.a-number-of-seconds")));
        done(
                stops,
                text ->
                        tag(
                                LessonStep.STOPS,
                                text,
                                "[\\d\\s,]*",
                                Texts.of("lessons.numbers-of-moves-such-as")));
        done(answer, this::saveAnswer);
        done(words, text -> session.editor().comment(session.tree().root(), flat(text)));
        done(choices, this::saveChoices);
        alsoRight.setOnAction(e -> annotate(alsoRight.isSelected(), false));
        isTempting.setOnAction(e -> annotate(false, isTempting.isSelected()));
    }

    /** Rows in a text become spaces: PGN keeps no line breaks in words. */
    private static String flat(String text) {
        return text.replaceAll("\\s+", " ").strip();
    }

    private void annotate(boolean equal, boolean tempts) {
        if (!session.current().isRoot()) {
            session.editor()
                    .annotate(session.current(), a -> a.withEqual(equal).withTempting(tempts));
        }
    }

    private void edit(UnaryOperator<LessonStep> how) {
        if (!showing) {
            model.changeStep(how);
        }
    }

    private void tag(TextField field, String name) {
        done(field, text -> tag(name, flat(text), ".*", ""));
    }

    private void tag(String name, String value, String form, String example) {
        if (!value.strip().matches(form)) {
            messages.say(Texts.of("lessons.does-not-fit-here", value, example));
            show();
            return;
        }
        edit(s -> s.tree().tag(name).equals(value.strip()) ? s : s.with(name, value));
    }

    /** Saves a text when Enter was pressed in a field, or it was left. */
    private void done(TextInputControl field, Consumer<String> save) {
        Runnable saving =
                () -> {
                    if (!showing && model.step().isPresent() && !field.isDisabled()) {
                        save.accept(field.getText() == null ? "" : field.getText());
                    }
                };
        if (field instanceof TextField line) {
            line.setOnAction(e -> saving.run());
        }
        field.focusedProperty()
                .addListener(
                        (o, was, is) -> {
                            if (!is) {
                                saving.run();
                            }
                        });
    }

    /** Takes over what is being typed. */
    void commit() {
        Node focus = getScene() == null ? null : getScene().getFocusOwner();
        if (focus instanceof TextInputControl field && field.getParent() != null) {
            Optional.of(field)
                    .filter(f -> lookupAll("#" + f.getId()).contains(f))
                    .ifPresent(f -> requestFocus());
        }
    }

    private void saveAnswer(String text) {
        Optional<LessonStep> step = model.step();
        LessonStep with = step.orElseThrow().with(LessonStep.ANSWER, flat(text));
        LessonQuestion question = with.question();
        boolean fits = text.isBlank() || question.isComplete();
        if (!fits) {
            messages.say(Texts.of("lessons.does-not-fit-here", text, GivePage.expected(question)));
            show();
            return;
        }
        tag(LessonStep.ANSWER, flat(text), ".*", "");
    }

    private void saveChoices(String text) {
        List<String> rows = rows(text);
        Optional<String> unreadable =
                rows.stream().filter(r -> AnswerChoice.read(r).isEmpty()).findFirst();
        if (unreadable.isPresent()) {
            messages.say(Texts.of("lessons.a-row-begins-with-right", unreadable.get()));
            return;
        }
        edit(s -> s.numbered(LessonStep.CHOICE, rows));
    }

    private static List<String> rows(String text) {
        return Arrays.stream(text.split("\\R"))
                .map(String::strip)
                .filter(r -> !r.isEmpty())
                .toList();
    }

    /** The game stops where it is on the board, or no longer does. */
    private void stopHere() {
        String here = String.valueOf(session.current().depth());
        List<String> places =
                new ArrayList<>(
                        Arrays.stream(stops.getText().split("[\\s,]+"))
                                .filter(p -> !p.isEmpty())
                                .toList());
        if (!places.remove(here)) {
            places.add(here);
        }
        tag(LessonStep.STOPS, String.join(" ", places), ".*", "");
    }

    private void show() {
        Optional<LessonStep> step = model.step();
        setDisable(step.isEmpty());
        showing = true;
        try {
            step.ifPresent(this::show);
        } finally {
            showing = false;
        }
        showMove();
    }

    private void show(LessonStep step) {
        kind.setValue(step.kind());
        text(title, step.tree().tag(LessonStep.TITLE));
        text(seconds, step.tree().tag(LessonStep.SECONDS));
        text(words, step.words());
        text(note, step.note());
        text(themes, step.tree().tag(Exercise.THEMES));
        text(stops, step.tree().tag(LessonStep.STOPS));
        text(right, step.tree().tag(LessonStep.RIGHT));
        text(tempting, step.tree().tag(LessonStep.TEMPTING));
        text(wrong, step.tree().tag(LessonStep.WRONG));
        LessonQuestion question = step.question();
        asked.setValue(question.asked());
        text(prompt, step.tree().tag(Exercise.PROMPT));
        prompt.setPromptText(question.prompt());
        text(answer, step.tree().tag(LessonStep.ANSWER));
        answer.setPromptText(GivePage.expected(question));
        text(choices, numbered(step, LessonStep.CHOICE));
        beside.show(step);
        boolean ask = step.kind() == StepKind.ASK;
        boolean byMoves = question.isOfMoves();
        boolean plan = question.asked() == Asked.PLAN;
        there(asks, ask || step.kind() == StepKind.HOMEWORK);
        there(asked, ask);
        there(answers, ask && !byMoves && !plan);
        there(choices, ask && plan);
        there(beside, step.kind() == StepKind.COMPARE || step.kind() == StepKind.WHAT_IF);
        there(stopRow, step.kind() == StepKind.GAME);
        there(moveRow, ask && byMoves || step.kind() == StepKind.GAME);
        there(time, ask || step.kind() == StepKind.GAME);
    }

    private static String numbered(LessonStep step, String tag) {
        return step.tree().tags().keySet().stream()
                .filter(name -> name.matches(tag + "\\d{1,2}"))
                .sorted(Comparator.comparingInt(n -> Integer.parseInt(n.substring(tag.length()))))
                .map(step.tree()::tag)
                .collect(Collectors.joining("\n"));
    }

    private static void there(Node node, boolean is) {
        node.setVisible(is);
        node.setManaged(is);
    }

    private void text(TextInputControl field, String text) {
        FieldText.show(field, List.of(model.id(), model.place()), text);
    }

    private void showMove() {
        boolean move = !session.current().isRoot();
        moveRow.setDisable(!move);
        alsoRight.setSelected(session.current().annotation().scheme().equal());
        isTempting.setSelected(session.current().annotation().scheme().tempting());
    }

    void setPalette(Palette palette) {
        beside.setPalette(palette);
    }
}

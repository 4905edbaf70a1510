package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.ToIntFunction;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import javafx.util.StringConverter;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.training.drill.DrillProgress;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.repertoire.RepertoireModel.Chapter;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.MinutesSeconds;
import org.zeroply.desktop.work.Services;

/** Learning: where the student stands, and the drill; all of it with the keyboard alone. */
final class DrillView extends VBox {

    private static final double ROW = 27;
    private static final double HEADER = 36;

    private final Services services;
    private final RepertoireModel model;
    private final DrillModel drill;
    private final VBox page = new VBox(10);
    private final TextField move = new TextField();
    private final ComboBox<Integer> minutes = new ComboBox<>();
    private final Label clock = Widgets.label("", "faded");
    private final Timeline ticking =
            new Timeline(new KeyFrame(Duration.seconds(1), e -> clock.setText(clockText())));

    DrillView(Services services, RepertoireModel model, DrillModel drill) {
        super(8);
        this.services = services;
        this.model = model;
        this.drill = drill;
        setId("drill");
        page.getStyleClass().addAll("lab-page", "drill-page");
        VBox.setVgrow(page, Priority.ALWAYS);
        move.setId("drill-move");
        move.setPromptText(Texts.of("repertoire.type-a-move-or-play"));
        move.setAccessibleText(Texts.of("repertoire.your-move-in-notation-enter"));
        move.setPrefColumnCount(22);
        move.setOnAction(e -> type());
        minutes.setId("drill-minutes");
        minutes.getItems().addAll(5, 10, 15, 20, 30, 45);
        minutes.setValue(15);
        minutes.setAccessibleText(Texts.of("repertoire.minutes"));
        ticking.setCycleCount(Animation.INDEFINITE);
        getChildren().add(page);
        drill.shownProperty().addListener(o -> show());
        model.viewProperty().addListener(o -> show());
        model.studentProperty().addListener(o -> show());
        model.chapters().addListener((javafx.beans.Observable o) -> show());
        show();
    }

    private String clockText() {
        long left = drill.secondsLeft();
        String time =
                left == 0
                        ? Texts.of("repertoire.time-is-over-the-line")
                        : Texts.of("repertoire.left", MinutesSeconds.of(left));
        return drill.isRunning() ? time + "   " + drill.score() : "";
    }

    private void type() {
        if (move.getText().isBlank()) {
            return;
        }
        try {
            drill.type(move.getText().strip());
        } catch (NotationException e) {
            services.messages().say(e.getMessage());
        }
        move.clear();
    }

    private void show() {
        boolean typing = move.isFocused();
        page.getChildren().clear();
        if (!drill.isRunning()) {
            ticking.stop();
            idle();
            return;
        }
        ticking.play();
        clock.setText(clockText());
        DrillModel.Shown now = drill.shownProperty().get();
        add(
                Widgets.row(
                        Widgets.label(Texts.of("repertoire.drill"), "sheet-title"),
                        Widgets.spacer(),
                        clock));
        Label asked = Widgets.wrapped(now.asked(), "drill-asked");
        asked.setId("drill-asked");
        add(asked);
        String so = drill.line();
        add(
                Widgets.wrapped(
                        so.isEmpty() ? Texts.of("repertoire.from-the-first-move") : so,
                        "drill-line"));
        Label said = Widgets.wrapped(now.said(), "drill-said");
        said.setId("drill-said");
        List<String> choices = now.stage() == DrillModel.Stage.ASKING ? now.choices() : List.of();
        for (int i = 0; i < choices.size(); i++) {
            int index = i;
            Button choice =
                    Widgets.button(
                            "drill-choice-" + (i + 1),
                            (i + 1) + "   " + choices.get(i),
                            () -> drill.choose(index));
            choice.setWrapText(true);
            choice.setMaxWidth(Double.MAX_VALUE);
            choice.setMinWidth(0);
            choice.getStyleClass().add("drill-choice");
            choice.setFocusTraversable(false);
            add(choice);
        }
        if (drill.awaitsMove()) {
            add(move);
        }
        add(said);
        Button on = button("drill-on", Texts.of("repertoire.go-on-space"), drill::goOn);
        boolean asking = now.stage() == DrillModel.Stage.ASKING;
        on.setVisible(!asking);
        on.setManaged(!asking);
        Button help = button("drill-help", Texts.of("repertoire.idea-i"), drill::help);
        Button show = button("drill-show", Texts.of("repertoire.show-it-s"), drill::giveUp);
        help.setDisable(!asking);
        show.setDisable(!asking);
        add(
                Widgets.row(
                        on,
                        help,
                        show,
                        Widgets.spacer(),
                        button("drill-stop", Texts.of("repertoire.stop"), drill::stop)));
        add(Widgets.wrapped(Texts.of("repertoire.enter-types-a-move-their"), "faded"));
        // Whoever types goes on typing; otherwise the keys belong to the page.
        if (typing && drill.awaitsMove()) {
            move.requestFocus();
        } else {
            requestFocus();
        }
    }

    private static Button button(String id, String text, Runnable action) {
        Button button = Widgets.button(id, text, action);
        button.setFocusTraversable(false);
        return button;
    }

    private void add(Node node) {
        page.getChildren().add(node);
    }

    // ---- Between drills -------------------------------------------------------------------------

    private void idle() {
        String last = drill.shownProperty().get().said();
        if (!last.isEmpty()) {
            Label over = Widgets.wrapped(last, "drill-asked");
            over.setId("drill-over");
            add(over);
        }
        if (model.studentProperty().get().isEmpty()) {
            add(Widgets.wrapped(Texts.of("repertoire.choose-above-who-learns"), "drill-asked"));
            add(Widgets.wrapped(Texts.of("repertoire.each-student-has-a-memory"), "plain"));
            model.viewProperty().get().ifPresent(v -> add(club(v)));
            return;
        }
        if (model.viewProperty().get().isEmpty()) {
            add(Widgets.wrapped(Texts.of("repertoire.there-is-no-repertoire-yet"), "drill-asked"));
            return;
        }
        RepertoireView view = model.viewProperty().get().get();
        DrillProgress all = sum(view.learning().chapters());
        add(
                Widgets.wrapped(
                        Texts.of(
                                "repertoire.due-new-of-known-today",
                                model.studentProperty().get().get().name(),
                                all.due(),
                                all.fresh(),
                                all.questions(),
                                Words.percent(all.share())),
                        "drill-asked"));
        ComboBox<Chapter> only = new ComboBox<>();
        only.setId("drill-chapter");
        only.setPromptText(Texts.of("repertoire.all-chapters"));
        only.setAccessibleText(Texts.of("repertoire.chapter-that-is-asked"));
        only.setConverter(new ChapterText());
        List<Chapter> ours =
                model.chapters().stream().filter(c -> c.side() == model.side()).toList();
        only.getItems().add(null);
        only.getItems().addAll(ours);
        drill.chapterProperty()
                .get()
                .ifPresent(i -> only.setValue(i < ours.size() ? ours.get(i) : null));
        only.setOnAction(
                e ->
                        drill.chapterProperty()
                                .set(
                                        only.getValue() == null
                                                ? OptionalInt.empty()
                                                : OptionalInt.of(ours.indexOf(only.getValue()))));
        add(
                Widgets.row(
                        Widgets.button(
                                "drill-begin", Texts.of("repertoire.begin-space"), this::begin),
                        minutes,
                        Widgets.label("minutes", "plain"),
                        only));
        add(standing(ours));
    }

    private static DrillProgress sum(List<DrillProgress> parts) {
        return parts.stream()
                .reduce(
                        new DrillProgress(0, 0, 0, 0, 0, 0),
                        (a, b) ->
                                new DrillProgress(
                                        a.questions() + b.questions(),
                                        a.fresh() + b.fresh(),
                                        a.due() + b.due(),
                                        a.known() + b.known(),
                                        a.asked() + b.asked(),
                                        a.rightFirst() + b.rightFirst()));
    }

    private static RowTable<Chapter> standing(List<Chapter> chapters) {
        RowTable<Chapter> table =
                new RowTable<>("drill-standing", Chapter::id, Texts.of("repertoire.no-chapter"));
        table.setPrefHeight(HEADER + ROW * Math.max(3, chapters.size()));
        table.setFocusTraversable(false);
        table.text(Texts.of("repertoire.chapter"), 160, Chapter::title);
        column(table, Texts.of("repertoire.asked"), DrillProgress::questions);
        column(table, Texts.of("repertoire.new"), DrillProgress::fresh);
        column(table, Texts.of("repertoire.due"), DrillProgress::due);
        table.figure(
                Texts.of("repertoire.known"),
                64,
                c -> c.standing().map(DrillProgress::share).orElse(-1.0),
                share -> share < 0 ? "" : Words.percent(share));
        column(table, Texts.of("repertoire.answers"), DrillProgress::asked);
        column(table, Texts.of("repertoire.at-once"), DrillProgress::rightFirst);
        table.show(chapters);
        return table;
    }

    private static void column(
            RowTable<Chapter> table, String title, ToIntFunction<DrillProgress> number) {
        table.figure(
                title,
                66,
                c -> c.standing().map(number::applyAsInt).orElse(-1),
                n -> n < 0 ? "" : String.valueOf(n));
    }

    /** Where each student stands in this repertoire; a click chooses one. */
    private RowTable<RepertoireView.Learner> club(RepertoireView view) {
        RowTable<RepertoireView.Learner> table =
                new RowTable<>(
                        "drill-club", l -> l.student().id(), Texts.of("repertoire.no-student-yet"));
        table.setPrefHeight(HEADER + ROW * Math.max(3, view.learning().club().size()));
        table.text(Texts.of("repertoire.student"), 150, l -> l.student().name());
        table.text(
                Texts.of("repertoire.moves"),
                70,
                l -> l.school().map(Approach::word).orElse(Texts.of("repertoire.for-all")));
        table.figure(Texts.of("repertoire.new"), 52, l -> l.standing().fresh(), String::valueOf);
        table.figure(Texts.of("repertoire.due"), 52, l -> l.standing().due(), String::valueOf);
        table.figure(Texts.of("repertoire.known"), 64, l -> l.standing().share(), Words::percent);
        table.figure(
                Texts.of("repertoire.answers"), 72, l -> l.standing().asked(), String::valueOf);
        table.figure(
                Texts.of("repertoire.at-once"),
                70,
                l -> l.standing().rightFirst(),
                String::valueOf);
        table.onChoose(l -> model.studentProperty().set(Optional.of(l.student())));
        table.show(view.learning().club());
        return table;
    }

    private void begin() {
        drill.begin(minutes.getValue());
        requestFocus();
    }

    /** The keys of this page. */
    List<Command> commands() {
        List<Command> commands = new ArrayList<>();
        if (drill.isRunning()) {
            commands.add(new Command(Texts.of("repertoire.go-on"), "Space", drill::goOn));
            commands.add(new Command(Texts.of("repertoire.show-the-idea"), "I", drill::help));
            commands.add(new Command(Texts.of("repertoire.show-the-answer"), "S", drill::giveUp));
            commands.add(
                    new Command(
                            Texts.of("repertoire.stop-the-drill"), "Shortcut+Period", drill::stop));
            commands.add(
                    new Command(Texts.of("repertoire.type-a-move"), "Enter", move::requestFocus));
            for (int i = 0; i < 4; i++) {
                int index = i;
                commands.add(
                        new Command(
                                Texts.of("repertoire.choose-answer", i + 1),
                                String.valueOf(i + 1),
                                () -> drill.choose(index)));
            }
        } else {
            commands.add(new Command(Texts.of("repertoire.begin-the-drill"), "Space", this::begin));
        }
        return commands;
    }

    private static final class ChapterText extends StringConverter<Chapter> {
        @Override
        public String toString(Chapter chapter) {
            return chapter == null ? Texts.of("repertoire.all-chapters") : chapter.title();
        }

        @Override
        public Chapter fromString(String text) {
            return null;
        }
    }
}

package org.zeroply.desktop.defence;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.LongConsumer;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.Cost;
import org.zeroply.coach.defence.elimination.DefenceKind;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.exercise.draft.DefenceDraft;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.sheet.SheetColumn;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;

/** The elimination: every move a row, crossed out when it is refuted. */
final class MovesPage extends VBox {

    private static final double VERDICT = 66;
    private static final double DOES = 136;
    private static final double WHY = 118;

    private final Services services;
    private final DefenceModel model;
    private final LongConsumer openExercise;
    private final Label threat = Widgets.wrapped("", "plain");
    private final Label cover = Widgets.wrapped("", "faded");
    private final Label outcome = Widgets.wrapped("", "sheet-title");
    private final LineSheetView sheet;
    private final CandidateDetail detail;
    private final ComboBox<DefenceTask> task = new ComboBox<>();

    MovesPage(Services services, DefenceModel model, LongConsumer openExercise) {
        super(6);
        this.services = services;
        this.model = model;
        this.openExercise = openExercise;
        threat.setId("threat");
        cover.setId("cover");
        outcome.setId("outcome");
        sheet =
                new LineSheetView(
                        model.sheet(),
                        List.of(
                                column(
                                        Texts.of("defence.holds-2"),
                                        Texts.of("defence.whether-the-move-holds"),
                                        VERDICT,
                                        this::verdict),
                                column(
                                        Texts.of("defence.what-it-does"),
                                        Texts.of("defence.in-what-way-it-meets"),
                                        DOES,
                                        this::does),
                                column(
                                        Texts.of("defence.cost-or-why"),
                                        Texts.of("defence.what-it-costs-or-why"),
                                        WHY,
                                        this::why)));
        sheet.strike(n -> n.depth() == 1 && candidate(n).filter(Candidate::isRefuted).isPresent());
        detail = new CandidateDetail(model::play);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        task.setId("defence-task");
        task.getItems().addAll(DefenceTask.values());
        task.setValue(DefenceTask.ELIMINATION);
        task.setAccessibleText(Texts.of("defence.what-the-exercise-asks-for"));
        Widgets.texts(task, DefenceTask::words);
        HBox tools =
                Widgets.row(
                        Widgets.label(Texts.of("defence.as-an-exercise"), "faded"),
                        task,
                        Widgets.button(
                                "defence-set", Texts.of("defence.set-as-exercise"), this::set));
        getChildren().addAll(outcome, threat, cover, sheet, detail, tools);
        model.foundProperty().addListener(o -> show());
        model.sheet().currentProperty().addListener(o -> showDetail());
        show();
    }

    private SheetColumn column(
            String title, String hint, double width, Function<Candidate, String> text) {
        return new SheetColumn(
                title,
                hint,
                width,
                true,
                own -> own.get(0).depth() == 1 ? candidate(own.get(0)).map(text).orElse("") : "");
    }

    private Optional<Candidate> candidate(Node first) {
        return model.foundProperty().get().flatMap(e -> e.of(first.move()));
    }

    private String verdict(Candidate c) {
        return c.grade().words();
    }

    private String does(Candidate c) {
        return c.kinds().stream().map(MovesPage::brief).collect(Collectors.joining(", "));
    }

    private static String brief(DefenceKind kind) {
        return switch (kind) {
            case BLOCK_PAWN, BLOCK_PIECE -> "blocks";
            case GUARD, GUARD_THROUGH -> "guards";
            case CAPTURE -> "captures";
            case PIN -> "pins";
            case DEFLECT -> "deflects";
            case MAKE_ROOM -> Texts.of("defence.makes-room");
            case MOVE_TARGET -> Texts.of("defence.moves-off");
            case COUNTER_THREAT -> "threatens";
            case CHECK -> "checks";
        };
    }

    private String why(Candidate c) {
        if (c.isRefuted()) {
            return c.motif().replace('-', ' ');
        }
        return c.price().isPresent()
                ? c.price().get().words()
                : c.costs().stream()
                        .map(Cost::kind)
                        .map(Cost.Kind::words)
                        .collect(Collectors.joining(", "));
    }

    private void show() {
        Optional<Elimination> found = model.foundProperty().get();
        outcome.setText(found.map(Elimination::text).orElse(""));
        threat.setText(found.map(MovesPage::threat).orElse(""));
        cover.setText(
                found.flatMap(f -> f.chances().coverCanStay())
                        .map(
                                stays ->
                                        stays
                                                ? Texts.of("defence.can-the-cover-stay-unmoved")
                                                : Texts.of("defence.can-the-cover-stay-unmoved-no"))
                        .orElse(""));
        for (Label label : List.of(outcome, threat, cover)) {
            label.setManaged(!label.getText().isEmpty());
        }
        sheet.refresh();
        showDetail();
    }

    private static String threat(Elimination e) {
        String other = e.position().sideToMove().other().word();
        return e.threat()
                .map(t -> other + " " + t.text() + ".")
                .orElse(
                        e.position().inCheck()
                                ? Texts.of("defence.is-in-check", e.position().sideToMove().word())
                                : e.done() < 0.25
                                        ? ""
                                        : Texts.of("defence.threatens-nothing-that-a-pass", other));
    }

    private void showDetail() {
        detail.show(model.foundProperty().get(), model.chosen());
    }

    void setPalette(Palette palette) {
        sheet.setPalette(palette);
    }

    /** Drafts an exercise of the chosen task from what was found. */
    void set() {
        Optional<Elimination> found = model.foundProperty().get().filter(e -> e.done() == 1);
        if (found.isEmpty()) {
            services.messages().say(Texts.of("defence.wait-until-every-move-has"));
            return;
        }
        DefenceTask wanted = task.getValue();
        DefenceDraft.Result draft = DefenceDraft.draft(found.get(), wanted);
        if (draft.tree().isEmpty()) {
            services.messages().say(draft.why());
            return;
        }
        String pgn = PgnWriter.write(draft.tree().get());
        services.scheduler()
                .library(
                        () -> services.library().sheets().add(pgn),
                        id -> {
                            services.messages()
                                    .say(Texts.of("defence.drafted-change-lines-and-points"));
                            openExercise.accept(id);
                        });
    }
}

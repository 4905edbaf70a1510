package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.zeroply.coach.repertoire.EngineAudit;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.Task;

/** The audit as a list of things to do; each leads to its spot. */
final class TaskView extends VBox {

    private static final long NODES = 50_000;

    private final Services services;
    private final RepertoireModel model;
    private final RepertoireFindings findings;
    private final FindingList list =
            new FindingList("findings", Texts.of("repertoire.nothing-is-missing-every-reply"));
    private final Label reach = Widgets.wrapped("", "plain");
    private Optional<EngineAudit.Findings> engine = Optional.empty();
    private Task<?> reading = Task.none();

    TaskView(Services services, RepertoireModel model, RepertoireFindings findings) {
        super(8);
        this.services = services;
        this.model = model;
        this.findings = findings;
        reach.setId("reach");
        getChildren()
                .addAll(
                        reach,
                        list,
                        Widgets.row(
                                list.step("finding-step", Texts.of("repertoire.answer-it")),
                                Widgets.spacer(),
                                Widgets.button(
                                        "audit-engine",
                                        Texts.of("repertoire.ask-the-engine"),
                                        this::ask)));
        model.viewProperty().addListener(o -> show());
        sceneProperty().addListener(o -> show());
        show();
    }

    /** Looks again; while the page is not in front, that waits until it is. */
    private void show() {
        reading.abandon();
        if (getScene() == null) {
            return;
        }
        Optional<RepertoireView> view = model.viewProperty().get();
        if (view.isEmpty()) {
            list.show(List.of());
            reach.setText("");
            return;
        }
        RepertoireView v = view.get();
        reach.setText(RepertoireFindings.reach(v));
        reading =
                services.scheduler()
                        .beside(
                                (cancellation, progress) -> findings.plain(v),
                                found -> {
                                    List<Remark> all = new ArrayList<>(found);
                                    engine.ifPresent(e -> all.addAll(findings.searched(e)));
                                    list.show(all);
                                });
    }

    /** Searches every position of ours; can be cancelled. */
    private void ask() {
        Optional<RepertoireView> view = model.viewProperty().get();
        if (view.isEmpty()) {
            return;
        }
        RepertoireView v = view.get();
        services.scheduler()
                .longWork(
                        Texts.of("repertoire.the-engine-looks-at-the"),
                        (cancellation, progress) ->
                                new EngineAudit(
                                                v.repertoire(),
                                                v.shares(),
                                                services.marking(),
                                                NODES,
                                                EngineAudit.USUAL_LOSS)
                                        .run(progress::accept, cancellation),
                        found -> {
                            found.ifPresent(f -> engine = Optional.of(f));
                            services.messages()
                                    .say(
                                            found.isPresent()
                                                    ? Texts.of(
                                                            "repertoire.the-engine-has-looked-at")
                                                    : Texts.of("repertoire.cancelled"));
                            show();
                        });
    }
}

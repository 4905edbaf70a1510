package org.zeroply.desktop.app;

import java.time.Clock;
import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.ProgramVersion;

/** Keys, guide, tour, what happened, and about the program. */
final class Help {

    private static final int SAID = 100;

    private final Workbench bench;
    private final Services services;
    private final LibraryCare care;

    Help(Workbench bench, Services services, LibraryCare care) {
        this.bench = bench;
        this.services = services;
        this.care = care;
    }

    List<Command> commands() {
        return List.of(
                new Command(Texts.of("app.keys-of-this-desk"), "F1", bench::showKeys),
                Command.of(Texts.of("app.guide"), this::guide),
                Command.of(Texts.of("app.tour-of-the-desks"), this::tour),
                Command.of(Texts.of("app.check-this-library"), care::check),
                Command.of(Texts.of("app.save-what-happened"), this::saveWhatHappened),
                Command.of(Texts.of("app.about-zero-ply"), this::about));
    }

    private void guide() {
        bench.dialogs().show(new GuidePane(bench.dialogs()::close));
    }

    /** Leads through the desks. */
    void tour() {
        new Tour(bench).begin();
    }

    private void about() {
        VBox card = Dialogs.card(Texts.of("app.zero-ply", ProgramVersion.text()));
        card.setId("about");
        HBox buttons =
                new HBox(
                        8,
                        Widgets.primary(
                                "about-close", Texts.of("app.close"), bench.dialogs()::close));
        buttons.setAlignment(Pos.CENTER_RIGHT);
        card.getChildren()
                .addAll(
                        Widgets.wrapped(Texts.of("app.a-workbench-for-chess-coaches"), "plain"),
                        Widgets.wrapped(
                                Texts.of("app.library", services.library().file()), "faded"),
                        Widgets.wrapped(Texts.of("app.under-the-apache-license-2"), "faded"),
                        buttons);
        bench.dialogs().show(card);
    }

    /** What a user can send when something went wrong. */
    static String whatHappened(Services services, Clock clock) {
        String said =
                services.messages().history().stream()
                        .limit(SAID)
                        .map(m -> m.at() + "  " + m.text())
                        .collect(Collectors.joining("\n"));
        return String.join(
                "\n",
                Texts.of("app.zero-ply-2", ProgramVersion.text(), clock.instant()),
                Texts.of("app.java-on", Runtime.version(), System.getProperty("os.name")),
                "",
                Texts.of("app.what-was-said-the-latest"),
                said,
                "",
                Texts.of("app.the-log"),
                services.log().text());
    }

    void saveWhatHappened() {
        String text = whatHappened(services, Clock.systemUTC());
        new FileSaver(services, bench)
                .saveText(
                        Texts.of("app.save-what-happened-2"),
                        "zeroply-what-happened.txt",
                        () -> text);
    }
}

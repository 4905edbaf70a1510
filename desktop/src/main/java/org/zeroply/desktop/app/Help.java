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
                new Command("Keys of this desk", "F1", bench::showKeys),
                Command.of("Guide", this::guide),
                Command.of("Tour of the desks", this::tour),
                Command.of("Check this library …", care::check),
                Command.of("Save what happened …", this::saveWhatHappened),
                Command.of("About Zero Ply", this::about));
    }

    private void guide() {
        bench.dialogs().show(new GuidePane(bench.dialogs()::close));
    }

    /** Leads through the desks. */
    void tour() {
        new Tour(bench).begin();
    }

    private void about() {
        VBox card = Dialogs.card("Zero Ply " + ProgramVersion.text());
        card.setId("about");
        HBox buttons = new HBox(8, Widgets.primary("about-close", "Close", bench.dialogs()::close));
        buttons.setAlignment(Pos.CENTER_RIGHT);
        card.getChildren()
                .addAll(
                        Widgets.wrapped(
                                "A workbench for chess coaches and the players they prepare. It"
                                        + " works offline, on files that you own.",
                                "plain"),
                        Widgets.wrapped("Library: " + services.library().file(), "faded"),
                        Widgets.wrapped(
                                "Under the Apache License 2.0. The fonts Cabin and B612 are under"
                                        + " the SIL Open Font License. It is built on JavaFX"
                                        + " (GPL 2 with Classpath Exception), AtlantaFX, JDBI,"
                                        + " Jackson, Flyway, PDFBox, commonmark, picocli, SLF4J and"
                                        + " Logback (MIT, Apache 2.0, BSD, EPL and LGPL), and SQLite,"
                                        + " which is in the public domain.",
                                "faded"),
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
                "Zero Ply " + ProgramVersion.text() + ", " + clock.instant(),
                "Java " + Runtime.version() + " on " + System.getProperty("os.name"),
                "",
                "What was said, the latest first:",
                said,
                "",
                "The log:",
                services.log().text());
    }

    void saveWhatHappened() {
        String text = whatHappened(services, Clock.systemUTC());
        new FileSaver(services, bench)
                .saveText("Save what happened", "zeroply-what-happened.txt", () -> text);
    }
}

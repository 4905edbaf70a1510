package org.zeroply.desktop.app;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.EngineSettings;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.WindowMemory;

/** What can be done in the window: by key, by the palette, and by menus. */
final class WindowCommands {

    /** Where it is remembered whether a pawn becomes a queen without a question. */
    private static final String QUEEN = "promotion.queen";

    private final Workbench bench;
    private final Services services;
    private final WindowMemory memory;
    private final Intake intake;
    private final Help help;
    private final LibraryCare care;

    WindowCommands(Workbench bench, Services services, Intake intake) {
        this.bench = bench;
        this.services = services;
        memory = services.memory();
        this.intake = intake;
        care = new LibraryCare(bench, services);
        help = new Help(bench, services, care);
        bench.column().board().setQueenAtOnce(memory.get(QUEEN).equals(Optional.of("true")));
    }

    /** What brings games in, for the desk of games. */
    List<Command> bringIn() {
        return List.of(
                new Command(Texts.of("app.import-files"), "Shortcut+O", intake::chooseImport),
                new Command(Texts.of("app.paste-a-game-or-position"), "Shortcut+V", intake::paste),
                new Command(
                        Texts.of("app.set-up-a-position-2"),
                        "Shortcut+P",
                        () -> bench.desks().setUp()));
    }

    /** What works on the desk in front, by its keys. */
    List<Command> commands() {
        Desk front = bench.desks().front();
        List<Command> all = new ArrayList<>(front.commands());
        all.addAll(new TreeCommands(front, services, intake).list());
        all.add(new Command(Texts.of("app.flip-the-board"), "F", bench.column()::flip));
        all.add(new Command(Texts.of("app.copy-the-board-as-a"), "", this::picture));
        all.add(
                Command.of(
                        bench.column().board().isQueenAtOnce()
                                ? Texts.of("app.promotion-ask-which-man")
                                : Texts.of("app.promotion-a-queen-at-once"),
                        this::turnPromotion));
        all.add(new Command(Texts.of("app.paste-a-game-or-position"), "Shortcut+V", intake::paste));
        all.addAll(ofPosition());
        all.add(new Command(Texts.of("app.import-files-2"), "Shortcut+O", intake::chooseImport));
        all.add(new Command(Texts.of("app.load-the-demo-club"), "", bench::unpackDemo));
        all.add(new Command(Texts.of("app.engine-on-or-off"), "Shortcut+L", this::toggleEngine));
        all.add(
                new Command(
                        Texts.of("app.engine-stays-at-this-position"),
                        "Shortcut+J",
                        this::lockEngine));
        all.add(
                Command.of(
                        Texts.of("app.engines-threads-memory-second-engine"), this::showEngines));
        all.addAll(looks());
        all.addAll(libraries());
        all.add(new Command(Texts.of("app.bin-what-was-removed"), "", this::showBin));
        all.add(new Command(Texts.of("app.commands"), "Shortcut+K", bench::showCommands));
        all.addAll(help.commands());
        List<Desk> desks = bench.desks().all();
        for (int i = 0; i < desks.size(); i++) {
            Desk desk = desks.get(i);
            all.add(new Command(desk.name(), "Shortcut+" + (i + 1), () -> bench.show(desk.name())));
        }
        return all;
    }

    /** A pawn becomes a queen without a question, or asks again. */
    private void turnPromotion() {
        boolean queen = !bench.column().board().isQueenAtOnce();
        bench.column().board().setQueenAtOnce(queen);
        memory.put(QUEEN, String.valueOf(queen));
        services.messages()
                .say(
                        queen
                                ? Texts.of("app.a-pawn-becomes-a-queen")
                                : Texts.of("app.a-pawn-asks-what-it"));
    }

    /** Where the position on the board can be taken. */
    private List<Command> ofPosition() {
        return List.of(
                new Command(
                        Texts.of("app.look-at-it-in-the"), "Shortcut+B", bench.desks()::sendToLab),
                new Command(
                        Texts.of("app.defend-this-position"),
                        "Shortcut+Shift+D",
                        bench.desks()::defend),
                new Command(Texts.of("app.show-to-the-class"), "F6", bench.desks()::teach),
                new Command(
                        Texts.of("app.put-into-the-lesson"),
                        "Shortcut+Shift+L",
                        bench.desks()::intoLesson),
                new Command(Texts.of("app.set-up-a-position"), "Shortcut+P", bench.desks()::setUp));
    }

    private List<Command> looks() {
        List<Command> all = new ArrayList<>();
        for (Looks.Light light : Looks.Light.values()) {
            all.add(Command.of(Texts.of("app.light", light.word()), () -> bench.setLight(light)));
        }
        all.add(
                new Command(
                        Texts.of("app.larger-text"),
                        "Shortcut+Equals",
                        () -> bench.stepTextSize(1)));
        all.add(
                new Command(
                        Texts.of("app.larger-text-plus"),
                        "Shortcut+Plus",
                        () -> bench.stepTextSize(1)));
        all.add(
                new Command(
                        Texts.of("app.larger-text-pad"),
                        "Shortcut+Add",
                        () -> bench.stepTextSize(1)));
        all.add(
                new Command(
                        Texts.of("app.smaller-text"),
                        "Shortcut+Minus",
                        () -> bench.stepTextSize(-1)));
        all.add(
                new Command(
                        Texts.of("app.usual-size-of-text"),
                        "Shortcut+0",
                        () -> bench.stepTextSize(0)));
        all.add(new Command(Texts.of("app.full-screen"), "F11", this::fullScreen));
        all.add(new Command(Texts.of("app.quit"), "Shortcut+Q", this::quit));
        return all;
    }

    /** Every command there is, those of other desks with the name of their desk. */
    List<Command> palette() {
        List<Command> all = new ArrayList<>(commands());
        for (Desk desk : bench.desks().all()) {
            if (desk != bench.desks().front()) {
                desk.commands().forEach(c -> all.add(elsewhere(desk, name(desk, c), c)));
            }
            desk.choices().forEach(c -> all.add(elsewhere(desk, c.name(), c)));
        }
        return all;
    }

    /** The name of a command with that of its desk, unless it begins with it anyway. */
    private static String name(Desk desk, Command command) {
        String prefix = desk.name().toLowerCase(Locale.ROOT);
        boolean named = command.name().toLowerCase(Locale.ROOT).startsWith(prefix);
        return named ? command.name() : desk.name() + ": " + command.name();
    }

    /** A command of another desk, which comes to the front first. */
    private Command elsewhere(Desk desk, String name, Command command) {
        return Command.of(
                name,
                () -> {
                    bench.show(desk.name());
                    command.action().run();
                });
    }

    /** What the menu of the board offers. */
    List<Command> boardMenu() {
        List<Command> all = new ArrayList<>(bench.desks().front().boardMenu());
        if (!all.isEmpty()) {
            all.add(Menus.LINE);
        }
        all.add(new Command(Texts.of("app.flip-the-board"), "F", bench.column()::flip));
        all.addAll(new TreeCommands(bench.desks().front(), services, intake).ofPosition());
        all.add(Command.of(Texts.of("app.copy-or-save-as-a"), this::picture));
        all.add(Menus.LINE);
        all.addAll(ofPosition());
        return all;
    }

    /** What the menu of the window offers. */
    List<Command> menu() {
        List<Command> all = new ArrayList<>();
        all.add(Command.of(Texts.of("app.engines-2"), this::showEngines));
        all.add(Command.of(Texts.of("app.bin-2"), this::showBin));
        all.add(Menus.LINE);
        all.addAll(libraries());
        all.add(Menus.LINE);
        all.addAll(looks().stream().filter(c -> !c.name().endsWith(")")).toList());
        all.add(Menus.LINE);
        all.addAll(help.commands());
        return all;
    }

    private void toggleEngine() {
        var running = services.live().runningProperty();
        running.set(!running.get());
    }

    private void lockEngine() {
        var locked = services.live().lockedProperty();
        locked.set(!locked.get());
    }

    private void fullScreen() {
        if (bench.getScene().getWindow() instanceof Stage stage) {
            stage.setFullScreen(!stage.isFullScreen());
        }
    }

    /** Asks the window to close, as its own button does. */
    private void quit() {
        Window window = bench.getScene().getWindow();
        window.fireEvent(new WindowEvent(window, WindowEvent.WINDOW_CLOSE_REQUEST));
    }

    private void picture() {
        bench.dialogs()
                .show(
                        new PicturePane(
                                bench.desks().front().session().current(),
                                bench.column().board().isFlipped(),
                                bench.looks().light().palette(),
                                new FileSaver(services, bench),
                                services.messages(),
                                bench.dialogs()::close));
    }

    LibraryCare care() {
        return care;
    }

    Help help() {
        return help;
    }

    private void openLibrary() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.of("app.open-a-library-or-make"));
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(Texts.of("app.zero-ply-library"), "*.zpl"));
        chooser.setInitialFileName("library.zpl");
        File file = chooser.showOpenDialog(bench.getScene().getWindow());
        if (file != null) {
            bench.openLibrary(file.toPath());
        }
    }

    private void newLibrary() {
        new FileSaver(services, bench)
                .choose(Texts.of("app.a-new-library"), "library.zpl", "zpl")
                .ifPresent(f -> bench.openLibrary(f.toPath()));
    }

    /** Opening libraries: one from a file, a new one, and those used last. */
    List<Command> libraries() {
        List<Command> all = new ArrayList<>(care.commands());
        all.add(Command.of(Texts.of("app.open-another-library"), this::openLibrary));
        all.add(Command.of(Texts.of("app.new-library"), this::newLibrary));
        memory.recent("libraries").stream()
                .filter(f -> !f.equals(services.library().file().toAbsolutePath()))
                .forEach(
                        f ->
                                all.add(
                                        Command.of(
                                                Texts.of("app.open-library", f),
                                                () -> bench.openLibrary(f))));
        memory.recent("files")
                .forEach(
                        f ->
                                all.add(
                                        Command.of(
                                                Texts.of("app.import-again", f),
                                                () -> intake.importFiles(List.of(f)))));
        return all;
    }

    private void showBin() {
        bench.dialogs().show(new BinPane(services, bench.dialogs(), this::restored));
    }

    private void restored() {
        bench.desks().front().shown();
    }

    private void showEngines() {
        bench.dialogs()
                .show(
                        new EnginePane(
                                services.live().settingsProperty().get(),
                                services.scheduler(),
                                this::setEngines,
                                bench.dialogs()::close));
    }

    private void setEngines(EngineSettings settings) {
        services.live().apply(settings);
        services.scheduler()
                .library(
                        () -> {
                            settings.save(services.library().settings());
                            return true;
                        },
                        saved -> services.messages().say(Texts.of("app.the-engines-are-set")));
    }

    /** Writes what cannot be saved into the library to a file. */
    void saveElsewhere() {
        String pgn = services.saves().pgn();
        new FileSaver(services, bench)
                .saveText(Texts.of("app.save-what-is-not-in"), "unsaved.pgn", () -> pgn);
    }
}

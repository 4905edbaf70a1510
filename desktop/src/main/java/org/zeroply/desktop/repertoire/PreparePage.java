package org.zeroply.desktop.repertoire;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.collections.ListChangeListener;
import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Split;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.report.RoundSheet;
import org.zeroply.library.sheet.SheetRow;

/** A tournament: its rounds, what is prepared for the chosen one, and what its game showed. */
final class PreparePage extends VBox {

    private static final double LISTED = 222;

    /** The rounds take no more of a low page. */
    private static final double SHARE = 0.42;

    private static final String EVERYBODY = Texts.of("repertoire.all-pairings");

    private final Services services;
    private final TournamentsModel model;
    private final RoundModel round;
    private final Dialogs dialogs;
    private final Supplier<TreeSession> game;
    private final Runnable learn;
    private final FileSaver saver;
    private final ComboBox<SheetRow> tournaments = new ComboBox<>();
    private final ComboBox<String> player = new ComboBox<>();
    private final TextField typed = new TextField();
    private final PairingEditor editor;
    private final Button primary =
            Widgets.primary("round-prepare", Texts.of("repertoire.look-ahead"), this::primary);
    private final RowTable<TournamentsModel.Row> rounds =
            new RowTable<>(
                    "rounds",
                    TournamentsModel.Row::place,
                    Texts.of("repertoire.a-tournament-holds-who-plays"));
    private final FindingList list =
            new FindingList("round-findings", Texts.of("repertoire.choose-a-round-look-ahead"));
    private boolean showing;

    /**
     * @param game the open game of the games desk
     * @param learn turns to the page of drills
     */
    PreparePage(
            Services services,
            TournamentsModel model,
            RoundModel round,
            Dialogs dialogs,
            Supplier<TreeSession> game,
            Runnable learn) {
        super(8);
        this.services = services;
        this.model = model;
        this.round = round;
        this.dialogs = dialogs;
        this.game = game;
        this.learn = learn;
        saver = new FileSaver(services, this);
        editor = new PairingEditor(model, services.messages());
        setId("prepare-page");
        choosers();
        columns();
        typed.setId("round-type");
        typed.setAccessibleText(Texts.of("repertoire.type-a-pairing-enter-adds"));
        typed.setPromptText(Texts.of("repertoire.type-a-pairing-4-ann"));
        typed.setOnAction(e -> type());
        HBox.setHgrow(typed, Priority.ALWAYS);
        VBox.setVgrow(rounds, Priority.ALWAYS);
        HBox add =
                Widgets.row(
                        typed,
                        Widgets.quiet("round-add", Texts.of("repertoire.add"), this::type),
                        Widgets.removing(
                                "round-take-out", Texts.of("repertoire.take-out"), model::takeOut));
        VBox above = new VBox(6, rounds, add);
        above.setMinHeight(110);
        VBox below = new VBox(6, editor, list, tools());
        below.setMinHeight(160);
        below.setPadding(new Insets(0, 1, 1, 0));
        Split split =
                new Split(
                        services.memory(),
                        "repertoire.rounds",
                        Orientation.VERTICAL,
                        size -> Math.min(LISTED, size * SHARE),
                        above,
                        below);
        VBox.setVgrow(split, Priority.ALWAYS);
        MenuButton menu =
                Menus.button("tournament-menu", Texts.of("repertoire.tournament"), ofTournament());
        Widgets.leaveFocus(menu);
        getChildren().addAll(Widgets.row(tournaments, player, menu), split);
        model.revisionProperty().addListener(o -> show());
        model.all().addListener((ListChangeListener<SheetRow>) c -> show());
        round.toldProperty().addListener((o, was, is) -> list.show(is));
        round.gameProperty().addListener(o -> show());
        show();
    }

    private void choosers() {
        tournaments.setId("tournament-chooser");
        tournaments.setAccessibleText(Texts.of("repertoire.which-tournament"));
        tournaments.setPromptText(Texts.of("repertoire.no-tournament-yet"));
        Widgets.texts(tournaments, SheetRow::title);
        tournaments.setMaxWidth(Double.MAX_VALUE);
        tournaments.setPrefWidth(160);
        HBox.setHgrow(tournaments, Priority.ALWAYS);
        tournaments.setOnAction(
                e -> {
                    if (!showing && tournaments.getValue() != null) {
                        flush();
                        model.open(tournaments.getValue().id());
                    }
                });
        player.setId("round-player");
        player.setAccessibleText(Texts.of("repertoire.for-whom-the-rounds-are"));
        player.setPrefWidth(160);
        player.setOnAction(
                e -> {
                    if (!showing && player.getValue() != null) {
                        flush();
                        model.look(
                                Optional.of(player.getValue()).filter(p -> !p.equals(EVERYBODY)));
                    }
                });
    }

    private void columns() {
        rounds.figure(
                Texts.of("repertoire.round"),
                54,
                r -> r.pairing().round() * 10_000 + r.pairing().board(),
                n -> n / 10_000 + (n % 10_000 == 0 ? "" : "." + n % 10_000));
        rounds.text(Texts.of("repertoire.white"), 150, r -> r.pairing().white().name());
        rounds.text(Texts.of("repertoire.result"), 62, r -> result(r.pairing()));
        rounds.text(
                Texts.of("repertoire.black"),
                150,
                r -> r.pairing().isBye() ? "nobody" : r.pairing().black().name());
        rounds.text(Texts.of("repertoire.day"), 86, r -> r.pairing().date());
        rounds.onChoose(
                row -> {
                    if (!showing) {
                        flush();
                        model.choose(row.place());
                    }
                });
        rounds.onOpen(row -> primary());
        rounds.onRemove(chosen -> model.takeOut());
        rounds.onMenu(this::menu);
    }

    private static String result(Pairing pairing) {
        return pairing.isOver() ? GameResult.shown(pairing.result()) : "";
    }

    private List<Command> menu(List<TournamentsModel.Row> chosen) {
        if (chosen.size() != 1) {
            return List.of();
        }
        List<Command> commands = new ArrayList<>();
        commands.add(new Command(Texts.of("repertoire.look-ahead"), "Enter", round::prepare));
        commands.add(Command.of(Texts.of("repertoire.look-back-at-its-game"), round::learn));
        commands.add(Menus.LINE);
        for (String result : GameResult.played()) {
            commands.add(
                    Command.of(
                            Texts.of("repertoire.result-2", GameResult.shown(result)),
                            () -> model.changeChosen(p -> p.with(result))));
        }
        commands.add(Menus.LINE);
        commands.add(new Command(Texts.of("repertoire.take-out"), "Delete", model::takeOut));
        return commands;
    }

    private HBox tools() {
        MenuButton bring =
                Menus.button("round-bring", Texts.of("repertoire.bring-the-game-in"), bringing());
        return Widgets.row(
                list.step("round-step", Texts.of("repertoire.do-it")),
                Widgets.spacer(),
                Widgets.button("round-repeat", Texts.of("repertoire.repeat-tonight"), this::repeat),
                Widgets.button("round-sheet", Texts.of("repertoire.sheet"), this::sheet),
                bring);
    }

    private List<Command> ofTournament() {
        return List.of(
                Command.of(Texts.of("repertoire.read-a-table-of-pairings"), this::table),
                Command.of(Texts.of("repertoire.rename-the-tournament"), this::rename),
                Menus.LINE,
                Command.of(Texts.of("repertoire.remove-the-tournament"), this::remove));
    }

    private void rename() {
        flush();
        model.tournament()
                .ifPresent(
                        t ->
                                dialogs.text(
                                        Texts.of("repertoire.name-of-the-tournament"),
                                        t.title(),
                                        Texts.of("repertoire.rename"),
                                        model::rename));
    }

    private void remove() {
        flush();
        model.remove();
    }

    private List<Command> bringing() {
        return List.of(
                Command.of(Texts.of("repertoire.paste-the-game"), this::paste),
                Command.of(Texts.of("repertoire.the-game-from-a-file"), this::file),
                Command.of(Texts.of("repertoire.the-open-game-of-the"), this::openGame));
    }

    /** The one action of the page: what the chosen round asks for. */
    Button primaryAction() {
        return primary;
    }

    private void primary() {
        flush();
        if (round.gameProperty().get().isPresent()) {
            round.learn();
        } else {
            round.prepare();
        }
    }

    private void type() {
        if (typed.getText().isBlank()) {
            return;
        }
        flush();
        Optional<String> problem = model.type(typed.getText().strip());
        if (problem.isEmpty()) {
            typed.clear();
        }
        problem.ifPresent(services.messages()::say);
    }

    private void table() {
        flush();
        dialogs.show(new TableCard(services, model, dialogs::close));
    }

    private void repeat() {
        flush();
        round.repeat(learn);
    }

    private void sheet() {
        round.brief()
                .ifPresentOrElse(
                        brief ->
                                saver.choose(
                                                Texts.of("repertoire.the-sheet-of-the-round"),
                                                "round-" + brief.pairing().round() + ".pdf",
                                                "pdf",
                                                "html")
                                        .ifPresent(this::sheet),
                        () ->
                                services.messages()
                                        .say(Texts.of("repertoire.prepare-the-round-first")));
    }

    /** Writes the sheet of the round to a file. */
    void sheet(File file) {
        round.brief()
                .ifPresent(
                        brief ->
                                saver.write(
                                        file, () -> new RoundSheet(brief).write(file.toPath())));
    }

    private void paste() {
        String text = Clipboard.getSystemClipboard().getString();
        round.bring(text == null ? List.of() : PgnReader.readAll(text));
    }

    private void openGame() {
        round.bring(PgnReader.readAll(PgnWriter.write(game.get().tree())));
    }

    private void file() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.of("repertoire.the-game-of-the-round"));
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("PGN", "*.pgn"));
        Optional.ofNullable(chooser.showOpenDialog(getScene().getWindow())).ifPresent(this::file);
    }

    /** Brings the game of the round in from a file. */
    void file(File file) {
        services.scheduler().library(() -> PgnReader.readAll(file.toPath()), round::bring);
    }

    /** The tournaments, to be opened by their names. */
    List<Command> choices() {
        return model.all().stream()
                .map(
                        row ->
                                Command.of(
                                        Texts.of("repertoire.tournament-2", row.title()),
                                        () -> model.open(row.id())))
                .toList();
    }

    List<Command> commands() {
        List<Command> commands =
                new ArrayList<>(
                        List.of(
                                Command.of(
                                        Texts.of("repertoire.look-ahead-to-the-round"),
                                        this::primary),
                                Command.of(
                                        Texts.of("repertoire.repeat-what-was-prepared"),
                                        this::repeat),
                                Command.of(
                                        Texts.of("repertoire.sheet-of-the-round"), this::sheet)));
        ofTournament().stream().filter(c -> !c.equals(Menus.LINE)).forEach(commands::add);
        commands.addAll(bringing());
        return commands;
    }

    void shown() {
        model.reload();
        round.findGame();
    }

    void flush() {
        editor.commit();
        model.flush();
    }

    private void show() {
        showing = true;
        try {
            tournaments.getItems().setAll(model.all());
            model.row().ifPresentOrElse(tournaments::setValue, () -> tournaments.setValue(null));
            player.setDisable(model.tournament().isEmpty());
            List<String> names = new ArrayList<>(List.of(EVERYBODY));
            names.addAll(model.players());
            player.getItems().setAll(names);
            player.setValue(model.player().orElse(EVERYBODY));
            rounds.show(model.rows());
            model.chosen().ifPresent(row -> rounds.mark(row.place()));
            editor.show(model.chosen().map(TournamentsModel.Row::pairing));
            primary.setText(
                    round.gameProperty().get().isPresent()
                            ? Texts.of("repertoire.look-back")
                            : Texts.of("repertoire.look-ahead"));
        } finally {
            showing = false;
        }
    }
}

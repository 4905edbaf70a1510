package org.zeroply.desktop.repertoire;

import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** The repertoire against games: how a player's games left it, and preparing against a player. */
final class GamesView extends VBox {

    private final RepertoireGamesModel games;
    private final ComboBox<String> player = new ComboBox<>();

    GamesView(RepertoireModel model, RepertoireGamesModel games) {
        super(8);
        this.games = games;
        FindingList list =
                new FindingList("games-findings", Texts.of("repertoire.choose-a-player-of-the"));
        player.setId("games-player");
        player.setPromptText(Texts.of("repertoire.player"));
        player.setAccessibleText(Texts.of("repertoire.player"));
        player.setPrefWidth(230);
        getChildren()
                .addAll(
                        Widgets.row(
                                player,
                                Widgets.button(
                                        "compare",
                                        Texts.of("repertoire.compare"),
                                        () -> games.compare(chosen())),
                                Widgets.button(
                                        "prepare",
                                        Texts.of("repertoire.prepare"),
                                        () -> games.prepare(chosen())),
                                Widgets.spacer(),
                                Widgets.button(
                                        "check-cards",
                                        Texts.of("repertoire.cards"),
                                        games::checkCards),
                                Widgets.button(
                                        "orders",
                                        Texts.of("repertoire.orders-to-here"),
                                        games::orders)),
                        list,
                        Widgets.row(list.step("game-step", Texts.of("repertoire.open-it"))));
        games.foundProperty().addListener((o, was, is) -> list.show(is));
        games.playersProperty()
                .addListener(
                        (o, was, is) -> {
                            String before = player.getValue();
                            player.getItems().setAll(is);
                            player.setValue(before);
                        });
        model.studentProperty()
                .addListener((o, was, is) -> is.ifPresent(s -> player.setValue(s.name())));
    }

    private Optional<String> chosen() {
        return Optional.ofNullable(player.getValue());
    }

    /** Reads who has games. */
    void shown() {
        games.readPlayers();
    }
}

package org.zeroply.desktop.repertoire;

import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Widgets;

/** The repertoire against games: how a player's games left it, and preparing against a player. */
final class GamesView extends VBox {

    private final RepertoireGamesModel games;
    private final ComboBox<String> player = new ComboBox<>();

    GamesView(RepertoireModel model, RepertoireGamesModel games) {
        super(8);
        this.games = games;
        FindingList list =
                new FindingList(
                        "games-findings",
                        "Choose a player of the library's games. Compare tells who left the"
                                + " repertoire first, and what it cost; Prepare looks at the player"
                                + " as an opponent. Cards tells in which games one applied; Orders"
                                + " the ways to the position on the board.");
        player.setId("games-player");
        player.setPromptText("Player");
        player.setAccessibleText("Player");
        player.setPrefWidth(230);
        getChildren()
                .addAll(
                        Widgets.row(
                                player,
                                Widgets.button("compare", "Compare", () -> games.compare(chosen())),
                                Widgets.button("prepare", "Prepare", () -> games.prepare(chosen())),
                                Widgets.spacer(),
                                Widgets.button("check-cards", "Cards", games::checkCards),
                                Widgets.button("orders", "Orders to here", games::orders)),
                        list,
                        Widgets.row(list.step("game-step", "Open it")));
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

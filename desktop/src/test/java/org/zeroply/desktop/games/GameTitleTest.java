package org.zeroply.desktop.games;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.OptionalLong;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.desktop.work.Fx;
import org.zeroply.desktop.work.ModelTest;

/** The title line of a game, without a window around it. */
class GameTitleTest extends ModelTest {

    private GamesModel model;
    private GameTitle title;

    @BeforeEach
    void make() {
        Fx.run(
                () -> {
                    model = new GamesModel(services);
                    title = new GameTitle(model);
                });
        open(
                """
                [Event "Harbour Cup"]
                [Date "2026.03.01"]
                [Round "?"]
                [White "Marram, Ilse"]
                [Black "Quay, Jonas"]
                [WhiteElo "2300"]
                [Result "1-0"]

                1. e4 1-0
                """);
    }

    private void open(String pgn) {
        Fx.run(
                () ->
                        model.session()
                                .open(
                                        ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree(),
                                        OptionalLong.empty()));
    }

    private String text(String id) {
        return ((Labeled) title.lookup(id)).getText();
    }

    private TextField field(String tag) {
        return (TextField) title.lookup("#game-tag-" + tag);
    }

    private void press(String id) {
        Fx.run(() -> ((Button) title.lookup(id)).fire());
    }

    @Test
    void it_tells_who_played_how_it_ended_and_what_is_known_besides() {
        assertThat(text("#game-title")).startsWith("Marram, Ilse – Quay, Jonas   ").contains("1");
        assertThat(text("#game-about")).isEqualTo("Harbour Cup  ·  2026.03.01");
    }

    @Test
    void where_nothing_is_known_nothing_is_told() {
        open("1. d4 *");
        assertThat(text("#game-title")).isEqualTo("Analysis");
        assertThat(title.lookup("#game-about").isManaged()).isFalse();
    }

    @Test
    void tags_are_changed_together_and_taken_back_together() {
        Fx.run(title::edit);
        assertThat(field("round").getText()).as("unknown is empty").isEmpty();
        assertThat(field("whiteelo").getText()).isEqualTo("2300");
        Fx.run(
                () -> {
                    field("white").setText(" Shoal, Greta ");
                    field("round").setText("4");
                    field("event").setText("");
                    field("date").setText("");
                    field("whiteelo").setText("");
                });
        press("#game-done");
        var tree = model.session().tree();
        assertThat(tree.tag("White")).isEqualTo("Shoal, Greta");
        assertThat(tree.tag("Event")).isEqualTo("?");
        assertThat(tree.tag("Date")).isEqualTo("????.??.??");
        assertThat(tree.tag("WhiteElo")).isEmpty();
        assertThat(text("#game-about")).isEqualTo("round 4");
        Fx.run(() -> model.session().undo());
        assertThat(model.session().tree().tag("White")).isEqualTo("Marram, Ilse");
        assertThat(model.session().tree().tag("Event")).isEqualTo("Harbour Cup");
        assertThat(text("#game-title")).startsWith("Marram, Ilse");
    }

    @Test
    void in_another_language_the_tags_of_the_game_are_the_same() {
        Locale before = Locale.getDefault();
        try {
            Locale.setDefault(Locale.forLanguageTag("qx"));
            Fx.run(() -> title = new GameTitle(model));
            Fx.run(title::edit);
            assertThat(field("white").getAccessibleText()).isEqualTo("Blanka");
            assertThat(field("white").getText()).isEqualTo("Marram, Ilse");
            Fx.run(() -> field("event").setText("Lantern Open"));
            press("#game-done");
        } finally {
            Locale.setDefault(before);
        }
        assertThat(model.session().tree().tag("Event")).isEqualTo("Lantern Open");
        assertThat(text("#game-about")).isEqualTo("Lantern Open  ·  2026.03.01");
    }

    @Test
    @SuppressWarnings("unchecked")
    void leaving_changes_nothing() {
        Fx.run(
                () -> {
                    title.edit();
                    field("white").setText("Somebody");
                    ((ComboBox<String>) title.lookup("#game-result")).setValue("0-1");
                });
        press("#game-leave");
        assertThat(model.session().tree().tag("White")).isEqualTo("Marram, Ilse");
        assertThat(model.session().tree().result()).isEqualTo("1-0");
        assertThat(title.lookup("#game-title")).isNotNull();
    }
}

package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.repertoire.card.Card;
import org.zeroply.coach.repertoire.card.CardReader;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.work.ModelTest;

/** A card tried on the games of a library, without the desk. */
class CardTrialModelTest extends ModelTest {

    private final List<Long> opened = new ArrayList<>();
    private CardTrialModel model;
    private Card card;

    @BeforeEach
    void open() throws Exception {
        card = CardReader.read("IF black knight on c6 THEN play Bb5");
        run(() -> model = new CardTrialModel(services, opened::add));
    }

    private long game(String white, String moves, String result) {
        return services.library()
                .sheets()
                .add(
                        "[White \"%s\"]\n[Result \"%s\"]\n\n%s %2$s\n"
                                .formatted(white, result, moves));
    }

    private CardTrialModel.Shown tried() throws Exception {
        run(() -> model.start(card, Side.WHITE));
        until(() -> !model.shownProperty().get().summary().isEmpty());
        return model.shownProperty().get();
    }

    @Test
    void games_are_told_in_which_it_was_followed_or_not_with_what_that_scored() throws Exception {
        long followed = game("Ada", "1. e4 e5 2. Nf3 Nc6 3. Bb5", "1-0");
        game("Ben", "1. e4 e5 2. Nf3 Nc6 3. Bc4", "0-1");
        game("Cleo", "1. e4 c5 2. c3", "1/2-1/2");
        CardTrialModel.Shown shown = tried();
        assertThat(shown.summary())
                .isEqualTo(
                        "It applied in 2 of 3 games (score 50%): followed in 1 (score 100%), not"
                                + " followed in 1 (score 0%).");
        assertThat(shown.games())
                .extracting(Remark::kind)
                .containsExactlyInAnyOrder("Followed", "Not followed");
        Remark first =
                shown.games().stream()
                        .filter(r -> r.kind().equals("Followed"))
                        .findFirst()
                        .orElseThrow();
        assertThat(first.text()).contains("Ada", "move 3", "Bb5");
        run(first.go());
        assertThat(opened).containsExactly(followed);
    }

    @Test
    void a_card_that_never_applied_says_on_how_many_games_it_was_tried() throws Exception {
        game("Cleo", "1. e4 c5 2. c3", "1/2-1/2");
        assertThat(tried().summary()).isEqualTo("It applied in none of 1 games.");
        assertThat(model.shownProperty().get().games()).isEmpty();
    }

    @Test
    void a_changed_card_forgets_what_the_old_one_showed() throws Exception {
        game("Ada", "1. e4 e5 2. Nf3 Nc6 3. Bb5", "1-0");
        tried();
        run(model::forget);
        assertThat(model.shownProperty().get()).isEqualTo(CardTrialModel.Shown.NOTHING);
    }
}

package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.repertoire.card.CardReader;
import org.zeroply.desktop.repertoire.CardDraftModel.Joined;
import org.zeroply.desktop.repertoire.CardDraftModel.Way;

class CardDraftModelTest {

    private final Node at =
            ((PgnEntry.Game) PgnReader.readAll("1. e4 e5 2. Nf3 Nc6 3. d4 exd4 *").get(0))
                    .tree()
                    .root()
                    .mainLineEnd();
    private final CardDraftModel draft = new CardDraftModel();

    @BeforeEach
    void begin() {
        draft.begin("");
    }

    private void press(Way way, Joined joined, String... squares) {
        for (String square : squares) {
            draft.pressed(way, at.position(), Side.WHITE, Square.parse(square), joined);
        }
    }

    @Test
    void pressed_squares_say_a_condition_and_take_it_back() {
        press(Way.MAN, Joined.PLAIN, "c6");
        press(Way.COVERED_BY_US, new Joined(true, false, false), "e5");
        press(Way.MORE_MEN, Joined.PLAIN, "d4");
        assertThat(draft.text())
                .isEqualTo(
                        "IF black knight on c6 AND NOT e5 covered by white AND white outnumbers"
                                + " black on d4 THEN …");
        press(Way.MAN, Joined.PLAIN, "c6");
        press(Way.MORE_MEN, Joined.PLAIN, "d4");
        assertThat(draft.text()).isEqualTo("IF NOT e5 covered by white THEN …");
        assertThat(CardDraftModel.isWhole(draft.text())).isFalse();
    }

    @Test
    void a_formation_is_drawn_pawn_by_pawn() {
        press(Way.PAWNS, Joined.PLAIN, "e4", "f2", "c2", "d4", "f2", "g1");
        assertThat(draft.text()).isEqualTo("IF white pawns on c2 e4 AND black pawns on d4 THEN …");
        press(Way.PAWNS, Joined.PLAIN, "d4");
        assertThat(draft.text()).isEqualTo("IF white pawns on c2 e4 THEN …");
    }

    @Test
    void or_joins_the_last_condition_and_exceptions_stand_apart() {
        press(Way.EMPTY, Joined.PLAIN, "e5");
        press(Way.MAN, new Joined(false, true, false), "d4");
        press(Way.CASTLED, new Joined(false, false, true), "e8");
        press(Way.PLAY, Joined.PLAIN, "f3", "d4");
        assertThat(draft.text())
                .isEqualTo("IF (e5 empty OR black pawn on d4) THEN play Nxd4 UNLESS black castled");
        assertThat(draft.state(draft.text(), at)).contains("holds in this position");
        CardDraftModel again = new CardDraftModel();
        again.begin(draft.text());
        assertThat(again.text()).isEqualTo(draft.text());
    }

    @Test
    void what_fits_the_move_is_offered_and_can_be_read() {
        assertThat(CardDraftModel.offers(at, Side.WHITE))
                .contains("black just played exd4", "black just took on d4", "from move 4")
                .allSatisfy(
                        o ->
                                assertThat(CardReader.problem("IF " + o + " THEN think"))
                                        .as(o)
                                        .isEmpty());
        Node start = at.parent().orElseThrow();
        while (!start.isRoot()) {
            start = start.parent().orElseThrow();
        }
        assertThat(CardDraftModel.offers(start, Side.BLACK)).noneMatch(o -> o.contains("just"));
    }
}

package org.zeroply.desktop.lab;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;

import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.sheet.SheetStore;

/** The facts of the position on the board, without the desk. */
class LabModelTest extends ModelTest {

    private static final String GAME = "1. e4 d5 2. exd5 (2. e5 c5) 2... Qxd5 *";

    private final TreeSession session = new TreeSession();
    private LabModel model;

    @BeforeEach
    void open() {
        run(
                () -> {
                    session.open(SheetStore.parse(GAME), OptionalLong.empty());
                    model = new LabModel(services, session);
                });
    }

    private Node after(int plies) {
        return session.tree().mainLine().get(plies - 1);
    }

    private static Fact open(int square) {
        return Fact.of(FactKind.OPEN_FILE, Side.WHITE, "an open file", square);
    }

    @Test
    void nothing_is_looked_for_until_somebody_looks() throws Exception {
        run(() -> session.go(after(3)));
        assertThat(model.facts()).isEmpty();
        assertThat(model.searchingProperty().get()).isEmpty();
        run(() -> model.activeProperty().set(true));
        assertThat(model.facts()).isNotEmpty();
        assertThat(model.searchingProperty().get()).isNotEmpty();
        run(() -> model.activeProperty().set(false));
        assertThat(model.searchingProperty().get()).as("nobody looks any more").isEmpty();
    }

    @Test
    void another_position_brings_its_own_facts_and_a_bare_board() throws Exception {
        run(() -> model.activeProperty().set(true));
        List<Fact> before = List.copyOf(model.facts());
        run(
                () -> {
                    model.point(open(Square.parse("e4")));
                    session.go(after(4));
                });
        assertThat(model.position()).isEqualTo(after(4).position());
        assertThat(model.facts()).isNotEqualTo(before);
        assertThat(model.overlayProperty().get()).isEqualTo(BoardOverlay.NONE);
    }

    @Test
    void a_fact_is_drawn_and_taken_off() {
        run(() -> model.point(open(Square.parse("e4"))));
        assertThat(model.overlayProperty().get()).isNotEqualTo(BoardOverlay.NONE);
        run(model::clearOverlay);
        assertThat(model.overlayProperty().get()).isEqualTo(BoardOverlay.NONE);
    }

    @Test
    void changes_are_those_of_the_last_move_or_since_a_position_chosen() {
        assertThat(model.changes()).as("nothing was played").isEmpty();
        run(() -> session.go(after(3)));
        assertThat(model.comparedWith()).contains(after(2));
        assertThat(model.changes()).isPresent();
        run(
                () -> {
                    session.go(after(1));
                    model.compareFromHere();
                    session.go(after(4));
                });
        assertThat(model.comparedWith()).contains(after(1));
        run(model::compareLastMove);
        assertThat(model.comparedWith()).contains(after(3));
    }

    @Test
    void a_position_chosen_in_another_game_is_not_compared_with() {
        run(
                () -> {
                    session.go(after(1));
                    model.compareFromHere();
                    session.open(SheetStore.parse("1. d4 d5 *"), OptionalLong.empty());
                    session.go(after(2));
                });
        assertThat(model.comparedWith()).contains(after(1));
    }

    @Test
    void structures_are_those_of_the_moves_that_go_on_from_here() {
        run(() -> session.go(after(2)));
        assertThat(model.structures())
                .extracting(s -> s.move().toString())
                .contains("e4d5", "e4e5");
    }

    @Test
    void a_fact_is_pinned_to_the_note_once_with_its_marks_and_can_be_taken_off() {
        Fact fact = open(Square.parse("e4")).marked(Mark.Meaning.KEY, Square.parse("e4"));
        run(() -> session.go(after(1)));
        run(() -> model.pin(fact));
        String note = after(1).annotation().after();
        assertThat(note).isEqualTo(fact.sentence() + ".");
        assertThat(after(1).annotation().marks()).containsAll(fact.drawn());
        run(() -> model.pin(fact));
        assertThat(after(1).annotation().after()).isEqualTo(note);
        assertThat(said()).isEqualTo("The note says that already.");
        run(() -> session.editor().undo());
        assertThat(after(1).annotation().after()).isEmpty();
    }

    @Test
    void a_pinned_fact_stands_behind_the_coachs_own_words() {
        run(
                () -> {
                    session.go(after(1));
                    session.editor().annotate(after(1), a -> a.withAfter("My words."));
                    model.pin(open(Square.parse("e4")));
                });
        assertThat(after(1).annotation().after()).startsWith("My words. ").hasSizeGreaterThan(10);
    }

    @Test
    void the_line_of_a_fact_goes_into_the_sheet() {
        Node start = session.tree().root();
        List<Move> line = List.of(start.position().legalMoves().get(0));
        run(() -> model.adopt(open(Square.parse("e4")).proved(line)));
        assertThat(start.child(line.get(0))).isPresent();
        run(() -> session.editor().undo());
        assertThat(start.child(line.get(0))).isEmpty();
    }
}

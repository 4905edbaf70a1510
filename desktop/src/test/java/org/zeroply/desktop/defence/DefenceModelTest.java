package org.zeroply.desktop.defence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.desktop.work.ModelTest;

/** Every move of a position looked at, without the desk. */
class DefenceModelTest extends ModelTest {

    /** White threatens mate on the back rank. */
    private static final Position BACK_RANK =
            Position.fromFen("6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1");

    private DefenceModel model;

    @BeforeEach
    void open() {
        services.library().settings().put(DefenceModel.NODES, 1000L);
        run(() -> model = new DefenceModel(services));
    }

    private void look(Position position) throws Exception {
        run(() -> model.look(position));
        until(() -> model.stateProperty().get().isEmpty());
    }

    private List<Candidate> candidates() {
        return model.foundProperty().get().orElseThrow().candidates();
    }

    private static Move move(String san) throws Exception {
        return San.read(BACK_RANK, san);
    }

    @Test
    void every_legal_move_gets_a_row_and_what_fails_stands_last() throws Exception {
        look(BACK_RANK);
        assertThat(candidates()).hasSameSizeAs(BACK_RANK.legalMoves());
        List<Node> rows = model.sheet().tree().root().children();
        assertThat(rows).hasSameSizeAs(BACK_RANK.legalMoves());
        List<Boolean> refuted =
                rows.stream()
                        .map(n -> model.foundProperty().get().get().of(n.move()).orElseThrow())
                        .map(Candidate::isRefuted)
                        .toList();
        assertThat(refuted).isSorted().contains(true, false);
        assertThat(model.isLookedAt(BACK_RANK)).isTrue();
    }

    @Test
    void the_best_is_chosen_until_the_board_shows_another() throws Exception {
        look(BACK_RANK);
        assertThat(model.chosen()).contains(candidates().get(0));
        Move other = move("f6");
        run(() -> model.sheet().go(model.sheet().tree().root().child(other).orElseThrow()));
        assertThat(model.chosen().map(Candidate::move)).contains(other);
    }

    @Test
    void a_line_is_put_into_the_sheet_and_one_that_is_not_legal_is_not() throws Exception {
        look(BACK_RANK);
        List<Move> line = List.of(move("h6"));
        run(() -> model.play(line));
        assertThat(model.sheet().current().move()).isEqualTo(line.get(0));
        int before = model.sheet().tree().nodes().size();
        Move foreign = Position.START.legalMoves().get(0);
        run(
                () -> {
                    model.play(List.of(foreign));
                    model.play(List.of());
                });
        assertThat(model.sheet().tree().nodes()).hasSize(before);
    }

    @Test
    void the_same_position_is_not_looked_at_twice_another_one_is() throws Exception {
        look(BACK_RANK);
        var first = model.foundProperty().get();
        run(() -> model.look(BACK_RANK));
        assertThat(model.foundProperty().get()).isSameAs(first);
        look(Position.START);
        assertThat(candidates()).hasSize(20);
    }

    @Test
    void what_was_stopped_is_looked_at_anew() {
        services.library().settings().put(DefenceModel.NODES, 5000000L);
        run(() -> model.look(BACK_RANK));
        assertThat(model.stateProperty().get()).isEqualTo("looking at every move …");
        run(model::stop);
        assertThat(model.stateProperty().get()).isEmpty();
        assertThat(model.isLookedAt(BACK_RANK)).isFalse();
        assertThat(model.position()).contains(BACK_RANK);
    }

    @ParameterizedTest
    @CsvSource({
        "R5k1/5ppp/8/8/8/8/5PPP/6K1 b - - 0 1, It is checkmate.",
        "7k/5Q2/6K1/8/8/8/8/8 b - - 0 1,       There is no legal move."
    })
    void where_nothing_can_be_played_that_is_said(String fen, String said) {
        run(() -> model.look(Position.fromFen(fen)));
        assertThat(model.stateProperty().get()).isEqualTo(said);
        assertThat(model.foundProperty().get()).isEmpty();
    }

    @Test
    void what_somebody_played_on_is_still_there_when_the_rows_are_refined() throws Exception {
        services.library().settings().put(DefenceModel.NODES, 20000L);
        run(() -> model.look(BACK_RANK));
        until(() -> model.foundProperty().get().isPresent());
        run(
                () -> {
                    Node end = model.sheet().tree().root().children().get(0);
                    while (end.depth() < 6) {
                        end = model.sheet().editor().add(end, end.position().legalMoves().get(0));
                    }
                    model.sheet().go(end);
                });
        List<Move> own = model.sheet().current().path().stream().map(Node::move).toList();
        until(() -> model.stateProperty().get().isEmpty());
        assertThat(model.sheet().tree().root().along(own).depth()).isEqualTo(6);
        assertThat(model.sheet().current().depth()).isEqualTo(6);
    }
}

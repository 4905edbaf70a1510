package org.zeroply.desktop.defence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;

/** The table of what-if, without the desk. */
class WhatIfModelTest extends ModelTest {

    private static final Position BACK_RANK =
            Position.fromFen("6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1");
    private static final Position WITH_AIR =
            Position.fromFen("6k1/5pp1/7p/8/8/8/r4PPP/3R2K1 b - - 0 1");
    private static final Position WITH_MORE =
            Position.fromFen("6k1/5p1p/6p1/8/8/8/r4PPP/3R2K1 b - - 0 1");

    private final List<Long> opened = new ArrayList<>();
    private DefenceModel defence;
    private WhatIfModel model;

    @BeforeEach
    void open() {
        services.library().settings().put(DefenceModel.NODES, 1000L);
        run(
                () -> {
                    defence = new DefenceModel(services);
                    model = new WhatIfModel(services, defence);
                });
    }

    private void look(Position position) throws Exception {
        run(() -> defence.look(position));
        until(() -> defence.stateProperty().get().isEmpty());
    }

    private void add(Position variant, int rows) throws Exception {
        run(() -> model.add((from, made) -> made.accept(variant)));
        until(() -> model.tableProperty().get().filter(t -> t.rows().size() == rows).isPresent());
    }

    private List<String> names() {
        return model.tableProperty().get().stream()
                .flatMap(t -> t.rows().stream())
                .map(WhatIf.Row::name)
                .toList();
    }

    @Test
    void nothing_is_asked_before_every_move_was_looked_at() {
        run(model::propose);
        assertThat(said()).startsWith("Wait until every move");
        run(() -> model.add((from, made) -> made.accept(WITH_AIR)));
        assertThat(services.scheduler().isBusy()).isFalse();
        assertThat(model.tableProperty().get()).isEmpty();
    }

    @Test
    void variants_are_added_below_the_position_as_it_is_and_stand_on_the_board() throws Exception {
        look(BACK_RANK);
        add(WITH_AIR, 2);
        add(WITH_MORE, 3);
        assertThat(names())
                .containsExactly("as it is", "Black's pawn h7 on h6", "Black's pawn g7 on g6");
        assertThat(model.session()).as("nothing chosen").isSameAs(defence.sheet());
        run(() -> model.choose(1, WITH_AIR.legalMoves().subList(0, 1)));
        assertThat(model.session().tree().start()).isEqualTo(WITH_AIR);
        assertThat(model.session().current().depth()).isEqualTo(1);
        assertThat(model.replyProperty().get()).startsWith("Black's pawn h7 on h6:");
    }

    @Test
    void a_variant_begins_with_the_row_that_is_chosen() throws Exception {
        look(BACK_RANK);
        add(WITH_AIR, 2);
        List<Position> offered = new ArrayList<>();
        run(
                () -> {
                    model.choose(1, List.of());
                    model.add((from, made) -> offered.add(from));
                });
        assertThat(offered).containsExactly(WITH_AIR);
    }

    @Test
    void a_row_is_taken_out_and_brought_back_but_never_the_first_one() throws Exception {
        look(BACK_RANK);
        add(WITH_AIR, 2);
        run(
                () -> {
                    model.choose(0, List.of());
                    model.remove();
                });
        assertThat(said()).startsWith("Choose a variant first");
        run(
                () -> {
                    model.choose(1, List.of());
                    model.remove();
                });
        assertThat(names()).containsExactly("as it is");
        assertThat(model.rowProperty().get()).isEmpty();
        undo();
        assertThat(names()).containsExactly("as it is", "Black's pawn h7 on h6");
    }

    @Test
    void a_row_does_not_come_back_over_another_position() throws Exception {
        look(BACK_RANK);
        add(WITH_AIR, 2);
        run(
                () -> {
                    model.choose(1, List.of());
                    model.remove();
                });
        var undo = services.messages().latestProperty().get().get().actions().get(0);
        look(WITH_MORE);
        run(
                () -> {
                    model.clear();
                    undo.run().run();
                });
        assertThat(model.tableProperty().get()).isEmpty();
    }

    @Test
    void what_is_found_after_another_position_was_taken_is_not_shown() throws Exception {
        look(BACK_RANK);
        run(
                () -> {
                    model.add((from, made) -> made.accept(WITH_AIR));
                    defence.look(WITH_MORE);
                    model.clear();
                });
        until(() -> !services.scheduler().isBusy() && defence.stateProperty().get().isEmpty());
        assertThat(model.tableProperty().get()).isEmpty();
    }

    @Test
    void a_row_becomes_an_exercise_that_is_kept_and_opened() throws Exception {
        look(BACK_RANK);
        run(() -> model.exercise(opened::add));
        assertThat(said()).isEqualTo("Choose a row first.");
        add(WITH_AIR, 2);
        run(
                () -> {
                    model.choose(1, List.of());
                    model.exercise(opened::add);
                });
        until(() -> !services.scheduler().isBusy() && !said().isEmpty());
        var kept = services.library().sheets().find(SheetQuery.all(SheetKind.EXERCISE));
        assertThat(said()).isEqualTo("Drafted from the row.");
        assertThat(opened).containsExactly(kept.get(0).id());
    }
}

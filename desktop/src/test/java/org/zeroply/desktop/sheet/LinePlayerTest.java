package org.zeroply.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxToolkit;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.work.Fx;
import org.zeroply.desktop.work.TreeSession;

class LinePlayerTest {

    private final TreeSession session = new TreeSession();

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private void play(String row, String line) {
        Fx.run(() -> LinePlayer.play(session, new MoveTree(Position.START), row, line));
    }

    @Test
    void a_line_from_the_position_is_on_the_board_with_its_first_move_played() {
        play("1.e4 e5", "1.d4 d5 2.c4");
        assertThat(Line.to(session.current())).isEqualTo("1.d4");
        Fx.run(session::toEnd);
        assertThat(Line.to(session.current())).isEqualTo("1.d4 d5 2.c4");
        assertThat(session.id()).isEmpty();
    }

    @Test
    void a_line_that_begins_later_is_found_behind_the_moves_before_it() {
        play("1.e4 e5 2.Nf3", "1...c5 2.Nf3 d6");
        Fx.run(session::toEnd);
        assertThat(Line.to(session.current())).isEqualTo("1.e4 c5 2.Nf3 d6");
    }

    @Test
    void a_line_that_cannot_be_read_leaves_the_moves_of_the_row() {
        play("1.e4 e5", "7.Qxz9 nonsense");
        Fx.run(session::toEnd);
        assertThat(Line.to(session.current())).isEqualTo("1.e4 e5");
    }

    private static Annotation of(String comment) {
        Node node =
                ((PgnEntry.Game) PgnReader.readAll("1. e4 {" + comment + "} *").get(0))
                        .tree()
                        .mainLine()
                        .get(0);
        return node.annotation();
    }

    @ParameterizedTest
    @CsvSource({
        "[%zp.pts 5], true, 5",
        "[%zp.pts 5] [%zp.pts 3 verdict], true, 8",
        "[%zp.pts 5], false, ''",
        "[%zp.tempting], true, bait",
        "[%zp.equal], true, ≈",
        "[%zp.must], true, must",
        "[%zp.trap] [%zp.approach sharp], false, sharp trap",
        "[%zp.card IF e4 empty THEN think], true, card",
        "just words, true, ''",
    })
    void a_move_has_a_badge_of_what_is_said_of_it(String comment, boolean points, String badge) {
        StringBuilder shown = new StringBuilder();
        Fx.run(
                () ->
                        SheetBadge.of(of(comment), points)
                                .ifPresent(label -> shown.append(label.getText())));
        assertThat(shown).hasToString(badge);
    }
}

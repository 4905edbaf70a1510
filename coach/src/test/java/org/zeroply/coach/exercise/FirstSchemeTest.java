package org.zeroply.coach.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.engine.search.BuiltInEngine;

class FirstSchemeTest {

    private static final long NODES = 10_000;

    private static Optional<MoveTree> draft(String fen, String tempting) throws NotationException {
        Position p = Position.fromFen(fen);
        Optional<Move> bait =
                tempting == null ? Optional.empty() : Optional.of(San.read(p, tempting));
        return new FirstScheme(new BuiltInEngine(1), NODES).draft(p, bait);
    }

    @ParameterizedTest(name = "{0}, {1} tempts")
    @CsvSource({
        "5r1k/6pp/7N/8/1q6/8/Q5PP/6K1 w - - 0 1, h3",
        "5r1k/6pp/7N/8/1q6/8/Q5PP/6K1 w - - 0 1,",
        "6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1, f4",
        "r3k3/8/8/3N4/8/8/8/4K3 w - - 0 1, Ke2"
    })
    void a_draft_has_fifty_points_and_can_be_written_and_read(String fen, String tempting)
            throws NotationException {
        MoveTree tree = draft(fen, tempting).orElseThrow();
        MarkingScheme scheme = MarkingScheme.of(tree);
        assertThat(scheme.sum()).isEqualTo(50);
        assertThat(tree.tag(Exercise.MAX_POINTS)).isEqualTo("50");
        MoveTree again = ((PgnEntry.Game) PgnReader.readAll(PgnWriter.write(tree)).get(0)).tree();
        assertThat(PgnWriter.write(again)).isEqualTo(PgnWriter.write(tree));
        assertThat(tree.root().children().stream().filter(n -> n.annotation().tempting()).count())
                .isEqualTo(tempting == null ? 0 : 1);
    }

    @ParameterizedTest
    @CsvSource("'7k/5Q2/6K1/8/8/8/8/8 b - - 0 1'")
    void there_is_no_exercise_where_no_move_is(String fen) throws NotationException {
        assertThat(draft(fen, null)).isEmpty();
    }
}

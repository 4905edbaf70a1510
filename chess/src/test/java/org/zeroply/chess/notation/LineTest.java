package org.zeroply.chess.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Node;

class LineTest {

    private static final Position BLACK = Position.fromFen("4k3/8/8/8/8/8/r3P3/4K3 b - - 0 24");

    private static List<Move> moves(Position start, String sans) throws NotationException {
        List<Move> moves = new ArrayList<>();
        Position p = start;
        for (String san : sans.split(" ")) {
            Move move = San.read(p, san);
            moves.add(move);
            p = p.play(move);
        }
        return moves;
    }

    private static List<Node> line(String pgn) {
        return ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree().mainLine();
    }

    @Test
    void moves_are_numbered_from_whoever_begins() throws NotationException {
        assertThat(Line.numbered(Position.START, moves(Position.START, "e4 e5 Nf3")))
                .isEqualTo("1.e4 e5 2.Nf3");
        assertThat(Line.numbered(BLACK, moves(BLACK, "Ra1+ Kf2 Ra2")))
                .isEqualTo("24...Ra1+ 25.Kf2 Ra2");
        assertThat(Line.numbered(BLACK, List.of())).isEmpty();
    }

    @Test
    void san_ends_where_the_line_is_no_longer_possible() throws NotationException {
        List<Move> moves = new ArrayList<>(moves(Position.START, "e4 e5"));
        moves.add(moves.get(0));
        assertThat(Line.san(Position.START, moves)).containsExactly("e4", "e5");
        List<Move> passed = new ArrayList<>(List.of(Move.NULL));
        passed.addAll(moves(Position.START.play(Move.NULL), "e5"));
        assertThat(Line.san(Position.START, passed)).containsExactly("--", "e5");
    }

    @Test
    void a_node_is_told_by_its_move_or_by_the_way_to_it() {
        List<Node> nodes = line("1. e4 e5 2. Nf3 Nc6 *");
        Node root = nodes.get(0).parent().orElseThrow();
        Node knight = nodes.get(2);
        assertThat(Line.move(knight)).isEqualTo("2.Nf3");
        assertThat(Line.move(nodes.get(3))).isEqualTo("2...Nc6");
        assertThat(Line.to(knight)).isEqualTo("1.e4 e5 2.Nf3");
        assertThat(Line.to(knight, List.of(nodes.get(3).move()))).isEqualTo("1.e4 e5 2.Nf3 Nc6");
        assertThat(Line.to(root)).isEmpty();
        assertThatThrownBy(() -> Line.move(root)).isInstanceOf(NoSuchElementException.class);
    }

    @Test
    void a_line_is_cut_to_its_first_moves() throws NotationException {
        List<Move> moves = moves(Position.START, "e4 e5 Nf3");
        assertThat(Line.start(moves, 2)).hasSize(2);
        assertThat(Line.start(moves, 9)).isEqualTo(moves);
        assertThat(Line.number(Position.START, false)).isEqualTo("1.");
        assertThat(Line.number(BLACK, false)).isEmpty();
        assertThat(Line.number(BLACK, true)).isEqualTo("24...");
    }
}

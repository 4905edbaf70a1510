package org.zeroply.coach.training.ladder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.coach.TestGames.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;

class LadderTest {

    /** Whatever is asked about random play can be checked against the position itself. */
    @Property(tries = 150)
    void every_answer_is_true_of_the_position_that_the_line_leads_to(@ForAll long seed) {
        Random random = new Random(seed);
        Position p = Position.START;
        for (int i = 0; i < 30 && !p.legalMoves().isEmpty(); i++) {
            p = p.play(p.legalMoves().get(random.nextInt(p.legalMoves().size())));
        }
        List<Move> line = new ArrayList<>();
        Position end = p;
        while (line.size() < 8 && !end.legalMoves().isEmpty()) {
            line.add(end.legalMoves().get(random.nextInt(end.legalMoves().size())));
            end = end.play(line.get(line.size() - 1));
        }
        for (Rung rung : new Ladder(p, line, random).rungs()) {
            assertThat(rung.isRight(rung.answerText())).isTrue();
            assertThat(rung.isRight("a1 h8 b7 g2 c3")).isFalse();
            check(rung);
        }
    }

    private static void check(Rung rung) {
        Position end = rung.start();
        for (Move move : rung.line()) {
            end = end.play(move);
        }
        if (rung.kind() == Rung.Kind.WHERE) {
            String from = rung.question().replaceAll(".* on (..) now.*", "$1");
            Piece man = rung.start().pieceAt(Square.parse(from)).orElseThrow();
            String at = rung.answer().iterator().next();
            Optional<Piece> there =
                    at.equals("taken") ? Optional.empty() : end.pieceAt(Square.parse(at));
            boolean promoted = there.isPresent() && !there.get().equals(man);
            assertThat(at.equals("taken") || there.isPresent()).isTrue();
            assertThat(promoted && !man.type().word().equals("pawn")).isFalse();
            there.ifPresent(t -> assertThat(t.side()).isEqualTo(man.side()));
        } else if (rung.kind() != Rung.Kind.CHECKS && !rung.answer().equals(Set.of(Rung.NONE))) {
            for (String square : rung.answer()) {
                assertThat(end.pieceAt(Square.parse(square))).isPresent();
            }
        }
    }

    @Test
    void a_man_is_followed_through_castling_and_until_it_is_taken() throws Exception {
        List<Move> line = line(Position.START, "e4 e5 Nf3 Nc6 Bc4 Nf6 O-O Nxe4 Re1 d5 Bxd5");
        for (int seed = 0; seed < 60; seed++) {
            for (Rung rung : new Ladder(Position.START, line, new Random(seed)).rungs()) {
                if (rung.question().contains("white rook that stands on h1")) {
                    assertThat(rung.answer()).containsExactly(rung.line().size() < 9 ? "f1" : "e1");
                }
                if (rung.question().contains("black pawn that stands on d7")) {
                    assertThat(rung.answer())
                            .containsExactly(rung.line().size() < 11 ? "d5" : "taken");
                }
            }
        }
    }

    @Test
    void answers_may_be_written_as_people_write_them() {
        Rung squares =
                new Rung(Position.START, List.of(), Rung.Kind.ATTACKED, "?", Set.of("e5", "f7"));
        assertThat(squares.isRight("F7, Ne5")).isTrue();
        assertThat(squares.isRight("e5")).isFalse();
        Rung none = new Rung(Position.START, List.of(), Rung.Kind.LOOSE, "?", Set.of("none"));
        assertThat(none.isRight("-")).isTrue();
        assertThat(none.isRight("")).isFalse();
        Rung zero = new Rung(Position.START, List.of(), Rung.Kind.CHECKS, "?", Set.of("0"));
        assertThat(zero.isRight("none")).isTrue();
        assertThat(zero.isRight("1")).isFalse();
    }
}

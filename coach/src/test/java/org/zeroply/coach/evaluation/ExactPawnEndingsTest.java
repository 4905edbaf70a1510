package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

/** Pawn endings that can be solved are exact wherever moves are weighed. */
class ExactPawnEndingsTest {

    private static final int ALL = 200;

    private final Cancellation cancellation = new Cancellation();
    private final MoveEvaluator evaluator =
            new MoveEvaluator(new BuiltInEngine(1), Endings.NONE, 10_000, cancellation);

    /** Results that the theory of key squares and the opposition gives. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            value = {
                "the opposition is lost; 8/8/4k3/8/4K3/4P3/8/8 w; ; Kd4 Kf4 Kd3 Kf3",
                "the opposition; 8/8/4k3/8/4K3/4P3/8/8 b; Kd6 Ke7 Kf6 Kd7 Kf7; ",
                "rook's pawns and the corner; 7k/8/8/7P/8/6K1/7P/8 w; ; h6 h4 h3 Kf4 Kg4 Kf2",
                "two on a file, the opposition kept; 8/8/1p1k4/1P6/1PK5/8/8/8 w; ; Kd4 Kd3 Kc3 Kb3",
                "one pawn guards the other; 8/8/8/2k5/2P5/1P6/8/K7 b; Kb4 Kd4 Kd6 Kb6; ",
            })
    void every_move_is_known(String name, String fen, String decides, String draws)
            throws Exception {
        Position position = Position.fromFen(fen + " - - 0 1");
        Choice choice = evaluator.choice(position, ALL).orElseThrow();
        assertThat(choice.sureness().settled()).isTrue();
        for (String san : words(draws)) {
            Weighed move = choice.of(San.read(position, san)).orElseThrow();
            assertThat(move.exact()).isTrue();
            assertThat(move.expected()).as(san).isEqualTo(ExpectedScore.DRAW);
        }
        for (String san : words(decides)) {
            Weighed move = choice.of(San.read(position, san)).orElseThrow();
            assertThat(move.exact()).isTrue();
            assertThat(move.expected()).as(san).isIn(ExpectedScore.LOSS, ExpectedScore.WIN);
        }
    }

    private static List<String> words(String text) {
        return text == null ? List.of() : Arrays.asList(text.split(" "));
    }

    /** What a move is worth is what its best answer leaves. */
    @Property(tries = 60)
    void a_move_is_worth_what_the_best_answer_leaves(
            @ForAll @IntRange(max = 63) int white,
            @ForAll @IntRange(max = 63) int black,
            @ForAll @IntRange(min = 8, max = 55) int own,
            @ForAll @IntRange(min = 8, max = 55) int other,
            @ForAll @IntRange(max = 1) int side) {
        Optional<Position> legal = pawns(white, black, own, other, Side.of(side));
        Assume.that(legal.isPresent());
        Position position = legal.get();
        List<Weighed> moves = exact(position);
        Assume.that(!moves.isEmpty());
        for (Weighed move : moves) {
            List<Weighed> answers = exact(position.play(move.move()));
            if (!answers.isEmpty()) {
                assertThat(move.expected())
                        .as("%s %s", position, move)
                        .isEqualTo(answers.get(0).expected().opponents());
            }
        }
    }

    private List<Weighed> exact(Position position) {
        return ExactMoves.of(position, Endings.NONE, cancellation);
    }

    private static Optional<Position> pawns(int white, int black, int own, int other, Side side) {
        if (List.of(white, black, own, other).stream().distinct().count() < 4) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    Arrangement.empty()
                            .with(new Piece(Side.WHITE, PieceType.KING), white)
                            .with(new Piece(Side.BLACK, PieceType.KING), black)
                            .with(new Piece(Side.WHITE, PieceType.PAWN), own)
                            .with(new Piece(Side.WHITE, PieceType.PAWN), other)
                            .toMove(side)
                            .position());
        } catch (InvalidPositionException e) {
            return Optional.empty();
        }
    }

    @Test
    void a_drawn_line_goes_on_with_moves_that_draw() {
        Position position = Position.fromFen("8/8/1p1k4/1P6/1PK5/8/8/8 w - - 0 1");
        for (Weighed move : evaluator.choice(position, ALL).orElseThrow().moves()) {
            assertThat(move.line()).hasSizeGreaterThan(6);
            Position now = position.play(move.move());
            for (Move next : move.line().subList(1, move.line().size())) {
                assertThat(ExactMoves.draws(now, Endings.NONE, cancellation)).contains(next);
                now = now.play(next);
            }
        }
    }

    @Test
    void a_won_line_ends_with_the_promotion() {
        Position position = Position.fromFen("8/8/8/2k5/2P5/1P6/8/K7 w - - 0 1");
        Weighed best = evaluator.choice(position, 1).orElseThrow().best();
        assertThat(best.expected()).isEqualTo(ExpectedScore.WIN);
        assertThat(best.line().get(best.line().size() - 1).promotion()).isPresent();
    }

    @Test
    void a_brief_look_does_not_take_the_time() {
        Position position = Position.fromFen("8/8/1p1k4/1P6/1PK5/8/8/8 w - - 0 1");
        assertThat(evaluator.brief(8).choice(position, 1).orElseThrow().best().exact()).isFalse();
    }

    @Test
    void a_cancelled_look_says_so() {
        cancellation.cancel();
        Position position = Position.fromFen("8/6p1/8/5k2/8/4K1P1/5P2/8 w - - 0 1");
        assertThatThrownBy(() -> evaluator.choice(position, 1))
                .isInstanceOf(CancellationException.class);
    }
}

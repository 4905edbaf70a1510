package org.zeroply.workshop.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.tuning.RandomOpenings;
import org.zeroply.workshop.SayingEngine;

class MatchGameTest {

    private static Contestant with(Engine engine) {
        return new Contestant(engine, Limits.nodes(1), 1);
    }

    /** Says the first move and a score that depends on who moves. */
    private static Contestant sure(int asWhite, int asBlack) {
        return with(
                new SayingEngine(
                        request -> {
                            Position p = request.position();
                            boolean white = p.toBoard().sideToMove() == 0;
                            return SayingEngine.move(
                                    p.legalMoves().get(0),
                                    new Score.Centipawns(white ? asWhite : asBlack));
                        }));
    }

    private static MatchGame play(Contestant white, Contestant black) {
        return MatchGame.play(white, black, List.of(), new Cancellation());
    }

    @Test
    void ten_pawns_for_six_plies_in_the_eyes_of_both_win() {
        MatchGame game = play(sure(1000, 0), sure(0, -1000));
        assertThat(game.outcome()).isEqualTo(Outcome.WHITE_WINS);
        assertThat(game.moves()).hasSize(6);
        assertThat(game.scores()).hasSize(6);
        assertThat(play(sure(-1000, 0), sure(0, 1000)).outcome()).isEqualTo(Outcome.BLACK_WINS);
    }

    @Test
    void one_side_alone_that_sees_a_win_does_not_have_it() {
        MatchGame game = play(sure(2000, 0), sure(0, -500));
        assertThat(game.moves()).hasSizeGreaterThan(6);
    }

    @Test
    void a_level_game_is_drawn_only_after_forty_moves() {
        SplittableRandom random = new SplittableRandom(5);
        Contestant wandering =
                with(
                        new SayingEngine(
                                request -> {
                                    List<Move> moves = request.position().legalMoves();
                                    return SayingEngine.move(
                                            moves.get(random.nextInt(moves.size())),
                                            new Score.Centipawns(0));
                                }));
        List<Integer> plies = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            MatchGame game = play(wandering, wandering);
            if (game.outcome() == Outcome.DRAW) {
                plies.add(game.moves().size());
            }
        }
        assertThat(plies).isNotEmpty().contains(81).allMatch(n -> n <= 81);
    }

    @Test
    void a_mate_ends_the_game_with_its_opening_in_front() throws Exception {
        List<Move> opening = new ArrayList<>();
        Position p = Position.START;
        for (String san : "f3 e5 g4".split(" ")) {
            Move move = San.read(p, san);
            opening.add(move);
            p = p.play(move);
        }
        Move mate = San.read(p, "Qh4#");
        Contestant black = with(new SayingEngine(r -> SayingEngine.move(mate, new Score.Mate(1))));
        MatchGame game = MatchGame.play(sure(0, 0), black, opening, new Cancellation());
        assertThat(game.outcome()).isEqualTo(Outcome.BLACK_WINS);
        assertThat(game.moves()).containsExactly(mate);
        assertThat(game.pgn(3, "one", "two"))
                .contains("[Round \"3\"]", "[White \"one\"]", "[Result \"0-1\"]")
                .contains("1. f3 e5 2. g4 Qh4# 0-1");
    }

    @Test
    void who_gives_no_move_ends_the_match() {
        Contestant silent =
                with(new SayingEngine(r -> new Analysis(List.of(), List.of(), 0, 0, 0, 0)));
        assertThatThrownBy(() -> play(silent, sure(0, 0)))
                .isInstanceOf(NoSuchElementException.class);
        Match match =
                new Match(
                        () -> sure(0, 0),
                        () -> silent,
                        new RandomOpenings(SayingEngine.firstMove(0)),
                        1);
        assertThatThrownBy(() -> match.play(2, 1, (a, b, r) -> {}, new Cancellation()))
                .isInstanceOf(IllegalStateException.class)
                .hasMessage("a contestant failed")
                .hasCauseInstanceOf(NoSuchElementException.class);
    }

    @Test
    void each_opening_is_played_with_both_colours_and_points_are_those_of_the_first() {
        List<MatchGame> games = new ArrayList<>();
        Match match =
                new Match(
                        () -> sure(1500, 1500),
                        () -> sure(-1500, -1500),
                        new RandomOpenings(SayingEngine.firstMove(0)),
                        1);
        MatchResult result =
                match.play(
                        3,
                        2,
                        (asWhite, asBlack, soFar) -> {
                            assertThat(asWhite.opening()).isEqualTo(asBlack.opening());
                            games.add(asWhite);
                            games.add(asBlack);
                        },
                        new Cancellation());
        assertThat(games).hasSize(6);
        assertThat(games).extracting(MatchGame::outcome).contains(Outcome.BLACK_WINS);
        assertThat(result.games()).isEqualTo(6);
        assertThat(result.score()).isEqualTo(6);
    }

    @Test
    void what_was_cancelled_is_not_counted() {
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        Match match =
                new Match(
                        () -> sure(0, 0),
                        () -> sure(0, 0),
                        new RandomOpenings(SayingEngine.firstMove(0)),
                        1);
        assertThat(match.play(3, 1, (a, b, r) -> {}, cancelled).games()).isZero();
    }
}

package org.zeroply.workshop.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.network.Accumulator;
import org.zeroply.engine.network.Network;
import org.zeroply.workshop.selfplay.JudgedPosition;

class TrainerTest {

    private static final Goal GOAL = new Goal(200, 0);
    private static final int POSITIONS = 6000;

    @TempDir Path folder;
    private TrainingSet set;

    /** Positions after moves by chance, with the count of pawns as their score. */
    @BeforeEach
    void play() throws IOException {
        SplittableRandom random = new SplittableRandom(11);
        ByteBuffer bytes = ByteBuffer.allocate(POSITIONS * JudgedPosition.BYTES);
        int[] moves = new int[MoveGenerator.MAX_MOVES];
        Board board = Position.START.toBoard();
        for (int i = 0; i < POSITIONS; i++) {
            int count = MoveGenerator.all(board, moves, 0);
            if (count == 0 || board.fullmoveNumber() > 40) {
                board = Position.START.toBoard();
                count = MoveGenerator.all(board, moves, 0);
            }
            board.make(moves[random.nextInt(count)]);
            int side = board.sideToMove();
            int pawns =
                    Long.bitCount(board.pieces(side, 0)) - Long.bitCount(board.pieces(1 - side, 0));
            JudgedPosition.of(board, 100 * pawns, 1 + Integer.signum(pawns)).write(bytes);
        }
        Files.write(folder.resolve("made.bin"), bytes.array());
        set = TrainingSet.read(List.of(folder.resolve("made.bin")));
    }

    @Test
    void what_holds_everywhere_is_learnt_and_holds_for_what_was_not_seen() {
        NetworkParameters parameters = NetworkParameters.random(8, 1);
        double before = lossAside(parameters);
        learn(parameters, 1);
        double after = lossAside(parameters);
        assertThat(after).isLessThan(before / 4);
    }

    @Test
    void the_same_seed_gives_the_same_network() {
        NetworkParameters one = NetworkParameters.random(8, 1);
        NetworkParameters two = NetworkParameters.random(8, 1);
        learn(one, 2);
        learn(two, 2);
        assertThat(one.quantised(200)).usingRecursiveComparison().isEqualTo(two.quantised(200));
    }

    @Test
    void whole_numbers_say_about_what_was_learnt() {
        NetworkParameters parameters = NetworkParameters.random(8, 1);
        learn(parameters, 1);
        Pass pass = new Pass(parameters, GOAL);
        Accumulator accumulator = new Accumulator(new Network(parameters.quantised(200)), 1);
        for (int number : set.aside()) {
            JudgedPosition position = set.get(number);
            Board board = position.position().toBoard();
            accumulator.begin(board);
            assertThat((double) accumulator.judge(board, 0))
                    .isCloseTo(200 * pass.output(position), within(12.0));
        }
    }

    @Test
    void what_was_kept_can_be_gone_on_from() throws IOException {
        NetworkParameters parameters = NetworkParameters.random(5, 3);
        ParameterFile.write(parameters, folder.resolve("kept"));
        assertThat(ParameterFile.read(folder.resolve("kept")).all())
                .isDeepEqualTo(parameters.all());
    }

    @Test
    void around_a_position_the_terms_judge_what_is_not_in_check() {
        Evaluator terms = new Evaluator();
        Surroundings surroundings = new Surroundings(4);
        int[] count = new int[1];
        for (int number : set.aside()) {
            surroundings.tell(
                    set.get(number),
                    p -> {
                        Board board = p.position().toBoard();
                        assertThat(board.inCheck()).isFalse();
                        assertThat(terms.evaluate(board)).isEqualTo(p.score());
                        count[0]++;
                    });
        }
        assertThat(count[0]).isGreaterThan(4 * set.aside().length);
    }

    private double lossAside(NetworkParameters parameters) {
        try (Trainer trainer = new Trainer(set, parameters, GOAL, 1)) {
            return trainer.lossAside();
        }
    }

    private void learn(NetworkParameters parameters, int threads) {
        try (Trainer trainer = new Trainer(set, parameters, GOAL, threads)) {
            for (int round = 0; round < 20; round++) {
                trainer.round(round, 20, 0.01);
            }
        }
    }
}

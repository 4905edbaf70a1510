package org.zeroply.coach.ending;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

class EndingSolverTest {

    /** Knows nothing, so that what comes out was proved without it. */
    private static final Engine NO_HELP = new ScriptedEngine((request, move) -> 0.6);

    @ParameterizedTest(name = "{0}: {2}, best {3}, zugzwang {4}")
    @CsvSource(
            delimiter = ';',
            value = {
                // Opposition and key squares.
                "opposition; 4k3/8/4K3/4P3/8/8/8/8 b; LOSS; Kd8 Kf8; NONE",
                "opposition held; 4k3/4P3/4K3/8/8/8/8/8 b; DRAW; ; NONE",
                "stalemate or loss of the pawn; 4k3/4P3/3K4/8/8/8/8/8 w; DRAW; ; MUTUAL",
                "opposition decides; 3k4/8/3K4/3P4/8/8/8/8 b; LOSS; Kc8 Ke8; NONE",
                "opposition on the fifth; 8/3k4/8/3K4/3P4/8/8/8 w; DRAW; ; MUTUAL",
                "opposition on the fifth, other to move; 8/3k4/8/3K4/3P4/8/8/8 b; LOSS; ; MUTUAL",
                "king before its pawn; 8/8/8/3k4/8/3K4/3P4/8 b; LOSS; ; MUTUAL",
                "distant opposition; 3k4/8/8/8/3K4/8/3P4/8 w; WIN; ; NONE",
                "rook's pawn; 7k/8/8/8/8/8/K6P/8 w; DRAW; ; NONE",
                "rook's pawn, the corner cut off; 8/8/8/6K1/7P/8/8/1k6 w; WIN; ; NONE",
                "square of the pawn; 8/8/4k3/P7/8/8/8/7K w; WIN; a6; NONE",
                "inside the square; 8/8/4k3/P7/8/8/8/7K b; DRAW; Kd5 Kd6 Kd7; NONE",
                // Mutual zugzwang and the two-purpose king walk.
                "trebuchet; 8/8/8/3pK3/2kP4/8/8/8 w; LOSS; ; MUTUAL",
                "trebuchet, other to move; 8/8/8/3pK3/2kP4/8/8/8 b; LOSS; ; MUTUAL",
            })
    void theory_of_single_pawns_is_found_exactly(
            String name, String fen, String result, String best, String zugzwang) throws Exception {
        Position position = Position.fromFen(fen + " - - 0 1");
        EndingReport report = solve(position, Endings.NONE);
        assertThat(report.result()).isEqualTo(EndingReport.Result.valueOf(result));
        assertThat(report.proof()).isEqualTo(EndingReport.Proof.EXACT);
        assertThat(report.zugzwang()).isEqualTo(EndingReport.Zugzwang.valueOf(zugzwang));
        if (best != null) {
            for (String san : best.split(" ")) {
                assertThat(report.moves().keeping()).contains(San.read(position, san));
            }
            assertThat(report.moves().keeping()).hasSameSizeAs(best.split(" "));
        }
    }

    /**
     * A published study, a draw by a king walk with two purposes. It turns on a queen against a
     * pawn, which only the tables of four men know; {@code zeroply ending-check} is about those.
     */
    @Test
    void what_hangs_on_tables_that_are_not_there_is_left_unclear() {
        Position reti = Position.fromFen("7K/8/k1P5/7p/8/8/8/8 w - - 0 1");
        EndingReport report =
                new EndingSolver(new BuiltInEngine(1), Endings.NONE, 1)
                        .solve(reti, p -> {}, new Cancellation())
                        .orElseThrow();
        assertThat(report.result()).isEqualTo(EndingReport.Result.UNCLEAR);
    }

    /** A published position: White hands the move over by walking a triangle. */
    @Test
    void a_triangulation_is_found_with_its_path_and_its_reason() {
        Position position = Position.fromFen("2k5/8/p1P5/P2K4/8/8/8/8 w - - 0 1");
        EndingReport report = solve(position, Endings.NONE);
        assertThat(report.result()).isEqualTo(EndingReport.Result.WIN);
        assertThat(report.zugzwang()).isEqualTo(EndingReport.Zugzwang.BLACK);
        Triangulation triangulation = report.triangulation().orElseThrow();
        assertThat(triangulation.path()).hasSize(5);
        assertThat(triangulation.movesLost()).isEqualTo(1);
        Position end = position;
        for (Move move : triangulation.path()) {
            end = end.play(move);
        }
        assertThat(end).isEqualTo(position.play(Move.NULL));
        assertThat(triangulation.reason()).contains("Black cannot copy it");
        assertThat(CorrespondingSquares.of(report.graph().orElseThrow(), position).pairs())
                .anyMatch(p -> p.white() == Square.parse("d5") && p.black() == Square.parse("c8"));
    }

    @Test
    @Tag("slow")
    void a_breakthrough_of_three_against_three_wins_by_its_one_move() throws Exception {
        Position position = Position.fromFen("8/ppp5/8/PPP5/8/8/8/K6k w - - 0 1");
        EndingReport report = solve(position, Endings.NONE);
        assertThat(report.result()).isEqualTo(EndingReport.Result.WIN);
        assertThat(report.moves().best()).containsExactly(San.read(position, "b6"));
        assertThat(report.ways().plan()).anyMatch(stage -> stage.contains("promotes"));
    }

    @Test
    void all_placements_of_king_and_pawn_agree_with_the_exact_table(@TempDir Path folder) {
        EndingTables tables = new EndingTables(folder);
        for (String name : List.of("KQK", "KRK", "KBK", "KNK", "KPK")) {
            tables.generate(name, new Cancellation());
        }
        int compared = 0;
        for (int pawn = 8; pawn < 56; pawn += 3) {
            Position sample = possible(pawn, Square.A1, Square.H8, Side.WHITE).orElseThrow();
            PawnEnding ending = solve(sample, Endings.NONE).graph().orElseThrow();
            for (int white = 0; white < 64; white++) {
                for (int black = 0; black < 64; black++) {
                    for (Side side : Side.values()) {
                        Optional<Position> position = possible(pawn, white, black, side);
                        if (position.isPresent()) {
                            int known = tables.probe(position.get().toBoard());
                            int found = ending.value(sample, side, white, black);
                            assertThat(Integer.signum(found))
                                    .as("%s", position.get())
                                    .isEqualTo(Integer.signum(known));
                            compared++;
                        }
                    }
                }
            }
        }
        assertThat(compared).isGreaterThan(90_000);
    }

    private static Optional<Position> possible(int pawn, int white, int black, Side side) {
        if (white == black || white == pawn || black == pawn) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    Arrangement.empty()
                            .with(new Piece(Side.WHITE, PieceType.PAWN), pawn)
                            .with(new Piece(Side.WHITE, PieceType.KING), white)
                            .with(new Piece(Side.BLACK, PieceType.KING), black)
                            .toMove(side)
                            .position());
        } catch (InvalidPositionException e) {
            return Optional.empty();
        }
    }

    /** What holds of any truth: the best move keeps the value, no move betters it. */
    @Property(tries = 25)
    void a_result_is_that_of_the_best_move(
            @ForAll @IntRange(min = 8, max = 55) int whitePawn,
            @ForAll @IntRange(min = 8, max = 55) int blackPawn,
            @ForAll @IntRange(max = 63) int white,
            @ForAll @IntRange(max = 63) int black) {
        Optional<Position> drawn = locked(whitePawn, blackPawn, white, black);
        if (drawn.isEmpty() || drawn.get().legalMoves().isEmpty()) {
            return;
        }
        Position position = drawn.get();
        PawnEnding ending =
                PawnEnding.solve(position, NO_HELP, Endings.NONE, p -> {}, new Cancellation())
                        .orElseThrow();
        int best =
                position.legalMoves().stream()
                        .map(m -> Plies.back(ending.after(position, m)))
                        .reduce(Plies::better)
                        .orElseThrow();
        assertThat(Plies.rank(best)).isEqualTo(Plies.rank(ending.value(position)));
    }

    private static Optional<Position> locked(int whitePawn, int blackPawn, int white, int black) {
        if (IntStream.of(whitePawn, blackPawn, white, black).distinct().count() < 4) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    Arrangement.empty()
                            .with(new Piece(Side.WHITE, PieceType.PAWN), whitePawn)
                            .with(new Piece(Side.BLACK, PieceType.PAWN), blackPawn)
                            .with(new Piece(Side.WHITE, PieceType.KING), white)
                            .with(new Piece(Side.BLACK, PieceType.KING), black)
                            .position());
        } catch (InvalidPositionException e) {
            return Optional.empty();
        }
    }

    @Test
    void what_cannot_be_proved_is_called_unclear() {
        Position rooks = Position.fromFen("8/5pk1/4p1p1/3pP2p/1r1P1P1P/4K1P1/4R3/8 w - - 0 40");
        EndingReport report = solve(rooks, Endings.NONE);
        assertThat(report.result()).isEqualTo(EndingReport.Result.UNCLEAR);
        assertThat(report.moves().best()).isEmpty();
    }

    @Test
    void a_game_that_is_over_needs_no_proof_but_the_rules() {
        EndingReport mate =
                solve(Position.fromFen("R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1"), Endings.NONE);
        assertThat(mate.result()).isEqualTo(EndingReport.Result.LOSS);
        assertThat(mate.proof()).isEqualTo(EndingReport.Proof.EXACT);
        EndingReport stalemate =
                solve(Position.fromFen("7k/5Q2/6K1/8/8/8/8/8 b - - 0 1"), Endings.NONE);
        assertThat(stalemate.result()).isEqualTo(EndingReport.Result.DRAW);
        assertThat(stalemate.proof()).isEqualTo(EndingReport.Proof.EXACT);
    }

    @Test
    void a_cancelled_solution_is_none() {
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        Position position = Position.fromFen("8/k7/3p4/p2P1p2/P2P1P2/8/8/K7 w - - 0 1");
        assertThat(new EndingSolver(NO_HELP, Endings.NONE, 1).solve(position, p -> {}, cancelled))
                .isEmpty();
    }

    @Test
    void the_trainer_tells_the_move_that_spoils_and_plays_on() throws Exception {
        Position position = Position.fromFen("8/3k4/8/3K4/3P4/8/8/8 b - - 0 1");
        PawnEnding ending = solve(position, Endings.NONE).graph().orElseThrow();
        Position won = position.play(San.read(position, "Ke7"));
        EndingTrainer trainer = new EndingTrainer(ending, won);
        assertThat(trainer.goal()).isEqualTo(EndingReport.Result.WIN);
        EndingTrainer.Step good = trainer.play(San.read(won, "Kc6"));
        assertThat(good.spoilt()).isFalse();
        assertThat(good.reply()).isPresent();
        EndingTrainer again = new EndingTrainer(ending, won);
        EndingTrainer.Step bad = again.play(San.read(won, "Ke4"));
        assertThat(bad.spoilt()).isTrue();
        assertThat(bad.better()).contains(San.read(won, "Kc6"));
        assertThat(again.spoilt()).hasSize(1);
    }

    private static EndingReport solve(Position position, Endings tables) {
        return new EndingSolver(NO_HELP, tables, 1)
                .solve(position, p -> {}, new Cancellation())
                .orElseThrow();
    }
}

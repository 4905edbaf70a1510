package org.zeroply.coach.exercise.sound;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

/** Sound exercises stay sound, and whatever is spoilt in them is found. */
@Tag("slow")
public class SoundnessCheckTest {

    private static final long NODES = 60_000;
    private static final int TWO_SOLUTIONS = 10;

    public static List<MoveTree> exercises() throws Exception {
        try (var in = SoundnessCheckTest.class.getResourceAsStream("sound-exercises.pgn")) {
            return PgnReader.readAll(new String(in.readAllBytes(), "UTF-8")).stream()
                    .map(e -> ((PgnEntry.Game) e).tree())
                    .toList();
        }
    }

    private static Soundness check(MoveTree tree, KnownExercises known) {
        return new SoundnessCheck(new SharedEngine(8), Endings.NONE, NODES, known)
                .check(tree, p -> {}, new Cancellation())
                .orElseThrow();
    }

    private static Soundness check(MoveTree tree) {
        return check(tree, KnownExercises.NONE);
    }

    private static List<Finding> of(Finding.Kind kind, MoveTree tree) {
        return check(tree).findings().stream().filter(f -> f.kind() == kind).toList();
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void a_sound_exercise_is_called_sound(MoveTree tree) {
        Soundness found = check(tree);
        assertThat(found.sound()).as(found.findings().toString()).isTrue();
        assertThat(found.stamp()).isEqualTo(BuiltInEngine.NAME + ", 60000 nodes a search");
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void a_wrong_verdict_is_found(MoveTree tree) {
        Node end = tree.root().mainLineEnd();
        Verdict right = end.annotation().verdict().orElseThrow();
        Verdict wrong = right.tendency() == 0 ? Verdict.WHITE_WINS : Verdict.EQUAL;
        boolean slight = Math.abs(right.tendency()) == 1;
        TreeEditor editor = new TreeEditor(tree);
        editor.verdict(end, Optional.of(slight ? opposite(right) : wrong));
        assertThat(of(Finding.Kind.WRONG_VERDICT, tree))
                .isNotEmpty()
                .allMatch(f -> f.severity() == Finding.Severity.ERROR);
    }

    private static Verdict opposite(Verdict verdict) {
        return verdict.tendency() > 0 ? Verdict.BLACK_BETTER : Verdict.WHITE_BETTER;
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void a_missing_defence_is_found(MoveTree tree) {
        Node key = tree.root().children().get(0);
        Move weakest = weakest(key.position(), key.children().get(0).move());
        TreeEditor editor = new TreeEditor(tree);
        new ArrayList<>(key.children()).forEach(editor::delete);
        editor.add(key, weakest);
        assertThat(of(Finding.Kind.MISSING_DEFENCE, tree))
                .anyMatch(f -> f.severity() == Finding.Severity.ERROR)
                .allMatch(f -> f.line().split(" ").length >= 2);
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void a_tempting_move_marked_as_equal_is_found(MoveTree tree) {
        TreeEditor editor = new TreeEditor(tree);
        List<Node> baits =
                tree.root().children().stream()
                        .filter(n -> n.annotation().scheme().tempting())
                        .toList();
        baits.forEach(n -> editor.annotate(n, a -> a.withTempting(false).withEqual(true)));
        assertThat(of(Finding.Kind.NOT_EQUAL, tree)).hasSameSizeAs(baits);
    }

    private static MoveTree mateInOne(String aim) throws Exception {
        String pgn =
                """
                [ZpKind "calculation"]
                [ZpAim "%s"]
                [SetUp "1"]
                [FEN "6k1/5ppp/1P6/8/8/8/5PPP/3R2K1 w - - 0 1"]

                1. Rd8# {[%%zp.pts 10]} *
                """
                        .formatted(aim);
        return ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "mate"})
    void a_mate_in_one_is_sound_although_a_pawn_wins_too_in_the_end(String aim) throws Exception {
        Soundness found = check(mateInOne(aim));
        assertThat(found.sound()).as(found.findings().toString()).isTrue();
    }

    @Test
    void where_any_win_is_asked_for_the_pawn_is_a_second_solution() throws Exception {
        assertThat(of(Finding.Kind.SECOND_SOLUTION, mateInOne("win")))
                .isNotEmpty()
                .allMatch(f -> f.severity() == Finding.Severity.ERROR);
    }

    /** The worst move but one of a position. */
    private static Move weakest(Position position, Move but) {
        SharedEngine engine = new SharedEngine(1);
        return new MoveEvaluator(engine, Endings.NONE, 20_000, new Cancellation())
                .choice(position, 256).orElseThrow().moves().stream()
                        .map(Weighed::move)
                        .filter(m -> !m.equals(but))
                        .reduce((a, b) -> b)
                        .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void a_solution_that_is_not_the_best_move_is_found(MoveTree tree) {
        TreeEditor editor = new TreeEditor(tree);
        Node key = tree.root().children().get(0);
        String name = San.write(tree.start(), key.move());
        Move other = weakest(tree.start(), key.move());
        editor.delete(key);
        Node wrong = editor.add(tree.root(), other);
        editor.points(wrong, List.of(PointRule.of(50)));
        while (tree.root().children().indexOf(wrong) > 0) {
            editor.promote(wrong);
        }
        assertThat(of(Finding.Kind.SECOND_SOLUTION, tree))
                .anyMatch(f -> f.detail().startsWith(name + " is better than"));
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void a_tempting_move_that_is_the_solution_is_found(MoveTree tree) {
        TreeEditor editor = new TreeEditor(tree);
        Node key = tree.root().children().get(0);
        editor.annotate(key, a -> a.withTempting(true).withPoints(List.of()));
        assertThat(of(Finding.Kind.NOT_REFUTED, tree))
                .anyMatch(f -> f.severity() == Finding.Severity.ERROR);
        assertThat(of(Finding.Kind.UNREACHABLE_POINTS, tree)).isNotEmpty();
    }

    /** Two heavy pieces against a bare king: wherever two moves mate, one alone is no solution. */
    static Stream<MoveTree> twoSolutions() {
        Random random = new Random(3);
        return Stream.generate(() -> twoMates(random))
                .flatMap(Optional::stream)
                .limit(TWO_SOLUTIONS);
    }

    private static Optional<MoveTree> twoMates(Random random) {
        Arrangement men = Arrangement.empty();
        List<Piece> pieces =
                List.of(
                        new Piece(Side.WHITE, PieceType.KING),
                        new Piece(Side.BLACK, PieceType.KING),
                        new Piece(Side.WHITE, PieceType.QUEEN),
                        new Piece(Side.WHITE, PieceType.ROOK));
        List<Integer> squares = random.ints(0, 64).distinct().limit(4).boxed().toList();
        for (int i = 0; i < 4; i++) {
            men = men.with(pieces.get(i), squares.get(i));
        }
        try {
            Position p = men.position();
            List<Move> mates =
                    p.legalMoves().stream().filter(m -> p.play(m).isCheckmate()).toList();
            if (mates.size() < 2) {
                return Optional.empty();
            }
            TreeEditor editor = new TreeEditor(new MoveTree(p));
            Node key = editor.add(editor.tree().root(), mates.get(0));
            editor.points(key, List.of(PointRule.of(10)));
            return Optional.of(editor.tree());
        } catch (InvalidPositionException e) {
            return Optional.empty();
        }
    }

    @ParameterizedTest
    @MethodSource("twoSolutions")
    void a_second_solution_is_found_until_it_is_marked_as_equal(MoveTree tree) {
        List<Finding> found = of(Finding.Kind.SECOND_SOLUTION, tree);
        assertThat(found).allMatch(f -> f.severity() == Finding.Severity.ERROR).isNotEmpty();
        TreeEditor editor = new TreeEditor(tree);
        for (Move move : tree.start().legalMoves()) {
            if (tree.root().child(move).isEmpty() && tree.start().play(move).isCheckmate()) {
                editor.annotate(editor.add(tree.root(), move), a -> a.withEqual(true));
            }
        }
        assertThat(of(Finding.Kind.SECOND_SOLUTION, tree))
                .noneMatch(f -> f.line().matches("1\\.\\S+#"));
    }

    @ParameterizedTest
    @CsvSource({"hold, true", "win, true", "material, true", "best, false"})
    void an_aim_that_the_main_line_misses_is_told(String aim, boolean told) {
        String text =
                "[FEN \"3r2k1/5ppp/8/8/8/5P2/q5PP/6K1 w - - 0 1\"]\n[ZpAim \""
                        + aim
                        + "\"]\n\n1. h3 $19 {[%zp.pts 5]} *\n";
        MoveTree tree = ((PgnEntry.Game) PgnReader.readAll(text).get(0)).tree();
        assertThat(of(Finding.Kind.WRONG_VERDICT, tree).stream().map(Finding::detail))
                .filteredOn(d -> d.endsWith("but the main line ends with Black is winning"))
                .hasSize(told ? 1 : 0);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "points-sum | [ZpMaxPoints \"9\"] 1. Ra8# {[%zp.pts 5]} *",
                "points-sum | 1. Ra8# *",
                "unreachable-points | {[%zp.pts 5]} 1. Ra8# {[%zp.pts 5]} *",
                "unreachable-points | 1. Ra8# {[%zp.pts 5] [%zp.pts 3 verdict]} *",
                "unreachable-points | 1. Ra8# {[%zp.pts 5]} (1. Ra7 {[%zp.tempting]} g6 2. Ra8+"
                        + " {[%zp.pts 2]}) *",
                "unreachable-points | 1. Ra8# {[%zp.pts 5]} (1. Ra7 {[%zp.equal] [%zp.pts 4]}) *",
                "unreachable-points | 1. Ra2 {[%zp.pts 5 group=a]} g6 2. Ra3 {[%zp.pts 5"
                        + " group=a]} *",
                "uneven-ways | 1. Ra7 {[%zp.pts 5]} (1. Ra6 {[%zp.equal]}) 1... g6 2. Ra8+"
                        + " {[%zp.pts 5]} *",
                "side-to-move | [ZpPrompt \"Black to move.\"] 1. Ra8# {[%zp.pts 5]} *",
                "obvious | 1. Ra8# {[%zp.pts 5]} *",
                "wrong-verdict | 1. Ra8# $10 {[%zp.pts 5]} *",
            })
    void what_is_wrong_with_points_and_start_is_found(String kind, String rest) {
        String tags = rest.startsWith("[") ? rest.substring(0, rest.indexOf(']') + 1) : "";
        String moves = rest.substring(tags.length()).strip();
        String fen = "[FEN \"6k1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 1\"]\n";
        PgnEntry entry = PgnReader.readAll(fen + tags + "\n\n" + moves + "\n").get(0);
        MoveTree tree = ((PgnEntry.Game) entry).tree();
        assertThat(check(tree).findings()).extracting(f -> f.kind().word()).contains(kind);
    }

    @Test
    void the_same_position_turned_over_is_a_duplicate() throws Exception {
        MoveTree tree = exercises().get(0);
        for (Symmetry symmetry : Symmetry.values()) {
            String key = Symmetry.sharedKey(symmetry.of(tree.start()).orElseThrow());
            KnownExercises known =
                    p ->
                            Symmetry.sharedKey(p).equals(key)
                                    ? Optional.of("an older one")
                                    : Optional.empty();
            assertThat(check(tree, known).findings())
                    .anyMatch(f -> f.kind() == Finding.Kind.DUPLICATE)
                    .allMatch(f -> f.severity() != Finding.Severity.ERROR);
        }
    }

    @ParameterizedTest
    @CsvSource({
        // A queen is won, and then the knight left to be taken.
        "1. Nf6+ Kg7 2. Nxd7 h6 3. Nf8 Kxf8, true",
        "1. Nf6+ Kg7 2. Nxd7 h6 3. Nc5, false",
    })
    void a_main_line_that_does_not_keep_what_its_first_move_promises_is_told(
            String moves, boolean told) {
        String text =
                "[FEN \"6k1/3q1p1p/6p1/8/4N3/8/5PPP/6K1 w - - 0 1\"]\n\n"
                        + moves
                        + " {[%zp.pts 5]} *\n";
        MoveTree tree = ((PgnEntry.Game) PgnReader.readAll(text).get(0)).tree();
        assertThat(of(Finding.Kind.BROKEN_PROMISE, tree)).hasSize(told ? 1 : 0);
    }

    /** Says something else whenever it has looked twice as long. */
    private record Wavering(boolean wavers) implements Engine {

        @Override
        public String name() {
            return "wavering";
        }

        @Override
        public Analysis analyse(
                AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
            Analysis last = new Analysis(List.of(), List.of(), 0, 0, 0, 0);
            long limit = request.limits().nodes();
            boolean high = false;
            for (long nodes = limit / 16; nodes <= limit && nodes > 0; nodes *= 2) {
                high = wavers && !high;
                ExpectedScore expected = new ExpectedScore(high ? 0.7 : 0.55);
                List<Analysis.Candidate> lines =
                        request.candidates().stream()
                                .limit(request.lines())
                                .map(m -> candidate(m, expected))
                                .toList();
                last = new Analysis(lines, List.of(), 5, nodes, 1, 0);
                listener.found(last);
            }
            return last;
        }

        private static Analysis.Candidate candidate(Move move, ExpectedScore expected) {
            Score score = new Score.Centipawns(30);
            return new Analysis.Candidate(move, score, expected, 5, 5, List.of(move));
        }

        @Override
        public void forget() {}
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void a_first_move_that_does_not_settle_is_called_unclear(boolean wavers) throws Exception {
        Soundness found =
                new SoundnessCheck(new Wavering(wavers), Endings.NONE, NODES, KnownExercises.NONE)
                        .check(exercises().get(0), p -> {}, new Cancellation())
                        .orElseThrow();
        assertThat(found.findings())
                .filteredOn(f -> f.kind() == Finding.Kind.UNSETTLED)
                .hasSize(wavers ? 1 : 0)
                .allMatch(f -> f.severity() == Finding.Severity.NOTE)
                .allMatch(f -> f.detail().contains("still changes"));
    }

    @Test
    void an_exercise_is_not_called_sound_when_the_time_was_up() throws Exception {
        MoveTree tree = exercises().get(0);
        Soundness found =
                new SoundnessCheck(new BuiltInEngine(8), Endings.NONE, NODES, KnownExercises.NONE)
                        .within(0)
                        .check(tree, p -> {}, new Cancellation())
                        .orElseThrow();
        assertThat(found.sound()).isFalse();
        assertThat(found.exact()).isFalse();
        assertThat(found.findings())
                .filteredOn(f -> f.kind() == Finding.Kind.UNSETTLED)
                .singleElement()
                .satisfies(f -> assertThat(f.detail()).contains("0 of " + tree.nodes().size()));
    }

    @Test
    void a_check_can_be_cancelled() throws Exception {
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        SoundnessCheck check =
                new SoundnessCheck(new BuiltInEngine(8), Endings.NONE, NODES, KnownExercises.NONE);
        assertThat(check.check(exercises().get(0), p -> {}, cancelled)).isEmpty();
    }
}

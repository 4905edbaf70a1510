package org.zeroply.coach.exercise.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.exercise.marking.Granting;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.exercise.sound.SoundnessCheckTest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;

class SchemeDraftTest {

    private static SchemeDraft drafter(int points) {
        return drafter(points, 10_000);
    }

    private static SchemeDraft drafter(int points, long nodes) {
        return new SchemeDraft(new SharedEngine(1), Endings.NONE, nodes, points);
    }

    private static MoveTree draft(String fen, int points, String... tempting)
            throws NotationException {
        Position p = Position.fromFen(fen);
        List<Move> baits = new ArrayList<>();
        for (String bait : tempting) {
            baits.add(San.read(p, bait));
        }
        return drafter(points).draft(p, baits, x -> {}, new Cancellation()).orElseThrow();
    }

    @ParameterizedTest(name = "{0}, {1} tempts, {2} points")
    @CsvSource({
        "5r1k/6pp/7N/8/1q6/8/Q5PP/6K1 w - - 0 1, h3, 50",
        "5r1k/6pp/7N/8/1q6/8/Q5PP/6K1 w - - 0 1, h3, 7",
        "6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1, f4, 50",
        "r3k3/8/8/3N4/8/8/8/4K3 w - - 0 1, Ke2, 1",
        "8/8/8/4k3/8/8/4P3/4K3 w - - 0 1, e4, 12"
    })
    void a_draft_adds_up_exactly_and_can_be_written_and_read(
            String fen, String tempting, int points) throws NotationException {
        MoveTree tree = draft(fen, points, tempting);
        assertThat(MarkingScheme.of(tree).sum()).isEqualTo(points);
        assertThat(tree.tag(Exercise.MAX_POINTS)).isEqualTo(String.valueOf(points));
        assertThat(tree.tag(Exercise.BAND)).matches("\\d{3,4}-\\d{4}");
        assertThat(tree.tag(Exercise.THEMES)).isNotEmpty();
        assertThat(tree.root().mainLineEnd().annotation().verdict()).isPresent();
        MoveTree again = ((PgnEntry.Game) PgnReader.readAll(PgnWriter.write(tree)).get(0)).tree();
        assertThat(PgnWriter.write(again)).isEqualTo(PgnWriter.write(tree));
    }

    @Test
    void a_draft_whose_time_was_up_has_its_first_move_and_says_that_it_is_open()
            throws NotationException {
        Position p =
                Position.fromFen(
                        "r2qr1k1/2p1bppp/p2p1n2/1p6/3Pp3/1BP1P3/PP1NQPPP/R1B2RK1 w - - 0 1");
        SchemeDraft drafter = drafter(50, 40_000);
        MoveTree whole = drafter.draft(p, List.of(), x -> {}, new Cancellation()).orElseThrow();
        MoveTree brief =
                drafter.within(0).draft(p, List.of(), x -> {}, new Cancellation()).orElseThrow();
        assertThat(brief.root().mainChild().map(Node::move))
                .isEqualTo(whole.root().mainChild().map(Node::move));
        assertThat(SchemeDraft.isSettled(whole)).isTrue();
        assertThat(SchemeDraft.isSettled(brief)).isFalse();
        assertThat(MarkingScheme.of(brief).sum()).isEqualTo(50);
    }

    @Test
    void a_bar_that_shows_the_work_never_goes_back() {
        List<Double> told = new ArrayList<>();
        Position p = Position.fromFen("5r1k/6pp/7N/8/1q6/8/Q5PP/6K1 w - - 0 1");
        drafter(50).draft(p, List.of(), told::add, new Cancellation());
        assertThat(told).isSorted().allMatch(part -> part <= 1).hasSizeGreaterThan(10);
    }

    @Test
    void a_bait_is_shown_with_its_refutation_and_earns_nothing() throws NotationException {
        MoveTree tree = draft("5r1k/6pp/7N/8/1q6/8/Q5PP/6K1 w - - 0 1", 50, "h3");
        Node bait = tree.root().child(San.read(tree.start(), "h3")).orElseThrow();
        assertThat(bait.annotation().scheme().tempting()).isTrue();
        assertThat(bait.annotation().scheme().points()).isEmpty();
        assertThat(bait.children()).isNotEmpty();
        assertThat(tree.root().mainChild().orElseThrow().annotation().scheme().tempting())
                .isFalse();
    }

    @Test
    void where_every_move_loses_nothing_is_asked_to_be_held() throws NotationException {
        MoveTree tree = draft("3r2k1/5ppp/8/8/8/5P2/q5PP/6K1 w - - 0 1", 50);
        assertThat(tree.tag(Exercise.PROMPT)).contains("holds out longest");
        assertThat(tree.root().annotation().after()).startsWith("Every move loses");
    }

    @Test
    void two_keys_are_equal_and_a_position_without_a_move_is_no_exercise()
            throws NotationException {
        MoveTree tree = draft("6k1/5ppp/8/8/8/8/5PPP/R3R1K1 w - - 0 1", 50);
        assertThat(tree.root().children().stream().filter(n -> n.annotation().scheme().equal()))
                .isNotEmpty();
        Position mated = Position.fromFen("7k/5Q2/6K1/8/8/8/8/8 b - - 0 1");
        assertThat(drafter(50).draft(mated, List.of(), x -> {}, new Cancellation())).isEmpty();
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        assertThat(drafter(50).draft(tree.start(), List.of(), x -> {}, cancelled)).isEmpty();
    }

    static List<MoveTree> exercises() throws Exception {
        return SoundnessCheckTest.exercises().subList(0, 4);
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void a_branch_drafted_anew_leaves_the_rest_and_the_sum_alone(MoveTree tree) {
        Node branch = tree.root().children().get(0).children().get(0);
        String rest = without(tree, branch);
        int sum = MarkingScheme.of(tree).sum();
        MoveTree anew = drafter(50).branch(tree, branch, x -> {}, new Cancellation()).orElseThrow();
        TreeEditor editor = new TreeEditor(tree);
        String before = PgnWriter.write(tree);
        editor.replaceRest(branch, anew.root());
        assertThat(SchemeDraft.isSettled(anew)).isTrue();
        MoveTree brief =
                drafter(50)
                        .within(0)
                        .branch(tree, branch, x -> {}, new Cancellation())
                        .orElseThrow();
        assertThat(SchemeDraft.isSettled(brief)).isFalse();
        assertThat(without(tree, branch)).isEqualTo(rest);
        assertThat(MarkingScheme.of(tree).sum()).isEqualTo(sum);
        editor.undo();
        assertThat(PgnWriter.write(tree)).isEqualTo(before);
        assertThat(editor.canUndo()).isFalse();
    }

    private static String without(MoveTree tree, Node branch) {
        return tree.nodes().stream()
                .filter(n -> !n.isWithin(branch) || n == branch)
                .map(n -> n.position().fen() + n.annotation())
                .collect(Collectors.joining("\n"));
    }

    @Property(tries = 30)
    void granting_a_line_makes_it_part_of_the_scheme(@ForAll @IntRange(min = 0, max = 400) int n)
            throws Exception {
        List<MoveTree> all = SoundnessCheckTest.exercises();
        MoveTree tree = all.get(n % all.size());
        List<Move> first = tree.start().legalMoves();
        Move own = first.get(n % first.size());
        List<Move> replies = tree.start().play(own).legalMoves();
        if (replies.isEmpty()) {
            return;
        }
        List<Move> line = List.of(own, replies.get(n % replies.size()));
        WrittenAnswer.Row row =
                new WrittenAnswer.Row(1, "", line, Optional.empty(), Optional.empty());
        int sum = MarkingScheme.of(tree).sum();
        Granting granting = new Granting(Exercise.of(tree));
        Optional<Integer> points = granting.points(row);
        TreeEditor editor = new TreeEditor(tree);
        granting.write(editor, line, points.orElse(0), "");
        assertThat(granting.points(row)).isEmpty();
        assertThat(MarkingScheme.of(tree).sum()).isGreaterThanOrEqualTo(sum);
        assertThat(tree.tag(Exercise.MAX_POINTS))
                .isEqualTo(String.valueOf(MarkingScheme.of(tree).sum()));
        assertThat(points.isPresent()).isEqualTo(editor.canUndo());
    }
}

package org.zeroply.coach.exercise.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.exercise.sound.Finding;
import org.zeroply.coach.exercise.sound.KnownExercises;
import org.zeroply.coach.exercise.sound.Soundness;
import org.zeroply.coach.exercise.sound.SoundnessCheck;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.search.BuiltInEngine;

/** Where the ending tables know every move, they decide, and the word is exact. */
class ExactExerciseTest {

    /** The king stands before its pawn on the sixth rank, which wins whoever is to move. */
    private static final String KING_BEFORE_PAWN = "4k3/8/4K3/4P3/8/8/8/8 w - - 0 1";

    @TempDir static Path folder;
    private static EndingTables tables;

    @BeforeAll
    static void generate() {
        tables = new EndingTables(folder);
        tables.generate("KPK", new Cancellation());
    }

    private static Soundness check(MoveTree tree) {
        return new SoundnessCheck(new BuiltInEngine(1), tables, 1_000, KnownExercises.NONE)
                .check(tree, p -> {}, new Cancellation())
                .orElseThrow();
    }

    @Test
    void moves_are_weighed_by_the_tables_with_the_line_to_the_mate() {
        Position p = Position.fromFen(KING_BEFORE_PAWN);
        MoveEvaluator evaluator =
                new MoveEvaluator(new BuiltInEngine(1), tables, 1_000, new Cancellation());
        Choice choice = evaluator.choice(p, 9).orElseThrow();
        assertThat(choice.best().exact()).isTrue();
        assertThat(choice.moves())
                .allMatch(
                        w ->
                                w.result() == ResultClass.WIN
                                        || w.result() == ResultClass.OPEN
                                                && w.expected().equals(ExpectedScore.DRAW));
        Position end = p;
        for (var move : choice.best().line()) {
            end = end.play(move);
        }
        assertThat(end.isCheckmate()).isTrue();
    }

    @Test
    void an_exercise_that_the_tables_decide_is_exact_and_a_verdict_a_step_off_is_wrong()
            throws Exception {
        MoveTree tree = new MoveTree(Position.fromFen("8/8/8/4k3/8/4K3/4P3/8 w - - 0 1"));
        TreeEditor editor = new TreeEditor(tree);
        Choice choice =
                new MoveEvaluator(new BuiltInEngine(1), tables, 1_000, new Cancellation())
                        .choice(tree.start(), 9)
                        .orElseThrow();
        Node key = editor.add(tree.root(), choice.best().move());
        editor.points(key, List.of(PointRule.of(5)));
        choice.moves().stream()
                .skip(1)
                .filter(w -> w.result() == choice.result())
                .forEach(
                        w ->
                                editor.annotate(
                                        editor.add(tree.root(), w.move()), a -> a.withEqual(true)));
        Verdict right = choice.result() == ResultClass.WIN ? Verdict.WHITE_WINS : Verdict.EQUAL;
        editor.verdict(key, Optional.of(right));
        assertThat(check(tree).sound()).as(check(tree).findings().toString()).isTrue();
        assertThat(check(tree).exact()).isTrue();
        assertThat(check(tree).stamp()).isEqualTo("ending tables");
        Verdict near = right == Verdict.EQUAL ? Verdict.WHITE_SLIGHTLY : Verdict.WHITE_BETTER;
        editor.verdict(key, Optional.of(near));
        assertThat(check(tree).findings())
                .anyMatch(f -> f.kind() == Finding.Kind.WRONG_VERDICT && f.exact());
    }

    @Test
    void a_draft_on_the_tables_says_so_in_its_stamps() throws Exception {
        Position p = Position.fromFen(KING_BEFORE_PAWN);
        MoveTree tree =
                new SchemeDraft(new BuiltInEngine(1), tables, 1_000, 20)
                        .draft(p, List.of(San.read(p, "Kf6")), x -> {}, new Cancellation())
                        .orElseThrow();
        assertThat(tree.root().mainLineEnd().annotation().check().orElseThrow().engine())
                .isEqualTo("tables");
        assertThat(MarkingScheme.of(tree).sum()).isEqualTo(20);
    }
}

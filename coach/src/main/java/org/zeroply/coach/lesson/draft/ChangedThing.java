package org.zeroply.coach.lesson.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.defence.whatif.VariantProposer;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.lesson.Beside;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.coach.texts.CoachWords;

/** Finds a small change of a position after which the answer to a question is another one. */
public final class ChangedThing {

    /** Changed positions that are shown. */
    private static final int SHOWN = 2;

    /** Plies that are shown of a reply: our choice. */
    private static final int REPLY = 4;

    private final MoveEvaluator evaluator;

    ChangedThing(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
    }

    /**
     * A table of the position and what was changed in it; empty where no small change matters.
     *
     * @param question its first move is the answer
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    Optional<LessonStep> step(MoveTree question, DoubleConsumer progress) {
        Position start = question.start();
        Optional<Move> answer = question.root().mainChild().map(n -> n.move());
        Optional<Choice> choice = evaluator.choice(start);
        if (answer.isEmpty() || choice.isEmpty()) {
            return Optional.empty();
        }
        WhatIf table =
                new VariantProposer(evaluator)
                        .propose(
                                start,
                                List.of(answer.get()),
                                WhatIf.wanted(Holding.of(choice.get().best())),
                                SHOWN,
                                progress);
        return table.rows().size() < 2 ? Optional.empty() : Optional.of(step(table));
    }

    /** A step out of a what-if table, with its rows in their order. */
    public static LessonStep step(WhatIf table) {
        Position base = table.rows().get(0).position();
        List<String> rows = new ArrayList<>();
        for (int i = 0; i < table.rows().size(); i++) {
            WhatIf.Row row = table.rows().get(i);
            List<Beside.Cell> cells = new ArrayList<>();
            StringBuilder words = new StringBuilder(capital(row.name()));
            for (int k = 0; k < table.defences().size(); k++) {
                WhatIf.Cell cell = table.cells().get(i).get(k);
                cells.add(
                        new Beside.Cell(
                                San.write(base, table.defences().get(k)), cell.state().words()));
                if (!cell.reply().isEmpty() && table.defences().size() == 1) {
                    Position after = row.position().play(cell.weighed().orElseThrow().move());
                    words.append(": ")
                            .append(
                                    String.join(
                                            " ", Line.san(after, Line.start(cell.reply(), REPLY))));
                }
            }
            rows.add(new Beside(row.position(), cells, words.toString()).written());
        }
        MoveTree tree = new MoveTree(base);
        new TreeEditor(tree).comment(tree.root(), CoachWords.of("lesson.what-if-one-thing-is"));
        return LessonStep.of(StepKind.WHAT_IF, tree)
                .numbered(LessonStep.BESIDE, rows)
                .with(LessonStep.TITLE, CoachWords.of("lesson.one-thing-changed"));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}

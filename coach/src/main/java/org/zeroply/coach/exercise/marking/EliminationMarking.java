package org.zeroply.coach.exercise.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;

/**
 * What is particular in marking an elimination: a refutation that the scheme lacks counts when the
 * engine finds it sound, and of a move that was not refuted it is told whether it was overlooked,
 * dismissed without a line, or kept.
 */
final class EliminationMarking {

    private final MarkingScheme scheme;
    private final WrittenAnswer answer;
    private final Optional<LineChecker> checker;
    private final Cancellation cancellation;

    EliminationMarking(
            MarkingScheme scheme,
            WrittenAnswer answer,
            Optional<LineChecker> checker,
            Cancellation cancellation) {
        this.scheme = scheme;
        this.answer = answer;
        this.checker = checker;
        this.cancellation = cancellation;
    }

    /** The same marks, those for refutations looked at once more. */
    List<MarkedSheet.ItemMark> items(List<MarkedSheet.ItemMark> marks) {
        List<MarkedSheet.ItemMark> result = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            MarkedSheet.ItemMark mark = marks.get(i);
            Node node = scheme.items().get(i).node();
            boolean refutes = node.depth() == 2 && mark.earned() == 0;
            result.add(refutes ? refutation(mark, node) : mark);
        }
        return result;
    }

    private MarkedSheet.ItemMark refutation(MarkedSheet.ItemMark mark, Node reply) {
        Node candidate = reply.parent().orElseThrow();
        List<WrittenAnswer.Row> rows =
                answer.rows().stream()
                        .filter(r -> !r.moves().isEmpty())
                        .filter(r -> r.moves().get(0).equals(candidate.move()))
                        .toList();
        String san = San.write(answer.start(), candidate.move());
        if (rows.isEmpty()) {
            return with(mark, 0, CoachWords.of("exercise.was-overlooked", san));
        }
        Optional<WrittenAnswer.Row> kept = rows.stream().filter(this::isKept).findFirst();
        if (kept.isPresent()) {
            return with(mark, 0, CoachWords.of("exercise.was-kept-but-it-fails", san));
        }
        for (WrittenAnswer.Row row : rows) {
            if (row.moves().size() > 1 && isSound(row.moves())) {
                String how = CoachWords.of("exercise.is-refuted-in-row-by", san, row.number());
                return with(mark, mark.points(), how);
            }
        }
        boolean bare = rows.stream().allMatch(r -> r.moves().size() == 1);
        return with(
                mark,
                0,
                CoachWords.of(
                        bare
                                ? "exercise.was-dismissed-without-a-line"
                                : "exercise.the-line-does-not-refute",
                        san));
    }

    /** The same mark of a row, but one that keeps a move that fails is refuted by the scheme. */
    MarkedSheet.RowMark row(MarkedSheet.RowMark mark, WrittenAnswer.Row row) {
        if (row.moves().isEmpty() || !isKept(row)) {
            return mark;
        }
        return scheme.items().stream()
                .map(MarkingScheme.Item::node)
                .filter(n -> n.depth() == 2)
                .filter(n -> n.parent().orElseThrow().move().equals(row.moves().get(0)))
                .findFirst()
                .map(reply -> kept(mark, reply))
                .orElse(mark);
    }

    private static MarkedSheet.RowMark kept(MarkedSheet.RowMark mark, Node reply) {
        Node candidate = reply.parent().orElseThrow();
        Position before = candidate.parent().orElseThrow().position();
        String san = San.write(before, candidate.move());
        return new MarkedSheet.RowMark(
                mark.row(),
                mark.text(),
                MarkedSheet.Status.REFUTED,
                CoachWords.of("exercise.was-kept-but-it-fails", san),
                Line.to(reply.mainLineEnd()),
                Line.number(before, true) + san,
                Line.numbered(candidate.position(), List.of(reply.move())));
    }

    private static MarkedSheet.ItemMark with(MarkedSheet.ItemMark mark, int earned, String why) {
        return new MarkedSheet.ItemMark(mark.line(), mark.points(), earned, why);
    }

    /** A verdict that is not against who defends keeps the move. */
    private boolean isKept(WrittenAnswer.Row row) {
        Side other = answer.start().sideToMove().other();
        return row.verdict().filter(v -> !favours(v, other)).isPresent();
    }

    private static boolean favours(Verdict verdict, Side side) {
        return side == Side.WHITE ? verdict.tendency() > 0 : verdict.tendency() < 0;
    }

    /** Whether the engine finds nothing wrong with the reply and what follows. */
    private boolean isSound(List<Move> moves) {
        return checker.filter(c -> !cancellation.isCancelled())
                .map(c -> c.firstFailure(answer.start(), moves, 1, cancellation).isEmpty())
                .orElse(false);
    }
}

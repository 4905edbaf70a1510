package org.zeroply.coach.exercise.marking;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;

/** Tells of each row of an answer what became of it, and where it went wrong. */
final class RowChecker {

    private final Position start;
    private final Optional<LineChecker> checker;
    private final Cancellation cancellation;

    /**
     * @param checker checks rows that leave the scheme, if there is one
     */
    RowChecker(Position start, Optional<LineChecker> checker, Cancellation cancellation) {
        this.start = start;
        this.checker = checker;
        this.cancellation = cancellation;
    }

    /** A row that could not be laid over the scheme. */
    static MarkedSheet.RowMark unreadable(WrittenAnswer.Row row, WrittenAnswer.Problem problem) {
        return plain(row, MarkedSheet.Status.UNREADABLE, problem.reason());
    }

    MarkedSheet.RowMark check(MatchedRow matched) {
        WrittenAnswer.Row row = matched.row();
        if (row.moves().isEmpty()) {
            return plain(
                    row,
                    MarkedSheet.Status.NO_MOVES,
                    CoachWords.of("exercise.the-row-has-no-moves"));
        }
        Optional<Node> temptation = matched.temptation();
        if (temptation.isPresent()) {
            return tempted(row, temptation.get());
        }
        return matched.staysInScheme()
                ? plain(row, MarkedSheet.Status.IN_SCHEME, CoachWords.of("exercise.in-the-scheme"))
                : leaving(row, matched.leavesAt());
    }

    private MarkedSheet.RowMark tempted(WrittenAnswer.Row row, Node bait) {
        Position before = bait.parent().orElseThrow().position();
        String san = San.write(before, bait.move());
        return new MarkedSheet.RowMark(
                row.number(),
                row.text(),
                MarkedSheet.Status.TEMPTING,
                CoachWords.of("exercise.is-tempting-but-fails", san),
                Line.to(bait.mainLineEnd()),
                Line.number(before, true) + san,
                bait.mainChild().map(r -> numbered(bait.position(), r.move())).orElse(""));
    }

    private MarkedSheet.RowMark leaving(WrittenAnswer.Row row, int ply) {
        String from = CoachWords.of("exercise.from-on", moveName(row.moves(), ply));
        if (checker.isEmpty()) {
            return plain(
                    row,
                    MarkedSheet.Status.UNCHECKED,
                    CoachWords.of("exercise.not-in-the-scheme", from));
        }
        Optional<LineChecker.Failure> failure =
                checker.get().firstFailure(start, row.moves(), ply, cancellation);
        if (failure.isPresent()) {
            return refuted(row, failure.get());
        }
        if (cancellation.isCancelled()) {
            return plain(
                    row,
                    MarkedSheet.Status.UNCHECKED,
                    CoachWords.of("exercise.the-check-was-cancelled"));
        }
        String stamp = " (" + checker.get().stamp() + ")";
        return plain(
                row,
                MarkedSheet.Status.SOUND,
                CoachWords.of("exercise.sound-not-in-the-scheme-2", from, stamp));
    }

    private MarkedSheet.RowMark refuted(WrittenAnswer.Row row, LineChecker.Failure failure) {
        String name = moveName(row.moves(), failure.ply());
        boolean own = failure.before().sideToMove() == start.sideToMove();
        String cost =
                CoachWords.of("exercise.points-of-a-hundred", Math.round(failure.loss() * 100));
        List<Move> proof = own ? failure.punishment() : failure.better();
        Position after = failure.before().play(failure.punishment().get(0));
        String overlooked =
                !own
                        ? numbered(failure.before(), failure.better().get(0))
                        : proof.size() > 1 ? numbered(after, proof.get(1)) : "";
        return new MarkedSheet.RowMark(
                row.number(),
                row.text(),
                MarkedSheet.Status.REFUTED,
                CoachWords.of(
                        own
                                ? "exercise.loses-of-expected-score"
                                : "exercise.is-not-forced-a-better",
                        name,
                        cost),
                Line.numbered(failure.before(), proof),
                name,
                overlooked);
    }

    private static String numbered(Position before, Move move) {
        return Line.number(before, true) + San.write(before, move);
    }

    private String moveName(List<Move> moves, int ply) {
        Position p = start;
        for (Move move : moves.subList(0, ply)) {
            p = p.play(move);
        }
        return numbered(p, moves.get(ply));
    }

    private static MarkedSheet.RowMark plain(
            WrittenAnswer.Row row, MarkedSheet.Status status, String detail) {
        return new MarkedSheet.RowMark(row.number(), row.text(), status, detail, "", "", "");
    }
}

package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.structure.PawnFacts;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/**
 * The race of passed pawns, told to its end when the line of best play gets there: each side has
 * one that can run, and at least one of them promotes. The shot at the end is what follows when
 * both have: a queen that is taken, or mate.
 */
final class RaceInquiry implements Inquiry {

    /** Moves that a runner may need; farther ones are no race yet. */
    private static final int FARTHEST = 5;

    /** Plies after the second promotion within which the shot falls. */
    private static final int SHOT = 5;

    private final Engine engine;
    private final long nodes;

    RaceInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = LONGER * nodes;
    }

    /** A passed pawn with a free way, and the moves that it needs. */
    private record Runner(int square, int moves) {}

    @Override
    public Set<FactKind> kinds() {
        return Set.of(FactKind.PAWN_RACE);
    }

    @Override
    public String name() {
        return CoachWords.of("insight.the-race-of-pawns");
    }

    @Override
    public void answer(Position position, FactSink found, Cancellation cancellation) {
        Scene scene = new Scene(position);
        Side side = position.sideToMove();
        Optional<Runner> own = runner(scene, side);
        Optional<Runner> other = runner(scene, side.other());
        if (own.isEmpty() || other.isEmpty()) {
            return;
        }
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
        evaluator
                .choice(position)
                .map(
                        choice ->
                                run(position, own.get(), other.get(), choice.best(), evaluator)
                                        .orElseGet(
                                                () -> toTheEnd(position, choice.best(), evaluator)))
                .filter(best -> !promotions(best.line()).isEmpty())
                .map(best -> fact(position, own.get(), other.get(), best))
                .ifPresent(found);
    }

    /** The passed pawn that is there first, if nothing stands in its way. */
    private static Optional<Runner> runner(Scene scene, Side side) {
        Runner first = null;
        for (int pawn : Squares.list(PawnFacts.passed(scene, side))) {
            long way = Squares.ahead(side, pawn);
            int steps = Long.bitCount(way);
            int moves = Squares.rank(side, pawn) == 1 ? steps - 1 : steps;
            boolean free = (way & scene.occupied()) == 0 && moves <= FARTHEST;
            if (free && (first == null || moves < first.moves())) {
                first = new Runner(pawn, moves);
            }
        }
        return Optional.ofNullable(first);
    }

    /**
     * What happens when both only run: of use where the best move runs too, and where the shot at
     * the end decides as the best move does. Best play would avoid it, and so hides the point.
     */
    private static Optional<Weighed> run(
            Position start, Runner own, Runner other, Weighed best, MoveEvaluator evaluator) {
        List<Move> line = new ArrayList<>();
        Position now = start;
        int[] at = {own.square(), other.square()};
        while (promotions(line).size() < 2) {
            int pawn = at[line.size() % 2];
            Optional<Move> step = step(now, pawn);
            if (step.isEmpty() || line.isEmpty() && !step.get().equals(best.move())) {
                return Optional.empty();
            }
            at[line.size() % 2] = step.get().to();
            line.add(step.get());
            now = now.play(step.get());
            if (promotions(line).size() == 1 && promotions(line).get(0) < line.size() - 2) {
                return Optional.empty();
            }
        }
        int second = line.size() - 1;
        Side runs = start.sideToMove();
        evaluator.choice(now).ifPresent(more -> line.addAll(more.best().line()));
        boolean decides =
                shot(start, line, second)
                        .filter(s -> s.startsWith(runs.word()))
                        .filter(s -> best.result() == ResultClass.WIN)
                        .isPresent();
        return decides ? Optional.of(best.with(line)) : Optional.empty();
    }

    /** The farthest step of a pawn straight on, to a queen at the end; none where it is illegal. */
    private static Optional<Move> step(Position position, int pawn) {
        return position.legalMoves().stream()
                .filter(m -> m.from() == pawn && !m.isCapture())
                .filter(m -> m.promotion().map(t -> t == PieceType.QUEEN).orElse(true))
                .max(Comparator.comparingInt(m -> Math.abs(m.to() - m.from())));
    }

    /** A line that stops at a promotion is played on, so that what follows is seen. */
    private static Weighed toTheEnd(Position position, Weighed best, MoveEvaluator evaluator) {
        List<Move> line = new ArrayList<>(best.line());
        List<Integer> promoted = promotions(line);
        boolean stops = !promoted.isEmpty() && promoted.get(promoted.size() - 1) >= line.size() - 2;
        if (!stops) {
            return best;
        }
        evaluator.choice(position.play(line)).ifPresent(more -> line.addAll(more.best().line()));
        return best.with(line);
    }

    /** Plies of a line at which a pawn promotes, 0 for the first move. */
    private static List<Integer> promotions(List<Move> line) {
        List<Integer> plies = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            if (line.get(i).promotion().isPresent()) {
                plies.add(i);
            }
        }
        return plies;
    }

    private static Fact fact(Position position, Runner own, Runner other, Weighed best) {
        Side side = position.sideToMove();
        List<Move> line = best.line();
        List<Integer> promoted = promotions(line);
        boolean ownDoes = promoted.stream().anyMatch(ply -> ply % 2 == 0);
        boolean otherDoes = promoted.stream().anyMatch(ply -> ply % 2 == 1);
        boolean both = ownDoes && otherDoes;
        int second = both ? secondToPromote(promoted) : promoted.get(0);
        Optional<String> shot = both ? shot(position, line, second) : Optional.empty();
        String end =
                both
                        ? CoachWords.of(
                                "insight.both-promote",
                                shot.map(s -> CoachWords.of("insight.and-then", s)).orElse(""))
                        : CoachWords.of(
                                ownDoes
                                        ? "insight.only-its-own-promotes"
                                        : "insight.only-the-other-one-promotes");
        String result =
                best.result() == ResultClass.WIN
                        ? CoachWords.of("insight.that-wins")
                        : best.result() == ResultClass.LOSS
                                ? CoachWords.of("insight.that-loses")
                                : "";
        String text =
                CoachWords.of(
                        "insight.pawn-race-with-the-move",
                        Square.name(own.square()),
                        runs(own),
                        Square.name(other.square()),
                        runs(other),
                        end,
                        result,
                        Line.numbered(position, Line.start(line, second + SHOT)));
        return Fact.of(FactKind.PAWN_RACE, side, text, own.square(), other.square())
                .with("own", own.moves())
                .with("enemy", other.moves())
                .trait("both promote", both)
                .trait("shot", shot.isPresent())
                .trait("wins", best.result() == ResultClass.WIN)
                .trait("loses", best.result() == ResultClass.LOSS)
                .marked(Mark.Meaning.ROUTE, own.square(), goal(side, own))
                .marked(Mark.Meaning.ROUTE, other.square(), goal(side.other(), other))
                .proved(line);
    }

    private static String runs(Runner runner) {
        return CoachWords.of(
                runner.moves() == 1 ? "insight.move" : "insight.moves", runner.moves());
    }

    private static int goal(Side side, Runner runner) {
        return Square.file(runner.square()) + (side == Side.WHITE ? 56 : 0);
    }

    /** The ply at which the second side has promoted too. */
    private static int secondToPromote(List<Integer> promoted) {
        int first = promoted.get(0);
        return promoted.stream().filter(ply -> (ply - first) % 2 != 0).findFirst().orElse(first);
    }

    /** A queen taken that stays the only one, or mate, soon after both have promoted. */
    private static Optional<String> shot(Position start, List<Move> line, int second) {
        Position now = start;
        for (int i = 0; i < line.size() && i <= second + SHOT; i++) {
            Move move = line.get(i);
            Side mover = now.sideToMove();
            boolean queen = queens(now, mover.other()) > 0;
            now = now.play(move);
            if (i > second && now.isCheckmate()) {
                return Optional.of(CoachWords.of("insight.mates", mover.word()));
            }
            boolean wins = queen && queens(now, mover.other()) == 0 && queens(now, mover) > 0;
            if (i > second && wins && !canBeTakenBack(now, move)) {
                return Optional.of(CoachWords.of("insight.wins-the-new-queen", mover.word()));
            }
        }
        return Optional.empty();
    }

    private static int queens(Position position, Side side) {
        return Long.bitCount(position.pieces(side, PieceType.QUEEN));
    }

    private static boolean canBeTakenBack(Position now, Move move) {
        return now.legalMoves().stream().anyMatch(m -> m.to() == move.to());
    }
}

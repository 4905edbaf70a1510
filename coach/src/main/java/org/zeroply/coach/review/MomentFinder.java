package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.insight.ResultClass;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.exchange.StaticExchange;

/** Finds the few moments of a game that a coach would stop at. */
final class MomentFinder {

    private static final int MOST = 5;

    /** A move found at this depth or deeper, in plies, is hard to see. */
    private static final int DEEP = 6;

    private static final int NARROW = 2;
    private static final int MANY_LEGAL = 10;

    /** What is added to the loss for each reason why a chance was hard to see. */
    private static final double HARD = 12;

    private static final double HOLD = 30;
    private static final double PRAISE = 30;

    private final Engine engine;
    private final long nodes;

    MomentFinder(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    /** The most instructive moments, one a move at most. */
    List<Moment> find(List<MoveReview> moves, String result, Cancellation cancellation) {
        List<Moment> found = new ArrayList<>();
        Optional<MoveReview> hold = lastHold(moves, result);
        for (int i = 0; i < moves.size() && !cancellation.isCancelled(); i++) {
            MoveReview move = moves.get(i);
            Optional<MoveReview> previous =
                    i > 0 && moves.get(i - 1).ply() == move.ply() - 1
                            ? Optional.of(moves.get(i - 1))
                            : Optional.empty();
            if (hold.equals(Optional.of(move))) {
                found.add(held(move));
            } else if (move.loss() >= MoveReview.MISTAKE) {
                found.add(error(move, previous, cancellation));
            } else if (isHardMoveFound(move, previous)) {
                found.add(praise(move));
            } else if (isSlowWin(move)) {
                found.add(severalWays(move));
            }
            StrategicMoments.of(move).ifPresent(found::add);
        }
        Map<Integer, Moment> byPly = new LinkedHashMap<>();
        found.sort(Comparator.comparingDouble(Moment::weight).reversed());
        found.forEach(m -> byPly.putIfAbsent(m.move().ply(), m));
        return byPly.values().stream().limit(MOST).toList();
    }

    // ---- The last hold --------------------------------------------------------------------------

    /** The last move of the side that lost before which its position was not lost yet. */
    private static Optional<MoveReview> lastHold(List<MoveReview> moves, String result) {
        Optional<Side> loser =
                result.equals("1-0")
                        ? Optional.of(Side.BLACK)
                        : result.equals("0-1") ? Optional.of(Side.WHITE) : Optional.empty();
        return loser.flatMap(
                side ->
                        moves.stream()
                                .filter(m -> m.side() == side)
                                .filter(m -> m.classBefore() != ResultClass.LOSS)
                                .reduce((earlier, later) -> later)
                                .filter(m -> m.classAfter() == ResultClass.LOSS)
                                .filter(m -> m.loss() >= MoveReview.DUBIOUS));
    }

    private static Moment held(MoveReview move) {
        String text =
                "The last move at which "
                        + move.side().word()
                        + " could hold: "
                        + move.better()
                        + " kept "
                        + (move.classBefore() == ResultClass.WIN ? "the win" : "the balance")
                        + ", "
                        + move.san()
                        + " loses"
                        + points(move);
        return new Moment(
                move, Moment.Kind.LAST_HOLD, move.side(), move.best(), move.loss() + HOLD, text);
    }

    private static String points(MoveReview move) {
        return String.format(
                Locale.ROOT,
                " (%.0f points of a hundred, %.0f before).",
                move.loss(),
                100 * move.before());
    }

    // ---- Errors ---------------------------------------------------------------------------------

    private Moment error(
            MoveReview move, Optional<MoveReview> previous, Cancellation cancellation) {
        Optional<Moment> threat = ignoredThreat(move, cancellation);
        if (threat.isPresent()) {
            return threat.get();
        }
        List<String> hard = hardness(move);
        boolean chance =
                previous.filter(p -> p.loss() >= MoveReview.MISTAKE).isPresent()
                        || move.classBefore() == ResultClass.WIN;
        if (chance && !hard.isEmpty()) {
            String text =
                    move.better()
                            + " was there, hard to see: "
                            + Squares.join(hard)
                            + tempting(move)
                            + "; "
                            + move.san()
                            + " let it go"
                            + points(move);
            double weight = move.loss() + HARD * hard.size();
            return new Moment(
                    move, Moment.Kind.MISSED_CHANCE, move.side(), move.best(), weight, text);
        }
        if (previous.filter(p -> p.loss() >= MoveReview.MISTAKE).isPresent()) {
            String text =
                    previous.get().san()
                            + " was an error; "
                            + move.better()
                            + " punished it, "
                            + move.san()
                            + " returns it"
                            + points(move);
            return new Moment(
                    move,
                    Moment.Kind.UNPUNISHED_ERROR,
                    move.side(),
                    move.best(),
                    move.loss(),
                    text);
        }
        boolean turned = move.classBefore() != move.classAfter();
        String text =
                (turned ? move.san() + " turns the game: " : move.san() + " gives much away: ")
                        + move.better()
                        + " was better"
                        + points(move);
        return new Moment(
                move,
                Moment.Kind.TURN,
                move.side(),
                move.best(),
                move.loss() + (turned ? HARD : 0),
                text);
    }

    private static String tempting(MoveReview move) {
        Position p = move.position();
        return move.tempting()
                .filter(m -> !m.equals(move.node().move()))
                .map(m -> " (" + San.write(p, m) + " tempts at a shorter look)")
                .orElse("");
    }

    /** Why the best move is hard to see; empty when it is not. */
    static List<String> hardness(MoveReview move) {
        Position position = move.position();
        Move best = move.choice();
        List<String> why = new ArrayList<>();
        int exchange = StaticExchange.of(position.toBoard(), best.packed());
        boolean check = position.play(best).inCheck();
        if (exchange <= -100) {
            why.add("a sacrifice");
        } else if (!best.isCapture() && !check && best.promotion().isEmpty()) {
            why.add("a quiet move");
        }
        if (isBackward(position, best)) {
            why.add("a move backwards");
        }
        if (move.depthFound() >= DEEP) {
            why.add("best only from depth " + move.depthFound() + " on");
        }
        // Quiet moves are many; alone that is no reason.
        return why.size() == 1 && why.get(0).equals("a quiet move") ? List.of() : why;
    }

    private static boolean isBackward(Position position, Move move) {
        PieceType type = position.pieceAt(move.from()).map(Piece::type).orElseThrow();
        int ranks = Square.rank(move.to()) - Square.rank(move.from());
        boolean back = position.sideToMove() == Side.WHITE ? ranks < 0 : ranks > 0;
        return back && type != PieceType.PAWN && type != PieceType.KING;
    }

    /** The answer that punished the move was a threat already before it. */
    private Optional<Moment> ignoredThreat(MoveReview move, Cancellation cancellation) {
        Position position = move.position();
        if (position.inCheck()) {
            return Optional.empty();
        }
        // A threat is what would have gained much had the side to move passed.
        Optional<Move> threat =
                candidate(position.play(Move.NULL), cancellation)
                        .filter(
                                c ->
                                        100 * (c.expected() - (1 - move.before()))
                                                >= MoveReview.MISTAKE)
                        .map(Analysis.Candidate::move);
        Position after = move.node().position();
        List<Move> answer = move.answer();
        return threat.filter(t -> !answer.isEmpty() && isSame(t, answer.get(0)))
                .map(
                        t ->
                                new Moment(
                                        move,
                                        Moment.Kind.IGNORED_THREAT,
                                        move.side(),
                                        answer,
                                        move.loss() + HARD,
                                        San.write(after, answer.get(0))
                                                + " was threatened before "
                                                + move.san()
                                                + " and still is; "
                                                + move.better()
                                                + " met it"
                                                + points(move)));
    }

    private static boolean isSame(Move a, Move b) {
        return a.from() == b.from() && a.to() == b.to();
    }

    private Optional<Analysis.Candidate> candidate(Position position, Cancellation cancellation) {
        return engine.analyse(
                        AnalysisRequest.of(position, Limits.nodes(nodes)), a -> {}, cancellation)
                .best();
    }

    // ---- Praise ---------------------------------------------------------------------------------

    /** Played, narrow and deep, and no plain recapture. */
    private static boolean isHardMoveFound(MoveReview move, Optional<MoveReview> previous) {
        boolean recapture =
                previous.filter(p -> p.node().move().isCapture())
                        .filter(p -> p.node().move().to() == move.node().move().to())
                        .isPresent();
        return move.isChoice()
                && !recapture
                && move.width() <= NARROW
                && move.legal() >= MANY_LEGAL
                && move.classBefore() != ResultClass.LOSS
                && (move.depthFound() >= DEEP || !hardness(move).isEmpty());
    }

    private static Moment praise(MoveReview move) {
        List<String> why = new ArrayList<>(hardness(move));
        String only =
                move.width() == 1
                        ? "the only move that keeps the result"
                        : "one of " + move.width() + " moves that keep the result";
        why.add(0, only);
        String text = move.san() + " is hard to find: " + Squares.join(why) + ".";
        double weight = PRAISE + HARD * (why.size() - 1);
        return new Moment(
                move, Moment.Kind.HARD_MOVE_FOUND, move.side(), move.best(), weight, text);
    }

    // ---- Several ways ---------------------------------------------------------------------------

    /** Won either way, but there was a short mate and another move was played. */
    private static boolean isSlowWin(MoveReview move) {
        return move.score() instanceof Score.Mate mate
                && mate.moves() > 0
                && mate.moves() <= 4
                && !move.isChoice()
                && !move.node().position().isCheckmate()
                && move.classAfter() == ResultClass.WIN
                && move.width() > 1;
    }

    private static Moment severalWays(MoveReview move) {
        int mate = ((Score.Mate) move.score()).moves();
        String text =
                move.width()
                        + " moves win; the cleanest is "
                        + move.better()
                        + ", mate in "
                        + mate
                        + ".";
        return new Moment(
                move, Moment.Kind.SEVERAL_WAYS, move.side(), move.best(), MoveReview.DUBIOUS, text);
    }
}

package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * Exchanges wanted: for each pair of like men (queens, rooks, minor pieces) the position without
 * them is searched to the same depth as the position with them.
 */
public final class ExchangeInquiry implements Inquiry {

    /** Plies. Like depths compare like with like; more nodes would not. */
    private static final int DEPTH = 8;

    /** An exchange that gains less, in centipawns, is not worth a plan. */
    private static final int WORTHWHILE = 30;

    /** So large a gain comes of a blow in the position, not of the trade. */
    private static final int TACTICAL = 250;

    /** Exchanges that are told for either side: our choice. */
    private static final int TOLD = 2;

    /** The longest look takes so many times the nodes: our choice. */
    private static final int CAP = 10;

    private final Engine engine;
    private final long nodes;

    /**
     * @param nodes for each pair; ten times as many are the limit should the depth take longer
     */
    public ExchangeInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes * CAP;
    }

    @Override
    public Set<FactKind> kinds() {
        return Set.of(FactKind.EXCHANGE_WANTED);
    }

    @Override
    public String name() {
        return CoachWords.of("insight.exchanges-wanted");
    }

    @Override
    public void answer(Position position, FactSink found, Cancellation cancellation) {
        Scene scene = new Scene(position);
        List<Exchange> all = exchanges(position, cancellation);
        for (Side side : Side.values()) {
            List<Exchange> own =
                    all.stream()
                            .filter(e -> scene.sideAt(e.own()) == side && e.gain() > 0)
                            .filter(e -> e.gain() <= TACTICAL && isCalm(scene, e))
                            // A wish without a way to it is no plan.
                            .filter(e -> !e.plan().isEmpty())
                            .toList();
            own.stream()
                    .filter(e -> e.gain() >= WORTHWHILE)
                    .limit(TOLD)
                    .map(e -> e.fact(scene))
                    .forEach(found);
            own.stream()
                    .findFirst()
                    .flatMap(first -> inARow(scene, first, own, cancellation))
                    .ifPresent(found);
        }
    }

    /** The best trade and another one after it, where both together gain more than the first. */
    private Optional<Fact> inARow(
            Scene scene, Exchange first, List<Exchange> all, Cancellation cancellation) {
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
        int sign = scene.sideAt(first.own()) == Side.WHITE ? 1 : -1;
        Optional<Fact> best = Optional.empty();
        int most = Math.max(first.gain(), WORTHWHILE) + WORTHWHILE;
        for (Exchange second : all) {
            if (second.own() != first.own() && second.other() != first.other()) {
                int gain =
                        without(scene.position(), first, second)
                                .flatMap(p -> worth(p, evaluator))
                                .map(worth -> sign * worth - first.before())
                                .orElse(0);
                if (gain >= most && gain <= TACTICAL) {
                    most = gain;
                    best = Optional.of(first.fact(scene, second, gain));
                }
            }
        }
        return best;
    }

    private static Optional<Position> without(Position position, Exchange a, Exchange b) {
        try {
            return Optional.of(
                    Arrangement.of(position)
                            .without(a.own())
                            .without(a.other())
                            .without(b.own())
                            .without(b.other())
                            .position());
        } catch (InvalidPositionException e) {
            // A king would stand in check of the side to move: these cannot be lifted off.
            return Optional.empty();
        }
    }

    /** Neither man can be won as things stand: else the trade is not what matters. */
    private static boolean isCalm(Scene scene, Exchange exchange) {
        return LegalExchange.threatTo(scene.board(), exchange.own()) == 0
                && LegalExchange.threatTo(scene.board(), exchange.other()) == 0;
    }

    /**
     * All pairs, each seen by the side that gains by it, the largest gain first.
     *
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    public List<Exchange> exchanges(Position position, Cancellation cancellation) {
        List<Exchange> all = new ArrayList<>();
        if (position.inCheck()) {
            return all;
        }
        Scene scene = new Scene(position);
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
        Optional<Integer> with = worth(position, evaluator);
        if (with.isEmpty()) {
            return all;
        }
        for (int white : Squares.list(scene.pieces(Side.WHITE))) {
            for (int black : Squares.list(scene.pieces(Side.BLACK))) {
                if (isLike(scene.typeAt(white), scene.typeAt(black))) {
                    pair(scene, white, black, with.get(), evaluator).ifPresent(all::add);
                }
            }
        }
        all.sort(Comparator.comparingInt(Exchange::gain).reversed());
        return all;
    }

    private static boolean isLike(PieceType a, PieceType b) {
        return a == b || isMinor(a) && isMinor(b);
    }

    private static boolean isMinor(PieceType type) {
        return type == PieceType.KNIGHT || type == PieceType.BISHOP;
    }

    private static Optional<Exchange> pair(
            Scene scene, int white, int black, int with, MoveEvaluator evaluator) {
        Position position = scene.position();
        Position without;
        try {
            without = Arrangement.of(position).without(white).without(black).position();
        } catch (InvalidPositionException e) {
            // A king would stand in check of the side to move: this pair cannot be lifted off.
            return Optional.empty();
        }
        return worth(without, evaluator)
                .map(
                        worth -> {
                            boolean whites = worth >= with;
                            int sign = whites ? 1 : -1;
                            int own = whites ? white : black;
                            int other = whites ? black : white;
                            return new Exchange(
                                    own,
                                    other,
                                    sign * with,
                                    sign * worth,
                                    TradeReasons.of(scene, without, own, other),
                                    Exchange.plan(scene, own, other));
                        });
    }

    /** Centipawns from White's view; nothing without a legal move. */
    private static Optional<Integer> worth(Position position, MoveEvaluator evaluator) {
        int sign = position.sideToMove() == Side.WHITE ? 1 : -1;
        return evaluator.toDepth(position, DEPTH).map(best -> sign * best.score().ordinal());
    }
}

package org.zeroply.coach.insight;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * What the other side would do if the side to move passed, against what it gets when the side to
 * move plays its best move; and what it would do if the man it attacks went away.
 */
final class ThreatInquiry implements Inquiry {

    /** What a threat brings at least that wins no material, in centipawns; our choice. */
    private static final int HARM = 150;

    /** Hundredths of a point that a threat wins at least; our choice. */
    private static final int MATERIAL = 80;

    /** And what it brings at least then, in centipawns; our choice. */
    private static final int FELT = 80;

    /** Centipawns that no longer count pawns: an ending won by the tables, or nearly so. */
    private static final int DECIDES = 1_000;

    private final Engine engine;
    private final long nodes;

    ThreatInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    @Override
    public Set<FactKind> kinds() {
        return Set.of(FactKind.THREAT, FactKind.IGNORED_THREAT);
    }

    @Override
    public String name() {
        return CoachWords.of("insight.the-threat");
    }

    @Override
    public void answer(Position position, FactSink found, Cancellation cancellation) {
        if (position.inCheck() || position.legalMoves().isEmpty()) {
            return;
        }
        MoveEvaluator evaluator = new MoveEvaluator(engine, LONGER * nodes, cancellation);
        Position passed = position.play(Move.NULL);
        Optional<Weighed> threat = evaluator.choice(passed).map(c -> c.best());
        if (threat.isEmpty()) {
            return;
        }
        Weighed best = threat.get();
        Weighed own = evaluator.choice(position).orElseThrow().best();
        int otherwise = -own.score().ordinal();
        if (!best.mates()) {
            afterFlight(position, best.move().to(), evaluator.withNodes(nodes)).ifPresent(found);
        }
        Fact told = fact(position, passed, best, otherwise);
        found.accept(told);
        if (told.traits().contains("concrete")) {
            IgnoredThreat.of(position, best, own, evaluator).ifPresent(found);
        }
    }

    /**
     * @param otherwise what the other side gets when the pass is not made; where that decides the
     *     game already, only a mate is a threat
     */
    private static Fact fact(Position position, Position passed, Weighed best, int otherwise) {
        int gain = best.score().ordinal() - otherwise;
        Side side = passed.sideToMove();
        int won = LineGain.settledHundredths(passed, best.line());
        String move = San.write(passed, best.move());
        boolean concrete =
                best.mates()
                        || otherwise < DECIDES
                                && (won >= MATERIAL && gain >= FELT
                                        || gain >= HARM && improves(position, best));
        String text;
        List<Theme> themes = concrete ? LineMotifs.of(passed, best.line()) : List.of();
        String by = themes.isEmpty() ? "" : " (" + LineMotifs.words(themes, List.of()) + ")";
        if (best.score() instanceof Score.Mate mate && mate.moves() > 0) {
            text = CoachWords.of("insight.threatens-mate-in-by", mate.moves(), move, by);
        } else if (concrete && won >= MATERIAL) {
            text =
                    CoachWords.of(
                            "insight.threatens-winning",
                            move,
                            by,
                            LineGain.given(passed, best.line(), side.other()));
        } else if (concrete) {
            text = CoachWords.of("insight.threatens", move, by, worth(gain));
        } else {
            text = CoachWords.of("insight.threatens-nothing-concrete-the-best", move);
        }
        return Fact.of(FactKind.THREAT, side, text, best.move().from(), best.move().to())
                .with("gain", Math.max(-20_000, Math.min(gain, 20_000)))
                .trait("concrete", concrete)
                .marked(
                        concrete ? Mark.Meaning.THREAT : Mark.Meaning.IDEA,
                        best.move().from(),
                        best.move().to())
                .proved(Inquiry.afterPass(position, passed, best.line()));
    }

    /**
     * Whether the move wins more than how the position stands. A move that only saves what hangs is
     * worth as much against a pass, but it threatens nothing.
     */
    private static boolean improves(Position position, Weighed best) {
        int white = new Evaluator().explain(position).total();
        int stands = position.sideToMove() == Side.WHITE ? -white : white;
        return best.score().ordinal() - stands >= HARM;
    }

    private static String worth(int gain) {
        return gain >= DECIDES
                ? CoachWords.of("insight.which-decides-the-game")
                : String.format(
                        Locale.ROOT, CoachWords.of("insight.which-is-worth-pawns"), gain / 100.0);
    }

    /**
     * A mate that hangs over an attacked man: wherever it goes without being taken, mate follows.
     * That is a threat too, and the worse one.
     */
    private static Optional<Fact> afterFlight(
            Position position, int attacked, MoveEvaluator evaluator) {
        Scene scene = new Scene(position);
        boolean stands =
                position.pieceAt(attacked)
                        .filter(p -> p.side() == position.sideToMove())
                        .isPresent();
        List<Move> flights =
                position.legalMoves().stream()
                        .filter(m -> stands && m.from() == attacked && !m.isCapture())
                        .filter(m -> LegalExchange.isAtLeast(scene.board(), m.packed(), 0))
                        .toList();
        return evaluator
                .among(position, flights)
                .filter(Weighed::isMated)
                .filter(best -> best.line().size() > 1)
                .map(best -> mateAfter(position, scene.man(attacked), best));
    }

    private static Fact mateAfter(Position position, String man, Weighed flight) {
        Position after = position.play(flight.move());
        Move reply = flight.line().get(1);
        int moves = -((Score.Mate) flight.score()).moves();
        String text =
                CoachWords.of(
                        "insight.threatens-mate-as-soon-as",
                        man,
                        moves,
                        San.write(after, reply),
                        San.write(position, flight.move()));
        return Fact.of(
                        FactKind.THREAT,
                        position.sideToMove().other(),
                        text,
                        reply.from(),
                        reply.to())
                .with("gain", 20_000)
                .trait("concrete", true)
                .marked(Mark.Meaning.THREAT, reply.from(), reply.to())
                .marked(Mark.Meaning.TARGET, flight.move().from())
                .proved(flight.line());
    }
}

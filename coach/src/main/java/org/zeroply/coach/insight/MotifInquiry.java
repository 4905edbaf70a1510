package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Grade;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Price;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * Moves that would create a pin, skewer, fork, discovery, battery or x-ray which is not there yet,
 * and the best move when its line turns on some other theme. One works when it is worth half a pawn
 * more than the best move that creates none; one is told to fail only when a player may well try it
 * and a line refutes it. What gains nothing is not told, unless it is the best move.
 */
final class MotifInquiry implements Inquiry {

    /** Half a pawn: what a motif must bring to work. */
    private static final int MARGIN = 50;

    /** The moves against which the motifs are measured are searched on so many times the nodes. */
    private static final int FACTOR = 4;

    /** Brief looks take one part in so many of the nodes. */
    private static final int BRIEF = 20;

    /** So many motifs that look best at first are looked at; our choice. */
    private static final int LOOKED_AT = 8;

    /** So many moves that fail are told at most; our choice. */
    private static final int FAILING = 5;

    /** A move is tried only if it seems no further behind at first, in centipawns; our choice. */
    private static final int TEMPTING = 120;

    /** Material that shows that a move is refuted, in hundredths of a point: the exchange. */
    private static final int REFUTED = 200;

    private static final String BEST = CoachWords.of("insight.the-best-move-here");

    private final Engine engine;
    private final long nodes;

    MotifInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    @Override
    public Set<FactKind> kinds() {
        return Set.of(FactKind.MOTIF_MOVE);
    }

    @Override
    public String name() {
        return CoachWords.of("insight.pins-forks-and-discoveries");
    }

    @Override
    public void answer(Position position, FactSink found, Cancellation cancellation) {
        Scene scene = new Scene(position);
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
        for (Side side : Side.values()) {
            scene.withMove(side).ifPresent(p -> new Asked(position, p, evaluator).tell(found));
        }
    }

    /** The motifs of one side in one position, which may be the one after a pass. */
    private static final class Asked {

        private final Position asked;
        private final Position from;
        private final MoveEvaluator evaluator;
        private final MoveEvaluator longer;
        private final Map<Move, List<Fact>> motifs;

        Asked(Position asked, Position from, MoveEvaluator evaluator) {
            this.asked = asked;
            this.from = from;
            this.evaluator = evaluator;
            longer = evaluator.withNodes(FACTOR * evaluator.nodes());
            motifs = NewMotifs.of(from);
        }

        void tell(FactSink found) {
            Optional<Choice> choice = longer.choice(from);
            if (choice.isEmpty()) {
                return;
            }
            Weighed best = choice.get().best();
            if (!motifs.containsKey(best.move()) && !LineMotifs.of(from, best.line()).isEmpty()) {
                found.accept(lead(best, choice.get().second()));
            }
            if (!motifs.isEmpty()) {
                tellCreated(best, found);
            }
        }

        /** The best move whose line turns on something, though it creates nothing on the board. */
        private Fact lead(Weighed best, Optional<Weighed> second) {
            boolean works =
                    second.map(s -> best.score().ordinal() >= s.score().ordinal() + MARGIN)
                            .orElse(true);
            return works && Holding.of(best) != Holding.LOSS
                    ? fact(best, second, "works", "works")
                    : fact(best, second, "best", BEST);
        }

        private void tellCreated(Weighed best, FactSink found) {
            List<Move> others =
                    from.legalMoves().stream().filter(m -> !motifs.containsKey(m)).toList();
            Optional<Weighed> plain = longer.among(from, others);
            int failing = 0;
            for (Weighed brief : promising(best)) {
                Move move = brief.move();
                boolean leads = move.equals(best.move());
                Weighed weighed = leads ? best : evaluator.weigh(from, move);
                if (works(weighed, plain)) {
                    found.accept(fact(weighed, plain, "works", "works"));
                } else if (leads) {
                    found.accept(fact(best, plain, "best", BEST));
                } else if (from.equals(asked) && failing < FAILING && isTried(brief, best)) {
                    Optional<Fact> fails = failure(best, weighed, plain);
                    fails.ifPresent(found);
                    failing += fails.isPresent() ? 1 : 0;
                }
            }
        }

        /** The motifs that look best at first, as they look, and the best move if it is one. */
        private List<Weighed> promising(Weighed best) {
            MoveEvaluator brief = evaluator.brief(BRIEF);
            List<Weighed> looks = new ArrayList<>();
            motifs.keySet().forEach(m -> looks.add(brief.weigh(from, m)));
            looks.sort(Comparator.comparing(Weighed::score).reversed());
            List<Weighed> promising =
                    new ArrayList<>(looks.subList(0, Math.min(LOOKED_AT, looks.size())));
            looks.stream()
                    .filter(w -> w.move().equals(best.move()) && !promising.contains(w))
                    .forEach(promising::add);
            return promising;
        }

        private List<Fact> motifs(Weighed move) {
            return motifs.getOrDefault(move.move(), List.of());
        }

        /**
         * Worth more than what creates nothing, carried out by the line, and not itself what gives
         * the game away.
         */
        private boolean works(Weighed move, Optional<Weighed> plain) {
            int worth = move.score().ordinal();
            return plain.map(p -> worth >= p.score().ordinal() + MARGIN).orElse(true)
                    && Holding.of(move) != Holding.LOSS
                    && (move.mates() || NewMotifs.isCarriedOut(motifs(move), move.line()));
        }

        /** Whether a player may well try it: it looks good at first, or puts nothing on offer. */
        private boolean isTried(Weighed brief, Weighed best) {
            if (!NewMotifs.aimAtMaterial(from, motifs(brief))) {
                return false;
            }
            boolean looksGood =
                    brief.score().ordinal() >= best.score().ordinal() - TEMPTING
                            && !brief.isMated();
            boolean safe = LegalExchange.of(from.toBoard(), brief.move().packed()) >= 0;
            return looksGood || safe;
        }

        /** What refutes a move, as a longer look sees it too. */
        private Optional<Fact> failure(Weighed best, Weighed found, Optional<Weighed> plain) {
            MoveComparison beside = new MoveComparison(from, best);
            if (!isRefuted(beside, found)) {
                return Optional.empty();
            }
            Move move = found.move();
            Weighed again = longer.weigh(from, move);
            if (!isRefuted(beside, again) || again.line().size() < 2) {
                return Optional.empty();
            }
            Position after = from.play(move);
            String reply = San.write(after, again.line().get(1));
            String cost =
                    again.isMated()
                            ? CoachWords.of("insight.it-is-mated")
                            : CoachWords.of("insight.it-costs", beside.price(again).words());
            return Optional.of(
                    fact(again, plain, "fails", CoachWords.of("insight.fails-to", reply, cost)));
        }

        private static boolean isRefuted(MoveComparison beside, Weighed move) {
            boolean lost = Holding.of(beside.best()) == Holding.LOSS;
            Price price = beside.price(move);
            boolean costs = price.hundredths() >= REFUTED && move.result() != ResultClass.WIN;
            return !lost && beside.grade(move) == Grade.FAILS || costs;
        }

        private Fact fact(Weighed found, Optional<Weighed> plain, String trait, String verdict) {
            List<Fact> created = NewMotifs.winningFirst(motifs(found), found.line());
            List<Theme> themes =
                    trait.equals("fails")
                            ? List.of()
                            : LineMotifs.besides(created, from, found.line());
            int worth = found.score().ordinal();
            int against = plain.map(p -> p.score().ordinal()).orElse(-worth);
            String what = LineMotifs.words(themes, created, found.line().size() == 1);
            int origin = found.move().from();
            int target = found.move().to();
            String text = San.write(from, found.move()) + ": " + what + "; " + verdict;
            Fact fact =
                    Fact.of(FactKind.MOTIF_MOVE, from.sideToMove(), text, origin, target)
                            .with("gain", Math.max(-20_000, Math.min(20_000, worth - against)));
            for (Theme theme : themes) {
                fact = fact.trait(theme.words(), true);
            }
            for (Fact motif : created) {
                String kind = motif.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ');
                fact = fact.trait(kind, !fact.traits().contains(kind));
            }
            return fact.trait(trait, true)
                    .marked(Mark.Meaning.IDEA, origin, target)
                    .proved(Inquiry.afterPass(asked, from, found.line()));
        }
    }
}

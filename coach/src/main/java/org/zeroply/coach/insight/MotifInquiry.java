package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
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
import org.zeroply.coach.tactics.ForkFacts;
import org.zeroply.coach.tactics.LineFacts;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/**
 * Moves that would create a pin, skewer, fork, discovery, battery or x-ray which is not there yet,
 * for either side, each searched against the best move that creates none: it works when it is worth
 * half a pawn more, gains nothing when it is worth about as much, and fails when it is worth less.
 */
final class MotifInquiry implements Inquiry {

    /** Half a pawn: what a motif must bring to work. */
    private static final int MARGIN = 50;

    /** The move against which the motifs are measured is searched on so many times the nodes. */
    private static final int FACTOR = 4;

    private final Engine engine;
    private final long nodes;

    MotifInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    @Override
    public String name() {
        return "pins, forks and discoveries";
    }

    @Override
    public void answer(Position position, Consumer<Fact> found, Cancellation cancellation) {
        Scene scene = new Scene(position);
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation);
        for (Side side : Side.values()) {
            scene.withMove(side).ifPresent(p -> side(position, p, found, evaluator));
        }
    }

    private static void side(
            Position asked, Position from, Consumer<Fact> found, MoveEvaluator evaluator) {
        Map<Move, Fact> motifs = created(from);
        if (motifs.isEmpty()) {
            return;
        }
        List<Move> others = from.legalMoves().stream().filter(m -> !motifs.containsKey(m)).toList();
        Optional<Weighed> plain =
                evaluator.withNodes(FACTOR * evaluator.nodes()).among(from, others);
        motifs.forEach(
                (move, motif) ->
                        found.accept(fact(asked, from, motif, evaluator.weigh(from, move), plain)));
    }

    /** For each legal move the first motif it creates. */
    private static Map<Move, Fact> created(Position from) {
        Side side = from.sideToMove();
        List<Fact> before = motifs(new Scene(from), side);
        Map<Move, Fact> created = new LinkedHashMap<>();
        for (Move move : from.legalMoves()) {
            motifs(new Scene(from.play(move)), side).stream()
                    .filter(f -> before.stream().noneMatch(b -> isSame(b, f)))
                    .findFirst()
                    .ifPresent(f -> created.put(move, f));
        }
        return created;
    }

    /** The same fork, or the same man held by whichever piece to the same man behind. */
    private static boolean isSame(Fact a, Fact b) {
        if (a.kind() != b.kind()) {
            return false;
        }
        boolean holds =
                a.kind() == FactKind.PIN
                        || a.kind() == FactKind.SKEWER
                        || a.kind() == FactKind.DISCOVERED_ATTACK
                        || a.kind() == FactKind.DISCOVERED_CHECK;
        return holds
                ? a.squares().get(0).equals(b.squares().get(0))
                        && a.squares().get(2).equals(b.squares().get(2))
                : a.squares().equals(b.squares());
    }

    private static List<Fact> motifs(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>(ForkFacts.forks(scene, side));
        facts.addAll(LineFacts.of(scene, side));
        return facts.stream().filter(f -> isMotif(f.kind())).toList();
    }

    private static boolean isMotif(FactKind kind) {
        return switch (kind) {
            case FORK, PIN, SKEWER, DISCOVERED_ATTACK, DISCOVERED_CHECK, BATTERY, X_RAY -> true;
            default -> false;
        };
    }

    private static Fact fact(
            Position asked, Position from, Fact motif, Weighed found, Optional<Weighed> plain) {
        int worth = found.score().ordinal();
        int against = plain.map(p -> p.score().ordinal()).orElse(-worth);
        String verdict;
        String trait;
        if (worth >= against + MARGIN) {
            verdict = "works";
            trait = "works";
        } else if (worth > against - MARGIN) {
            trait = "gains nothing";
            verdict =
                    "gains nothing over "
                            + plain.map(p -> San.write(from, p.move())).orElse("the rest");
        } else {
            trait = "fails";
            verdict = "fails" + reply(from, found);
        }
        String kind = motif.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        String move = San.write(from, found.move());
        String text = move + ": " + motif.text() + "; " + verdict;
        return Fact.of(
                        FactKind.MOTIF_MOVE,
                        from.sideToMove(),
                        text,
                        found.move().from(),
                        found.move().to())
                .with("gain", Math.max(-20_000, Math.min(20_000, worth - against)))
                .trait(kind, true)
                .trait(trait, true)
                .marked(Mark.Meaning.IDEA, found.move().from(), found.move().to())
                .proved(Inquiry.afterPass(asked, from, found.line()));
    }

    private static String reply(Position from, Weighed found) {
        if (found.line().size() < 2) {
            return "";
        }
        Position after = from.play(found.move());
        return ": " + San.write(after, found.line().get(1));
    }
}

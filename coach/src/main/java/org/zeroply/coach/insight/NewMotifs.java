package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.tactics.ForkFacts;
import org.zeroply.coach.fact.tactics.LineFacts;

/** Pins, skewers, forks, discoveries, batteries and x-rays that moves create. */
final class NewMotifs {

    private static final String COUNTER_PIN = "counter-pin";

    private NewMotifs() {}

    /** For each legal move that creates some, the motifs that were not there before. */
    static Map<Move, List<Fact>> of(Position from) {
        Side side = from.sideToMove();
        Scene now = new Scene(from);
        List<Fact> before = motifs(now, side);
        List<Fact> suffered = pins(now, side.other());
        Map<Move, List<Fact>> created = new LinkedHashMap<>();
        for (Move move : from.legalMoves()) {
            List<Fact> come =
                    motifs(new Scene(from.play(move)), side).stream()
                            .filter(f -> before.stream().noneMatch(b -> isSame(b, f)))
                            .map(f -> isCounterPin(f, suffered) ? f.named(COUNTER_PIN) : f)
                            .toList();
            if (!come.isEmpty()) {
                created.put(move, come);
            }
        }
        return created;
    }

    /** The motifs of a move, those first whose men the line goes on to take. */
    static List<Fact> winningFirst(List<Fact> motifs, List<Move> line) {
        List<Integer> taken = taken(line);
        return motifs.stream().sorted(Comparator.comparing(f -> !concerns(f, taken))).toList();
    }

    /**
     * Whether a line goes on to take one of the men that the motifs of its first move are about.
     */
    static boolean isCarriedOut(List<Fact> motifs, List<Move> line) {
        List<Integer> taken = taken(line);
        return motifs.stream().anyMatch(f -> concerns(f, taken));
    }

    /**
     * Whether there is one for whose sake a player would expect to win something at once: a fork, a
     * skewer, or a pin of more than a pawn.
     */
    static boolean aimAtMaterial(Position from, List<Fact> motifs) {
        return motifs.stream()
                .anyMatch(
                        f ->
                                f.kind() == FactKind.FORK
                                        || f.kind() == FactKind.SKEWER
                                        || f.kind() == FactKind.PIN && !holdsPawn(from, f));
    }

    private static boolean holdsPawn(Position from, Fact pin) {
        return from.pieceAt(pin.squares().get(0))
                .filter(p -> p.type() == PieceType.PAWN)
                .isPresent();
    }

    private static boolean concerns(Fact motif, List<Integer> taken) {
        return motif.squares().stream().anyMatch(taken::contains);
    }

    /** Where who moves first takes something later on. */
    private static List<Integer> taken(List<Move> line) {
        List<Integer> taken = new ArrayList<>();
        for (int i = 2; i < line.size(); i += 2) {
            if (line.get(i).isCapture()) {
                taken.add(line.get(i).to());
            }
        }
        return taken;
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

    /** Whether what is pinned is itself what pins one of the own men. */
    private static boolean isCounterPin(Fact motif, List<Fact> suffered) {
        return motif.kind() == FactKind.PIN
                && suffered.stream()
                        .anyMatch(p -> p.squares().get(1).equals(motif.squares().get(0)));
    }

    private static List<Fact> pins(Scene scene, Side side) {
        return LineFacts.of(scene, side).stream().filter(f -> f.kind() == FactKind.PIN).toList();
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
}

package org.zeroply.coach.defence.pin;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.tactics.ForcingMoves;
import org.zeroply.coach.fact.tactics.LineFacts;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.engine.exchange.LegalExchange;

/** Finds the men of the side to move that are pinned, and the ways out. */
public final class PinFinder {

    /** Hundredths of a point that must be lost for a man to be bound to a square. */
    private static final int BOUND = 200;

    /** A first look takes this part of the nodes: our choice. */
    private static final int BRIEF = 8;

    private final MoveEvaluator evaluator;
    private final Elimination elimination;
    private final Position position;
    private final Side side;
    private final Side enemy;
    private final Scene scene;

    /** Moves that threaten something. */
    private final List<Move> threats;

    /**
     * @param evaluator asked what happens when a man is gone; few nodes are enough
     * @param elimination the verdicts on all moves of the position
     */
    private PinFinder(MoveEvaluator evaluator, Elimination elimination) {
        this.evaluator = evaluator;
        this.elimination = elimination;
        position = elimination.position();
        side = position.sideToMove();
        enemy = side.other();
        scene = new Scene(position);
        threats =
                ForcingMoves.of(scene, side).moves().stream()
                        .filter(f -> f.threatens() > 0)
                        .map(ForcingMoves.Forcing::move)
                        .toList();
    }

    /**
     * The pins of a position that was looked at.
     *
     * @param evaluator with the nodes for each move of the elimination
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    public static List<Pin> of(MoveEvaluator evaluator, Elimination elimination) {
        MoveEvaluator brief = evaluator.brief(BRIEF);
        return new PinFinder(brief, elimination).find();
    }

    /** All pins, those to the king first. */
    private List<Pin> find() {
        List<Pin> pins = new ArrayList<>();
        for (Fact fact : pinFacts(scene, enemy)) {
            // Those to a square are looked for below, with a search.
            if (!fact.traits().contains("square")) {
                boolean king = fact.traits().contains("king");
                Pin.Kind kind = king ? Pin.Kind.KING : Pin.Kind.PIECE;
                List<Integer> squares = fact.squares();
                pins.add(pin(squares.get(0), squares.get(1), squares.get(2), kind, List.of()));
            }
        }
        pins.addAll(toSquares(pins));
        pins.sort((a, b) -> a.kind().compareTo(b.kind()));
        return pins;
    }

    private static List<Fact> pinFacts(Scene scene, Side by) {
        return LineFacts.of(scene, by).stream().filter(f -> f.kind() == FactKind.PIN).toList();
    }

    // ---- Pins to a square -----------------------------------------------------------------------

    private List<Pin> toSquares(List<Pin> known) {
        List<Pin> found = new ArrayList<>();
        if (position.inCheck()) {
            return found;
        }
        long sliders = scene.men(enemy, PieceType.BISHOP) | scene.majors(enemy);
        for (int slider : Squares.list(sliders)) {
            for (int front : Squares.list(scene.attacks(slider) & scene.men(side))) {
                boolean free = known.stream().noneMatch(p -> p.pinned() == front);
                if (free && scene.typeAt(front) != PieceType.KING) {
                    toSquare(slider, front).ifPresent(found::add);
                }
            }
        }
        return found;
    }

    /** What the line piece does beyond a man, if that were gone: mate, or much won. */
    private Optional<Pin> toSquare(int slider, int front) {
        long occupied = scene.occupied() & ~(1L << front);
        long beyond =
                Scene.attacksOf(scene.typeAt(slider), enemy, slider, occupied)
                        & Attacks.line(slider, front)
                        & ~scene.attacks(slider);
        if (beyond == 0) {
            return Optional.empty();
        }
        try {
            Position gone = Arrangement.of(position).without(front).toMove(enemy).position();
            List<Move> through =
                    gone.legalMoves().stream()
                            .filter(m -> m.from() == slider && Squares.has(beyond, m.to()))
                            .toList();
            return evaluator
                    .among(gone, through)
                    .filter(w -> isDecisive(gone, w))
                    .map(w -> pin(front, slider, w.move().to(), Pin.Kind.SQUARE, w.line()));
        } catch (InvalidPositionException e) {
            // The own king would stand in check: that is a pin to the king.
            return Optional.empty();
        }
    }

    private static boolean isDecisive(Position gone, Weighed weighed) {
        return weighed.mates() || LineGain.hundredths(gone, weighed.line()) >= BOUND;
    }

    // ---- Ways out -------------------------------------------------------------------------------

    private Pin pin(int pinned, int pinner, int behind, Pin.Kind kind, List<Move> punishment) {
        Pin bare = new Pin(pinned, pinner, behind, kind, punishment, List.of());
        List<Pin.WayOut> ways = new ArrayList<>();
        for (Candidate candidate : elimination.candidates()) {
            Optional<Boolean> works = candidate.holds();
            for (Pin.Way way : ways(bare, candidate.move(), works)) {
                boolean fails = works.isPresent() && !works.get();
                ways.add(
                        new Pin.WayOut(
                                candidate.move(),
                                way,
                                works,
                                fails ? candidate.reply() : List.of()));
            }
        }
        ways.sort((a, b) -> a.way().compareTo(b.way()));
        return new Pin(pinned, pinner, behind, kind, punishment, ways);
    }

    private Set<Pin.Way> ways(Pin pin, Move move, Optional<Boolean> works) {
        Set<Pin.Way> ways = EnumSet.noneOf(Pin.Way.class);
        Scene after = new Scene(position.play(move));
        if (move.to() == pin.pinner() && move.isCapture()) {
            return EnumSet.of(Pin.Way.CAPTURE_PINNER);
        }
        if (move.from() == pin.pinned()) {
            boolean leaves = !Squares.has(Attacks.line(pin.pinner(), pin.pinned()), move.to());
            if (leaves && after.position().inCheck()) {
                ways.add(Pin.Way.LEAVE_CHECK);
            } else if (leaves && threats.contains(move)) {
                ways.add(Pin.Way.LEAVE_THREAT);
            } else if (leaves && works.orElse(false)) {
                ways.add(Pin.Way.TACTIC);
            }
            return ways;
        }
        boolean king = scene.typeAt(move.from()) == PieceType.KING;
        if (move.from() == pin.behind() && pin.kind() != Pin.Kind.SQUARE) {
            ways.add(Pin.Way.MOVE_BEHIND);
        } else if (king && pin.kind() == Pin.Kind.SQUARE) {
            ways.add(Pin.Way.MOVE_BEHIND);
        }
        if (!king && Squares.has(Attacks.between(pin.pinner(), pin.behind()), move.to())) {
            ways.add(Pin.Way.INTERPOSE);
        }
        if (protects(pin, move, after)) {
            ways.add(Pin.Way.PROTECT);
        }
        if (attacks(pin, move, after)) {
            ways.add(Pin.Way.ATTACK_PINNER);
        }
        if (isPinned(after, pin.pinner()) && !isPinned(scene, pin.pinner())) {
            ways.add(Pin.Way.COUNTER_PIN);
        }
        return ways;
    }

    private boolean isPinned(Scene s, int square) {
        return pinFacts(s, side).stream().anyMatch(f -> f.squares().get(0) == square);
    }

    /** Comes to guard what would be lost: the man behind, the square, or the man that is held. */
    private boolean protects(Pin pin, Move move, Scene after) {
        int ward = pin.kind() == Pin.Kind.KING ? pin.pinned() : pin.behind();
        boolean stays = move.from() != ward && move.to() != ward;
        long before = guards(scene, pin, ward);
        long now = guards(after, pin, ward);
        boolean comes = Squares.has(now, move.to()) && !Squares.has(before, move.from());
        boolean opened = (now & ~before & ~(1L << move.to())) != 0;
        return stays && (comes || opened);
    }

    /** The man behind is reached through the one in front once that has gone. */
    private long guards(Scene s, Pin pin, int ward) {
        long occupied = s.occupied();
        if (ward != pin.pinned()) {
            occupied &= ~(1L << pin.pinned());
        }
        return s.board().attackersTo(ward, occupied) & s.men(side) & ~(1L << pin.pinned());
    }

    private boolean attacks(Pin pin, Move move, Scene after) {
        boolean comes =
                Squares.has(after.attacks(move.to()), pin.pinner())
                        && !Squares.has(scene.attacks(move.from()), pin.pinner());
        boolean held =
                after.position().pieceAt(pin.pinner()).filter(p -> p.side() == enemy).isPresent();
        return comes && held && LegalExchange.threatTo(after.board(), pin.pinner()) > 0;
    }
}

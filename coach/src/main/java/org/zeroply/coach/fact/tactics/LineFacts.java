package org.zeroply.coach.fact.tactics;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/**
 * What bishops, rooks and queens do along lines with exactly one man between: pins, skewers,
 * discoveries, batteries, x-rays.
 */
public final class LineFacts {

    /** The first rank of the other half, from 0. */
    private static final int ENEMY_HALF = 4;

    /** The sixth rank, from 0. */
    private static final int SIXTH = 5;

    private final Scene scene;
    private final Side side;
    private final Side enemy;
    private final List<Fact> facts = new ArrayList<>();

    private LineFacts(Scene scene, Side side) {
        this.scene = scene;
        this.side = side;
        enemy = side.other();
    }

    /** What a side's line pieces do. */
    public static List<Fact> of(Scene scene, Side side) {
        LineFacts finder = new LineFacts(scene, side);
        long sliders = scene.men(side, PieceType.BISHOP) | scene.majors(side);
        for (int slider : Squares.list(sliders)) {
            for (int front : Squares.list(scene.attacks(slider) & scene.occupied())) {
                finder.line(slider, front);
            }
        }
        return finder.facts;
    }

    private void line(int slider, int front) {
        long line = Attacks.line(slider, front);
        long occupied = scene.occupied() & ~(1L << front);
        PieceType type = scene.typeAt(slider);
        long beyond = Scene.attacksOf(type, side, slider, occupied) & line & ~scene.attacks(slider);
        int behind = Squares.first(beyond & occupied);
        if (scene.sideAt(front) == side) {
            own(slider, front, line, behind);
            return;
        }
        int told = facts.size();
        if ((beyond & occupied) != 0 && scene.sideAt(behind) == enemy) {
            enemies(slider, front, behind);
        } else if ((beyond & occupied) != 0) {
            xRay(slider, front, behind);
        }
        if (facts.size() == told && canLeave(slider, front)) {
            toSquare(slider, front, beyond & ~scene.men(side));
        }
    }

    /** A pin to a square: if the man left, the line piece would mate from beyond it. */
    private void toSquare(int slider, int front, long beyond) {
        PieceType type = scene.typeAt(slider);
        long occupied = scene.occupied() & ~(1L << front) & ~(1L << slider);
        int king = scene.king(enemy);
        List<Integer> nearestFirst = new ArrayList<>(Squares.list(front == king ? 0 : beyond));
        nearestFirst.sort(Comparator.comparingInt(square -> Math.abs(square - front)));
        for (int square : nearestFirst) {
            boolean checks = Squares.has(Scene.attacksOf(type, side, square, occupied), king);
            if (checks && mates(slider, front, square)) {
                String text =
                        CoachWords.of(
                                "fact.is-pinned-to-the-square",
                                scene.man(front),
                                Square.name(square),
                                scene.man(slider));
                facts.add(
                        Fact.of(FactKind.PIN, side, text, front, slider, square)
                                .trait("square", true)
                                .marked(Mark.Meaning.THREAT, slider, square)
                                .marked(Mark.Meaning.TARGET, front));
                return;
            }
        }
    }

    private boolean mates(int slider, int without, int square) {
        try {
            Position left =
                    Arrangement.of(scene.position()).without(without).toMove(side).position();
            return left.findMove(slider, square, Optional.empty())
                    .map(left::play)
                    .filter(Position::isCheckmate)
                    .isPresent();
        } catch (InvalidPositionException e) {
            // The other king would stand in check: that is a pin to the king, told elsewhere.
            return false;
        }
    }

    /** A pin, when the man behind is worth more; a skewer, when the one in front is. */
    private void enemies(int slider, int front, int behind) {
        int inFront = scene.valueAt(front);
        int atBack = scene.valueAt(behind);
        if (scene.typeAt(front) == PieceType.KING) {
            if (wins(slider, behind)) {
                add(
                        FactKind.SKEWER,
                        CoachWords.of("fact.check-and-behind-it"),
                        slider,
                        front,
                        behind,
                        "king");
            }
        } else if (scene.typeAt(behind) == PieceType.KING) {
            if (canLeave(slider, front)) {
                add(
                        FactKind.PIN,
                        CoachWords.of("fact.pinned-to-the-king"),
                        slider,
                        front,
                        behind,
                        "king");
            }
        } else if (atBack > inFront && wins(slider, behind)) {
            // A man that can take what pins it is not held by it.
            if (canLeave(slider, front) && !Squares.has(scene.attacks(front), slider)) {
                String words = CoachWords.of("fact.pinned-to-the", scene.typeAt(behind).word());
                add(FactKind.PIN, words, slider, front, behind, "piece");
            }
        } else if (inFront > atBack && isAttackedForGain(slider, front) && wins(slider, behind)) {
            add(
                    FactKind.SKEWER,
                    CoachWords.of("fact.has-to-leave"),
                    slider,
                    front,
                    behind,
                    "piece");
        }
    }

    private void add(FactKind kind, String words, int slider, int front, int behind, String what) {
        String text =
                kind == FactKind.PIN
                        ? CoachWords.of("fact.is-by", scene.man(front), words, scene.man(slider))
                        : CoachWords.of(
                                "fact.skewer-by-behind-it",
                                scene.man(slider),
                                scene.man(front),
                                scene.man(behind));
        facts.add(
                Fact.of(kind, side, text, front, slider, behind)
                        .trait(what, true)
                        .marked(Mark.Meaning.THREAT, slider, behind)
                        .marked(Mark.Meaning.TARGET, front));
    }

    /** A pawn is not held by what it can take, nor on its own file unless it could take. */
    private boolean canLeave(int slider, int front) {
        if (scene.typeAt(front) != PieceType.PAWN) {
            return true;
        }
        if (Squares.has(scene.attacks(front), slider)) {
            return false;
        }
        return Square.file(slider) != Square.file(front)
                || (scene.attacks(front) & scene.men(side)) != 0;
    }

    /** Whether taking a man that is worth less than a king would win something. */
    private boolean wins(int slider, int target) {
        boolean guarded = (scene.attackers(enemy, target)) != 0;
        return scene.valueAt(target) > scene.valueAt(slider)
                || !guarded && scene.typeAt(target) != PieceType.PAWN;
    }

    private boolean isAttackedForGain(int slider, int target) {
        return scene.valueAt(target) > scene.valueAt(slider) || scene.attackers(enemy, target) == 0;
    }

    /** Own man in front: a battery, or an attack that its move would discover. */
    private void own(int slider, int front, long line, int behind) {
        if (isBattery(slider, front)) {
            battery(slider, front, line);
            return;
        }
        if (behind > 63 || scene.sideAt(behind) == side || !canUncover(front, line)) {
            return;
        }
        if (scene.typeAt(behind) == PieceType.KING) {
            discovered(
                    FactKind.DISCOVERED_CHECK,
                    CoachWords.of("fact.discovered-check"),
                    slider,
                    front,
                    behind);
        } else if (wins(slider, behind)) {
            discovered(
                    FactKind.DISCOVERED_ATTACK,
                    CoachWords.of("fact.discovered-attack"),
                    slider,
                    front,
                    behind);
        }
    }

    private void discovered(FactKind kind, String name, int slider, int front, int behind) {
        String text =
                CoachWords.of(
                        "fact.when-moves-on",
                        name,
                        scene.man(front),
                        scene.man(slider),
                        scene.man(behind));
        facts.add(
                Fact.of(kind, side, text, front, slider, behind)
                        .marked(Mark.Meaning.THREAT, slider, behind)
                        .marked(Mark.Meaning.KEY, front));
    }

    /**
     * Told when the foremost of the two looks along the line into the enemy half, or both stand on
     * a rank of the enemy's.
     */
    private void battery(int rear, int front, long line) {
        int depth = Squares.rank(side, front);
        boolean onRank = Squares.rank(side, rear) == depth;
        long ahead = scene.attacks(front) & line & Squares.front(side, front);
        boolean aims = false;
        for (int square : Squares.list(ahead)) {
            aims |= Squares.rank(side, square) >= ENEMY_HALF;
        }
        // Of two abreast the one with the lower square tells.
        boolean told =
                onRank ? depth >= SIXTH && rear < front : Squares.rank(side, rear) < depth && aims;
        if (told) {
            String text = CoachWords.of("fact.battery-of-and", scene.man(rear), scene.man(front));
            Fact fact = Fact.ofSet(FactKind.BATTERY, side, text, 1L << rear | 1L << front);
            fact = fact.marked(Mark.Meaning.KEY, rear).marked(Mark.Meaning.KEY, front);
            int end = farthest(front, ahead);
            facts.add(end == front ? fact : fact.marked(Mark.Meaning.IDEA, front, end));
        }
    }

    private static int farthest(int from, long squares) {
        int end = from;
        for (int square : Squares.list(squares)) {
            end = Squares.distance(from, square) > Squares.distance(from, end) ? square : end;
        }
        return end;
    }

    /** Both move along the line, and at least one of them is a rook or queen. */
    private boolean isBattery(int slider, int front) {
        PieceType type = scene.typeAt(front);
        boolean diagonal =
                Square.file(slider) != Square.file(front)
                        && Square.rank(slider) != Square.rank(front);
        return type == PieceType.QUEEN || type == (diagonal ? PieceType.BISHOP : PieceType.ROOK);
    }

    /** Whether the man in front has a move that leaves the line and does not give up its king. */
    private boolean canUncover(int front, long line) {
        PieceType type = scene.typeAt(front);
        if (type != PieceType.KING && scene.isPinned(front)) {
            return false;
        }
        if (type != PieceType.PAWN) {
            return (scene.attacks(front) & ~line & ~scene.men(side)) != 0;
        }
        int stop = Squares.stop(side, front);
        boolean steps = !Squares.has(scene.occupied() | line, stop);
        return steps || (scene.attacks(front) & ~line & scene.men(enemy)) != 0;
    }

    /** Through an enemy man that attacks an own one, that own one is guarded. */
    private void xRay(int slider, int front, int behind) {
        if (Squares.has(scene.attacks(front), behind) && scene.typeAt(behind) != PieceType.KING) {
            String text =
                    CoachWords.of(
                            "fact.guards-through",
                            scene.man(slider),
                            scene.man(behind),
                            scene.man(front));
            facts.add(
                    Fact.of(FactKind.X_RAY, side, text, slider, front, behind)
                            .marked(Mark.Meaning.IDEA, slider, behind)
                            .marked(Mark.Meaning.TARGET, front));
        }
    }
}

package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.pieces.BishopFacts;
import org.zeroply.coach.texts.CoachWords;

/** What one move gives up and gains, item by item, from the facts before and after it. */
final class ConcessionFinder {

    /** Squares of one item that are told. */
    private static final int SQUARES = 3;

    /** The fourth rank, counted from 0. */
    private static final int FOURTH = 3;

    /** Weaknesses of pawns. */
    private static final Set<FactKind> WEAK_PAWNS =
            EnumSet.of(
                    FactKind.ISOLATED,
                    FactKind.DOUBLED,
                    FactKind.BACKWARD,
                    FactKind.HANGING_PAIR,
                    FactKind.BAD_BISHOP,
                    FactKind.WEAK_COLOUR);

    /** What is good for its side. */
    private static final Set<FactKind> ASSETS =
            EnumSet.of(
                    FactKind.PASSED,
                    FactKind.CANDIDATE_PASSED,
                    FactKind.OUTPOST,
                    FactKind.LONG_DIAGONAL);

    private final Position position;
    private final Move move;
    private final Scene before;
    private final Scene after;
    private final Side side;
    private final Side enemy;
    private final FactChange change;
    private final KingShelter shelter;

    ConcessionFinder(Position position, Move move, Position then) {
        this.position = position;
        this.move = move;
        before = new Scene(position);
        after = new Scene(then);
        side = position.sideToMove();
        enemy = side.other();
        change = Insight.change(position, then);
        shelter = new KingShelter(before, after, move, side);
    }

    List<String> gives() {
        List<String> gives = new ArrayList<>();
        boolean lost = hasPair(before, side) && !hasPair(after, side);
        if (lost && (hasPair(after, enemy) || !hasPair(before, enemy))) {
            gives.add(
                    CoachWords.of(
                            isOpening()
                                    ? "insight.the-bishop-pair-in-a"
                                    : "insight.the-bishop-pair"));
        }
        squares(side).ifPresent(s -> gives.add(CoachWords.of("insight.for-good", s)));
        shelter.lost(side).ifPresent(gives::add);
        shelter.hook().ifPresent(gives::add);
        if (losesCastling()) {
            gives.add(CoachWords.of("insight.the-right-to-castle"));
        }
        gives.addAll(weaknesses(side));
        gives.addAll(assets(enemy));
        tally(enemy).ifPresent(gives::add);
        return gives;
    }

    List<String> gains() {
        List<String> gains = new ArrayList<>();
        if (hasPair(before, enemy) && !hasPair(after, enemy) && hasPair(after, side)) {
            gains.add(CoachWords.of("insight.the-bishop-pair"));
        }
        squares(enemy)
                .ifPresent(s -> gains.add(CoachWords.of("insight.which-no-enemy-pawn-can", s)));
        shelter.lost(enemy).ifPresent(gains::add);
        files().ifPresent(gains::add);
        weaknesses(enemy).forEach(w -> gains.add(CoachWords.of("insight.the-enemys", w)));
        gains.addAll(assets(side));
        tally(side).ifPresent(gains::add);
        if (shelter.gainsAir()) {
            gains.add(CoachWords.of("insight.air-for-the-king"));
        }
        if (before.typeAt(move.from()) == PieceType.PAWN && !move.isCapture()) {
            byPawn(gains);
        }
        return gains;
    }

    /** What a pawn that steps on takes hold of. */
    private void byPawn(List<String> gains) {
        long hold = Squares.pawnAttacks(side, 1L << move.to()) & ~after.men(side);
        long anew = hold & ~before.byPawns(side);
        for (int square : Squares.list(anew | hold & Squares.CENTRE)) {
            long kept = before.attackers(enemy, square) & before.minors(enemy);
            boolean far = Squares.rank(side, square) >= Squares.rank(side, move.to()) + 1;
            if (Squares.has(Squares.CENTRE, square) && far) {
                gains.add(CoachWords.of("insight.a-hold-on", Square.name(square)));
            } else if (kept != 0 && Squares.rank(side, square) <= FOURTH) {
                gains.add(
                        CoachWords.of(
                                "insight.the-kept-from", before.men(kept), Square.name(square)));
            }
        }
        if (Squares.rank(side, move.to()) > FOURTH
                && Squares.has(Squares.CENTRE_FILES, move.to())
                && Squares.has(after.attackedBy(side), move.to())) {
            gains.add("space");
        }
    }

    private static boolean hasPair(Scene scene, Side whose) {
        long bishops = scene.men(whose, PieceType.BISHOP);
        return (bishops & Squares.LIGHT) != 0 && (bishops & ~Squares.LIGHT) != 0;
    }

    private static List<Fact> of(List<Fact> facts, FactKind kind, Side whose) {
        return facts.stream()
                .filter(f -> f.kind() == kind && f.side().equals(Optional.of(whose)))
                .toList();
    }

    /** Pawns can take each other in the middle. */
    private boolean isOpening() {
        long own = after.byPawns(side) & after.pawns(enemy);
        long theirs = after.byPawns(enemy) & after.pawns(side);
        return ((own | theirs) & Squares.CENTRE_FILES) != 0;
    }

    /** Squares in the middle, or beside the king, that no pawn can guard any more. */
    private Optional<String> squares(Side whose) {
        int king = after.king(whose);
        long near = Squares.filesAround(king);
        boolean home = Squares.rank(whose, king) <= 1;
        long told = Squares.CENTRE_FILES | (home && shelter.matters(whose) ? near : 0);
        long lost =
                Squares.set(
                        of(change.come(), FactKind.GIVEN_UP, whose).stream()
                                .flatMap(f -> f.squares().stream())
                                .toList());
        long camp = Squares.ofRank(whose, FOURTH - 1) | Squares.ofRank(whose, FOURTH);
        List<Integer> reached =
                Squares.list(lost & told & camp & ~after.pawns(whose) & reach(whose.other()));
        List<String> names = reached.stream().limit(SQUARES).map(Square::name).toList();
        return names.isEmpty() ? Optional.empty() : Optional.of(Squares.join(names));
    }

    /** Squares of the colours on which the side has a knight or a bishop, or attacks. */
    private long reach(Side attacker) {
        long colours = after.men(attacker, PieceType.KNIGHT) != 0 ? -1L : 0;
        for (int bishop : Squares.list(after.men(attacker, PieceType.BISHOP))) {
            colours |= Squares.colourOf(bishop);
        }
        return colours;
    }

    private boolean losesCastling() {
        return position.hasCastlingRight(side)
                && !after.position().hasCastlingRight(side)
                && !move.isCastling();
    }

    /** What of these kinds is new to a side, not the same thing told otherwise. */
    private Stream<Fact> fresh(Set<FactKind> kinds, Side whose) {
        return change.come().stream()
                .filter(f -> kinds.contains(f.kind()) && f.side().equals(Optional.of(whose)))
                .filter(f -> change.gone().stream().noneMatch(g -> isSame(g, f)));
    }

    /** New weaknesses of a side's pawns. */
    private List<String> weaknesses(Side whose) {
        return fresh(WEAK_PAWNS, whose)
                .filter(f -> f.kind() != FactKind.ISOLATED || !isDoubled(whose, f))
                .map(f -> f.text().replaceAll("[:,].*", ""))
                .toList();
    }

    /** Of doubled pawns that are isolated too the one word is enough. */
    private boolean isDoubled(Side whose, Fact isolated) {
        return of(change.come(), FactKind.DOUBLED, whose).stream()
                .anyMatch(d -> d.squares().contains(isolated.squares().get(0)));
    }

    /** The tally of long diagonals where a side rules one more, seen by who moves. */
    private Optional<String> tally(Side whose) {
        int was = ruled(BishopFacts.tally(before), whose);
        List<Fact> now = BishopFacts.tally(after);
        return ruled(now, whose) > was
                ? Optional.of(
                        CoachWords.of(
                                "insight.long-diagonals", ruled(now, side), ruled(now, enemy)))
                : Optional.empty();
    }

    private static int ruled(List<Fact> facts, Side whose) {
        return of(facts, FactKind.DIAGONAL_TALLY, whose).stream()
                .mapToInt(f -> f.figures().get("own"))
                .sum();
    }

    /** What is new among the things that are good for a side; of its outposts those held. */
    private List<String> assets(Side whose) {
        return fresh(ASSETS, whose)
                .filter(f -> f.kind() != FactKind.OUTPOST || f.traits().contains("occupied"))
                .map(
                        f ->
                                whose == enemy
                                        ? CoachWords.of(
                                                "insight.to-the-enemy",
                                                f.text().replaceAll(":.*", ""))
                                        : f.text().replaceAll(":.*", ""))
                .toList();
    }

    /** The same thing before the move: a pawn that has moved on counts as the same. */
    private boolean isSame(Fact gone, Fact come) {
        int square = come.squares().get(0);
        int was =
                square == move.to() && come.side().equals(Optional.of(side)) ? move.from() : square;
        return gone.kind() == come.kind()
                && gone.side().equals(come.side())
                && (gone.squares().get(0) == was
                        || gone.squares().get(0) == square
                        || gone.squares().equals(come.squares()));
    }

    /** A file that the side's rooks can use now, and whether the enemy king stands on it. */
    private Optional<String> files() {
        if (after.men(side, PieceType.ROOK) == 0) {
            return Optional.empty();
        }
        int king = after.king(enemy);
        for (int file = 0; file < 8; file++) {
            long squares = Squares.ofFile(file);
            boolean opened =
                    (squares & before.pawns(side)) != 0 && (squares & after.pawns(side)) == 0;
            if (opened) {
                boolean open = (squares & after.pawns(enemy)) == 0;
                boolean atKing =
                        Math.abs(file - Square.file(king)) <= 1 && Squares.rank(enemy, king) <= 1;
                return Optional.of(
                        CoachWords.of(
                                open ? "insight.the-open-file" : "insight.the-half-open-file",
                                (char) ('a' + file),
                                atKing
                                        ? CoachWords.of(
                                                "insight.against-the-king-on", Square.name(king))
                                        : ""));
            }
        }
        return Optional.empty();
    }
}

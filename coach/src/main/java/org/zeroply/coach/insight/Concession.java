package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Board;
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
import org.zeroply.engine.exchange.LegalExchange;

/**
 * What a move gives up for good or for long, and what it gains for it: a rule has its exceptions,
 * and only both together tell whether this is one. Nothing here is searched.
 *
 * @param side who moves
 * @param gives what is given up, in words
 * @param gains what is gained, in words
 */
public record Concession(Side side, List<String> gives, List<String> gains) {

    /** Items of each kind that are told, and squares of one item. */
    private static final int TOLD = 4;

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

    public Concession {
        gives = List.copyOf(gives);
        gains = List.copyOf(gains);
    }

    /** What a legal move gives up and gains; empty when it gives up nothing. */
    public static Optional<Concession> of(Position position, Move move) {
        if (move.isNull()) {
            return Optional.empty();
        }
        List<String> gives = null;
        List<String> gains = null;
        for (Position end : ends(position, move)) {
            Finder finder = new Finder(position, move, end);
            gives = common(gives, finder.gives());
            gains = common(gains, finder.gains());
        }
        return gives == null || gives.isEmpty()
                ? Optional.empty()
                : Optional.of(new Concession(position.sideToMove(), first(gives), first(gains)));
    }

    /**
     * Where the move leads: after a capture, to the positions after each way to take back that
     * loses nothing.
     */
    private static List<Position> ends(Position position, Move move) {
        Position after = position.play(move);
        Board board = after.toBoard();
        List<Position> taken =
                after.legalMoves().stream()
                        .filter(m -> move.isCapture() && m.to() == move.to() && m.isCapture())
                        .filter(m -> LegalExchange.of(board, m.packed()) > 0)
                        .map(after::play)
                        .toList();
        return taken.isEmpty() ? List.of(after) : taken;
    }

    private static List<String> common(List<String> so, List<String> far) {
        return so == null ? far : so.stream().filter(far::contains).toList();
    }

    private static List<String> first(List<String> items) {
        return items.subList(0, Math.min(TOLD, items.size()));
    }

    /** The concession as a fact of the side that moves. */
    public Fact fact(Move move) {
        String gained = gains.isEmpty() ? "nothing lasting" : Squares.join(gains);
        String text = "gives up " + Squares.join(gives) + "; gains " + gained;
        return Fact.of(FactKind.CONCESSION, side, text, move.from(), move.to())
                .with("gives", gives.size())
                .with("gains", gains.size());
    }

    private static final class Finder {

        private final Position position;
        private final Move move;
        private final Scene before;
        private final Scene after;
        private final Side side;
        private final Side enemy;
        private final FactChange change;

        Finder(Position position, Move move, Position then) {
            this.position = position;
            this.move = move;
            before = new Scene(position);
            after = new Scene(then);
            side = position.sideToMove();
            enemy = side.other();
            change = Insight.change(position, then);
        }

        List<String> gives() {
            List<String> gives = new ArrayList<>();
            if (hasPair(before, side) && !hasPair(after, side) && hasPair(after, enemy)
                    || gone(FactKind.BISHOP_PAIR, side)) {
                gives.add("the bishop pair" + (isOpening() ? " in a position about to open" : ""));
            }
            squares(side).ifPresent(s -> gives.add(s + " for good"));
            cover(side).ifPresent(gives::add);
            hook().ifPresent(gives::add);
            if (losesCastling()) {
                gives.add("the right to castle");
            }
            gives.addAll(weaknesses(side));
            gives.addAll(assets(enemy));
            tally(enemy).ifPresent(gives::add);
            return gives;
        }

        List<String> gains() {
            List<String> gains = new ArrayList<>();
            if (hasPair(before, enemy) && !hasPair(after, enemy) && hasPair(after, side)) {
                gains.add("the bishop pair");
            }
            squares(enemy).ifPresent(s -> gains.add(s + ", which no enemy pawn can guard again"));
            cover(enemy).ifPresent(gains::add);
            files().ifPresent(gains::add);
            weaknesses(enemy).forEach(w -> gains.add("the enemy's " + w));
            gains.addAll(assets(side));
            tally(side).ifPresent(gains::add);
            if (!hasAir(before) && hasAir(after) && hasMajors(enemy)) {
                gains.add("air for the king");
            }
            if (before.typeAt(move.from()) == PieceType.PAWN && !move.isCapture()) {
                byPawn(gains);
            }
            return gains;
        }

        /** Whether the king has a square off its first rank; one in the open needs none. */
        private boolean hasAir(Scene scene) {
            long first = Squares.ofRank(side, 0);
            return !Squares.has(first, scene.king(side)) || (scene.flights(side) & ~first) != 0;
        }

        /** What a pawn that steps on takes hold of. */
        private void byPawn(List<String> gains) {
            long hold = Squares.pawnAttacks(side, 1L << move.to()) & ~after.men(side);
            long anew = hold & ~before.byPawns(side);
            for (int square : Squares.list(anew | hold & Squares.CENTRE)) {
                long kept = before.attackers(enemy, square) & before.minors(enemy);
                boolean far = Squares.rank(side, square) >= Squares.rank(side, move.to()) + 1;
                if (Squares.has(Squares.CENTRE, square) && far) {
                    gains.add("a hold on " + Square.name(square));
                } else if (kept != 0 && Squares.rank(side, square) <= FOURTH) {
                    gains.add("the " + before.men(kept) + " kept from " + Square.name(square));
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

        private boolean gone(FactKind kind, Side whose) {
            return of(change.gone(), kind, whose).size() > of(change.come(), kind, whose).size();
        }

        private static List<Fact> of(List<Fact> facts, FactKind kind, Side whose) {
            return facts.stream()
                    .filter(f -> f.kind() == kind && f.side().equals(Optional.of(whose)))
                    .toList();
        }

        /** Pawns can take each other in the middle, or the middle is free of fixed pawns. */
        private boolean isOpening() {
            Scene then = after;
            long tension =
                    Squares.pawnAttacks(side, then.pawns(side)) & then.pawns(enemy)
                            | Squares.pawnAttacks(enemy, then.pawns(enemy)) & then.pawns(side);
            return (tension & Squares.CENTRE_FILES) != 0;
        }

        /** Squares in the middle, or beside the king, that no pawn can guard any more. */
        private Optional<String> squares(Side whose) {
            int king = after.king(whose);
            long near = Squares.file(king) | Squares.besideFiles(king);
            boolean home = Squares.rank(whose, king) <= 1;
            long told = Squares.CENTRE_FILES | (home && hasMajors(whose.other()) ? near : 0);
            long lost =
                    of(change.come(), FactKind.GIVEN_UP, whose).stream()
                            .flatMap(f -> f.squares().stream())
                            .mapToLong(s -> 1L << s)
                            .reduce(0, (a, b) -> a | b);
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

        private boolean hasMajors(Side whose) {
            return after.men(whose, PieceType.QUEEN) != 0 || Long.bitCount(after.majors(whose)) > 1;
        }

        /** A pawn leaves the cover of a castled king while the other side has majors. */
        private Optional<String> cover(Side whose) {
            int king = before.king(whose);
            boolean castled = Square.file(king) <= 2 || Square.file(king) >= 6;
            if (!castled || king != after.king(whose) || !hasMajors(whose.other())) {
                return Optional.empty();
            }
            long cover = cover(before, whose, king) & ~cover(after, whose, king);
            boolean advanced = cover(after, whose, king) != 0 && sameCount(whose, king);
            return cover == 0 || advanced
                    ? Optional.empty()
                    : Optional.of(
                            "the cover of "
                                    + (whose == side ? "its" : "the enemy's")
                                    + " king on "
                                    + Square.name(Squares.first(cover)));
        }

        private boolean sameCount(Side whose, int king) {
            return Long.bitCount(cover(before, whose, king))
                    == Long.bitCount(cover(after, whose, king));
        }

        private static long cover(Scene scene, Side side, int king) {
            long files = Squares.file(king) | Squares.besideFiles(king);
            long ranks = Squares.ofRank(side, 1) | Squares.ofRank(side, 2);
            return scene.pawns(side) & files & ranks & Squares.front(side, king);
        }

        /**
         * A pawn before the castled king goes one step: once its neighbour moves too, no pawn
         * guards it.
         */
        private Optional<String> hook() {
            int king = after.king(side);
            boolean castled = Square.file(king) <= 2 || Square.file(king) >= 6;
            boolean step =
                    before.typeAt(move.from()) == PieceType.PAWN
                            && !move.isCapture()
                            && Squares.rank(side, move.to()) == 2
                            && Squares.rank(side, king) == 0
                            && Math.abs(Square.file(move.to()) - Square.file(king)) <= 1;
            long guards = Squares.pawnAttacks(enemy, 1L << move.to()) & after.pawns(side);
            if (!castled || !step || Long.bitCount(guards) != 1 || !hasMajors(enemy)) {
                return Optional.empty();
            }
            int neighbour = Squares.first(guards);
            return Optional.of(
                    "the move "
                            + Square.name(Squares.stop(side, neighbour))
                            + " without loosening "
                            + Square.name(move.to()));
        }

        private boolean losesCastling() {
            return position.hasCastlingRight(side)
                    && !after.position().hasCastlingRight(side)
                    && !move.isCastling();
        }

        /** Weaknesses that are new, not the same ones told otherwise. */
        private List<String> weaknesses(Side whose) {
            return change.come().stream()
                    .filter(f -> WEAK_PAWNS.contains(f.kind()))
                    .filter(f -> f.side().equals(Optional.of(whose)))
                    .filter(f -> change.gone().stream().noneMatch(g -> isSame(g, f)))
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
                    ? Optional.of("long diagonals " + ruled(now, side) + "-" + ruled(now, enemy))
                    : Optional.empty();
        }

        private static int ruled(List<Fact> facts, Side whose) {
            return of(facts, FactKind.DIAGONAL_TALLY, whose).stream()
                    .mapToInt(f -> f.figures().get("own"))
                    .sum();
        }

        /** What is new among the things that are good for a side; of its outposts those held. */
        private List<String> assets(Side whose) {
            return change.come().stream()
                    .filter(f -> ASSETS.contains(f.kind()))
                    .filter(f -> f.side().equals(Optional.of(whose)))
                    .filter(f -> f.kind() != FactKind.OUTPOST || f.traits().contains("occupied"))
                    .filter(f -> change.gone().stream().noneMatch(g -> isSame(g, f)))
                    .map(
                            f ->
                                    (whose == enemy ? "to the enemy " : "")
                                            + f.text().replaceAll(":.*", ""))
                    .toList();
        }

        /** The same thing before the move: a pawn that has moved on counts as the same. */
        private boolean isSame(Fact gone, Fact come) {
            int square = come.squares().get(0);
            int was =
                    square == move.to() && come.side().equals(Optional.of(side))
                            ? move.from()
                            : square;
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
                            Math.abs(file - Square.file(king)) <= 1
                                    && Squares.rank(enemy, king) <= 1;
                    return Optional.of(
                            "the "
                                    + (open ? "open " : "half-open ")
                                    + (char) ('a' + file)
                                    + "-file"
                                    + (atKing ? " against the king on " + Square.name(king) : ""));
                }
            }
            return Optional.empty();
        }
    }
}

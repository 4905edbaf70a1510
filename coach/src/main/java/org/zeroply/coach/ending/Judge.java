package org.zeroply.coach.ending;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Squares;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;

/**
 * What a promotion leads to, for the side to move after it. Known exactly: a new queen or rook that
 * cannot be taken against a king without pawns wins; up to four men, where the tables are at hand.
 * All else is judged, if at all, by a rule of thumb and short searches.
 */
final class Judge {

    /** Not known. */
    static final int UNKNOWN = Integer.MIN_VALUE;

    /** A won promotion ends a line; mate comes some moves later. */
    private static final int LOST = Plies.lossIn(0);

    /** Stands for a win; {@code 0} for a draw. */
    private static final int WON = 1;

    /**
     * Nodes of a look at a position that no table knows; a drawing looks at hundreds. Our choice.
     */
    private static final long NODES = 700;

    /** So many such looks for one drawing, which takes seconds then: our choice. */
    private static final int MOST_SEARCHES = 2_500;

    /** Centipawns from which on a short search counts as decisive, and up to which as a draw. */
    private static final int DECISIVE = 450;

    /** Centipawns within which such a look is taken for a draw: our choice. */
    private static final int LEVEL = 15;

    /**
     * The same while a pawn of files a, c, f or h is about to promote, which may draw against a
     * queen: the pawn must have been won as well.
     */
    private static final int WITHOUT_RUNNER = 950;

    /** So many moves from its goal a king counts as too late: our choice. */
    private static final int SLOW = 3;

    /** With more pawns nothing is said about them by counting: our choice. */
    private static final int FEW = 3;

    /** So many squares from the goal a king still disturbs: our choice. */
    private static final int NEAR = 2;

    private static final long STALEMATING_FILES =
            Squares.ofFile(0) | Squares.ofFile(2) | Squares.ofFile(5) | Squares.ofFile(7);

    private final Optional<Engine> engine;
    private final Endings tables;
    private final Cancellation cancellation;
    private final Map<Key, Integer> searched = new HashMap<>();
    private boolean mayGuess;

    /**
     * @param engine for short searches; without one nothing must be guessed
     */
    Judge(Optional<Engine> engine, Endings tables, Cancellation cancellation) {
        this.engine = engine;
        this.tables = tables;
        this.cancellation = cancellation;
    }

    /** Whether the rule of thumb and searches may be used. */
    void mayGuess(boolean may) {
        mayGuess = may;
    }

    /**
     * The result for the side to move once a new piece stands on the board, not counting that it
     * could be taken at once.
     *
     * @param pawns the pawns left
     * @param side the side that promoted, 0 or 1
     * @param type queen or rook
     * @param at where the new piece stands
     */
    int promoted(Pawns pawns, int side, PieceType type, int at, int white, int black) {
        int own = side == 0 ? white : black;
        int enemy = side == 0 ? black : white;
        long occupied = pawns.all() | 1L << own | 1L << at;
        long attacks =
                Attacks.of(type.ordinal(), at, occupied)
                        | Attacks.king(own)
                        | Squares.pawnAttacks(Side.of(side), pawns.of(side));
        boolean check = Squares.has(attacks, enemy);
        long free = Attacks.king(enemy) & ~attacks & ~pawns.of(1 - side) & ~(1L << at);
        long theirs = pawns.of(1 - side);
        if (free == 0 && !hasPawnMove(theirs, 1 - side, occupied | 1L << enemy)) {
            boolean takes = Squares.has(Attacks.king(enemy), at) && !guards(pawns, side, own, at);
            if (!takes) {
                return check ? LOST : 0;
            }
        }
        if (theirs == 0 && (type == PieceType.QUEEN || type == PieceType.ROOK)) {
            return LOST;
        }
        if (pawns.count() <= 1 && tables.mostMen() >= 4) {
            return probe(pawns, side, type, at, white, black);
        }
        return mayGuess ? guess(pawns, side, type, at, white, black) : UNKNOWN;
    }

    /** Whether a new piece is guarded by its own king or a pawn. */
    static boolean guards(Pawns pawns, int side, int king, int at) {
        return Squares.has(
                Attacks.king(king) | Squares.pawnAttacks(Side.of(side), pawns.of(side)), at);
    }

    private static boolean hasPawnMove(long pawns, int side, long occupied) {
        int forward = side == 0 ? 8 : -8;
        for (int square : Squares.list(pawns)) {
            if (!Squares.has(occupied, square + forward)) {
                return true;
            }
        }
        return false;
    }

    private int probe(Pawns pawns, int side, PieceType type, int at, int white, int black) {
        int value = tables.probe(new Key(pawns, side, type, at, white, black).men().board());
        return value == Endings.UNKNOWN ? UNKNOWN : value == 0 ? 0 : value < 0 ? LOST : WON;
    }

    private int guess(Pawns pawns, int side, PieceType type, int at, int white, int black) {
        if (type != PieceType.QUEEN) {
            // Nobody should rely on what a lesser piece does among pawns.
            return 0;
        }
        if (isBeaten(pawns.of(1 - side), 1 - side, side == 0 ? black : white)) {
            return LOST;
        }
        Key key = new Key(pawns, side, type, at, white, black);
        Integer known = searched.get(key);
        if (known != null) {
            return known;
        }
        if (searched.size() >= MOST_SEARCHES || cancellation.isCancelled()) {
            return UNKNOWN;
        }
        int value = search(key.men().position(), isRunner(pawns) ? WITHOUT_RUNNER : DECISIVE);
        searched.put(key, value);
        return value;
    }

    /**
     * A rule of thumb: a queen beats up to three pawns that all need three moves or more; and those
     * that need two, unless a pawn of files a, c, f or h has its king near its goal.
     */
    private static boolean isBeaten(long pawns, int side, int king) {
        if (Long.bitCount(pawns) > FEW) {
            return false;
        }
        for (int square : Squares.list(pawns)) {
            int moves = 7 - Squares.rank(Side.of(side), square);
            int goal = Square.at(Square.file(square), side == 0 ? 7 : 0);
            boolean stalemates = Squares.has(STALEMATING_FILES, square);
            boolean slow =
                    moves >= SLOW
                            || moves == SLOW - 1
                                    && !(stalemates && Squares.distance(king, goal) <= NEAR);
            if (!slow) {
                return false;
            }
        }
        return true;
    }

    /** Whether a pawn of the files that draw against a queen is one move from promotion. */
    private static boolean isRunner(Pawns pawns) {
        long seventh =
                pawns.white() & Squares.ofRank(Side.WHITE, 6)
                        | pawns.black() & Squares.ofRank(Side.BLACK, 6);
        return (seventh & STALEMATING_FILES) != 0;
    }

    private int search(Position position, int decisive) {
        return engine.orElseThrow()
                .analyse(AnalysisRequest.of(position, Limits.nodes(NODES)), a -> {}, cancellation)
                .best()
                .map(
                        best -> {
                            int score = best.score().ordinal();
                            return score <= -decisive
                                    ? LOST
                                    : score >= decisive
                                            ? WON
                                            : Math.abs(score) <= LEVEL ? 0 : UNKNOWN;
                        })
                .orElse(UNKNOWN);
    }

    /** A position after a promotion. */
    private record Key(Pawns pawns, int side, PieceType type, int at, int white, int black) {

        Arrangement men() {
            Arrangement men =
                    Arrangement.empty()
                            .with(new Piece(Side.WHITE, PieceType.KING), white)
                            .with(new Piece(Side.BLACK, PieceType.KING), black)
                            .with(new Piece(Side.of(side), type), at);
            for (Side owner : Side.values()) {
                for (int square : Squares.list(pawns.of(owner.ordinal()))) {
                    men.with(new Piece(owner, PieceType.PAWN), square);
                }
            }
            return men.toMove(Side.of(1 - side));
        }
    }
}

package org.zeroply.coach.training.ladder;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.texts.CoachWords;

/**
 * Makes questions out of a real line: rung by rung the position to imagine lies a ply farther from
 * the one on the board.
 */
public final class Ladder {

    /** Plies of the lowest rung. */
    private static final int LOWEST = 1;

    private final Position start;
    private final List<Move> line;
    private final Random random;

    /**
     * @param line legal moves from the start; questions go up to its end
     * @param random chooses what is asked
     */
    public Ladder(Position start, List<Move> line, Random random) {
        this.start = start;
        this.line = List.copyOf(line);
        this.random = random;
    }

    /** A question for every ply of the line, the nearest first. */
    public List<Rung> rungs() {
        List<Rung> rungs = new ArrayList<>();
        for (int plies = LOWEST; plies <= line.size(); plies++) {
            rungs.add(rung(plies));
        }
        return rungs;
    }

    private Rung rung(int plies) {
        List<Move> moves = line.subList(0, plies);
        Position end = start.play(moves);
        List<Rung> possible = new ArrayList<>();
        possible.add(where(moves));
        possible.add(checks(moves, end));
        attacked(moves, end).ifPresent(possible::add);
        possible.add(loose(moves, end));
        Collections.shuffle(possible, random);
        return possible.get(0);
    }

    /** Where a man of the start stands at the end; those that move are asked for most. */
    private Rung where(List<Move> moves) {
        List<Integer> candidates = new ArrayList<>();
        for (int i = 0; i < moves.size(); i++) {
            int from = origin(moves, i);
            candidates.add(from);
            Optional<Integer> taken = takenOrigin(moves, i);
            taken.ifPresent(candidates::add);
        }
        int asked = candidates.get(random.nextInt(candidates.size()));
        Piece man = start.pieceAt(asked).orElseThrow();
        int at = follow(moves, asked, moves.size());
        String name = CoachWords.of("training.that-stands-on-now", name(man), Square.name(asked));
        return new Rung(
                start,
                moves,
                Rung.Kind.WHERE,
                CoachWords.of("training.where-is-the-a-square", name),
                Set.of(at < 0 ? "taken" : Square.name(at)));
    }

    private static String name(Piece man) {
        return CoachWords.of(
                man.side() == Side.WHITE ? "training.white" : "training.black", man.type().word());
    }

    /** The square of the start from which the man comes that makes a move of the line. */
    private int origin(List<Move> moves, int index) {
        return back(moves, index, moves.get(index).from());
    }

    /** The square of the start from which the man comes that a move takes, if it takes one. */
    private Optional<Integer> takenOrigin(List<Move> moves, int index) {
        Move move = moves.get(index);
        Position before = start;
        for (Move m : moves.subList(0, index)) {
            before = before.play(m);
        }
        return move.isCapture() && before.pieceAt(move.to()).isPresent()
                ? Optional.of(back(moves, index, move.to()))
                : Optional.empty();
    }

    private static int back(List<Move> moves, int index, int square) {
        int at = square;
        for (int i = index - 1; i >= 0; i--) {
            at = cameFrom(moves.get(i), at);
        }
        return at;
    }

    private static int cameFrom(Move move, int square) {
        if (move.to() == square) {
            return move.from();
        }
        boolean rook = move.isCastling() && square == rookTo(move);
        return rook ? rookFrom(move) : square;
    }

    /** Where a man of the start is after some moves; -1 when it was taken. */
    private int follow(List<Move> moves, int square, int plies) {
        int at = square;
        Position p = start;
        for (Move move : moves.subList(0, plies)) {
            if (move.from() == at) {
                at = move.to();
            } else if (move.isCastling() && rookFrom(move) == at) {
                at = rookTo(move);
            } else if (captured(p, move) == at) {
                return -1;
            }
            p = p.play(move);
        }
        return at;
    }

    private static int captured(Position before, Move move) {
        if (!move.isCapture()) {
            return -1;
        }
        boolean there = before.pieceAt(move.to()).isPresent();
        return there ? move.to() : move.to() ^ 8;
    }

    private static int rookFrom(Move castling) {
        return castling.to() > castling.from() ? castling.to() + 1 : castling.to() - 2;
    }

    private static int rookTo(Move castling) {
        return castling.to() > castling.from() ? castling.to() - 1 : castling.to() + 1;
    }

    private Rung checks(List<Move> moves, Position end) {
        long count = end.legalMoves().stream().filter(m -> end.play(m).inCheck()).count();
        return new Rung(
                start,
                moves,
                Rung.Kind.CHECKS,
                CoachWords.of("training.how-many-moves-that-give", end.sideToMove().word()),
                Set.of(String.valueOf(count)));
    }

    /** What the man that moved last attacks. */
    private Optional<Rung> attacked(List<Move> moves, Position end) {
        int at = moves.get(moves.size() - 1).to();
        Board board = end.toBoard();
        Piece man = end.pieceAt(at).orElseThrow();
        if (man.type() == PieceType.KING) {
            return Optional.empty();
        }
        long reach =
                man.type() == PieceType.PAWN
                        ? Attacks.pawn(man.side().ordinal(), at)
                        : Attacks.of(man.type().ordinal(), at, board.occupied());
        Set<String> squares = squares(reach & board.pieces(man.side().other().ordinal()));
        return Optional.of(
                new Rung(
                        start,
                        moves,
                        Rung.Kind.ATTACKED,
                        CoachWords.of("training.on-which-squares-does-the", name(man)),
                        squares));
    }

    /** Which of the other side's pieces nobody guards. */
    private Rung loose(List<Move> moves, Position end) {
        Side owner = end.sideToMove().other();
        Board board = end.toBoard();
        long loose = 0;
        for (int square = 0; square < 64; square++) {
            Optional<Piece> man = end.pieceAt(square).filter(m -> m.side() == owner);
            boolean piece =
                    man.filter(m -> m.type() != PieceType.KING && m.type() != PieceType.PAWN)
                            .isPresent();
            if (piece && !board.isAttacked(square, owner.ordinal(), board.occupied())) {
                loose |= 1L << square;
            }
        }
        return new Rung(
                start,
                moves,
                Rung.Kind.LOOSE,
                CoachWords.of("training.on-which-squares-does-have", owner.word()),
                squares(loose));
    }

    private static Set<String> squares(long set) {
        Set<String> names = new TreeSet<>();
        for (long rest = set; rest != 0; rest &= rest - 1) {
            names.add(Square.name(Long.numberOfTrailingZeros(rest)));
        }
        return names.isEmpty() ? Set.of(Rung.NONE) : names;
    }
}

package org.zeroply.coach.defence.elimination;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.coach.defence.threat.ThreatLines;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.tactics.LineGain;

/** Tells in which ways a move meets the threat. */
final class KindFinder {

    /** Hundredths of a point that a counter-threat must win. */
    private static final int COUNTER = 200;

    private final Position position;
    private final Optional<Threat> threat;
    private final ThreatLines lines;
    private final MoveEvaluator evaluator;

    /** Where the king can go to before any move. */
    private final long flights;

    /**
     * @param evaluator asked for counter-threats; few nodes are enough
     */
    KindFinder(Position position, Optional<Threat> threat, MoveEvaluator evaluator) {
        this.position = position;
        this.threat = threat;
        this.evaluator = evaluator;
        lines = ThreatLines.of(position, threat);
        flights = flights(position);
    }

    /** The ways of a move, in the order of their names. */
    List<DefenceKind> of(Weighed weighed) {
        Move move = weighed.move();
        Piece man = position.pieceAt(move.from()).orElseThrow();
        Position after = position.play(move);
        Set<DefenceKind> kinds = EnumSet.noneOf(DefenceKind.class);
        boolean captures = move.isCapture() && Squares.has(lines.attackers(), taken(move));
        if (captures) {
            kinds.add(DefenceKind.CAPTURE);
        } else if (lines.blocks(man, move.to())) {
            boolean pawn = man.type() == PieceType.PAWN;
            kinds.add(pawn ? DefenceKind.BLOCK_PAWN : DefenceKind.BLOCK_PIECE);
        }
        guard(move, man, after).ifPresent(kinds::add);
        if (isPinned(after, move)) {
            kinds.add(DefenceKind.PIN);
        }
        if (deflects(weighed)) {
            kinds.add(DefenceKind.DEFLECT);
        }
        boolean king = man.type() == PieceType.KING;
        if (lines.mate() && !king && (flights(after) & ~flights) != 0) {
            kinds.add(DefenceKind.MAKE_ROOM);
        }
        if (lines.mate() && king || Squares.has(lines.struck(), move.from())) {
            kinds.add(DefenceKind.MOVE_TARGET);
        }
        if (after.inCheck()) {
            kinds.add(DefenceKind.CHECK);
        } else if (!isTaken(weighed) && isCounterThreat(after)) {
            kinds.add(DefenceKind.COUNTER_THREAT);
        }
        return List.copyOf(kinds);
    }

    private int taken(Move move) {
        boolean passing = Move.kind(move.packed()) == Move.EN_PASSANT;
        return passing ? Square.at(Square.file(move.to()), Square.rank(move.from())) : move.to();
    }

    /** A man that comes to bear on a square that matters. */
    private Optional<DefenceKind> guard(Move move, Piece man, Position after) {
        if (man.type() == PieceType.KING && !move.isCastling()) {
            return Optional.empty();
        }
        Side side = position.sideToMove();
        boolean through = false;
        for (int target : Squares.list(lines.targets() | lines.struck())) {
            if (target == move.to() || target == move.from()) {
                continue;
            }
            if (isNew(move, target, after, side, false)) {
                return Optional.of(DefenceKind.GUARD);
            }
            through |= isNew(move, target, after, side, true);
        }
        return through ? Optional.of(DefenceKind.GUARD_THROUGH) : Optional.empty();
    }

    private boolean isNew(Move move, int target, Position after, Side side, boolean through) {
        long before = lines.guards(position, side, target, through);
        long now = lines.guards(after, side, target, through);
        boolean guarded = Squares.has(before, move.from());
        long stayed = before & ~(1L << move.from());
        return (now & ~stayed) != 0 && !guarded;
    }

    /** The threatened move is no longer legal, though its man stands there and its way is free. */
    private boolean isPinned(Position after, Move move) {
        if (threat.isEmpty() || after.inCheck()) {
            return false;
        }
        Move meant = threat.get().move();
        Board board = after.toBoard();
        boolean there =
                move.to() != meant.from()
                        && after.pieceAt(meant.from())
                                .filter(p -> p.side() == after.sideToMove())
                                .isPresent();
        boolean free = (Attacks.between(meant.from(), meant.to()) & board.occupied()) == 0;
        boolean legal = after.findMove(meant.from(), meant.to(), meant.promotion()).isPresent();
        boolean king = meant.from() == board.kingSquare(board.sideToMove());
        boolean pawn = board.typeAt(meant.from()) == 0;
        return there && free && !legal && !king && !pawn;
    }

    /** The attacker takes what is offered to it. */
    private boolean deflects(Weighed weighed) {
        if (weighed.line().size() < 2) {
            return false;
        }
        Move reply = weighed.line().get(1);
        return Squares.has(lines.attackers(), reply.from())
                && reply.isCapture()
                && reply.to() == weighed.move().to();
    }

    /** A man that is simply taken threatens nothing. */
    private static boolean isTaken(Weighed weighed) {
        return weighed.line().size() > 1 && weighed.line().get(1).to() == weighed.move().to();
    }

    /** Squares the king of the side that defends could step to, whoever is to move. */
    private long flights(Position p) {
        return new Scene(p).flights(position.sideToMove());
    }

    /** If the other side now passed, something would be won that is not there to be won yet. */
    private boolean isCounterThreat(Position after) {
        Position again = after.play(Move.NULL);
        Optional<Weighed> best = evaluator.among(again, again.legalMoves());
        if (best.isEmpty()) {
            return false;
        }
        Weighed blow = best.get();
        if (blow.mates()) {
            return true;
        }
        boolean wins = LineGain.hundredths(again, blow.line()) >= COUNTER;
        boolean already =
                position.isLegal(blow.move())
                        && LineGain.hundredths(position, List.of(blow.move())) >= COUNTER;
        return wins && !already;
    }
}

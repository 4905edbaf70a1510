package org.zeroply.coach.defence.threat;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;

/**
 * Where a threat, or a check, can be met: who attacks, on which squares it strikes, and over which
 * squares it passes.
 *
 * @param attackers the men that carry it out
 * @param targets the squares that matter: where the attackers strike
 * @param paths the squares between, on which a man blocks
 * @param struck own men that would be taken
 * @param mate whether the king is the target
 */
public record ThreatLines(long attackers, long targets, long paths, long struck, boolean mate) {

    public static final ThreatLines NONE = new ThreatLines(0, 0, 0, 0, false);

    /** Moves of the attacking side that are looked at. */
    private static final int MOVES = 3;

    /** Where the threat, or the check that stands on the board, can be met. */
    public static ThreatLines of(Position position, Optional<Threat> threat) {
        if (position.inCheck()) {
            return ofCheck(position);
        }
        return threat.map(t -> of(position, t)).orElse(NONE);
    }

    private static ThreatLines ofCheck(Position position) {
        Board board = position.toBoard();
        int king = board.kingSquare(board.sideToMove());
        long checkers = board.checkers();
        long paths = 0;
        for (int checker : Squares.list(checkers)) {
            paths |= Attacks.between(checker, king);
        }
        return new ThreatLines(checkers, 0, paths, 0, true);
    }

    private static ThreatLines of(Position position, Threat threat) {
        boolean mate = threat.kind() == Threat.Kind.MATE;
        long attackers = 1L << threat.move().from();
        long targets = 0;
        long paths = 0;
        long struck = 0;
        List<Move> line = threat.line();
        Position now = threat.from();
        long moved = 0;
        for (int i = 0; i < line.size(); i++) {
            Move move = line.get(i);
            if (i % 2 == 0 && i < 2 * MOVES) {
                boolean first = !Squares.has(moved, move.from());
                boolean takes = Squares.has(men(position), move.to()) && move.isCapture();
                if (mate || i == 0 || takes) {
                    targets |= 1L << move.to();
                    paths |= Attacks.between(move.from(), move.to());
                    attackers |= first && mate ? 1L << move.from() : 0;
                }
                struck |= takes ? 1L << move.to() : 0;
                moved |= 1L << move.to();
            }
            now = now.play(move);
        }
        if (mate && now.isCheckmate()) {
            Board board = now.toBoard();
            int king = board.kingSquare(board.sideToMove());
            for (int checker : Squares.list(board.checkers())) {
                paths |= Attacks.between(checker, king);
            }
            // Whoever guards the man that mates takes part.
            int last = line.get(line.size() - 1).to();
            long support = line.size() == 1 ? support(threat.from(), last) : 0;
            for (int helper : Squares.list(support)) {
                paths |= Attacks.between(helper, last);
            }
            attackers |= support;
        }
        long unseen = ~men(position);
        return new ThreatLines(attackers, targets, paths & unseen, struck, mate);
    }

    private static long support(Position from, int square) {
        return new Scene(from).attackers(from.sideToMove(), square);
    }

    private static long men(Position position) {
        return position.toBoard().pieces(position.sideToMove().ordinal());
    }

    /** Whether a square is one on which a man of this kind blocks. */
    public boolean blocks(Piece man, int to) {
        boolean onTarget = Squares.has(targets & ~struck, to);
        return man.type() != PieceType.KING && (Squares.has(paths, to) || onTarget);
    }

    /** Own men that bear on the square, those behind line pieces and the attacker included. */
    public long guards(Position position, Side side, int square, boolean through) {
        Board board = position.toBoard();
        long occupied = board.occupied();
        if (through) {
            long sliders =
                    board.piecesOfType(PieceType.BISHOP.ordinal())
                            | board.piecesOfType(PieceType.ROOK.ordinal())
                            | board.piecesOfType(PieceType.QUEEN.ordinal());
            long inFront = board.attackersTo(square, occupied) & sliders;
            occupied &= ~inFront & ~attackers;
        }
        long own = board.pieces(side.ordinal()) & ~(1L << board.kingSquare(side.ordinal()));
        return board.attackersTo(square, occupied) & own;
    }
}

package org.zeroply.coach.fact.material;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * A man in danger, or one that nobody guards.
 *
 * @param piece the man
 * @param square where it stands, 0-63
 * @param attackers enemy men that can capture it: what is pinned is not among them
 * @param defenders own men that can recapture; while nothing can capture it, all that guard it
 * @param loss centipawns lost if the other side captures first, by static exchange; 0 if it does
 *     not pay
 */
public record Hanging(Piece piece, int square, int attackers, int defenders, int loss) {

    /** Whether capturing it wins material, or it is attacked more often than guarded. */
    public boolean isInDanger() {
        return loss > 0 || attackers > defenders;
    }

    /** Whether nobody guards it. */
    public boolean isLoose() {
        return defenders == 0;
    }

    /** In words: {@code knight e5 (attacked 2, guarded 1)}. */
    public String text() {
        String place =
                piece.side().word() + "'s " + piece.type().word() + " " + Square.name(square);
        if (attackers == 0) {
            return CoachWords.of("fact.loose", place);
        }
        return CoachWords.of("fact.attacked-guarded", place, attackers, defenders);
    }

    /** All men in danger, the most valuable loss first, then loose pieces; kings are left out. */
    public static List<Hanging> in(Position position) {
        Board board = position.toBoard();
        List<Hanging> found = new ArrayList<>();
        for (int square = 0; square < 64; square++) {
            var piece = position.pieceAt(square);
            if (piece.isEmpty() || piece.get().type() == PieceType.KING) {
                continue;
            }
            Hanging hanging = assess(board, piece.get(), square);
            boolean loosePiece = hanging.isLoose() && piece.get().type() != PieceType.PAWN;
            if (hanging.isInDanger() || loosePiece) {
                found.add(hanging);
            }
        }
        found.sort((a, b) -> Integer.compare(b.rank(), a.rank()));
        return found;
    }

    private int rank() {
        return loss + (isInDanger() ? 1 : 0);
    }

    private static Hanging assess(Board board, Piece piece, int square) {
        int own = piece.side().ordinal();
        long takers = LegalExchange.takers(board, square, 1 - own);
        int attackers = Long.bitCount(takers);
        long guards = board.attackersTo(square, board.occupied()) & board.pieces(own);
        long gone = attackers == 1 ? takers : 0;
        long defenders = attackers == 0 ? guards : LegalExchange.takers(board, square, own, gone);
        return new Hanging(
                piece,
                square,
                attackers,
                Long.bitCount(defenders),
                LegalExchange.threatTo(board, square));
    }
}

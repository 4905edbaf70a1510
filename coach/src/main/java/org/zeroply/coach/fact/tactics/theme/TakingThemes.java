package org.zeroply.coach.fact.tactics.theme;

import java.util.function.Consumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Squares;
import org.zeroply.engine.exchange.LegalExchange;

/** What is taken, and in which order. */
final class TakingThemes implements LineTheme {

    @Override
    public void look(LineStudy line, int i, Consumer<Theme> found) {
        if (i == 0 && isHanging(line)) {
            found.accept(Theme.HANGING_PIECE);
        }
        line.move(i).promotion().ifPresent(p -> found.accept(Theme.PROMOTION));
        if (isDesperado(line, i)) {
            found.accept(Theme.DESPERADO);
        }
        if (isInBetween(line, i)) {
            found.accept(Theme.IN_BETWEEN_MOVE);
        }
    }

    private static boolean isHanging(LineStudy line) {
        Move move = line.move(0);
        return line.wins(0)
                && line.position(0)
                        .pieceAt(move.to())
                        .filter(p -> p.type() != PieceType.PAWN)
                        .isPresent();
    }

    /**
     * A piece that is lost where it stands takes a guarded man of less value and is taken; then
     * something is taken that could have been taken before.
     */
    private static boolean isDesperado(LineStudy line, int i) {
        if (!line.isSacrificeTaken(i) || !line.move(i).isCapture() || !line.wins(i + 2)) {
            return false;
        }
        Move next = line.move(i + 2);
        boolean lost = LegalExchange.threatTo(line.board(i), line.move(i).from()) >= LineStudy.GAIN;
        boolean before =
                Squares.has(line.scene(i).men(line.enemy()), next.to())
                        && LegalExchange.threatTo(line.board(i), next.to()) >= LineStudy.GAIN;
        return lost && before && next.to() != line.move(i).to();
    }

    /** Instead of taking back at once, a check or another capture first, and then it takes back. */
    private static boolean isInBetween(LineStudy line, int i) {
        if (i == 0 || !line.has(i + 2) || !line.move(i - 1).isCapture()) {
            return false;
        }
        int square = line.move(i - 1).to();
        Position position = line.position(i);
        boolean could =
                position.legalMoves().stream()
                        .filter(m -> m.to() == square)
                        .anyMatch(m -> LegalExchange.of(line.board(i), m.packed()) >= 0);
        boolean forcing = line.checks(i) || line.move(i).isCapture();
        return could
                && forcing
                && line.move(i).to() != square
                && line.move(i + 2).isCapture()
                && line.move(i + 2).to() == square;
    }
}

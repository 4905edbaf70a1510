package org.zeroply.desktop.sheet;

import org.zeroply.chess.board.Position;
import org.zeroply.desktop.texts.Texts;

/** Results of exactly known endings in words. */
final class ExactWords {

    private ExactWords() {}

    /**
     * @param plies as {@link org.zeroply.engine.endings.Endings#probe} gives it
     */
    static String of(int plies, Position position) {
        if (plies == 0) {
            return Texts.of("sheet.exact-a-draw");
        }
        boolean white = position.toBoard().sideToMove() == 0 == plies > 0;
        int moves = plies > 0 ? (plies + 1) / 2 : -plies / 2;
        return Texts.of(
                "sheet.exact-mates-in",
                white ? Texts.of("sheet.white") : Texts.of("sheet.black"),
                moves);
    }
}

package org.zeroply.coach.fact.tactics.theme;

import java.util.function.Consumer;
import org.zeroply.coach.fact.Scene;

/** Two men check at once, or a series of uncovered checks. */
final class CheckThemes implements LineTheme {

    @Override
    public void look(LineStudy line, int i, Consumer<Theme> found) {
        if (isWindmill(line, i)) {
            found.accept(Theme.WINDMILL);
        }
        if (Long.bitCount(checkers(line, i)) == 2) {
            found.accept(Theme.DOUBLE_CHECK);
        }
    }

    /** Who gives check after a move. */
    private static long checkers(LineStudy line, int i) {
        Scene after = line.scene(i + 1);
        return after.attackers(line.side(), after.king(line.enemy()));
    }

    /** Checkers other than the man that moved. */
    private static long uncovered(LineStudy line, int i) {
        return line.move(i).isCastling() ? 0 : checkers(line, i) & ~(1L << line.move(i).to());
    }

    /**
     * The same man uncovers a check, comes back with check, and uncovers a check by the same line
     * piece again; it takes something on the way.
     */
    private static boolean isWindmill(LineStudy line, int i) {
        if (!line.has(i + 4)) {
            return false;
        }
        boolean same =
                line.move(i).to() == line.move(i + 2).from()
                        && line.move(i + 2).to() == line.move(i + 4).from();
        boolean takes = line.move(i).isCapture() || line.move(i + 4).isCapture();
        return same
                && takes
                && line.checks(i + 2)
                && (uncovered(line, i) & uncovered(line, i + 4)) != 0;
    }
}

package org.zeroply.coach.fact.tactics.theme;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.tactics.LineGain;

/**
 * Recognises the themes of a line that wins: precise rather than eager. A theme is told only when
 * the line itself carries it out, a fork when the forking man goes on to take what it forked. What
 * wins neither two points nor the game has no theme.
 */
public final class ThemeFinder {

    /** Own moves looked at; later ones are no longer what the line turns on. */
    private static final int OWN_MOVES = 4;

    /** A longer mate is not called by the pattern it ends in: our choice. */
    private static final int MATE_PLIES = 11;

    private static final List<LineTheme> SOUGHT =
            List.of(
                    new TakingThemes(),
                    new CheckThemes(),
                    new LureThemes(),
                    new GuardThemes(),
                    new PieceThemes());

    private ThemeFinder() {}

    /**
     * The themes of a line, what it turns on first: how it mates, then what its moves show one
     * after the other.
     *
     * @param start the position before the line; who is to move there is who wins
     */
    public static List<Theme> of(Position start, List<Move> line) {
        return line.isEmpty() ? List.of() : themes(new LineStudy(start, line));
    }

    /** The name of the mate on the board, {@link Theme#MATE} where it has none. */
    public static Theme mate(Scene mated) {
        return MatingNets.of(mated);
    }

    /** What a line turns on above all, if it has a theme. */
    public static Optional<Theme> main(Position start, List<Move> line) {
        return of(start, line).stream().findFirst();
    }

    private static List<Theme> themes(LineStudy line) {
        List<Theme> ordered = new ArrayList<>();
        if (line.last().isCheckmate() && line.size() % 2 == 1 && line.size() <= MATE_PLIES) {
            ordered.add(MatingNets.of(line.end()));
        } else if (isPawnEnding(line.scene(0))) {
            ordered.add(Theme.PAWN_ENDING);
        }
        boolean wins = LineGain.hundredths(line.position(0), line.line()) >= LineStudy.GAIN;
        if (ordered.isEmpty() && !wins) {
            return ordered;
        }
        for (int i = 0; i < line.size() && i < 2 * OWN_MOVES; i += 2) {
            Set<Theme> found = EnumSet.noneOf(Theme.class);
            for (LineTheme theme : SOUGHT) {
                theme.look(line, i, found::add);
            }
            found.stream().filter(t -> !ordered.contains(t)).forEach(ordered::add);
        }
        return ordered;
    }

    private static boolean isPawnEnding(Scene scene) {
        return scene.pawns() != 0 && scene.pieces(Side.WHITE) == 0 && scene.pieces(Side.BLACK) == 0;
    }
}

package org.zeroply.coach.pattern;

import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.opening.OpeningNames;

/**
 * The opening of a game.
 *
 * @param name of its last position that has a name of its own
 * @param ply of that position, 0 for the first one of the game
 */
public record NamedOpening(String name, int ply) {

    /** By then every opening has got its name, in plies. */
    private static final int LONGEST = 40;

    /** The opening of a game; none where no position has a name. */
    public static Optional<NamedOpening> of(GameLine line) {
        OpeningNames names = OpeningNames.shipped();
        Board board = line.start().toBoard();
        NamedOpening last = null;
        for (int ply = 0; ply <= Math.min(LONGEST, line.plies()); ply++) {
            if (ply > 0) {
                board.make(line.moves()[ply - 1]);
            }
            Optional<String> name = names.of(board);
            if (name.isPresent()) {
                last = new NamedOpening(name.get(), ply);
            }
        }
        return Optional.ofNullable(last);
    }
}

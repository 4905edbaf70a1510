package org.zeroply.chess.notation;

import java.util.List;
import java.util.stream.Collectors;
import org.zeroply.chess.tree.MoveTree;

/** Trees that belong together in their order: written as one PGN file, a game a tree. A value. */
public interface TreeSeries {

    /** What it is called. */
    String title();

    /** How many trees it has. */
    int size();

    /** Its trees as they are written, each marked as a part of it. */
    List<MoveTree> trees();

    /** All of it as PGN. */
    default String pgn() {
        return trees().stream().map(PgnWriter::write).collect(Collectors.joining());
    }
}

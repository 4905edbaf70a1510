package org.zeroply.chess.notation;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.zeroply.chess.tree.MoveTree;

/** Trees that belong together in their order: written as one PGN file, a game a tree. A value. */
public interface TreeSeries {

    /** What it is called. */
    String title();

    /** How many trees it has. */
    int size();

    /** The tree at a place, from 0, as it is. */
    MoveTree tree(int place);

    /** The same as it is written: marked as a part of this series at its place. */
    MoveTree written(int place);

    /** Its trees as they are written. */
    default List<MoveTree> trees() {
        return IntStream.range(0, size()).mapToObj(this::written).toList();
    }

    /** All of it as PGN. */
    default String pgn() {
        return trees().stream().map(PgnWriter::write).collect(Collectors.joining());
    }

    /** Whether another one is written in the same way; only trees that are not the same are. */
    default boolean says(TreeSeries other) {
        return title().equals(other.title())
                && size() == other.size()
                && IntStream.range(0, size()).allMatch(i -> says(other, i));
    }

    private boolean says(TreeSeries other, int place) {
        return tree(place) == other.tree(place)
                || PgnWriter.write(written(place)).equals(PgnWriter.write(other.written(place)));
    }
}

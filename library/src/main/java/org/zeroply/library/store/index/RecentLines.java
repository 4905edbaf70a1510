package org.zeroply.library.store.index;

import java.nio.ByteBuffer;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.zeroply.library.store.PackedLine;
import org.zeroply.library.store.PlayedLine;

/**
 * Lines that were played when they came in, until their positions are sorted; a line that is not
 * here, or no more, is played again.
 */
final class RecentLines {

    private final int mostPositions;
    private final Map<ByteBuffer, PlayedLine> lines = new HashMap<>();
    private int positions;

    /**
     * @param mostPositions what there is room for, of 12 bytes each
     */
    RecentLines(int mostPositions) {
        this.mostPositions = mostPositions;
    }

    /** Keeps a line if there is room. */
    synchronized void add(PlayedLine line) {
        boolean room = positions + line.keys().length <= mostPositions;
        if (room && lines.putIfAbsent(moves(line.packed()), line) == null) {
            positions += line.keys().length;
        }
    }

    /** Gives a line away. */
    synchronized PlayedLine take(PackedLine line) {
        Optional<PlayedLine> known =
                Optional.ofNullable(lines.get(moves(line)))
                        .filter(k -> k.packed().start().equals(line.start()));
        known.ifPresent(
                k -> {
                    lines.remove(moves(line));
                    positions -= k.keys().length;
                });
        return known.orElseGet(() -> PlayedLine.of(line));
    }

    synchronized void clear() {
        lines.clear();
        positions = 0;
    }

    private static ByteBuffer moves(PackedLine line) {
        return ByteBuffer.wrap(line.moves());
    }
}

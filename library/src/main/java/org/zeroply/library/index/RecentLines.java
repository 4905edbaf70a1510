package org.zeroply.library.index;

import java.nio.ByteBuffer;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.zeroply.library.sheet.PackedLine;
import org.zeroply.library.sheet.PlayedLine;

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
    PlayedLine take(PackedLine line) {
        // Others need not wait while one is played.
        return known(line).orElseGet(() -> PlayedLine.of(line));
    }

    private synchronized Optional<PlayedLine> known(PackedLine line) {
        PlayedLine known = lines.get(moves(line));
        if (known == null || !known.packed().start().equals(line.start())) {
            return Optional.empty();
        }
        lines.remove(moves(line));
        positions -= known.keys().length;
        return Optional.of(known);
    }

    synchronized void clear() {
        lines.clear();
        positions = 0;
    }

    private static ByteBuffer moves(PackedLine line) {
        return ByteBuffer.wrap(line.moves());
    }
}

package org.zeroply.workshop.selfplay;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.zeroply.workshop.command.Refusal;

/** Files of {@link JudgedPosition}s. */
public final class PositionFiles {

    /** How their names end. */
    public static final String ENDING = ".bin";

    private PositionFiles() {}

    /**
     * The files among these paths and in the folders among them, in order of their names.
     *
     * @throws Refusal if there are none
     */
    public static List<Path> in(List<Path> paths) throws IOException {
        List<Path> files = new ArrayList<>();
        for (Path path : paths) {
            if (Files.isDirectory(path)) {
                try (Stream<Path> all = Files.walk(path)) {
                    all.filter(f -> f.toString().endsWith(ENDING)).sorted().forEach(files::add);
                }
            } else {
                files.add(path);
            }
        }
        if (files.isEmpty()) {
            throw new Refusal("There are no files of positions in " + paths + ".");
        }
        return files;
    }

    /** The positions of a file. One that is still written to may end within a position. */
    public static List<JudgedPosition> read(Path file) throws IOException {
        ByteBuffer bytes = ByteBuffer.wrap(Files.readAllBytes(file));
        List<JudgedPosition> positions = new ArrayList<>();
        while (bytes.remaining() >= JudgedPosition.BYTES) {
            positions.add(JudgedPosition.read(bytes));
        }
        return positions;
    }
}

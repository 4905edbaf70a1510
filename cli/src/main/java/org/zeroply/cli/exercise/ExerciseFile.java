package org.zeroply.cli.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.library.database.WholeFile;

/** Files of exercises. */
final class ExerciseFile {

    private ExerciseFile() {}

    /**
     * The first exercise of a file.
     *
     * @throws BadInputException if it cannot be read or there is none
     */
    static MoveTree first(Path file) throws IOException {
        try (PgnReader reader = PgnReader.open(file)) {
            PgnEntry entry = reader.next().orElseThrow(() -> none(file));
            if (entry instanceof PgnEntry.Game game) {
                return game.tree();
            }
            throw new BadInputException(((PgnEntry.Problem) entry).message());
        }
    }

    /**
     * Everything that is in a file, readable or not.
     *
     * @throws BadInputException if nothing is in it
     */
    static List<PgnEntry> all(Path file) throws IOException {
        List<PgnEntry> entries = new ArrayList<>();
        try (PgnReader reader = PgnReader.open(file)) {
            for (Optional<PgnEntry> e = reader.next(); e.isPresent(); e = reader.next()) {
                entries.add(e.get());
            }
        }
        if (entries.isEmpty()) {
            throw none(file);
        }
        return entries;
    }

    private static BadInputException none(Path file) {
        return new BadInputException(file + " holds no exercise.");
    }

    /**
     * Writes exercises to a new file.
     *
     * @throws BadInputException if the file exists: nothing is written over
     */
    static void write(List<MoveTree> exercises, Path file) throws IOException {
        checkNew(file);
        WholeFile.writeText(
                file, exercises.stream().map(PgnWriter::write).collect(Collectors.joining()));
    }

    /**
     * Looks at the name before the work begins.
     *
     * @throws BadInputException if the file exists
     */
    static void checkNew(Path file) {
        if (Files.exists(file)) {
            throw new BadInputException(file + " exists already; name a new file.");
        }
    }
}

package org.zeroply.cli.console;

import java.io.IOException;
import java.nio.file.Path;
import org.zeroply.chess.notation.Epd;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.library.database.TextFile;

/** Files with one position in a row; empty rows and those that begin with # are passed over. */
public final class EpdFile {

    private EpdFile() {}

    /**
     * Reads a file from its beginning to its end.
     *
     * @throws BadInputException naming the row that cannot be read, or that the visitor refuses
     */
    public static void read(Path file, Epd.Visitor visitor) throws IOException {
        try {
            Epd.each(TextFile.read(file), visitor);
        } catch (NotationException e) {
            throw new BadInputException(file + ", " + e.getMessage());
        }
    }
}

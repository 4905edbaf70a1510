package org.zeroply.cli.console;

import java.io.IOException;
import java.nio.file.Path;
import org.zeroply.chess.notation.Epd;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.library.database.TextFile;

/** Files with one position in a row; empty rows and those that begin with # are passed over. */
public final class EpdFile {

    /** Told of every position. */
    public interface Visitor {

        /**
         * @param row number of the row, from 1
         */
        void visit(Epd epd, int row) throws NotationException;
    }

    private EpdFile() {}

    /**
     * Reads a file from its beginning to its end.
     *
     * @throws BadInputException naming the row that cannot be read, or that the visitor refuses
     */
    public static void read(Path file, Visitor visitor) throws IOException {
        String[] rows = TextFile.read(file).split("\\R");
        for (int i = 0; i < rows.length; i++) {
            if (rows[i].isBlank() || rows[i].startsWith("#")) {
                continue;
            }
            try {
                visitor.visit(Epd.parse(rows[i]), i + 1);
            } catch (NotationException e) {
                throw new BadInputException(file + ", row " + (i + 1) + ": " + e.getMessage());
            }
        }
    }
}

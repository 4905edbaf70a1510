package org.zeroply.cli.console;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.FileTrouble;
import picocli.CommandLine;

/** Tells bad input (exit code 1, one sentence) from errors of our own, which keep their trace. */
public final class BadInputHandler implements CommandLine.IExecutionExceptionHandler {

    @Override
    public int handleExecutionException(
            Exception e, CommandLine command, CommandLine.ParseResult parsed) throws Exception {
        if (e instanceof BadInputException
                || e instanceof InvalidPositionException
                || e instanceof NotationException
                || e instanceof LibraryException
                || e instanceof IOException) {
            command.getErr().println("zeroply: " + sentence(e));
            return 1;
        }
        throw e;
    }

    private static String sentence(Exception e) {
        if (e instanceof NoSuchFileException) {
            return "The file " + e.getMessage() + " does not exist.";
        }
        if (e instanceof FileSystemException file) {
            return "The file " + file.getFile() + ": " + FileTrouble.reason(e) + ".";
        }
        return e instanceof IOException
                ? "Reading failed: " + FileTrouble.reason(e) + "."
                : e.getMessage();
    }
}

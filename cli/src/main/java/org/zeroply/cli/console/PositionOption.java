package org.zeroply.cli.console;

import org.zeroply.chess.board.Position;
import picocli.CommandLine;
import picocli.CommandLine.Option;

/** The position that a command is about. */
public final class PositionOption {

    @Option(
            names = "--fen",
            description = "The position; the start of a game if left out.",
            paramLabel = "FEN",
            scope = CommandLine.ScopeType.INHERIT)
    private String fen = "";

    public Position position() {
        return fen.isBlank() ? Position.START : Position.fromFen(fen);
    }
}

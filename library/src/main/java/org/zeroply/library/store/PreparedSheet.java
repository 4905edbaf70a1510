package org.zeroply.library.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;

/**
 * A sheet ready to be added: all that takes time and no library. While a batch is prepared, the one
 * before it can be written.
 */
public final class PreparedSheet {

    private final Map<String, Object> columns;
    private final byte[] key;
    private final byte[] text;
    private final Optional<PackedLine> line;

    private PreparedSheet(MoveTree tree, PackedText.Packer packer) {
        String pgn = PgnWriter.write(tree);
        boolean game = SheetStore.kindOf(tree) == SheetKind.GAME;
        columns = Columns.of(tree);
        key = ContentKey.kept(pgn);
        text = packer.pack(pgn);
        line = game ? Optional.of(PackedLine.of(tree.start(), tree.mainLine())) : Optional.empty();
    }

    /** Prepares trees, in their order. */
    public static List<PreparedSheet> of(List<MoveTree> trees) {
        List<PreparedSheet> sheets = new ArrayList<>(trees.size());
        try (PackedText.Packer packer = new PackedText.Packer()) {
            trees.forEach(tree -> sheets.add(new PreparedSheet(tree, packer)));
        }
        return sheets;
    }

    /** What is listed of it, by the names of columns. */
    Map<String, Object> columns() {
        return columns;
    }

    /** The fingerprint of its text. */
    byte[] key() {
        return key;
    }

    /** Its text, packed. */
    byte[] text() {
        return text;
    }

    /** The main line of a game; empty for other kinds. */
    Optional<PackedLine> line() {
        return line;
    }
}

package org.zeroply.library.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.library.database.ContentKey;
import org.zeroply.library.database.PackedText;

/**
 * A sheet ready to be added: all that takes time and no library. While a batch is prepared, the one
 * before it can be written.
 *
 * @param columns what is listed of it, by the names of columns
 * @param key the fingerprint of its text
 * @param text its text, packed
 * @param line the main line of a game; empty for other kinds
 */
public record PreparedSheet(
        Map<String, Object> columns, byte[] key, byte[] text, Optional<PlayedLine> line) {

    /** Prepares trees, in their order. */
    public static List<PreparedSheet> of(List<MoveTree> trees) {
        List<PreparedSheet> sheets = new ArrayList<>(trees.size());
        try (PackedText.Packer packer = new PackedText.Packer()) {
            trees.forEach(tree -> sheets.add(of(tree, packer)));
        }
        return sheets;
    }

    static PreparedSheet of(MoveTree tree) {
        try (PackedText.Packer packer = new PackedText.Packer()) {
            return of(tree, packer);
        }
    }

    private static PreparedSheet of(MoveTree tree, PackedText.Packer packer) {
        String pgn = PgnWriter.write(tree);
        boolean game = SheetStore.kindOf(tree) == SheetKind.GAME;
        return new PreparedSheet(
                Columns.of(tree),
                ContentKey.kept(pgn),
                packer.pack(pgn),
                game
                        ? Optional.of(PlayedLine.of(tree.start(), tree.mainLine()))
                        : Optional.empty());
    }
}

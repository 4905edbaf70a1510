package org.zeroply.library.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.TreeSeries;
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

    /** Prepares sheets of one tree each, or of the parts of a series, in their order. */
    public static List<PreparedSheet> of(List<List<MoveTree>> sheets) {
        List<PreparedSheet> prepared = new ArrayList<>(sheets.size());
        try (PackedText.Packer packer = new PackedText.Packer()) {
            sheets.forEach(trees -> prepared.add(of(trees, packer)));
        }
        return prepared;
    }

    private static PreparedSheet of(List<MoveTree> trees, PackedText.Packer packer) {
        return SeriesForm.of(trees.get(0))
                .map(form -> of(form.of().apply(trees), form.kind(), packer))
                .orElseGet(() -> of(trees.get(0), packer));
    }

    private static PreparedSheet of(TreeSeries series, SheetKind kind, PackedText.Packer packer) {
        String pgn = series.pgn();
        return new PreparedSheet(
                Columns.of(series, kind), ContentKey.kept(pgn), packer.pack(pgn), Optional.empty());
    }

    static PreparedSheet of(MoveTree tree) {
        try (PackedText.Packer packer = new PackedText.Packer()) {
            return of(List.of(tree), packer);
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

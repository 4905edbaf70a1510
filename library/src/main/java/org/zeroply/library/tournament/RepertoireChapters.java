package org.zeroply.library.tournament;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStore;

/**
 * The repertoire of a library for one side.
 *
 * @param ids the sheets of its chapters, in their order
 */
public record RepertoireChapters(Repertoire repertoire, List<Long> ids) {

    public RepertoireChapters {
        ids = List.copyOf(ids);
    }

    /** Reads it; empty where there is no chapter for the side. */
    public static Optional<RepertoireChapters> read(SheetStore sheets, Side side) {
        List<Long> ids = new ArrayList<>();
        List<MoveTree> trees = new ArrayList<>();
        for (SheetRow row : sheets.find(SheetQuery.all(SheetKind.REPERTOIRE))) {
            MoveTree tree = sheets.load(row.id());
            if (Repertoire.side(tree).equals(Optional.of(side))) {
                ids.add(0, row.id());
                trees.add(0, tree);
            }
        }
        return ids.isEmpty()
                ? Optional.empty()
                : Optional.of(new RepertoireChapters(Repertoire.of(trees), ids));
    }

    /** The first place of a position, and the sheet it stands on. */
    public Place place(Spot spot) {
        Node node = spot.places().get(0);
        return new Place(ids.get(repertoire.chapter(node)), node);
    }

    /** A place in a chapter. */
    public record Place(long sheet, Node node) {}
}

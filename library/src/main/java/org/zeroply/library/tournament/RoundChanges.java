package org.zeroply.library.tournament;

import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.repertoire.tournament.RoundGame;
import org.zeroply.coach.training.drill.Memory;
import org.zeroply.coach.training.drill.Question;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.texts.LibraryWords;

/** Carries out what the game of a round asks for: new moves, and positions to be asked again. */
public final class RoundChanges {

    private RoundChanges() {}

    /**
     * Writes new moves into a chapter that is being edited, behind what is there, and from which
     * game they come.
     *
     * @param at the position of the change in the chapter
     * @return the last of the moves
     */
    public static Node write(TreeEditor chapter, Node at, RoundGame.Add change, MoveTree game) {
        Node node = at;
        for (Move move : change.moves()) {
            Optional<Node> known = node.child(move);
            node = known.isPresent() ? known.get() : chapter.add(node, move);
        }
        String said = node.annotation().after();
        String from = origin(game, change.played());
        if (!said.contains(from)) {
            chapter.comment(node, said.isEmpty() ? from : said + " / " + from);
        }
        return node;
    }

    private static String origin(MoveTree game, boolean played) {
        String date = game.tag("Date");
        return LibraryWords.of(
                played ? "tournament.played-in" : "tournament.the-engines-answer-to",
                game.tag("White"),
                game.tag("Black"),
                date.startsWith("?") || date.isEmpty() ? "" : ", " + date);
    }

    /** Writes new moves into the chapter of a library; the change can be taken back there. */
    public static long add(
            Library library, RepertoireChapters chapters, RoundGame.Add change, MoveTree game) {
        RepertoireChapters.Place place = chapters.place(change.spot());
        SheetStore sheets = library.sheets();
        return library.together(
                () -> {
                    MoveTree tree = sheets.load(place.sheet());
                    Node at = tree.root();
                    for (Node step : place.node().path()) {
                        at = at.child(step.move()).orElseThrow();
                    }
                    write(new TreeEditor(tree), at, change, game);
                    sheets.save(place.sheet(), tree);
                    return place.sheet();
                });
    }

    /**
     * Has a student asked for a move that was not played, from today on.
     *
     * @param today days since 1970-01-01
     * @return what was remembered before, to be kept again if it is taken back
     */
    public static Recall repeat(Memory memory, RoundGame.Repeat change, long today) {
        Question asked = question(change);
        Recall before = memory.of(asked);
        memory.keep(asked.key(), before.forgotten(today));
        return before;
    }

    /** What is asked of the student. */
    public static Question question(RoundGame.Repeat change) {
        return new Question.WhichMove(change.spot(), change.recommended(), false, Optional.empty());
    }
}

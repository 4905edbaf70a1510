package org.zeroply.coach.review;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;

/**
 * Writes a review into its game: a grade for each move that deserves one, and for each moment the
 * line that proves it as a variation, with the reason at the move, or at the first move of the
 * variation where the move has a comment already. Words, verdicts and grades that stand in the game
 * already are left as they are.
 */
public final class Annotator {

    private final String engine;
    private final long nodes;

    /**
     * @param engine name of the engine, for the stamp at the end of each line
     * @param nodes nodes each search had
     */
    public Annotator(String engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    /** Annotates the game of a review; every change can be undone in the editor. */
    public void annotate(TreeEditor editor, GameReview review) {
        annotate(editor, review, m -> Optional.of(m.text()));
    }

    /**
     * Annotates the game of a review, or another copy of it; moves that are not in the copy are
     * left out.
     *
     * @param words what to say at a moment; nothing leaves it out
     */
    public void annotate(
            TreeEditor editor, GameReview review, Function<Moment, Optional<String>> words) {
        List<Node> line = editor.tree().mainLine();
        for (MoveReview move : review.moves()) {
            Optional<Integer> nag = move.grade();
            at(line, move).ifPresent(n -> nag.ifPresent(g -> grade(editor, n, g)));
        }
        for (Moment moment : review.moments()) {
            Optional<String> said = words.apply(moment);
            Optional<Node> node = at(line, moment.move()).filter(n -> said.isPresent());
            if (node.isPresent()) {
                if (moment.kind() == Moment.Kind.HARD_MOVE_FOUND) {
                    grade(editor, node.get(), Nag.GOOD);
                }
                write(editor, node.get(), moment, said.get());
            }
        }
    }

    private static Optional<Node> at(List<Node> line, MoveReview move) {
        return line.size() < move.ply()
                ? Optional.empty()
                : Optional.of(line.get(move.ply() - 1))
                        .filter(n -> n.move().equals(move.node().move()));
    }

    private static void grade(TreeEditor editor, Node node, int nag) {
        if (node.annotation().nags().stream().noneMatch(Nag::gradesMove)) {
            editor.grade(node, nag);
        }
    }

    /**
     * Writes the line and the words of one moment into a game.
     *
     * @param played the move of the moment in the tree of the editor, which may be another copy of
     *     the game than the one reviewed
     * @param words the coach's own, or those of the moment
     */
    public void write(TreeEditor editor, Node played, Moment moment, String words) {
        boolean threat = moment.kind() == Moment.Kind.IGNORED_THREAT;
        Node from = threat ? played : played.parent().orElseThrow();
        List<Move> line = moment.line();
        if (line.isEmpty()) {
            return;
        }
        Node first = editor.add(from, line.get(0));
        Node told = played.annotation().after().isEmpty() ? played : first;
        if (told.annotation().after().isEmpty()) {
            editor.comment(told, words);
        }
        Node end = editor.addLine(from, line);
        if (end.annotation().check().isEmpty() && !threat) {
            editor.annotate(end, a -> a.withCheck(Optional.of(check(moment))));
        }
    }

    private EngineCheck check(Moment moment) {
        boolean white = moment.side() == Side.WHITE;
        return moment.move().best().score().check(white, moment.line().size(), nodes, engine);
    }
}

package org.zeroply.coach.repertoire.card;

import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.Scene;

/** What the conditions of a card look at: a position and, where it is known, how it came about. */
public final class Situation {

    private final Position position;
    private final Optional<Node> reached;
    private Scene scene;

    private Situation(Position position, Optional<Node> reached) {
        this.position = position;
        this.reached = reached;
    }

    /** A position of which nothing else is known; what was just played never holds in it. */
    public static Situation of(Position position) {
        return new Situation(position, Optional.empty());
    }

    /** The position after a move of a game, or at its start. */
    public static Situation after(Node node) {
        return new Situation(node.position(), node.isRoot() ? Optional.empty() : Optional.of(node));
    }

    /** The position. */
    public Position position() {
        return position;
    }

    /** The position before the last move, if it is known. */
    Optional<Position> before() {
        return reached.flatMap(Node::parent).map(Node::position);
    }

    /** The last move, if it is known. */
    Optional<Move> last() {
        return reached.map(Node::move).filter(m -> !m.isNull());
    }

    /** The position as the finders of facts see it. */
    Scene scene() {
        if (scene == null) {
            scene = new Scene(position);
        }
        return scene;
    }
}

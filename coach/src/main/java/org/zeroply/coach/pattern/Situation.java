package org.zeroply.coach.pattern;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.Scene;

/**
 * What conditions look at: a position and, where it is known, how it came about and how the game
 * went on. One situation is led through a whole game, since there are millions to be looked at.
 */
public final class Situation {

    private final GameLine line;
    private final Board board;
    private int ply;
    private Position position;
    private Scene scene;
    private Balances balances;
    private Map<ToldFact, FactTrail> trails = Map.of();
    private List<GameMoment> moments = List.of();

    private Situation(GameLine line, int ply) {
        this.line = line;
        this.ply = ply;
        board = line.boardAt(ply);
    }

    /** A position of which nothing else is known; what was just played never holds in it. */
    public static Situation of(Position position) {
        return new Situation(new GameLine(position, new int[0]), 0);
    }

    /** The position after a move of a game, or at its start; how the game goes on is not known. */
    public static Situation after(Node node) {
        Deque<Node> way = new ArrayDeque<>();
        Node first = node;
        while (!first.isRoot() && !first.move().isNull()) {
            way.push(first);
            first = first.parent().orElseThrow();
        }
        int[] moves = way.stream().mapToInt(n -> n.move().packed()).toArray();
        return new Situation(new GameLine(first.position(), moves), moves.length);
    }

    /** The first position of a game; {@link #advance} leads on. */
    static Situation startOf(GameLine line) {
        return new Situation(line, 0);
    }

    /** Takes what is known of facts in the game, and the moments of its review. */
    void expect(Map<ToldFact, FactTrail> known, List<GameMoment> reviewed) {
        trails = known;
        moments = reviewed;
    }

    /** The moments of the game's review, as far as they are known. */
    List<GameMoment> moments() {
        return moments;
    }

    /** Where a fact is told in the game, if that is known. */
    Optional<FactTrail> trail(ToldFact fact) {
        return Optional.ofNullable(trails.get(fact));
    }

    /** Goes on to the next position; false where there is none. */
    boolean advance() {
        if (ply == line.plies()) {
            return false;
        }
        board.make(line.moves()[ply++]);
        position = null;
        scene = null;
        return true;
    }

    /** The game as far as it is known. */
    GameLine line() {
        return line;
    }

    /** Moves played since the first position. */
    int ply() {
        return ply;
    }

    /** The position as a board, which must be left as it was. */
    Board board() {
        return board;
    }

    /** The position. */
    public Position position() {
        if (position == null) {
            position = Position.of(board);
        }
        return position;
    }

    /** The packed move that led here; 0 where it is not known. */
    int lastPacked() {
        return ply == 0 ? 0 : line.moves()[ply - 1];
    }

    /** The last move, if it is known. */
    Optional<Move> last() {
        return ply == 0 ? Optional.empty() : Optional.of(line.before(ply));
    }

    /** The position before the last move, if it is known. */
    Optional<Position> before() {
        if (ply == 0) {
            return Optional.empty();
        }
        int last = lastPacked();
        board.unmake(last);
        Position before = Position.of(board);
        board.make(last);
        return Optional.of(before);
    }

    /** The position as the finders of facts see it. */
    Scene scene() {
        if (scene == null) {
            scene = new Scene(position());
        }
        return scene;
    }

    /** The material of the game, ply by ply. */
    Balances balances() {
        if (balances == null) {
            balances = Balances.of(line);
        }
        return balances;
    }
}

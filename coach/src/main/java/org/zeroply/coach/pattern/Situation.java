package org.zeroply.coach.pattern;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.structure.PawnSets;

/**
 * What conditions look at: a position and, where it is known, how it came about and how the game
 * went on. One situation is led through a whole game, since there are millions to be looked at.
 */
public final class Situation {

    /** Stands for the last ply of a line. */
    private static final int AT_THE_END = -1;

    /** The game as far as it is known; of a move of a tree it is followed only where asked. */
    private final Supplier<GameLine> followed;

    private final Board board;
    private GameLine line;
    private int last;

    /**
     * Moves played since the first position; below 0 until it is asked for at the end of a line.
     */
    private int ply;

    private Position position;
    private Scene scene;
    private Balances balances;
    private long[] keys;
    private Optional<NamedOpening> opening;
    private Map<ToldFact, FactTrail> trails = Map.of();
    private List<GameMoment> moments = List.of();
    private Map<FactKind, SearchedTrail> searched = Map.of();
    private FactSearch search = FactSearch.NONE;

    /** What was searched for in the position at hand. */
    private final Map<FactKind, List<Fact>> found = new EnumMap<>(FactKind.class);

    /** Whether the line goes on to where the game ended. */
    private final boolean whole;

    private Situation(Board board, int last, int ply, Supplier<GameLine> followed, boolean whole) {
        this.whole = whole;
        this.board = board;
        this.last = last;
        this.ply = ply;
        this.followed = followed;
    }

    /** A position of which nothing else is known; what was just played never holds in it. */
    public static Situation of(Position position) {
        GameLine alone = new GameLine(position, new int[0]);
        return new Situation(position.toBoard(), 0, 0, () -> alone, false);
    }

    /** The position after a move of a game, or at its start; how the game goes on is not known. */
    public static Situation after(Node node) {
        if (node.isRoot() || node.move().isNull()) {
            return of(node.position());
        }
        Board board = node.parent().orElseThrow().position().toBoard();
        int last = node.move().packed();
        board.make(last);
        return new Situation(board, last, AT_THE_END, () -> to(node), false);
    }

    private static GameLine to(Node node) {
        Deque<Node> way = new ArrayDeque<>();
        Node first = node;
        while (!first.isRoot() && !first.move().isNull()) {
            way.push(first);
            first = first.parent().orElseThrow();
        }
        int[] moves = way.stream().mapToInt(n -> n.move().packed()).toArray();
        return new GameLine(first.position(), moves);
    }

    /** The first position of a game; {@link #advance} leads on. */
    static Situation startOf(GameLine line) {
        return new Situation(line.start().toBoard(), 0, 0, () -> line, true);
    }

    /** Takes what is known of facts in the game, and the moments of its review. */
    void expect(Map<ToldFact, FactTrail> known, List<GameMoment> reviewed) {
        trails = known;
        moments = reviewed;
    }

    /** Takes what looks for facts that take a search, and what it found in the game before. */
    void expect(Map<FactKind, SearchedTrail> before, FactSearch further) {
        searched = before;
        search = further;
    }

    /** Where facts that take a search are told at this ply, if they were looked for here. */
    Optional<SearchedTrail> searchedTrail(FactKind kind) {
        return Optional.ofNullable(searched.get(kind)).filter(t -> t.isLooked(ply()));
    }

    /** The facts of a kind that takes a search, looked for now. */
    List<Fact> searched(FactKind kind) {
        List<Fact> facts = found.get(kind);
        if (facts == null) {
            facts = search.of(position(), kind);
            found.put(kind, facts);
            SearchedTrail trail = searched.get(kind);
            if (trail != null) {
                trail.add(ply(), facts);
            }
        }
        return facts;
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
        if (ply() == line().plies()) {
            return false;
        }
        last = line.moves()[ply++];
        board.make(last);
        position = null;
        scene = null;
        found.clear();
        return true;
    }

    /** The game as far as it is known. */
    GameLine line() {
        if (line == null) {
            line = followed.get();
        }
        return line;
    }

    /** Moves played since the first position. */
    int ply() {
        if (ply == AT_THE_END) {
            ply = line().plies();
        }
        return ply;
    }

    /** The moves of the whole game, if it is known how it went on. */
    Optional<GameLine> game() {
        return Optional.of(line()).filter(l -> whole);
    }

    /** Whether the game ended here, if it is known how it went on. */
    boolean isLast() {
        return whole && ply() == line().plies();
    }

    /** The opening of the whole game, if it is known how it went on. */
    Optional<NamedOpening> opening() {
        if (opening == null) {
            opening = whole ? NamedOpening.of(line()) : Optional.empty();
        }
        return opening;
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
        return last;
    }

    /** Whether a side made the last move, and it is known. */
    boolean hasMoved(Side side) {
        return last != 0 && board.sideToMove() != side.ordinal();
    }

    /** The kind of man that made the last move, which must be known. */
    PieceType moved() {
        return Move.isPromotion(last) ? PieceType.PAWN : PieceType.of(board.typeAt(Move.to(last)));
    }

    /** Whether a side has just given mate. */
    boolean hasMated(Side side) {
        return hasMoved(side) && board.inCheck() && position().isCheckmate();
    }

    /** What the last move took, if it is known and took something. */
    Optional<PieceType> taken() {
        if (!Move.isCapture(last)) {
            return Optional.empty();
        }
        board.unmake(last);
        PieceType taken = taken(board, last);
        board.make(last);
        return Optional.of(taken);
    }

    /** What a capture takes that is to be made on a board; a pawn in passing stands elsewhere. */
    static PieceType taken(Board board, int capture) {
        return Move.kind(capture) == Move.EN_PASSANT
                ? PieceType.PAWN
                : PieceType.of(board.typeAt(Move.to(capture)));
    }

    /** The squares of a side's pawns. */
    long pawns(Side side) {
        return board.pieces(side.ordinal(), PieceType.PAWN.ordinal());
    }

    /** The squares of a side's passed pawns. */
    long passed(Side side) {
        return PawnSets.passed(side, pawns(side), pawns(side.other()));
    }

    /** The squares of all pawns. */
    long pawns() {
        return board.piecesOfType(PieceType.PAWN.ordinal());
    }

    /** The last move, if it is known. */
    Optional<Move> last() {
        return last == 0 ? Optional.empty() : Optional.of(new Move(last));
    }

    /** The position before the last move, if it is known. */
    Optional<Position> before() {
        if (last == 0) {
            return Optional.empty();
        }
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

    /** The keys of the positions of the game, ply by ply; what repeats itself has the same. */
    long[] keys() {
        if (keys == null) {
            Board walk = line().start().toBoard();
            keys = new long[line.plies() + 1];
            keys[0] = walk.key();
            for (int i = 0; i < line.plies(); i++) {
                walk.make(line.moves()[i]);
                keys[i + 1] = walk.key();
            }
        }
        return keys;
    }

    /** The material of the game, ply by ply. */
    Balances balances() {
        if (balances == null) {
            balances = Balances.of(line());
        }
        return balances;
    }
}

package org.zeroply.coach.lesson.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.pattern.Evidence;
import org.zeroply.coach.pattern.Query;
import org.zeroply.coach.texts.CoachWords;

/**
 * A place in a game at which a theme is there.
 *
 * @param ply moves of either side made by then; 0 is the start
 * @param side whose theme it is
 * @param query by which it was found, if it was by one
 */
public record Example(MoveTree game, int ply, Side side, Optional<Query> query) {

    /** By so much may one side be ahead where men are level, in hundredths of a point. */
    private static final int LEVEL = 100;

    /** In so many plies exchanges that are under way are over: our choice. */
    private static final int LATER = 4;

    /**
     * @throws IllegalArgumentException if the game is not so long
     */
    public Example {
        if (ply < 0 || ply > game.mainLine().size()) {
            throw new IllegalArgumentException("the game has no move " + ply);
        }
    }

    /** One that was found by nothing that could show it. */
    public Example(MoveTree game, int ply, Side side) {
        this(game, ply, side, Optional.empty());
    }

    /** By game, in their order; games are told apart by their trees. */
    static Map<MoveTree, List<Example>> byGame(Stream<Example> examples) {
        return examples.collect(
                Collectors.groupingBy(Example::game, LinkedHashMap::new, Collectors.toList()));
    }

    /** What shows the theme there. */
    Evidence evidence() {
        return query.map(q -> Evidence.of(q, position())).orElse(Evidence.NONE);
    }

    /** The place in the game. */
    Node node() {
        return ply == 0 ? game.root() : game.mainLine().get(ply - 1);
    }

    Position position() {
        return node().position();
    }

    /** The positions of the game from there on, the first included. */
    List<Position> onwards() {
        List<Position> positions = new ArrayList<>(List.of(position()));
        game.mainLine().stream().skip(ply).map(Node::position).forEach(positions::add);
        return positions;
    }

    /** The move that led there; nothing at the start. */
    Optional<Move> lastMove() {
        return ply == 0 ? Optional.empty() : Optional.of(node().move());
    }

    /** Whether the side won the game. */
    boolean won() {
        return game.result().equals(side == Side.WHITE ? "1-0" : "0-1");
    }

    /**
     * Whether what is played from there has to do with the theme: a move of a man that shows it, on
     * it, or to where it bears.
     *
     * @param shows what shows it there
     * @param plies moves of either side that are looked at
     */
    boolean isPlayedOn(Evidence shows, int plies) {
        List<Move> moves = game.mainLine().stream().skip(ply).map(Node::move).toList();
        return shows.isTouched(position(), moves, plies);
    }

    /**
     * Whether neither side is ahead by more than a point, now and some moves later, so that nothing
     * but the theme need decide.
     */
    boolean isLevel() {
        return isLevel(position()) && isLevel(later());
    }

    private static boolean isLevel(Position position) {
        return Math.abs(MaterialBalance.of(position).hundredths(MaterialScale.SCHOOL)) <= LEVEL;
    }

    /** Whether the theme is there some moves later, too; never of what happens in one moment. */
    boolean lasts() {
        return query.isPresent() && isShownIn(later());
    }

    /** The same a move earlier; empty at the start. */
    Optional<Example> before() {
        return ply == 0 ? Optional.empty() : Optional.of(new Example(game, ply - 1, side, query));
    }

    /** Whether the theme can be seen on the board there. */
    boolean isShown() {
        return isShownIn(position());
    }

    /**
     * Whether the theme can be seen in another position; always if nothing says what to look for.
     */
    boolean isShownIn(Position other) {
        return query.map(q -> Evidence.isShown(q, other)).orElse(true);
    }

    private Position later() {
        List<Position> onwards = onwards();
        return onwards.get(Math.min(LATER, onwards.size() - 1));
    }

    /** Who played whom, and at which move. */
    String title() {
        String players = LessonStep.players(game);
        return CoachWords.of(
                "lesson.move",
                players.isEmpty() ? "" : players + ", ",
                position().fullmoveNumber());
    }
}

package org.zeroply.coach.review.profile;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.review.Cause;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.coach.texts.CoachWords;

/**
 * One game of a player in figures: what is left of a review when the game itself is put away.
 *
 * @param phases moves and loss by phase
 * @param errors mistakes and blunders
 * @param kinds moments by kind, those that teach this player
 * @param clocked whether the game has clocks
 * @param inTrouble moves and loss in time trouble
 */
public record GameFigures(
        Played played,
        Map<Phase, MeanLoss.Tally> phases,
        List<Error> errors,
        Map<Moment.Kind, Integer> kinds,
        boolean clocked,
        MeanLoss.Tally inTrouble) {

    /**
     * Which game it was, from the player's side.
     *
     * @param id number of the game, as whoever keeps it numbers it
     * @param title who played whom
     * @param date as in PGN; empty when unknown
     * @param side the player's colour
     * @param opening name of the opening by its tag or by its moves, without the variation, else
     *     the first moves
     * @param score the player's result, 0, 0.5 or 1; empty for a game without one
     */
    public record Played(
            long id, String title, String date, Side side, String opening, Optional<Double> score) {

        private static Played of(long id, MoveTree game, Side side) {
            return new Played(
                    id,
                    game.tag("White") + " – " + game.tag("Black"),
                    game.tag("Date").replace("????.??.??", "").replace("?", ""),
                    side,
                    GameFigures.opening(game),
                    GameResult.score(game.result(), side).stream().boxed().findFirst());
        }
    }

    /** Plies that stand for an opening without a name: our choice. */
    private static final int OPENING_PLIES = 4;

    public GameFigures {
        phases = Collections.unmodifiableMap(new TreeMap<>(phases));
        errors = List.copyOf(errors);
        kinds = Collections.unmodifiableMap(new TreeMap<>(kinds));
    }

    /**
     * A mistake or blunder.
     *
     * @param at the move
     * @param loss points of a hundred
     * @param cause what it turned on, where that can be named
     * @param line what shows it from there: the better line, or, for what it allowed, the move
     *     itself with the answer
     */
    public record Error(
            MoveInGame at, double loss, Optional<Cause> cause, boolean inTrouble, List<Move> line) {
        public Error {
            line = List.copyOf(line);
        }

        /** The part of the game it was made in. */
        public Phase phase() {
            return at.phase();
        }

        /** The position before it. */
        public Position position() {
            return at.position();
        }
    }

    /**
     * A move in its game.
     *
     * @param ply 1-based
     * @param move number and move: {@code 23.Qc2}
     * @param position the position before it
     */
    public record MoveInGame(int ply, String move, Phase phase, Position position) {

        static MoveInGame of(MoveReview m) {
            String move = Line.number(m.position(), true) + m.san();
            return new MoveInGame(m.ply(), move, m.phase(), m.position());
        }
    }

    /** The figures of one side of a reviewed game. */
    public static GameFigures of(long id, GameReview review, Side side) {
        List<MoveReview> own =
                review.moves().stream().filter(m -> m.side() == side && !m.isForced()).toList();
        Map<Phase, MeanLoss.Tally> phases = new EnumMap<>(Phase.class);
        for (Phase phase : Phase.values()) {
            phases.put(phase, tally(own.stream().filter(m -> m.phase() == phase).toList()));
        }
        Map<Moment.Kind, Integer> kinds = new EnumMap<>(Moment.Kind.class);
        review.moments().stream()
                .filter(m -> m.side() == side)
                .forEach(m -> kinds.merge(m.kind(), 1, Integer::sum));
        return new GameFigures(
                Played.of(id, review.game(), side),
                phases,
                errors(own),
                kinds,
                own.stream().anyMatch(m -> m.clock().isPresent()),
                tally(own.stream().filter(MoveReview::isInTimeTrouble).toList()));
    }

    private static MeanLoss.Tally tally(List<MoveReview> moves) {
        return new MeanLoss.Tally(
                moves.size(), moves.stream().mapToDouble(m -> m.loss().points()).sum());
    }

    private static List<Error> errors(List<MoveReview> own) {
        List<Error> errors = new ArrayList<>();
        for (MoveReview m : own) {
            if (m.loss().points() >= MoveReview.MISTAKE) {
                errors.add(
                        new Error(
                                MoveInGame.of(m),
                                m.loss().points(),
                                Cause.of(m),
                                m.isInTimeTrouble(),
                                line(m)));
            }
        }
        return errors;
    }

    private static List<Move> line(MoveReview move) {
        if (Cause.of(move).filter(c -> !c.missed()).isEmpty()) {
            return move.best().line();
        }
        List<Move> line = new ArrayList<>(List.of(move.node().move()));
        line.addAll(move.answer());
        return line;
    }

    private static Optional<String> tag(MoveTree game, String name) {
        return Optional.of(game.tag(name)).filter(v -> !v.isBlank() && !v.equals("?"));
    }

    private static String opening(MoveTree game) {
        Optional<String> name =
                tag(game, "Opening")
                        .or(
                                () ->
                                        OpeningNames.shipped()
                                                .of(game.mainLine())
                                                .map(n -> n.split(": ")[0]))
                        .or(() -> tag(game, "ECO"));
        if (name.isPresent()) {
            return name.get();
        }
        if (!game.start().equals(Position.START)) {
            return CoachWords.of("review.from-a-position");
        }
        List<Node> line = game.mainLine();
        return Line.numbered(
                Position.START,
                line.subList(0, Math.min(OPENING_PLIES, line.size())).stream()
                        .map(Node::move)
                        .toList());
    }

    /** Moves with a choice, and what they lost, in the whole game. */
    MeanLoss.Tally all() {
        int moves = phases.values().stream().mapToInt(MeanLoss.Tally::moves).sum();
        double loss = phases.values().stream().mapToDouble(MeanLoss.Tally::loss).sum();
        return new MeanLoss.Tally(moves, loss);
    }

    /** Moves and loss outside time trouble. */
    MeanLoss.Tally inCalm() {
        MeanLoss.Tally all = all();
        return new MeanLoss.Tally(all.moves() - inTrouble.moves(), all.loss() - inTrouble.loss());
    }

    /** The earlier game first; games without a date first of all. */
    static Comparator<GameFigures> byDate() {
        return Comparator.comparing(
                GameFigures::played, Comparator.comparing(Played::date).thenComparing(Played::id));
    }
}

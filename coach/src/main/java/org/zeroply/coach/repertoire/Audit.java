package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnCommands;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.repertoire.card.CardReader;
import org.zeroply.coach.texts.CoachWords;

/** What can be said against a repertoire without an engine. */
public final class Audit {

    /** A gap rarer than this is not told. */
    private static final double RAREST = 0.0005;

    /** Games from which on a reply that nobody chose is told. */
    private static final int ENOUGH_GAMES = 10;

    private final Repertoire repertoire;
    private final Shares shares;

    /**
     * @param shares how likely the replies are
     */
    public Audit(Repertoire repertoire, Shares shares) {
        this.repertoire = repertoire;
        this.shares = shares;
    }

    /**
     * A reply that is not answered.
     *
     * @param spot the position before it
     * @param share how likely a game of ours comes there and meets it, 0 to 1
     * @param games games in which it was played
     */
    public record Gap(Spot spot, String reply, double share, int games) {
        /** The moves before it. */
        public String line() {
            return spot.line();
        }
    }

    /** Replies that are not answered, the likeliest first; on the way of a school. */
    public List<Gap> gaps(Optional<Approach> school) {
        return Coverage.of(repertoire, shares, school).leaks().stream()
                .filter(l -> l.reply().isPresent() && l.probability() >= RAREST)
                .map(l -> new Gap(l.spot(), l.san(), l.probability(), l.games()))
                .toList();
    }

    /**
     * A position in which different moves are recommended.
     *
     * @param moves the moves in SAN
     * @param lines for each of them the line that recommends it
     */
    public record Contradiction(Spot spot, List<String> moves, List<String> lines) {
        public Contradiction {
            moves = List.copyOf(moves);
            lines = List.copyOf(lines);
        }
    }

    /** Positions of ours in which different moves are recommended, in one order or in several. */
    public List<Contradiction> contradictions() {
        List<Contradiction> found = new ArrayList<>();
        for (Spot spot : repertoire.spots()) {
            if (!repertoire.isOurs(spot.position())) {
                continue;
            }
            Map<Move, List<Node>> moves = spot.recommendations();
            if (moves.size() > 1) {
                found.add(
                        new Contradiction(
                                spot,
                                moves.keySet().stream()
                                        .map(m -> San.write(spot.position(), m))
                                        .toList(),
                                moves.values().stream().map(n -> Line.to(n.get(0))).toList()));
            }
        }
        return found;
    }

    /**
     * A line that ends too early.
     *
     * @param why in words
     */
    public record DeadEnd(Spot spot, String why) {
        /** The moves that lead there. */
        public String line() {
            return spot.line();
        }
    }

    /** Lines that stop on their move, or with a verdict that leaves the position unclear. */
    public List<DeadEnd> deadEnds() {
        List<DeadEnd> ends = new ArrayList<>();
        for (Spot spot : repertoire.spots()) {
            if (!spot.moves().isEmpty() || spot.position().legalMoves().isEmpty()) {
                continue;
            }
            boolean unclear =
                    spot.places().stream()
                            .anyMatch(
                                    n ->
                                            n.annotation()
                                                    .verdict()
                                                    .equals(Optional.of(Verdict.UNCLEAR)));
            if (repertoire.isOurs(spot.position()) && !spot.places().get(0).isRoot()) {
                ends.add(new DeadEnd(spot, CoachWords.of("repertoire.stops-on-their-move")));
            } else if (unclear) {
                ends.add(
                        new DeadEnd(spot, CoachWords.of("repertoire.ends-in-an-unclear-position")));
            }
        }
        return ends;
    }

    /**
     * A line prepared against a reply that is not played.
     *
     * @param games games that came to the position before it
     */
    public record Unreached(Spot spot, String reply, int games) {
        /** The moves before it. */
        public String line() {
            return spot.line();
        }
    }

    /** Replies that are answered and that nobody played, although many came to the position. */
    public List<Unreached> unreached() {
        List<Unreached> found = new ArrayList<>();
        for (Spot spot : repertoire.spots()) {
            if (repertoire.isOurs(spot.position())) {
                continue;
            }
            int games = shares.areFromGames() ? shares.games(spot.position()) : 0;
            for (Move reply : games < ENOUGH_GAMES ? List.<Move>of() : moves(spot)) {
                if (shares.games(spot.position(), reply) == 0) {
                    String san = San.write(spot.position(), reply);
                    found.add(new Unreached(spot, san, games));
                }
            }
        }
        found.sort(Comparator.comparingInt(Unreached::games).reversed());
        return found;
    }

    private static List<Move> moves(Spot spot) {
        return List.copyOf(spot.moves().keySet());
    }

    /**
     * A text that stands as a card and is none.
     *
     * @param why what was expected
     */
    public record Unreadable(Spot spot, String text, String why) {}

    /** Cards that cannot be read: they are neither asked nor checked. */
    public List<Unreadable> unreadable() {
        List<Unreadable> found = new ArrayList<>();
        for (Spot spot : repertoire.spots()) {
            spot.cardTexts()
                    .forEach(
                            t ->
                                    CardReader.problem(t)
                                            .ifPresent(
                                                    why ->
                                                            found.add(
                                                                    new Unreadable(spot, t, why))));
        }
        return found;
    }

    /**
     * A comment that begins a command of ours and does not end it, or holds one that is none.
     *
     * @param text the comment from there on
     */
    public record BrokenCommand(Spot spot, String text) {}

    /** Commands in comments that could not be read: they stand as text and do nothing. */
    public List<BrokenCommand> brokenCommands() {
        List<BrokenCommand> found = new ArrayList<>();
        for (Spot spot : repertoire.spots()) {
            for (Node place : spot.places()) {
                PgnCommands.unread(place.annotation())
                        .ifPresent(text -> found.add(new BrokenCommand(spot, text)));
            }
        }
        return found;
    }
}

package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;

/**
 * What an opponent is likely to play against a repertoire, by that opponent's own games; recent
 * ones count more.
 */
public final class Preparation {

    /** Years after which a game counts half. */
    private static final double HALF_LIFE = 1.5;

    /** Weight of a game of today; old games keep at least 1. */
    private static final int FRESH = 8;

    private static final int FROM_MOVE = 3;
    private static final double RAREST = 0.01;
    private static final int FEW = 2;

    private final Repertoire repertoire;
    private final Optional<Approach> school;
    private final GameBook weighted = new GameBook();
    private final GameBook plain = new GameBook();
    private final Shares shares = new Shares(weighted);

    /**
     * @param games games of the opponent with the other colour
     */
    public Preparation(Repertoire repertoire, List<MoveTree> games, Optional<Approach> school) {
        this.repertoire = repertoire;
        this.school = school;
        Optional<Double> newest =
                games.stream().flatMap(g -> year(g).stream()).max(Comparator.naturalOrder());
        for (MoveTree game : games) {
            plain.add(game);
            int weight = weight(year(game), newest);
            for (int i = 0; i < weight; i++) {
                weighted.add(game);
            }
        }
    }

    /** When a game was played, in years; a month or day that is not known is the first. */
    private static Optional<Double> year(MoveTree game) {
        String[] parts = game.tag("Date").split("\\.");
        return parts[0].matches("\\d{4}")
                ? Optional.of(
                        Integer.parseInt(parts[0])
                                + (part(parts, 1) - 1) / 12.0
                                + (part(parts, 2) - 1) / 365.0)
                : Optional.empty();
    }

    private static int part(String[] parts, int index) {
        return parts.length > index && parts[index].matches("\\d{1,2}")
                ? Integer.parseInt(parts[index])
                : 1;
    }

    private static int weight(Optional<Double> year, Optional<Double> newest) {
        if (year.isEmpty() || newest.isEmpty()) {
            return 1;
        }
        double age = newest.get() - year.get();
        return (int) Math.max(1, Math.round(FRESH * Math.pow(0.5, age / HALF_LIFE)));
    }

    /**
     * A position of ours on the way.
     *
     * @param probability how likely a game comes there, 0 to 1
     * @param games the opponent's games that came there
     * @param experienceEnds whether the opponent was there and at none of the positions after our
     *     recommended move
     */
    public record Stop(
            Spot spot, double probability, int games, String recommended, boolean experienceEnds) {

        /** The moves that lead there. */
        public String line() {
            return spot.line();
        }
    }

    /** Our positions on the likely ways, the likeliest first. */
    public List<Stop> stops() {
        Map<Spot, Double> reached = Coverage.of(repertoire, shares, school).reached();
        return reached.entrySet().stream()
                .filter(e -> repertoire.isOurs(e.getKey().position()))
                .filter(e -> e.getValue() >= RAREST)
                .map(e -> stop(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingDouble(Stop::probability).reversed())
                .toList();
    }

    private Stop stop(Spot spot, double probability) {
        Optional<Move> ours = spot.recommended(school);
        int here = games(spot.position());
        int after = ours.map(m -> games(spot.position().play(m))).orElse(0);
        return new Stop(
                spot,
                probability,
                here,
                ours.map(m -> San.write(spot.position(), m)).orElse(""),
                here > 0 && after == 0);
    }

    private int games(Position position) {
        return plain.at(position).stream().mapToInt(Replies.Reply::games).sum();
    }

    /**
     * The few positions to repeat: the likeliest from the third move on, none of which lies on the
     * way to another; of several on one way the last that is still half as likely as the first.
     *
     * @param most how many
     */
    public List<Stop> toRepeat(int most) {
        List<Stop> chosen = new ArrayList<>();
        List<Stop> candidates =
                stops().stream()
                        .filter(s -> !s.recommended().isEmpty())
                        .filter(s -> move(s.spot()) >= FROM_MOVE)
                        .toList();
        for (Stop stop : candidates) {
            Optional<Stop> before =
                    chosen.stream().filter(c -> isOnWay(c.spot(), stop.spot())).findFirst();
            if (before.filter(c -> stop.probability() >= c.probability() / 2).isPresent()) {
                chosen.set(chosen.indexOf(before.get()), stop);
            } else if (before.isEmpty() && chosen.size() < most) {
                chosen.add(stop);
            }
        }
        return chosen;
    }

    private static int move(Spot spot) {
        return spot.places().get(0).depth() / 2 + 1;
    }

    private static boolean isOnWay(Spot earlier, Spot later) {
        return later.places().stream()
                .flatMap(n -> n.path().stream())
                .map(Node::position)
                .anyMatch(earlier.position()::equals);
    }

    /**
     * Another move of the repertoire that leaves the opponent's usual paths.
     *
     * @param move the move, in SAN
     * @param instead what is recommended there, in SAN
     * @param games the opponent's games after the recommended move
     */
    public record SideStep(Spot spot, Move step, String move, String instead, int games) {

        /** The moves before it. */
        public String line() {
            return spot.line();
        }
    }

    /** Early moves of the repertoire after which the opponent has no game, the likeliest first. */
    public List<SideStep> sideSteps() {
        List<SideStep> steps = new ArrayList<>();
        for (Stop stop : stops()) {
            Position p = stop.spot().position();
            Optional<Move> ours = stop.spot().recommended(school);
            int usual = ours.map(m -> games(p.play(m))).orElse(0);
            for (Move other : usual < FEW ? List.<Move>of() : others(stop.spot(), ours)) {
                if (games(p.play(other)) == 0) {
                    String san = San.write(p, other);
                    steps.add(new SideStep(stop.spot(), other, san, stop.recommended(), usual));
                }
            }
        }
        return steps;
    }

    private static List<Move> others(Spot spot, Optional<Move> ours) {
        return spot.moves().keySet().stream().filter(m -> !Optional.of(m).equals(ours)).toList();
    }
}

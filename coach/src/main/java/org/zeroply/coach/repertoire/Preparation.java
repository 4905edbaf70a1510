package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
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

    /** Before this move nothing has to be repeated: our choice. */
    private static final int FROM_MOVE = 3;

    /** What is less likely is not prepared for, 0 to 1: our choice. */
    private static final double RAREST = 0.01;

    /** With fewer games an opponent has no experience of a position: our choice. */
    private static final int FEW = 2;

    /** How much a position needs to be repeated that is not surely known; our choice. */
    private static final double NEEDED = 0.5;

    /** How likely a way is that is told; our choice. */
    private static final double A_WAY = 0.04;

    private final Repertoire repertoire;
    private final Optional<Approach> school;
    private final GameBook weighted = new GameBook();
    private final GameBook plain = new GameBook();
    private final Shares shares;

    /** What the ways come to, found once: all questions go over it. */
    private Optional<List<Stop>> stops = Optional.empty();

    /**
     * @param games games of the opponent with the other colour
     */
    public Preparation(Repertoire repertoire, List<MoveTree> games, Optional<Approach> school) {
        this(repertoire, games, school, Replies.NONE);
    }

    /**
     * @param games games of the opponent with the other colour
     * @param everybody what all play where the opponent has never been
     */
    public Preparation(
            Repertoire repertoire,
            List<MoveTree> games,
            Optional<Approach> school,
            Replies everybody) {
        this.shares = new Shares(p -> weighted.at(p).isEmpty() ? everybody.at(p) : weighted.at(p));
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
        if (stops.isEmpty()) {
            stops = Optional.of(found());
        }
        return stops.get();
    }

    private List<Stop> found() {
        Map<Spot, Double> reached = Coverage.of(repertoire, shares, school).reached();
        return reached.entrySet().stream()
                .filter(e -> repertoire.isOurs(e.getKey().position()))
                .filter(e -> e.getValue() >= RAREST)
                .map(e -> stop(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingDouble(Stop::probability).reversed())
                .toList();
    }

    private Stop stop(Spot spot, double probability) {
        int here = games(spot.position());
        return new Stop(
                spot,
                probability,
                here,
                spot.recommended(school).map(m -> San.write(spot.position(), m)).orElse(""),
                here > 0 && gamesAfter(spot) == 0);
    }

    /** The opponent's games that came to a position and went on. */
    public int games(Position position) {
        return plain.at(position).stream().mapToInt(Replies.Reply::games).sum();
    }

    /** The opponent's games after what is recommended at a position. */
    public int gamesAfter(Spot spot) {
        return spot.recommended(school).map(m -> games(spot.position().play(m))).orElse(0);
    }

    /** Where the opponent knows what comes after our recommended move, from the third move on. */
    public List<Stop> usual() {
        return stops().stream()
                .filter(s -> move(s.spot()) >= FROM_MOVE)
                .filter(s -> gamesAfter(s.spot()) >= FEW)
                .toList();
    }

    /**
     * Where the likeliest ways come to, the likeliest first: positions that no other one follows
     * that is as likely as {@value #A_WAY}.
     *
     * @param most how many
     */
    public List<Stop> waysEnds(int most) {
        return ends(A_WAY).stream().limit(most).toList();
    }

    private List<Stop> ends(double likely) {
        List<Stop> ways = stops().stream().filter(s -> s.probability() >= likely).toList();
        return ways.stream()
                .filter(end -> ways.stream().noneMatch(s -> isOnWay(end.spot(), s.spot())))
                .toList();
    }

    /** The few positions to repeat, where nothing is known of what is remembered. */
    public List<Stop> toRepeat(int most) {
        return toRepeat(most, spot -> 1);
    }

    /**
     * The few positions to repeat, from the third move on: of each likely way the last one that has
     * a move of ours and is not surely known, else the last one. Ways come by their likelihood and
     * by how much their position needs it; less likely ones are added while there are too few.
     *
     * @param most how many
     * @param need how much a position needs to be repeated, 0 to 1
     */
    public List<Stop> toRepeat(int most, ToDoubleFunction<Spot> need) {
        List<Stop> answered =
                stops().stream()
                        .filter(s -> !s.recommended().isEmpty())
                        .filter(s -> move(s.spot()) >= FROM_MOVE)
                        .toList();
        List<Stop> chosen = new ArrayList<>();
        for (double likely = A_WAY; likely >= RAREST && chosen.size() < most; likely /= 2) {
            Map<Stop, Double> weights = new LinkedHashMap<>();
            for (Stop end : ends(likely)) {
                last(answered, end, need)
                        .ifPresent(
                                s ->
                                        weights.merge(
                                                s,
                                                end.probability() * need.applyAsDouble(s.spot()),
                                                Math::max));
            }
            List<Stop> weightiest =
                    weights.keySet().stream()
                            .sorted(Comparator.comparingDouble((Stop s) -> -weights.get(s)))
                            .toList();
            for (Stop stop : weightiest) {
                if (chosen.size() < most && chosen.stream().noneMatch(c -> isSameWay(c, stop))) {
                    chosen.add(stop);
                }
            }
        }
        return chosen;
    }

    private static boolean isSameWay(Stop one, Stop other) {
        return one.equals(other)
                || isOnWay(one.spot(), other.spot())
                || isOnWay(other.spot(), one.spot());
    }

    /** The last position of a way that is not surely known, else the last one. */
    private static Optional<Stop> last(List<Stop> answered, Stop end, ToDoubleFunction<Spot> need) {
        List<Stop> way =
                answered.stream()
                        .filter(s -> s.equals(end) || isOnWay(s.spot(), end.spot()))
                        .sorted(Comparator.comparingInt((Stop s) -> -move(s.spot())))
                        .toList();
        return way.stream()
                .filter(s -> need.applyAsDouble(s.spot()) >= NEEDED)
                .findFirst()
                .or(() -> way.stream().findFirst());
    }

    private static int move(Spot spot) {
        return spot.places().get(0).depth() / 2 + 1;
    }

    private static boolean isOnWay(Spot earlier, Spot later) {
        return later.places().stream()
                .flatMap(n -> n.path().stream())
                .flatMap(n -> n.parent().stream())
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
            int usual = gamesAfter(stop.spot());
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

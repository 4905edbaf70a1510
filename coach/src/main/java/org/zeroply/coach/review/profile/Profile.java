package org.zeroply.coach.review.profile;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.texts.CoachWords;

/** A player's strengths and weaknesses over many reviewed games. */
public final class Profile {

    /** Themes named as the weakest: our choice. */
    private static final int WORST = 3;

    /** Games on either side of a game that weigh e^-½ in the trend, at least. */
    private static final double NARROWEST = 1.5;

    /** The trend is smoothed over this part of the games to either side: our choice. */
    private static final double PART = 0.15;

    /** With fewer games no trend is drawn: our choice. */
    private static final int FEWEST_FOR_TREND = 4;

    /** With fewer games a change cannot be told from chance: our choice. */
    private static final int FEWEST_FOR_CHANGE = 6;

    private final String name;
    private final List<GameFigures> games;

    private Profile(String name, List<GameFigures> games) {
        this.name = name;
        this.games = games.stream().sorted(GameFigures.byDate()).toList();
    }

    /** The profile from the player's games in any order. */
    public static Profile of(String name, List<GameFigures> games) {
        return new Profile(name, games);
    }

    /** The player. */
    public String name() {
        return name;
    }

    /** The games, the earliest first. */
    public List<GameFigures> games() {
        return games;
    }

    /** Mean loss of a move over all games. */
    public MeanLoss overall() {
        return estimate(GameFigures::all);
    }

    private MeanLoss estimate(Function<GameFigures, MeanLoss.Tally> part) {
        return MeanLoss.of(games.stream().map(part).toList());
    }

    /** Mean loss by phase. */
    public Map<Phase, MeanLoss> byPhase() {
        Map<Phase, MeanLoss> phases = new EnumMap<>(Phase.class);
        for (Phase phase : Phase.values()) {
            phases.put(phase, estimate(g -> g.phases().get(phase)));
        }
        return phases;
    }

    /** Mean loss with White and with Black. */
    public Map<Side, MeanLoss> bySide() {
        Map<Side, MeanLoss> sides = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            sides.put(side, of(name, of(side)).overall());
        }
        return sides;
    }

    private List<GameFigures> of(Side side) {
        return games.stream().filter(g -> g.played().side() == side).toList();
    }

    /**
     * An opening of the player.
     *
     * @param score mean result, 0 to 1; empty when none of the games has one
     */
    public record OpeningFigures(String name, Side side, MeanLoss loss, String score) {}

    /** Mean loss by opening and colour, the most played first. */
    public List<OpeningFigures> byOpening() {
        Map<String, List<GameFigures>> groups =
                games.stream()
                        .collect(
                                Collectors.groupingBy(
                                        g -> g.played().side() + g.played().opening(),
                                        LinkedHashMap::new,
                                        Collectors.toList()));
        return groups.values().stream()
                .map(Profile::opening)
                .sorted(
                        Comparator.comparingInt((OpeningFigures o) -> o.loss().games())
                                .reversed()
                                .thenComparing(OpeningFigures::name))
                .toList();
    }

    private static OpeningFigures opening(List<GameFigures> group) {
        GameFigures first = group.get(0);
        double points = group.stream().mapToDouble(g -> g.played().score().orElse(0.0)).sum();
        long scored = group.stream().filter(g -> g.played().score().isPresent()).count();
        String score =
                scored == 0
                        ? ""
                        : String.format(Locale.ROOT, CoachWords.of("review.of"), points, scored);
        return new OpeningFigures(
                first.played().opening(), first.played().side(), of("", group).overall(), score);
    }

    /** Moments that taught the player something, by kind; kinds that did not occur are left out. */
    public Map<Moment.Kind, Integer> byKind() {
        Map<Moment.Kind, Integer> kinds = new EnumMap<>(Moment.Kind.class);
        games.forEach(
                g -> g.kinds().forEach((kind, count) -> kinds.merge(kind, count, Integer::sum)));
        return kinds;
    }

    /**
     * An error and its game.
     *
     * @param game the game it was made in
     */
    public record Example(GameFigures.Played game, GameFigures.Error error) {}

    /**
     * A theme of the player's errors.
     *
     * @param missed errors in which the player could have had it
     * @param allowed errors in which the player let it happen
     * @param loss points of a hundred that these errors cost together
     * @param examples the errors, the dearest first
     */
    public record ThemeFigures(
            Theme theme, int missed, int allowed, double loss, List<Example> examples) {
        public ThemeFigures {
            examples = List.copyOf(examples);
        }
    }

    /** Errors by theme, the dearest theme first; errors whose theme is not known are left out. */
    public List<ThemeFigures> byTheme() {
        Map<Theme, List<Example>> groups = new EnumMap<>(Theme.class);
        for (GameFigures game : games) {
            for (GameFigures.Error error : game.errors()) {
                error.cause()
                        .ifPresent(
                                c ->
                                        groups.computeIfAbsent(c.theme(), t -> new ArrayList<>())
                                                .add(new Example(game.played(), error)));
            }
        }
        List<ThemeFigures> themes = new ArrayList<>();
        groups.forEach((theme, examples) -> themes.add(theme(theme, examples)));
        themes.sort(Comparator.comparingDouble(ThemeFigures::loss).reversed());
        return themes;
    }

    private static ThemeFigures theme(Theme theme, List<Example> examples) {
        List<Example> dearest =
                examples.stream()
                        .sorted(Comparator.comparingDouble((Example e) -> -e.error().loss()))
                        .toList();
        int missed = (int) examples.stream().filter(e -> e.error().cause().get().missed()).count();
        double loss = examples.stream().mapToDouble(e -> e.error().loss()).sum();
        return new ThemeFigures(theme, missed, examples.size() - missed, loss, dearest);
    }

    /** The three dearest themes. */
    public List<ThemeFigures> worst() {
        return byTheme().stream().limit(WORST).toList();
    }

    /** Errors in all, with and without a theme. */
    public int errors() {
        return games.stream().mapToInt(g -> g.errors().size()).sum();
    }

    /** Mean loss with less than two minutes left, in games with clocks. */
    public MeanLoss inTrouble() {
        return MeanLoss.of(clocked().map(GameFigures::inTrouble).toList());
    }

    /** Mean loss in games with clocks while there was time. */
    public MeanLoss inCalm() {
        return MeanLoss.of(clocked().map(GameFigures::inCalm).toList());
    }

    private Stream<GameFigures> clocked() {
        return games.stream().filter(GameFigures::clocked);
    }

    /** The mean loss of each game, the earliest first. */
    public List<Double> course() {
        return games.stream()
                .map(GameFigures::all)
                .map(t -> t.moves() == 0 ? 0 : t.loss() / t.moves())
                .toList();
    }

    /**
     * The trend at each game: an estimate from all games, weighted by a bell curve over their
     * distance in games (kernel smoothing; E. A. Nadaraya, 1964, and G. S. Watson, 1964). Empty
     * with fewer than four games.
     */
    public List<MeanLoss> trend() {
        if (games.size() < FEWEST_FOR_TREND) {
            return List.of();
        }
        double width = Math.max(NARROWEST, PART * games.size());
        List<MeanLoss> trend = new ArrayList<>();
        for (int at = 0; at < games.size(); at++) {
            List<MeanLoss.Tally> tallies = new ArrayList<>();
            for (int i = 0; i < games.size(); i++) {
                double z = (i - at) / width;
                MeanLoss.Tally all = games.get(i).all();
                tallies.add(new MeanLoss.Tally(all.moves(), all.loss(), Math.exp(-z * z / 2)));
            }
            trend.add(MeanLoss.of(tallies));
        }
        return trend;
    }

    /**
     * What the later half of the games lost a move against the earlier, in points with the margin
     * of the difference; nothing is claimed when the margin is wider than the difference.
     */
    public String change() {
        if (games.size() < FEWEST_FOR_CHANGE) {
            return CoachWords.of("review.too-few-games-to-tell");
        }
        int half = games.size() / 2;
        MeanLoss early = of(name, games.subList(0, half)).overall();
        MeanLoss late = of(name, games.subList(half, games.size())).overall();
        double difference = late.mean() - early.mean();
        double margin = Math.hypot(early.margin().orElse(0), late.margin().orElse(0));
        String verdict =
                CoachWords.of(
                        Math.abs(difference) <= margin
                                ? "review.no-sure-change"
                                : "review.a-sure-change");
        return String.format(
                Locale.ROOT,
                CoachWords.of("review.in-the-later-half-of"),
                Math.abs(difference),
                margin,
                difference < 0 ? "less" : "more",
                verdict);
    }
}

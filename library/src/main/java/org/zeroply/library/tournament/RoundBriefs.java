package org.zeroply.library.tournament;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.Preparation;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.PlayerName;
import org.zeroply.coach.repertoire.tournament.RoundPlan;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.coach.review.profile.Profile;
import org.zeroply.coach.training.drill.Memory;
import org.zeroply.coach.training.drill.Question;
import org.zeroply.coach.training.drill.Questions;
import org.zeroply.library.Library;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.student.Student;

/** Prepares rounds for a player from the games and repertoires of a library. */
public final class RoundBriefs {

    /** The figures of an opponent's reviewed games. */
    public interface Figures {
        /** Nobody's. */
        Figures NONE = (player, side) -> List.of();

        /** The figures of a player, as written in the games, with a colour. */
        List<GameFigures> of(String player, Side side);
    }

    /** A position that is surely known needs to be repeated so much less, 0 to 1; our choice. */
    private static final double KNOWN = 0.7;

    private static final int OPENINGS = 5;

    private static final Comparator<RoundBrief.GameOf> NEWEST =
            Comparator.comparing(RoundBrief.GameOf::date)
                    .thenComparingLong(RoundBrief.GameOf::id)
                    .reversed();

    private final Library library;
    private final Optional<Student> student;
    private final long today;
    private final Figures figures;

    /**
     * @param student whose memory and school count
     * @param today days since 1970-01-01
     */
    public RoundBriefs(Library library, Optional<Student> student, long today, Figures figures) {
        this.library = library;
        this.student = student;
        this.today = today;
        this.figures = figures;
    }

    /** The student that a player is, if one of these is. */
    public static Optional<Student> student(Collection<Student> students, String player) {
        return students.stream().filter(s -> PlayerName.same(s.name(), player)).findFirst();
    }

    /**
     * Prepares one round.
     *
     * @param side the colour of who it is for
     * @param evaluator judges side steps; none are told without it
     * @throws java.util.concurrent.CancellationException when the evaluator is cancelled
     */
    public RoundBrief of(
            Tournament tournament, Pairing pairing, Side side, Optional<MoveEvaluator> evaluator) {
        Entrant met = pairing.entrant(side.other());
        RoundGames games = new RoundGames(library.sheets());
        List<String> names = games.written(met.name());
        List<RoundGames.Numbered> found = games.of(met.name(), side.other());
        List<MoveTree> theirs = found.stream().map(RoundGames.Numbered::game).toList();
        Optional<RoundPlan> plan =
                pairing.isBye()
                        ? Optional.empty()
                        : RepertoireChapters.read(library.sheets(), side)
                                .map(c -> plan(c.repertoire(), theirs, evaluator));
        return new RoundBrief(
                tournament,
                pairing,
                side,
                new RoundBrief.Opponent(
                        met,
                        names,
                        found.stream().map(RoundBriefs::told).sorted(NEWEST).toList(),
                        tournament.standing(met.name(), pairing.round())),
                openings(theirs, side.other()),
                names.isEmpty()
                        ? List.of()
                        : Profile.of(names.get(0), figures(names, side.other())).byOpening(),
                plan);
    }

    private static RoundBrief.GameOf told(RoundGames.Numbered found) {
        MoveTree game = found.game();
        String date = game.tag("Date");
        return new RoundBrief.GameOf(
                found.id(),
                game.tag("White") + " – " + game.tag("Black"),
                date.startsWith("?") ? "" : date,
                game.result(),
                OpeningNames.shipped().of(game.mainLine()).orElse(""));
    }

    private List<GameFigures> figures(List<String> names, Side side) {
        return names.stream().flatMap(n -> figures.of(n, side).stream()).toList();
    }

    private RoundPlan plan(
            Repertoire repertoire, List<MoveTree> theirs, Optional<MoveEvaluator> evaluator) {
        Optional<Approach> school = student.flatMap(s -> library.recall().approach(s.id()));
        Preparation preparation =
                new Preparation(
                        repertoire, theirs, school, library.games().replies(GameFilter.ALL));
        return RoundPlan.of(preparation, need(repertoire, school), evaluator);
    }

    private ToDoubleFunction<Spot> need(Repertoire repertoire, Optional<Approach> school) {
        if (student.isEmpty()) {
            return spot -> 1;
        }
        Questions questions = Questions.of(repertoire, school);
        Memory memory = library.recall().of(student.get().id());
        return spot ->
                1
                        - KNOWN
                                * questions.at(spot).stream()
                                        .filter(Question.WhichMove.class::isInstance)
                                        .mapToDouble(q -> memory.of(q).known(today))
                                        .max()
                                        .orElse(0);
    }

    private static List<RoundBrief.Played> openings(List<MoveTree> games, Side side) {
        Map<String, List<MoveTree>> byName = new LinkedHashMap<>();
        for (MoveTree game : games) {
            OpeningNames.shipped()
                    .of(game.mainLine())
                    .ifPresent(n -> byName.computeIfAbsent(n, k -> new ArrayList<>()).add(game));
        }
        return byName.entrySet().stream()
                .map(e -> played(e.getKey(), e.getValue(), side))
                .sorted(
                        Comparator.comparingInt(RoundBrief.Played::games)
                                .reversed()
                                .thenComparing(RoundBrief.Played::name))
                .limit(OPENINGS)
                .toList();
    }

    private static RoundBrief.Played played(String name, List<MoveTree> games, Side side) {
        List<OptionalDouble> scores =
                games.stream()
                        .map(g -> GameResult.score(g.result(), side))
                        .filter(OptionalDouble::isPresent)
                        .toList();
        double points = scores.stream().mapToDouble(OptionalDouble::getAsDouble).sum();
        return new RoundBrief.Played(name, games.size(), points, scores.size());
    }
}

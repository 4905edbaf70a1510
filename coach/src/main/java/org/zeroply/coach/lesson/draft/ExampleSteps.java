package org.zeroply.coach.lesson.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import java.util.stream.IntStream;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.coach.pattern.Evidence;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Examples of a theme as steps of a lesson: clear ones, and one where the idea fails. All figures
 * are our choice.
 */
final class ExampleSteps {

    /** Places in games that are looked at for examples. */
    private static final int LOOKED_AT = 32;

    /** Moves of an example that are shown, in plies. */
    private static final int SHOWN = 16;

    /** Between two looks at an example. */
    private static final int EVERY = 4;

    /** A longer rest of a game is not decided by what was there at its beginning. */
    private static final int LONGEST = 60;

    /** An example that goes on for fewer plies shows nothing: our choice. */
    private static final int SHORTEST = 4;

    /** An example may not fall back by more than this on its way, in expected score. */
    private static final double STEADY = 0.1;

    /** Whoever begins with less won by errors of the other side. */
    private static final double SOUND = 0.45;

    /** What an example comes to, and what a failure has, at the least and at the most. */
    private static final double CLEAR = 0.75;

    /** Expected score up to which an idea has failed: clearly worse, our choice. */
    private static final double FAILED = 0.35;

    /** Whoever has more has won by what came before. */
    private static final double WON = 0.85;

    /** Something is already decided from here on, and shows nothing. */
    private static final double DECIDED = 0.95;

    /** Plies of the line that proves it: our choice. */
    private static final int PROOF = 8;

    /** Of the nodes, for the looks by which examples are chosen. */
    private static final int BRIEF = 4;

    /** Places of a game of which the best is taken: our choice. */
    private static final int PLACES = 6;

    /** A rise by more than this between two looks is an error of the other side. */
    private static final double JUMP = 0.3;

    /** Before so many plies a game has hardly begun: our choice. */
    private static final int OPENING = 16;

    /**
     * What an example comes to, in expected score.
     *
     * @param jump the largest rise between two looks
     * @param jumpAt at which look that was, in plies from the example
     */
    private record Judged(
            Place place, double at, double least, double after, double jump, int jumpAt) {

        Example example() {
            return place.example();
        }

        int rest() {
            return example().game().mainLine().size() - example().ply();
        }

        /** Whether something beside the theme may decide: men more, errors, or what was before. */
        boolean isDisturbed() {
            return !place.level() || jump > JUMP || at < SOUND || at > WON;
        }

        boolean isClear() {
            return example().won()
                    && place.played()
                    && rest() >= SHORTEST
                    && rest() <= LONGEST
                    && at < DECIDED
                    && least >= at - STEADY
                    && after >= CLEAR;
        }
    }

    private final MoveEvaluator evaluator;
    private final Cancellation cancellation;
    private final List<Judged> judged;
    private final Set<MoveTree> used = new HashSet<>();

    private ExampleSteps(MoveEvaluator evaluator, Cancellation cancellation, List<Judged> judged) {
        this.evaluator = evaluator;
        this.cancellation = cancellation;
        this.judged = judged;
    }

    /**
     * Looks at one example of each game, as many as there is time for.
     *
     * @param progress told the part done, 0 to 1
     * @throws CancellationException when cancelled
     */
    static ExampleSteps judge(
            MoveEvaluator evaluator,
            List<Example> found,
            Cancellation cancellation,
            DoubleConsumer progress) {
        MoveEvaluator brief = evaluator.brief(BRIEF);
        List<Place> some = oneOfEachGame(found, cancellation);
        List<Judged> judged = new ArrayList<>();
        for (int i = 0; i < some.size(); i++) {
            goOn(cancellation);
            judged.add(judge(brief, some.get(i)));
            progress.accept((i + 1.0) / some.size());
        }
        return new ExampleSteps(evaluator, cancellation, judged);
    }

    /** Of each game the place that shows the theme best, the best of all first. */
    private static List<Place> oneOfEachGame(List<Example> found, Cancellation cancellation) {
        Map<MoveTree, List<Example>> games = new LinkedHashMap<>();
        found.forEach(e -> games.computeIfAbsent(e.game(), g -> new ArrayList<>()).add(e));
        List<Place> best = new ArrayList<>();
        for (List<Example> places : games.values()) {
            goOn(cancellation);
            int step = Math.max(1, (places.size() + PLACES - 1) / PLACES);
            IntStream.iterate(0, i -> i < places.size(), i -> i + step)
                    .mapToObj(i -> Place.of(places.get(i)))
                    .min(BEST)
                    .ifPresent(best::add);
        }
        return best.stream().sorted(BEST).limit(LOOKED_AT).toList();
    }

    /**
     * How well a place shows the theme.
     *
     * @param played whether what follows has to do with it
     * @param level whether nothing else need decide
     * @param lasts whether it is there for some time
     * @param weight of the weightiest fact that shows it; 0 where none does
     * @param late whether the opening is over
     */
    private record Place(
            Example example,
            boolean played,
            boolean level,
            boolean lasts,
            int weight,
            boolean late) {

        static Place of(Example e) {
            Evidence evidence = e.evidence();
            return new Place(
                    e,
                    e.isPlayedOn(SHOWN),
                    e.isLevel(),
                    e.lasts(),
                    evidence.facts().stream().mapToInt(Fact::weight).max().orElse(0),
                    e.position().ply() >= OPENING);
        }
    }

    private static final Comparator<Place> BEST =
            Comparator.comparing(Place::played)
                    .thenComparing(Place::level)
                    .thenComparing(Place::lasts)
                    .thenComparing(Place::weight)
                    .thenComparing(Place::late)
                    .reversed();

    static void goOn(Cancellation cancellation) {
        if (cancellation.isCancelled()) {
            throw new CancellationException("the draft was cancelled");
        }
    }

    /** The games that were shown. */
    Set<MoveTree> used() {
        return used;
    }

    /**
     * Clear examples, the shortest first.
     *
     * @param disturbed whether those in which something beside the theme may decide, or the others
     * @param first whether the first of them begins the lesson
     */
    List<LessonStep> clear(LessonDraft.Theme theme, boolean disturbed, int most, boolean first) {
        List<LessonStep> steps = new ArrayList<>();
        judged.stream()
                .filter(Judged::isClear)
                .filter(j -> j.isDisturbed() == disturbed)
                .filter(j -> !used.contains(j.example().game()))
                .sorted(Comparator.comparing(Judged::rest))
                .limit(Math.max(0, most))
                .forEach(
                        j -> {
                            used.add(j.example().game());
                            steps.add(example(theme, j, first && steps.isEmpty()));
                        });
        return steps;
    }

    /** Takes a game as shown. */
    void use(MoveTree game) {
        used.add(game);
    }

    private static Judged judge(MoveEvaluator brief, Place place) {
        Example example = place.example();
        List<Position> positions = example.onwards();
        double at = brief.expected(positions.get(0), example.side()).value();
        double least = at;
        double after = at;
        double jump = 0;
        int jumpAt = 0;
        int last = Math.min(SHOWN, positions.size() - 1);
        for (int i = EVERY; i < last + EVERY; i += EVERY) {
            int look = Math.min(i, last);
            double now = brief.expected(positions.get(look), example.side()).value();
            if (now - after > jump) {
                jump = now - after;
                jumpAt = look;
            }
            after = now;
            least = i <= last ? Math.min(least, now) : least;
        }
        if (last < SHOWN && example.won()) {
            after = Math.max(after, CLEAR);
        }
        return new Judged(place, at, least, after, jump, jumpAt);
    }

    private LessonStep example(LessonDraft.Theme theme, Judged judged, boolean first) {
        Example example = judged.example();
        MoveTree shown = ShownPlace.start(example);
        TreeEditor editor = new TreeEditor(shown);
        List<Node> rest = example.game().mainLine();
        List<Node> moves =
                rest.subList(example.ply(), Math.min(rest.size(), example.ply() + SHOWN));
        Node end = editor.addLine(shown.root(), moves.stream().map(Node::move).toList());
        Proof.stamp(editor, end, evaluator);
        String side = example.side().word();
        String how =
                rest.size() - example.ply() > SHOWN
                        ? side
                                + " won at move "
                                + (rest.get(rest.size() - 1).position().ply() / 2 + 1)
                        : side + " won soon after";
        ShownPlace.mark(editor, example);
        editor.comment(
                shown.root(),
                (first ? theme.definition() + ". " : "")
                        + ShownPlace.facts(example)
                        + "The engine gives "
                        + side
                        + " "
                        + ShownPlace.points(judged.at())
                        + " points of 100 here and "
                        + ShownPlace.points(
                                evaluator.expected(end.position(), example.side()).value())
                        + " at the end of this line; "
                        + how
                        + "."
                        + error(judged));
        return LessonStep.of(StepKind.SHOW, shown)
                .with(LessonStep.TITLE, ShownPlace.title(theme, example, first))
                .with(Exercise.THEMES, String.join(", ", theme.themes()));
    }

    /** What of it is an error of the other side, which a lesson must not pass over. */
    private static String error(Judged judged) {
        if (judged.jump() <= JUMP) {
            return "";
        }
        List<Position> positions = judged.example().onwards();
        int from = positions.get(Math.max(0, judged.jumpAt() - EVERY)).fullmoveNumber();
        int to = positions.get(judged.jumpAt() - 1).fullmoveNumber();
        return " "
                + ShownPlace.points(judged.jump())
                + " of these points came at once, by what "
                + judged.example().side().other().word()
                + " played "
                + (from == to ? "at move " + from : "between moves " + from + " and " + to)
                + ".";
    }

    /** An example that the side does not win, with the line that shows why. */
    Optional<LessonStep> failure(LessonDraft.Theme theme) {
        List<Judged> failed =
                judged.stream()
                        .filter(j -> !j.example().won())
                        .filter(j -> j.at() <= FAILED && j.at() >= 1 - DECIDED)
                        .filter(j -> !used.contains(j.example().game()))
                        .sorted(
                                Comparator.comparing(Judged::isDisturbed)
                                        .thenComparing(Judged::at, Comparator.reverseOrder()))
                        .toList();
        for (Judged j : failed) {
            goOn(cancellation);
            Example example = j.example();
            Optional<Choice> best = evaluator.choice(example.position());
            if (best.isEmpty() || !touches(example, best.get())) {
                continue;
            }
            MoveTree shown = ShownPlace.start(example);
            TreeEditor editor = new TreeEditor(shown);
            Node end = Proof.line(editor, best.get().best(), PROOF);
            Proof.stamp(editor, end, evaluator);
            double promised = evaluator.expected(example.position(), example.side()).value();
            double left = evaluator.expected(end.position(), example.side()).value();
            if (promised > FAILED || left > FAILED) {
                continue;
            }
            String side = example.side().word();
            editor.comment(
                    shown.root(),
                    "It is there as well, and it is not enough: the engine gives "
                            + side
                            + " "
                            + ShownPlace.points(promised)
                            + " points of 100 here and "
                            + ShownPlace.points(left)
                            + " at the end of the line. What is different?");
            used.add(example.game());
            return Optional.of(
                    LessonStep.of(StepKind.SHOW, shown)
                            .with(LessonStep.TITLE, "Where it fails: " + example.title())
                            .with(Exercise.THEMES, String.join(", ", theme.themes())));
        }
        return Optional.empty();
    }

    /** Whether the line that shows the failure has to do with the theme. */
    private static boolean touches(Example example, Choice best) {
        return example.evidence().isTouched(example.position(), best.best().line(), PROOF);
    }
}

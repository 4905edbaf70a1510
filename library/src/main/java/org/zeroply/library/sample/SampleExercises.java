package org.zeroply.library.sample;

import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.exercise.find.ExerciseFinder;
import org.zeroply.coach.exercise.find.GameExercise;
import org.zeroply.coach.exercise.find.Prospect;
import org.zeroply.coach.exercise.find.Wishes;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.exercise.sound.KnownExercises;
import org.zeroply.coach.exercise.sound.SoundnessCheck;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.transfer.Progress;

/** Exercises out of sample games: the longest solutions first, each found sound. */
final class SampleExercises {

    private static final int MEGABYTES = 16;

    /** A scheme with fewer items shows too little. */
    private static final int FEWEST_ITEMS = 7;

    /** Own moves beyond which a solution is long enough, and its items count. */
    private static final int LONG = 4;

    /** Finds drafted for each exercise that is wanted, at most. */
    private static final int TRIES = 3;

    private final Progress progress;

    SampleExercises(Progress progress) {
        this.progress = progress;
    }

    private record Find(MoveTree game, Prospect prospect) {}

    /**
     * An exercise and the game it is from.
     *
     * @param scheme the exercise
     */
    record Made(MoveTree scheme, MoveTree game) {

        private int items() {
            return MarkingScheme.of(scheme).items().size();
        }

        private int ownMoves() {
            return MarkingScheme.of(scheme).ownMoves();
        }
    }

    /**
     * Drafts exercises. The same whatever the number of processors: each find has an engine of its
     * own.
     *
     * @param games to look through
     */
    List<Made> of(List<MoveTree> games, int wanted) {
        List<Find> finds =
                games.parallelStream()
                        .flatMap(SampleExercises::finds)
                        .sorted(
                                Comparator.comparingInt((Find f) -> f.prospect().ownMoves())
                                        .thenComparingDouble(f -> f.prospect().rank())
                                        .reversed())
                        .limit((long) TRIES * wanted)
                        .toList();
        progress.report(-1, finds.size() + " finds to draft");
        List<Made> made =
                finds.parallelStream()
                        .map(this::draft)
                        .flatMap(Optional::stream)
                        .sorted(
                                Comparator.comparingInt((Made m) -> Math.min(LONG, m.ownMoves()))
                                        .thenComparingInt(Made::items)
                                        .reversed())
                        .toList();
        List<Made> chosen = oneOfAGame(made).stream().limit(wanted).toList();
        for (int i = 0; i < chosen.size(); i++) {
            new TreeEditor(chosen.get(i).scheme()).tag("ZpTitle", "Calculation " + (i + 1));
        }
        return chosen;
    }

    /** Two of one game are often two moments of one attack. */
    private static List<Made> oneOfAGame(List<Made> made) {
        Set<MoveTree> games = Collections.newSetFromMap(new IdentityHashMap<>());
        return made.stream().filter(m -> games.add(m.game())).toList();
    }

    private static Stream<Find> finds(MoveTree game) {
        ExerciseFinder finder =
                new ExerciseFinder(
                        new BuiltInEngine(MEGABYTES),
                        Endings.NONE,
                        ExerciseFinder.NODES,
                        Wishes.ANY);
        return finder.in(game, part -> {}, new Cancellation()).orElseThrow().stream()
                .map(p -> new Find(game, p));
    }

    private Optional<Made> draft(Find find) {
        BuiltInEngine engine = new BuiltInEngine(MEGABYTES);
        SchemeDraft drafter =
                new SchemeDraft(engine, Endings.NONE, SchemeDraft.NODES, SchemeDraft.POINTS);
        SoundnessCheck check =
                new SoundnessCheck(engine, Endings.NONE, SoundnessCheck.NODES, KnownExercises.NONE);
        Cancellation never = new Cancellation();
        Optional<Made> made =
                GameExercise.draft(drafter, find.prospect(), find.game(), part -> {}, never)
                        .map(scheme -> new Made(scheme, find.game()))
                        .filter(m -> m.items() >= FEWEST_ITEMS)
                        .filter(m -> SchemeDraft.isSettled(m.scheme()))
                        .filter(
                                m ->
                                        check.check(m.scheme(), part -> {}, never)
                                                .orElseThrow()
                                                .sound());
        progress.report(
                -1,
                find.prospect().ownMoves()
                        + " own moves: "
                        + made.map(m -> m.ownMoves() + " drafted, " + m.items() + " items")
                                .orElse("not taken"));
        return made;
    }
}

package org.zeroply.desktop.work;

import java.util.List;
import java.util.OptionalLong;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.exercise.sound.SoundnessCheck;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.library.Library;
import org.zeroply.library.store.LibraryExercises;

/**
 * What desks call on: the library, background work, the live engine, the one that marks, the maker
 * of exact endings, the queue of reviews, the search for exercises, and the engines that weigh
 * defences side by side.
 */
public record Services(
        Library library,
        Background background,
        LiveAnalysis live,
        Engine marking,
        EndingsMaker endings,
        ReviewQueue reviews,
        ExerciseSearch search,
        List<Engine> defenders) {

    /** The setting that holds how many nodes drafts and checks take for each search. */
    public static final String EXERCISE_NODES = "exercise.nodes";

    private long nodes(long usual) {
        return library.settings().get(EXERCISE_NODES).map(Long::parseLong).orElse(usual);
    }

    /** Takes over what is given as a list that does not change. */
    public Services {
        defenders = List.copyOf(defenders);
    }

    /** Drafts marking schemes with the usual number of points. */
    public SchemeDraft drafter() {
        return new SchemeDraft(
                marking, endings.tables(), nodes(SchemeDraft.NODES), SchemeDraft.POINTS);
    }

    /**
     * Checks whether exercises are sound.
     *
     * @param exercise the exercise itself, which is no duplicate; reads the library
     */
    public SoundnessCheck checker(OptionalLong exercise) {
        return new SoundnessCheck(
                marking,
                endings.tables(),
                nodes(SoundnessCheck.NODES),
                LibraryExercises.without(library.sheets(), exercise));
    }

    /** Ends all work and closes the library. */
    public void close() {
        endings.close();
        reviews.close();
        search.close();
        live.close();
        background.close();
        library.close();
    }
}

package org.zeroply.desktop.work;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.zeroply.coach.ending.EndingSolver;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.exercise.marking.LineChecker;
import org.zeroply.coach.exercise.sound.SoundnessCheck;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.endings.Endings;
import org.zeroply.library.Library;
import org.zeroply.library.database.Setting;
import org.zeroply.library.sheet.LibraryExercises;

/** What desks call on: the library, work behind the window, and the engines. */
public final class Services implements AutoCloseable {

    /** The setting that holds how many nodes drafts and checks take for each search. */
    public static final Setting<Long> EXERCISE_NODES = Setting.number("exercise.nodes", 1);

    /** Nobody waits longer for an exercise in the window; the command line does. */
    private static final int MINUTES_TO_DRAFT = 2;

    private static final int MINUTES_TO_CHECK = 5;

    private static final int MARKING_MEGABYTES = 32;
    private static final int SMALL_MEGABYTES = 16;
    private static final int DEFENDERS = 2;

    private final Library library;
    private final LogBook log;
    private final WindowMemory memory;
    private final Engines engines;
    private final Endings exact;
    private final Messages messages;
    private final Scheduler scheduler;
    private final Saves saves = new Saves();
    private final LiveAnalysis live;
    private final Engine marking;
    private final EndingsMaker endings;
    private final ReviewQueue reviews;
    private final ExerciseSearch search;
    private final List<Engine> defenders;
    private final Drafts drafts;
    private Consumer<String> outside = uri -> {};
    private Optional<LibraryWatch> watch = Optional.empty();

    /**
     * Services for a window on a library.
     *
     * @param memory what the window remembers of its looks
     */
    public Services(Library library, WindowMemory memory, Clock clock, Engines engines) {
        this.library = library;
        this.memory = memory;
        this.engines = engines;
        EndingTables tables = EndingTables.ofUser();
        exact = engines.exact(tables);
        log = new LogBook(library.file());
        messages = new Messages(clock);
        scheduler = new Scheduler(messages);
        endings = new EndingsMaker(tables, scheduler);
        live = new LiveAnalysis(EngineSettings.load(library.settings()), engines, exact, scheduler);
        marking = engine(MARKING_MEGABYTES);
        reviews = new ReviewQueue(library, engine(SMALL_MEGABYTES), scheduler);
        search = new ExerciseSearch(library, engine(SMALL_MEGABYTES), exact, scheduler);
        drafts = new Drafts(library, scheduler, messages, this::drafter);
        defenders = Stream.generate(() -> engine(SMALL_MEGABYTES)).limit(beside()).toList();
    }

    /** How many engines go on side by side: the window keeps a processor to itself. */
    private static int beside() {
        return Math.max(1, Math.min(DEFENDERS, Runtime.getRuntime().availableProcessors() - 1));
    }

    private Engine engine(int megabytes) {
        return engines.maker().engine(megabytes, exact);
    }

    /** Shows files and folders with what the system has for them, from now on. */
    public void showOutside(Consumer<String> show) {
        outside = show;
    }

    /** Shows a file or folder, by its URI, with what the system has for it. */
    public void open(String uri) {
        outside.accept(uri);
    }

    /** The library. */
    public Library library() {
        return library;
    }

    /** What the window remembers of its looks. */
    public WindowMemory memory() {
        return memory;
    }

    /** What went wrong. */
    public LogBook log() {
        return log;
    }

    /** What the program says. */
    public Messages messages() {
        return messages;
    }

    /** Work behind the window. */
    public Scheduler scheduler() {
        return scheduler;
    }

    /** What is not saved yet. */
    public Saves saves() {
        return saves;
    }

    /** The engine beside the board. */
    public LiveAnalysis live() {
        return live;
    }

    /** The engine that marks, drafts and answers. */
    public Engine marking() {
        return marking;
    }

    /** The maker of exact endings. */
    public EndingsMaker endings() {
        return endings;
    }

    /** The queue of reviews. */
    public ReviewQueue reviews() {
        return reviews;
    }

    /** The search for exercises. */
    public ExerciseSearch search() {
        return search;
    }

    /** The engines that weigh defences side by side. */
    public List<Engine> defenders() {
        return defenders;
    }

    private long nodes(long usual) {
        return library.settings().get(EXERCISE_NODES.usually(usual));
    }

    /** Solves endings, with an engine of its own. */
    public EndingSolver endingSolver() {
        Engine engine = engines.maker().engine(SMALL_MEGABYTES, Endings.NONE);
        return new EndingSolver(engine, endings.tables(), EndingSolver.NODES);
    }

    /** Checks lines of an answer that the scheme lacks. */
    public LineChecker lineChecker() {
        return new LineChecker(marking, endings.tables(), LineChecker.NODES);
    }

    /** Drafts exercises in two steps. */
    public Drafts drafts() {
        return drafts;
    }

    /** Drafts marking schemes with the usual number of points. */
    public SchemeDraft drafter() {
        return new SchemeDraft(
                        marking, endings.tables(), nodes(SchemeDraft.NODES), SchemeDraft.POINTS)
                .within(TimeUnit.MINUTES.toMillis(MINUTES_TO_DRAFT));
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
                        LibraryExercises.without(library.sheets(), exercise))
                .within(TimeUnit.MINUTES.toMillis(MINUTES_TO_CHECK));
    }

    /** Shows from now on what another program writes into the library. */
    public void watch() {
        watch = Optional.of(new LibraryWatch(scheduler, library, this::others));
        watch.get().start();
    }

    /** Goes on when all that was done so far is saved, or could not be. */
    public void afterSaving(Runnable then) {
        saves.flush();
        // Behind what is being saved: when it comes back, the saves have ended or failed.
        scheduler.library(() -> true, done -> then.run());
    }

    /** Makes today's copy of the library, if it is due. */
    public void keepBackups() {
        scheduler.beside((cancellation, progress) -> library.backups().keepUp(), made -> {});
    }

    private void others() {
        saves.lookAgain(Texts.of("work.another-program-has-changed-this-sheet"));
    }

    /** Ends all work and closes the library. */
    @Override
    public void close() {
        watch.ifPresent(LibraryWatch::close);
        endings.close();
        reviews.close();
        search.close();
        live.rest();
        scheduler.close();
        live.close();
        library.close();
        log.close();
    }
}

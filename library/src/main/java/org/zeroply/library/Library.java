package org.zeroply.library;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.function.Supplier;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.library.care.Backups;
import org.zeroply.library.care.LibraryCheck;
import org.zeroply.library.database.Database;
import org.zeroply.library.database.Failures;
import org.zeroply.library.database.LibraryCopies;
import org.zeroply.library.database.SettingStore;
import org.zeroply.library.index.PositionFinder;
import org.zeroply.library.index.PositionIndex;
import org.zeroply.library.index.QueryStore;
import org.zeroply.library.review.RememberedAnalyses;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.CollectionStore;
import org.zeroply.library.sheet.FindStore;
import org.zeroply.library.sheet.SeriesForm;
import org.zeroply.library.sheet.SeriesStore;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.sheet.SheetTransfer;
import org.zeroply.library.sheet.UnreadStore;
import org.zeroply.library.student.AssignmentStore;
import org.zeroply.library.student.AttemptStore;
import org.zeroply.library.student.LessonAnswerStore;
import org.zeroply.library.student.RecallStore;
import org.zeroply.library.student.StudentFile;
import org.zeroply.library.student.StudentStore;

/**
 * One library file and everything in it. Safe for use by several threads: reading goes on while one
 * thread writes, and writers wait for each other.
 */
public final class Library implements AutoCloseable {

    private final Database database;
    private final SheetStore sheets;
    private final SheetTransfer sheetTransfer;
    private final StudentStore students;
    private final AttemptStore attempts;
    private final UnreadStore unread;
    private final SettingStore settings;
    private final ReviewStore reviews;
    private final RememberedAnalyses analyses;
    private final StudentFile studentFile;
    private final PositionIndex games;
    private final PositionFinder finder;
    private final QueryStore queries;
    private final RecallStore recall;
    private final FindStore finds;
    private final AssignmentStore assignments;
    private final SeriesStore<Lesson> lessons;
    private final SeriesStore<Tournament> tournaments;
    private final LessonAnswerStore lessonAnswers;
    private final BinStore bin;
    private final CollectionStore collections;
    private final Backups backups;
    private final LibraryCheck check;

    private Library(Database database, Clock clock) {
        this.database = database;
        this.sheets = new SheetStore(database, clock);
        this.sheetTransfer = new SheetTransfer(database, sheets);
        this.students = new StudentStore(database, clock);
        this.attempts = new AttemptStore(database);
        this.unread = new UnreadStore(database, clock);
        this.settings = new SettingStore(database);
        this.reviews = new ReviewStore(database, clock);
        this.analyses = new RememberedAnalyses(database);
        this.studentFile = new StudentFile(database, clock);
        this.games = new PositionIndex(database);
        this.recall = new RecallStore(database);
        this.finds = new FindStore(database, clock);
        this.assignments = new AssignmentStore(database);
        this.lessons = new SeriesStore<>(sheets, SeriesForm.LESSON);
        this.tournaments = new SeriesStore<>(sheets, SeriesForm.TOURNAMENT);
        this.lessonAnswers = new LessonAnswerStore(database);
        this.bin = new BinStore(database, clock);
        this.collections = new CollectionStore(database);
        this.queries = new QueryStore(database, clock);
        this.finder = new PositionFinder(database, games, collections);
        this.backups = new Backups(new LibraryCopies(database), settings, clock);
        this.check = new LibraryCheck(database, games, backups);
    }

    /**
     * Opens a library, or makes a new one where there is no file. An older file is brought up to
     * date after a backup copy was made beside it.
     *
     * @throws LibraryException if the file is not a library, is newer than this program, or cannot
     *     be read or written
     */
    public static Library open(Path file) {
        return open(file, Clock.systemUTC());
    }

    /** Opens a library whose time stamps come from the given clock. */
    public static Library open(Path file, Clock clock) {
        return new Library(Database.open(file.toAbsolutePath()), clock);
    }

    /**
     * What was written into the file.
     *
     * @param version another one after every write, by this program or another
     * @param own how often this program wrote
     */
    public record Writes(long version, long own) {}

    /** What was written so far, to be compared with what will have been written later. */
    public Writes writes() {
        long own = database.writes();
        return new Writes(database.version(), own);
    }

    /** The file. */
    public Path file() {
        return database.file();
    }

    /** Games, analyses and exercises. */
    public SheetStore sheets() {
        return sheets;
    }

    /** What is told of sheets when a library is taken elsewhere. */
    public SheetTransfer sheetTransfer() {
        return sheetTransfer;
    }

    /** Makes all writes of this thread one transaction. */
    public <T> T together(Supplier<T> work) {
        return database.together(work);
    }

    /**
     * Does a part of what is written together; if it fails, what it wrote is taken back alone.
     *
     * @return why it failed: a value that has no place in a library
     * @throws LibraryException if the library itself fails
     */
    public Optional<String> part(Runnable work) {
        try {
            database.part(work);
            return Optional.empty();
        } catch (RuntimeException e) {
            if (!Failures.isBadValue(e)) {
                throw e;
            }
            return Optional.of(Failures.badValue(e));
        }
    }

    /** Students. */
    public StudentStore students() {
        return students;
    }

    /** The log of attempts. */
    public AttemptStore attempts() {
        return attempts;
    }

    /** Texts that an import could not read. */
    public UnreadStore unread() {
        return unread;
    }

    /** Small things remembered by name, such as drafts. */
    public SettingStore settings() {
        return settings;
    }

    /** The queue of reviews and the coach's notes on moments. */
    public ReviewStore reviews() {
        return reviews;
    }

    /** Analyses that need not be made again. */
    public RememberedAnalyses analyses() {
        return analyses;
    }

    /** Moments put into the files of students. */
    public StudentFile studentFile() {
        return studentFile;
    }

    /** What students remember of repertoires. */
    public RecallStore recall() {
        return recall;
    }

    /** Positions of games that are worth setting. */
    public FindStore finds() {
        return finds;
    }

    /** What students are to solve. */
    public AssignmentStore assignments() {
        return assignments;
    }

    /** Lessons. */
    public SeriesStore<Lesson> lessons() {
        return lessons;
    }

    /** Tournaments: who plays whom, and the results. */
    public SeriesStore<Tournament> tournaments() {
        return tournaments;
    }

    /** What students answered in lessons. */
    public LessonAnswerStore lessonAnswers() {
        return lessonAnswers;
    }

    /** What was put away. */
    public BinStore bin() {
        return bin;
    }

    /** Games put together under a name. */
    public CollectionStore collections() {
        return collections;
    }

    /** Copies of this library. */
    public Backups backups() {
        return backups;
    }

    /** Whether this library is whole. */
    public LibraryCheck check() {
        return check;
    }

    /** Which games came to a position. */
    public PositionIndex games() {
        return games;
    }

    /** Questions to games that have a name. */
    public QueryStore queries() {
        return queries;
    }

    /** What looks through the games for positions. */
    public PositionFinder finder() {
        return finder;
    }

    @Override
    public void close() {
        database.close();
    }
}

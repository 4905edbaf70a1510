package org.zeroply.library.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
import java.util.function.Supplier;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteOpenMode;
import org.zeroply.library.LibraryException;
import org.zeroply.library.texts.LibraryWords;

/** The library file as a database: opening, bringing up to date, and one writer at a time. */
public final class Database {

    private static final String PART = "part";

    /**
     * What the writer keeps in memory of the file, and how long the log beside the file may become
     * before it is folded in: our choice, so that the pages an import comes to again and again are
     * written once in a while.
     */
    private static final int WRITER_KILOBYTES = 48 * 1024;

    private static final int LOG_PAGES = 8 * 1024;

    private final Path file;
    private final LibraryPlace place;
    private final SQLiteDataSource source;
    private final Jdbi jdbi;

    /** Fair, so that a short write comes between the many of a long import. */
    private final ReentrantLock writing = new ReentrantLock(true);

    private final AtomicLong writes = new AtomicLong();

    /**
     * Connections for reading that are not in use; to open one takes longer than most questions.
     */
    private final Queue<Handle> readers = new ConcurrentLinkedQueue<>();

    /** Where a thread writes several things as one. */
    private final ThreadLocal<Handle> together = new ThreadLocal<>();

    /** The connection that writes; kept, so that what one write has read need not be read again. */
    private Handle writer;

    private volatile boolean closed;

    /** Stays open, so that the write-ahead log is not folded in after every single write. */
    private final Handle keeper;

    private Database(Path file, SQLiteDataSource source) {
        this.file = file;
        this.source = source;
        this.jdbi = Times.in(Jdbi.create(source));
        this.keeper = jdbi.open();
        this.place = new LibraryPlace(file);
    }

    /** Opens or creates; see {@link org.zeroply.library.Library#open}. */
    public static Database open(Path file) {
        LibraryFile place = new LibraryFile(file);
        place.check();
        boolean made = place.isMissing() && make(place);
        Database database = connect(file, false);
        try {
            if (!made && database.isUnfinished()) {
                database.giveUp();
                make(place);
                database = connect(file, false);
            }
            if (!made) {
                database.bringUpToDate();
            }
            database.keeper
                    .createQuery("SELECT EXISTS (SELECT 1 FROM sheet)")
                    .mapTo(Long.class)
                    .one();
            return database;
        } catch (JdbiException | FlywayException | LibraryException e) {
            database.giveUp();
            throw e instanceof LibraryException ours ? ours : Failures.translate(file, e);
        }
    }

    /**
     * @param make whether a file is made where there is none; otherwise one that was moved away
     *     while it was open would be found again empty
     */
    private static Database connect(Path file, boolean make) {
        SQLiteConfig config = new SQLiteConfig();
        if (!make) {
            config.resetOpenMode(SQLiteOpenMode.CREATE);
        }
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(10_000);
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        SQLiteDataSource source = SqlFunctions.source(config);
        source.setUrl("jdbc:sqlite:" + file);
        try {
            return new Database(file, source);
        } catch (JdbiException e) {
            throw Failures.translate(file, e);
        }
    }

    /** Makes an empty library in a file that is nobody's yet. */
    private static void prepare(Path file) {
        Database database = connect(file, true);
        try {
            database.write(h -> h.execute("PRAGMA application_id = " + LibraryFile.APPLICATION_ID));
            database.flyway().migrate();
            database.close();
        } catch (JdbiException | FlywayException e) {
            database.giveUp();
            throw Failures.translate(file, e);
        }
    }

    /** The file. */
    public Path file() {
        return file;
    }

    private static boolean make(LibraryFile place) {
        return place.make(() -> place.isMissing() || isUnfinished(place.file()), Database::prepare);
    }

    /** Whether a program was stopped while it made the file, and nothing of anybody's is in it. */
    private static boolean isUnfinished(Path file) {
        Database database = connect(file, false);
        try {
            return database.isUnfinished();
        } catch (LibraryException e) {
            // What cannot be read is told by whoever opens it.
            return false;
        } finally {
            database.giveUp();
        }
    }

    private boolean isUnfinished() {
        int owner = owner();
        boolean ours = owner == LibraryFile.APPLICATION_ID || owner == 0;
        return ours && read(h -> h.createQuery(LibraryFile.TABLES).mapTo(Integer.class).one() == 0);
    }

    private int owner() {
        return read(h -> h.createQuery("PRAGMA application_id").mapTo(Integer.class).one());
    }

    private void bringUpToDate() {
        if (owner() != LibraryFile.APPLICATION_ID) {
            throw LibraryFile.notALibrary(file);
        }
        // Asking is most of what opening a library takes, so it is asked once.
        Flyway flyway = flyway();
        MigrationInfoService info = flyway.info();
        refuseNewer(info);
        if (info.pending().length > 0) {
            backUp(info.current());
            flyway.migrate();
        }
    }

    private Flyway flyway() {
        return Flyway.configure(Database.class.getClassLoader())
                .dataSource(source)
                .locations("classpath:org/zeroply/library/migrations")
                .loggers("slf4j")
                .load();
    }

    private void refuseNewer(MigrationInfoService info) {
        for (MigrationInfo applied : info.applied()) {
            if (applied.getState().isResolved()) {
                continue;
            }
            throw new LibraryException(LibraryWords.of("database.was-written-by-a-newer", file));
        }
    }

    private void backUp(MigrationInfo current) {
        String version = current == null ? "0" : current.getVersion().getVersion();
        Path copy = file.resolveSibling(file.getFileName() + ".before-v" + version + ".backup");
        try {
            // Moves everything from the write-ahead log into the file first.
            read(h -> h.createQuery("PRAGMA wal_checkpoint(TRUNCATE)").mapToMap().list());
            Files.copy(file, copy, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new LibraryException(
                    LibraryWords.of("database.no-backup-could-be-written", copy), e);
        }
    }

    /**
     * Makes all writes of this thread one transaction; what is read within sees them.
     *
     * @throws LibraryException if the library fails; then nothing is written
     */
    public <T> T together(Supplier<T> work) {
        if (together.get() != null) {
            return work.get();
        }
        return write(
                h -> {
                    together.set(h);
                    try {
                        return work.get();
                    } finally {
                        together.remove();
                    }
                });
    }

    /** Does a part of what is written together; if it fails, what it wrote is taken back alone. */
    public void part(Runnable work) {
        Handle h = together.get();
        h.savepoint(PART);
        try {
            work.run();
            h.releaseSavepoint(PART);
        } catch (RuntimeException e) {
            h.rollbackToSavepoint(PART);
            throw e;
        }
    }

    private <T> T within(Handle h, Function<Handle, T> work) {
        try {
            return work.apply(h);
        } catch (JdbiException e) {
            throw Failures.translate(file, e);
        }
    }

    /** Reads, without waiting for a writer. */
    public <T> T read(Function<Handle, T> work) {
        if (together.get() != null) {
            return within(together.get(), work);
        }
        Handle handle = readers.poll();
        if (handle == null) {
            if (!place.isTaken()) {
                // Nothing can be opened any more, but what is open can be read.
                synchronized (keeper) {
                    return within(keeper, work);
                }
            }
            handle = open();
        }
        boolean sound = false;
        try {
            T result = work.apply(handle);
            sound = true;
            return result;
        } catch (JdbiException e) {
            throw Failures.translate(file, e);
        } finally {
            if (sound && !closed) {
                readers.add(handle);
            } else {
                handle.close();
            }
        }
    }

    private Handle open() {
        try {
            return jdbi.open();
        } catch (JdbiException e) {
            throw Failures.translate(file, e);
        }
    }

    /** Counts the writes of this program. */
    public long writes() {
        return writes.get();
    }

    /**
     * Another number after every write to the file, by this program or another one, so that readers
     * see whether they have to look again.
     */
    public long version() {
        synchronized (keeper) {
            return keeper.createQuery("PRAGMA data_version").mapTo(Long.class).one();
        }
    }

    /** Writes in one transaction: all of it is kept or nothing. */
    public <T> T write(Function<Handle, T> work) {
        if (together.get() != null) {
            return within(together.get(), work);
        }
        writing.lock();
        boolean sound = false;
        try {
            place.check();
            T result = writer().inTransaction(work::apply);
            writes.incrementAndGet();
            sound = true;
            return result;
        } catch (JdbiException e) {
            throw Failures.translate(file, e);
        } finally {
            if (!sound || closed) {
                giveUpWriter();
            }
            writing.unlock();
        }
    }

    private Handle writer() {
        if (writer == null) {
            writer = open();
            writer.execute("PRAGMA cache_size = -" + WRITER_KILOBYTES);
            writer.execute("PRAGMA wal_autocheckpoint = " + LOG_PAGES);
        }
        return writer;
    }

    /** A connection that failed is not used again; the next write begins with another one. */
    private void giveUpWriter() {
        if (writer == null) {
            return;
        }
        Connection connection = writer.getConnection();
        try {
            writer.close();
        } catch (JdbiException e) {
            // Why the write failed is told already; here it is only that nothing can be tidied up.
            close(connection);
        } finally {
            writer = null;
        }
    }

    private void close(Connection connection) {
        try {
            connection.close();
        } catch (SQLException e) {
            System.getLogger(Database.class.getName())
                    .log(System.Logger.Level.WARNING, "a connection to " + file + " stays open", e);
        }
    }

    /** A connection of its own, to be closed by who asked for it. */
    Handle connection() {
        place.check();
        return open();
    }

    /** Does what writes without {@link #write}, in its turn. */
    void inTurn(Runnable work) {
        writing.lock();
        try {
            place.check();
            work.run();
            writes.incrementAndGet();
        } finally {
            writing.unlock();
        }
    }

    /** Folds the write-ahead log into the file, so that the file alone is complete. */
    public void close() {
        try {
            read(h -> h.createQuery("PRAGMA wal_checkpoint(TRUNCATE)").mapToMap().list());
        } catch (LibraryException e) {
            // A full disk, say: all is safe in the log beside the file, and folded in next time.
            System.getLogger(Database.class.getName())
                    .log(System.Logger.Level.WARNING, "the log stays beside " + file, e);
        } finally {
            giveUp();
        }
    }

    /** Closes all connections as they are. */
    private void giveUp() {
        closed = true;
        if (writing.tryLock()) {
            // Otherwise who writes closes it.
            try {
                giveUpWriter();
            } finally {
                writing.unlock();
            }
        }
        for (Handle h = readers.poll(); h != null; h = readers.poll()) {
            h.close();
        }
        keeper.close();
    }
}

package org.zeroply.library.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import org.zeroply.library.LibraryException;

/** The library file as a database: opening, bringing up to date, and one writer at a time. */
public final class Database {

    /** Marks the file as one of ours ("ZPLY"). */
    private static final int APPLICATION_ID = 0x5a504c59;

    private static final byte[] SQLITE_HEADER =
            "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    private final Path file;
    private final Jdbi jdbi;
    private final ReentrantLock writing = new ReentrantLock();
    private final AtomicLong writes = new AtomicLong();

    /**
     * Connections for reading that are not in use; to open one takes longer than most questions.
     */
    private final Queue<Handle> readers = new ConcurrentLinkedQueue<>();

    private volatile boolean closed;

    /** Stays open, so that the write-ahead log is not folded in after every single write. */
    private final Handle keeper;

    private Database(Path file, SQLiteDataSource source) {
        this.file = file;
        this.jdbi = Jdbi.create(source);
        this.keeper = jdbi.open();
    }

    /** Opens or creates; see {@link org.zeroply.library.Library#open}. */
    public static Database open(Path file) {
        checkFile(file);
        boolean fresh = isFresh(file);
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(10_000);
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file);
        Database database = null;
        try {
            database = new Database(file, source);
            if (!fresh) {
                database.checkOwner();
            }
            database.migrate(source, fresh);
            database.keeper
                    .createQuery("SELECT EXISTS (SELECT 1 FROM sheet)")
                    .mapTo(Long.class)
                    .one();
            return database;
        } catch (JdbiException | FlywayException | LibraryException e) {
            if (database != null) {
                database.keeper.close();
            }
            throw e instanceof LibraryException ours ? ours : translate(file, e);
        }
    }

    /** The file. */
    public Path file() {
        return file;
    }

    private static boolean isFresh(Path file) {
        try {
            return !Files.exists(file) || Files.size(file) == 0;
        } catch (IOException e) {
            throw new LibraryException(
                    "The file " + file + " cannot be read: " + e.getMessage(), e);
        }
    }

    private static void checkFile(Path file) {
        if (Files.isDirectory(file)) {
            throw new LibraryException(file + " is a folder. Name a file in it.");
        }
        Path folder = file.getParent();
        if (!Files.isDirectory(folder)) {
            throw new LibraryException("The folder " + folder + " does not exist.");
        }
        if (!Files.isWritable(folder) || Files.exists(file) && !Files.isWritable(file)) {
            throw new LibraryException(
                    (Files.exists(file) ? file : folder)
                            + " cannot be written. Nothing was changed. Choose another place, or"
                            + " allow writing there.");
        }
        if (!isFresh(file)) {
            checkHeader(file);
        }
    }

    private static void checkHeader(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            if (!Arrays.equals(in.readNBytes(SQLITE_HEADER.length), SQLITE_HEADER)) {
                throw notALibrary(file);
            }
        } catch (IOException e) {
            throw new LibraryException(
                    "The file " + file + " cannot be read: " + e.getMessage(), e);
        }
    }

    private static LibraryException notALibrary(Path file) {
        return new LibraryException(
                file
                        + " is not a Zero Ply library. It was left as it is. To read games from it,"
                        + " import it into a library instead.");
    }

    private void checkOwner() {
        int owner = read(h -> h.createQuery("PRAGMA application_id").mapTo(Integer.class).one());
        if (owner != APPLICATION_ID) {
            throw notALibrary(file);
        }
    }

    private void migrate(SQLiteDataSource source, boolean fresh) {
        Flyway flyway =
                Flyway.configure(Database.class.getClassLoader())
                        .dataSource(source)
                        .locations("classpath:org/zeroply/library/migrations")
                        .loggers("slf4j")
                        .load();
        if (fresh) {
            write(h -> h.execute("PRAGMA application_id = " + APPLICATION_ID));
        } else {
            // Asking is most of what opening a library takes, so it is asked once.
            MigrationInfoService info = flyway.info();
            refuseNewer(info);
            if (info.pending().length == 0) {
                return;
            }
            backUp(info.current());
        }
        flyway.migrate();
    }

    private void refuseNewer(MigrationInfoService info) {
        for (MigrationInfo applied : info.applied()) {
            if (applied.getState().isResolved()) {
                continue;
            }
            throw new LibraryException(
                    file
                            + " was written by a newer version of Zero Ply. It was left as it is. Open"
                            + " it with that version, or update this one.");
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
                    "No backup could be written to "
                            + copy
                            + ", so the library was not brought up"
                            + " to date. Make room there and open it again.",
                    e);
        }
    }

    /** Reads, without waiting for a writer. */
    public <T> T read(Function<Handle, T> work) {
        Handle handle = Optional.ofNullable(readers.poll()).orElseGet(jdbi::open);
        boolean sound = false;
        try {
            T result = work.apply(handle);
            sound = true;
            return result;
        } catch (JdbiException e) {
            throw translate(file, e);
        } finally {
            if (sound && !closed) {
                readers.add(handle);
            } else {
                handle.close();
            }
        }
    }

    /** Counts the writes of this program, so that readers see whether they have to look again. */
    public long writes() {
        return writes.get();
    }

    /** Writes in one transaction: all of it is kept or nothing. */
    public <T> T write(Function<Handle, T> work) {
        writing.lock();
        try {
            T result = jdbi.inTransaction(work::apply);
            writes.incrementAndGet();
            return result;
        } catch (JdbiException e) {
            throw translate(file, e);
        } finally {
            writing.unlock();
        }
    }

    /** Folds the write-ahead log into the file, so that the file alone is complete. */
    public void close() {
        try {
            read(h -> h.createQuery("PRAGMA wal_checkpoint(TRUNCATE)").mapToMap().list());
        } finally {
            closed = true;
            for (Handle h = readers.poll(); h != null; h = readers.poll()) {
                h.close();
            }
            keeper.close();
        }
    }

    private static LibraryException translate(Path file, Exception e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof SQLiteException sql) {
                return new LibraryException(message(file, sql.getResultCode()), e);
            }
        }
        return new LibraryException(
                "The library " + file + " could not be used: " + e.getMessage(), e);
    }

    private static String message(Path file, SQLiteErrorCode code) {
        String name = code.name();
        if (name.startsWith("SQLITE_FULL")) {
            return "The disk is full. What was saved before is safe in "
                    + file
                    + "; the last change was not saved. Make room and save again.";
        }
        if (name.startsWith("SQLITE_READONLY") || name.startsWith("SQLITE_CANTOPEN")) {
            return file + " cannot be written. What was saved before is safe. Allow writing there.";
        }
        if (name.startsWith("SQLITE_CORRUPT") || name.startsWith("SQLITE_NOTADB")) {
            return file + " is damaged and was left as it is. Use a backup copy from its folder.";
        }
        if (name.startsWith("SQLITE_BUSY") || name.startsWith("SQLITE_LOCKED")) {
            return file
                    + " is in use by another program. What was saved before is safe. Try again.";
        }
        return "The library " + file + " could not be used (" + code.message + ").";
    }
}

package org.zeroply.library.database;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.sqlite.SQLiteConfig;
import org.zeroply.library.LibraryException;
import org.zeroply.library.texts.LibraryWords;

/**
 * The place of a library on the disk. A new one is made under another name beside its place and
 * moved there when it is whole, so that what stands under its own name is never half a library; one
 * program after the other.
 */
final class LibraryFile {

    /** Marks a file as one of ours ("ZPLY"). */
    static final int APPLICATION_ID = 0x5a504c59;

    /** Counts what somebody has put into a file, beside what SQLite and migrations need. */
    static final String TABLES =
            "SELECT count(*) FROM sqlite_master WHERE name NOT LIKE 'sqlite!_%' ESCAPE '!' AND name"
                    + " NOT LIKE 'flyway!_%' ESCAPE '!'";

    /** Where SQLite writes the mark, in bytes from the start of a file. */
    private static final int MARK_AT = 68;

    private static final int HEADER_BYTES = 100;

    private static final byte[] SQLITE_HEADER =
            "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    /** What SQLite keeps beside a file. */
    private static final List<String> BESIDE = List.of("-wal", "-shm", "-journal");

    private static final String MAKING = ".making-";

    private final Path file;

    LibraryFile(Path file) {
        this.file = file;
    }

    /** The file. */
    Path file() {
        return file;
    }

    /**
     * Whether there is a place for a library, or something that may be one.
     *
     * @throws LibraryException if not, saying why
     */
    void check() {
        if (Files.isDirectory(file)) {
            throw new LibraryException(LibraryWords.of("database.is-a-folder-name-a", file));
        }
        Path folder = file.getParent();
        if (!Files.isDirectory(folder)) {
            throw new LibraryException(
                    LibraryWords.of("database.the-folder-does-not-exist", folder));
        }
        if (Files.exists(file) && !Files.isReadable(file)) {
            throw new LibraryException(LibraryWords.of("database.the-file-cannot-be-read", file));
        }
        if (!Files.isWritable(folder) || Files.exists(file) && !Files.isWritable(file)) {
            throw new LibraryException(
                    LibraryWords.of(
                            "database.cannot-be-written-nothing-was",
                            Files.exists(file) ? file : folder));
        }
        if (!Files.exists(file) && size(beside("-wal")) > 0) {
            throw new LibraryException(
                    LibraryWords.of(
                            "database.is-not-there-but-is", file, beside("-wal").getFileName()));
        }
        if (size(file) > 0) {
            checkHeader();
        }
    }

    private void checkHeader() {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] header = in.readNBytes(HEADER_BYTES);
            boolean database =
                    header.length == HEADER_BYTES
                            && Arrays.equals(
                                    Arrays.copyOf(header, SQLITE_HEADER.length), SQLITE_HEADER);
            // A file without a mark may be one that was not finished.
            int mark = database ? ByteBuffer.wrap(header).getInt(MARK_AT) : -1;
            if (mark != APPLICATION_ID && (mark != 0 || isOfOthers())) {
                throw notALibrary(file);
            }
        } catch (IOException e) {
            throw unreadable(file, e);
        }
    }

    /** Whether there are tables, but not ours; looks without changing anything. */
    private boolean isOfOthers() {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        try (Connection connection = config.createConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            int mark = statement.executeQuery("PRAGMA application_id").getInt(1);
            int tables = statement.executeQuery(TABLES).getInt(1);
            return mark != APPLICATION_ID && tables > 0;
        } catch (SQLException e) {
            return true;
        }
    }

    static LibraryException notALibrary(Path file) {
        return new LibraryException(LibraryWords.of("database.is-not-a-zero-ply", file));
    }

    private static LibraryException unreadable(Path file, IOException e) {
        return new LibraryException(
                LibraryWords.of("database.the-file-cannot-be-read-2", file, FileTrouble.reason(e)),
                e);
    }

    /** Whether nothing was written here yet, not even beside the file. */
    boolean isMissing() {
        return size(file) == 0 && size(beside("-wal")) == 0;
    }

    private Path beside(String ending) {
        return file.resolveSibling(file.getFileName() + ending);
    }

    private static long size(Path path) {
        try {
            return Files.exists(path) ? Files.size(path) : 0;
        } catch (IOException e) {
            throw unreadable(path, e);
        }
    }

    /**
     * Makes a library here, in the place of one that was not finished.
     *
     * @param wanted asked when no other program makes one: whether it is still to be made
     * @param work writes and closes a library in the file it is given
     * @return whether one was made
     */
    boolean make(BooleanSupplier wanted, Consumer<Path> work) {
        synchronized (LibraryFile.class) {
            Path turn = beside(MAKING + "lock");
            try (FileChannel channel =
                    FileChannel.open(turn, StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
                channel.lock();
                boolean made = wanted.getAsBoolean();
                if (made) {
                    make(work);
                }
                Files.deleteIfExists(turn);
                return made;
            } catch (IOException e) {
                throw new LibraryException(
                        LibraryWords.of(
                                "database.no-library-could-be-made", file, FileTrouble.reason(e)),
                        e);
            }
        }
    }

    private void make(Consumer<Path> work) throws IOException {
        removeLeftovers();
        LibraryFile making = new LibraryFile(beside(MAKING + ProcessHandle.current().pid()));
        try {
            making.remove();
            work.accept(making.file);
            remove();
            Files.move(making.file, file);
        } finally {
            making.remove();
        }
    }

    /** Removes what programs left that were stopped while they made a library here. */
    private void removeLeftovers() {
        Pattern name =
                Pattern.compile(Pattern.quote(file.getFileName() + MAKING) + "(\\d{1,18})(-\\w+)?");
        try (Stream<Path> siblings = Files.list(file.getParent())) {
            for (Path sibling : siblings.toList()) {
                Matcher left = name.matcher(sibling.getFileName().toString());
                if (left.matches() && !isRunning(Long.parseLong(left.group(1)))) {
                    new LibraryFile(sibling).remove();
                }
            }
        } catch (IOException e) {
            throw unreadable(file.getParent(), e);
        }
    }

    private static boolean isRunning(long process) {
        Optional<ProcessHandle> handle = ProcessHandle.of(process);
        return handle.filter(ProcessHandle::isAlive).isPresent();
    }

    /** Removes the file and what SQLite keeps beside it. */
    void remove() {
        try {
            Files.deleteIfExists(file);
            for (String ending : BESIDE) {
                Files.deleteIfExists(beside(ending));
            }
        } catch (IOException e) {
            throw new LibraryException(
                    LibraryWords.of("database.could-not-be-removed", file, FileTrouble.reason(e)),
                    e);
        }
    }
}

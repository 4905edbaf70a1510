package org.zeroply.engine.endings;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UTFDataFormatException;
import java.io.UncheckedIOException;
import java.lang.ref.SoftReference;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.zip.ZipException;
import org.zeroply.chess.board.Board;
import org.zeroply.engine.analysis.Cancellation;

/**
 * The exact results of all endings of up to four men, kept as files in a folder. Those of three men
 * come with the program. Missing ones can be generated; those there are read when first asked for
 * and stay in memory, all of them 214 MB, until the memory is needed for something else. A search
 * asks them thousands of times a second: to put one away for another would mean to read both again
 * and again.
 */
public final class EndingTables implements Endings {

    private static final List<EndingMaterial> ALL = EndingMaterial.upToFour();

    /** The most men of what comes with the program: such tables are resources beside this class. */
    private static final int SHIPPED_MEN = 3;

    private final Path folder;
    private volatile int most = SHIPPED_MEN;

    /** By signature: the material whose file exists. */
    private final AtomicReferenceArray<EndingMaterial> present =
            new AtomicReferenceArray<>(EndingMaterial.SIGNATURES);

    private final AtomicReferenceArray<SoftReference<EndingTable>> loaded =
            new AtomicReferenceArray<>(EndingMaterial.SIGNATURES);

    /** Told how far generating has come. */
    public interface Progress {

        /**
         * @param ending the ending finished, such as {@code KQKR}
         * @param done how many are finished
         * @param of how many there are
         */
        void finished(String ending, int done, int of);
    }

    /**
     * @param folder where the files are; need not exist
     */
    public EndingTables(Path folder) {
        this.folder = folder;
        for (EndingMaterial material : ALL) {
            if (isShipped(material) || Files.isRegularFile(file(material))) {
                register(material);
            }
        }
    }

    /** The tables in the cache folder of the user, where this system keeps such folders. */
    public static EndingTables ofUser() {
        String home = System.getProperty("user.home");
        String xdg = System.getenv("XDG_CACHE_HOME");
        String local = System.getenv("LOCALAPPDATA");
        Path cache =
                xdg != null && !xdg.isBlank()
                        ? Path.of(xdg)
                        : local != null ? Path.of(local) : Path.of(home, ".cache");
        return new EndingTables(cache.resolve("zeroply").resolve("endings"));
    }

    private Path file(EndingMaterial material) {
        return folder.resolve(material.name() + ".zpe");
    }

    private static boolean isShipped(EndingMaterial material) {
        return material.men() <= SHIPPED_MEN;
    }

    private InputStream open(EndingMaterial material) throws IOException {
        if (!isShipped(material)) {
            return Files.newInputStream(file(material));
        }
        String name = material.name() + ".zpe";
        InputStream in = EndingTables.class.getResourceAsStream(name);
        if (in == null) {
            throw new IOException(name + " is missing in the program");
        }
        return in;
    }

    private void register(EndingMaterial material) {
        most = Math.max(most, material.men());
        present.set(material.signature(), material);
        present.set(EndingMaterial.exchanged(material.signature()), material);
    }

    /** How many endings are known, of {@link #total}. */
    public int count() {
        return (int) ALL.stream().filter(m -> present.get(m.signature()) != null).count();
    }

    /** How many endings there are. */
    public static int total() {
        return ALL.size();
    }

    /**
     * Generates the endings that have no file yet, simplest first. A file is complete or not there
     * at all; what was finished before an interruption stays.
     *
     * @param threads endings to work on at a time; each takes up to 120 MB of memory meanwhile
     * @throws UncheckedIOException if a file cannot be written
     */
    public void generateMissing(int threads, Progress progress, Cancellation cancellation) {
        generate(ALL, threads, progress, cancellation);
    }

    /** Generates an ending such as {@code KBNK} and those it leads to, unless they exist. */
    public void generate(String name, Cancellation cancellation) {
        EndingMaterial wanted = new EndingMaterial(name);
        List<EndingMaterial> needed =
                ALL.stream().filter(m -> m.equals(wanted) || leadsTo(wanted, m)).toList();
        generate(needed, 1, (e, d, o) -> {}, cancellation);
    }

    private static boolean leadsTo(EndingMaterial from, EndingMaterial to) {
        return to.men() < from.men() || to.men() == from.men() && pawns(to) < pawns(from);
    }

    private static long pawns(EndingMaterial material) {
        return material.name().chars().filter(c -> c == 'P').count();
    }

    private void generate(
            List<EndingMaterial> wanted,
            int threads,
            Progress progress,
            Cancellation cancellation) {
        AtomicInteger done = new AtomicInteger();
        Consumer<EndingMaterial> one =
                material -> {
                    if (present.get(material.signature()) == null) {
                        generate(material, cancellation);
                    }
                    if (!cancellation.isCancelled()) {
                        int count = done.incrementAndGet();
                        progress.finished(material.name(), count, wanted.size());
                    }
                };
        // Endings of one level do not lead to each other.
        Map<Integer, List<EndingMaterial>> levels =
                wanted.stream()
                        .collect(
                                Collectors.groupingBy(
                                        EndingTables::level, TreeMap::new, Collectors.toList()));
        for (List<EndingMaterial> level : levels.values()) {
            SideBySide.run(level, threads, one, cancellation);
        }
    }

    private static int level(EndingMaterial material) {
        return material.men() * 10 + (int) pawns(material);
    }

    private void generate(EndingMaterial material, Cancellation cancellation) {
        EndingTable table = new EndingGenerator(material, this::table).generate(cancellation);
        if (cancellation.isCancelled()) {
            return;
        }
        try {
            write(table);
        } catch (IOException e) {
            throw new UncheckedIOException(
                    "The ending table " + file(material) + " could not be written.", e);
        }
        register(material);
    }

    private void write(EndingTable table) throws IOException {
        Files.createDirectories(folder);
        Path unfinished = Files.createTempFile(folder, table.material.name(), ".part");
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(unfinished))) {
                table.write(out);
            }
            Files.move(unfinished, file(table.material), StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(unfinished);
        }
    }

    @Override
    public int mostMen() {
        return most;
    }

    @Override
    public int probe(Board board) {
        int men = Long.bitCount(board.occupied());
        if (men > 4 || men < 3 || board.castling() != 0 || board.enPassantSquare() >= 0) {
            return men == 2 ? 0 : UNKNOWN;
        }
        int signature = EndingMaterial.signature(board);
        EndingMaterial material = present.get(signature);
        if (material == null) {
            return UNKNOWN;
        }
        EndingTable known = inMemory(signature);
        try {
            EndingTable table = known == null ? table(material) : known;
            return table.probe(board, material.signature() != signature);
        } catch (UncheckedIOException e) {
            // A damaged file must not end what asked: the ending is not known from now on.
            System.getLogger(EndingTables.class.getName())
                    .log(System.Logger.Level.WARNING, e.getMessage(), e);
            return UNKNOWN;
        }
    }

    /** A table that was read; null, as this is asked most often of all, where it has to be read. */
    private EndingTable inMemory(int signature) {
        SoftReference<EndingTable> held = loaded.get(signature);
        return held == null ? null : held.get();
    }

    private EndingTable table(int signature) {
        EndingMaterial material = present.get(signature);
        if (material == null) {
            throw new IllegalStateException("no ending table for signature " + signature);
        }
        return table(material);
    }

    private synchronized EndingTable table(EndingMaterial material) {
        EndingTable known = inMemory(material.signature());
        if (known != null) {
            return known;
        }
        try {
            EndingTable table = read(material);
            SoftReference<EndingTable> held = new SoftReference<>(table);
            loaded.set(material.signature(), held);
            loaded.set(EndingMaterial.exchanged(material.signature()), held);
            return table;
        } catch (IOException e) {
            present.set(material.signature(), null);
            present.set(EndingMaterial.exchanged(material.signature()), null);
            throw new UncheckedIOException(
                    "The ending table "
                            + file(material)
                            + " cannot be read. It is made anew when the program begins next.",
                    e);
        }
    }

    /** Reads a table; the file of one that is damaged goes, so that it is made anew. */
    private EndingTable read(EndingMaterial material) throws IOException {
        try (InputStream in = new BufferedInputStream(open(material))) {
            return EndingTable.read(material, in);
        } catch (EOFException | ZipException | UTFDataFormatException e) {
            if (!isShipped(material)) {
                Files.deleteIfExists(file(material));
            }
            throw e;
        }
    }
}

package org.zeroply.library.transfer;

import java.io.ByteArrayInputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.FileTrouble;
import org.zeroply.library.sheet.PreparedSheet;
import org.zeroply.library.sheet.SeriesForm;
import org.zeroply.library.texts.LibraryWords;

/**
 * Reads PGN files, folders of them, and exported libraries into a library. What was stored before a
 * cancel or a failure stays; importing again goes on there.
 */
public final class Importer {

    /** Games that are prepared together: few, as a tree takes fifty times its text. */
    private static final int BATCH = 100;

    /** Batches that are stored together. */
    private static final int STORED_TOGETHER = 5;

    /** Storings on their way at a time. */
    private static final int WAITING = 2;

    private final Library library;
    private final Progress progress;
    private final Cancellation cancellation;
    private final List<ImportReport.Rejected> rejected = new ArrayList<>();
    private final List<List<MoveTree>> batch = new ArrayList<>();

    /** The trees of the series that is being read. */
    private final List<MoveTree> series = new ArrayList<>();

    private int read;
    private int stored;
    private int earlier;
    private PgnReader.Place place = PgnReader.Place.START;

    /** Where it is kept, together with the games before it, how far a file was read. */
    private Optional<BrokenOff> kept = Optional.empty();

    private final List<CompletableFuture<List<PreparedSheet>>> preparing = new ArrayList<>();
    private final Deque<CompletableFuture<Integer>> storing = new ArrayDeque<>();

    /** Nothing is stored after something was not: what a place stands after has to be there. */
    private boolean failed;

    private CompletableFuture<Void> indexing = CompletableFuture.completedFuture(null);

    public Importer(Library library, Progress progress, Cancellation cancellation) {
        this.library = library;
        this.progress = progress;
        this.cancellation = cancellation;
    }

    /** Imports files; a folder stands for the PGN files in it and below it. */
    public ImportReport files(List<Path> paths) {
        try {
            return read(paths);
        } finally {
            library.games().update();
        }
    }

    private ImportReport read(List<Path> paths) {
        for (Path path : paths) {
            for (Path file : expand(path)) {
                if (!cancellation.isCancelled()) {
                    file(file);
                }
            }
        }
        return report();
    }

    /** Imports the games of a text, such as the clipboard's. */
    public ImportReport text(String pgn, String name) {
        byte[] bytes = pgn.getBytes(StandardCharsets.UTF_8);
        stream(new ByteArrayInputStream(bytes), name, bytes.length);
        return report();
    }

    private List<Path> expand(Path path) {
        if (!Files.isDirectory(path)) {
            return List.of(path);
        }
        List<Path> files = new ArrayList<>();
        try {
            Files.walkFileTree(path, new PgnFiles(files));
        } catch (IOException e) {
            reject(path, e);
        }
        files.sort(null);
        return files;
    }

    /** Collects the PGN files of a folder; what cannot be looked into is told and left out. */
    private final class PgnFiles extends SimpleFileVisitor<Path> {

        private final List<Path> files;

        PgnFiles(List<Path> files) {
            this.files = files;
        }

        @Override
        public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
            if (file.toString().toLowerCase(Locale.ROOT).endsWith(".pgn")) {
                files.add(file);
            }
            return FileVisitResult.CONTINUE;
        }

        @Override
        public FileVisitResult visitFileFailed(Path file, IOException e) {
            reject(file, e);
            return FileVisitResult.CONTINUE;
        }

        @Override
        public FileVisitResult postVisitDirectory(Path folder, IOException e) {
            if (e != null) {
                reject(folder, e);
            }
            return FileVisitResult.CONTINUE;
        }
    }

    private void file(Path file) {
        try {
            if (file.toString().toLowerCase(Locale.ROOT).endsWith(".zip")) {
                new ArchiveReader(library, this, cancellation).read(file);
                return;
            }
            BrokenOff brokenOff = BrokenOff.of(library.settings(), file);
            try (InputStream in = Files.newInputStream(file)) {
                stream(in, file.getFileName().toString(), Files.size(file), Optional.of(brokenOff));
            }
        } catch (IOException e) {
            reject(file, e);
        }
    }

    /** Tells what could not be read. */
    void reject(String name, String reason) {
        rejected.add(new ImportReport.Rejected(name, 0, reason));
    }

    private void reject(Path file, IOException e) {
        String reason =
                Files.exists(file)
                        ? LibraryWords.of("transfer.cannot-be-read", FileTrouble.reason(e))
                        : LibraryWords.of("transfer.does-not-exist");
        rejected.add(
                new ImportReport.Rejected(
                        file.getFileName().toString(),
                        0,
                        LibraryWords.of("transfer.the-file", file, reason)));
    }

    /** Imports from a stream of the given length in bytes. */
    void stream(InputStream in, String name, long length) {
        stream(in, name, length, Optional.empty());
    }

    private void stream(InputStream in, String name, long length, Optional<BrokenOff> file) {
        PgnReader.Place from = file.map(BrokenOff::place).orElse(PgnReader.Place.START);
        boolean whole = false;
        kept = file;
        series.clear();
        try {
            in.skipNBytes(from.bytes());
            Counting counted = new Counting(in, from.bytes());
            earlier += from.games();
            try (PgnReader reader = new PgnReader(counted, name, from)) {
                whole = read(reader, counted, name, length);
            }
        } catch (IOException e) {
            rejected.add(
                    new ImportReport.Rejected(
                            name,
                            0,
                            LibraryWords.of("transfer.broke-off", name, FileTrouble.reason(e))));
        } finally {
            try {
                if (!failed) {
                    prepare();
                    store();
                    settle(0);
                }
                if (whole) {
                    file.ifPresent(BrokenOff::forget);
                }
            } finally {
                // What fails in it fails again when the index is asked next, and is told then.
                indexing.exceptionally(e -> null).join();
            }
        }
    }

    /** Reads on; whether the end was reached. */
    private boolean read(PgnReader reader, Counting counted, String name, long length)
            throws IOException {
        while (!cancellation.isCancelled()) {
            Optional<PgnEntry> entry = reader.next();
            if (entry.isEmpty()) {
                endSeries();
                return true;
            }
            take(entry.get());
            if (series.isEmpty()) {
                // A series that is broken off in its middle is read again from its beginning.
                place = reader.place();
            }
            if (preparing.size() == STORED_TOGETHER) {
                store();
            }
            if (read % 50 == 0) {
                double fraction = length <= 0 ? -1 : (double) counted.count / length;
                progress.report(fraction, LibraryWords.of("transfer.games", name, earlier + read));
            }
        }
        return false;
    }

    private void take(PgnEntry entry) {
        if (entry instanceof PgnEntry.Problem problem) {
            library.unread().add(problem);
            rejected.add(
                    new ImportReport.Rejected(problem.file(), problem.line(), problem.message()));
            return;
        }
        MoveTree tree = ((PgnEntry.Game) entry).tree();
        if (!SeriesForm.goesOn(series, tree)) {
            endSeries();
        }
        if (SeriesForm.of(tree).isPresent()) {
            series.add(tree);
        } else {
            add(List.of(tree));
        }
    }

    private void endSeries() {
        if (!series.isEmpty()) {
            add(List.copyOf(series));
            series.clear();
        }
    }

    private void add(List<MoveTree> sheet) {
        read++;
        batch.add(sheet);
        if (batch.size() == BATCH) {
            prepare();
        }
    }

    /** Hands the batch on, once the one before it is prepared. */
    private void prepare() {
        List<List<MoveTree>> full = List.copyOf(batch);
        batch.clear();
        if (full.isEmpty()) {
            return;
        }
        if (!preparing.isEmpty()) {
            done(preparing.get(preparing.size() - 1));
        }
        preparing.add(CompletableFuture.supplyAsync(() -> PreparedSheet.of(full)));
    }

    /** Hands on what is prepared: it is stored while more is read. */
    private void store() {
        List<CompletableFuture<List<PreparedSheet>>> batches = List.copyOf(preparing);
        preparing.clear();
        if (batches.isEmpty()) {
            return;
        }
        PgnReader.Place upTo = place;
        Optional<BrokenOff> file = kept;
        CompletableFuture<Void> prepared =
                CompletableFuture.allOf(batches.toArray(CompletableFuture[]::new));
        storing.add(
                lastStored()
                        .thenCombineAsync(
                                prepared,
                                (before, nothing) ->
                                        store(
                                                batches.stream()
                                                        .flatMap(b -> b.join().stream())
                                                        .toList(),
                                                () -> file.ifPresent(f -> f.remember(upTo)))));
        if (indexing.isDone()) {
            indexing = CompletableFuture.runAsync(library.games()::keepUp);
        }
        settle(WAITING);
    }

    private int store(List<PreparedSheet> sheets, Runnable told) {
        int added =
                library.together(
                        () -> {
                            told.run();
                            return library.sheets().addPrepared(sheets).size();
                        });
        if (added > 0) {
            sheets.forEach(sheet -> sheet.line().ifPresent(library.games()::expect));
        }
        return added;
    }

    private CompletableFuture<Integer> lastStored() {
        return storing.isEmpty() ? CompletableFuture.completedFuture(0) : storing.getLast();
    }

    /** Waits until no more storings than these are on their way. */
    private void settle(int most) {
        while (storing.size() > most) {
            stored += done(storing.remove());
        }
    }

    private <T> T done(CompletableFuture<T> work) {
        try {
            return work.join();
        } catch (CompletionException e) {
            failed = true;
            storing.clear();
            throw e.getCause() instanceof LibraryException ours ? ours : e;
        }
    }

    private ImportReport report() {
        return new ImportReport(
                read, stored, read - stored, earlier, cancellation.isCancelled(), rejected);
    }

    /** Counts the bytes that were read, for the progress. */
    private static final class Counting extends FilterInputStream {
        private long count;

        Counting(InputStream in, long before) {
            super(in);
            this.count = before;
        }

        @Override
        public int read() throws IOException {
            int b = super.read();
            count += b < 0 ? 0 : 1;
            return b;
        }

        @Override
        public int read(byte[] bytes, int offset, int length) throws IOException {
            int n = super.read(bytes, offset, length);
            count += Math.max(n, 0);
            return n;
        }
    }
}

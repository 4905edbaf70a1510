package org.zeroply.workshop.disk;

import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.care.LibraryCheck;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.workshop.command.Arguments;

/**
 * {@code disk [--most KB]}: what is done with a library while its disk has less and less room, may
 * not be written, or is gone. Each deed succeeds or says why it did not; then the library has to be
 * whole and to have what was in it, nothing half written may be left, and with room again the deed
 * has to succeed. For root on Linux, as disks are mounted.
 */
public final class DiskRun {

    /** The least a disk is made smaller from one round to the next, in KB: a page of memory. */
    private static final int LEAST = 4;

    private static final long MOST = 4096;

    /** Enough for everything, in KB. */
    private static final int PLENTY = 64 * 1024;

    private final Path work;
    private final Path disk;
    private int failed;
    private int done;

    private DiskRun(Path work) throws IOException {
        this.work = work;
        this.disk = Files.createDirectory(work.resolve("disk"));
        Deed.prepare(work.resolve("prepared.zpl"));
    }

    /** Whether disks can be mounted here. */
    public static boolean isPossible() {
        try {
            Path folder = Files.createTempDirectory("zeroply-disk");
            boolean can = mount(folder, "-t", "tmpfs", "-o", "size=64k", "tmpfs");
            if (can) {
                command("umount", folder.toString());
            }
            Files.delete(folder);
            return can;
        } catch (IOException e) {
            return false;
        }
    }

    /** Runs what was asked for; the number of faults. */
    public static int run(Arguments arguments, PrintStream out) throws IOException {
        if (!isPossible()) {
            out.println("disks can be mounted by root on Linux only; nothing was tried");
            return 1;
        }
        DiskRun run = new DiskRun(Files.createTempDirectory("zeroply-disk"));
        List<String> faults = run.all(arguments.number("--most", MOST));
        faults.forEach(out::println);
        out.println(
                run.done + " deeds done, " + run.failed + " refused, " + faults.size() + " faults");
        return faults.size();
    }

    /** Tries everything on disks with up to so many KB free; what went wrong. */
    static List<String> faults(long most) throws IOException {
        return new DiskRun(Files.createTempDirectory("zeroply-disk")).all(most);
    }

    private List<String> all(long most) throws IOException {
        List<String> faults = new ArrayList<>();
        for (Deed deed : Deed.values()) {
            for (long free = 0; free <= most; free += Math.max(LEAST, free / 4)) {
                long room = free;
                attempt(faults, deed + " with " + free + " KB", () -> full(deed, room));
            }
            attempt(faults, deed + " where nothing may be written", () -> readOnly(deed));
            attempt(faults, deed + " without the library", () -> vanished(deed));
        }
        return faults;
    }

    private interface Try {
        void run() throws IOException;
    }

    private void attempt(List<String> faults, String what, Try attempt) throws IOException {
        if (!mount(disk, "-t", "tmpfs", "-o", "size=" + PLENTY + "k", "tmpfs")) {
            throw new IOException("no disk could be mounted");
        }
        try {
            Files.copy(work.resolve("prepared.zpl"), library());
            Deed.older(disk);
            attempt.run();
        } catch (AssertionError | RuntimeException e) {
            faults.add(what + ": " + e);
        } finally {
            command("umount", "-l", disk.toString());
        }
    }

    private Path library() {
        return disk.resolve("library.zpl");
    }

    private void full(Deed deed, long free) throws IOException {
        try (Library library = Library.open(library())) {
            shrinkTo(free);
            refusedOr(deed, library, "full", "No space");
            nothingHalf();
            command("mount", "-o", "remount,size=" + PLENTY + "k", disk.toString());
            deed.on(library, disk);
        }
        whole(library());
    }

    /** Fills the disk but for so many KB. */
    private void shrinkTo(long free) throws IOException {
        long used = (PLENTY * 1024L - Files.getFileStore(disk).getUsableSpace()) / 1024;
        command("mount", "-o", "remount,size=" + (used + free) + "k", disk.toString());
    }

    private void readOnly(Deed deed) throws IOException {
        Library library = Library.open(library());
        try {
            command("mount", "-o", "remount,ro", disk.toString());
            refusedOr(deed, library, "cannot be written", "Read-only", "could not be made");
            nothingHalf();
            command("mount", "-o", "remount,rw", disk.toString());
            deed.on(library, disk);
        } finally {
            library.close();
        }
        whole(library());
    }

    /** The library is moved away while it is open, and put back. */
    private void vanished(Deed deed) throws IOException {
        Path away = disk.resolve("away.zpl");
        try (Library library = Library.open(library())) {
            Files.move(library(), away);
            refusedOr(deed, library, "is gone");
            if (Files.exists(library())) {
                throw new AssertionError("an empty library was made in its place");
            }
            Files.move(away, library());
            deed.on(library, disk);
        }
        whole(library());
    }

    /** Does it; if it is refused, one of these words has to say why. */
    private void refusedOr(Deed deed, Library library, String... words) throws IOException {
        try {
            deed.on(library, disk);
            done++;
        } catch (LibraryException | IOException | UncheckedIOException e) {
            failed++;
            String said = String.valueOf(e.getMessage());
            if (Stream.of(words).noneMatch(said::contains)) {
                throw new AssertionError("it says: " + said, e);
            }
        }
    }

    private void nothingHalf() throws IOException {
        if (!Deed.areWhole(disk)) {
            throw new AssertionError("a file is not whole");
        }
        try (Stream<Path> files = Files.walk(disk)) {
            List<String> left =
                    files.map(f -> f.getFileName().toString())
                            .filter(n -> n.matches(".*\\.part|.*\\.making-\\d.*"))
                            .toList();
            if (!left.isEmpty()) {
                throw new AssertionError("left behind: " + left);
            }
        }
    }

    private void whole(Path file) throws IOException {
        Path copy = work.resolve("copy.zpl");
        Files.copy(file, copy, StandardCopyOption.REPLACE_EXISTING);
        try (Library library = Library.open(copy)) {
            LibraryCheck.Result result = library.check().run(part -> {}, new Cancellation());
            if (!result.isSound()) {
                throw new AssertionError("not whole: " + result.complaints());
            }
            int games = library.sheets().find(SheetQuery.all(SheetKind.GAME)).size();
            if (games < Deed.games()) {
                throw new AssertionError(games + " games are left");
            }
        }
    }

    private static boolean mount(Path folder, String... how) throws IOException {
        List<String> words = new ArrayList<>(List.of("mount"));
        words.addAll(List.of(how));
        words.add(folder.toString());
        return command(words.toArray(String[]::new));
    }

    private static boolean command(String... words) throws IOException {
        Process process = new ProcessBuilder(words).redirectErrorStream(true).start();
        try {
            process.getInputStream().readAllBytes();
            return process.waitFor() == 0;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}

package org.zeroply.library.care;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.WeekFields;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.FileTrouble;
import org.zeroply.library.database.LibraryCopies;
import org.zeroply.library.database.SettingStore;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.texts.LibraryWords;

/**
 * Copies of a library in a folder beside it, one a day: those of the last seven days, and the last
 * of each of the last eight weeks. Each is a library of its own.
 */
public final class Backups {

    /** Days of which a copy is kept. */
    public static final int DAYS = 7;

    /** Weeks of which a copy is kept. */
    public static final int WEEKS = 8;

    private static final String SETTING = "backups";
    private static final String OFF = "off";
    private static final Pattern NAME = Pattern.compile("(\\d{4}-\\d\\d-\\d\\d)\\.zpl");

    private final LibraryCopies copies;
    private final SettingStore settings;
    private final Clock clock;

    public Backups(LibraryCopies copies, SettingStore settings, Clock clock) {
        this.copies = copies;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * A copy.
     *
     * @param day on which it was made
     * @param bytes its size
     */
    public record Backup(Path file, LocalDate day, long bytes) {}

    /** The folder of the copies. */
    public Path folder() {
        return LibraryCopies.folder(copies.file());
    }

    /** Whether a copy is made every day. */
    public boolean isOn() {
        return !settings.get(SETTING).orElse("").equals(OFF);
    }

    /** Turns the daily copies on or off; those that are there stay. */
    public void turn(boolean on) {
        settings.put(SETTING, on ? "" : OFF);
    }

    /** The copies, the latest first. */
    public List<Backup> all() {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        List<Backup> all = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder())) {
            for (Path file : files.toList()) {
                Matcher name = NAME.matcher(file.getFileName().toString());
                if (name.matches()) {
                    LocalDate day = LocalDate.parse(name.group(1));
                    all.add(new Backup(file, day, Files.size(file)));
                }
            }
        } catch (IOException e) {
            throw failed(e);
        }
        all.sort(Comparator.comparing(Backup::day).reversed());
        return all;
    }

    /**
     * Makes today's copy, unless it is there or copies are turned off, and removes those that are
     * too old.
     *
     * @return whether one was made
     */
    public boolean keepUp() {
        boolean due = isOn() && all().stream().noneMatch(b -> b.day().equals(today()));
        if (due) {
            make();
        }
        return due;
    }

    private LocalDate today() {
        return LocalDate.now(clock.withZone(ZoneId.systemDefault()));
    }

    /**
     * Makes a copy now, in the place of one of today.
     *
     * @throws LibraryException if there is no room for it; the copies that are there stay
     */
    public Backup make() {
        try {
            Files.createDirectories(folder());
            Path file = folder().resolve(today() + ".zpl");
            WholeFile.write(file, copies::write);
            thinOut();
            return new Backup(file, today(), Files.size(file));
        } catch (IOException e) {
            throw failed(e);
        }
    }

    private void thinOut() throws IOException {
        Set<LocalDate> kept = kept(all().stream().map(Backup::day).toList());
        for (Backup backup : all()) {
            if (!kept.contains(backup.day())) {
                Files.delete(backup.file());
            }
        }
    }

    /**
     * The days whose copies are kept.
     *
     * @param days of which there are copies, the latest first
     */
    static Set<LocalDate> kept(List<LocalDate> days) {
        Set<LocalDate> kept = new HashSet<>(days.subList(0, Math.min(DAYS, days.size())));
        Set<String> weeks = new HashSet<>();
        for (LocalDate day : days) {
            int week = day.get(WeekFields.ISO.weekOfWeekBasedYear());
            if (weeks.size() < WEEKS
                    && weeks.add(day.get(WeekFields.ISO.weekBasedYear()) + "-" + week)) {
                kept.add(day);
            }
        }
        return kept;
    }

    private LibraryException failed(IOException e) {
        return new LibraryException(
                LibraryWords.of("care.no-copy-could-be-written", folder(), FileTrouble.reason(e)),
                e);
    }

    /**
     * What would change if a copy took the place of the library.
     *
     * @throws LibraryException if it is no sound copy
     */
    public List<Change> changes(Path backup) {
        check(backup);
        return copies.beside(backup, Change::all);
    }

    /**
     * Puts a copy in the place of the library, of which a copy is made first. The library has to be
     * opened anew.
     *
     * @return the copy of the library as it was
     * @throws LibraryException if the copy is not sound, or there is no room; then nothing changes
     */
    public Path restore(Path backup) {
        check(backup);
        Path before = free();
        try {
            Files.createDirectories(folder());
            WholeFile.write(before, copies::write);
        } catch (IOException e) {
            throw failed(e);
        }
        copies.restore(backup);
        return before;
    }

    private Path free() {
        for (int i = 1; ; i++) {
            Path file = folder().resolve(today() + "-before-restoring-" + i + ".zpl");
            if (!Files.exists(file)) {
                return file;
            }
        }
    }

    private void check(Path backup) {
        Optional<String> wrong =
                Files.isRegularFile(backup)
                        ? LibraryCopies.whatIsWrongWith(backup)
                        : Optional.of(LibraryWords.of("care.there-is-no-such-file"));
        wrong.ifPresent(
                w -> {
                    throw new LibraryException(
                            LibraryWords.of("care.cannot-be-used-the-library", backup, w));
                });
    }
}

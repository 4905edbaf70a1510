package org.zeroply.desktop.work;

import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Collectors;

/**
 * Small things the window remembers from one day to the next, by name: its size, dividers, pages in
 * front, recent files. It is no harm if they are lost, so a file that cannot be read or written is
 * passed over with a word in the log.
 */
public final class WindowMemory {

    private static final int RECENT = 9;
    private static final System.Logger LOG = System.getLogger(WindowMemory.class.getName());

    private final Optional<Path> file;
    private final Properties values = new Properties();
    private boolean changed;

    /**
     * @param file where it is kept; empty to forget it at the end
     */
    public WindowMemory(Optional<Path> file) {
        this.file = file;
        file.filter(Files::isReadable).ifPresent(this::read);
    }

    private void read(Path from) {
        try (Reader in = Files.newBufferedReader(from, StandardCharsets.UTF_8)) {
            values.load(in);
        } catch (IOException | IllegalArgumentException e) {
            LOG.log(System.Logger.Level.WARNING, "the window's memory could not be read", e);
        }
    }

    /** What is remembered under a name. */
    public Optional<String> get(String name) {
        return Optional.ofNullable(values.getProperty(name));
    }

    /** A number remembered under a name. */
    public Optional<Double> number(String name) {
        try {
            return get(name).map(Double::valueOf).filter(Double::isFinite);
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** Remembers something; empty to forget it. */
    public void put(String name, String value) {
        if (value.isEmpty()) {
            changed |= values.remove(name) != null;
        } else {
            changed |= !value.equals(values.setProperty(name, value));
        }
    }

    /** Remembers a number. */
    public void put(String name, double value) {
        put(name, String.valueOf(value));
    }

    /** What was used last, the latest first, under the name of its list. */
    public List<String> latest(String name) {
        return get(name).stream()
                .flatMap(t -> Arrays.stream(t.split("\n")))
                .filter(t -> !t.isBlank())
                .toList();
    }

    /** Puts something at the top of a list of what was used last, of which so many are kept. */
    public void use(String name, String used, int most) {
        use(name, latest(name), used, most);
    }

    private <T> void use(String name, List<T> before, T used, int most) {
        List<T> all = new ArrayList<>(before);
        all.remove(used);
        all.add(0, used);
        list(name, all.stream().limit(most).toList());
    }

    private void list(String name, List<?> all) {
        put(name, all.stream().map(Object::toString).collect(Collectors.joining("\n")));
    }

    /** The files used last, the latest first, under the name of their list. */
    public List<Path> recent(String name) {
        return latest(name).stream().map(Path::of).toList();
    }

    /** Puts a file at the top of a list of recent ones. */
    public void use(String name, Path used) {
        use(name, recent(name), used.toAbsolutePath(), RECENT);
    }

    /** Takes a file out of a list, as one that is gone. */
    public void drop(String name, Path gone) {
        Path absolute = gone.toAbsolutePath();
        list(name, recent(name).stream().filter(p -> !p.equals(absolute)).toList());
    }

    /** Writes down what changed. */
    public void save() {
        if (!changed || file.isEmpty()) {
            return;
        }
        Path to = file.get();
        Path beside = to.resolveSibling(to.getFileName() + ".new");
        try {
            Files.createDirectories(to.toAbsolutePath().getParent());
            try (Writer out = Files.newBufferedWriter(beside, StandardCharsets.UTF_8)) {
                values.store(out, "Zero Ply: the window");
            }
            Files.move(beside, to, StandardCopyOption.REPLACE_EXISTING);
            changed = false;
        } catch (IOException e) {
            LOG.log(System.Logger.Level.WARNING, "the window's memory could not be written", e);
        }
    }
}

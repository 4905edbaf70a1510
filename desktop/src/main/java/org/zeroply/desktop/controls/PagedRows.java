package org.zeroply.desktop.controls;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.LongFunction;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.collections.ObservableListBase;

/**
 * The rows of a list that may be very long: the keys of all are known, and rows are read a page at
 * a time when they are looked at. Until then a row is what it was when it was last read, or a blank
 * that has its key alone. For the interface thread.
 *
 * @param <T> a row
 */
public final class PagedRows<T> extends ObservableListBase<T> {

    /** Rows read at once; a tall window shows about forty. */
    public static final int PAGE = 100;

    /** Pages that can be in sight at once. */
    private static final int SEEN = 3;

    /** Rows that are kept, so that a look back reads nothing. */
    private static final int KEPT = 4_000;

    /**
     * How rows are read.
     *
     * @param <T> a row
     */
    public interface Source<T> {
        /** Reads the rows of these keys and hands them over later; some may be no more. */
        void read(long[] keys, Consumer<List<T>> use);
    }

    private final long[] keys;
    private final ToLongFunction<T> key;
    private final LongFunction<T> blank;
    private final Source<T> source;
    private final Set<Integer> asked = new HashSet<>();

    /** Pages to be read, the last looked at at the end. */
    private final Deque<Integer> wanted = new ArrayDeque<>();

    private final Map<Long, T> known;
    private Runnable onRead = () -> {};

    /**
     * @param keys of all rows, in their order
     * @param key the key of a row
     * @param blank a row of which nothing is known but its key
     */
    public PagedRows(long[] keys, ToLongFunction<T> key, LongFunction<T> blank, Source<T> source) {
        this.keys = keys.clone();
        this.key = key;
        this.blank = blank;
        this.source = source;
        this.known =
                new LinkedHashMap<>(16, 0.75f, true) {
                    @Override
                    protected boolean removeEldestEntry(Map.Entry<Long, T> eldest) {
                        return size() > KEPT;
                    }
                };
    }

    /** Takes over what another list has read, to be shown until it is read anew. */
    public void remember(PagedRows<T> before) {
        known.putAll(before.known);
    }

    /** Takes the first page, which was read with the keys. */
    public void begin(List<T> first) {
        first.forEach(row -> known.put(key.applyAsLong(row), row));
        asked.add(0);
    }

    /** Calls this whenever rows were read. */
    public void onRead(Runnable handler) {
        onRead = handler;
    }

    @Override
    public int size() {
        return keys.length;
    }

    /** The row at a place; its page is read if it is not yet. */
    @Override
    public T get(int place) {
        ask(place / PAGE);
        return peek(place);
    }

    /** What is known of the row at a place; nothing is read. */
    public T peek(int place) {
        T row = known.get(keys[place]);
        return row == null ? blank.apply(keys[place]) : row;
    }

    /** The places of these keys, from the top; those that are not in the list are left out. */
    int[] placesOf(Set<Long> wanted) {
        if (wanted.size() == 1) {
            // Most often one is looked for, and the list may be very long.
            long one = wanted.iterator().next();
            return IntStream.range(0, keys.length).filter(i -> keys[i] == one).limit(1).toArray();
        }
        return IntStream.range(0, wanted.isEmpty() ? 0 : keys.length)
                .filter(i -> wanted.contains(keys[i]))
                .toArray();
    }

    /**
     * Whoever goes through the whole list, as choosing all of it does, is not to read all of it.
     */
    private void ask(int page) {
        if (asked.contains(page)) {
            return;
        }
        if (wanted.isEmpty()) {
            Platform.runLater(this::readWanted);
        }
        wanted.remove(page);
        wanted.add(page);
        if (wanted.size() > SEEN) {
            wanted.remove();
        }
    }

    private void readWanted() {
        List<Integer> pages = List.copyOf(wanted);
        wanted.clear();
        pages.stream().filter(asked::add).forEach(this::read);
    }

    private void read(int page) {
        int from = page * PAGE;
        int to = Math.min(keys.length, from + PAGE);
        source.read(
                IntStream.range(from, to).mapToLong(i -> keys[i]).toArray(),
                rows -> {
                    rows.forEach(row -> known.put(key.applyAsLong(row), row));
                    forgetFurther(page);
                    onRead.run();
                });
    }

    /** Pages whose rows may have been given up are asked for again when they are looked at. */
    private void forgetFurther(int page) {
        int near = KEPT / PAGE / 4;
        asked.removeIf(p -> Math.abs(p - page) > near);
    }
}

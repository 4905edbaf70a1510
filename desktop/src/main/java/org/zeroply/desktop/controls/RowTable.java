package org.zeroply.desktop.controls;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.scene.control.Label;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import org.zeroply.desktop.texts.Texts;

/**
 * A list of rows. It tells what a person chose from what the program marked: only the former opens
 * something. Rows keep their marking by their key when the list is read again.
 *
 * @param <T> a row
 */
public final class RowTable<T> extends TableView<T> {

    /** A column that is not wider than this keeps its width; others give way. */
    private static final double NARROW = 104;

    private static final double LEAST = 70;

    /** Height of a row with text of that size, in pixels. */
    private static final double ROW = 26;

    /** The size of type in the headings that these widths are for, in pixels. */
    private static final double HEADING_TYPE = 13;

    private final Function<T, Object> key;
    private final ObservableList<T> rows = FXCollections.observableArrayList();

    /** The rows, where they are read as they are looked at. */
    private Optional<PagedRows<T>> paged = Optional.empty();

    private Consumer<T> onChoose = row -> {};
    private Consumer<T> onOpen = row -> {};
    private Consumer<List<T>> onRemove = chosen -> {};
    private boolean opens;
    private Function<List<T>, List<Command>> commands = this::opening;
    private final Map<TableColumn<T, ?>, Function<T, String>> texts = new LinkedHashMap<>();
    private final Map<TableColumn<T, ?>, Double> widths = new HashMap<>();
    private double scale = 1;
    private boolean quiet;
    private boolean sortedElsewhere;

    /**
     * @param key by what a row is known when the list is read again
     * @param empty what is said when there are none: what to do next
     */
    public RowTable(String id, Function<T, Object> key, String empty) {
        this.key = key;
        setId(id);
        setAccessibleText(id.replace('-', ' '));
        setItems(rows);
        setColumnResizePolicy(CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        setEmpty(empty);
        getSelectionModel()
                .selectedItemProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is != null && !quiet) {
                                onChoose.accept(is);
                            }
                        });
        setRowFactory(t -> row());
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        Menus.offer(this, this::menu);
    }

    /** Says something else when there are no rows. */
    public void setEmpty(String empty) {
        Label words = Widgets.wrapped(empty, "empty-note");
        setPlaceholder(words);
    }

    private List<Command> opening(List<T> rows) {
        return opens && rows.size() == 1
                ? List.of(
                        new Command(
                                Texts.of("controls.open"),
                                "Enter",
                                () -> onOpen.accept(rows.get(0))))
                : List.of();
    }

    private List<Command> menu() {
        List<Command> offered = new ArrayList<>(commands.apply(chosen()));
        if (!chosen().isEmpty()) {
            if (!offered.isEmpty()) {
                offered.add(Menus.LINE);
            }
            offered.add(
                    Command.of(
                            Texts.of("controls.copy-as-text"), () -> Widgets.toClipboard(text())));
        }
        return offered;
    }

    /** The chosen rows as they are read, a row each, with tabs between their columns. */
    String text() {
        return chosen().stream()
                .map(
                        r ->
                                getVisibleLeafColumns().stream()
                                        .map(c -> cell(texts.get(c).apply(r)))
                                        .collect(Collectors.joining("\t")))
                .collect(Collectors.joining("\n"));
    }

    /** A text that stays one cell where it is pasted, and is not taken for a formula there. */
    private static String cell(String text) {
        String one = text.replaceAll("[\\t\\r\\n]+", " ");
        boolean formula = one.matches("[=@].*|[+-](?![\\d.,]*%?$).*");
        return formula ? "'" + one : one;
    }

    private TableRow<T> row() {
        TableRow<T> row = new TableRow<>();
        row.setOnMouseClicked(
                e -> {
                    if (e.getButton() == MouseButton.PRIMARY && !row.isEmpty()) {
                        if (e.getClickCount() == 2) {
                            onOpen.accept(row.getItem());
                        } else if (chosen().size() == 1) {
                            // A row that is marked already is chosen by a click all the same.
                            onChoose.accept(row.getItem());
                        }
                    }
                });
        return row;
    }

    private void key(KeyEvent e) {
        boolean plain = !e.isShortcutDown() && !e.isAltDown() && !e.isShiftDown();
        if (plain && e.getCode() == KeyCode.ENTER) {
            one().ifPresent(onOpen);
            e.consume();
        } else if (plain && e.getCode() == KeyCode.DELETE) {
            if (!chosen().isEmpty()) {
                onRemove.accept(chosen());
            }
            e.consume();
        }
    }

    /** Calls this with a row that a person chose, by mouse or keys; perhaps again with the same. */
    public void onChoose(Consumer<T> handler) {
        onChoose = handler;
    }

    /** Calls this with a row that was pressed twice or confirmed with Enter. */
    public void onOpen(Consumer<T> handler) {
        onOpen = handler;
        opens = true;
    }

    /** Calls this with the rows to be removed when Delete was pressed. */
    public void onRemove(Consumer<List<T>> handler) {
        onRemove = handler;
    }

    /** What the context menu offers for chosen rows. */
    public void onMenu(Function<List<T>, List<Command>> handler) {
        commands = handler;
    }

    /** Told by which column rows are to be sorted, where the list is too long to sort it here. */
    public interface SortHandler {
        /**
         * @param column title of the column; empty for the usual order
         */
        void sort(String column, boolean descending);
    }

    /** Leaves sorting to whoever reads the rows. */
    public void onSort(SortHandler handler) {
        sortedElsewhere = true;
        setSortPolicy(
                table -> {
                    if (!quiet) {
                        var by = getSortOrder().stream().findFirst();
                        handler.sort(
                                by.map(TableColumn::getText).orElse(""),
                                by.filter(c -> c.getSortType() == TableColumn.SortType.DESCENDING)
                                        .isPresent());
                    }
                    return true;
                });
    }

    /** Lets several rows be chosen at once. */
    public RowTable<T> several() {
        getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        return this;
    }

    /** The chosen rows, from top to bottom. */
    public List<T> chosen() {
        return paged.map(
                        p ->
                                getSelectionModel().getSelectedIndices().stream()
                                        .filter(i -> i >= 0 && i < p.size())
                                        .map(p::peek)
                                        .toList())
                .orElseGet(
                        () ->
                                getSelectionModel().getSelectedItems().stream()
                                        .filter(r -> r != null)
                                        .toList());
    }

    /** The chosen row, if it is one. */
    public Optional<T> one() {
        return chosen().size() == 1 ? Optional.of(chosen().get(0)) : Optional.empty();
    }

    /** Shows other rows; those that were chosen stay so, and nothing is opened. */
    public void show(List<T> now) {
        Set<Object> before = new HashSet<>();
        chosen().forEach(r -> before.add(key.apply(r)));
        quietly(
                () -> {
                    List<T> sorted = new ArrayList<>(now);
                    if (getComparator() != null && !sortedElsewhere) {
                        sorted.sort(getComparator());
                    }
                    getSelectionModel().clearSelection();
                    boolean wasEmpty = rows.isEmpty();
                    rows.setAll(sorted);
                    mark(before);
                    if (wasEmpty != sorted.isEmpty()) {
                        requestLayout();
                    }
                });
    }

    /** Shows rows that are read as they are looked at; those that were chosen stay so. */
    public void show(PagedRows<T> now) {
        Set<Object> before = new HashSet<>();
        chosen().forEach(r -> before.add(key.apply(r)));
        quietly(
                () -> {
                    getSelectionModel().clearSelection();
                    paged.ifPresent(now::remember);
                    paged = Optional.of(now);
                    now.onRead(() -> quietly(this::refresh));
                    setItems(now);
                    mark(before);
                    requestLayout();
                });
    }

    /** Marks the row of a key without opening anything; none if there is none. */
    public void mark(Object wanted) {
        quietly(
                () -> {
                    getSelectionModel().clearSelection();
                    mark(Set.of(wanted));
                    int index = getSelectionModel().getSelectedIndex();
                    if (index >= 0) {
                        scrollTo(Math.max(0, index - 1));
                    }
                });
    }

    private void mark(Set<Object> keys) {
        int[] places =
                paged.map(p -> p.placesOf(numbers(keys)))
                        .orElseGet(
                                () ->
                                        IntStream.range(0, keys.isEmpty() ? 0 : rows.size())
                                                .filter(i -> keys.contains(key.apply(rows.get(i))))
                                                .toArray());
        if (places.length > 0) {
            getSelectionModel().selectIndices(places[0], places);
        }
    }

    /** The keys of rows that are read as they are looked at are whole numbers. */
    private static Set<Long> numbers(Set<Object> keys) {
        return keys.stream().map(k -> ((Number) k).longValue()).collect(Collectors.toSet());
    }

    private void quietly(Runnable work) {
        boolean before = quiet;
        quiet = true;
        try {
            work.run();
        } finally {
            quiet = before;
        }
    }

    /** A column of texts, sorted as words; a text that is cut shows itself as a tooltip. */
    public TableColumn<T, String> text(String title, double width, Function<T, String> value) {
        TableColumn<T, String> column = new TableColumn<>(title);
        column.setCellValueFactory(c -> new ReadOnlyObjectWrapper<>(value.apply(c.getValue())));
        column.setCellFactory(c -> new TextCell<>(Function.identity(), false));
        column.setComparator(String.CASE_INSENSITIVE_ORDER);
        texts.put(column, value);
        return add(column, title, width);
    }

    /**
     * A column of figures, set to the right and sorted by their size.
     *
     * @param shown how a figure is written; empty for one that is not known
     */
    public <V extends Comparable<V>> TableColumn<T, V> figure(
            String title, double width, Function<T, V> value, Function<V, String> shown) {
        TableColumn<T, V> column = new TableColumn<>(title);
        column.setCellValueFactory(c -> new ReadOnlyObjectWrapper<>(value.apply(c.getValue())));
        column.setCellFactory(c -> new TextCell<>(shown, true));
        column.getStyleClass().add("figure");
        texts.put(column, value.andThen(shown));
        return add(column, title, width);
    }

    private <V> TableColumn<T, V> add(TableColumn<T, V> column, String title, double width) {
        column.setId(getId() + "-" + title.toLowerCase(Locale.ROOT).replace(' ', '-'));
        widths.put(column, width);
        size(column);
        column.setReorderable(false);
        getColumns().add(column);
        return column;
    }

    private void size(TableColumn<T, ?> column) {
        double width = widths.get(column);
        column.setMinWidth(scale * (width <= NARROW ? width : LEAST));
        column.setPrefWidth(scale * width);
    }

    /** The headings with a row, or with what is said where there is none: less is of no use. */
    @Override
    protected double computeMinHeight(double width) {
        double headings =
                lookup(".column-header-background") instanceof Region r ? r.prefHeight(-1) : 0;
        double below =
                getItems().isEmpty() && getPlaceholder() instanceof Label words
                        ? words.prefHeight(getWidth() - snappedLeftInset() - snappedRightInset())
                        : scale * ROW;
        return snappedTopInset() + headings + snapSizeY(below) + snappedBottomInset();
    }

    /** Columns are as wide as their text is large. */
    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        if (lookup(".column-header .label") instanceof Label heading) {
            double now = heading.getFont().getSize() / HEADING_TYPE;
            if (Math.abs(now - scale) > 0.01) {
                scale = now;
                widths.keySet().forEach(this::size);
            }
        }
    }

    private static final class TextCell<T, V> extends TableCell<T, V> {

        private final Function<V, String> shown;

        TextCell(Function<V, String> shown, boolean figure) {
            this.shown = shown;
            if (figure) {
                getStyleClass().add("figure");
            }
        }

        @Override
        protected void updateItem(V item, boolean empty) {
            super.updateItem(item, empty);
            String text = empty || item == null ? "" : shown.apply(item);
            setText(text);
            setTooltip(text.length() < 8 ? null : new Tooltip(text));
        }
    }
}

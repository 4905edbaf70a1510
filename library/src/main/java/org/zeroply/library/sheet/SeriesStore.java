package org.zeroply.library.sheet;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.notation.TreeSeries;
import org.zeroply.library.LibraryException;

/** Lessons or tournaments of a library. Each is one sheet, whose text holds all its trees. */
public final class SeriesStore<S extends TreeSeries> {

    private final SheetStore sheets;
    private final SeriesForm<S> form;

    public SeriesStore(SheetStore sheets, SeriesForm<S> form) {
        this.sheets = sheets;
        this.form = form;
    }

    /** What lists show of them, the newest first; the plies of a row are its trees. */
    public List<SheetRow> all() {
        return sheets.find(SheetQuery.all(form.kind()));
    }

    /**
     * Adds one even if there is an equal one, and gives its id.
     *
     * @throws IllegalArgumentException if it has no trees: there is nothing to be kept
     */
    public long add(S series) {
        if (series.size() == 0) {
            throw new IllegalArgumentException("there is nothing in it to be kept");
        }
        return sheets.add(PreparedSheet.of(List.of(series.trees())).get(0));
    }

    /**
     * The one with an id.
     *
     * @throws LibraryException if there is none, or it cannot be read
     */
    public S load(long id) {
        return form.read(
                sheets.text(id)
                        .orElseThrow(
                                () ->
                                        new LibraryException(
                                                "There is no "
                                                        + form.kind().word()
                                                        + " "
                                                        + id
                                                        + ".")));
    }

    /** Replaces one by its present state; the change can be taken back. */
    public void save(long id, S series, SheetStep step) {
        sheets.save(id, series, form.kind(), step);
    }

    /** A state that one came to, and how. */
    public record State<S extends TreeSeries>(S series, SheetStep step) {}

    /**
     * Takes one through these states if it still is as its editor knows it; all of them or none. If
     * another program has changed it, or removed it for good, its state stays and the last of these
     * is kept beside it.
     *
     * @param known the state that they began with
     * @return the sheet that has them: this one, or one of its own
     */
    public long save(long id, S known, List<State<S>> states) {
        return sheets.together(
                () -> {
                    boolean same = sheets.text(id).filter(known.pgn()::equals).isPresent();
                    if (!same) {
                        return add(states.get(states.size() - 1).series());
                    }
                    states.forEach(s -> save(id, s.series(), s.step()));
                    return id;
                });
    }

    /** The state before the last change; empty when there is none to take back. */
    public Optional<S> earlier(long id) {
        return sheets.earlierText(id).map(form::read);
    }

    /** The state before the last change was taken back; empty when none was. */
    public Optional<S> later(long id) {
        return sheets.laterText(id).map(form::read);
    }
}

package org.zeroply.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;

/** All that is saved by itself, at every desk: whether it is, and what can be done if not. */
public final class Saves {

    private final List<Saving> all = new ArrayList<>();
    private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper("");

    void add(Saving save) {
        all.add(save);
        save.problemProperty().addListener(o -> look());
    }

    private void look() {
        Optional<String> first =
                all.stream()
                        .map(s -> s.problemProperty().get())
                        .filter(p -> !p.isEmpty())
                        .findFirst();
        problem.set(first.orElse(""));
    }

    /** Why something is not saved; empty while all is well. */
    public ReadOnlyStringProperty problemProperty() {
        return problem.getReadOnlyProperty();
    }

    /** Saves now what is not saved yet. */
    public void flush() {
        all.forEach(Saving::flush);
    }

    /**
     * Shows what was written into the library by something else than these sheets' editors.
     *
     * @param what said where an open sheet is another one now; empty to say nothing
     */
    public void lookAgain(String what) {
        all.forEach(s -> s.lookAgain(what));
    }

    /** Whether all that was done is in the library. */
    public boolean isClean() {
        return all.stream().allMatch(Saving::isClean);
    }

    /** How many sheets have states that are not in the library. */
    public int count() {
        return unsaved().size();
    }

    private List<MoveTree> unsaved() {
        return all.stream().flatMap(s -> s.unsaved().stream()).toList();
    }

    /** What is not in the library, as PGN. */
    public String pgn() {
        StringBuilder text = new StringBuilder();
        unsaved().forEach(t -> text.append(PgnWriter.write(t)));
        return text.toString();
    }
}

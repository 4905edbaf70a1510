package org.zeroply.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.RepertoireNote;

/** The small round word under a move: points it earns, or what a repertoire makes of it. */
final class SheetBadge {

    private SheetBadge() {}

    private static boolean earns(Annotation a) {
        return !a.scheme().points().isEmpty() || a.scheme().tempting() || a.scheme().equal();
    }

    /**
     * The badge of a move, if it gets one.
     *
     * @param withPoints whether points and what goes with them are shown
     */
    static Optional<Label> of(Annotation a, boolean withPoints) {
        if (withPoints && earns(a)) {
            return Optional.of(points(a));
        }
        RepertoireNote note = a.repertoire();
        List<String> words = new ArrayList<>();
        note.approach().ifPresent(school -> words.add(school.word()));
        if (note.must()) {
            words.add("must");
        }
        if (note.trap()) {
            words.add("trap");
        }
        if (!note.cards().isEmpty()) {
            words.add("card");
        }
        return words.isEmpty() ? Optional.empty() : Optional.of(badge(String.join(" ", words)));
    }

    private static Label points(Annotation a) {
        int sum = a.scheme().points().stream().mapToInt(PointRule::points).sum();
        String text =
                a.scheme().tempting()
                        ? "bait"
                        : a.scheme().points().isEmpty() ? "≈" : String.valueOf(sum);
        return badge(text);
    }

    private static Label badge(String text) {
        Label badge = new Label(text);
        badge.getStyleClass().add("points");
        badge.setMinWidth(Region.USE_PREF_SIZE);
        return badge;
    }
}

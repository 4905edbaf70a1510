package org.zeroply.desktop.solve;

import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;

/** Chooses one of the library's exercises. */
final class LineChooser extends ComboBox<SheetRow> {

    private final Services services;

    LineChooser(Services services, String id) {
        this.services = services;
        setId(id);
        setPrefWidth(280);
        setPromptText(Texts.of("solve.choose-an-exercise"));
        setAccessibleText(Texts.of("solve.choose-an-exercise"));
        Widgets.texts(this, item -> item.title());
    }

    /** Reads the exercises again and keeps the choice. */
    void shown() {
        services.scheduler()
                .library(
                        () -> services.library().sheets().find(SheetQuery.all(SheetKind.EXERCISE)),
                        found -> {
                            SheetRow before = getValue();
                            getItems().setAll(found);
                            found.stream()
                                    .filter(r -> before != null && r.id() == before.id())
                                    .findFirst()
                                    .ifPresent(this::setValue);
                        });
    }

    /** Loads the chosen exercise; says so when none is chosen. */
    void tree(Consumer<MoveTree> use) {
        SheetRow row = getValue();
        if (row == null) {
            services.messages().say(Texts.of("solve.choose-an-exercise-first"));
            return;
        }
        services.scheduler().library(() -> services.library().sheets().load(row.id()), use);
    }
}

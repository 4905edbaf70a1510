package org.zeroply.desktop.defence;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.defence.pin.Pin;
import org.zeroply.coach.fact.Scene;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/**
 * The men that are pinned, to king, piece or square, and all ways out with what becomes of each.
 */
final class PinsPage extends VBox {

    private final DefenceModel model;
    private final Consumer<Pin> point;
    private final Label count = Widgets.label("", "sheet-title");
    private final FindingList list =
            new FindingList("pins", Texts.of("defence.no-man-of-the-side"));

    /**
     * @param point draws a pin on the board
     */
    PinsPage(DefenceModel model, Consumer<Pin> point) {
        super(8);
        this.model = model;
        this.point = point;
        count.setId("pin-count");
        getChildren()
                .addAll(
                        count,
                        list,
                        Widgets.label(Texts.of("defence.enter-plays-a-way-out"), "faded"));
        model.pinsProperty().addListener(o -> show());
        show();
    }

    private void show() {
        List<Pin> pins = model.pinsProperty().get();
        count.setText(
                pins.isEmpty()
                        ? Texts.of("defence.no-pins")
                        : pins.size() == 1
                                ? Texts.of("defence.one-pin")
                                : Texts.of("defence.pins-2", pins.size()));
        List<Remark> findings = new ArrayList<>();
        model.position().ifPresent(p -> pins.forEach(pin -> add(findings, p, pin)));
        list.show(findings);
    }

    private void add(List<Remark> findings, Position position, Pin pin) {
        Scene scene = new Scene(position);
        String to =
                pin.kind() == Pin.Kind.SQUARE
                        ? Texts.of("defence.the-square", Square.name(pin.behind()))
                        : Texts.of("defence.the", scene.man(pin.behind()));
        long works = pin.waysOut().stream().filter(w -> w.works().orElse(false)).count();
        findings.add(
                new Remark(
                        Texts.of("defence.pin"),
                        Texts.of(
                                "defence.is-pinned-to-by-the",
                                scene.man(pin.pinned()),
                                to,
                                scene.man(pin.pinner())),
                        Texts.of(
                                "defence.of-ways-out-work-here",
                                works,
                                pin.waysOut().size(),
                                punishment(position, pin)),
                        () -> {
                            model.sheet().toStart();
                            point.accept(pin);
                        }));
        for (Pin.WayOut way : pin.waysOut()) {
            findings.add(way(position, pin, way));
        }
    }

    /** What follows when the man is gone, for a pin to a square. */
    private static String punishment(Position position, Pin pin) {
        if (pin.punishment().isEmpty()) {
            return "";
        }
        Move first = pin.punishment().get(0);
        return Texts.of(
                "defence.if-it-leaves-goes-to",
                new Scene(position).man(first.from()),
                Square.name(first.to()));
    }

    private Remark way(Position position, Pin pin, Pin.WayOut way) {
        String works = way.works().map(w -> w ? "works" : "fails").orElse("unclear");
        Position after = position.play(way.move());
        String refutation =
                way.refutation().isEmpty()
                        ? ""
                        : Texts.of(
                                "defence.refuted-by",
                                Line.numbered(after, Line.start(way.refutation(), 6)));
        List<Move> line = new ArrayList<>(List.of(way.move()));
        line.addAll(way.refutation());
        return new Remark(
                works,
                San.write(position, way.move()) + "  " + way.way().words(),
                refutation,
                () -> {
                    model.play(line);
                    point.accept(pin);
                });
    }
}

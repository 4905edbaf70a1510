package org.zeroply.desktop.defence;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.CandidateGroup;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.desktop.controls.Bar;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** What there is to say about one move: verdict, line, what it does, what it costs. */
final class CandidateDetail extends VBox {

    /** Room for the marks in two rows and what is said below them in two. */
    private static final double HEIGHT = 160;

    private final Label title = Widgets.label("", "sheet-title");
    private final Label line = Widgets.wrapped("", "finding-text");
    private final Bar chips = new Bar(6);
    private final Label more = Widgets.wrapped("", "faded");
    private List<Move> shown = List.of();

    /**
     * @param play puts the whole line on the board
     */
    CandidateDetail(Consumer<List<Move>> play) {
        super(5);
        setId("candidate-detail");
        title.setId("candidate-title");
        more.setId("candidate-more");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        Button whole =
                Widgets.button(
                        "candidate-play",
                        Texts.of("defence.play-the-line-through"),
                        () -> play.accept(shown));
        Widgets.leaveFocus(whole);
        getChildren().addAll(Widgets.row(title, Widgets.spacer(), whole), line, chips, more);
        for (Region part : List.of(line, more)) {
            part.setMinHeight(0);
        }
        getStyleClass().add("candidate-detail");
    }

    void show(Optional<Elimination> found, Optional<Candidate> chosen) {
        setVisible(chosen.isPresent());
        chips.getChildren().clear();
        if (chosen.isEmpty() || found.isEmpty()) {
            return;
        }
        Candidate c = chosen.get();
        Position position = found.get().position();
        shown = c.weighed().line();
        String move = Line.number(position, true) + San.write(position, c.move());
        title.setText(move + "  " + verdict(c));
        line.setText(Line.numbered(position, shown));
        c.kinds().forEach(k -> chips.getChildren().add(DefenceIcons.way(k)));
        c.costs().forEach(k -> chips.getChildren().add(DefenceIcons.cost(k)));
        more.setText(more(found.get(), c));
    }

    private static String verdict(Candidate c) {
        String exact = c.weighed().exact() ? Texts.of("defence.exact") : "";
        if (c.isHeld()) {
            return Texts.of("defence.holds", c.result().words(), exact);
        }
        if (c.price().isPresent()) {
            return Texts.of("defence.at-a-price", c.price().get().words());
        }
        return c.isRefuted()
                ? Texts.of("defence.fails", c.motif().replace('-', ' '), exact)
                : Texts.of("defence.not-proved-either-way");
    }

    private static String more(Elimination found, Candidate c) {
        Optional<String> group =
                found.groups().stream()
                        .filter(g -> g.moves().contains(c.move()))
                        .map(CandidateGroup::text)
                        .findFirst();
        boolean best = c.isHeld() && found.held().get(0).move().equals(c.move());
        Optional<String> counter =
                best
                        ? found.chances()
                                .counterThreat()
                                .map(Threat::text)
                                .map(t -> Texts.of("defence.in-return-it", t))
                        : Optional.empty();
        String costs = String.join("; ", c.costs().stream().map(k -> k.text()).toList());
        return String.join(
                        "  ",
                        List.of(
                                group.map(g -> Texts.of("defence.together", g)).orElse(""),
                                counter.orElse(""),
                                costs.isEmpty() ? "" : Texts.of("defence.costs", costs)))
                .strip();
    }
}

package org.zeroply.desktop.defence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.defence.practice.Wish;
import org.zeroply.coach.defence.practice.WishFinder;
import org.zeroply.coach.fact.Scene;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;

/** A move one would like to play, say to drive a piece away, and what makes it possible. */
final class WishPage extends VBox {

    private static final int SHOWN = 9;

    private final Services services;
    private final DefenceModel model;
    private final Label wanted = Widgets.label("", "sheet-title");
    private final Label now = Widgets.wrapped("", "plain");
    private final FindingList list =
            new FindingList("preparations", Texts.of("defence.press-the-man-on-the"));
    private Optional<Integer> from = Optional.empty();

    WishPage(Services services, DefenceModel model) {
        super(8);
        this.services = services;
        this.model = model;
        wanted.setId("wish");
        now.setId("wish-now");
        getChildren()
                .addAll(
                        wanted,
                        now,
                        list,
                        Widgets.label(Texts.of("defence.enter-plays-a-preparation-on"), "faded"));
        clear();
    }

    /** Forgets the wish for another position. */
    void clear() {
        from = Optional.empty();
        wanted.setText(Texts.of("defence.the-move-you-would-like"));
        now.setText("");
        list.show(List.of());
    }

    /** The man first, then where it should go. */
    void pressed(int square) {
        Optional<Position> position = model.position();
        if (position.isEmpty()) {
            return;
        }
        Position p = position.get();
        boolean own = p.pieceAt(square).filter(m -> m.side() == p.sideToMove()).isPresent();
        if (own) {
            from = Optional.of(square);
            wanted.setText(Texts.of("defence.to", new Scene(p).man(square)));
            model.sheet().toStart();
        } else if (from.isPresent()) {
            ask(p, from.get(), square);
            from = Optional.empty();
        }
    }

    private void ask(Position position, int man, int to) {
        String name = Texts.of("defence.to-2", new Scene(position).man(man), Square.name(to));
        wanted.setText(name);
        now.setText(Texts.of("defence.looking-for-what-prepares-it"));
        list.show(List.of());
        services.scheduler()
                .<Optional<Wish>>longWork(
                        Texts.of("defence.looking-for-what-prepares-it-2"),
                        (cancellation, progress) -> {
                            try {
                                return Optional.of(
                                        new WishFinder(model.evaluators(cancellation).first())
                                                .find(position, man, to, progress::accept));
                            } catch (CancellationException e) {
                                return Optional.empty();
                            }
                        },
                        found -> {
                            services.messages().say("");
                            boolean here = model.position().equals(Optional.of(position));
                            found.filter(w -> here)
                                    .ifPresentOrElse(this::show, () -> now.setText(""));
                        })
                .otherwise(() -> now.setText(Texts.of("defence.not-looked-for-to-the")));
    }

    private void show(Wish wish) {
        Position position = wish.position();
        now.setText(text(wish));
        List<Remark> findings = new ArrayList<>();
        for (Wish.Preparation set : wish.sets()) {
            List<String> shots = shots(position, set);
            String orders =
                    set.orders().size() > 1
                            ? Texts.of("defence.in-any-of-orders", set.orders().size())
                            : "";
            String beware =
                    shots.isEmpty() ? "" : Texts.of("defence.beware-of", String.join("; ", shots));
            findings.add(
                    new Remark(
                            Texts.of("defence.prepared"),
                            names(position, set.moves()),
                            Texts.of(
                                    "defence.line",
                                    orders + beware,
                                    Line.numbered(position, set.line())),
                            () -> model.play(set.line())));
        }
        list.show(findings);
    }

    private static String text(Wish wish) {
        if (wish.worksNow()) {
            return Texts.of("defence.it-works-at-once");
        }
        String fails =
                wish.now()
                        .map(
                                w ->
                                        Texts.of(
                                                "defence.it-fails-now",
                                                Line.numbered(
                                                        wish.position(),
                                                        Line.start(w.line(), SHOWN))))
                        .orElse(Texts.of("defence.it-is-not-possible-yet"));
        String sets =
                wish.sets().isEmpty()
                        ? Texts.of("defence.no-set-of-up-to")
                        : Texts.of("defence.what-prepares-it-the-smallest");
        return fails + sets;
    }

    private static String names(Position position, List<Move> moves) {
        return moves.stream()
                .map(m -> position.isLegal(m) ? San.write(position, m) : m.coordinates())
                .collect(Collectors.joining(Texts.of("defence.and")));
    }

    private static List<String> shots(Position position, Wish.Preparation set) {
        List<String> shots = new ArrayList<>();
        Position p = position;
        for (int i = 0; i < set.shots().size(); i++) {
            Position after = p.play(set.line().get(2 * i));
            List<Move> shot = set.shots().get(i);
            if (!shot.isEmpty()) {
                shots.add(Line.numbered(after, Line.start(shot, 3)));
            }
            p = after.play(set.line().get(2 * i + 1));
        }
        return shots;
    }
}

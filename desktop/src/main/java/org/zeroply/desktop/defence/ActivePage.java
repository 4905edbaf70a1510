package org.zeroply.desktop.defence;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.practice.ActiveDefence;
import org.zeroply.coach.defence.practice.FortressTrial;
import org.zeroply.coach.play.Strength;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Material given for counterplay: the engine's verdict, the width for the attacker and what
 * practice brings, side by side; and the test of a fortress.
 */
final class ActivePage extends VBox {

    private static final long WIDTH_NODES = 20_000;
    private static final int GAMES = 20;
    private static final long SEED = 1;
    private static final int SHOWN = 7;
    private static final int USUAL = 2;

    private final Services services;
    private final DefenceModel model;
    private final ComboBox<Strength> strength = new ComboBox<>();
    private final Label fortress = Widgets.wrapped("", "plain");
    private final FindingList list =
            new FindingList("active", Texts.of("defence.compare-passive-and-active-defence"));

    ActivePage(Services services, DefenceModel model) {
        super(8);
        this.services = services;
        this.model = model;
        fortress.setId("fortress-result");
        strength.setId("active-strength");
        strength.getItems().addAll(Strength.STEPS);
        strength.setValue(Strength.STEPS.get(USUAL));
        strength.setAccessibleText(Texts.of("defence.strength-of-the-players-in"));
        Widgets.texts(strength, s -> Texts.of("defence.players", s.rating()));
        getChildren()
                .addAll(
                        Widgets.row(
                                Widgets.button(
                                        "active-go", Texts.of("defence.compare"), this::compare),
                                strength,
                                Widgets.spacer(),
                                Widgets.button(
                                        "fortress",
                                        Texts.of("defence.does-it-hold"),
                                        this::fortress)),
                        fortress,
                        list,
                        Widgets.label(Texts.of("defence.enter-plays-the-line-on"), "faded"));
    }

    /** Forgets what was said of another position. */
    void clear() {
        fortress.setText("");
        list.show(List.of());
    }

    private void compare() {
        Optional<Elimination> found = model.foundProperty().get().filter(e -> e.done() == 1);
        if (found.isEmpty()) {
            services.messages().say(Texts.of("defence.wait-until-every-move-has"));
            return;
        }
        Elimination e = found.get();
        Strength players = strength.getValue();
        services.scheduler()
                .<List<ActiveDefence.Try>>longWork(
                        Texts.of("defence.comparing-passive-and-active-defence"),
                        (cancellation, progress) -> tries(e, players, cancellation, progress),
                        tries -> {
                            services.messages().say("");
                            if (model.position().equals(Optional.of(e.position()))) {
                                list.show(tries.stream().map(t -> finding(e, t)).toList());
                                services.messages().say(found(tries));
                            }
                        });
    }

    private static String found(List<ActiveDefence.Try> tries) {
        boolean any = tries.stream().anyMatch(t -> t.given() > 0);
        return any ? "" : Texts.of("defence.no-move-gives-material-and");
    }

    private List<ActiveDefence.Try> tries(
            Elimination e, Strength players, Cancellation cancellation, Consumer<Double> progress) {
        ActiveDefence active = new ActiveDefence(services.marking(), WIDTH_NODES);
        List<ActiveDefence.Try> all = active.tries(e);
        List<ActiveDefence.Try> done = new ArrayList<>();
        for (ActiveDefence.Try one : all) {
            if (cancellation.isCancelled()) {
                break;
            }
            ActiveDefence.Try wide = active.measured(e.position(), one, cancellation);
            done.add(active.probed(e.position(), wide, players, GAMES, SEED, cancellation));
            progress.accept((double) done.size() / all.size());
        }
        return done;
    }

    private Remark finding(Elimination e, ActiveDefence.Try t) {
        Position position = e.position();
        Side side = position.sideToMove();
        OptionalDouble practice = t.practice(side);
        String numbers =
                String.format(
                        Locale.ROOT,
                        Texts.of("defence.engine-of-100-practice-of"),
                        t.candidate().weighed().expected().points(),
                        practice.isPresent()
                                ? String.format(Locale.ROOT, "%.0f", 100 * practice.getAsDouble())
                                : "–",
                        t.width().isPresent()
                                ? String.format(Locale.ROOT, "%.1f", t.width().getAsDouble())
                                : "–");
        String what =
                t.given() == 0
                        ? Texts.of("defence.the-best-passive-move-to")
                        : Texts.of("defence.for-it", String.join("; ", t.counterplay()));
        return new Remark(
                t.given() == 0 ? Texts.of("defence.passive") : Texts.of("defence.active"),
                Line.numbered(position, Line.start(t.candidate().weighed().line(), SHOWN)),
                numbers + what,
                () -> model.play(t.candidate().weighed().line()));
    }

    private void fortress() {
        Optional<Position> at = model.position();
        if (at.isEmpty()) {
            return;
        }
        Position position = at.get();
        Side holding = position.sideToMove();
        services.scheduler()
                .<Optional<FortressTrial.Report>>longWork(
                        Texts.of("defence.testing-whether-it-holds"),
                        (cancellation, progress) -> {
                            try {
                                return Optional.of(
                                        new FortressTrial(model.evaluators(cancellation).first())
                                                .run(
                                                        position,
                                                        holding,
                                                        FortressTrial.MOVES,
                                                        progress::accept));
                            } catch (CancellationException e) {
                                return Optional.empty();
                            }
                        },
                        report -> {
                            services.messages().say("");
                            report.filter(r -> model.position().equals(at))
                                    .ifPresent(r -> show(holding, r));
                        });
    }

    private void show(Side holding, FortressTrial.Report report) {
        fortress.setText(
                holding.word()
                        + ": "
                        + report.text()
                        + (report.exact() ? "." : Texts.of("defence.a-long-test-not-a")));
        model.play(report.line());
    }
}

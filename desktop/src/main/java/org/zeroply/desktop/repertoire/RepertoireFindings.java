package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.repertoire.Audit;
import org.zeroply.coach.repertoire.EngineAudit;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.texts.Texts;

/** What can be said against a repertoire, as a list of things to do. */
final class RepertoireFindings {

    private final RepertoireModel model;
    private final Runnable toLines;
    private final Runnable toAcceptance;

    /**
     * @param toLines brings the lines to the front
     * @param toAcceptance the same, ready to say why a move is accepted
     */
    RepertoireFindings(RepertoireModel model, Runnable toLines, Runnable toAcceptance) {
        this.model = model;
        this.toLines = toLines;
        this.toAcceptance = toAcceptance;
    }

    /** What can be said without an engine. */
    List<Remark> plain(RepertoireView view) {
        Audit audit = new Audit(view.repertoire(), view.shares());
        List<Remark> found = new ArrayList<>();
        for (Audit.Contradiction c : audit.contradictions()) {
            String text = String.join(Texts.of("repertoire.but"), c.lines());
            found.add(
                    new Remark(
                            Texts.of("repertoire.contradiction"),
                            text,
                            "",
                            () -> model.go(c.spot())));
        }
        for (Audit.Unreadable u : audit.unreadable()) {
            found.add(
                    new Remark(
                            Texts.of("repertoire.card"),
                            u.text(),
                            Texts.of("repertoire.not-readable"),
                            () -> model.go(u.spot())));
        }
        for (Audit.BrokenCommand b : audit.brokenCommands()) {
            found.add(
                    new Remark(
                            Texts.of("repertoire.command"),
                            b.text(),
                            Texts.of("repertoire.not-readable"),
                            () -> model.go(b.spot())));
        }
        for (Audit.Gap g : audit.gaps(view.school())) {
            found.add(
                    new Remark(
                                    Texts.of("repertoire.gap"),
                                    line(g.spot(), g.reply()),
                                    Words.percent(g.share()) + ", " + Counted.of(g.games(), "game"),
                                    () -> model.go(g.spot()))
                            .with(
                                    Texts.of("repertoire.answer-it"),
                                    () -> play(g.spot(), g.reply())));
        }
        for (Audit.DeadEnd d : audit.deadEnds()) {
            found.add(
                    new Remark(
                            Texts.of("repertoire.dead-end"),
                            d.line(),
                            d.why(),
                            () -> model.go(d.spot())));
        }
        for (Audit.Unreached u : audit.unreached()) {
            found.add(
                    new Remark(
                            Texts.of("repertoire.never-played"),
                            line(u.spot(), u.reply()),
                            Texts.of("repertoire.none-of", Counted.of(u.games(), "game")),
                            () -> goOn(u.spot(), u.reply())));
        }
        return found;
    }

    /** What an engine holds against it; what was accepted stands last. */
    List<Remark> searched(EngineAudit.Findings engine) {
        List<Remark> found = new ArrayList<>();
        engine.costly().stream()
                .filter(c -> accepted(c).isEmpty())
                .forEach(c -> found.add(costly(c)));
        for (EngineAudit.Trap t : engine.traps()) {
            found.add(
                    new Remark(
                            t.cost() > 5
                                    ? Texts.of("repertoire.fragile-trap")
                                    : Texts.of("repertoire.trap"),
                            Texts.of(
                                    "repertoire.loses-to",
                                    line(t.spot(), t.move()),
                                    t.fall().reply(),
                                    Words.percent(t.fall().share()),
                                    String.join(" ", t.fall().punishment())),
                            points("gains", t.fall().gain()) + ", " + points("costs", t.cost()),
                            () -> goOn(t.spot(), t.move())));
        }
        for (EngineAudit.MustKnow m : engine.mustKnow()) {
            String by =
                    Texts.of(
                            "repertoire.from-depth",
                            m.found()
                                    .map(f -> Texts.of("repertoire.found-by", Words.percent(f)))
                                    .orElse(""),
                            m.depth());
            Remark finding =
                    new Remark(
                            Texts.of("repertoire.must-know"),
                            line(m.spot(), m.move()),
                            m.marked() ? Texts.of("repertoire.marked", by) : by,
                            () -> goOn(m.spot(), m.move()));
            found.add(
                    m.marked()
                            ? finding
                            : finding.with(
                                    Texts.of("repertoire.mark-it"),
                                    () -> mark(m.spot(), m.move())));
        }
        engine.costly().stream()
                .filter(c -> accepted(c).isPresent())
                .forEach(c -> found.add(acceptedOne(c)));
        return found;
    }

    private Remark costly(EngineAudit.Costly c) {
        return new Remark(
                        Texts.of("repertoire.costly"),
                        Texts.of(
                                "repertoire.better",
                                line(c.spot(), c.move()),
                                String.join(" ", c.better())),
                        points("loses", c.loss()),
                        () -> goOn(c.spot(), c.move()))
                .with(
                        Texts.of("repertoire.accept-it"),
                        () -> model.go(c.spot(), () -> step(c.spot(), c.move(), toAcceptance)));
    }

    private Remark acceptedOne(EngineAudit.Costly c) {
        return new Remark(
                Texts.of("repertoire.accepted"),
                line(c.spot(), c.move()) + ": " + accepted(c).orElse(""),
                points("loses", c.loss()),
                () -> goOn(c.spot(), c.move()));
    }

    /** Whether it is accepted by now, whatever it was when the engine was asked. */
    private Optional<String> accepted(EngineAudit.Costly c) {
        return model.viewProperty()
                .get()
                .flatMap(v -> v.repertoire().at(c.spot().position()))
                .flatMap(s -> move(s.position(), c.move()).flatMap(m -> s.note(m).accepted()));
    }

    private static String points(String what, double points) {
        return String.format(Locale.ROOT, Texts.of("repertoire.points"), what, points);
    }

    /** A line with one move more. */
    static String line(Spot spot, String san) {
        Position p = spot.position();
        return (spot.line() + " " + Line.number(p, spot.line().isEmpty() || p.ply() % 2 == 0) + san)
                .strip();
    }

    private static Optional<Move> move(Position position, String san) {
        try {
            return Optional.of(San.read(position, san));
        } catch (NotationException e) {
            return Optional.empty();
        }
    }

    private void goOn(Spot spot, String san) {
        model.go(spot, () -> step(spot, san, () -> {}));
    }

    private void step(Spot spot, String san, Runnable then) {
        move(spot.position(), san)
                .flatMap(m -> model.session().current().child(m))
                .ifPresent(model.session()::go);
        then.run();
    }

    private void play(Spot spot, String san) {
        model.go(
                spot,
                () -> {
                    move(spot.position(), san)
                            .ifPresent(
                                    m ->
                                            model.session()
                                                    .go(
                                                            model.session()
                                                                    .editor()
                                                                    .add(
                                                                            model.session()
                                                                                    .current(),
                                                                            m)));
                    toLines.run();
                });
    }

    private void mark(Spot spot, String san) {
        model.go(
                spot,
                () ->
                        step(
                                spot,
                                san,
                                () ->
                                        model.session()
                                                .editor()
                                                .annotate(
                                                        model.session().current(),
                                                        a ->
                                                                a.withRepertoire(
                                                                        a.repertoire()
                                                                                .withMust(true)))));
    }

    /** How far the repertoire reaches, in words. */
    static String reach(RepertoireView view) {
        List<Double> byMove = view.coverage().byMove();
        List<Integer> told = new ArrayList<>(List.of(1, 3, 5, 7, 10, 15));
        return told.stream()
                .filter(n -> n <= byMove.size())
                .map(n -> Texts.of("repertoire.move-2", n, Words.percent(byMove.get(n - 1))))
                .collect(
                        Collectors.joining(
                                "   ", Texts.of("repertoire.still-in-the-repertoire"), ""));
    }
}

package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.repertoire.tournament.RoundGame;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.training.drill.Memory;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.OpenSheet;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.review.Reviewed;
import org.zeroply.library.student.Student;
import org.zeroply.library.tournament.RepertoireChapters;
import org.zeroply.library.tournament.RoundChanges;

/** What the game of a round showed, and what is done about it. */
final class RoundGameModel {

    /** Nodes of a look at a move that left the repertoire. */
    private static final long NODES = 200_000;

    private final Services services;
    private final TournamentsModel tournaments;
    private final RepertoireModel repertoire;
    private final RepertoireOpener opener;
    private final Consumer<List<Remark>> show;
    private final RoundHomework homework;
    private OptionalLong told = OptionalLong.empty();

    /** What one look at the game found. */
    private record Found(
            MoveTree game,
            Side side,
            Optional<RoundGame> asked,
            String review,
            List<Moment> moments) {}

    /**
     * @param opener opens the repertoire of the side that is looked at
     * @param show shows remarks
     */
    RoundGameModel(
            Services services,
            TournamentsModel tournaments,
            RepertoireModel repertoire,
            RepertoireOpener opener,
            Consumer<List<Remark>> show) {
        this.services = services;
        this.tournaments = tournaments;
        this.repertoire = repertoire;
        this.opener = opener;
        this.show = show;
        homework =
                new RoundHomework(
                        services, tournaments.trail(), tournaments::undo, repertoire::today);
    }

    /** Whether this game was looked at last. */
    boolean isTold(long game) {
        return told.equals(OptionalLong.of(game));
    }

    /**
     * Looks at a game.
     *
     * @param still whether the round is still looked at; what is found is not shown otherwise
     */
    void learn(long id, Optional<Student> student, BooleanSupplier still) {
        Side side = tournaments.side().orElseThrow();
        services.scheduler()
                .longWork(
                        Texts.of("repertoire.looking-at-the-game"),
                        (cancellation, progress) -> find(id, side, student, cancellation),
                        found -> {
                            if (still.getAsBoolean()) {
                                told = OptionalLong.of(id);
                                show.accept(remarks(id, found, student));
                            }
                        });
    }

    private Found find(long id, Side side, Optional<Student> student, Cancellation cancellation) {
        Library library = services.library();
        MoveTree game = library.sheets().load(id);
        Optional<Approach> school = student.flatMap(s -> library.recall().approach(s.id()));
        MoveEvaluator evaluator =
                new MoveEvaluator(
                        services.marking(), services.endings().tables(), NODES, cancellation);
        Optional<RoundGame> asked =
                RepertoireChapters.read(library.sheets(), side)
                        .flatMap(c -> RoundGame.of(c.repertoire(), game, school, evaluator));
        Optional<ReviewStore.Entry> entry =
                library.reviews().entries().stream().filter(e -> e.sheetId() == id).findFirst();
        Optional<GameReview> review =
                entry.filter(e -> e.state() == ReviewStore.State.DONE)
                        .flatMap(
                                e ->
                                        Reviewed.read(
                                                library,
                                                id,
                                                game,
                                                e.nodes(),
                                                services.marking(),
                                                part -> {},
                                                cancellation))
                        .map(Reviewed::review);
        List<Moment> moments =
                review.map(r -> r.moments().stream().filter(m -> m.side() == side).toList())
                        .orElse(List.of());
        return new Found(game, side, asked, state(entry), moments);
    }

    private static String state(Optional<ReviewStore.Entry> entry) {
        return entry.map(e -> e.state().name().toLowerCase(Locale.ROOT)).orElse("");
    }

    // ---- What is told ---------------------------------------------------------------------------

    private List<Remark> remarks(long id, Found found, Optional<Student> student) {
        List<Remark> remarks = new ArrayList<>();
        found.asked()
                .ifPresentOrElse(
                        a -> remarks.addAll(asked(a, found, student)),
                        () ->
                                remarks.add(
                                        RoundRemarks.remark(
                                                Texts.of("repertoire.repertoire"),
                                                Texts.of("repertoire.the-game-was-never-in"),
                                                "")));
        switch (found.review()) {
            case "done" -> found.moments().forEach(m -> remarks.add(moment(m, found, student)));
            case "waiting" ->
                    remarks.add(
                            RoundRemarks.remark(
                                    Texts.of("repertoire.review"),
                                    Texts.of("repertoire.the-first-pass-over-the"),
                                    ""));
            case "failed" ->
                    remarks.add(
                            RoundRemarks.remark(
                                    Texts.of("repertoire.review"),
                                    Texts.of("repertoire.it-could-not-be-reviewed"),
                                    ""));
            default ->
                    remarks.add(
                            RoundRemarks.remark(
                                            Texts.of("repertoire.review"),
                                            Texts.of("repertoire.the-game-is-not-reviewed"),
                                            "")
                                    .with(
                                            Texts.of("repertoire.review-it"),
                                            () -> services.reviews().add(List.of(id))));
        }
        if (found.review().equals("done") && found.moments().isEmpty()) {
            remarks.add(
                    RoundRemarks.remark(
                            Texts.of("repertoire.moments"),
                            Texts.of("repertoire.nothing-to-stop-at-for"),
                            ""));
        }
        return remarks;
    }

    private List<Remark> asked(RoundGame asked, Found found, Optional<Student> student) {
        List<Remark> remarks = new ArrayList<>();
        var comparison = asked.comparison();
        String line = RepertoireFindings.line(comparison.spot(), comparison.played());
        remarks.add(
                new Remark(
                        Texts.of("repertoire.repertoire"),
                        switch (comparison.leftBy()) {
                            case US ->
                                    Texts.of(
                                            "repertoire.we-left-it-for",
                                            line,
                                            comparison.recommended());
                            case THEM -> Texts.of("repertoire.they-left-it", line);
                            case END -> Texts.of("repertoire.it-ends-before", line);
                            case NOBODY -> Texts.of("repertoire.the-game-stayed-in-it");
                        },
                        asked.loss().orElse(0) >= 0.5
                                ? String.format(
                                        Locale.ROOT,
                                        Texts.of("repertoire.points-2"),
                                        asked.loss().getAsDouble())
                                : "",
                        () -> go(found, comparison.spot())));
        for (RoundGame.Change change : asked.changes()) {
            if (change instanceof RoundGame.Add add) {
                remarks.add(add(add, found));
            } else if (change instanceof RoundGame.Repeat repeat) {
                remarks.add(repeat(repeat, found, student));
            }
        }
        return remarks;
    }

    private Remark add(RoundGame.Add add, Found found) {
        var position = add.spot().position();
        for (int i = 0; i < add.moves().size() - 1; i++) {
            position = position.play(add.moves().get(i));
        }
        String proof = Line.numbered(position, Line.start(add.answer().line(), 8));
        String loss = String.format(Locale.ROOT, "%.0f", add.loss());
        return new Remark(
                        Texts.of("repertoire.to-add"),
                        RepertoireFindings.line(add.spot(), add.words()),
                        Texts.of(
                                "repertoire.goes-on",
                                add.played()
                                        ? Texts.of("repertoire.as-played-loses-points", loss)
                                        : Texts.of("repertoire.the-engines-answer"),
                                proof),
                        () -> go(found, add.spot()))
                .with(Texts.of("repertoire.put-it-into-the-repertoire"), () -> put(add, found));
    }

    private Remark repeat(RoundGame.Repeat repeat, Found found, Optional<Student> student) {
        String move = San.write(repeat.spot().position(), repeat.recommended());
        Remark remark =
                new Remark(
                        Texts.of("repertoire.forgotten"),
                        RepertoireFindings.line(repeat.spot(), move),
                        student.map(Student::name).orElse(Texts.of("repertoire.no-student-2")),
                        () -> go(found, repeat.spot()));
        return student.map(
                        s ->
                                remark.with(
                                        Texts.of("repertoire.ask-it-again-today"),
                                        () -> ask(repeat, s)))
                .orElse(remark);
    }

    private Remark moment(Moment moment, Found found, Optional<Student> student) {
        String text =
                Line.number(moment.move().position(), true)
                        + moment.move().san()
                        + "  "
                        + moment.text();
        Remark remark =
                new Remark(
                        Texts.of("repertoire.moment"),
                        text,
                        String.format(
                                Locale.ROOT,
                                Texts.of("repertoire.points-2"),
                                moment.move().loss().points()),
                        () -> {});
        return student.map(
                        s ->
                                remark.with(
                                        Texts.of("repertoire.set-as-homework"),
                                        () -> homework.set(moment, found.game(), s)))
                .orElse(remark);
    }

    private void go(Found found, Spot spot) {
        opener.go(found.side(), spot.position());
    }

    // ---- What is done ---------------------------------------------------------------------------

    /** Writes new moves into their chapter, on the board, where undo takes them back. */
    private void put(RoundGame.Add add, Found found) {
        opener.with(
                found.side(),
                view ->
                        view.repertoire()
                                .at(add.spot().position())
                                .ifPresent(
                                        spot ->
                                                repertoire.go(
                                                        spot, () -> write(add, found.game()))));
    }

    /** Writes new moves where the board is. */
    private void write(RoundGame.Add add, MoveTree game) {
        TreeSession session = repertoire.session();
        session.editor()
                .together(() -> RoundChanges.write(session.editor(), session.current(), add, game));
        tournaments.trail().did(new Written(session));
        services.messages()
                .say(
                        Texts.of("repertoire.in-the-chapter", session.tree().tag("Event")),
                        new Messages.Action(Texts.of("repertoire.undo"), tournaments::undo));
    }

    /** A change of a chapter, which is taken back here as long as nothing else was done there. */
    private static final class Written implements UndoTrail.Act {
        private final TreeSession session;
        private final OpenSheet sheet;
        private String state;

        Written(TreeSession session) {
            this.session = session;
            this.sheet = session.sheet();
            this.state = PgnWriter.write(session.tree());
        }

        private boolean step(Runnable step) {
            if (session.sheet() != sheet || !PgnWriter.write(session.tree()).equals(state)) {
                return false;
            }
            step.run();
            state = PgnWriter.write(session.tree());
            return true;
        }

        @Override
        public boolean undo() {
            return step(session::undo);
        }

        @Override
        public boolean redo() {
            return step(session::redo);
        }
    }

    private void ask(RoundGame.Repeat repeat, Student student) {
        long today = repertoire.today();
        services.scheduler()
                .library(
                        () -> {
                            Memory memory = services.library().recall().of(student.id());
                            return RoundChanges.repeat(memory, repeat, today);
                        },
                        before -> {
                            repertoire.read();
                            Runnable back = () -> keep(repeat, student, before);
                            tournaments
                                    .trail()
                                    .did(
                                            back,
                                            () -> keep(repeat, student, before.forgotten(today)));
                            services.messages()
                                    .say(
                                            Texts.of(
                                                    "repertoire.is-asked-this-again-today",
                                                    student.name()),
                                            new Messages.Action(
                                                    Texts.of("repertoire.undo"),
                                                    tournaments::undo));
                        });
    }

    private void keep(RoundGame.Repeat repeat, Student student, Recall recall) {
        services.scheduler()
                .library(
                        () -> {
                            services.library()
                                    .recall()
                                    .keep(
                                            student.id(),
                                            RoundChanges.question(repeat).key(),
                                            recall);
                            return true;
                        },
                        done -> repertoire.read());
    }
}

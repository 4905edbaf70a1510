package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.LongConsumer;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.RoundPlan;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Removal;
import org.zeroply.desktop.work.Services;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.review.ReviewedFigures;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.student.Student;
import org.zeroply.library.tournament.RoundBrief;
import org.zeroply.library.tournament.RoundBriefs;
import org.zeroply.library.tournament.RoundGames;

/** The chosen round: what is prepared for it, and its game. */
final class RoundModel {

    /** Nodes of a look at a side step. */
    private static final long NODES = 100_000;

    /** A round as it is looked at: for the player of one of the sides. */
    private record Looked(Pairing.Key pairing, Optional<Side> side) {}

    private final Services services;
    private final TournamentsModel tournaments;
    private final RepertoireModel repertoire;
    private final DrillModel drill;
    private final LongConsumer openGame;
    private final ReviewedFigures reviewed;
    private final RepertoireOpener opener;
    private final RoundGameModel after;
    private final ReadOnlyObjectWrapper<List<Remark>> told = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<OptionalLong> game =
            new ReadOnlyObjectWrapper<>(OptionalLong.empty());
    private Optional<RoundBrief> brief = Optional.empty();
    private Optional<Looked> shown = Optional.empty();
    private String day = "";

    /**
     * @param openGame opens a game on the games desk
     */
    RoundModel(
            Services services,
            TournamentsModel tournaments,
            RepertoireModel repertoire,
            DrillModel drill,
            LongConsumer openGame) {
        this.services = services;
        this.tournaments = tournaments;
        this.repertoire = repertoire;
        this.drill = drill;
        this.openGame = openGame;
        reviewed = new ReviewedFigures(services.library(), services.marking());
        opener = new RepertoireOpener(services, repertoire);
        after = new RoundGameModel(services, tournaments, repertoire, opener, this::show);
        tournaments.revisionProperty().addListener(o -> chosen());
        services.reviews().finishedProperty().addListener(o -> reviewed());
    }

    /** What is told of the round. */
    ReadOnlyObjectProperty<List<Remark>> toldProperty() {
        return told.getReadOnlyProperty();
    }

    /** The game of the round, once the library has it. */
    ReadOnlyObjectProperty<OptionalLong> gameProperty() {
        return game.getReadOnlyProperty();
    }

    /** What was prepared for the chosen round, with the coach's words as they are now. */
    Optional<RoundBrief> brief() {
        return brief.flatMap(b -> tournaments.chosen().map(row -> b.with(row.pairing())));
    }

    private Optional<Looked> looked() {
        return tournaments.chosen().map(row -> new Looked(row.pairing().key(), tournaments.side()));
    }

    /** Another round is chosen: what was told of the one before goes. */
    private void chosen() {
        Optional<Pairing> now = tournaments.chosen().map(TournamentsModel.Row::pairing);
        boolean another = !looked().equals(shown) || now.isEmpty();
        String date = now.map(Pairing::date).orElse("");
        if (another) {
            shown = looked();
            brief = Optional.empty();
            told.set(List.of());
            game.set(OptionalLong.empty());
        }
        if (another || !date.equals(day)) {
            findGame();
        }
        day = date;
        // Whose rounds are looked at is who learns here, too.
        Optional<Student> who = student();
        if (who.isPresent() && !repertoire.studentProperty().get().equals(who)) {
            repertoire.studentProperty().set(who);
        }
    }

    /** Looks whether the game of the round is in the library. */
    void findGame() {
        Optional<Tournament> tournament = tournaments.tournament();
        Optional<Pairing> pairing = tournaments.chosen().map(TournamentsModel.Row::pairing);
        if (tournament.isEmpty() || pairing.isEmpty()) {
            return;
        }
        Optional<Looked> asked = looked();
        services.scheduler()
                .library(
                        () ->
                                new RoundGames(services.library().sheets())
                                        .of(tournament.get(), pairing.get()),
                        found -> {
                            if (asked.equals(looked())) {
                                game.set(found);
                            }
                        });
    }

    private Optional<Student> student() {
        return tournaments.player().flatMap(tournaments::student);
    }

    /** Whether a round and whom it is for are chosen; says what is missing. */
    private boolean isReady() {
        boolean ready = tournaments.chosen().isPresent() && tournaments.side().isPresent();
        if (!ready) {
            services.messages().say(Texts.of("repertoire.choose-a-round-and-above"));
        }
        return ready;
    }

    // ---- Before ---------------------------------------------------------------------------------

    /** Prepares the chosen round, as far as the engine and the games reach. */
    void prepare() {
        if (!isReady()) {
            return;
        }
        tournaments.flush();
        repertoire.flush();
        Tournament tournament = tournaments.tournament().orElseThrow();
        Pairing pairing = tournaments.chosen().orElseThrow().pairing();
        Side side = tournaments.side().orElseThrow();
        if (pairing.isBye()) {
            show(
                    List.of(
                            RoundRemarks.remark(
                                    Texts.of("repertoire.no-opponent"),
                                    Texts.of("repertoire.there-is-nobody-to-prepare"),
                                    "")));
            return;
        }
        Optional<Student> who = student();
        Optional<Looked> asked = looked();
        long today = repertoire.today();
        services.scheduler()
                .longWork(
                        Texts.of("repertoire.preparing-round", pairing.round()),
                        (cancellation, progress) ->
                                new RoundBriefs(
                                                services.library(),
                                                who,
                                                today,
                                                (name, of) -> reviewed.of(name, of, cancellation))
                                        .of(
                                                tournament,
                                                pairing,
                                                side,
                                                Optional.of(evaluator(cancellation))),
                        found -> {
                            if (asked.equals(looked())) {
                                prepared(found);
                            }
                        });
    }

    private MoveEvaluator evaluator(Cancellation cancellation) {
        return new MoveEvaluator(
                services.marking(), services.endings().tables(), NODES, cancellation);
    }

    private void prepared(RoundBrief found) {
        brief = Optional.of(found);
        show(new RoundRemarks(found, opener::go, openGame).all());
    }

    private void show(List<Remark> remarks) {
        told.set(remarks);
    }

    /**
     * Asks the student the positions to repeat.
     *
     * @param begun called when the drill begins
     */
    void repeat(Runnable begun) {
        Optional<RoundPlan> plan = brief.flatMap(RoundBrief::plan);
        if (plan.filter(p -> !p.repeat().isEmpty()).isEmpty()) {
            services.messages().say(Texts.of("repertoire.prepare-the-round-first-there"));
            return;
        }
        Optional<Student> who = student();
        if (who.isEmpty()) {
            services.messages()
                    .say(
                            Texts.of(
                                    "repertoire.is-no-student-of-the",
                                    tournaments.player().orElse(Texts.of("repertoire.nobody"))));
            return;
        }
        Set<Position> positions =
                plan.get().repeat().stream()
                        .map(s -> s.spot().position())
                        .collect(Collectors.toSet());
        repertoire.studentProperty().set(who);
        opener.with(
                tournaments.side().orElseThrow(),
                view -> {
                    begun.run();
                    drill.repeat(positions);
                });
    }

    // ---- After ----------------------------------------------------------------------------------

    /**
     * Brings in the game of the round.
     *
     * @param entries what a file or the clipboard has; the one game of it that fits is taken
     */
    void bring(List<PgnEntry> entries) {
        if (!isReady()) {
            return;
        }
        Tournament tournament = tournaments.tournament().orElseThrow();
        Pairing pairing = tournaments.chosen().orElseThrow().pairing();
        List<MoveTree> fit = new ArrayList<>();
        String problem = Texts.of("repertoire.there-is-no-game-in");
        for (PgnEntry entry : entries) {
            if (entry instanceof PgnEntry.Problem unread) {
                problem = unread.message();
                continue;
            }
            try {
                fit.add(pairing.game(tournament.title(), ((PgnEntry.Game) entry).tree()));
            } catch (IllegalArgumentException e) {
                problem = e.getMessage();
            }
        }
        if (fit.size() == 1) {
            bring(fit.get(0));
        } else {
            services.messages()
                    .say(
                            fit.isEmpty()
                                    ? problem
                                    : Texts.of(
                                            "repertoire.may-be-this-one-bring",
                                            Counted.of(fit.size(), "game")));
        }
    }

    private void bring(MoveTree tree) {
        boolean scored = tournaments.chosen().orElseThrow().pairing().isOver();
        services.scheduler()
                .library(
                        () -> services.library().sheets().add(tree),
                        id -> {
                            BinStore.Item item = new BinStore.Item(BinStore.Kind.GAME, id);
                            tournaments.trail().did(() -> put(item, true), () -> put(item, false));
                            if (!scored && !tree.result().equals(GameResult.NONE)) {
                                tournaments.changeChosen(p -> p.with(tree.result()));
                            }
                            services.reviews().add(List.of(id));
                            services.messages()
                                    .say(
                                            Texts.of("repertoire.the-game-is-in-the"),
                                            new Messages.Action(
                                                    Texts.of("repertoire.open"),
                                                    () -> openGame.accept(id)));
                            game.set(OptionalLong.of(id));
                            learn();
                        });
    }

    private void put(BinStore.Item item, boolean away) {
        Removal.move(
                services,
                List.of(item),
                away,
                done -> {
                    told.set(List.of());
                    findGame();
                });
    }

    /** Tells what the game of the round asks of the repertoire, and its moments. */
    void learn() {
        if (!isReady()) {
            return;
        }
        OptionalLong id = game.get();
        if (id.isEmpty()) {
            services.messages().say(Texts.of("repertoire.the-game-is-not-in"));
            return;
        }
        repertoire.flush();
        Optional<Looked> asked = looked();
        after.learn(id.getAsLong(), student(), () -> asked.equals(looked()));
    }

    private void reviewed() {
        long done = services.reviews().finishedProperty().get();
        if (game.get().equals(OptionalLong.of(done)) && after.isTold(done)) {
            learn();
        }
    }
}

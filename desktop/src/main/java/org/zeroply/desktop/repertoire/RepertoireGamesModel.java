package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.Audit;
import org.zeroply.coach.repertoire.CardCheck;
import org.zeroply.coach.repertoire.GameComparison;
import org.zeroply.coach.repertoire.MoveOrders;
import org.zeroply.coach.repertoire.Preparation;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.coach.review.profile.Profile;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.review.ReviewedFigures;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;

/**
 * The repertoire against games: how a player's games left it, what an opponent's games ask of it,
 * in which games a card spoke, and the orders of moves that lead to a position.
 */
final class RepertoireGamesModel {

    /** Nodes of a look at a move that left the repertoire. */
    private static final long NODES = 30_000;

    /** A side step may lose this many points of a hundred and is still told. */
    private static final double SOUND = 5;

    /** Lines to be repeated before a game. */
    private static final int REPEAT = 4;

    /** A reply at least as likely is told of an order of moves. */
    private static final double TOLD = 0.02;

    private final Services services;
    private final RepertoireModel model;
    private final LongConsumer openGame;
    private final ReviewedFigures reviewed;
    private final ReadOnlyObjectWrapper<List<Remark>> found =
            new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<List<String>> players =
            new ReadOnlyObjectWrapper<>(List.of());

    /**
     * @param openGame opens a game on the games desk
     */
    RepertoireGamesModel(Services services, RepertoireModel model, LongConsumer openGame) {
        this.services = services;
        this.model = model;
        this.openGame = openGame;
        reviewed = new ReviewedFigures(services.library(), services.marking());
    }

    /** What the last question came to. */
    ReadOnlyObjectProperty<List<Remark>> foundProperty() {
        return found.getReadOnlyProperty();
    }

    /** Who has games in the library, by name. */
    ReadOnlyObjectProperty<List<String>> playersProperty() {
        return players.getReadOnlyProperty();
    }

    /** Reads who has games. */
    void readPlayers() {
        services.scheduler()
                .library(
                        () -> List.copyOf(services.library().sheets().players().keySet()),
                        players::set);
    }

    /** Asks how a player's games left the repertoire. */
    void compare(Optional<String> player) {
        ask(player, this::compare);
    }

    /** Asks what is to be expected of an opponent. */
    void prepare(Optional<String> player) {
        ask(player, this::prepare);
    }

    /** A question about the games of a player. */
    private interface Asking {
        List<Remark> run(
                RepertoireView view,
                String name,
                Cancellation cancellation,
                Consumer<Double> progress);
    }

    private void ask(Optional<String> player, Asking asking) {
        Optional<RepertoireView> view = model.viewProperty().get();
        if (view.isEmpty() || player.isEmpty()) {
            services.messages().say(Texts.of("repertoire.choose-a-player-first"));
            return;
        }
        services.scheduler()
                .longWork(
                        Texts.of("repertoire.reading-the-games-of", player.get()),
                        (cancellation, progress) ->
                                asking.run(view.get(), player.get(), cancellation, progress),
                        told -> {
                            found.set(told);
                            services.messages()
                                    .say(
                                            told.isEmpty()
                                                    ? Texts.of(
                                                            "repertoire.there-is-nothing-to-tell")
                                                    : "");
                        });
    }

    private List<MoveTree> games(String name, Side side) {
        List<MoveTree> games = new ArrayList<>();
        for (long id : services.library().sheets().playedBy(name, side)) {
            games.add(services.library().sheets().load(id));
        }
        return games;
    }

    // ---- A player of ours -----------------------------------------------------------------------

    private List<Remark> compare(
            RepertoireView view,
            String name,
            Cancellation cancellation,
            Consumer<Double> progress) {
        List<MoveTree> games = games(name, view.repertoire().side());
        MoveEvaluator evaluator = new MoveEvaluator(services.marking(), NODES, cancellation);
        List<Remark> told = new ArrayList<>();
        Map<Spot, Integer> forgotten = new LinkedHashMap<>();
        boolean readable = cardsAreReadable(view);
        for (int i = 0; i < games.size() && !cancellation.isCancelled(); i++) {
            MoveTree game = games.get(i);
            progress.accept((double) i / games.size());
            GameComparison.of(view.repertoire(), game, view.school())
                    .ifPresent(
                            c -> {
                                told.add(left(c, c.loss(evaluator, view.school())));
                                if (c.leftBy() == GameComparison.LeftBy.US) {
                                    forgotten.merge(c.spot(), 1, Integer::sum);
                                }
                            });
            List<CardCheck> checks = readable ? CardCheck.of(view.repertoire(), game) : List.of();
            for (CardCheck check : checks) {
                if (check.followed().equals(Optional.of(false))) {
                    told.add(card(check, game));
                }
            }
        }
        forgotten.forEach(
                (spot, times) -> {
                    if (times > 1) {
                        told.add(
                                0,
                                new Remark(
                                        Texts.of("repertoire.forgotten"),
                                        spot.line().isEmpty()
                                                ? Texts.of("repertoire.at-the-start")
                                                : spot.line(),
                                        Texts.of("repertoire.times", times),
                                        () -> model.go(spot)));
                    }
                });
        if (games.isEmpty()) {
            told.add(
                    new Remark(
                            Texts.of("repertoire.no-games"),
                            Texts.of(
                                    "repertoire.the-library-has-no-game",
                                    name,
                                    view.repertoire().side().word()),
                            "",
                            () -> {}));
        }
        return told;
    }

    /** Whether cards can be looked for: not while one cannot be read, which the tasks tell of. */
    private static boolean cardsAreReadable(RepertoireView view) {
        return new Audit(view.repertoire(), view.shares()).unreadable().isEmpty();
    }

    private static String words(CardCheck check, String played, String game) {
        int move = (check.ply() + 1) / 2;
        return Texts.of("repertoire.move-of", check.card().text(), played, move, game);
    }

    private Remark left(GameComparison c, OptionalDouble loss) {
        String opponent =
                c.game().tag(model.side() == Side.WHITE ? "Black" : "White")
                        + ", "
                        + c.game().tag("Date")
                        + ": ";
        String here =
                c.spot().line().isEmpty() ? Texts.of("repertoire.at-once-2") : c.spot().line();
        String next = RepertoireFindings.line(c.spot(), c.played());
        String text =
                switch (c.leftBy()) {
                    case US -> Texts.of("repertoire.for-2", opponent + next, c.recommended());
                    case THEM -> Texts.of("repertoire.has-no-answer-here", opponent + next);
                    case END -> Texts.of("repertoire.the-repertoire-ends-at", opponent, here);
                    case NOBODY -> Texts.of("repertoire.stayed-in-the-repertoire", opponent);
                };
        String kind =
                switch (c.leftBy()) {
                    case US -> Texts.of("repertoire.left-by-us");
                    case THEM -> Texts.of("repertoire.by-them");
                    case END -> Texts.of("repertoire.ended");
                    case NOBODY -> Texts.of("repertoire.stayed");
                };
        String cost =
                loss.orElse(0) >= 0.5
                        ? String.format(
                                Locale.ROOT, Texts.of("repertoire.points-2"), loss.getAsDouble())
                        : "";
        return new Remark(kind, text, cost, () -> model.go(c.spot()));
    }

    private static Remark card(CardCheck check, MoveTree game) {
        String title = game.tag("White") + " – " + game.tag("Black");
        return new Remark(
                Texts.of("repertoire.card"),
                words(check, Texts.of("repertoire.was-played", check.played()), title),
                Texts.of("repertoire.not-followed-2"),
                () -> {});
    }

    /**
     * In which games of the library a card of the repertoire spoke, and whether it was followed.
     */
    void checkCards() {
        Optional<RepertoireView> view = model.viewProperty().get();
        view.ifPresent(
                v ->
                        services.scheduler()
                                .longWork(
                                        Texts.of("repertoire.looking-for-the-cards-in"),
                                        (cancellation, progress) ->
                                                spoken(v, cancellation, progress),
                                        found::set));
    }

    private List<Remark> spoken(
            RepertoireView view, Cancellation cancellation, Consumer<Double> progress) {
        List<Remark> told = new ArrayList<>();
        List<SheetRow> rows =
                cardsAreReadable(view)
                        ? services.library().sheets().find(SheetQuery.all(SheetKind.GAME))
                        : List.of();
        for (int i = 0; i < rows.size() && !cancellation.isCancelled(); i++) {
            SheetRow row = rows.get(i);
            progress.accept((double) i / rows.size());
            MoveTree game = services.library().sheets().load(row.id());
            for (CardCheck check : CardCheck.of(view.repertoire(), game)) {
                told.add(
                        new Remark(
                                        CardTrialModel.kind(check.followed()),
                                        words(check, check.played(), row.title()),
                                        row.heading().date(),
                                        () -> {})
                                .with(
                                        Texts.of("repertoire.open-it"),
                                        () -> openGame.accept(row.id())));
            }
        }
        if (told.isEmpty()) {
            told.add(
                    new Remark(
                            Texts.of("repertoire.no-card"),
                            Texts.of("repertoire.no-card-applied-in-any"),
                            "",
                            () -> {}));
        }
        return told;
    }

    // ---- An opponent ----------------------------------------------------------------------------

    private List<Remark> prepare(
            RepertoireView view,
            String name,
            Cancellation cancellation,
            Consumer<Double> progress) {
        List<MoveTree> games = games(name, view.repertoire().side().other());
        if (games.isEmpty()) {
            return List.of(
                    new Remark(
                            Texts.of("repertoire.no-games"),
                            Texts.of("repertoire.the-library-has-no-game-of", name),
                            "",
                            () -> {}));
        }
        Preparation preparation = new Preparation(view.repertoire(), games, view.school());
        List<Remark> told = new ArrayList<>();
        for (Preparation.Stop s : preparation.toRepeat(REPEAT)) {
            told.add(stop(Texts.of("repertoire.repeat"), s));
        }
        for (Preparation.Stop s : preparation.stops()) {
            told.add(
                    stop(
                            s.experienceEnds()
                                    ? Texts.of("repertoire.new-to-them")
                                    : Texts.of("repertoire.likely"),
                            s));
        }
        told.addAll(losses(name, view.repertoire().side().other(), cancellation));
        MoveEvaluator evaluator = new MoveEvaluator(services.marking(), NODES, cancellation);
        for (Preparation.SideStep s : preparation.sideSteps()) {
            if (cancellation.isCancelled()) {
                break;
            }
            double loss = evaluator.loss(s.spot().position(), s.step()).points();
            if (loss <= SOUND) {
                told.add(
                        new Remark(
                                Texts.of("repertoire.side-step"),
                                Texts.of(
                                        "repertoire.instead-of",
                                        RepertoireFindings.line(s.spot(), s.move()),
                                        s.instead()),
                                String.format(
                                        Locale.ROOT, Texts.of("repertoire.loses-points"), loss),
                                () -> model.go(s.spot())));
            }
        }
        return told;
    }

    /** What the opponent loses a move in each opening, from the games that are reviewed. */
    private List<Remark> losses(String name, Side side, Cancellation cancellation) {
        List<GameFigures> figures = reviewed.of(name, side, cancellation);
        if (figures.isEmpty()) {
            return List.of(
                    new Remark(
                            Texts.of("repertoire.their-losses"),
                            Texts.of("repertoire.none-of-these-games-is"),
                            "",
                            () -> {}));
        }
        return Profile.of(name, figures).byOpening().stream()
                .map(
                        o ->
                                new Remark(
                                        Texts.of("repertoire.their-losses"),
                                        o.name(),
                                        Texts.of(
                                                "repertoire.points-a-move",
                                                o.loss().text(),
                                                Counted.of(o.loss().games(), "game")),
                                        () -> {}))
                .toList();
    }

    private Remark stop(String kind, Preparation.Stop s) {
        return new Remark(
                kind,
                RepertoireFindings.line(s.spot(), s.recommended()),
                Words.percent(s.probability()) + ", " + Counted.of(s.games(), "game"),
                () -> model.go(s.spot()));
    }

    // ---- Orders ---------------------------------------------------------------------------------

    /** Asks for the ways to the position on the board. */
    void orders() {
        Optional<RepertoireView> view = model.viewProperty().get();
        Optional<Spot> spot = model.spot();
        if (view.isEmpty() || spot.isEmpty()) {
            services.messages().say(Texts.of("repertoire.the-position-on-the-board"));
            return;
        }
        RepertoireView v = view.get();
        services.scheduler()
                .beside(
                        (cancellation, progress) ->
                                MoveOrders.of(
                                        v.repertoire(), spot.get().position(), v.shares(), TOLD),
                        orders ->
                                found.set(orders.stream().map(o -> order(o, spot.get())).toList()));
    }

    private Remark order(MoveOrders.Order order, Spot spot) {
        String text =
                order.line()
                        + (order.allows().isEmpty()
                                ? ""
                                : Texts.of("repertoire.allows", String.join(", ", order.allows())))
                        + (order.avoids().isEmpty()
                                ? ""
                                : Texts.of("repertoire.avoids", String.join(", ", order.avoids())));
        return new Remark(Texts.of("repertoire.order"), text, "", () -> model.go(spot));
    }
}

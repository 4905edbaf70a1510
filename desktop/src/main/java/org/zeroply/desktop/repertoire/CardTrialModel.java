package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.repertoire.card.Card;
import org.zeroply.coach.repertoire.card.CardTrial;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;

/** A card tried on all games of the library while it is being built. */
final class CardTrialModel {

    private final Services services;
    private final LongConsumer openGame;
    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>(Shown.NOTHING);

    /**
     * @param openGame opens a game on the games desk
     */
    CardTrialModel(Services services, LongConsumer openGame) {
        this.services = services;
        this.openGame = openGame;
    }

    /**
     * What came of it.
     *
     * @param summary in a sentence; empty while nothing was tried
     * @param games where it applied
     */
    record Shown(String summary, List<Remark> games) {
        static final Shown NOTHING = new Shown("", List.of());
    }

    /** What came of the last trial. */
    ReadOnlyObjectProperty<Shown> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** Forgets it, because the card is another one now. */
    void forget() {
        shown.set(Shown.NOTHING);
    }

    /** Tries a card, in the background. */
    void start(Card card, Side side) {
        services.scheduler()
                .longWork(
                        Texts.of("repertoire.trying-the-card-on-the"),
                        (cancellation, progress) -> look(card, side, cancellation, progress),
                        shown::set);
    }

    private Shown look(Card card, Side side, Cancellation cancellation, Consumer<Double> progress) {
        List<SheetRow> rows = services.library().sheets().find(SheetQuery.all(SheetKind.GAME));
        List<CardTrial.Case> cases = new ArrayList<>();
        List<Remark> games = new ArrayList<>();
        int looked = 0;
        for (SheetRow row : rows) {
            if (cancellation.isCancelled()) {
                break;
            }
            looked++;
            progress.accept((double) looked / rows.size());
            CardTrial.in(card, side, services.library().sheets().load(row.id()))
                    .ifPresent(
                            c -> {
                                cases.add(c);
                                games.add(finding(c, row));
                            });
        }
        return new Shown(summary(new CardTrial(card, side, looked, cases)), games);
    }

    private Remark finding(CardTrial.Case c, SheetRow row) {
        String text = Texts.of("repertoire.move", row.title(), (c.ply() + 1) / 2, c.played());
        return new Remark(
                kind(c.followed()), text, row.heading().result(), () -> openGame.accept(row.id()));
    }

    /** What became of a card in a game. */
    static String kind(Optional<Boolean> followed) {
        return followed.map(
                        f ->
                                f
                                        ? Texts.of("repertoire.followed")
                                        : Texts.of("repertoire.not-followed"))
                .orElse(Texts.of("repertoire.applied"));
    }

    private static String summary(CardTrial trial) {
        if (trial.cases().isEmpty()) {
            return Texts.of("repertoire.it-applied-in-none-of", trial.games());
        }
        String all =
                Texts.of(
                        "repertoire.it-applied-in-of-games",
                        trial.cases().size(),
                        trial.games(),
                        scored(trial.applied()));
        return trial.followed().count() + trial.other().count() == 0
                ? all + "."
                : String.format(
                        Texts.of("repertoire.followed-in-not-followed-in"),
                        all,
                        trial.followed().count(),
                        scored(trial.followed()),
                        trial.other().count(),
                        scored(trial.other()));
    }

    private static String scored(CardTrial.Tally tally) {
        return tally.score().isEmpty()
                ? ""
                : String.format(
                        Locale.ROOT,
                        Texts.of("repertoire.score"),
                        100 * tally.score().getAsDouble());
    }
}

package org.zeroply.desktop.repertoire;

import java.util.List;
import java.util.Optional;
import java.util.function.LongConsumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.coach.pattern.Period;
import org.zeroply.coach.pattern.PlayersAsked;
import org.zeroply.coach.pattern.RatingAsked;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.Task;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.index.PositionStatistics;

/** What the games of the library did in the position on the board. */
final class StatisticsView extends VBox {

    private final Services services;
    private final RepertoireModel model;
    private final RowTable<PositionStatistics.Played> moves =
            new RowTable<>(
                    "statistics",
                    PositionStatistics.Played::move,
                    Texts.of("repertoire.no-game-of-the-library"));
    private final TextField player = field("stat-player", Texts.of("repertoire.player"), 6);
    private final TextField rating = field("stat-rating", Texts.of("repertoire.rating"), 4);
    private final TextField from = field("stat-from", Texts.of("repertoire.year"), 3);
    private final ComboBox<String> result = new ComboBox<>();
    private final ComboBox<PositionStatistics.Sample> sample = new ComboBox<>();
    private Task<?> asking = Task.none();
    private Position shown = Position.START;

    /**
     * @param openGame opens a game
     */
    StatisticsView(Services services, RepertoireModel model, LongConsumer openGame) {
        super(4);
        this.services = services;
        this.model = model;
        moves.setMinHeight(56);
        VBox.setVgrow(moves, Priority.ALWAYS);
        moves.text(Texts.of("repertoire.move-3"), 80, p -> San.write(shown, p.move()));
        moves.figure(
                Texts.of("repertoire.games"),
                66,
                PositionStatistics.Played::games,
                String::valueOf);
        moves.figure(
                Texts.of("repertoire.our-score"),
                84,
                this::score,
                s -> s < 0 ? "–" : Math.round(100 * s) + "%");
        moves.figure(
                Texts.of("repertoire.rating"),
                70,
                PositionStatistics.Played::averageRating,
                StatisticsView::known);
        moves.figure(
                Texts.of("repertoire.last"),
                60,
                PositionStatistics.Played::lastYear,
                StatisticsView::known);
        moves.onOpen(p -> model.session().current().child(p.move()).ifPresent(model.session()::go));
        result.setId("stat-result");
        result.getItems()
                .addAll(
                        Texts.of("repertoire.results"),
                        GameResult.WHITE_WINS,
                        GameResult.DRAW,
                        GameResult.BLACK_WINS);
        result.setValue(Texts.of("repertoire.results"));
        result.setOnAction(e -> ask());
        sample.setId("stat-sample");
        sample.setPromptText(Texts.of("repertoire.games"));
        sample.setMaxWidth(Double.MAX_VALUE);
        sample.setConverter(new SampleText());
        sample.setOnAction(
                e -> {
                    PositionStatistics.Sample chosen = sample.getValue();
                    if (chosen != null) {
                        openGame.accept(chosen.game().sheetId());
                    }
                });
        sample.setMinWidth(104);
        sample.setPrefWidth(104);
        result.setPrefWidth(96);
        HBox.setHgrow(player, Priority.ALWAYS);
        getChildren().addAll(Widgets.row(player, rating, from, result, sample), moves);
        model.session().currentProperty().addListener(o -> ask());
        ask();
    }

    private TextField field(String id, String prompt, int columns) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.setPrefColumnCount(columns);
        field.setOnAction(e -> ask());
        return field;
    }

    /** Our score, 0 to 1; negative where it is not known. */
    private double score(PositionStatistics.Played p) {
        boolean white = model.side() == Side.WHITE;
        return p.score().map(s -> white ? s : 1 - s).orElse(-1.0);
    }

    private static String known(int figure) {
        return figure == 0 ? "–" : String.valueOf(figure);
    }

    /**
     * Which games are asked for.
     *
     * @throws IllegalArgumentException if what is typed cannot be
     */
    private GameFilter filter() {
        String strength = rating.getText().strip();
        String since = from.getText().strip();
        String word = result.getValue();
        return new GameFilter(
                PlayersAsked.read(player.getText()),
                strength.isEmpty() ? RatingAsked.ANY : RatingAsked.read(strength),
                since.isEmpty() ? Period.ANY : Period.ANY.since(since),
                word.equals(Texts.of("repertoire.results")) ? "" : word);
    }

    private void ask() {
        asking.abandon();
        Position position = model.session().current().position();
        GameFilter filter;
        try {
            filter = filter();
        } catch (IllegalArgumentException e) {
            tell(PositionStatistics.NONE, e.getMessage());
            return;
        }
        asking =
                services.scheduler()
                        .beside(
                                (cancellation, progress) ->
                                        services.library().games().at(position, filter),
                                found -> show(position, found));
    }

    private void show(Position position, PositionStatistics found) {
        if (!position.equals(model.session().current().position())) {
            return;
        }
        shown = position;
        tell(found, Texts.of("repertoire.no-game-of-the-library"));
    }

    /**
     * @param otherwise what is said where there are no games
     */
    private void tell(PositionStatistics found, String otherwise) {
        moves.setEmpty(otherwise);
        moves.show(found.moves());
        sample.setValue(null);
        sample.setPromptText(Counted.of(found.games(), "game"));
        sample.getItems().setAll(found.sample());
        sample.setDisable(found.games() == 0);
    }

    private static final class SampleText extends StringConverter<PositionStatistics.Sample> {
        @Override
        public String toString(PositionStatistics.Sample s) {
            return Optional.ofNullable(s)
                    .map(
                            x ->
                                    String.join(
                                            "  ",
                                            List.of(
                                                    x.game().title(),
                                                    x.game().date(),
                                                    x.game().result())))
                    .orElse("");
        }

        @Override
        public PositionStatistics.Sample fromString(String text) {
            return null;
        }
    }
}

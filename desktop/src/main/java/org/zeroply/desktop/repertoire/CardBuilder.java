package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.repertoire.card.CardReader;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** Builds an if-then card by pressing squares on the board; its text can be typed just as well. */
final class CardBuilder extends VBox {

    /** Width of the names before the choices, in pixels. */
    private static final double LABEL = 60;

    /** Height of the list of games at least. */
    private static final double LEAST = 120;

    private final RepertoireModel model;
    private final CardTrialModel trial;
    private final CardDraftModel draft = new CardDraftModel();
    private final ToggleGroup ways = new ToggleGroup();
    private final ToggleButton not = toggle("card-not", "not");
    private final ToggleButton or = toggle("card-or", "or");
    private final ToggleButton unless = toggle("card-unless", Texts.of("repertoire.as-exception"));
    private final MenuButton more = new MenuButton(Texts.of("repertoire.more-conditions"));
    private final TextArea text = new TextArea();
    private final Label state = Widgets.wrapped("", "plain");
    private final Button keep =
            Widgets.button("card-keep", Texts.of("repertoire.keep-the-card"), this::keep);
    private final Button tryIt =
            Widgets.button("card-try", Texts.of("repertoire.try-it-on-the-games"), this::tryIt);
    private final Label tried = Widgets.wrapped("", "plain");
    private final FindingList games = new FindingList("card-games", "");
    private Consumer<String> done = t -> {};
    private final ReadOnlyObjectWrapper<BoardOverlay> overlay =
            new ReadOnlyObjectWrapper<>(BoardOverlay.NONE);
    private final ReadOnlyObjectWrapper<Boolean> active = new ReadOnlyObjectWrapper<>(false);

    CardBuilder(RepertoireModel model, CardTrialModel trial) {
        super(8);
        this.model = model;
        this.trial = trial;
        setId("card-builder");
        more.setId("card-more");
        text.setId("card-text");
        Widgets.tabLeaves(text);
        text.setWrapText(true);
        text.setPrefRowCount(3);
        text.setMinHeight(70);
        text.setPromptText("IF white knight on e5 THEN play f6: drive it away UNLESS …");
        text.setAccessibleText(Texts.of("repertoire.the-card-as-text"));
        text.textProperty().addListener(o -> check());
        state.setId("card-state");
        tried.setId("card-tried");
        games.setMinHeight(LEAST);
        trial.shownProperty().addListener((o, was, is) -> show(is));
        model.session().revisionProperty().addListener(o -> turned());
        getChildren()
                .addAll(
                        Widgets.label(Texts.of("repertoire.a-card-if-then"), "sheet-title"),
                        Widgets.wrapped(Texts.of("repertoire.choose-what-to-say-then"), "plain"));
        not.setTooltip(Widgets.wide(Texts.of("repertoire.the-next-condition-must-not")));
        or.setTooltip(Widgets.wide(Texts.of("repertoire.the-last-condition-or-the")));
        unless.setTooltip(Widgets.wide(Texts.of("repertoire.the-next-condition-goes-after")));
        for (CardDraftModel.Group group : CardDraftModel.Group.values()) {
            getChildren().add(choices(group));
        }
        ways.selectToggle(ways.getToggles().get(0));
        ways.selectedToggleProperty().addListener(o -> forget());
        getChildren()
                .addAll(
                        Widgets.row(not, or, unless, more),
                        text,
                        state,
                        Widgets.row(
                                keep,
                                tryIt,
                                Widgets.button(
                                        "card-cancel",
                                        Texts.of("repertoire.cancel"),
                                        this::cancel)),
                        tried,
                        games);
        show(CardTrialModel.Shown.NOTHING);
    }

    private HBox choices(CardDraftModel.Group group) {
        FlowPane choices = new FlowPane(6, 6);
        for (CardDraftModel.Way way : CardDraftModel.Way.values()) {
            if (way.group() == group) {
                ToggleButton button =
                        toggle("card-" + way.name().toLowerCase(Locale.ROOT), way.words());
                button.setTooltip(Widgets.wide(way.says()));
                button.setToggleGroup(ways);
                button.setUserData(way);
                choices.getChildren().add(button);
            }
        }
        Label name = Widgets.label(group.words(), "faded");
        name.setMinWidth(LABEL);
        HBox.setHgrow(choices, Priority.ALWAYS);
        HBox row = new HBox(6, name, choices);
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    private static ToggleButton toggle(String id, String words) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        Widgets.leaveFocus(button);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** Whether a card is being built. */
    ReadOnlyObjectProperty<Boolean> activeProperty() {
        return active.getReadOnlyProperty();
    }

    /** What lies over the board meanwhile. */
    ReadOnlyObjectProperty<BoardOverlay> overlayProperty() {
        return overlay.getReadOnlyProperty();
    }

    /** Begins a new card. */
    void begin(Consumer<String> whenDone) {
        begin("", whenDone);
    }

    /** Changes a card. */
    void begin(String card, Consumer<String> whenDone) {
        done = whenDone;
        draft.begin(card);
        forget();
        trial.forget();
        active.set(true);
        offer();
        text.setText(card);
        check();
    }

    /** The board shows another position now. */
    private void turned() {
        if (active.get()) {
            offer();
            state.setText(draft.state(text.getText().strip(), at()));
        }
    }

    private Node at() {
        return model.session().current();
    }

    private void forget() {
        draft.forget();
        overlay.set(BoardOverlay.NONE);
    }

    private void keep() {
        String card = text.getText().strip();
        if (CardDraftModel.isWhole(card)) {
            cancel();
            done.accept(CardReader.read(card).text());
        }
    }

    /** Leaves without keeping anything. */
    void cancel() {
        forget();
        trial.forget();
        active.set(false);
    }

    /** A square was pressed. */
    void pressed(int square) {
        draft.take(text.getText().strip());
        CardDraftModel.Way way = (CardDraftModel.Way) ways.getSelectedToggle().getUserData();
        draft.pressed(way, at().position(), model.side(), square, joined());
        overlay.set(
                draft.first().isEmpty()
                        ? BoardOverlay.NONE
                        : new BoardOverlay(
                                List.of(),
                                Map.of(square, BoardOverlay.Tone.LEVEL),
                                Map.of(square, "from")));
        if (draft.first().isEmpty()) {
            plain();
        }
        text.setText(draft.text());
    }

    private CardDraftModel.Joined joined() {
        return new CardDraftModel.Joined(not.isSelected(), or.isSelected(), unless.isSelected());
    }

    /** What was said holds for one condition only; the next one may be an exception too. */
    private void plain() {
        not.setSelected(false);
        or.setSelected(false);
    }

    private void offer() {
        List<MenuItem> items = new ArrayList<>();
        for (String offer : CardDraftModel.offers(at(), model.side())) {
            MenuItem item = new MenuItem(offer);
            item.setOnAction(
                    e -> {
                        draft.take(text.getText().strip());
                        draft.add(offer, joined());
                        plain();
                        text.setText(draft.text());
                    });
            items.add(item);
        }
        more.getItems().setAll(items);
    }

    private void check() {
        String card = text.getText().strip();
        state.setText(draft.state(card, at()));
        tryIt.setDisable(!CardDraftModel.isWhole(card));
        keep.setDisable(tryIt.isDisabled());
        trial.forget();
    }

    // ---- Trying it ------------------------------------------------------------------------------

    private void tryIt() {
        String card = text.getText().strip();
        if (CardDraftModel.isWhole(card)) {
            trial.start(CardReader.read(card), model.side());
        }
    }

    private void show(CardTrialModel.Shown is) {
        tried.setText(is.summary());
        tried.setVisible(!is.summary().isEmpty());
        tried.setManaged(tried.isVisible());
        games.show(is.games());
        games.setVisible(!is.games().isEmpty());
        games.setManaged(games.isVisible());
    }
}

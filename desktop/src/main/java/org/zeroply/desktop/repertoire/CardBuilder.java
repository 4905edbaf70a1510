package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.repertoire.card.Card;
import org.zeroply.coach.repertoire.card.CardReader;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.controls.Widgets;

/** Builds an if-then card by pressing squares on the board; its text can be typed just as well. */
final class CardBuilder extends VBox {

    /** What a pressed square means. */
    private enum Way {
        MAN("A man stands there"),
        ATTACKED_BY_US("We attack it"),
        ATTACKED_BY_THEM("They attack it"),
        CASTLED("Has castled (press a king)"),
        ISOLATED("Isolated pawn"),
        DOUBLED("Doubled pawn"),
        BACKWARD("Backward pawn"),
        PASSED("Passed pawn"),
        POSSIBLE("A move is possible (press from, to)"),
        PLAY("Then play (press from, to)");

        private final String words;

        Way(String words) {
            this.words = words;
        }
    }

    private final RepertoireModel model;
    private final ToggleGroup ways = new ToggleGroup();
    private final ToggleButton not = new ToggleButton("not");
    private final ToggleButton unless = new ToggleButton("as exception");
    private final TextArea text = new TextArea();
    private final Label state = Widgets.wrapped("", "plain");
    private final List<String> conditions = new ArrayList<>();
    private final List<String> exceptions = new ArrayList<>();
    private String then = "";
    private OptionalInt first = OptionalInt.empty();
    private Consumer<String> done = t -> {};
    private final ReadOnlyObjectWrapper<BoardOverlay> overlay =
            new ReadOnlyObjectWrapper<>(BoardOverlay.NONE);
    private final ReadOnlyObjectWrapper<Boolean> active = new ReadOnlyObjectWrapper<>(false);

    CardBuilder(RepertoireModel model) {
        super(8);
        this.model = model;
        setId("card-builder");
        text.setId("card-text");
        text.setWrapText(true);
        text.setPrefRowCount(3);
        text.setMinHeight(70);
        text.setPromptText("IF white knight on e5 THEN play f6: drive it away UNLESS …");
        text.setAccessibleText("The card as text");
        text.textProperty().addListener(o -> check());
        state.setId("card-state");
        FlowPane choices = new FlowPane(6, 6);
        for (Way way : Way.values()) {
            ToggleButton button = toggle("card-" + way.name().toLowerCase(Locale.ROOT), way.words);
            button.setToggleGroup(ways);
            button.setUserData(way);
            choices.getChildren().add(button);
        }
        ways.selectToggle(ways.getToggles().get(0));
        ways.selectedToggleProperty().addListener(o -> forget());
        not.setId("card-not");
        unless.setId("card-unless");
        getChildren()
                .addAll(
                        Widgets.label("A card: if … then …", "sheet-title"),
                        Widgets.wrapped(
                                "Choose what you want to say and press squares on the board. Press"
                                        + " again to take it back.",
                                "plain"),
                        choices,
                        Widgets.row(not, unless),
                        text,
                        state,
                        Widgets.row(
                                Widgets.button("card-keep", "Keep the card", this::keep),
                                Widgets.button("card-cancel", "Cancel", this::cancel)));
        for (ToggleButton button : List.of(not, unless)) {
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setFocusTraversable(false);
        }
    }

    private static ToggleButton toggle(String id, String words) {
        ToggleButton button = new ToggleButton(words);
        button.setId(id);
        button.setFocusTraversable(false);
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
        conditions.clear();
        exceptions.clear();
        then = "";
        if (CardReader.problem(card).isEmpty()) {
            Card known = CardReader.read(card);
            known.conditions().forEach(c -> conditions.add(c.text()));
            known.exceptions().forEach(c -> exceptions.add(c.text()));
            then = known.then();
        }
        forget();
        active.set(true);
        text.setText(card);
        check();
    }

    private void forget() {
        first = OptionalInt.empty();
        overlay.set(BoardOverlay.NONE);
    }

    private void keep() {
        String card = text.getText().strip();
        if (CardReader.problem(card).isEmpty()) {
            cancel();
            done.accept(CardReader.read(card).text());
        }
    }

    /** Leaves without keeping anything. */
    void cancel() {
        forget();
        active.set(false);
    }

    // ---- The board ------------------------------------------------------------------------------

    /** A square was pressed. */
    void pressed(int square) {
        takeText();
        Position position = model.session().current().position();
        Optional<Piece> man = position.pieceAt(square);
        Way way = (Way) ways.getSelectedToggle().getUserData();
        switch (way) {
            case MAN ->
                    man.ifPresent(
                            m ->
                                    toggle(
                                            word(m.side())
                                                    + " "
                                                    + m.type().word()
                                                    + " on "
                                                    + name(square)));
            case ATTACKED_BY_US -> toggle(name(square) + " attacked by " + word(model.side()));
            case ATTACKED_BY_THEM ->
                    toggle(name(square) + " attacked by " + word(model.side().other()));
            case CASTLED ->
                    man.filter(m -> m.type() == PieceType.KING)
                            .ifPresent(m -> toggle(word(m.side()) + " castled"));
            case ISOLATED, DOUBLED, BACKWARD, PASSED ->
                    man.filter(m -> m.type() == PieceType.PAWN)
                            .ifPresent(m -> toggle(pawn(way, m.side(), square)));
            case POSSIBLE ->
                    twoSquares(position, square, san -> toggle("move " + san + " possible"));
            case PLAY -> twoSquares(position, square, this::play);
        }
        write();
    }

    private static String word(Side side) {
        return side.word().toLowerCase(Locale.ROOT);
    }

    private static String name(int square) {
        return Square.name(square);
    }

    private static String pawn(Way way, Side side, int square) {
        return word(side) + " " + way.name().toLowerCase(Locale.ROOT) + " pawn on " + name(square);
    }

    private void play(String san) {
        int colon = then.indexOf(':');
        then = "play " + san + (colon < 0 ? "" : then.substring(colon));
    }

    private void twoSquares(Position position, int square, Consumer<String> move) {
        if (first.isEmpty()) {
            first = OptionalInt.of(square);
            overlay.set(
                    new BoardOverlay(
                            List.of(),
                            Map.of(square, BoardOverlay.Tone.LEVEL),
                            Map.of(square, "from")));
            return;
        }
        int from = first.getAsInt();
        forget();
        move.accept(san(position, from, square));
    }

    /** The move in notation; one that is not possible now is written from what stands there. */
    private static String san(Position position, int from, int to) {
        return position.findMove(from, to, Optional.empty())
                .or(() -> position.findMove(from, to, Optional.of(PieceType.QUEEN)))
                .map(m -> San.write(position, m))
                .orElseGet(
                        () -> {
                            PieceType type =
                                    position.pieceAt(from).map(Piece::type).orElse(PieceType.PAWN);
                            boolean takes = position.pieceAt(to).isPresent();
                            String man =
                                    type == PieceType.PAWN
                                            ? takes ? name(from).substring(0, 1) : ""
                                            : String.valueOf(type.letter());
                            return man + (takes ? "x" : "") + name(to);
                        });
    }

    private void toggle(String condition) {
        String whole = (not.isSelected() ? "NOT " : "") + condition;
        List<String> list = unless.isSelected() ? exceptions : conditions;
        if (!list.remove(whole)) {
            list.add(whole);
        }
        not.setSelected(false);
    }

    /** Takes over what was typed, so that pressing goes on from there. */
    private void takeText() {
        String typed = text.getText().strip();
        if (CardReader.problem(typed).isEmpty()) {
            Card card = CardReader.read(typed);
            conditions.clear();
            exceptions.clear();
            card.conditions().forEach(c -> conditions.add(c.text()));
            card.exceptions().forEach(c -> exceptions.add(c.text()));
            then = card.then();
        }
    }

    private void write() {
        String when = conditions.isEmpty() ? "…" : String.join(" AND ", conditions);
        String what = then.isEmpty() ? "…" : then;
        String but = exceptions.isEmpty() ? "" : " UNLESS " + String.join(" AND ", exceptions);
        text.setText("IF " + when + " THEN " + what + but);
    }

    private void check() {
        String card = text.getText().strip();
        if (card.isEmpty() || card.contains("…")) {
            state.setText(
                    conditions.isEmpty()
                            ? "No condition yet."
                            : "Now say what to do: Then play and two squares, or type it after THEN.");
            return;
        }
        state.setText(
                CardReader.problem(card)
                        .orElseGet(
                                () ->
                                        CardReader.read(card)
                                                        .applies(
                                                                model.session()
                                                                        .current()
                                                                        .position())
                                                ? "It reads well, and holds in this position."
                                                : "It reads well; in this position it does not"
                                                        + " hold."));
    }
}

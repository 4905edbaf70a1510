package org.zeroply.desktop.lab;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.pieces.ControlMap;
import org.zeroply.coach.fact.pieces.Routes;
import org.zeroply.coach.fact.tactics.Contest;
import org.zeroply.coach.fact.tactics.ForcingMoves;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** Questions about squares, answered on the board: control, contests, routes, forcing moves. */
final class SquaresView extends VBox {

    private static final int FAR = 5;

    private final LabModel model;
    private final ToggleGroup maps = new ToggleGroup();
    private final TextField contest = field("contest-square", Texts.of("lab.square-such-as-d5"));
    private final TextField route = field("route-squares", Texts.of("lab.from-and-to-such-as"));
    private final Label contestAnswer = answer("contest-answer");
    private final Label routeAnswer = answer("route-answer");
    private final Label mapWords = answer("map-words");
    private final Label forcing = answer("forcing-moves");

    SquaresView(LabModel model) {
        super(8);
        this.model = model;
        setId("squares");
        getStyleClass().add("facts");
        FlowPane choices = new FlowPane(6, 6);
        choices.getChildren()
                .addAll(
                        map("who", Texts.of("lab.who-controls-more"), this::lead),
                        map(
                                "white-one",
                                Texts.of("lab.white-in-one-move"),
                                () -> reach(Side.WHITE, 1)),
                        map("white-two", Texts.of("lab.white-in-two"), () -> reach(Side.WHITE, 2)),
                        map(
                                "black-one",
                                Texts.of("lab.black-in-one-move"),
                                () -> reach(Side.BLACK, 1)),
                        map("black-two", Texts.of("lab.black-in-two"), () -> reach(Side.BLACK, 2)));
        contest.setOnAction(e -> contest());
        route.setOnAction(e -> route());
        getChildren()
                .addAll(
                        Widgets.heading(Texts.of("lab.control")),
                        choices,
                        mapWords,
                        Widgets.heading(Texts.of("lab.contest-of-a-square")),
                        Widgets.row(
                                contest,
                                Widgets.label(Texts.of("lab.or-press-a-square-on"), "faded")),
                        contestAnswer,
                        Widgets.heading(Texts.of("lab.routes-of-a-piece")),
                        Widgets.row(
                                route,
                                Widgets.label(
                                        Texts.of("lab.all-shortest-safe-ways-others"), "faded")),
                        routeAnswer,
                        Widgets.heading(Texts.of("lab.forcing-moves")),
                        forcing);
    }

    private static TextField field(String id, String prompt) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.setPrefColumnCount(16);
        return field;
    }

    private static Label answer(String id) {
        Label label = Widgets.label("", "plain");
        label.setId(id);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        label.managedProperty().bind(label.textProperty().isNotEmpty());
        return label;
    }

    private ToggleButton map(String id, String text, Runnable draw) {
        ToggleButton button = new ToggleButton(text);
        button.setId("map-" + id);
        button.setToggleGroup(maps);
        button.setUserData(draw);
        Widgets.leaveFocus(button);
        button.setOnAction(e -> redraw());
        return button;
    }

    private void redraw() {
        if (maps.getSelectedToggle() == null) {
            mapWords.setText("");
            model.clearOverlay();
        } else {
            ((Runnable) maps.getSelectedToggle().getUserData()).run();
        }
    }

    /** Answers for the position now on the board. */
    void show() {
        contestAnswer.setText("");
        routeAnswer.setText("");
        redraw();
        StringBuilder words = new StringBuilder();
        for (Side side : Side.values()) {
            ForcingMoves moves = ForcingMoves.of(new Scene(model.position()), side);
            String list =
                    moves.from()
                            .map(from -> list(from, moves))
                            .orElse(Texts.of("lab.not-now-the-other-side"));
            words.append(words.isEmpty() ? "" : "\n").append(side.word()).append(": ").append(list);
        }
        forcing.setText(words.toString());
    }

    private static String list(Position from, ForcingMoves moves) {
        List<String> words = new ArrayList<>();
        for (ForcingMoves.Forcing move : moves.moves()) {
            String exchange =
                    move.exchange() == 0
                            ? ""
                            : String.format(Locale.ROOT, " %+.2f", move.exchange() / 100.0);
            String threat = move.threatensMate() ? Texts.of("lab.threatens-mate") : "";
            words.add(San.write(from, move.move()) + exchange + threat);
        }
        return words.isEmpty() ? "none" : String.join(", ", words);
    }

    // ---- Maps -----------------------------------------------------------------------------------

    private void lead() {
        Scene scene = new Scene(model.position());
        ControlMap white = ControlMap.of(scene, Side.WHITE);
        ControlMap black = ControlMap.of(scene, Side.BLACK);
        Map<Integer, BoardOverlay.Tone> tones = new HashMap<>();
        Map<Integer, String> signs = new HashMap<>();
        for (int square = 0; square < 64; square++) {
            int lead = white.lead(black, square);
            boolean touched = white.count().get(square) + black.count().get(square) > 0;
            if (touched) {
                tones.put(
                        square,
                        lead > 0
                                ? BoardOverlay.Tone.GOOD
                                : lead < 0 ? BoardOverlay.Tone.BAD : BoardOverlay.Tone.LEVEL);
                signs.put(square, lead == 0 ? "=" : (lead > 0 ? "+" : "–") + Math.abs(lead));
            }
        }
        model.overlayProperty().set(new BoardOverlay(List.of(), tones, signs));
        mapWords.setText(Texts.of("lab.white-has-so-many-men"));
    }

    private void reach(Side side, int moves) {
        Scene scene = new Scene(model.position());
        ControlMap map = ControlMap.of(scene, side);
        long guarded = scene.attackedBy(side.other());
        long squares = moves == 1 ? map.one() : map.two();
        long safe = moves == 1 ? map.one() & ~guarded : map.twoSafe();
        Map<Integer, BoardOverlay.Tone> tones = new HashMap<>();
        Map<Integer, String> signs = new HashMap<>();
        for (int square : Squares.list(squares)) {
            boolean free = Squares.has(safe, square);
            tones.put(square, free ? BoardOverlay.Tone.GOOD : BoardOverlay.Tone.LEVEL);
            if (!free) {
                signs.put(square, "!");
            }
        }
        model.overlayProperty().set(new BoardOverlay(List.of(), tones, signs));
        mapWords.setText(
                Texts.of(
                        "lab.squares-of-them-without-meeting",
                        side.word()
                                + (moves == 1
                                        ? Texts.of("lab.attacks-or-guards")
                                        : Texts.of("lab.can-reach-in-two-moves"))
                                + Long.bitCount(squares),
                        Long.bitCount(safe)));
    }

    // ---- Questions ------------------------------------------------------------------------------

    /** A square was pressed on the board. */
    void pressed(int square) {
        contest.setText(Square.name(square));
        contest();
    }

    private void contest() {
        int square = Square.parse(contest.getText().strip());
        if (square < 0) {
            contestAnswer.setText(Texts.of("lab.write-one-square-such-as"));
            return;
        }
        Scene scene = new Scene(model.position());
        Contest found = Contest.of(scene, square);
        contestAnswer.setText(found.text(scene));
        List<Mark> marks = new ArrayList<>(List.of(new Mark(Mark.Meaning.TARGET, List.of(square))));
        Map<Integer, String> signs = new HashMap<>();
        for (Side side : Side.values()) {
            for (int i = 0; i < found.men(side).size(); i++) {
                signs.put(found.men(side).get(i), String.valueOf(i + 1));
            }
        }
        model.overlayProperty().set(new BoardOverlay(marks, Map.of(), signs));
    }

    private void route() {
        String[] ends = route.getText().strip().split("[-\\s]+");
        int from = ends.length == 2 ? Square.parse(ends[0]) : -1;
        int to = ends.length == 2 ? Square.parse(ends[1]) : -1;
        boolean piece =
                from >= 0
                        && model.position()
                                .pieceAt(from)
                                .filter(p -> p.type() != PieceType.PAWN)
                                .isPresent();
        if (to < 0 || !piece) {
            routeAnswer.setText(Texts.of("lab.write-the-square-of-a"));
            return;
        }
        Routes routes = new Routes(new Scene(model.position()), from, FAR);
        List<List<Integer>> ways = routes.to(to);
        String list =
                String.join(
                        ", ",
                        ways.stream()
                                .map(w -> String.join("-", w.stream().map(Square::name).toList()))
                                .toList());
        routeAnswer.setText(
                ways.isEmpty()
                        ? Texts.of("lab.no-safe-way-of-up", FAR)
                        : routes.movesTo(to)
                                + (routes.movesTo(to) == 1
                                        ? Texts.of("lab.one-move")
                                        : Texts.of("lab.moves"))
                                + list);
        model.overlayProperty()
                .set(
                        BoardOverlay.of(
                                ways.stream().map(w -> new Mark(Mark.Meaning.ROUTE, w)).toList()));
    }
}

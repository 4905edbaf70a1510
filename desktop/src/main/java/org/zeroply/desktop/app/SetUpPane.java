package org.zeroply.desktop.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.board.SetUpBoard;
import org.zeroply.desktop.board.SquareSign;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** Setting up a position by hand: drag men on, about and off, or choose one and press squares. */
final class SetUpPane extends HBox {

    private static final double MAN = 44;
    private static final double SIDE = 330;

    private final SetUpModel model = new SetUpModel();
    private final SetUpBoard board = new SetUpBoard(new OnBoard());
    private final ToggleGroup hand = new ToggleGroup();
    private final CheckBox blackMoves = new CheckBox(Texts.of("app.black-to-move"));
    private final List<CheckBox> rights = new ArrayList<>();
    private final ComboBox<String> passing = new ComboBox<>();
    private final TextField fen = new TextField();
    private final Label problem = Widgets.wrapped("", "alarm");
    private final Button accept;
    private boolean filling;

    /**
     * @param done called with the position when it is a possible one and was accepted
     * @param cancelled called when the pane is to go away
     */
    SetUpPane(Position from, Palette palette, Consumer<Position> done, Runnable cancelled) {
        super(18);
        setId("set-up");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        board.setId("set-up-board");
        board.setPrefSize(452, 452);
        board.setPalette(palette);
        accept =
                Widgets.primary(
                        "set-up-accept",
                        Texts.of("app.use-this-position"),
                        () -> model.position().ifPresent(done));
        accept.setDefaultButton(true);
        problem.setId("set-up-problem");
        problem.setMinHeight(40);
        VBox side =
                new VBox(
                        10,
                        Widgets.label(Texts.of("app.set-up-a-position"), "sheet-title"),
                        Widgets.wrapped(Texts.of("app.drag-men-onto-the-board"), "faded"),
                        men(palette),
                        rules(),
                        fen(),
                        problem,
                        new HBox(
                                8,
                                Widgets.quiet(
                                        "set-up-empty", Texts.of("app.empty-board"), this::empty),
                                Widgets.quiet(
                                        "set-up-start",
                                        Texts.of("app.first-position"),
                                        () -> take(Position.START.fen())),
                                Widgets.spacer(),
                                Widgets.button("set-up-leave", Texts.of("app.leave"), cancelled),
                                accept));
        side.setPrefWidth(SIDE);
        side.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(board, side);
        take(from.fen());
    }

    private GridPane men(Palette palette) {
        GridPane grid = new GridPane();
        grid.setHgap(4);
        grid.setVgap(4);
        for (Side side : Side.values()) {
            for (PieceType type : SetUpBoard.MEN) {
                grid.add(
                        man(new Piece(side, type), palette),
                        SetUpBoard.MEN.indexOf(type),
                        side.ordinal());
            }
        }
        return grid;
    }

    private ToggleButton man(Piece piece, Palette palette) {
        SquareSign drawn = new SquareSign(MAN, palette);
        drawn.show(piece);
        ToggleButton button = new ToggleButton();
        button.setGraphic(drawn);
        button.setId("tool-" + piece.letter());
        button.getStyleClass().add("man-button");
        button.setAccessibleText(piece.side().word() + " " + piece.type().word());
        button.setUserData(piece);
        button.setToggleGroup(hand);
        // A man dragged from here is put where the mouse is let go.
        button.addEventHandler(
                MouseEvent.MOUSE_RELEASED,
                e -> {
                    int square = board.squareAt(e.getSceneX(), e.getSceneY());
                    if (square >= 0) {
                        model.put(square, Optional.empty());
                        model.put(square, Optional.of(piece));
                        show();
                    }
                });
        return button;
    }

    private VBox rules() {
        blackMoves.setId("set-up-black");
        blackMoves.setOnAction(
                e -> {
                    model.setToMove(blackMoves.isSelected() ? Side.BLACK : Side.WHITE);
                    show();
                });
        GridPane castling = new GridPane();
        castling.setHgap(16);
        castling.setVgap(6);
        for (String right : SetUpModel.RIGHTS) {
            boolean white = Character.isUpperCase(right.charAt(0));
            String wing = right.equalsIgnoreCase("K") ? "O-O" : "O-O-O";
            CheckBox check =
                    new CheckBox(Texts.of(white ? "app.white-castles" : "app.black-castles", wing));
            check.setId("set-up-castle-" + (white ? "white-" : "black-") + wing.length());
            check.setUserData(right);
            check.setOnAction(
                    e -> {
                        model.setCastles(right, check.isSelected());
                        show();
                    });
            castling.add(check, rights.size() % 2, rights.size() / 2);
            rights.add(check);
        }
        passing.setId("set-up-passing");
        passing.setAccessibleText(Texts.of("app.square-of-a-capture-in"));
        passing.setOnAction(
                e -> {
                    if (!filling && passing.getValue() != null) {
                        model.setEnPassant(passing.getValue());
                        show();
                    }
                });
        HBox enPassant = Widgets.row(new Label(Texts.of("app.capture-in-passing-on")), passing);
        return new VBox(8, blackMoves, castling, enPassant);
    }

    private HBox fen() {
        fen.setId("set-up-fen");
        fen.setAccessibleText(Texts.of("app.position-as-fen"));
        HBox.setHgrow(fen, Priority.ALWAYS);
        fen.textProperty()
                .addListener(
                        o -> {
                            if (!filling) {
                                model.read(fen.getText());
                                fill(false);
                            }
                        });
        return Widgets.row(new Label("FEN"), fen);
    }

    private void empty() {
        model.clear();
        show();
    }

    private void take(String text) {
        model.read(text);
        show();
    }

    private void show() {
        fill(true);
    }

    private void fill(boolean withFen) {
        filling = true;
        board.show(model.men());
        blackMoves.setSelected(model.toMove() == Side.BLACK);
        for (CheckBox check : rights) {
            String right = (String) check.getUserData();
            check.setDisable(!model.canCastle(right));
            check.setSelected(model.castles(right));
        }
        List<String> squares = new ArrayList<>(List.of("-"));
        squares.addAll(model.enPassantSquares());
        passing.getItems().setAll(squares);
        passing.setValue(model.enPassant());
        passing.setDisable(squares.size() == 1);
        if (withFen) {
            fen.setText(model.fen());
        }
        String why = SetUpModel.problem(withFen ? model.fen() : fen.getText());
        problem.setText(why);
        accept.setDisable(!why.isEmpty() || model.position().isEmpty());
        filling = false;
    }

    private final class OnBoard implements SetUpBoard.Handler {
        @Override
        public void pressed(int square, boolean away) {
            Optional<Piece> man =
                    Optional.ofNullable(hand.getSelectedToggle()).map(t -> (Piece) t.getUserData());
            if (away) {
                model.put(square, Optional.empty());
            } else if (man.isPresent()) {
                model.put(square, man);
            }
            show();
        }

        @Override
        public void dragged(int from, int to) {
            model.move(from, to);
            show();
        }
    }
}

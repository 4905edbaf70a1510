package org.zeroply.desktop.app;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.desktop.board.BoardView;
import org.zeroply.desktop.board.Palette;

/** Setting up a position by hand: choose a man, press squares; or type FEN. */
final class SetUpPane extends HBox {

    private final BoardView board = new BoardView();
    private final Piece[] men = new Piece[64];
    private final ToggleGroup tools = new ToggleGroup();
    private final CheckBox blackMoves = new CheckBox("Black to move");
    private final List<CheckBox> rights = new ArrayList<>();
    private final TextField fen = new TextField();
    private final Label problem = new Label();
    private boolean filling;

    /**
     * @param done called with the position when it is a possible one and was accepted
     * @param cancelled called when the pane is to go away
     */
    SetUpPane(Position from, Palette palette, Consumer<Position> done, Runnable cancelled) {
        getStyleClass().add("overlay-card");
        setId("set-up");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        setSpacing(18);
        board.setId("set-up-board");
        board.setPrefSize(420, 420);
        board.setMovable(false);
        board.setPalette(palette);
        board.onSquare(this::put);
        FlowPane box = new FlowPane(6, 6);
        box.setPrefWrapLength(330);
        for (char letter : "KQRBNPkqrbnp".toCharArray()) {
            Piece piece = Piece.ofLetter(letter).orElseThrow();
            String side = piece.side().word();
            box.getChildren().add(tool("tool-" + letter, side + " " + piece.type().word(), piece));
        }
        box.getChildren().add(tool("tool-none", "take away", null));
        for (String right : List.of("K", "Q", "k", "q")) {
            boolean white = Character.isUpperCase(right.charAt(0));
            String wing = right.equalsIgnoreCase("K") ? "O-O" : "O-O-O";
            CheckBox check = new CheckBox((white ? "White " : "Black ") + wing);
            check.setUserData(right);
            check.setOnAction(e -> fillFen());
            rights.add(check);
        }
        blackMoves.setOnAction(e -> fillFen());
        fen.setId("set-up-fen");
        fen.setAccessibleText("Position as FEN");
        fen.textProperty().addListener(o -> readFen());
        problem.setId("set-up-problem");
        problem.getStyleClass().add("alarm");
        problem.setWrapText(true);
        problem.setMaxWidth(330);
        problem.setMinHeight(54);
        Button accept = new Button("Use this position");
        accept.setId("set-up-accept");
        accept.setDefaultButton(true);
        accept.setOnAction(e -> position().ifPresent(done));
        Button cancel = new Button("Leave");
        cancel.setOnAction(e -> cancelled.run());
        Button clear = new Button("Empty board");
        clear.setOnAction(e -> fen.setText("8/8/8/8/8/8/8/8 w - - 0 1"));
        Label title = new Label("Set up a position");
        title.getStyleClass().add("sheet-title");
        FlowPane castling = new FlowPane(12, 6);
        castling.getChildren().addAll(rights);
        castling.setPrefWrapLength(330);
        VBox side =
                new VBox(
                        10,
                        title,
                        box,
                        blackMoves,
                        castling,
                        new Label("FEN"),
                        fen,
                        problem,
                        new HBox(8, accept, clear, cancel));
        side.setPrefWidth(340);
        getChildren().addAll(board, side);
        fen.setText(from.fen());
    }

    private ToggleButton tool(String id, String text, Piece piece) {
        ToggleButton button = new ToggleButton(text);
        button.setId(id);
        button.setUserData(Optional.ofNullable(piece));
        button.setToggleGroup(tools);
        return button;
    }

    private void put(int square) {
        if (tools.getSelectedToggle() == null) {
            problem.setText("Choose a man first, then press the square it is to stand on.");
            return;
        }
        Object chosen = tools.getSelectedToggle().getUserData();
        Piece piece = chosen instanceof Optional<?> o && o.isPresent() ? (Piece) o.get() : null;
        men[square] = piece != null && piece.equals(men[square]) ? null : piece;
        fillFen();
    }

    private void fillFen() {
        StringBuilder text = new StringBuilder();
        for (int rank = 7; rank >= 0; rank--) {
            int gap = 0;
            for (int file = 0; file < 8; file++) {
                Piece piece = men[Square.at(file, rank)];
                if (piece == null) {
                    gap++;
                } else {
                    text.append(gap > 0 ? gap : "").append(piece.letter());
                    gap = 0;
                }
            }
            text.append(gap > 0 ? gap : "").append(rank > 0 ? "/" : "");
        }
        StringBuilder castling = new StringBuilder();
        rights.stream().filter(CheckBox::isSelected).forEach(c -> castling.append(c.getUserData()));
        text.append(blackMoves.isSelected() ? " b " : " w ");
        text.append(castling.isEmpty() ? "-" : castling).append(" - 0 1");
        filling = true;
        fen.setText(text.toString());
        filling = false;
        position();
    }

    private void readFen() {
        if (!filling) {
            String[] fields = fen.getText().strip().split("\\s+");
            readMen(fields[0]);
            blackMoves.setSelected(fields.length > 1 && fields[1].equals("b"));
            String castling = fields.length > 2 ? fields[2] : "";
            rights.forEach(c -> c.setSelected(castling.contains(c.getUserData().toString())));
        }
        board.showSetUp(men);
        position();
    }

    private void readMen(String placement) {
        Arrays.fill(men, null);
        int rank = 7;
        int file = 0;
        for (char c : placement.toCharArray()) {
            if (c == '/') {
                rank--;
                file = 0;
            } else if (Character.isDigit(c)) {
                file += c - '0';
            } else if (rank >= 0 && file < 8) {
                men[Square.at(file++, rank)] = Piece.ofLetter(c).orElse(null);
            }
        }
    }

    private Optional<Position> position() {
        try {
            Position position = Position.fromFen(fen.getText());
            problem.setText("");
            return Optional.of(position);
        } catch (InvalidPositionException e) {
            problem.setText(e.getMessage());
            return Optional.empty();
        }
    }
}

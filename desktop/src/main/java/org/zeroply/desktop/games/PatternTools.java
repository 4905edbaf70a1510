package org.zeroply.desktop.games;

import java.util.Optional;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.board.SetUpBoard;
import org.zeroply.desktop.board.SquareSign;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/**
 * What can be put on the small board: men, any man of a side, nothing; or what must not be there.
 */
final class PatternTools extends GridPane {

    private static final double MAN = 26;

    private final ToggleGroup hand = new ToggleGroup();
    private final ToggleButton not =
            Widgets.toggle("ask-not", "not", Texts.of("games.what-is-drawn-next-must"));
    private Palette palette = Palette.PAPER;

    PatternTools() {
        setHgap(2);
        setVgap(2);
        for (Side side : Side.values()) {
            for (PieceType type : SetUpBoard.MEN) {
                Piece man = new Piece(side, type);
                ToggleButton button =
                        tool(
                                "ask-" + man.letter(),
                                side.word() + " " + type.word(),
                                QueryDraft.Tool.of(man));
                add(button, SetUpBoard.MEN.indexOf(type), side.ordinal());
            }
            ToggleButton any =
                    tool(
                            "ask-any-" + side.smallWord(),
                            Texts.of("games.any-man-of", side.word()),
                            QueryDraft.Tool.any(side));
            add(any, SetUpBoard.MEN.size(), side.ordinal());
        }
        ToggleButton nothing =
                tool("ask-nothing", Texts.of("games.nothing-there"), QueryDraft.Tool.NOTHING);
        add(nothing, SetUpBoard.MEN.size() + 1, 0);
        not.getStyleClass().add("man-button");
        not.setMinSize(MAN + 6, MAN + 6);
        add(not, SetUpBoard.MEN.size() + 1, 1);
        hand.selectToggle(hand.getToggles().get(0));
    }

    /** What is in hand, if anything is. */
    Optional<QueryDraft.Tool> chosen() {
        return Optional.ofNullable(hand.getSelectedToggle())
                .map(t -> (QueryDraft.Tool) t.getUserData());
    }

    /** Whether what is drawn must not be there. */
    boolean isNot() {
        return not.isSelected();
    }

    void setPalette(Palette value) {
        palette = value;
        for (Toggle each : hand.getToggles()) {
            QueryDraft.Tool tool = (QueryDraft.Tool) each.getUserData();
            ((ToggleButton) each).setGraphic(drawn(tool, value));
        }
    }

    /** A square of the board with what the tool puts there. */
    private static SquareSign drawn(QueryDraft.Tool tool, Palette palette) {
        SquareSign sign = new SquareSign(MAN, palette);
        tool.man().ifPresentOrElse(sign::show, () -> sign.show(tool.sign()));
        return sign;
    }

    private ToggleButton tool(String id, String says, QueryDraft.Tool tool) {
        ToggleButton button = Widgets.toggle(id, "", says);
        button.getStyleClass().add("man-button");
        button.setMinSize(MAN + 6, MAN + 6);
        button.setToggleGroup(hand);
        button.setUserData(tool);
        button.setGraphic(drawn(tool, palette));
        return button;
    }
}

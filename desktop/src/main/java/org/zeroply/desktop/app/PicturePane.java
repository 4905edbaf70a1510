package org.zeroply.desktop.app;

import java.io.File;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javax.imageio.ImageIO;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;

/** The board as a picture: to the clipboard or into a file, in a chosen size. */
final class PicturePane extends VBox {

    private static final List<Integer> SIZES = List.of(320, 480, 640, 960, 1280, 1920);
    private static final int SHOWN = 300;

    private final Node node;
    private final Palette palette;
    private final FileSaver saver;
    private final Messages messages;
    private final Runnable close;
    private final ComboBox<Integer> size = new ComboBox<>();
    private final CheckBox marks = new CheckBox(Texts.of("app.with-marks-and-the-last"));
    private final CheckBox turned = new CheckBox(Texts.of("app.seen-from-black"));
    private final ImageView preview = new ImageView();

    PicturePane(
            Node node,
            boolean flipped,
            Palette palette,
            FileSaver saver,
            Messages messages,
            Runnable close) {
        super(12);
        this.node = node;
        this.palette = palette;
        this.saver = saver;
        this.messages = messages;
        this.close = close;
        setId("picture");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        size.setId("picture-size");
        size.setAccessibleText(Texts.of("app.width-and-height-in-pixels"));
        size.getItems().addAll(SIZES);
        size.setValue(640);
        Widgets.texts(size, s -> Texts.of("app.px", s, s));
        marks.setId("picture-marks");
        marks.setSelected(true);
        turned.setId("picture-turned");
        turned.setSelected(flipped);
        marks.setOnAction(e -> show());
        turned.setOnAction(e -> show());
        HBox buttons =
                new HBox(
                        8,
                        Widgets.button("picture-leave", Texts.of("app.leave"), close),
                        Widgets.button("picture-svg", Texts.of("app.save-svg"), () -> save("svg")),
                        Widgets.button("picture-png", Texts.of("app.save-png"), () -> save("png")),
                        Widgets.primary("picture-copy", Texts.of("app.copy"), this::copy));
        buttons.setAlignment(Pos.CENTER_RIGHT);
        HBox choices = new HBox(16, preview, new VBox(12, size, marks, turned));
        getChildren()
                .addAll(
                        Widgets.label(Texts.of("app.the-board-as-a-picture"), "sheet-title"),
                        choices,
                        buttons);
        show();
    }

    private BoardPicture drawn() {
        return new BoardPicture(node, turned.isSelected(), marks.isSelected(), palette);
    }

    private void show() {
        preview.setImage(drawn().image(SHOWN));
    }

    private void copy() {
        ClipboardContent content = new ClipboardContent();
        content.putImage(drawn().image(size.getValue()));
        Clipboard.getSystemClipboard().setContent(content);
        messages.say(Texts.of("app.the-board-is-on-the"));
        close.run();
    }

    private void save(String kind) {
        saver.choose(Texts.of("app.save-the-board-as-a"), "board." + kind, kind)
                .ifPresent(
                        file -> {
                            write(file);
                            close.run();
                        });
    }

    /** Writes the picture; the ending of the name decides between SVG and PNG. */
    void write(File file) {
        int wanted = size.getValue();
        if (file.getName().toLowerCase(Locale.ROOT).endsWith(".svg")) {
            String svg = drawn().svg(wanted);
            saver.writeText(file, () -> svg);
            return;
        }
        WritableImage image = drawn().image(wanted);
        saver.write(file, () -> png(image, file));
    }

    private static void png(WritableImage image, File file) throws IOException {
        if (!ImageIO.write(SwingFXUtils.fromFXImage(image, null), "png", file)) {
            throw new IOException("this machine cannot write PNG");
        }
    }
}

package org.zeroply.desktop.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.CustomBlock;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.Heading;
import org.commonmark.node.ListItem;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** The guide, inside the program, with its pictures. */
final class GuidePane extends VBox {

    private static final String FOLDER = "/org/zeroply/desktop/guide/";
    private static final double WIDTH = 820;
    private static final Pattern LETTERS = Pattern.compile("\\s+");

    private final VBox pages = new VBox(8);
    private final ScrollPane scroll = new ScrollPane(pages);
    private final TextField search = new TextField();

    GuidePane(Runnable close) {
        super(10);
        setId("guide");
        setMaxSize(WIDTH + 80, Double.MAX_VALUE);
        pages.getStyleClass().add("guide");
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        search.setId("guide-search");
        search.setPromptText(Texts.of("app.find-in-the-guide"));
        search.setAccessibleText(Texts.of("app.words-to-find-in-the"));
        search.setOnAction(e -> find());
        HBox row =
                new HBox(
                        8,
                        Widgets.label(Texts.of("app.guide"), "sheet-title"),
                        Widgets.spacer(),
                        search,
                        Widgets.button("guide-find", Texts.of("app.find"), this::find),
                        Widgets.primary("guide-close", Texts.of("app.close"), close));
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(row, scroll);
        Parser parser = Parser.builder().extensions(List.of(TablesExtension.create())).build();
        parser.parse(read()).accept(new Blocks());
    }

    private static String read() {
        try (InputStream in = GuidePane.class.getResourceAsStream(FOLDER + "guide.md")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("the guide cannot be read", e);
        }
    }

    /** Goes to the next paragraph that has the words. */
    private void find() {
        String wanted =
                LETTERS.matcher(search.getText().strip().toLowerCase(Locale.ROOT)).replaceAll(" ");
        double shown =
                scroll.getVvalue() * (pages.getHeight() - scroll.getViewportBounds().getHeight());
        Optional<Node> hit =
                pages.getChildren().stream()
                        .filter(n -> n.getBoundsInParent().getMinY() > shown + 1)
                        .filter(n -> text(n).contains(wanted))
                        .findFirst()
                        .or(
                                () ->
                                        pages.getChildren().stream()
                                                .filter(n -> text(n).contains(wanted))
                                                .findFirst());
        double most = pages.getHeight() - scroll.getViewportBounds().getHeight();
        hit.ifPresent(n -> scroll.setVvalue(Math.min(1, n.getBoundsInParent().getMinY() / most)));
    }

    private static String text(Node node) {
        if (node instanceof Label label) {
            return label.getText().toLowerCase(Locale.ROOT);
        }
        return node instanceof HBox row
                ? row.getChildren().stream().map(GuidePane::text).reduce("", (a, b) -> a + " " + b)
                : "";
    }

    /** Blocks of the guide as rows of the page. */
    private final class Blocks extends AbstractVisitor {

        @Override
        public void visit(Heading heading) {
            String style = heading.getLevel() == 1 ? "guide-title" : "guide-heading";
            pages.getChildren().add(Widgets.wrapped(plain(heading), style));
        }

        @Override
        public void visit(Paragraph paragraph) {
            if (paragraph.getFirstChild() instanceof org.commonmark.node.Image image) {
                picture(image);
            } else {
                pages.getChildren().add(Widgets.wrapped(plain(paragraph), "plain"));
            }
        }

        private void picture(org.commonmark.node.Image image) {
            InputStream in = GuidePane.class.getResourceAsStream(FOLDER + image.getDestination());
            if (in == null) {
                pages.getChildren().add(Widgets.wrapped(plain(image), "faded"));
                return;
            }
            ImageView view = new ImageView(new Image(in));
            view.setPreserveRatio(true);
            view.setFitWidth(WIDTH - 40);
            view.setAccessibleText(plain(image));
            pages.getChildren().add(view);
        }

        @Override
        public void visit(BulletList list) {
            items(list, "•  ");
        }

        @Override
        public void visit(OrderedList list) {
            items(list, "");
        }

        private void items(org.commonmark.node.Node list, String sign) {
            int number = 1;
            for (var item = list.getFirstChild(); item != null; item = item.getNext()) {
                if (item instanceof ListItem) {
                    String before = sign.isEmpty() ? number++ + ".  " : sign;
                    pages.getChildren().add(Widgets.wrapped(before + plain(item), "guide-item"));
                }
            }
        }

        @Override
        public void visit(FencedCodeBlock code) {
            pages.getChildren().add(Widgets.wrapped(code.getLiteral().strip(), "guide-code"));
        }

        @Override
        public void visit(CustomBlock block) {
            if (block instanceof TableBlock) {
                rows(block);
            }
        }

        private void rows(org.commonmark.node.Node block) {
            for (var part = block.getFirstChild(); part != null; part = part.getNext()) {
                if (part instanceof TableRow row) {
                    row(row);
                } else {
                    rows(part);
                }
            }
        }

        private void row(TableRow row) {
            HBox cells = new HBox(12);
            cells.getStyleClass().add("guide-row");
            boolean first = true;
            for (var c = row.getFirstChild(); c != null; c = c.getNext()) {
                if (c instanceof TableCell cell) {
                    Label label = Widgets.wrapped(plain(cell), "plain");
                    label.setMinWidth(first ? 150 : 0);
                    label.setPrefWidth(first ? 150 : 400);
                    HBox.setHgrow(label, first ? Priority.NEVER : Priority.ALWAYS);
                    cells.getChildren().add(label);
                    first = false;
                }
            }
            pages.getChildren().add(cells);
        }
    }

    /** The words of a node, without its signs. */
    private static String plain(org.commonmark.node.Node node) {
        StringBuilder words = new StringBuilder();
        node.accept(
                new AbstractVisitor() {
                    @Override
                    public void visit(Text text) {
                        words.append(text.getLiteral());
                    }

                    @Override
                    public void visit(Code code) {
                        words.append(code.getLiteral());
                    }

                    @Override
                    public void visit(SoftLineBreak end) {
                        words.append(' ');
                    }
                });
        return words.toString();
    }
}

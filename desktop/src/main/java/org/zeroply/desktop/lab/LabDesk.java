package org.zeroply.desktop.lab;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.CandidatesView;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** The Lab: understand the position on the board. It looks at the open game or analysis. */
public final class LabDesk implements Desk {

    private static final List<String> PAGES =
            List.of(
                    Texts.of("lab.facts"),
                    Texts.of("lab.changes"),
                    Texts.of("lab.squares"),
                    Texts.of("lab.numbers"),
                    Texts.of("lab.ending"),
                    Texts.of("lab.note"));

    private final LabModel model;
    private final ExplanationView explanation;
    private final DifficultyView difficulty;
    private final QuestionsView questions;
    private final CandidatesView candidates;
    private final ChangesView changes;
    private final SquaresView squares;
    private final EndingView ending;
    private final NoteView note;
    private final VBox content = new VBox();
    private final PageSwitch pages = new PageSwitch(Texts.of("lab.lab"), name -> turned());

    /**
     * @param session the open game or analysis of the games desk
     * @param setExercise makes an exercise of the position on the board
     * @param look puts a position on the board, as an analysis
     */
    public LabDesk(
            Services services, TreeSession session, Runnable setExercise, Consumer<Position> look) {
        model = new LabModel(services, session);
        explanation = new ExplanationView(services.live(), session);
        difficulty = new DifficultyView(services, session);
        questions = new QuestionsView(services, session);
        candidates = new CandidatesView(services.live(), session);
        changes = new ChangesView(model);
        squares = new SquaresView(model);
        ending = new EndingView(services, model, look);
        note = new NoteView(services, model);
        content.setId("lab-desk");
        content.getStyleClass().add("desk");
        VBox numbers = new VBox(10, explanation, difficulty, questions);
        pages.add(Texts.of("lab.facts"), scroll(new FactsView(model)));
        pages.add(Texts.of("lab.changes"), scroll(changes));
        pages.add(Texts.of("lab.squares"), scroll(squares));
        ScrollPane scrolled = scroll(numbers);
        VBox.setVgrow(scrolled, Priority.ALWAYS);
        pages.add(Texts.of("lab.numbers"), new VBox(8, scrolled, candidates));
        pages.add(Texts.of("lab.ending"), scroll(ending));
        pages.add(Texts.of("lab.note"), note);
        content.getChildren()
                .addAll(
                        bar(
                                Widgets.primary(
                                        "lab-exercise",
                                        Texts.of("lab.set-as-exercise"),
                                        setExercise)),
                        pages.place());
        session.currentProperty().addListener(o -> refresh());
        content.sceneProperty().addListener((o, was, is) -> model.activeProperty().set(is != null));
        pages.show(Texts.of("lab.facts"));
    }

    private static ScrollPane scroll(VBox page) {
        page.getStyleClass().add("lab-page");
        ScrollPane scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("paper");
        return scroll;
    }

    private HBox bar(Node action) {
        Label searching = Widgets.label("", "faded");
        searching.setId("facts-searching");
        searching.textProperty().bind(model.searchingProperty());
        Widgets.tellCut(searching);
        PAGES.forEach(name -> pages.setPrimary(name, action));
        return pages.row(searching);
    }

    private void turned() {
        model.clearOverlay();
        refresh();
    }

    /** Prints the note of the position; the ending of the name decides between PDF and PNG. */
    public void print(File file) {
        note.print(file);
    }

    private void refresh() {
        if (content.getScene() == null) {
            return;
        }
        if (pages.isFront(Texts.of("lab.numbers"))) {
            explanation.show();
        } else if (pages.isFront(Texts.of("lab.changes"))) {
            changes.show();
        } else if (pages.isFront(Texts.of("lab.squares"))) {
            squares.show();
        }
        ending.show();
    }

    @Override
    public Optional<PageSwitch> pages() {
        return Optional.of(pages);
    }

    @Override
    public String name() {
        return Texts.of("lab.lab");
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return model.session();
    }

    @Override
    public boolean isOpenBook() {
        return true;
    }

    @Override
    public ObservableValue<BoardOverlay> overlay() {
        return model.overlayProperty();
    }

    @Override
    public void pressed(int square) {
        if (pages.isFront(Texts.of("lab.squares"))) {
            squares.pressed(square);
        }
    }

    @Override
    public void shown() {
        refresh();
    }

    @Override
    public void flush() {
        note.commit();
    }

    @Override
    public void setPalette(Palette palette) {
        candidates.setPalette(palette);
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        commands.add(
                new Command(Texts.of("lab.measure-how-hard-it-is"), "Shortcut+M", this::measure));
        commands.add(new Command(Texts.of("lab.what-is-the-threat"), "Shortcut+T", this::threat));
        commands.add(new Command(Texts.of("lab.are-there-enough-checks"), "", this::checks));
        commands.add(new Command(Texts.of("lab.solve-this-ending"), "Shortcut+G", this::solve));
        commands.addAll(candidates.commands());
        return commands;
    }

    private void measure() {
        pages.show(Texts.of("lab.numbers"));
        difficulty.measure();
    }

    private void threat() {
        pages.show(Texts.of("lab.numbers"));
        questions.threat();
    }

    private void checks() {
        pages.show(Texts.of("lab.numbers"));
        questions.checks();
    }

    private void solve() {
        pages.show(Texts.of("lab.ending"));
        ending.solve();
    }
}

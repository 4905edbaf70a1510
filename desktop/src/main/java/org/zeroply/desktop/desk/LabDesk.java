package org.zeroply.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.session.Services;
import org.zeroply.desktop.session.TreeSession;

/** The Lab: understand the position on the board. It looks at the open game or analysis. */
public final class LabDesk implements Desk {

    private final TreeSession session;
    private final ExplanationView explanation;
    private final DifficultyView difficulty;
    private final QuestionsView questions;
    private final CandidatesView candidates;
    private final VBox content = new VBox();

    /**
     * @param session the open game or analysis of the games desk
     */
    public LabDesk(Services services, TreeSession session) {
        this.session = session;
        explanation = new ExplanationView(services.live(), session);
        difficulty = new DifficultyView(services, session);
        candidates = new CandidatesView(services.live(), session);
        content.setId("lab-desk");
        content.getStyleClass().add("desk");
        questions = new QuestionsView(services, session);
        VBox page = new VBox(10, explanation, difficulty, questions);
        page.getStyleClass().add("lab-page");
        ScrollPane scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        content.getChildren()
                .addAll(
                        Widgets.label("Before anyone calculates", "sheet-title"),
                        scroll,
                        candidates);
        session.currentProperty()
                .addListener(
                        o -> {
                            if (content.getScene() != null) {
                                explanation.show();
                            }
                        });
    }

    @Override
    public String name() {
        return "Lab";
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return session;
    }

    @Override
    public boolean isOpenBook() {
        return true;
    }

    @Override
    public void shown() {
        explanation.show();
    }

    @Override
    public void setPalette(Palette palette) {
        candidates.setPalette(palette);
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>();
        commands.add(new Command("Measure how hard it is", "Shortcut+M", difficulty::measure));
        commands.add(new Command("What is the threat?", "Shortcut+T", questions::threat));
        commands.add(new Command("Are there enough checks?", "", questions::checks));
        commands.addAll(candidates.commands());
        return commands;
    }
}

package org.zeroply.workshop.pictures;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.desktop.app.Workbench;
import org.zeroply.desktop.repertoire.DrillModel;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** The pictures of the Repertoire desk and its tournaments. */
final class RepertoirePictures {

    private final PictureRun run;
    private final Workbench bench;
    private final Services services;

    RepertoirePictures(PictureRun run, Services services) {
        this.run = run;
        bench = run.bench;
        this.services = services;
    }

    /** The desk with its pages. */
    void take() {
        run.step(() -> bench.show("Repertoire"));
        run.until(() -> bench.repertoire().model().viewProperty().get().isPresent());
        run.step(
                () -> {
                    var model = bench.repertoire().model();
                    model.studentProperty()
                            .set(
                                    model.students().stream()
                                            .filter(s -> s.name().equals("Ilse Marram"))
                                            .findFirst());
                });
        run.step(
                () ->
                        walk(
                                "d4", "d5", "c4", "e6", "Nc3", "Nf6", "cxd5", "exd5", "Bg5", "Be7",
                                "e3"));
        run.step(() -> {});
        run.shot("repertoire");
        run.step(() -> run.press("#note-card"));
        run.step(() -> bench.repertoire().pressed(Square.parse("g5")));
        run.detail("repertoire-card");
        run.step(() -> run.press("#card-cancel"));
        run.step(() -> bench.repertoire().showPage("Map"));
        run.step(() -> bench.repertoire().model().session().toStart());
        run.shot("repertoire-map");
        run.step(() -> run.toggle("#map-risk"));
        run.detail("repertoire-risk");
        tournament();
        run.step(() -> bench.repertoire().showPage("Tasks"));
        run.step(() -> run.press("#audit-engine"));
        run.until(() -> !services.scheduler().isBusy());
        run.step(() -> ((ListView<?>) bench.lookup("#findings")).getSelectionModel().select(0));
        run.detail("repertoire-tasks");
        run.step(() -> bench.repertoire().showPage("Games"));
        run.step(() -> ((ComboBox<?>) bench.lookup("#games-player")).getSelectionModel().select(5));
        run.step(() -> run.press("#compare"));
        run.until(() -> !services.scheduler().isBusy());
        run.detail("repertoire-games");
        run.step(() -> bench.repertoire().showPage("Learn"));
        run.detail("repertoire-learn");
        run.step(() -> run.press("#drill-begin"));
        for (int i = 0; i < 4; i++) {
            run.step(this::answer);
        }
        run.step(() -> run.press("#drill-help"));
        run.detail("repertoire-drill");
        run.step(() -> bench.repertoire().model().studentProperty().set(Optional.empty()));
        run.step(() -> bench.repertoire().drill().stop());
        run.detail("repertoire-club");
        run.step(() -> bench.repertoire().showPage("Merge"));
        run.step(() -> run.press("#merge-game"));
        run.detail("repertoire-merge");
        run.step(bench::toggleTheme);
        run.step(() -> bench.repertoire().showPage("Map"));
        run.step(() -> run.toggle("#map-knowledge"));
        run.detail("repertoire-map-lamp");
        run.step(() -> bench.repertoire().showPage("Lines"));
        run.detail("repertoire-lamp");
        run.step(bench::toggleTheme);
    }

    /** The next round of a tournament prepared, and the game of the last one looked at. */
    void tournament() {
        run.step(() -> bench.show("Repertoire"));
        run.step(() -> bench.repertoire().showPage("Prepare"));
        run.until(() -> bench.repertoire().model().viewProperty().get().isPresent());
        run.until(() -> bench.lookup("#rounds .table-row-cell:filled") != null);
        run.step(() -> run.press("#round-prepare"));
        run.until(() -> bench.lookup("#round-findings .list-cell:filled") != null);
        run.step(() -> ((ListView<?>) bench.lookup("#round-findings")).requestFocus());
        run.step(
                () ->
                        ((ListView<?>) bench.lookup("#round-findings"))
                                .getSelectionModel()
                                .select(1));
        run.step(() -> {});
        run.shot("repertoire-prepare");
        run.step(() -> bench.runCommand("Read a table of pairings …"));
        run.step(
                () ->
                        ((TextInputControl) bench.lookup("#table-text"))
                                .setText(
                                        "Round 6\n1. Ilse Marram – Jonas Quay\n2. Pavel Dunmore v Maren"
                                                + " Breakwater 1-0\nno pairing"));
        run.detail("repertoire-table");
        run.step(() -> run.press("#table-leave"));
        run.step(() -> ((TableView<?>) bench.lookup("#rounds")).getSelectionModel().select(3));
        run.until(() -> ((Button) bench.lookup("#round-prepare")).getText().endsWith("back"));
        run.step(() -> run.press("#round-prepare"));
        run.until(() -> !services.scheduler().isBusy());
        run.step(() -> {});
        run.detail("repertoire-after");
    }

    /** Answers what the drill asks, so that the picture shows it under way. */
    private void answer() {
        var drill = bench.repertoire().drill();
        var view = bench.repertoire().model().viewProperty().get().orElseThrow();
        Position position = drill.session().current().position();
        Spot spot = view.repertoire().at(position).orElseThrow();
        if (drill.awaitsMove()) {
            Move move = view.next(spot).get(0);
            drill.session().play(move.from(), move.to());
        } else if (drill.shownProperty().get().stage() == DrillModel.Stage.ASKING) {
            List<String> choices = drill.shownProperty().get().choices();
            view.learning().questions().at(spot).stream()
                    .map(q -> choices.indexOf(q.answer()))
                    .filter(i -> i >= 0)
                    .findFirst()
                    .ifPresent(drill::choose);
        } else {
            drill.goOn();
        }
    }

    /** Goes along a line of the open chapter. */
    private void walk(String... line) {
        TreeSession session = bench.repertoire().session();
        session.toStart();
        for (String san : line) {
            session.current().children().stream()
                    .filter(n -> San.write(session.current().position(), n.move()).equals(san))
                    .findFirst()
                    .ifPresent(session::go);
        }
    }
}

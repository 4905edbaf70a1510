package org.zeroply.workshop.pictures;

import java.util.List;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.app.Workbench;
import org.zeroply.desktop.work.Services;

/** The pictures of the Lessons desk: a lesson planned, given, and learnt alone. */
final class LessonPictures {

    private final PictureRun run;
    private final Workbench bench;
    private final Services services;

    LessonPictures(PictureRun run, Services services) {
        this.run = run;
        bench = run.bench;
        this.services = services;
    }

    /** A lesson planned, given, and learnt alone. */
    void take() {
        run.step(() -> bench.show("Lessons"));
        run.until(() -> bench.lookup("#lesson-steps .list-cell") != null);
        run.step(() -> {});
        run.detail("lessons-show");
        run.step(() -> steps().getSelectionModel().select(3));
        run.step(() -> {});
        run.shot("lessons");
        run.step(() -> run.press("#lesson-give"));
        run.until(() -> !((TableView<?>) bench.lookup("#give-class")).getItems().isEmpty());
        for (boolean right : List.of(true, false)) {
            run.step(() -> bench.runCommand("Answer of " + student(right ? 0 : 1)));
            run.step(() -> answerField().setText(answer(right)));
            run.step(() -> run.press("#give-take"));
            // An answer that cannot be read stays where it was typed.
            run.until(() -> answerField().getText().isEmpty());
        }
        run.step(() -> {});
        run.shot("lessons-give");
        run.step(() -> run.press("#give-here"));
        run.step(() -> {});
        run.detail("lessons-room-question");
        run.step(bench::leaveClassroom);
        run.step(() -> run.press("#give-reveal"));
        run.step(() -> run.press("#give-reveal"));
        run.step(() -> run.press("#give-here"));
        run.step(() -> {});
        run.detail("lessons-room-line");
        run.step(bench::leaveClassroom);
        run.step(() -> run.toggle("#lessons-alone"));
        run.step(() -> {});
        run.detail("lessons-alone");
        run.step(() -> run.toggle("#lessons-record"));
        run.step(() -> {});
        run.detail("lessons-record");
        run.step(() -> run.toggle("#lessons-plan"));
        run.step(() -> steps().getSelectionModel().select(6));
        run.step(() -> {});
        run.detail("lessons-what-if");
        room("lessons-room-what-if");
        run.step(
                () ->
                        bench.lessons()
                                .model()
                                .changeStep(
                                        s ->
                                                s.as(StepKind.COMPARE)
                                                        .numbered(
                                                                LessonStep.BESIDE,
                                                                s.beside().stream()
                                                                        .map(
                                                                                b ->
                                                                                        b.position()
                                                                                                        .fen()
                                                                                                + " | | "
                                                                                                + b
                                                                                                        .words())
                                                                        .toList())));
        room("lessons-room-compare");
        run.step(() -> bench.lessons().draft());
        run.step(() -> {});
        run.detail("lessons-draft");
    }

    /** The chosen step as the class sees it. */
    private void room(String name) {
        run.step(() -> run.press("#lesson-give"));
        run.step(() -> run.press("#give-here"));
        run.step(() -> {});
        run.detail(name);
        run.step(bench::leaveClassroom);
        run.step(() -> run.toggle("#lessons-plan"));
    }

    /** The move that the chosen question asks for, or one of the king. */
    private String answer(boolean right) {
        Node asked = bench.lessons().model().step().orElseThrow().tree().root();
        Position position = asked.position();
        Move best = asked.mainChild().orElseThrow().move();
        Move other =
                position.legalMoves().stream()
                        .filter(m -> position.pieceAt(m.from()).get().type() == PieceType.KING)
                        .filter(m -> !m.equals(best))
                        .findFirst()
                        .orElse(best);
        return San.write(position, right ? best : other);
    }

    private TextInputControl answerField() {
        return (TextInputControl) bench.lookup("#give-answer");
    }

    private ListView<?> steps() {
        return (ListView<?>) bench.lookup("#lesson-steps");
    }

    private String student(int place) {
        return services.library().students().all().get(place).name();
    }
}

package org.zeroply.cli.lesson;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;

/** Lessons of files, and what is told of them. */
final class LessonInput {

    private LessonInput() {}

    /**
     * The lessons of a PGN file.
     *
     * @throws BadInputException if something cannot be read, or there is none
     */
    static List<Lesson> read(Path file) throws IOException {
        List<MoveTree> trees = new ArrayList<>();
        try (PgnReader reader = PgnReader.open(file)) {
            for (Optional<PgnEntry> e = reader.next(); e.isPresent(); e = reader.next()) {
                if (e.get() instanceof PgnEntry.Game game) {
                    trees.add(game.tree());
                } else {
                    throw new BadInputException(((PgnEntry.Problem) e.get()).message());
                }
            }
        }
        List<Lesson> lessons = Lesson.all(trees);
        if (lessons.isEmpty()) {
            throw new BadInputException(
                    file + " holds no lesson: no game in it has a tag " + LessonStep.LESSON + ".");
        }
        return lessons;
    }

    /** The steps of a lesson. */
    static void steps(Lesson lesson, ArrayNode steps) {
        for (int i = 0; i < lesson.steps().size(); i++) {
            LessonStep step = lesson.steps().get(i);
            ObjectNode node = steps.addObject().put("step", i + 1);
            node.put("kind", step.kind().word()).put("title", step.title());
            node.put("fen", step.tree().start().fen());
            ArrayNode questions = node.putArray("questions");
            step.stops()
                    .forEach(
                            s ->
                                    questions
                                            .addObject()
                                            .put("asked", s.question().asked().word())
                                            .put("prompt", s.question().prompt())
                                            .put("answer", s.question().solution()));
        }
    }
}

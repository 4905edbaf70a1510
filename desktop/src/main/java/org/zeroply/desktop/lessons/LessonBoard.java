package org.zeroply.desktop.lessons;

import java.util.List;
import java.util.OptionalLong;
import java.util.function.Consumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.lesson.Slide;
import org.zeroply.desktop.work.TreeSession;

/** What the board shows of a lesson that is given, and what is tried on it. */
final class LessonBoard {

    private final TreeSession session = new TreeSession();
    private boolean showing;

    /**
     * @param tried told the moves made from the position of the slide; none when it was gone back
     */
    LessonBoard(Consumer<List<Move>> tried) {
        session.currentProperty()
                .addListener(
                        o -> {
                            if (!showing) {
                                tried.accept(
                                        session.current().path().stream().map(Node::move).toList());
                            }
                        });
    }

    TreeSession session() {
        return session;
    }

    /** The position of the slide. */
    Position start() {
        return session.tree().start();
    }

    /** Shows a slide, from which moves can be tried. */
    void show(Slide slide) {
        showing = true;
        try {
            session.open(new MoveTree(slide.picture().position()), OptionalLong.empty());
            session.editor()
                    .annotate(session.tree().root(), a -> a.withMarks(slide.picture().marks()));
        } finally {
            showing = false;
        }
    }

    /** Goes back to the position of the slide. */
    void toStart() {
        session.toStart();
    }
}

package org.zeroply.coach.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.texts.CoachWords;

/**
 * What a class sees at one time. A step of a lesson is shown as slides, one after the other.
 *
 * @param picture what is on the board
 * @param prompt what it is about, or what is asked
 * @param rows the lines as far as they are revealed, the present one last
 * @param words what is said to it; may be empty
 * @param asks the question that is open
 * @param beside the positions that stand beside it
 * @param told how many of them have their words told; the others are only shown
 */
public record Slide(
        Picture picture,
        String prompt,
        List<RevealedLines.Row> rows,
        String words,
        Optional<LessonStep.Stop> asks,
        List<Beside> beside,
        int told) {

    public Slide {
        rows = List.copyOf(rows);
        beside = List.copyOf(beside);
    }

    /**
     * A board.
     *
     * @param last the move that led to it; the null move for none
     */
    public record Picture(Position position, Move last, List<Mark> marks) {
        public Picture {
            marks = List.copyOf(marks);
        }

        static Picture of(Node node) {
            return new Picture(node.position(), node.move(), node.annotation().marks());
        }
    }

    /** The slides of a step; there is at least one. */
    public static List<Slide> of(LessonStep step) {
        return switch (step.kind()) {
            case SHOW -> lines(step.title(), RevealedLines.all(step.tree().root()), 0);
            case ASK -> ask(step);
            case COMPARE -> beside(step, false);
            case WHAT_IF -> beside(step, true);
            case GAME -> game(step);
            case HOMEWORK ->
                    List.of(
                            plain(
                                    Picture.of(step.tree().root()),
                                    CoachWords.of(
                                            "lesson.homework", Exercise.of(step.tree()).prompt()),
                                    ""));
        };
    }

    private static Slide plain(Picture picture, String prompt, String words) {
        return new Slide(picture, prompt, List.of(), words, Optional.empty(), List.of(), 0);
    }

    private static List<Slide> lines(String prompt, RevealedLines lines, int from) {
        List<Slide> slides = new ArrayList<>();
        for (int i = from; i < lines.size(); i++) {
            Node node = lines.shown(i);
            String words = node.annotation().after();
            slides.add(
                    new Slide(
                            Picture.of(node),
                            prompt,
                            lines.rows(i),
                            words,
                            Optional.empty(),
                            List.of(),
                            0));
        }
        return slides;
    }

    private static List<Slide> ask(LessonStep step) {
        LessonStep.Stop stop = step.stops().get(0);
        LessonQuestion question = stop.question();
        Picture picture = Picture.of(step.tree().root());
        List<Slide> slides = new ArrayList<>();
        slides.add(
                new Slide(
                        new Picture(
                                picture.position(),
                                picture.last(),
                                question.asked() == Asked.SQUARES ? List.of() : picture.marks()),
                        question.asking(),
                        List.of(),
                        step.words(),
                        Optional.of(stop),
                        List.of(),
                        0));
        if (!question.isOfMoves()) {
            String solution = question.solution();
            String says = question.says().right();
            slides.add(
                    plain(
                            picture,
                            question.asking(),
                            (solution.isEmpty() ? "" : CoachWords.of("lesson.answer", solution))
                                    + says));
        }
        slides.addAll(lines(question.asking(), RevealedLines.all(step.tree().root()), 1));
        return slides;
    }

    private static List<Slide> game(LessonStep step) {
        RevealedLines line = RevealedLines.main(step.tree().root());
        List<Slide> moves = lines(step.title(), line, 0);
        List<Slide> slides = new ArrayList<>();
        for (int i = 0; i < moves.size(); i++) {
            Node node = line.shown(i);
            Slide slide = moves.get(i);
            Optional<LessonStep.Stop> stop =
                    step.stops().stream().filter(s -> s.node() == node).findFirst();
            slides.add(
                    stop.map(
                                    s ->
                                            new Slide(
                                                    slide.picture(),
                                                    s.question().asking(),
                                                    slide.rows(),
                                                    slide.words(),
                                                    stop,
                                                    List.of(),
                                                    0))
                            .orElse(slide));
        }
        return slides;
    }

    /** The positions beside, whose words are told one after the other; then the lines. */
    private static List<Slide> beside(LessonStep step, boolean onBoard) {
        List<Beside> all = step.beside();
        Picture base = Picture.of(step.tree().root());
        List<Slide> slides = new ArrayList<>();
        for (int told = 0; told <= all.size(); told++) {
            Picture picture =
                    told == 0 || !onBoard
                            ? base
                            : new Picture(all.get(told - 1).position(), Move.NULL, List.of());
            String words = told == 0 ? step.words() : all.get(told - 1).words();
            slides.add(
                    new Slide(
                            picture, step.title(), List.of(), words, Optional.empty(), all, told));
        }
        for (Slide s : lines(step.title(), RevealedLines.all(step.tree().root()), 1)) {
            slides.add(
                    new Slide(
                            s.picture(),
                            s.prompt(),
                            s.rows(),
                            s.words(),
                            s.asks(),
                            all,
                            all.size()));
        }
        return slides;
    }
}

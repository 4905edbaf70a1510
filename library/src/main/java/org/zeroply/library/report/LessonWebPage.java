package org.zeroply.library.report;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.lesson.AnswerChoice;
import org.zeroply.coach.lesson.Asked;
import org.zeroply.coach.lesson.Beside;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonQuestion;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.RevealedLines;
import org.zeroply.coach.lesson.Slide;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.drawing.SvgPen;
import org.zeroply.library.texts.LibraryWords;

/**
 * A lesson as one page for any browser that plays its lines by itself: board, letters and program
 * are in it, and nothing is fetched. The coach's own notes are not.
 */
public final class LessonWebPage {

    /** Units of a side of the square that a man is drawn in. */
    private static final int MAN = 100;

    private final ObjectMapper json = new ObjectMapper();
    private final Lesson lesson;

    private LessonWebPage(Lesson lesson) {
        this.lesson = lesson;
    }

    /** The page. */
    public static String write(Lesson lesson) {
        return new LessonWebPage(lesson).page();
    }

    private String page() {
        return PageTemplate.of("lesson-page.html")
                .filled(
                        Map.of(
                                "title", lesson.title(),
                                "faces", PageTemplate.faces(),
                                "style", PageTemplate.text("lesson-page.css"),
                                "men", men(),
                                "lesson", data(),
                                "script", PageTemplate.text("lesson-page.js")));
    }

    /** The men, each drawn once. */
    private static String men() {
        StringBuilder symbols = new StringBuilder();
        for (Side side : Side.values()) {
            for (PieceType type : PieceType.values()) {
                symbols.append(man(side, type));
            }
        }
        return symbols.toString();
    }

    private static String man(Side side, PieceType type) {
        SvgPen pen = new SvgPen();
        Diagram.man(pen, new Piece(side, type), 0, 0, MAN);
        String name = (side == Side.WHITE ? "w" : "b") + Character.toLowerCase(type.letter());
        return "<symbol id=\"%s\" viewBox=\"0 0 %d %d\">%s</symbol>"
                .formatted(name, MAN, MAN, pen.elements());
    }

    /** What is played; no sign in it can end the element it stands in. */
    private String data() {
        ObjectNode document = json.createObjectNode().put("title", lesson.title());
        ArrayNode steps = document.putArray("steps");
        for (LessonStep step : lesson.steps()) {
            ObjectNode node = steps.addObject();
            node.put("title", step.title().isEmpty() ? step.kind().words() : step.title());
            node.put("flip", step.seenFrom() == Side.BLACK);
            ArrayNode slides = node.putArray("slides");
            Slide.of(step).forEach(slide -> slides.add(slide(slide)));
        }
        try {
            return json.writeValueAsString(document)
                    .replace("<", "\\u003c")
                    .replace("\u2028", "\\u2028")
                    .replace("\u2029", "\\u2029");
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("texts and numbers can be written", e);
        }
    }

    private ObjectNode slide(Slide slide) {
        ObjectNode node = json.createObjectNode();
        node.put("men", men(slide.picture().position()));
        ArrayNode last = node.putArray("last");
        if (!slide.picture().last().isNull()) {
            last.add(Square.name(slide.picture().last().from()));
            last.add(Square.name(slide.picture().last().to()));
        }
        ArrayNode marks = node.putArray("marks");
        for (Mark mark : slide.picture().marks()) {
            ObjectNode one = marks.addObject().put("meaning", mark.meaning().word());
            ArrayNode squares = one.putArray("squares");
            mark.squares().forEach(s -> squares.add(Square.name(s)));
        }
        node.put("prompt", slide.prompt()).put("words", slide.words());
        ArrayNode rows = node.putArray("rows");
        for (RevealedLines.Row row : slide.rows()) {
            rows.addObject()
                    .put("before", row.before())
                    .put("last", row.last())
                    .put("present", row.present());
        }
        ArrayNode beside = node.putArray("beside");
        for (Beside b : slide.beside()) {
            ObjectNode one =
                    beside.addObject().put("men", men(b.position())).put("words", b.words());
            ArrayNode cells = one.putArray("cells");
            b.cells()
                    .forEach(
                            c ->
                                    cells.addObject()
                                            .put("move", c.move())
                                            .put("becomes", c.becomes()));
        }
        node.put("told", slide.told());
        slide.asks().ifPresent(stop -> node.set("ask", question(stop.question())));
        return node;
    }

    private ObjectNode question(LessonQuestion question) {
        ObjectNode node = json.createObjectNode();
        boolean named = question.asked() == Asked.CHOOSE || question.asked() == Asked.PLAN;
        node.put("named", named).put("byMove", question.asked() == Asked.MOVE);
        String other = question.says().wrong();
        node.put("other", other.isBlank() ? LibraryWords.of("report.that-is-not-it") : other);
        ArrayNode choices = node.putArray("choices");
        for (AnswerChoice choice : question.choices()) {
            choices.addObject()
                    .put("text", choice.text())
                    .put("outcome", choice.judged())
                    .put("words", choice.words());
        }
        return node;
    }

    /** The letters of the men from a8 to h1, with dots for empty squares. */
    private static String men(Position position) {
        StringBuilder men = new StringBuilder(64);
        for (int rank = 7; rank >= 0; rank--) {
            for (int file = 0; file < 8; file++) {
                men.append(
                        position.pieceAt(Square.at(file, rank))
                                .map(
                                        p ->
                                                p.side() == Side.WHITE
                                                        ? Character.toUpperCase(p.type().letter())
                                                        : Character.toLowerCase(p.type().letter()))
                                .orElse('.'));
            }
        }
        return men.toString();
    }
}

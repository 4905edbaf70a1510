package org.zeroply.desktop.lessons;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.lesson.Asked;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonQuestion;
import org.zeroply.coach.lesson.Reply;
import org.zeroply.coach.lesson.Slide;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.student.Student;

/** A student goes through a lesson alone: reads, answers, is told, and goes on. */
final class AlonePage extends VBox {

    private final Messages messages;
    private final AnswersModel answers;
    private final Clock clock;
    private final Runnable onMove;
    private final LessonBoard board = new LessonBoard(this::played);
    private final ComboBox<Student> student = new ComboBox<>();
    private final Label head = Widgets.label("", "sheet-title");
    private final Label prompt = Widgets.wrapped("", "prompt");
    private final Label moves = Widgets.wrapped("", "lesson-moves");
    private final BesideTable table = new BesideTable("alone-table");
    private final Label words = Widgets.wrapped("", "lesson-words");
    private final TextField answer = new TextField();
    private final Label told = Widgets.wrapped("", "plain");
    private final Button take =
            Widgets.button("alone-answer-it", Texts.of("lessons.answer"), this::answer);
    private final Button next =
            Widgets.primary("alone-next", Texts.of("lessons.go-on"), this::next);
    private final Button show =
            Widgets.quiet("alone-show", Texts.of("lessons.show-me"), this::giveUp);
    private Optional<GivenLesson> lesson = Optional.empty();
    private OptionalLong id = OptionalLong.empty();
    private boolean answered;

    /**
     * @param onMove called when another step is shown
     */
    AlonePage(Messages messages, AnswersModel answers, Clock clock, Runnable onMove) {
        super(8);
        this.messages = messages;
        this.answers = answers;
        this.clock = clock;
        this.onMove = onMove;
        setId("alone-page");
        student.setId("alone-student");
        student.setAccessibleText(Texts.of("lessons.who-goes-through-the-lesson"));
        student.setPromptText(Texts.of("lessons.who-are-you"));
        Widgets.texts(student, Student::name);
        head.setId("alone-head");
        Widgets.tellCut(head);
        prompt.setId("alone-prompt");
        moves.setId("alone-moves");
        words.setId("alone-words");
        told.setId("alone-told");
        answer.setId("alone-answer");
        answer.setAccessibleText(Texts.of("lessons.your-answer"));
        answer.setOnAction(e -> answer());
        HBox.setHgrow(answer, Priority.ALWAYS);
        VBox sheet = new VBox(8, prompt, moves, table, words);
        sheet.getStyleClass().add("drill-page");
        VBox.setVgrow(sheet, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.row(head, Widgets.spacer(), student),
                        sheet,
                        told,
                        Widgets.row(answer, take, show),
                        Widgets.row(
                                Widgets.button("alone-back", Texts.of("lessons.back"), this::back),
                                Widgets.quiet(
                                        "alone-again",
                                        Texts.of("lessons.from-the-beginning"),
                                        this::again)));
        show();
    }

    Button action() {
        return next;
    }

    TreeSession session() {
        return board.session();
    }

    /** The side the board is seen from. */
    Optional<Side> seenFrom() {
        return lesson.map(GivenLesson::seenFrom);
    }

    /** Whether men can be moved: to answer with a move. */
    boolean isMovable() {
        return question().filter(LessonQuestion::isOfMoves).isPresent() && !answered;
    }

    /** Shows a lesson from its beginning, unless it is the one that is shown already. */
    void begin(OptionalLong number, Optional<Lesson> open) {
        boolean same =
                number.equals(id)
                        && lesson.map(l -> l.lesson().pgn()).equals(open.map(Lesson::pgn));
        if (!same) {
            id = number;
            lesson = open.map(l -> new GivenLesson(l, 0, clock));
            moved();
        }
        answers.students(
                all -> {
                    Student before = student.getValue();
                    student.getItems().setAll(all);
                    all.stream()
                            .filter(s -> before != null && s.id() == before.id())
                            .findFirst()
                            .ifPresent(student::setValue);
                });
    }

    private void again() {
        lesson = lesson.map(l -> new GivenLesson(l.lesson(), 0, clock));
        moved();
    }

    private Optional<LessonQuestion> question() {
        return lesson.flatMap(GivenLesson::question);
    }

    private void next() {
        if (question().isPresent() && !answered) {
            messages.say(Texts.of("lessons.answer-first-or-have-it"));
            return;
        }
        lesson.ifPresent(GivenLesson::reveal);
        moved();
    }

    private void giveUp() {
        answered = true;
        lesson.ifPresent(GivenLesson::reveal);
        moved();
    }

    private void back() {
        lesson.ifPresent(GivenLesson::back);
        moved();
    }

    private void moved() {
        answered = false;
        told.setText("");
        answer.clear();
        lesson.map(GivenLesson::own).ifPresent(board::show);
        show();
        onMove.run();
    }

    /** A move that is made on the board is the answer. */
    private void played(List<Move> made) {
        if (!made.isEmpty() && isMovable()) {
            answer.setText(San.write(board.start(), made.get(0)));
        }
    }

    /** A square that is pressed belongs to the answer, or no longer does. */
    void pressed(int square) {
        if (question().filter(q -> q.asked() == Asked.SQUARES).isEmpty() || answered) {
            return;
        }
        answer.setText(AnswersModel.pressed(answer.getText(), square));
    }

    private void answer() {
        if (question().isEmpty() || answered) {
            return;
        }
        if (student.getValue() == null) {
            messages.say(Texts.of("lessons.say-who-you-are-first"));
            return;
        }
        try {
            GivenLesson given = lesson.orElseThrow();
            Reply reply = question().orElseThrow().reply(answer.getText());
            answered = true;
            answers.add(given.answered(student.getValue(), id, reply));
            String says = reply.words();
            String outcome = reply.outcome().words();
            told.setText(
                    says.toLowerCase(Locale.ROOT).startsWith(outcome)
                            ? says
                            : Character.toUpperCase(outcome.charAt(0))
                                    + outcome.substring(1)
                                    + ". "
                                    + says);
            show();
        } catch (IllegalArgumentException e) {
            messages.say(e.getMessage());
        }
    }

    private void show() {
        Optional<Slide> slide = lesson.map(GivenLesson::own);
        head.setText(
                lesson.map(l -> l.lesson().title() + ", " + l.place())
                        .orElse(Texts.of("lessons.no-lesson-is-open")));
        prompt.setText(slide.map(Slide::prompt).orElse(Texts.of("lessons.open-a-lesson-on-the")));
        moves.setText(slide.map(GivePage::moves).orElse(""));
        slide.ifPresent(table::show);
        words.setText(slide.map(Slide::words).orElse(""));
        for (Label label : List.of(prompt, moves, words, told)) {
            label.setManaged(!label.getText().isEmpty());
        }
        boolean asks = question().isPresent() && !answered;
        answer.setDisable(!asks);
        take.setDisable(!asks);
        show.setDisable(!asks);
        answer.setPromptText(
                question()
                        .map(GivePage::expected)
                        .orElse(Texts.of("lessons.nothing-is-asked-read-and")));
        next.setDisable(lesson.isEmpty() || lesson.get().isOver());
    }
}

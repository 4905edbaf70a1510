package org.zeroply.desktop.lessons;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.lesson.Asked;
import org.zeroply.coach.lesson.LessonQuestion;
import org.zeroply.coach.lesson.RevealedLines;
import org.zeroply.coach.lesson.Slide;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.TreeSession;

/**
 * The coach's side of a lesson that is given: what the class sees, what comes next, the solution
 * and the notes, the time, and who answers what. The class sees none of it.
 */
final class GivePage extends VBox {

    /** Students that have a key of their own. */
    private static final int KEYS = 9;

    private final GivingModel giving;
    private final ClassroomPage.Shower shower;
    private final Messages messages;
    private final LessonBoard board = new LessonBoard(this::tried);
    private final Label head = Widgets.label("", "sheet-title");
    private final ComboBox<Integer> jump = new ComboBox<>();
    private final Label clock = Widgets.label("", "give-clock");
    private final Label prompt = Widgets.wrapped("", "prompt");
    private final Label moves = Widgets.wrapped("", "lesson-moves");
    private final Label words = Widgets.wrapped("", "lesson-words");
    private final BesideTable table = new BesideTable("give-table");
    private final Label solution = Widgets.wrapped("", "give-solution");
    private final Label note = Widgets.wrapped("", "plain");
    private final Label next = Widgets.wrapped("", "faded");
    private final Label tally = Widgets.label("", "faded");
    private final TextField answer = new TextField();
    private final RowTable<GivingModel.Pupil> pupils =
            new RowTable<>(
                    "give-class",
                    p -> p.student().id(),
                    Texts.of("lessons.no-students-yet-add-them"));
    private final Timeline ticking = new Timeline(new KeyFrame(Duration.seconds(1), e -> tick()));
    private final Button reveal =
            Widgets.button("give-reveal", Texts.of("lessons.reveal"), this::reveal);
    private Optional<Slide> shown = Optional.empty();

    /** The sign of the key that has just chosen a student; empty once it was typed. */
    private String key = "";

    private boolean showing;

    GivePage(GivingModel giving, ClassroomPage.Shower shower, Messages messages) {
        super(8);
        this.giving = giving;
        this.shower = shower;
        this.messages = messages;
        setId("give-page");
        head.setId("give-head");
        Widgets.tellCut(head);
        jump.setId("give-jump");
        jump.setAccessibleText(Texts.of("lessons.jump-to-a-step"));
        jump.setPrefWidth(230);
        Widgets.texts(jump, this::named);
        jump.setOnAction(
                e -> {
                    if (!showing && jump.getValue() != null) {
                        giving.given().ifPresent(g -> g.go(jump.getValue()));
                    }
                });
        clock.setId("give-clock");
        clock.setMinWidth(USE_PREF_SIZE);
        prompt.setId("give-prompt");
        moves.setId("give-moves");
        words.setId("give-words");
        solution.setId("give-solution");
        note.setId("give-note");
        next.setId("give-next");
        tally.setId("give-tally");
        answer.setId("give-answer");
        answer.setAccessibleText(Texts.of("lessons.the-answer-of-the-chosen"));
        answer.setPrefColumnCount(18);
        answer.setOnAction(e -> take());
        answer.addEventFilter(KeyEvent.KEY_PRESSED, e -> key = "");
        answer.addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        HBox.setHgrow(answer, Priority.ALWAYS);
        pupils.text(Texts.of("lessons.key"), 44, p -> key(p));
        pupils.text(Texts.of("lessons.student"), 130, p -> p.student().name());
        pupils.text(
                Texts.of("lessons.answer"),
                90,
                p -> p.answer().map(a -> a.given().answer()).orElse(""));
        pupils.text("", 90, p -> p.answer().map(a -> a.given().outcome().words()).orElse(""));
        pupils.text(Texts.of("lessons.what-to-say"), 160, GivingModel.Pupil::words);
        pupils.onOpen(p -> answer.requestFocus());
        pupils.onRemove(chosen -> chosen.forEach(p -> giving.leaveOut(p.student())));
        pupils.onMenu(
                chosen ->
                        List.of(
                                new Command(
                                        Texts.of("lessons.not-here-today"),
                                        "Delete",
                                        () -> chosen.forEach(p -> giving.leaveOut(p.student())))));
        VBox.setVgrow(pupils, Priority.ALWAYS);
        VBox sees = new VBox(8, prompt, moves, table, words);
        sees.getStyleClass().add("drill-page");
        VBox own =
                new VBox(
                        4,
                        Widgets.heading(Texts.of("lessons.for-you-alone")),
                        solution,
                        note,
                        next);
        getChildren()
                .addAll(
                        Widgets.row(head, Widgets.spacer(), jump, clock),
                        sees,
                        own,
                        Widgets.heading(Texts.of("lessons.the-class")),
                        pupils,
                        Widgets.row(
                                answer,
                                Widgets.button(
                                        "give-take", Texts.of("lessons.take-down"), this::take),
                                tally),
                        Widgets.row(
                                Widgets.button("give-back", Texts.of("lessons.back"), this::back),
                                Widgets.quiet(
                                        "give-return",
                                        Texts.of("lessons.back-to-the-step"),
                                        this::toStep),
                                Widgets.spacer(),
                                Widgets.quiet(
                                        "give-homework",
                                        Texts.of("lessons.set-the-homework"),
                                        giving::setHomework),
                                Widgets.button(
                                        "give-here", Texts.of("lessons.whole-screen"), this::here),
                                Widgets.button(
                                        "give-apart",
                                        Texts.of("lessons.second-window"),
                                        this::apart)));
        ticking.setCycleCount(Animation.INDEFINITE);
        sceneProperty()
                .addListener(
                        (o, was, is) -> {
                            if (is == null) {
                                ticking.stop();
                            } else {
                                ticking.play();
                                show();
                            }
                        });
        giving.stepsProperty().addListener(o -> show());
        show();
    }

    /** The one action of the page. */
    Button action() {
        return reveal;
    }

    TreeSession session() {
        return board.session();
    }

    /** The side the board is seen from. */
    Optional<Side> seenFrom() {
        return giving.given().map(GivenLesson::seenFrom);
    }

    private String key(GivingModel.Pupil pupil) {
        int place = giving.pupils().indexOf(pupil) + 1;
        return place >= 1 && place <= KEYS ? String.valueOf(place) : "";
    }

    /** A command for each student: the answer that is typed next is theirs. */
    List<Command> commands() {
        List<Command> commands = new ArrayList<>();
        for (int i = 0; i < Math.min(KEYS, giving.pupils().size()); i++) {
            GivingModel.Pupil pupil = giving.pupils().get(i);
            commands.add(
                    new Command(
                            Texts.of("lessons.answer-of", pupil.student().name()),
                            String.valueOf(i + 1),
                            chosenBy(String.valueOf(i + 1), pupil)));
        }
        return commands;
    }

    private Runnable chosenBy(String sign, GivingModel.Pupil pupil) {
        return () -> {
            key = sign;
            choose(pupil);
        };
    }

    /** The key that chose a student is no part of the answer, though it is typed there. */
    private void typed(KeyEvent e) {
        if (!key.isEmpty() && key.equals(e.getCharacter())) {
            e.consume();
        }
        key = "";
    }

    /** A square that is pressed belongs to the answer that is taken down, or no longer does. */
    void pressed(int square) {
        Optional<LessonQuestion> asked = giving.given().flatMap(GivenLesson::question);
        if (asked.filter(q -> q.asked() == Asked.SQUARES).isPresent() && pupils.one().isPresent()) {
            answer.setText(AnswersModel.pressed(answer.getText(), square));
        }
    }

    private void choose(GivingModel.Pupil pupil) {
        pupils.getSelectionModel().clearSelection();
        pupils.getSelectionModel().select(pupil);
        answer.requestFocus();
    }

    void reveal() {
        giving.given().ifPresent(GivenLesson::reveal);
    }

    void back() {
        giving.given().ifPresent(GivenLesson::back);
    }

    void here() {
        giving.given().ifPresent(shower::here);
    }

    void apart() {
        giving.given().ifPresent(shower::apart);
    }

    /** Goes back from what was tried on the board; false if nothing was. */
    boolean toStep() {
        boolean aside = giving.given().filter(GivenLesson::isAside).isPresent();
        if (aside) {
            board.toStart();
        }
        return aside;
    }

    private void tried(List<Move> made) {
        giving.given().ifPresent(g -> g.tryOut(board.start(), made));
    }

    private void take() {
        Optional<GivingModel.Pupil> chosen = pupils.one();
        if (chosen.isEmpty()) {
            messages.say(Texts.of("lessons.choose-who-answered-press-the"));
            return;
        }
        try {
            giving.take(chosen.get().student(), answer.getText());
            answer.clear();
            giving.pupils().stream()
                    .filter(p -> p.answer().isEmpty())
                    .findFirst()
                    .ifPresent(this::choose);
        } catch (IllegalArgumentException e) {
            messages.say(e.getMessage());
        }
    }

    private void tick() {
        clock.setText(giving.given().map(GivenLesson::time).orElse(""));
    }

    /** A step by its number, for jumping there. */
    private String named(int step) {
        return giving.given()
                .map(g -> g.lesson().steps().get(step))
                .map(s -> (step + 1) + "  " + (s.title().isEmpty() ? s.kind().words() : s.title()))
                .orElse("");
    }

    private void showJump(Optional<GivenLesson> given) {
        showing = true;
        try {
            int count = given.map(g -> g.lesson().steps().size()).orElse(0);
            List<Integer> steps = IntStream.range(0, count).boxed().toList();
            if (!jump.getItems().equals(steps)) {
                jump.getItems().setAll(steps);
            }
            jump.setValue(given.map(GivenLesson::step).orElse(null));
            jump.setDisable(count == 0);
        } finally {
            showing = false;
        }
    }

    private void show() {
        Optional<GivenLesson> given = giving.given();
        showJump(given);
        pupils.show(List.copyOf(giving.pupils()));
        head.setText(
                given.map(g -> g.place() + ", " + g.shown().kind().words())
                        .orElse(Texts.of("lessons.no-lesson-is-given")));
        Optional<Slide> now = given.map(GivenLesson::slide);
        prompt.setText(
                now.map(Slide::prompt).orElse(Texts.of("lessons.open-a-lesson-on-the-page")));
        moves.setText(now.map(GivePage::moves).orElse(""));
        now.ifPresent(table::show);
        words.setText(now.map(Slide::words).orElse(""));
        Optional<LessonQuestion> question = given.flatMap(GivenLesson::question);
        solution.setText(
                question.map(LessonQuestion::solution)
                        .filter(answer -> !answer.isEmpty())
                        .map(answer -> Texts.of("lessons.answer-2", answer))
                        .orElse(""));
        note.setText(given.map(g -> g.shown().note()).orElse(""));
        next.setText(
                given.map(GivenLesson::next)
                        .map(
                                n ->
                                        n.isEmpty()
                                                ? Texts.of("lessons.that-was-the-last-step")
                                                : Texts.of("lessons.next", n))
                        .orElse(""));
        for (Label label : List.of(prompt, moves, words, solution, note, next)) {
            label.setManaged(!label.getText().isEmpty());
        }
        answer.setDisable(question.isEmpty());
        answer.setPromptText(
                question.map(GivePage::expected).orElse(Texts.of("lessons.nothing-is-asked-now")));
        tally.setText(giving.tally());
        reveal.setDisable(given.isEmpty() || given.get().isOver());
        tick();
        Optional<Slide> own = given.map(GivenLesson::own);
        if (!own.equals(shown)) {
            shown = own;
            own.ifPresent(board::show);
        } else if (given.filter(g -> !g.isAside()).isPresent()) {
            board.toStart();
        }
    }

    static String moves(Slide slide) {
        List<String> rows =
                new ArrayList<>(
                        slide.rows().stream()
                                .filter(RevealedLines.Row::present)
                                .map(r -> (r.before() + " " + r.last()).strip())
                                .toList());
        slide.asks()
                .map(a -> a.question().choices())
                .ifPresent(
                        choices -> {
                            for (int i = 0; i < choices.size() && named(slide); i++) {
                                rows.add((i + 1) + "  " + choices.get(i).text());
                            }
                        });
        return String.join("\n", rows);
    }

    private static boolean named(Slide slide) {
        return slide.asks()
                .map(a -> a.question().asked())
                .filter(a -> a == Asked.CHOOSE || a == Asked.PLAN)
                .isPresent();
    }

    static String expected(LessonQuestion question) {
        return switch (question.asked()) {
            case MOVE -> Texts.of("lessons.a-move-such-as-nf3");
            case CHOOSE -> Texts.of("lessons.a-move-or-its-number");
            case PLAN -> Texts.of("lessons.the-number-of-a-plan");
            case VERDICT -> Texts.of("lessons.a-verdict");
            case SQUARES -> Texts.of("lessons.squares-such-as-d5-e6");
            case NUMBER -> Texts.of("lessons.a-number");
            case TRUE -> Texts.of("lessons.true-or-false");
        };
    }
}

package org.zeroply.desktop.repertoire;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.training.drill.Drill;
import org.zeroply.coach.training.drill.EveningMemory;
import org.zeroply.coach.training.drill.Question;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.student.Student;

/** A drill on the board: what is asked, what was answered, and how long it still goes on. */
public final class DrillModel {

    /**
     * What stands beside the board.
     *
     * @param asked the question in words; empty when none is asked
     * @param choices answers to choose from; none where a move is asked for
     * @param said what is said to the last answer or for help
     * @param stage where the drill is
     */
    public record Shown(String asked, List<String> choices, String said, Stage stage) {
        public Shown {
            choices = List.copyOf(choices);
        }
    }

    /** Where a drill is. */
    public enum Stage {
        IDLE,
        ASKING,
        /** The answer is shown; the student goes on when ready. */
        ANSWERED,
        /** The line is over; the student goes on when ready. */
        LINE_OVER,
        OVER
    }

    private static final Shown IDLE = new Shown("", List.of(), "", Stage.IDLE);

    /** Minutes to repeat a few positions in. */
    private static final int REPEATING = 30;

    private final RepertoireModel model;
    private final Clock clock;
    private final Random random;
    private final TreeSession session = new TreeSession();
    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>(IDLE);
    private final ObjectProperty<OptionalInt> chapter =
            new SimpleObjectProperty<>(OptionalInt.empty());
    private Optional<Drill> drill = Optional.empty();
    private Instant end = Instant.MAX;
    private Node expected;
    private boolean moving;
    private OptionalInt waiting = OptionalInt.empty();

    /** Positions that alone are asked; none for what is due. */
    private Set<Position> asked = Set.of();

    public DrillModel(RepertoireModel model, Clock clock, Random random) {
        this.model = model;
        this.clock = clock;
        this.random = random;
        expected = session.current();
        session.currentProperty().addListener((o, was, is) -> moved(is));
        model.viewProperty().addListener(o -> beginIfWaited());
    }

    /** What the board shows. */
    public TreeSession session() {
        return session;
    }

    /** What stands beside the board. */
    public ReadOnlyObjectProperty<Shown> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** The chapter that alone is asked, by its place; none for all. */
    public ObjectProperty<OptionalInt> chapterProperty() {
        return chapter;
    }

    /** Whether a drill goes on. */
    public boolean isRunning() {
        return drill.isPresent();
    }

    /** Whether a move is asked for. */
    public boolean awaitsMove() {
        return stage() == Stage.ASKING && shown.get().choices().isEmpty();
    }

    private Stage stage() {
        return shown.get().stage();
    }

    /** Seconds left; 0 when the time is over. */
    public long secondsLeft() {
        return isRunning() ? Math.max(0, Duration.between(clock.instant(), end).toSeconds()) : 0;
    }

    /** Questions answered, and those known at the first try, in words. */
    public String score() {
        return drill.map(
                        d -> Texts.of("repertoire.answered-right-at-once", d.answered(), d.right()))
                .orElse("");
    }

    /** The moves of the line so far, numbered. */
    public String line() {
        return drill.map(d -> Line.numbered(d.start().position(), d.line())).orElse("");
    }

    // ---- Going on -------------------------------------------------------------------------------

    private void beginIfWaited() {
        if (waiting.isPresent() && model.isReadForStudent()) {
            beginWhenRead(waiting.getAsInt());
        }
    }

    /**
     * Begins a drill of so many minutes, once it is read what the student knows; the line begun
     * when the time is over is finished.
     */
    public void begin(int minutes) {
        asked = Set.of();
        beginWhenRead(minutes);
    }

    /**
     * Asks these positions of the repertoire today, whenever they would be due.
     *
     * @param positions where it is the student's turn
     */
    public void repeat(Set<Position> positions) {
        asked = Set.copyOf(positions);
        beginWhenRead(REPEATING);
    }

    private void beginWhenRead(int minutes) {
        waiting = OptionalInt.empty();
        Optional<Student> student = model.studentProperty().get();
        if (student.isEmpty()) {
            return;
        }
        if (!model.isReadForStudent()) {
            waiting = OptionalInt.of(minutes);
            String said = Texts.of("repertoire.reading-what-knows", student.get().name());
            shown.set(new Shown("", List.of(), said, Stage.IDLE));
            return;
        }
        RepertoireView v = model.viewProperty().get().orElseThrow();
        drill =
                Optional.of(
                        new Drill(
                                v.repertoire(),
                                v.learning().questions(),
                                v.shares(),
                                asked.isEmpty() ? v.learning().memory() : evening(v.learning()),
                                v.learning().today(),
                                random,
                                q -> asked.isEmpty() ? ofChapter(v, q) : isRepeated(q)));
        end = clock.instant().plus(Duration.ofMinutes(minutes));
        nextLine();
    }

    private boolean ofChapter(RepertoireView v, Question question) {
        return chapter.get().isEmpty()
                || v.repertoire().chapter(question.spot().places().get(0))
                        == chapter.get().getAsInt();
    }

    private boolean isRepeated(Question question) {
        return question instanceof Question.WhichMove && asked.contains(question.spot().position());
    }

    private EveningMemory evening(RepertoireView.Learning learning) {
        return new EveningMemory(
                learning.memory(),
                learning.questions().all().stream()
                        .filter(this::isRepeated)
                        .map(Question::key)
                        .collect(Collectors.toSet()),
                learning.today());
    }

    private void nextLine() {
        Drill d = drill.orElseThrow();
        boolean timeOver = secondsLeft() == 0;
        if (timeOver || !d.begin()) {
            finish(
                    timeOver
                            ? Texts.of("repertoire.the-time-is-over")
                            : Texts.of("repertoire.nothing-more-is-due-today"));
            return;
        }
        moving = true;
        session.open(new MoveTree(d.start().position()), OptionalLong.empty());
        expected = session.current();
        moving = false;
        follow("");
    }

    private void finish(String why) {
        String score = score();
        drill = Optional.empty();
        String all = score.startsWith("0 ") ? why : why + " " + score + ".";
        shown.set(new Shown("", List.of(), all, Stage.OVER));
        model.read();
    }

    /** Ends the drill; what was answered is kept. */
    public void stop() {
        if (isRunning()) {
            finish(Texts.of("repertoire.stopped"));
        }
    }

    /** Brings the board to where the drill is, and asks. */
    private void follow(String said) {
        Drill d = drill.orElseThrow();
        moving = true;
        List<Move> line = d.line();
        Node node = session.tree().root();
        for (Move move : line) {
            node = session.editor().add(node, move);
        }
        session.go(node);
        expected = node;
        moving = false;
        shown.set(
                d.question()
                        .map(q -> new Shown(words(q), choices(q), said, Stage.ASKING))
                        .orElse(
                                new Shown(
                                        Texts.of("repertoire.the-line-is-over-go"),
                                        List.of(),
                                        said,
                                        Stage.LINE_OVER)));
    }

    private static String words(Question question) {
        if (question instanceof Question.WhichMove move) {
            return move.mustKnow()
                    ? Texts.of("repertoire.a-move-you-must-know")
                    : Texts.of("repertoire.what-do-you-play");
        }
        if (question instanceof Question.WhatThen then) {
            return Texts.of("repertoire.from-here-on-if-what", then.card().when());
        }
        return Texts.of("repertoire.which-plan-belongs-to-this");
    }

    private static List<String> choices(Question question) {
        if (question instanceof Question.WhichPlan plan) {
            return plan.choices();
        }
        return question instanceof Question.WhatThen then ? then.choices() : List.of();
    }

    // ---- Answers --------------------------------------------------------------------------------

    private void moved(Node node) {
        if (moving || !awaitsMove() || !node.parent().equals(Optional.of(expected))) {
            return;
        }
        Drill d = drill.orElseThrow();
        Drill.Outcome outcome = d.answer(node.move());
        if (outcome == Drill.Outcome.RIGHT) {
            follow(Texts.of("repertoire.right", San.write(expected.position(), node.move())));
            return;
        }
        String played = San.write(expected.position(), node.move());
        moving = true;
        session.editor().delete(node);
        session.go(expected);
        moving = false;
        told(outcome, played);
    }

    private void told(Drill.Outcome outcome, String tried) {
        String said =
                switch (outcome) {
                    case ANOTHER -> Texts.of("repertoire.is-in-the-repertoire-too", tried);
                    case WRONG -> Texts.of("repertoire.is-not-it-another-try", tried, idea());
                    case SHOWN -> answer();
                    case RIGHT -> Texts.of("repertoire.right-2");
                };
        Stage stage = outcome == Drill.Outcome.SHOWN ? Stage.ANSWERED : Stage.ASKING;
        Shown now = shown.get();
        shown.set(new Shown(now.asked(), now.choices(), said, stage));
    }

    /**
     * Types a move.
     *
     * @throws NotationException if it is none
     */
    public void type(String san) throws NotationException {
        if (awaitsMove()) {
            session.play(san);
        }
    }

    /** Chooses one of the answers, 0 for the first. */
    public void choose(int index) {
        List<String> choices = shown.get().choices();
        if (stage() != Stage.ASKING || index >= choices.size()) {
            return;
        }
        Drill.Outcome outcome = drill.orElseThrow().answer(choices.get(index));
        if (outcome == Drill.Outcome.RIGHT) {
            follow(Texts.of("repertoire.right-3", choices.get(index)));
        } else {
            told(outcome, Texts.of("repertoire.that"));
        }
    }

    /** Shows the idea before an answer is tried. */
    public void help() {
        if (stage() == Stage.ASKING) {
            drill.orElseThrow().help();
            Shown now = shown.get();
            shown.set(new Shown(now.asked(), now.choices(), idea(), Stage.ASKING));
        }
    }

    /** Shows the answer with its idea. */
    public void giveUp() {
        if (stage() == Stage.ASKING) {
            drill.orElseThrow().giveUp();
            told(Drill.Outcome.SHOWN, "");
        }
    }

    /** Goes on after an answer that was shown, or to the next line. */
    public void goOn() {
        if (stage() == Stage.ANSWERED) {
            drill.orElseThrow().goOn();
            follow("");
        } else if (stage() == Stage.LINE_OVER) {
            nextLine();
        }
    }

    /** The idea that leads to the answer, without the answer. */
    private String idea() {
        Question question = drill.orElseThrow().question().orElseThrow();
        if (question instanceof Question.WhichMove move) {
            return move.idea()
                    .map(i -> Texts.of("repertoire.the-idea", i))
                    .orElseGet(() -> earlierIdea(move));
        }
        return question instanceof Question.WhatThen then
                ? Texts.of("repertoire.the-card-if-then", then.card().when())
                : Texts.of("repertoire.think-of-the-pawns-which");
    }

    /** Where no idea is written, that of an earlier position, else how the line goes on. */
    private String earlierIdea(Question.WhichMove asked) {
        List<Node> path = new ArrayList<>(expected.path());
        Collections.reverse(path);
        for (Node node : path) {
            Optional<String> idea =
                    model.viewProperty()
                            .get()
                            .flatMap(v -> v.repertoire().at(node.position()))
                            .flatMap(Spot::idea);
            if (idea.isPresent()) {
                return Texts.of("repertoire.the-idea-of-the-line", idea.get());
            }
        }
        return Texts.of(
                "repertoire.no-idea-is-written-here",
                asked.spot().position().pieceAt(asked.move().from()).orElseThrow().type().word());
    }

    private String answer() {
        Question question = drill.orElseThrow().question().orElseThrow();
        if (question instanceof Question.WhichMove move) {
            return Texts.of(
                    "repertoire.it-is",
                    San.write(move.spot().position(), move.move()),
                    move.idea().map(i -> Texts.of("repertoire.the-idea", i)).orElse(""));
        }
        return Texts.of("repertoire.it-is-2", question.answer());
    }
}

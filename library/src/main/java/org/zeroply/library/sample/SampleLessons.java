package org.zeroply.library.sample;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.coach.lesson.draft.Example;
import org.zeroply.coach.lesson.draft.LessonDraft;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.index.ThemeExamples;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetStore;

/**
 * Three lessons of the demo club: one on attack, one on defence, one on an opening. They are
 * drafted from its own games and exercises, and come with the program as a file.
 */
final class SampleLessons {

    private static final String SHIPPED = "demo-lessons.pgn";
    private static final String ATTACK = "rook on its seventh rank";
    private static final int EXAMPLES = 80;
    private static final long NODES = 200_000;

    /** What is said of the opening is looked at for longer: fewer do not tell such moves apart. */
    private static final long OPENING_NODES = 3_000_000;

    /** A move of the opening lesson may lose this much against the best one, in expected score. */
    private static final double SOUND = 0.08;

    private static final String OPENING = "d4 d5 c4 e6 Nc3 Nf6 cxd5";

    /** A line of the opening, the answer, and what the coach says of it. */
    private record Idea(String line, String answer, String words) {}

    private static final List<Idea> IDEAS =
            List.of(
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 Nxd5",
                            "e4",
                            "If he takes with the knight, then the centre goes forward at once."),
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 Nbd7",
                            "e3",
                            "If the knight is on d7, then leave the pawn on d5 alone: after Nxd5"
                                    + " Nxd5 the check on b4 wins the queen back with a piece."),
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 c6 e3 Bf5",
                            "Qf3",
                            "If the bishop is on f5, then the queen goes to f3 and his pawns are"
                                    + " spoilt."),
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 Be7 e3 h6",
                            "Bh4",
                            "If he asks the bishop before he has castled, then keep the pin."),
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 Be7 e3 O-O Bd3 Ne4",
                            "Bxe7",
                            "If the knight jumps to e4, then take on e7 first; the knight has no"
                                    + " support afterwards."),
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 c5",
                            "Bxf6",
                            "If he plays c5 early, then take on f6: he loses the pawn on d5, or his"
                                    + " pawns are spoilt."),
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 Be7 e3 O-O Bd3 Nbd7 Nge2 Re8 O-O"
                                    + " Nf8",
                            "f3",
                            "If the knight went to e2 and his rook to e8, then f3 prepares e4."),
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 Be7 e3 O-O Bd3 Nbd7 Nf3 Re8 O-O Nf8"
                                    + " Qc2 c6",
                            "Rab1",
                            "If the knight went to f3 and he has c6, then the rook goes behind the"
                                    + " b-pawn."),
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 Be7 e3 O-O Bd3 Nbd7 Nf3 Re8 O-O Nf8"
                                    + " Qc2 c6 Rab1 a5 a3 Ng6 b4 axb4 axb4 Bd6",
                            "b5",
                            "If the a-pawns are gone and c6 stands, then b5 comes before he is"
                                    + " ready on the other wing."),
                    new Idea(
                            "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 Bb4 e3 h6",
                            "Bxf6",
                            "If his bishop left e7, then take on f6: he chooses between his pawns and"
                                    + " a queen in the open."));

    private final Library library;
    private final MoveEvaluator ideas;
    private final LessonDraft draft;

    private SampleLessons(Library library) {
        this.library = library;
        BuiltInEngine engine = new BuiltInEngine(64);
        Cancellation never = new Cancellation();
        ideas = new MoveEvaluator(engine, OPENING_NODES, never);
        draft =
                new LessonDraft(
                        new MoveEvaluator(engine, NODES, never),
                        new SchemeDraft(engine, Endings.NONE, NODES, SchemeDraft.POINTS).first(),
                        never);
    }

    /** Drafts the lessons from an unpacked demo club, and writes them to a file. */
    static void make(Library library, Path out) throws IOException {
        SampleLessons sample = new SampleLessons(library);
        List<Lesson> lessons = List.of(sample.opening(), sample.defence(), sample.attack());
        WholeFile.writeText(out, lessons.stream().map(Lesson::pgn).collect(Collectors.joining()));
    }

    /** Puts the lessons into an unpacked demo club. */
    static void unpack(Library into) throws IOException {
        try (InputStream in = SampleLessons.class.getResourceAsStream(SHIPPED)) {
            if (in != null) {
                String pgn = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                Lesson.all(SheetStore.parseAll(pgn)).forEach(into.lessons()::add);
            }
        }
    }

    private Lesson attack() {
        ExecutorService helpers = Executors.newSingleThreadExecutor();
        try {
            List<Example> examples =
                    new ThemeExamples(library.finder(), library.sheets()::load)
                            .find(ATTACK, EXAMPLES, helpers, 1, new Cancellation());
            LessonDraft.Theme theme =
                    new LessonDraft.Theme(
                            "A rook on the seventh",
                            "A rook on the seventh rank attacks pawns from behind and ties the king"
                                    + " to the edge",
                            List.of("rook on the seventh"));
            return there(draft.draft(theme, examples, List.of(), part -> {}));
        } finally {
            helpers.shutdownNow();
        }
    }

    private Lesson defence() {
        List<MoveTree> held =
                library.sheets().trees(SheetKind.EXERCISE).stream()
                        .filter(t -> t.tag("ZpAim").equals("hold"))
                        .toList();
        LessonDraft.Theme theme =
                new LessonDraft.Theme(
                        "Hold it",
                        "The position is worse, and one move keeps it together: look for what he"
                                + " wants first",
                        List.of("defence"));
        return there(draft.ofExercises(theme, held, part -> {}));
    }

    private static Lesson there(Optional<Lesson> lesson) {
        return lesson.orElseThrow(() -> new LibraryException("The demo has nothing to teach."));
    }

    private Lesson opening() {
        List<LessonStep> steps = new ArrayList<>();
        MoveTree tree = line(OPENING);
        TreeEditor editor = new TreeEditor(tree);
        Node end = tree.root().mainLineEnd();
        editor.comment(
                tree.root(),
                "White exchanges on d5 and knows what he plays for. Ten questions: what do you"
                        + " answer if …?");
        editor.comment(end, "The pawns are fixed; now everything depends on where his men stand.");
        steps.add(
                LessonStep.of(StepKind.SHOW, tree)
                        .with(LessonStep.TITLE, "Exchange on d5: the plan"));
        for (int i = 0; i < IDEAS.size(); i++) {
            steps.add(step(IDEAS.get(i), i + 1));
        }
        return new Lesson("Exchange on d5: if he …, then we …", steps);
    }

    private LessonStep step(Idea idea, int number) {
        Node asked = line(idea.line() + " " + idea.answer()).root().mainLineEnd();
        Node before = asked.parent().orElseThrow();
        Position position = before.position();
        MoveTree tree = new MoveTree(position);
        TreeEditor editor = new TreeEditor(tree);
        Node answer = editor.add(tree.root(), asked.move());
        double loss = ideas.loss(position, answer.move()).points() / 100;
        if (loss > SOUND) {
            throw new LibraryException(
                    idea.answer() + " loses " + loss + " after " + idea.line() + ".");
        }
        editor.comment(answer, idea.words());
        return LessonStep.of(StepKind.ASK, tree)
                .with(LessonStep.ASKED, "move")
                .with(
                        Exercise.PROMPT,
                        "After " + Line.move(before) + ": what do you answer, and why?")
                .with(LessonStep.SECONDS, "60")
                .with(Exercise.THEMES, "exchange on d5")
                .with(LessonStep.TITLE, "If and then " + number)
                .with(LessonStep.NOTE, Line.to(before));
    }

    private static MoveTree line(String moves) {
        return SheetStore.parse(moves + " *");
    }
}

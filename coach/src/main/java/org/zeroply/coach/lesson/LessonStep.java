package org.zeroply.coach.lesson;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.texts.CoachWords;

/**
 * A step of a lesson: a move tree with what its tags say. What is said to the class stands in the
 * comments, so that any program for PGN shows it.
 */
public record LessonStep(MoveTree tree) {

    /** The name of the lesson, on each of its steps. */
    public static final String LESSON = "ZpLesson";

    /** The place of the step from 1, and its kind: {@code 3 ask}. */
    public static final String STEP = "ZpStep";

    public static final String TITLE = "ZpTitle";

    /** Words for the coach alone. */
    public static final String NOTE = "ZpNote";

    public static final String ASKED = "ZpAsk";
    public static final String ANSWER = "ZpAnswer";

    /** Seconds to think. */
    public static final String SECONDS = "ZpSeconds";

    /** Followed by a number from 1: an answer to choose. */
    public static final String CHOICE = "ZpChoice";

    /** Followed by a number from 1: a position beside that of the step. */
    public static final String BESIDE = "ZpBeside";

    public static final String RIGHT = "ZpSayRight";
    public static final String TEMPTING = "ZpSayTempting";
    public static final String WRONG = "ZpSayWrong";

    /** Where a game stops: how many moves of either side were made by then. */
    public static final String STOPS = "ZpStops";

    /** The side the board is seen from, where it is not the one to move: {@code white}. */
    public static final String SEEN = "ZpSeen";

    private static final Pattern PLACE = Pattern.compile("(\\d{1,6})\\s+(\\S+)");

    /** Tags of a kind that are read, as numbers of two digits are. */
    private static final int MOST_NUMBERED = 99;

    private static final List<String> ORIGIN = List.of("Event", "Site", "Date", "White", "Black");

    /** A place where the class is asked for something. */
    public record Stop(Node node, LessonQuestion question) {}

    /** A new step on a tree, which is left alone. */
    public static LessonStep of(StepKind kind, MoveTree tree) {
        return new LessonStep(tree.copy()).with(STEP, "1 " + kind.word());
    }

    /** A new step on a position. */
    public static LessonStep of(StepKind kind, Position position) {
        return of(kind, new MoveTree(position));
    }

    /**
     * A step made of a place in a tree, which is left alone: an exercise from its start is
     * homework, a game from its start a game, and everything else is shown from there on.
     */
    public static LessonStep from(Node place, MoveTree tree) {
        if (place.isRoot() && Exercise.isExercise(tree)) {
            return of(StepKind.HOMEWORK, tree);
        }
        if (place.isRoot() && !players(tree).isEmpty()) {
            return of(StepKind.GAME, tree);
        }
        MoveTree shown = new MoveTree(place.position());
        TreeEditor editor = new TreeEditor(shown);
        editor.replaceRest(shown.root(), place);
        editor.annotate(shown.root(), a -> place.annotation());
        origin(editor, tree);
        List.of("WhiteElo", "BlackElo").forEach(tag -> editor.tag(tag, tree.tag(tag)));
        return of(StepKind.SHOW, shown);
    }

    /** Writes down which game a step is from. */
    public static void origin(TreeEditor editor, MoveTree game) {
        ORIGIN.forEach(tag -> editor.tag(tag, game.tag(tag)));
    }

    /** Who played whom; empty where that is not known. */
    public static String players(MoveTree game) {
        String white = game.tag("White");
        return white.isEmpty() || white.equals("?") ? "" : white + " – " + game.tag("Black");
    }

    /** What it does; a step of a kind that is not known shows what it has. */
    public StepKind kind() {
        var place = PLACE.matcher(tree.tag(STEP));
        return place.matches() ? StepKind.of(place.group(2)).orElse(StepKind.SHOW) : StepKind.SHOW;
    }

    /** The place its file gives it, from 1; 0 where there is none. */
    int place() {
        var place = PLACE.matcher(tree.tag(STEP));
        return place.matches() ? Integer.parseInt(place.group(1)) : 0;
    }

    /** Its tag at another place; a kind that is not known is kept. */
    String at(int number) {
        var place = PLACE.matcher(tree.tag(STEP));
        return number + " " + (place.matches() ? place.group(2) : StepKind.SHOW.word());
    }

    /** The same as another kind. */
    public LessonStep as(StepKind kind) {
        return with(STEP, Math.max(1, place()) + " " + kind.word());
    }

    /** The same with another value of a tag; an empty one removes it. */
    public LessonStep with(String tag, String value) {
        MoveTree copy = tree.copy();
        new TreeEditor(copy).tag(tag, value.strip());
        return new LessonStep(copy);
    }

    /** The same with other values of tags that are numbered from 1. */
    public LessonStep numbered(String tag, List<String> values) {
        MoveTree copy = tree.copy();
        TreeEditor editor = new TreeEditor(copy);
        for (int i = 1; i <= MOST_NUMBERED; i++) {
            boolean there = i <= values.size();
            if (there || !copy.tag(tag + i).isEmpty()) {
                editor.tag(tag + i, there ? values.get(i - 1).strip() : "");
            }
        }
        return new LessonStep(copy);
    }

    /** Its tree by itself, no longer a step of a lesson. */
    public MoveTree free() {
        MoveTree copy = tree.copy();
        TreeEditor editor = new TreeEditor(copy);
        editor.tag(LESSON, "");
        editor.tag(STEP, "");
        return copy;
    }

    /** Its name; that of the game or exercise where it has none of its own; may be empty. */
    public String title() {
        return tree.tag(TITLE).isEmpty() ? players(tree) : tree.tag(TITLE);
    }

    /** What is said at its beginning. */
    public String words() {
        return tree.root().annotation().after();
    }

    /** What the coach alone reads. */
    public String note() {
        return tree.tag(NOTE);
    }

    /** The themes it is about. */
    public List<String> themes() {
        return Exercise.of(tree).themes();
    }

    /** The positions beside its own. */
    public List<Beside> beside() {
        return read(BESIDE, Beside::read);
    }

    private <T> List<T> read(String tag, Function<String, Optional<T>> reader) {
        List<T> all = new ArrayList<>();
        for (int i = 1; i <= MOST_NUMBERED && !tree.tag(tag + i).isEmpty(); i++) {
            reader.apply(tree.tag(tag + i)).ifPresent(all::add);
        }
        return all;
    }

    /** What it asks, in the order of the moves; a homework and a picture ask nothing. */
    public List<Stop> stops() {
        return switch (kind()) {
            case ASK -> List.of(new Stop(tree.root(), question()));
            case GAME -> places().stream().map(n -> new Stop(n, nextMove(n))).toList();
            default -> List.of();
        };
    }

    /** The nodes at which a game stops. */
    private List<Node> places() {
        List<Node> line = new ArrayList<>(List.of(tree.root()));
        line.addAll(tree.mainLine());
        return Arrays.stream(tree.tag(STOPS).split("[\\s,]+"))
                .filter(p -> p.matches("\\d{1,4}"))
                .map(Integer::parseInt)
                .distinct()
                .sorted()
                .filter(p -> p < line.size() && !line.get(p).children().isEmpty())
                .map(line::get)
                .toList();
    }

    private LessonQuestion nextMove(Node node) {
        return new LessonQuestion(
                Asked.MOVE,
                node.position(),
                CoachWords.of("lesson.to-move-what-would-you", node.position().sideToMove().word()),
                seconds(),
                MoveAnswers.of(node),
                "",
                says());
    }

    /** What a step that asks is asking. */
    public LessonQuestion question() {
        Asked asked = Asked.of(tree.tag(ASKED)).orElse(Asked.MOVE);
        String own = tree.tag(Exercise.PROMPT);
        return new LessonQuestion(
                asked,
                tree.start(),
                own.isEmpty() ? prompt(asked) : own,
                seconds(),
                switch (asked) {
                    case MOVE, CHOOSE -> MoveAnswers.of(tree.root());
                    case PLAN -> read(CHOICE, AnswerChoice::read);
                    default -> List.of();
                },
                answer(asked),
                says());
    }

    private String answer(Asked asked) {
        String own = tree.tag(ANSWER);
        return asked == Asked.VERDICT && own.isEmpty()
                ? MoveTree.verdictBelow(tree.root()).map(Verdict::symbol).orElse("")
                : own;
    }

    private String prompt(Asked asked) {
        String who = CoachWords.of("lesson.to-move-2", tree.start().sideToMove().word());
        return switch (asked) {
            case MOVE -> CoachWords.of("lesson.what-would-you-play", who);
            case CHOOSE -> CoachWords.of("lesson.which-of-these-moves", who);
            case PLAN -> CoachWords.of("lesson.which-plan-2", who);
            case VERDICT -> CoachWords.of("lesson.what-is-your-verdict", who);
            case SQUARES -> CoachWords.of("lesson.which-squares");
            case NUMBER -> CoachWords.of("lesson.how-many-2");
            case TRUE -> CoachWords.of("lesson.true-or-false-2");
        };
    }

    private LessonQuestion.Says says() {
        return new LessonQuestion.Says(tree.tag(RIGHT), tree.tag(TEMPTING), tree.tag(WRONG));
    }

    /** The side the board is seen from. */
    public Side seenFrom() {
        return switch (tree.tag(SEEN)) {
            case "white" -> Side.WHITE;
            case "black" -> Side.BLACK;
            default -> tree.start().sideToMove();
        };
    }

    /** Seconds to think, 0 for any. */
    public int seconds() {
        String text = tree.tag(SECONDS);
        return text.matches("\\d{1,5}") ? Integer.parseInt(text) : 0;
    }
}

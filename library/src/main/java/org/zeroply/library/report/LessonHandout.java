package org.zeroply.library.report;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.lesson.AnswerChoice;
import org.zeroply.coach.lesson.Beside;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonQuestion;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.RevealedLines;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.texts.LibraryWords;

/**
 * A lesson on paper: diagrams, questions and room to write; the solutions on pages of their own.
 */
public final class LessonHandout {

    private static final String WRITE = "______________________________________________";

    private final Lesson lesson;

    public LessonHandout(Lesson lesson) {
        this.lesson = lesson;
    }

    /**
     * Writes it, by the ending of the file: {@code .pgn} for the lesson itself, {@code .html} for a
     * page that plays, else a PDF with questions and beside it one with solutions.
     *
     * @return the files that were written
     * @throws IOException if one cannot be written; an older file of its name is then unchanged
     */
    public List<Path> write(Path file) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".pgn")) {
            WholeFile.writeText(file, lesson.pgn());
            return List.of(file);
        }
        if (name.endsWith(".html") || name.endsWith(".htm")) {
            WholeFile.writeText(file, LessonWebPage.write(lesson));
            return List.of(file);
        }
        Path apart = ReportWriter.beside(file, "solutions");
        ReportWriter.write(questions(), file);
        ReportWriter.write(solutions(), apart);
        return List.of(file, apart);
    }

    /** What a student takes home; nothing that is asked is answered. */
    public Report questions() {
        List<Report.Block> blocks = new ArrayList<>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            LessonStep step = lesson.steps().get(i);
            List<Report.Text> words = new ArrayList<>();
            add(words, step.words(), Report.Tone.PLAIN);
            switch (step.kind()) {
                case SHOW -> lines(words, RevealedLines.all(step.tree().root()));
                case ASK -> ask(words, step.question());
                case GAME -> game(words, step);
                case HOMEWORK -> {
                    add(words, Exercise.of(step.tree()).prompt(), Report.Tone.PLAIN);
                    room(words, 4);
                }
                case COMPARE, WHAT_IF -> lines(words, RevealedLines.all(step.tree().root()));
            }
            blocks.add(card(step, i, words));
            if (step.kind() == StepKind.COMPARE || step.kind() == StepKind.WHAT_IF) {
                beside(blocks, step);
            }
        }
        return new Report(
                lesson.title(),
                LibraryWords.of("report.name-date"),
                blocks,
                LibraryWords.of("report.write-your-answers-down-before"));
    }

    /** The answers to all questions, with their lines. */
    public Report solutions() {
        List<Report.Block> blocks = new ArrayList<>();
        for (int i = 0; i < lesson.steps().size(); i++) {
            LessonStep step = lesson.steps().get(i);
            boolean asks = !step.stops().isEmpty() || step.kind() == StepKind.HOMEWORK;
            if (!asks) {
                continue;
            }
            List<Report.Text> words = new ArrayList<>();
            for (LessonStep.Stop stop : step.stops()) {
                add(words, stop.question().asking(), Report.Tone.FADED);
                add(words, solution(stop.question()), Report.Tone.COACH);
                said(words, stop.question());
            }
            if (step.kind() == StepKind.HOMEWORK) {
                words.addAll(SchemeLines.of(step.tree()));
                remarks(words, step.tree());
            } else if (step.kind() != StepKind.GAME) {
                boolean told = step.kind() == StepKind.ASK && step.question().isOfMoves();
                lines(words, RevealedLines.all(step.tree().root()), told);
            }
            blocks.add(card(step, i, words));
        }
        boolean pointed = lesson.steps().stream().anyMatch(s -> s.kind() == StepKind.HOMEWORK);
        return new Report(
                LibraryWords.of("report.solutions", lesson.title()),
                "",
                blocks,
                LibraryWords.of(
                        "report.the-answers-to-all-questions",
                        pointed ? " " + SchemeLines.LEGEND : ""));
    }

    /** What is right; moves with their number. */
    private static String solution(LessonQuestion question) {
        String number = question.isOfMoves() ? Line.number(question.position(), true) : "";
        return number + question.solution();
    }

    /**
     * What is said to the answers, right ones first; the only one, just told, is not named again.
     */
    private static void said(List<Report.Text> words, LessonQuestion question) {
        List<AnswerChoice> choices = new ArrayList<>(question.choices());
        choices.sort(Comparator.comparing(c -> !c.isRight()));
        long right = choices.stream().filter(AnswerChoice::isRight).count();
        for (AnswerChoice choice : choices) {
            if (!choice.words().isBlank()) {
                boolean named = choice.isRight() && right == 1;
                String answer = choice.text() + " (" + choice.judged() + "): ";
                add(words, (named ? "" : answer) + choice.words(), Report.Tone.PLAIN);
            }
        }
    }

    private static Report.Card card(LessonStep step, int place, List<Report.Text> words) {
        String title = step.title().isEmpty() ? step.kind().words() : step.title();
        return new Report.Card(
                diagram(step, step.tree().root()), (place + 1) + ".  " + title, words);
    }

    private static Diagram diagram(LessonStep step, Node node) {
        return diagram(node.position(), step.seenFrom());
    }

    private static Diagram diagram(Position position, Side side) {
        return new Diagram(position, side == Side.BLACK, Optional.empty());
    }

    private static void add(List<Report.Text> words, String text, Report.Tone tone) {
        if (!text.isBlank()) {
            words.add(new Report.Text(text, tone));
        }
    }

    private static void room(List<Report.Text> words, int rows) {
        for (int i = 0; i < rows; i++) {
            words.add(new Report.Text(WRITE, Report.Tone.FADED));
        }
    }

    private static void lines(List<Report.Text> words, RevealedLines lines) {
        lines(words, lines, false);
    }

    /**
     * @param told whether the first moves and what is said to them were told before
     */
    private static void lines(List<Report.Text> words, RevealedLines lines, boolean told) {
        lines.solution().stream()
                .filter(l -> !told || l.contains(" "))
                .forEach(l -> add(words, l, Report.Tone.MOVES));
        for (int i = 1; i < lines.size(); i++) {
            Node node = lines.shown(i);
            String said = told && node.depth() == 1 ? "" : node.annotation().after();
            if (!said.isBlank()) {
                add(words, Line.move(node) + ": " + said, Report.Tone.PLAIN);
            }
        }
    }

    /** What is said to moves of an exercise; what is said to several moves says nothing of one. */
    private static void remarks(List<Report.Text> words, MoveTree exercise) {
        List<Node> nodes = exercise.nodes();
        Map<String, Long> times =
                nodes.stream()
                        .collect(
                                Collectors.groupingBy(
                                        n -> n.annotation().after(), Collectors.counting()));
        for (Node node : nodes) {
            String said = node.annotation().after();
            if (!node.isRoot() && !said.isBlank() && times.get(said) == 1) {
                add(words, Line.move(node) + ": " + said, Report.Tone.PLAIN);
            }
        }
    }

    private static void ask(List<Report.Text> words, LessonQuestion question) {
        add(words, question.asking(), Report.Tone.COACH);
        boolean named =
                switch (question.asked()) {
                    case CHOOSE, PLAN -> true;
                    default -> false;
                };
        for (int i = 0; named && i < question.choices().size(); i++) {
            String choice = (i + 1) + "   " + question.choices().get(i).text();
            add(words, choice, Report.Tone.PLAIN);
        }
        if (question.seconds() > 0) {
            add(
                    words,
                    LibraryWords.of("report.time-to-think-seconds", question.seconds()),
                    Report.Tone.FADED);
        }
        room(words, 2);
    }

    /** A game as far as it goes before its first stop, and from stop to stop. */
    private static void game(List<Report.Text> words, LessonStep step) {
        List<Node> line = step.tree().mainLine();
        int from = 0;
        for (LessonStep.Stop stop : step.stops()) {
            int to = stop.node().depth();
            moves(words, line, from, to);
            add(words, stop.question().asking(), Report.Tone.COACH);
            room(words, 1);
            from = to;
        }
        moves(words, line, from, line.size());
    }

    private static void moves(List<Report.Text> words, List<Node> line, int from, int to) {
        if (from < to) {
            add(
                    words,
                    Line.numbered(
                            line.get(from).parent().orElseThrow().position(),
                            line.subList(from, to).stream().map(Node::move).toList()),
                    Report.Tone.MOVES);
        }
    }

    private static void beside(List<Report.Block> blocks, LessonStep step) {
        Side side = step.seenFrom();
        for (Beside beside : step.beside()) {
            List<Report.Text> words = new ArrayList<>();
            beside.cells()
                    .forEach(c -> add(words, c.move() + ": " + c.becomes(), Report.Tone.PLAIN));
            boolean same = beside.position().equals(step.tree().start());
            if (!same) {
                blocks.add(
                        new Report.Card(diagram(beside.position(), side), beside.words(), words));
            } else if (!words.isEmpty()) {
                add(words, beside.words(), Report.Tone.FADED);
                words.forEach(blocks::add);
            }
        }
    }
}

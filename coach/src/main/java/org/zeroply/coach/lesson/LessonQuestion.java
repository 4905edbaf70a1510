package org.zeroply.coach.lesson;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.exercise.scheme.VerdictScale;
import org.zeroply.coach.texts.CoachWords;

/**
 * A question of a lesson.
 *
 * @param position what it is about
 * @param prompt what is asked
 * @param seconds time to think; 0 for any
 * @param choices the answers it knows: moves, or plans in words; empty for other questions
 * @param answer what is right where there are no choices: a verdict's symbol, squares, a number, or
 *     {@code true}
 * @param says what is said to answers that have no words of their own
 */
public record LessonQuestion(
        Asked asked,
        Position position,
        String prompt,
        int seconds,
        List<AnswerChoice> choices,
        String answer,
        Says says) {

    private static final Pattern NUMBER = Pattern.compile("^\\d+\\s*\\.+\\s*");

    public LessonQuestion {
        choices = List.copyOf(choices);
    }

    /**
     * What is said to an answer by what it is; empty for the usual words.
     *
     * @param wrong said to all others
     */
    public record Says(String right, String tempting, String wrong) {

        /** The usual words. */
        public static final Says NOTHING = new Says("", "", "");
    }

    /** What is asked, as a class reads it: with whose move it is, where that is left open. */
    public String asking() {
        String who = position.sideToMove().word();
        boolean bySide =
                switch (asked) {
                    case MOVE, CHOOSE, PLAN, VERDICT -> true;
                    case SQUARES, NUMBER, TRUE -> false;
                };
        return bySide && !prompt.contains(who)
                ? CoachWords.of("lesson.to-move", who, prompt)
                : prompt;
    }

    /** Whether it is answered by a move. */
    public boolean isOfMoves() {
        return asked == Asked.MOVE || asked == Asked.CHOOSE;
    }

    /** Whether it has a right answer. */
    public boolean isComplete() {
        return switch (asked) {
            case MOVE, CHOOSE, PLAN -> choices.stream().anyMatch(AnswerChoice::isRight);
            case VERDICT -> Verdict.ofSymbol(answer).isPresent();
            case SQUARES -> squares(answer).filter(s -> !s.isEmpty()).isPresent();
            case NUMBER -> answer.matches("\\d{1,4}");
            case TRUE -> truth(answer).isPresent();
        };
    }

    /** What is right, as it is told once it is revealed. */
    public String solution() {
        return switch (asked) {
            case MOVE, CHOOSE, PLAN ->
                    choices.stream()
                            .filter(AnswerChoice::isRight)
                            .map(AnswerChoice::text)
                            .collect(Collectors.joining(CoachWords.of("lesson.or")));
            case VERDICT -> Verdict.ofSymbol(answer).map(LessonQuestion::words).orElse("");
            case SQUARES -> squares(answer).map(LessonQuestion::names).orElse("");
            case NUMBER -> answer;
            case TRUE -> truth(answer).map(t -> t ? "true" : "false").orElse("");
        };
    }

    private static String words(Verdict verdict) {
        return verdict.symbol() + " " + verdict.words();
    }

    /**
     * What is said to an answer.
     *
     * @param given the answer as it is typed: a move, the number of a choice or its words, a
     *     verdict, squares, a number, true or false
     * @throws IllegalArgumentException if it is none, saying what is expected
     */
    public Reply reply(String given) {
        String text = given.strip();
        if (text.isEmpty()) {
            throw new IllegalArgumentException(CoachWords.of("lesson.there-is-no-answer-yet"));
        }
        return switch (asked) {
            case MOVE, CHOOSE -> move(text);
            case PLAN -> plan(text);
            case VERDICT -> verdict(text);
            case SQUARES -> pressed(text);
            case NUMBER -> number(text);
            case TRUE -> isTrue(text);
        };
    }

    private Reply move(String text) {
        Optional<AnswerChoice> numbered = numbered(text).filter(c -> asked == Asked.CHOOSE);
        if (numbered.isPresent()) {
            return reply(numbered.get());
        }
        try {
            String san =
                    San.write(position, San.read(position, NUMBER.matcher(text).replaceFirst("")));
            return choices.stream()
                    .filter(c -> c.text().equals(san))
                    .findFirst()
                    .map(this::reply)
                    .orElseGet(() -> reply(AnswerOutcome.WRONG, san));
        } catch (NotationException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    private Reply plan(String text) {
        AnswerChoice chosen =
                numbered(text)
                        .or(
                                () ->
                                        choices.stream()
                                                .filter(c -> c.text().equalsIgnoreCase(text))
                                                .findFirst())
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                CoachWords.of(
                                                        "lesson.answer-with-a-number-from",
                                                        choices.size())));
        return reply(chosen);
    }

    private Optional<AnswerChoice> numbered(String text) {
        boolean number = text.matches("[1-9]\\d?") && Integer.parseInt(text) <= choices.size();
        return number ? Optional.of(choices.get(Integer.parseInt(text) - 1)) : Optional.empty();
    }

    private Reply verdict(String text) {
        Verdict said =
                Verdict.ofSymbol(text)
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                CoachWords.of(
                                                        "lesson.answer-with-a-verdict-unclear")));
        Optional<Verdict> right = Verdict.ofSymbol(answer);
        Optional<Integer> steps = right.flatMap(r -> VerdictScale.steps(r, said));
        AnswerOutcome outcome =
                right.filter(said::equals).isPresent()
                        ? AnswerOutcome.RIGHT
                        : steps.filter(s -> s == 1).isPresent()
                                ? AnswerOutcome.NEARLY
                                : AnswerOutcome.WRONG;
        return reply(outcome, said.symbol());
    }

    private Reply pressed(String text) {
        Set<Integer> said =
                squares(text)
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                CoachWords.of(
                                                        "lesson.answer-with-squares-such-as")));
        Set<Integer> right = squares(answer).orElse(Set.of());
        AnswerOutcome outcome = AnswerOutcome.WRONG;
        if (said.equals(right)) {
            outcome = AnswerOutcome.RIGHT;
        } else if (right.containsAll(said) && 2 * said.size() >= right.size()) {
            outcome = AnswerOutcome.NEARLY;
        }
        return reply(outcome, names(said));
    }

    private Reply number(String text) {
        if (!text.matches("\\d{1,9}")) {
            throw new IllegalArgumentException(CoachWords.of("lesson.answer-with-a-number"));
        }
        String said = String.valueOf(Integer.parseInt(text));
        boolean right =
                answer.matches("\\d{1,9}") && Integer.parseInt(answer) == Integer.parseInt(said);
        return reply(right ? AnswerOutcome.RIGHT : AnswerOutcome.WRONG, said);
    }

    private Reply isTrue(String text) {
        boolean said =
                truth(text)
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                CoachWords.of("lesson.answer-with-true-or-false")));
        boolean right = truth(answer).filter(t -> t == said).isPresent();
        return reply(right ? AnswerOutcome.RIGHT : AnswerOutcome.WRONG, said ? "true" : "false");
    }

    private Reply reply(AnswerChoice choice) {
        return choice.words().isBlank()
                ? reply(choice.outcome(), choice.text())
                : new Reply(choice.outcome(), choice.text(), choice.words());
    }

    private Reply reply(AnswerOutcome outcome, String text) {
        String own =
                switch (outcome) {
                    case RIGHT -> says.right();
                    case TEMPTING -> says.tempting();
                    case NEARLY -> isOfMoves() ? "" : says.wrong();
                    case WRONG -> says.wrong();
                };
        String usual =
                switch (outcome) {
                    case RIGHT -> "Right.";
                    case NEARLY ->
                            CoachWords.of(
                                    isOfMoves()
                                            ? "lesson.good-but-there-is-better-2"
                                            : "lesson.nearly-look-once-more");
                    case TEMPTING -> CoachWords.of("lesson.tempting-but-it-does-not");
                    case WRONG -> CoachWords.of("lesson.that-is-not-it");
                };
        return new Reply(outcome, text, own.isBlank() ? usual : own);
    }

    private static Optional<Boolean> truth(String text) {
        return switch (text.strip().toLowerCase(Locale.ROOT)) {
            case "true", "t", "yes", "y" -> Optional.of(true);
            case "false", "f", "no", "n" -> Optional.of(false);
            default -> Optional.empty();
        };
    }

    /** The squares (0-63) that a text names; empty if something in it is none. */
    public static Optional<Set<Integer>> squares(String text) {
        Set<Integer> squares = new TreeSet<>();
        for (String word : text.strip().toLowerCase(Locale.ROOT).split("[\\s,;]+")) {
            int square = word.isEmpty() ? -1 : Square.parse(word);
            if (square < 0) {
                return Optional.empty();
            }
            squares.add(square);
        }
        return Optional.of(squares);
    }

    private static String names(Set<Integer> squares) {
        return squares.stream().map(Square::name).collect(Collectors.joining(" "));
    }
}

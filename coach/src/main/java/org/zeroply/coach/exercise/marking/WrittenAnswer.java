package org.zeroply.coach.exercise.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.texts.CoachWords;

/** What a solver wrote down: one line of moves per row, each perhaps with a verdict at its end. */
public record WrittenAnswer(Position start, List<Row> rows) {

    private static final Pattern NUMBER = Pattern.compile("\\d+\\s*(?:\\.+|…|\\))|\\.+|…");
    private static final Pattern LEADING = Pattern.compile("^(?:\\d+(?:\\.+|…|\\))|\\.+|…)");

    /** What people put before a line: a dash, a dot, a letter with a bracket. */
    private static final Pattern BULLET = Pattern.compile("^(?:[-*•–]|[a-zA-Z]\\))\\s+");

    private static final Pattern ATTACHED =
            Pattern.compile("(.*[a-h1-8QRBNO])(\\+/?-|-/?\\+|\\+=|=\\+|=)");

    public WrittenAnswer {
        rows = List.copyOf(rows);
    }

    /**
     * One row.
     *
     * @param number 1-based row of the text, empty rows and remarks counted
     * @param text the row as written
     * @param moves the moves read, up to the first that could not be
     * @param verdict the verdict at the end
     * @param problem what could not be read, if anything; such a row does not count
     */
    public record Row(
            int number,
            String text,
            List<Move> moves,
            Optional<Verdict> verdict,
            Optional<Problem> problem) {
        public Row {
            moves = List.copyOf(moves);
        }
    }

    /** The word that could not be read, and why. */
    public record Problem(String token, String reason) {}

    /** Reads an answer; rows that cannot be read carry their problem. */
    public static WrittenAnswer parse(Position start, String text) {
        List<Row> rows = new ArrayList<>();
        String[] lines = text.replace("\uFEFF", "").split("\\R", -1);
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i].strip();
            if (!line.isEmpty() && !line.startsWith("#")) {
                rows.add(row(start, i + 1, line));
            }
        }
        return new WrittenAnswer(start, rows);
    }

    /** Reads one row. */
    public static Row row(Position start, int number, String text) {
        List<Move> moves = new ArrayList<>();
        Position p = start;
        List<String> words = words(text);
        for (int i = 0; i < words.size(); i++) {
            String word = words.get(i);
            boolean last = i == words.size() - 1;
            Optional<Verdict> verdict = last ? Verdict.ofSymbol(word) : Optional.empty();
            if (verdict.isPresent()) {
                return new Row(number, text, moves, verdict, Optional.empty());
            }
            try {
                Matcher attached = ATTACHED.matcher(word);
                if (last && attached.matches()) {
                    moves.add(San.read(p, attached.group(1)));
                    return new Row(
                            number,
                            text,
                            moves,
                            Verdict.ofSymbol(attached.group(2)),
                            Optional.empty());
                }
                Move move = San.read(p, word);
                if (move.isNull()) {
                    throw new NotationException(CoachWords.of("exercise.passing-is-not-a-move"));
                }
                moves.add(move);
                p = p.play(move);
            } catch (NotationException e) {
                Problem problem = new Problem(word, e.getMessage());
                return new Row(number, text, moves, Optional.empty(), Optional.of(problem));
            }
        }
        return new Row(number, text, moves, Optional.empty(), Optional.empty());
    }

    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        String plain = BULLET.matcher(text.strip()).replaceFirst("");
        for (String token : plain.split("[\\s,;]+")) {
            String word = token;
            if (word.equals("e.p.") || NUMBER.matcher(word).matches() || word.matches("\\d+")) {
                continue;
            }
            String rest = LEADING.matcher(word).replaceFirst("");
            if (!rest.isEmpty()) {
                words.add(rest);
            }
        }
        return words;
    }
}

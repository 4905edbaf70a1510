package org.zeroply.coach.training.drill;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import org.zeroply.chess.board.Move;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Shares;
import org.zeroply.coach.repertoire.Spot;

/**
 * A drill: lines walked on the board in which their moves come by likelihood, known moves of ours
 * are played for the student, and what is due or new is asked. What was not known is asked again in
 * a later line until it is, without counting twice.
 */
public final class Drill {

    /** Plies beyond which a line is not asked further: our choice. */
    private static final int LONGEST_LINE = 200;

    private final Repertoire repertoire;
    private final Questions questions;
    private final Shares shares;
    private final Memory memory;
    private final long today;
    private final Random random;
    private final Predicate<Question> among;
    private final Map<Spot, List<Spot>> before = new HashMap<>();
    private final Set<String> again = new HashSet<>();

    private Spot start;
    private Spot spot;
    private final List<Move> line = new ArrayList<>();
    private int asking;
    private int tries;
    private boolean helped;
    private int answered;
    private int right;

    /** How an answer went. */
    public enum Outcome {
        RIGHT,
        /** A move of the repertoire, but not the one this student learns. */
        ANOTHER,
        /** Wrong; the idea is to be shown, and the student tries again. */
        WRONG,
        /** Wrong again; idea and answer are to be shown, then {@link #goOn}. */
        SHOWN
    }

    /**
     * @param today day counted from 1 January 1970
     * @param random draws their moves
     * @param among the questions that may be asked
     */
    public Drill(
            Repertoire repertoire,
            Questions questions,
            Shares shares,
            Memory memory,
            long today,
            Random random,
            Predicate<Question> among) {
        this.repertoire = repertoire;
        this.questions = questions;
        this.shares = shares;
        this.memory = memory;
        this.today = today;
        this.random = random;
        this.among = among;
        this.start = repertoire.starts().get(0);
        this.spot = start;
        for (Spot from : repertoire.spots()) {
            for (Move move : questions.next(from)) {
                repertoire
                        .at(from.position().play(move))
                        .ifPresent(
                                to ->
                                        before.computeIfAbsent(to, t -> new ArrayList<>(1))
                                                .add(from));
            }
        }
    }

    // ---- The walk -------------------------------------------------------------------------------

    /**
     * Begins the next line and walks to its first question.
     *
     * @return false when nothing is left to ask today
     */
    public boolean begin() {
        Set<Spot> leading = leading();
        List<Spot> starts = repertoire.starts().stream().filter(leading::contains).toList();
        line.clear();
        if (starts.isEmpty()) {
            return false;
        }
        start = starts.get(random.nextInt(starts.size()));
        arrive(start);
        walk(leading);
        return question().isPresent();
    }

    /** The positions from which something to be asked can be reached. */
    private Set<Spot> leading() {
        Deque<Spot> open = new ArrayDeque<>();
        Set<Spot> leading = new HashSet<>();
        for (Spot at : repertoire.spots()) {
            if (questions.at(at).stream().anyMatch(this::isAsked) && leading.add(at)) {
                open.add(at);
            }
        }
        while (!open.isEmpty()) {
            for (Spot from : before.getOrDefault(open.remove(), List.of())) {
                if (leading.add(from)) {
                    open.add(from);
                }
            }
        }
        return leading;
    }

    private boolean isAsked(Question question) {
        return among.test(question)
                && (again.contains(question.key()) || memory.of(question).isDue(today));
    }

    private void arrive(Spot at) {
        spot = at;
        asking = -1;
        nextQuestion();
    }

    private void nextQuestion() {
        tries = 0;
        helped = false;
        List<Question> here = questions.at(spot);
        do {
            asking++;
        } while (asking < here.size() && !isAsked(here.get(asking)));
    }

    /** Plays moves until there is a question, or the line is over. */
    private void walk(Set<Spot> leading) {
        while (question().isEmpty() && line.size() < LONGEST_LINE) {
            Map<Move, Spot> ways = new LinkedHashMap<>();
            for (Move move : questions.next(spot)) {
                repertoire
                        .at(spot.position().play(move))
                        .filter(leading::contains)
                        .ifPresent(to -> ways.put(move, to));
            }
            if (ways.isEmpty()) {
                return;
            }
            Move move = draw(ways);
            line.add(move);
            arrive(ways.get(move));
        }
    }

    private Move draw(Map<Move, Spot> ways) {
        List<Move> moves = List.copyOf(ways.keySet());
        if (moves.size() == 1) {
            return moves.get(0);
        }
        Map<Move, Double> likely = shares.of(spot.position(), spot.moves().keySet());
        double sum = moves.stream().mapToDouble(m -> likely.getOrDefault(m, 0.0)).sum();
        double at = random.nextDouble() * sum;
        for (Move move : moves) {
            at -= likely.getOrDefault(move, 0.0);
            if (at < 0) {
                return move;
            }
        }
        return moves.get(moves.size() - 1);
    }

    /** Where the line began. */
    public Spot start() {
        return start;
    }

    /** Where the walk has come to. */
    public Spot spot() {
        return spot;
    }

    /** The moves of the line so far. */
    public List<Move> line() {
        return List.copyOf(line);
    }

    /** What is asked now; empty when the line is over. */
    public Optional<Question> question() {
        List<Question> here = questions.at(spot);
        return asking < here.size() ? Optional.of(here.get(asking)) : Optional.empty();
    }

    // ---- Answers --------------------------------------------------------------------------------

    /**
     * Answers with a move.
     *
     * @throws IllegalStateException if no move is asked for
     */
    public Outcome answer(Move move) {
        if (!(question().orElse(null) instanceof Question.WhichMove asked)) {
            throw new IllegalStateException("no move is asked for");
        }
        if (move.equals(asked.move())) {
            return passed();
        }
        return spot.moves().containsKey(move) ? Outcome.ANOTHER : failed();
    }

    /**
     * Answers by choosing one of the texts of a question.
     *
     * @throws IllegalStateException if there is nothing to choose
     */
    public Outcome answer(String text) {
        Question asked =
                question().orElseThrow(() -> new IllegalStateException("nothing is asked"));
        if (asked instanceof Question.WhichMove) {
            throw new IllegalStateException("a move is asked for");
        }
        return text.equals(asked.answer()) ? passed() : failed();
    }

    private Outcome passed() {
        Recall.Grade right = helped ? Recall.Grade.WITH_HELP : Recall.Grade.RIGHT;
        keep(tries == 0 ? right : Recall.Grade.FOUND_LATER);
        goOn();
        return Outcome.RIGHT;
    }

    private Outcome failed() {
        tries++;
        if (tries == 1) {
            return Outcome.WRONG;
        }
        keep(Recall.Grade.SHOWN);
        return Outcome.SHOWN;
    }

    /** The idea is shown before an answer was tried. */
    public void help() {
        helped = true;
    }

    /** Gives up; the answer is to be shown, then {@link #goOn}. */
    public void giveUp() {
        keep(Recall.Grade.SHOWN);
    }

    private void keep(Recall.Grade grade) {
        Question asked = question().orElseThrow();
        Recall now = memory.of(asked);
        boolean counts = !again.contains(asked.key());
        if (counts) {
            memory.keep(asked.key(), now.after(grade, today));
            answered++;
            right += grade == Recall.Grade.RIGHT ? 1 : 0;
        }
        if (grade.isKnown()) {
            again.remove(asked.key());
        } else {
            again.add(asked.key());
        }
    }

    /** Goes on after an answer, to the next question or to the end of the line. */
    public void goOn() {
        Question last = question().orElseThrow();
        nextQuestion();
        if (question().isEmpty()) {
            Set<Spot> leading = leading();
            if (last instanceof Question.WhichMove moved) {
                Optional<Spot> next = repertoire.at(spot.position().play(moved.move()));
                line.add(moved.move());
                next.ifPresent(this::arrive);
            }
            walk(leading);
        }
    }

    /** Questions answered so far; one that came again counts once. */
    public int answered() {
        return answered;
    }

    /** Those known at the first try. */
    public int right() {
        return right;
    }
}

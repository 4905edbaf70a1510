package org.zeroply.coach.review;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.texts.CoachWords;

/**
 * A moment of a game worth stopping at.
 *
 * @param move the move it is about
 * @param kind why one stops
 * @param side whom it teaches something
 * @param proof the lines that show it
 * @param cause what an error turned on, where that can be named
 * @param weight how instructive, in points of a hundred; more is better
 * @param text why, in a sentence or two
 */
public record Moment(
        MoveReview move,
        Kind kind,
        Side side,
        ProvingLines proof,
        Optional<Cause> cause,
        double weight,
        String text) {

    /**
     * What can be played through.
     *
     * @param line the line that proves it, played from {@link Moment#from}
     * @param tempting a move that looks good from the same position, and what happens after it;
     *     empty when there is none
     */
    public record ProvingLines(List<Move> line, List<Move> tempting) {
        public ProvingLines {
            line = List.copyOf(line);
            tempting = List.copyOf(tempting);
        }
    }

    /** A moment for who moved, proved by a line. */
    static Moment of(MoveReview move, Kind kind, List<Move> line, double weight, String text) {
        ProvingLines proof = new ProvingLines(line, List.of());
        return new Moment(move, kind, move.side(), proof, Optional.empty(), weight, text);
    }

    /** The line that proves it, played from {@link #from}. */
    public List<Move> line() {
        return proof.line();
    }

    /** A move that looks good and what happens after it; empty when there is none. */
    public List<Move> tempting() {
        return proof.tempting();
    }

    /** A moment that the coach chose, with the engine's line beside it. */
    public static Moment chosen(MoveReview move) {
        String text =
                move.isChoice()
                        ? CoachWords.of("review.is-the-engines-choice-too", move.san())
                        : String.format(
                                Locale.ROOT,
                                CoachWords.of("review.the-engine-prefers-points-of-a"),
                                move.better(),
                                move.loss().points());
        return of(move, Kind.COACH, move.best().line(), 0, text);
    }

    /** The same with what tempts and fails. */
    Moment tempted(List<Move> by) {
        return new Moment(move, kind, side, new ProvingLines(line(), by), cause, weight, text);
    }

    /** The same with what the error turned on, named at the end of the text. */
    Moment because(Optional<Cause> named) {
        String more = named.map(c -> text + " " + c.sentence()).orElse(text);
        return new Moment(move, kind, side, proof, named, weight, more);
    }

    /** The same with another sentence at the end, where there is one. */
    Moment besides(Optional<String> sentence) {
        String more = sentence.map(s -> text + " " + s).orElse(text);
        return new Moment(move, kind, side, proof, cause, weight, more);
    }

    /** The same, weighing at least so much. */
    Moment weighing(double least) {
        double more = Math.max(weight, least);
        return new Moment(move, kind, side, proof, cause, more, text);
    }

    /** The position from which the line is played: after the move for a threat, else before it. */
    public Position from() {
        return kind == Kind.IGNORED_THREAT ? move.node().position() : move.position();
    }

    /** The heading of its card. */
    public String title() {
        return kind == Kind.TURN && !move.isTurn()
                ? CoachWords.of("review.much-given-away")
                : kind.title();
    }

    /** Why one stops at a moment. */
    public enum Kind {
        TURN(CoachWords.of("review.the-turn")),
        MISSED_CHANCE(CoachWords.of("review.a-chance-not-taken")),
        LAST_HOLD(CoachWords.of("review.the-last-hold")),
        IGNORED_THREAT(CoachWords.of("review.a-threat-not-seen")),
        UNPUNISHED_ERROR(CoachWords.of("review.an-error-returned")),
        WRONG_CAPTURE(CoachWords.of("review.the-wrong-capture")),
        HARD_MOVE_FOUND(CoachWords.of("review.a-hard-move-found")),
        RIGHT_CAPTURE(CoachWords.of("review.the-right-capture")),
        SEVERAL_WAYS(CoachWords.of("review.several-ways")),
        DEPARTURE(CoachWords.of("review.leaving-known-games")),
        STRATEGIC(CoachWords.of("review.a-strategic-decision")),
        /** Chosen by the coach; no review finds it by itself. */
        COACH(CoachWords.of("review.your-own-moment"));

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** The heading of a card. */
        public String title() {
            return title;
        }

        /** Whether the player went wrong; the others are praise or information. */
        public boolean isError() {
            return this != HARD_MOVE_FOUND
                    && this != RIGHT_CAPTURE
                    && this != SEVERAL_WAYS
                    && this != DEPARTURE
                    && this != COACH;
        }

        /** The name in files and for scripts: {@code missed-chance}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /**
         * The kind with this name.
         *
         * @throws IllegalArgumentException if there is none
         */
        public static Kind of(String word) {
            return valueOf(word.toUpperCase(Locale.ROOT).replace('-', '_'));
        }
    }
}

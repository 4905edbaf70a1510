package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * How a game went as a whole, where that explains more than any one moment.
 *
 * @param ply 1-based, of the move from which on it went so, or with which it changed last
 */
public record GameCourse(Kind kind, int ply, String text) {

    /** How a game can go. */
    public enum Kind {
        /** One mistake in the opening, and nothing after it mattered. */
        GIVEN_AWAY,
        WON_ALL_ALONG,
        /** The win went from one side to the other and back. */
        CHANGED_HANDS,
        /** Drawn, though one side was winning. */
        LET_GO,
        LEVEL;

        /** The name for scripts: {@code won-all-along}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** Plies that a result has to last to be worth a sentence; our own choice. */
    private static final int LONG = 30;

    /** Plies of a win that is one and no flicker of a search; our own choice. */
    private static final int SHORT = 3;

    /** Expected scores between which a game is level; our own choice. */
    private static final double LOW = 0.30;

    /** The same from the other side. */
    private static final double HIGH = 0.70;

    /**
     * The course of a game; empty where nothing is to be said, and where not every move of it was
     * reviewed.
     */
    public static Optional<GameCourse> of(GameReview review) {
        List<MoveReview> moves = review.moves();
        if (moves.isEmpty() || moves.get(moves.size() - 1).ply() != moves.size()) {
            return Optional.empty();
        }
        return switch (review.game().result()) {
            case GameResult.WHITE_WINS -> won(moves, Side.WHITE).or(() -> changedHands(moves));
            case GameResult.BLACK_WINS -> won(moves, Side.BLACK).or(() -> changedHands(moves));
            case GameResult.NONE -> Optional.empty();
            default -> changedHands(moves).or(() -> letGo(moves)).or(() -> level(moves));
        };
    }

    /** The winner was winning for long, without a break to the end. */
    private static Optional<GameCourse> won(List<MoveReview> moves, Side winner) {
        int from = moves.size();
        while (from > 0 && isWinning(moves.get(from - 1), winner)) {
            from--;
        }
        if (moves.size() - from < LONG) {
            return Optional.empty();
        }
        MoveReview first = moves.get(from);
        Side loser = winner.other();
        boolean given = first.side() == loser && first.loss().points() >= MoveReview.MISTAKE;
        if (given && first.phase() == Phase.OPENING) {
            String text =
                    String.format(
                            Locale.ROOT,
                            CoachWords.of("review.gave-the-game-away-in"),
                            loser.word(),
                            numbered(first),
                            first.loss().points(),
                            winner.word());
            return Optional.of(new GameCourse(Kind.GIVEN_AWAY, first.ply(), text));
        }
        String text =
                CoachWords.of(
                        "review.was-winning-from-on-and",
                        winner.word(),
                        numbered(first),
                        (moves.size() - from) / 2);
        return Optional.of(new GameCourse(Kind.WON_ALL_ALONG, first.ply(), text));
    }

    /** The win went over to the other side, and back at least once. */
    private static Optional<GameCourse> changedHands(List<MoveReview> moves) {
        List<MoveReview> changes = new ArrayList<>();
        Optional<Side> holder = Optional.empty();
        for (Stretch stretch : stretches(moves)) {
            if (holder.isPresent() && !holder.get().equals(stretch.side())) {
                changes.add(moves.get(stretch.from()));
            }
            holder = Optional.of(stretch.side());
        }
        if (changes.size() < 2) {
            return Optional.empty();
        }
        String where = Squares.join(changes.stream().map(GameCourse::numbered).toList());
        String text =
                CoachWords.of("review.the-win-changed-hands-with", times(changes.size()), where);
        int last = changes.get(changes.size() - 1).ply();
        return Optional.of(new GameCourse(Kind.CHANGED_HANDS, last, text));
    }

    private static String times(int count) {
        return count == 2 ? "twice" : CoachWords.of("review.times", count);
    }

    /** A draw though a side was winning; the last time it was. */
    private static Optional<GameCourse> letGo(List<MoveReview> moves) {
        List<Stretch> stretches = stretches(moves);
        if (stretches.isEmpty()) {
            return Optional.empty();
        }
        Stretch last = stretches.get(stretches.size() - 1);
        if (last.to() >= moves.size()) {
            String text =
                    CoachWords.of(
                            "review.was-winning-from-on-and-still",
                            last.side().word(),
                            numbered(moves.get(last.from())));
            return Optional.of(new GameCourse(Kind.LET_GO, moves.size(), text));
        }
        MoveReview gone = moves.get(last.to());
        String text =
                String.format(
                        Locale.ROOT,
                        CoachWords.of("review.was-winning-from-on-and-let"),
                        last.side().word(),
                        numbered(moves.get(last.from())),
                        numbered(gone),
                        gone.loss().points());
        return Optional.of(new GameCourse(Kind.LET_GO, gone.ply(), text));
    }

    private static boolean isLevel(ExpectedScore expected) {
        return expected.value() >= LOW && expected.value() <= HIGH;
    }

    private static Optional<GameCourse> level(List<MoveReview> moves) {
        boolean level = moves.stream().allMatch(m -> isLevel(m.after()));
        return level && moves.size() >= LONG
                ? Optional.of(
                        new GameCourse(
                                Kind.LEVEL, 1, CoachWords.of("review.level-from-beginning-to-end")))
                : Optional.empty();
    }

    /**
     * Moves after all of which a side was winning.
     *
     * @param from index of the first of them
     * @param to index after the last of them
     */
    private record Stretch(Side side, int from, int to) {}

    private static List<Stretch> stretches(List<MoveReview> moves) {
        List<Stretch> found = new ArrayList<>();
        for (Side side : Side.values()) {
            int from = 0;
            for (int i = 0; i <= moves.size(); i++) {
                if (i == moves.size() || !isWinning(moves.get(i), side)) {
                    if (i - from >= SHORT) {
                        found.add(new Stretch(side, from, i));
                    }
                    from = i + 1;
                }
            }
        }
        found.sort((a, b) -> Integer.compare(a.from(), b.from()));
        return found;
    }

    /** Whether a side was winning after a move. */
    private static boolean isWinning(MoveReview move, Side side) {
        return ResultClass.of(move.after(side)) == ResultClass.WIN;
    }

    private static String numbered(MoveReview move) {
        return Line.number(move.position(), true) + move.san();
    }
}

package org.zeroply.coach.defence.threat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Score;

/**
 * What the side not to move would do if it could move now.
 *
 * @param from the position after the pass: whose threat it is, is to move
 * @param line the moves, the threatened one first
 * @param kind what it brings
 * @param gain centipawns: what is won in material by the line, or for an improvement by how much
 *     the verdict rises; 20000 for mate
 * @param score of the line, for whose threat it is
 */
public record Threat(Position from, List<Move> line, Kind kind, int gain, Score score) {

    /** Centipawns; a verdict that rises by so much without material is another result. */
    private static final int DECISIVE = 1_000;

    /** Stands for mate among the gains. */
    public static final int MATE = 20_000;

    public Threat {
        line = List.copyOf(line);
    }

    /** What a threat brings. */
    public enum Kind {
        MATE,
        MATERIAL,
        IMPROVEMENT;

        /** The name in files and for scripts. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** The threatened move. */
    public Move move() {
        return line.get(0);
    }

    /** Whose threat it is. */
    public Side side() {
        return from.sideToMove();
    }

    /** In how many moves it mates; empty when it does not. */
    public Optional<Integer> mateIn() {
        return score instanceof Score.Mate mate && mate.moves() > 0
                ? Optional.of(mate.moves())
                : Optional.empty();
    }

    /** In words, with the line: {@code threatens mate in 2: 24...Qg2+ 25.Kh4 Qh3#}. */
    public String text() {
        return what() + ": " + Line.numbered(from, line);
    }

    private String what() {
        return switch (kind) {
            case MATE ->
                    CoachWords.of(
                            "defence.threatens-mate",
                            mateIn().map(n -> CoachWords.of("defence.in", n)).orElse(""));
            case MATERIAL ->
                    CoachWords.of(
                            "defence.threatens-which-wins", San.write(from, move()), points(gain));
            case IMPROVEMENT ->
                    CoachWords.of("defence.would-like", San.write(from, move()), improvement());
        };
    }

    private String improvement() {
        if (gain >= DECISIVE) {
            return CoachWords.of(
                    score.ordinal() >= DECISIVE ? "defence.which-wins" : "defence.which-holds");
        }
        return String.format(Locale.ROOT, CoachWords.of("defence.worth-pawns"), gain / 100.0);
    }

    /** Hundredths of a point in words. */
    public static String points(int hundredths) {
        String number =
                hundredths % 100 == 0
                        ? String.valueOf(hundredths / 100)
                        : String.format(Locale.ROOT, "%.1f", hundredths / 100.0);
        return CoachWords.of(hundredths == 100 ? "defence.point" : "defence.points", number);
    }
}

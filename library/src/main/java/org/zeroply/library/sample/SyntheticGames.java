package org.zeroply.library.sample;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.GameResult;

/**
 * Made-up games to measure large libraries with: legal moves, some far more popular than others in
 * each position, so that games share beginnings and transpose as real ones do. How well they are
 * played is nobody's concern.
 */
public final class SyntheticGames {

    private static final int PLAYERS = 2_000;
    private static final int SHORTEST = 40;
    private static final int SPREAD = 80;

    /** Plies in which a position has favourites. */
    private static final int BOOKISH = 16;

    private final Random random;

    /**
     * @param seed the same seed makes the same games
     */
    public SyntheticGames(long seed) {
        random = new Random(seed);
    }

    /**
     * Writes one game as PGN.
     *
     * @throws IOException if it cannot be written
     */
    public void write(int number, Appendable out) throws IOException {
        String result = GameResult.played().get(random.nextInt(3));
        int white = random.nextInt(PLAYERS);
        int black = (white + 1 + random.nextInt(PLAYERS - 1)) % PLAYERS;
        tag(out, "Event", "Made-up Open " + (number / 300 + 1));
        tag(out, "Site", "Nowhere");
        tag(out, "Date", date());
        tag(out, "Round", String.valueOf(1 + number % 9));
        tag(out, "White", name(white));
        tag(out, "Black", name(black));
        tag(out, "Result", result);
        tag(out, "WhiteElo", String.valueOf(rating(white)));
        tag(out, "BlackElo", String.valueOf(rating(black)));
        out.append('\n');
        moves(out);
        out.append(result).append("\n\n");
    }

    private String date() {
        return String.format(
                "%d.%02d.%02d",
                1990 + random.nextInt(36), 1 + random.nextInt(12), 1 + random.nextInt(28));
    }

    private static String name(int player) {
        return "Player " + (char) ('A' + player % 26) + ". " + player;
    }

    private static int rating(int player) {
        return 1400 + (player * 7919) % 1300;
    }

    private static void tag(Appendable out, String name, String value) throws IOException {
        out.append('[').append(name).append(" \"").append(value).append("\"]\n");
    }

    private void moves(Appendable out) throws IOException {
        Position position = Position.START;
        int plies = SHORTEST + random.nextInt(SPREAD);
        int column = 0;
        for (int ply = 0; ply < plies; ply++) {
            List<Move> moves = position.legalMoves();
            if (moves.isEmpty()) {
                break;
            }
            Move move = choose(position, moves, ply);
            String text = (ply % 2 == 0 ? ply / 2 + 1 + ". " : "") + San.write(position, move);
            column += text.length() + 1;
            if (column > 80) {
                out.append('\n');
                column = text.length() + 1;
            }
            out.append(text).append(' ');
            position = position.play(move);
        }
    }

    /** The r-th favourite of a position is chosen r squared times as rarely as the first. */
    private Move choose(Position position, List<Move> moves, int ply) {
        if (ply >= BOOKISH) {
            return moves.get(random.nextInt(moves.size()));
        }
        List<Move> ranked = new ArrayList<>(moves);
        ranked.sort(Comparator.comparingInt((Move m) -> liking(position, m)).reversed());
        double draw = random.nextDouble();
        for (int rank = 1; rank < ranked.size(); rank++) {
            // The squares' reciprocals sum to about 1.645.
            draw -= 1 / (1.645 * rank * rank);
            if (draw < 0) {
                return ranked.get(rank - 1);
            }
        }
        return ranked.get(ranked.size() - 1);
    }

    private static int liking(Position position, Move move) {
        long mixed = (position.key() ^ move.packed()) * 0x9E3779B97F4A7C15L;
        return (int) (mixed >>> 33);
    }
}

package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/**
 * Corresponding squares of the two kings with the pawns as they stand: pairs on which whoever is to
 * move does worse than if the other were (mutual zugzwang), and near the kings those on which one
 * side would be in zugzwang although the other wins with the move as well, by losing one. Squares
 * that belong together bear the same number.
 *
 * @param pairs all pairs
 */
public record CorrespondingSquares(List<Pair> pairs) {

    /** One-sided pairs are told this far from where the kings stand, in king moves. */
    private static final int NEAR = 2;

    public CorrespondingSquares {
        pairs = List.copyOf(pairs);
    }

    /** A mutual zugzwang: where the kings stand, and the number of the squares. */
    public record Pair(int white, int black, int number) {}

    /** The corresponding squares of a solved ending. */
    public static CorrespondingSquares of(PawnEnding ending, Position position) {
        int[] white = new int[64];
        int[] black = new int[64];
        List<Pair> pairs = new ArrayList<>();
        int next = 1;
        for (int w = 0; w < 64; w++) {
            for (int b = 0; b < 64; b++) {
                if (isMutual(ending, position, w, b) || isOneSided(ending, position, w, b)) {
                    int number = white[w] > 0 ? white[w] : black[b] > 0 ? black[b] : next++;
                    if (white[w] > 0 && black[b] > 0 && white[w] != black[b]) {
                        merge(white, black, pairs, black[b], white[w]);
                        number = white[w];
                    }
                    white[w] = number;
                    black[b] = number;
                    pairs.add(new Pair(w, b, number));
                }
            }
        }
        return new CorrespondingSquares(pairs);
    }

    private static void merge(int[] white, int[] black, List<Pair> pairs, int from, int to) {
        Arrays.setAll(white, i -> white[i] == from ? to : white[i]);
        Arrays.setAll(black, i -> black[i] == from ? to : black[i]);
        pairs.replaceAll(p -> p.number() == from ? new Pair(p.white(), p.black(), to) : p);
    }

    private static boolean isMutual(PawnEnding ending, Position position, int white, int black) {
        int whites = ending.value(position, Side.WHITE, white, black);
        int blacks = ending.value(position, Side.BLACK, white, black);
        return whites != KingTable.ILLEGAL
                && blacks != KingTable.ILLEGAL
                && Integer.signum(whites) < -Integer.signum(blacks);
    }

    private static boolean isOneSided(PawnEnding ending, Position position, int white, int black) {
        int whiteKing = Squares.first(position.pieces(Side.WHITE, PieceType.KING));
        int blackKing = Squares.first(position.pieces(Side.BLACK, PieceType.KING));
        if (Squares.distance(white, whiteKing) > NEAR
                || Squares.distance(black, blackKing) > NEAR) {
            return false;
        }
        int whites = ending.value(position, Side.WHITE, white, black);
        int blacks = ending.value(position, Side.BLACK, white, black);
        if (whites == KingTable.ILLEGAL || blacks == KingTable.ILLEGAL) {
            return false;
        }
        boolean whiteWins = whites > 0 && blacks < 0;
        boolean blackWins = whites < 0 && blacks > 0;
        return whiteWins && ending.holdsByStanding(position, Side.BLACK, white, black)
                || blackWins && ending.holdsByStanding(position, Side.WHITE, white, black);
    }
}

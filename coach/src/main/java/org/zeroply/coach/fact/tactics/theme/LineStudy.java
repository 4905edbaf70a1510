package org.zeroply.coach.fact.tactics.theme;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * A line with its positions. Plies are counted from 0; position {@code i} stands before move {@code
 * i}, and even moves are those of who wins.
 */
final class LineStudy {

    /** Hundredths of a point that a line must win, the exchange. */
    static final int GAIN = 200;

    private final List<Position> positions = new ArrayList<>();
    private final Scene[] scenes;
    private final List<Move> line;
    private final Side side;

    LineStudy(Position start, List<Move> line) {
        this.line = List.copyOf(line);
        side = start.sideToMove();
        positions.add(start);
        line.forEach(m -> positions.add(last().play(m)));
        scenes = new Scene[positions.size()];
    }

    /** Who wins. */
    Side side() {
        return side;
    }

    Side enemy() {
        return side.other();
    }

    int size() {
        return line.size();
    }

    List<Move> line() {
        return line;
    }

    Move move(int i) {
        return line.get(i);
    }

    /** Whether the line has a move with this number. */
    boolean has(int i) {
        return i < line.size();
    }

    Position position(int i) {
        return positions.get(i);
    }

    Board board(int i) {
        return scene(i).board();
    }

    Scene scene(int i) {
        if (scenes[i] == null) {
            scenes[i] = new Scene(position(i));
        }
        return scenes[i];
    }

    Position last() {
        return positions.get(positions.size() - 1);
    }

    Scene end() {
        return scene(line.size());
    }

    /** Whether nothing stands on a square before a move. */
    boolean isEmpty(int i, int square) {
        return !Squares.has(scene(i).occupied(), square);
    }

    /** Whether a move mates. */
    boolean mates(int i) {
        return has(i) && position(i + 1).isCheckmate();
    }

    /** Whether a move gives check. */
    boolean checks(int i) {
        return position(i + 1).inCheck();
    }

    /** Whether a move takes and by static exchange wins at least the exchange. */
    boolean wins(int i) {
        return has(i)
                && move(i).isCapture()
                && LegalExchange.of(board(i), move(i).packed()) >= GAIN;
    }

    /** Whether a move brings the line to its goal: it mates or takes for gain. */
    boolean scores(int i) {
        return mates(i) || wins(i);
    }

    /** The man that makes a move, before it. */
    PieceType mover(int i) {
        return scene(i).typeAt(move(i).from());
    }

    /** Whether a reply takes the man that has just moved, which was worth more than it took. */
    boolean isSacrificeTaken(int i) {
        return isTaken(i) && scene(i + 1).valueAt(move(i).to()) > taken(i);
    }

    /** Whether a reply takes the man that has just moved. */
    boolean isTaken(int i) {
        return has(i + 1) && move(i + 1).isCapture() && move(i + 1).to() == move(i).to();
    }

    /** What a move takes, in pawns. */
    private int taken(int i) {
        return move(i).isCapture() && scene(i).position().pieceAt(move(i).to()).isPresent()
                ? scene(i).valueAt(move(i).to())
                : move(i).isCapture() ? 1 : 0;
    }

    /** Whether a move passes over a square or stops there. */
    boolean crosses(int i, int square) {
        return move(i).to() == square
                || mover(i) != PieceType.KNIGHT
                        && Squares.has(Attacks.between(move(i).from(), move(i).to()), square);
    }

    /** The move between the same squares in an earlier position, if there is a legal one. */
    Optional<Move> sameIn(int earlier, Move move) {
        return position(earlier).findMove(move.from(), move.to(), move.promotion());
    }
}

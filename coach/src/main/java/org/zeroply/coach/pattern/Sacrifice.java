package org.zeroply.coach.pattern;

import java.util.Arrays;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * What a move can give up. The other side takes the man at once; by static exchange that wins what
 * is given here at least, which it did not before the move; and on the scale 1-3-3-5-9 the game
 * does not show it coming back. Whether it was sound is not asked.
 */
enum Sacrifice {
    QUEEN("a queen", Men.of(PieceType.QUEEN), 300, 900),
    ROOK("a rook", Men.of(PieceType.ROOK), 300, 500),
    EXCHANGE("the exchange", Men.of(PieceType.ROOK), 100, 299),
    PIECE("a piece", Men.MINORS, 100, 399),
    PAWN("a pawn", Men.of(PieceType.PAWN), 100, 199),
    MATERIAL("material", Men.ANY, 100, 10_000);

    private final String words;
    private final Men men;
    private final int least;
    private final int most;

    /**
     * @param men which man is taken
     * @param least hundredths of a point that are lost in all, our choice, as is the next
     */
    Sacrifice(String words, Men men, int least, int most) {
        this.words = words;
        this.men = men;
        this.least = least;
        this.most = most;
    }

    String words() {
        return words;
    }

    /** What these words name. */
    static Sacrifice of(String words) {
        return Arrays.stream(values()).filter(s -> s.words.equals(words)).findFirst().orElseThrow();
    }

    /** Whether a side's last move made it, and what it cost did not come back within some plies. */
    boolean isMade(Situation situation, Side side, int plies) {
        GameLine line = situation.line();
        int ply = situation.ply();
        if (ply == line.plies() || !Move.isCapture(line.moves()[ply])) {
            return false;
        }
        int taken = Move.to(line.moves()[ply]);
        Board board = situation.board();
        return board.codeAt(taken) != 0
                && men.has(PieceType.of(board.typeAt(taken)))
                && staysLost(situation.balances(), side, ply, plies)
                && isOffered(situation, side, taken);
    }

    /**
     * Whether a side's last move took it: such a man, for so much that the next plies do not lose
     * again, and not in return for what the move before had taken. Where it is not known how the
     * game went on, nothing is.
     */
    boolean isWon(Situation situation, Side side, int plies) {
        int ply = situation.ply();
        int last = situation.lastPacked();
        Balances balances = situation.balances();
        int before = Math.max(balances.of(side, ply - 1), balances.of(side, Math.max(0, ply - 2)));
        if (!Move.isCapture(last)
                || situation.game().isEmpty()
                || balances.of(side, ply) - before < least) {
            return false;
        }
        int won = Integer.MAX_VALUE;
        for (int later = 0; later < plies; later++) {
            won = Math.min(won, balances.of(side, ply + later) - before);
        }
        return won >= least && won <= most && situation.taken().filter(men::has).isPresent();
    }

    private boolean staysLost(Balances balances, Side side, int ply, int plies) {
        int before = balances.of(side, ply - 1);
        int lost = 0;
        for (int later = 2; later <= plies; later += 2) {
            lost = before - balances.of(side, ply + later);
            if (lost < least) {
                return false;
            }
        }
        return lost <= most;
    }

    private boolean isOffered(Situation situation, Side side, int taken) {
        int ply = situation.ply();
        int last = situation.lastPacked();
        Balances balances = situation.balances();
        int won = balances.of(side, ply) - balances.of(side, ply - 1);
        if (LegalExchange.threatTo(situation.board(), taken) - won < least) {
            return false;
        }
        int stood = Move.to(last) == taken ? Move.from(last) : taken;
        Board before = situation.before().orElseThrow().toBoard();
        return LegalExchange.threatTo(before, stood) < least;
    }
}

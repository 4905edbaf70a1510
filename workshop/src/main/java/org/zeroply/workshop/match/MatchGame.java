package org.zeroply.workshop.match;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Score;

/**
 * A game played out between two contestants. It is given as won when both agree on ten pawns for a
 * while, and as drawn when both see nothing for long.
 *
 * @param opening moves it began with
 * @param moves moves played after those
 * @param scores what the side to move thought before each of the moves played
 */
public record MatchGame(List<Move> opening, List<Move> moves, List<Score> scores, Outcome outcome) {

    private static final int WON = 1000;
    private static final int WON_PLIES = 6;
    private static final int LEVEL = 8;
    private static final int LEVEL_PLIES = 16;
    private static final int LEVEL_FROM_PLY = 80;
    private static final int LONGEST = 400;

    public MatchGame {
        opening = List.copyOf(opening);
        moves = List.copyOf(moves);
        scores = List.copyOf(scores);
    }

    /**
     * Plays a game on the calling thread.
     *
     * @throws IllegalStateException if a contestant gives no move
     */
    public static MatchGame play(
            Contestant white, Contestant black, List<Move> opening, Cancellation cancellation) {
        List<Move> played = new ArrayList<>(opening);
        List<Score> scores = new ArrayList<>();
        Board board = Position.START.toBoard();
        opening.forEach(m -> board.make(m.packed()));
        int won = 0;
        int level = 0;
        Outcome outcome = null;
        while (outcome == null) {
            outcome = finished(board);
            if (outcome != null || cancellation.isCancelled()) {
                break;
            }
            boolean whiteToMove = board.sideToMove() == 0;
            Contestant player = whiteToMove ? white : black;
            AnalysisRequest request =
                    new AnalysisRequest(
                            Position.START,
                            played,
                            player.limits(),
                            1,
                            List.of(),
                            player.threads());
            Analysis.Candidate best =
                    player.engine().analyse(request, a -> {}, cancellation).best().orElseThrow();
            int score = best.score().ordinal();
            int fromWhite = whiteToMove ? score : -score;
            won =
                    fromWhite >= WON
                            ? Math.max(1, won + 1)
                            : fromWhite <= -WON ? Math.min(-1, won - 1) : 0;
            level = Math.abs(score) <= LEVEL ? level + 1 : 0;
            scores.add(best.score());
            played.add(best.move());
            board.make(best.move().packed());
            if (Math.abs(won) >= WON_PLIES) {
                outcome = won > 0 ? Outcome.WHITE_WINS : Outcome.BLACK_WINS;
            } else if (level >= LEVEL_PLIES && played.size() > LEVEL_FROM_PLY
                    || played.size() > LONGEST) {
                outcome = Outcome.DRAW;
            }
        }
        List<Move> after = played.subList(opening.size(), played.size());
        return new MatchGame(opening, after, scores, outcome == null ? Outcome.DRAW : outcome);
    }

    /** The game as PGN. */
    String pgn(int round, String white, String black) {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        editor.tag("Event", "Match of engines");
        editor.tag("Round", Integer.toString(round));
        editor.tag("White", white);
        editor.tag("Black", black);
        editor.tag("Result", outcome.result());
        List<Move> all = new ArrayList<>(opening);
        all.addAll(moves);
        editor.addLine(editor.tree().root(), all);
        return PgnWriter.write(editor.tree());
    }

    private static Outcome finished(Board board) {
        return Outcome.atEnd(board)
                .orElseGet(() -> Outcome.isDrawnByRule(board) ? Outcome.DRAW : null);
    }
}

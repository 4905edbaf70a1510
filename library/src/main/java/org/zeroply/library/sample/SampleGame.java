package org.zeroply.library.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.zeroply.chess.board.Conclusion;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.play.LimitedPlayer;
import org.zeroply.coach.play.Strength;
import org.zeroply.engine.analysis.Engine;

/** Plays one sample game: the engine for both sides, as strong as the invented players. */
final class SampleGame {

    private static final int LONGEST = 150;
    private static final int HOPELESS = 750;

    private final LimitedPlayer player;
    private final SamplePlayer white;
    private final SamplePlayer black;
    private final List<Move> moves = new ArrayList<>();
    private final List<Position> positions = new ArrayList<>(List.of(Position.START));
    private int hopelessFor;

    SampleGame(Engine engine, Random random, SamplePlayer white, SamplePlayer black) {
        this.player = new LimitedPlayer(engine, random);
        this.white = white;
        this.black = black;
    }

    MoveTree play(String opening, String event, String date, int round) {
        begin(opening);
        String result = MoveTree.NO_RESULT;
        while (result.equals(MoveTree.NO_RESULT)) {
            result = next();
        }
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        editor.tag("Event", event);
        editor.tag("Site", "Saltmouth");
        editor.tag("Date", date);
        editor.tag("Round", String.valueOf(round));
        editor.tag("White", white.name());
        editor.tag("Black", black.name());
        editor.tag("Result", result);
        editor.tag("WhiteElo", String.valueOf(white.rating()));
        editor.tag("BlackElo", String.valueOf(black.rating()));
        editor.addLine(editor.tree().root(), moves);
        return editor.tree();
    }

    private void begin(String opening) {
        for (String san : opening.split(" ")) {
            try {
                play(San.read(last(), san));
            } catch (NotationException e) {
                throw new IllegalStateException("a sample opening is wrong: " + opening, e);
            }
        }
    }

    private Position last() {
        return positions.get(positions.size() - 1);
    }

    private void play(Move move) {
        moves.add(move);
        positions.add(last().play(move));
    }

    private String next() {
        Side toMove = last().sideToMove();
        Conclusion conclusion = Conclusion.of(positions);
        if (conclusion == Conclusion.CHECKMATE) {
            return won(toMove.other());
        }
        if (conclusion != Conclusion.ONGOING || moves.size() >= LONGEST) {
            return "1/2-1/2";
        }
        Strength strength = (toMove == Side.WHITE ? white : black).strength();
        LimitedPlayer.Look look = player.look(Position.START, moves, strength);
        boolean hopeless = look.score().ordinal() < -HOPELESS;
        hopelessFor = hopeless ? hopelessFor + 1 : hopelessFor;
        if (hopelessFor > 3 && hopeless) {
            return won(toMove.other());
        }
        play(player.choose(look, strength));
        return MoveTree.NO_RESULT;
    }

    private static String won(Side side) {
        return side == Side.WHITE ? GameResult.WHITE_WINS : GameResult.BLACK_WINS;
    }
}

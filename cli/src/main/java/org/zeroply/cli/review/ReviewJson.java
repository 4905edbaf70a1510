package org.zeroply.cli.review;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.fact.material.LineBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.coach.review.OpeningTempi;
import org.zeroply.coach.review.PlayerReview;
import org.zeroply.coach.review.SpentTempo;

/** Reviews as JSON. */
final class ReviewJson {

    private static final List<Integer> OPENING_MOVES = List.of(6, 10, 14);

    private ReviewJson() {}

    /** One game. */
    static ObjectNode of(GameReview review) {
        MoveTree game = review.game();
        ObjectNode node = Output.document().put("white", game.tag("White"));
        node.put("black", game.tag("Black")).put("result", game.result());
        ArrayNode moves = node.putArray("moves");
        for (MoveReview m : review.moves()) {
            ObjectNode move = moves.addObject().put("ply", m.ply()).put("san", m.san());
            move.put("side", m.side().smallWord()).put("loss", round(m.loss().points()));
            move.put("best", m.better()).put("expectedBefore", m.before().value());
            move.put("expectedAfter", m.after().value())
                    .put("rank", m.rank())
                    .put("width", m.best().width());
            move.put("legal", m.legal()).put("forced", m.isForced());
            move.put("depthFound", m.best().depthFound()).put("phase", m.phase().word());
            m.clock().ifPresent(c -> move.put("clock", c));
            m.spent().ifPresent(c -> move.put("spent", c));
            move.put("balance", m.balance()).put("grade", m.grade().map(Nag::show).orElse(""));
            move.set("line", Output.node(Line.san(m.position(), m.best().line())));
        }
        ArrayNode moments = node.putArray("moments");
        review.moments().forEach(m -> moments.add(moment(m)));
        review.course()
                .ifPresent(
                        c ->
                                node.putObject("course")
                                        .put("kind", c.kind().word())
                                        .put("ply", c.ply())
                                        .put("text", c.text()));
        review.departure()
                .ifPresent(
                        d ->
                                node.putObject("departure")
                                        .put("ply", d.ply())
                                        .put("games", d.visits().size())
                                        .put("text", d.text()));
        ArrayNode players = node.putArray("players");
        review.players().forEach(p -> players.add(player(review, p)));
        return node;
    }

    private static ObjectNode moment(Moment m) {
        ObjectNode node = Output.document().put("ply", m.move().ply());
        node.put("kind", m.kind().word()).put("side", m.side().smallWord());
        node.put("played", m.move().san()).put("better", m.move().better());
        node.set("line", Output.node(Line.san(m.from(), m.line())));
        ArrayNode balance = node.putArray("balance");
        LineBalance.along(m.from(), m.line())
                .forEach(s -> balance.add(s.balance().hundredths(MaterialScale.SCHOOL)));
        node.set("tempting", Output.node(Line.san(m.from(), m.tempting())));
        m.cause().ifPresent(c -> node.put("theme", c.theme().word()).put("missed", c.missed()));
        return node.put("weight", round(m.weight())).put("text", m.text());
    }

    private static ObjectNode player(GameReview review, PlayerReview p) {
        ObjectNode node = Output.document().put("side", p.side().smallWord());
        node.put("name", p.name()).put("moves", p.moves());
        ObjectNode loss = node.putObject("meanLoss");
        p.loss().mean().forEach((phase, mean) -> loss.put(phase.word(), round(mean)));
        node.put("firstChoices", p.firstChoices()).put("dubious", p.errors().dubious());
        node.put("mistakes", p.errors().mistakes()).put("blunders", p.errors().blunders());
        p.secondsAMove().ifPresent(s -> node.put("secondsAMove", round(s)));
        node.put("inTimeTrouble", p.errors().inTimeTrouble());
        ArrayNode opening = node.putArray("opening");
        for (int moves : OPENING_MOVES) {
            OpeningTempi own = OpeningTempi.of(review.game().mainLine(), p.side(), moves);
            OpeningTempi other = OpeningTempi.of(review.game().mainLine(), p.side().other(), moves);
            opening.addObject()
                    .put("move", moves)
                    .put("developed", own.developed())
                    .put("castled", own.castled())
                    .put("pawnMoves", own.pawnMoves())
                    .put("movedTwice", own.movedTwice())
                    .put("lead", own.tempi() - other.tempi());
        }
        ArrayNode spent = node.putArray("spent");
        for (SpentTempo t : SpentTempo.of(review.game().mainLine(), p.side(), SpentTempo.MOVES)) {
            spent.addObject().put("move", t.numbered()).put("kind", t.kind().word());
        }
        return node;
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}

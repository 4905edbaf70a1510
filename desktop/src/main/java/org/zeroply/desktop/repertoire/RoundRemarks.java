package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.LongConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.coach.repertoire.Preparation.Stop;
import org.zeroply.coach.repertoire.tournament.RoundPlan;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.library.report.RoundSheet;
import org.zeroply.library.tournament.RoundBrief;

/** What was prepared for a round, as remarks that lead to positions and games. */
final class RoundRemarks {

    /** Games of the opponent that are listed, the newest. */
    private static final int GAMES = 12;

    /** Moves of a line that proves a side step. */
    private static final int PROOF = 8;

    private final RoundBrief brief;
    private final BiConsumer<Side, Position> go;
    private final LongConsumer openGame;

    /**
     * @param go shows a position of the repertoire for a side
     * @param openGame opens a game on the games desk
     */
    RoundRemarks(RoundBrief brief, BiConsumer<Side, Position> go, LongConsumer openGame) {
        this.brief = brief;
        this.go = go;
        this.openGame = openGame;
    }

    /** All of them, what matters most first. */
    List<Remark> all() {
        List<Remark> remarks = new ArrayList<>();
        RoundBrief.Opponent met = brief.opponent();
        Side side = brief.side();
        String games =
                met.games().isEmpty()
                        ? Texts.of("repertoire.no-game-of-theirs-with", side.other().word())
                        : Texts.of(
                                "repertoire.with",
                                Counted.of(met.games().size(), "game"),
                                side.other().word(),
                                met.newest().isEmpty()
                                        ? ""
                                        : Texts.of("repertoire.the-newest", met.newest()));
        remarks.add(
                remark(
                        Texts.of("repertoire.opponent"),
                        met.entrant().words() + ": " + games,
                        standing(met)));
        Optional<RoundPlan> plan = brief.plan();
        plan.ifPresent(
                p -> p.repeat().forEach(s -> remarks.add(stop(Texts.of("repertoire.repeat"), s))));
        plan.flatMap(RoundPlan::step).ifPresent(s -> remarks.add(step(s)));
        plan.ifPresent(
                p -> p.likely().forEach(s -> remarks.add(stop(Texts.of("repertoire.likely"), s))));
        plan.ifPresent(
                p ->
                        p.ends()
                                .forEach(
                                        s ->
                                                remarks.add(
                                                        stop(
                                                                Texts.of("repertoire.new-to-them"),
                                                                s))));
        if (plan.isEmpty()) {
            remarks.add(
                    remark(
                            Texts.of("repertoire.no-repertoire"),
                            Texts.of("repertoire.the-library-has-no-chapter", side.word()),
                            ""));
        }
        brief.openings().forEach(o -> remarks.add(played(o)));
        met.games().stream().limit(GAMES).forEach(g -> remarks.add(game(g)));
        return remarks;
    }

    private Remark game(RoundBrief.GameOf game) {
        String opening = game.opening().isEmpty() ? "" : ", " + game.opening();
        return remark(
                        Texts.of("repertoire.their-game"),
                        game.players() + "  " + GameResult.shown(game.result()) + opening,
                        game.date())
                .with(Texts.of("repertoire.open-the-game"), () -> openGame.accept(game.id()));
    }

    private static String standing(RoundBrief.Opponent met) {
        return met.standing().games() == 0 ? "" : met.standing().words();
    }

    private Remark played(RoundBrief.Played played) {
        return remark(
                Texts.of("repertoire.plays"),
                played.name() + brief.lossIn(played),
                Counted.of(played.games(), "game"));
    }

    static Remark remark(String kind, String text, String detail) {
        return new Remark(kind, text, detail, () -> {});
    }

    private Remark stop(String kind, Stop stop) {
        return new Remark(
                kind,
                stop.recommended().isEmpty()
                        ? (Texts.of("repertoire.no-move-yet", stop.line())).strip()
                        : RepertoireFindings.line(stop.spot(), stop.recommended()),
                Words.percent(stop.probability()) + ", " + Counted.of(stop.games(), "game"),
                () -> go.accept(brief.side(), stop.spot().position()));
    }

    private Remark step(RoundPlan.Step step) {
        Position position = step.step().spot().position();
        List<Move> proof = Line.start(step.proof().line(), PROOF);
        return new Remark(
                Texts.of("repertoire.side-step"),
                RoundSheet.words(step),
                Texts.of("repertoire.the-engine-goes-on", Line.numbered(position, proof)),
                () -> go.accept(brief.side(), position));
    }
}

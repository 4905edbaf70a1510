package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.repertoire.Preparation.SideStep;
import org.zeroply.coach.repertoire.Preparation.Stop;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.RoundPlan;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.tournament.RoundBrief;

/** The words of what was prepared, without a library and a window. */
class RoundRemarksTest {

    private static final Repertoire OURS =
            Repertoire.of(
                    SheetStore.parseAll(
                            "[ZpSide \"white\"]\n\n1. e4 e5 (1... c5 2. Nf3) 2. Nf3 Nc6 *\n"));

    private final List<String> done = new ArrayList<>();

    private static Spot spot(String line) {
        return OURS.spots().stream().filter(s -> s.line().equals(line)).findFirst().orElseThrow();
    }

    private static RoundBrief brief(
            List<RoundBrief.GameOf> games,
            List<RoundBrief.Played> openings,
            Optional<RoundPlan> plan) {
        Pairing pairing =
                Pairing.of(2, 0, new Entrant("Ann Ek", 2105), new Entrant("Bo Lind", 1990));
        return new RoundBrief(
                new Tournament("Cup", List.of(pairing)),
                pairing,
                Side.WHITE,
                new RoundBrief.Opponent(
                        pairing.black(),
                        List.of("Lind, Bo"),
                        games,
                        new Tournament.Standing(games.isEmpty() ? 0 : 1.5, games.size())),
                openings,
                List.of(),
                plan);
    }

    private List<Remark> told(RoundBrief brief) {
        return new RoundRemarks(
                        brief,
                        (side, position) -> done.add(side + " " + position.fen()),
                        game -> done.add("game " + game))
                .all();
    }

    @Test
    void of_an_unknown_opponent_that_is_told_and_that_there_is_no_repertoire() {
        assertThat(told(brief(List.of(), List.of(), Optional.empty())))
                .extracting(Remark::kind, Remark::text, Remark::detail)
                .containsExactly(
                        tuple(
                                "Opponent",
                                "Bo Lind (1990): no game of theirs with Black in the library",
                                ""),
                        tuple(
                                "No repertoire",
                                "The library has no chapter for White; make one with Chapter above.",
                                ""));
    }

    @Test
    void positions_and_games_are_told_in_the_order_in_which_they_matter_and_lead_there()
            throws NotationException {
        Stop sicilian = new Stop(spot("1.e4 c5"), 0.625, 3, "Nf3", true);
        Stop open = new Stop(spot("1.e4 e5 2.Nf3 Nc6"), 0.04, 0, "", false);
        Spot at = spot("1.e4 c5");
        Move c3 = San.read(at.position(), "c3");
        Weighed proof =
                new Weighed(
                        c3,
                        new Score.Centipawns(20),
                        new ExpectedScore(0.55),
                        12,
                        List.of(c3, San.read(at.position().play(c3), "d5")),
                        false);
        RoundPlan plan =
                new RoundPlan(
                        List.of(sicilian, open),
                        List.of(sicilian),
                        List.of(sicilian),
                        Optional.of(
                                new RoundPlan.Step(
                                        new SideStep(at, c3, "c3", "Nf3", 3), 2.4, proof, false)));
        List<Remark> remarks =
                told(
                        brief(
                                List.of(
                                        new RoundBrief.GameOf(
                                                7, "Di – Lind, Bo", "2026.02.01", "1/2-1/2", ""),
                                        new RoundBrief.GameOf(
                                                5, "Ed – Lind, Bo", "", "1-0", "Sicilian")),
                                List.of(new RoundBrief.Played("Sicilian", 1, 0, 1)),
                                Optional.of(plan)));
        assertThat(remarks)
                .extracting(Remark::kind, Remark::text, Remark::detail)
                .containsExactly(
                        tuple(
                                "Opponent",
                                "Bo Lind (1990): 2 games with Black, the newest 2026.02.01",
                                "1½ of 2"),
                        tuple("Repeat", "1.e4 c5 2.Nf3", "63%, 3 games"),
                        tuple(
                                "Side step",
                                "1.e4 c5 2.c3 instead of Nf3, after which they have 3 games; it"
                                        + " loses 2 points of a hundred and is not in the"
                                        + " repertoire yet.",
                                "The engine goes on 2.c3 d5"),
                        tuple("Likely", "1.e4 c5 2.Nf3", "63%, 3 games"),
                        tuple("Likely", "1.e4 e5 2.Nf3 Nc6  no move yet", "4.0%, 0 games"),
                        tuple("New to them", "1.e4 c5 2.Nf3", "63%, 3 games"),
                        tuple("Plays", "Sicilian", "1 game"),
                        tuple("Their game", "Di – Lind, Bo  ½–½", "2026.02.01"),
                        tuple("Their game", "Ed – Lind, Bo  1-0, Sicilian", ""));
        remarks.get(1).go().run();
        remarks.get(8).step().orElseThrow().action().run();
        assertThat(done).containsExactly("WHITE " + at.position().fen(), "game 5");
    }
}

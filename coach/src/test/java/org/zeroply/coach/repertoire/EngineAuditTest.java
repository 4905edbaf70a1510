package org.zeroply.coach.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Score;

/** The bounds of what is held against a repertoire, by an engine that says what it is told to. */
class EngineAuditTest {

    private static final long NODES = 1_000;

    /** White's expected score after a line of moves; a half where nothing is said. */
    private final Map<String, Double> said = new HashMap<>();

    /** The same on ten times the nodes, where it differs. */
    private final Map<String, Double> saidLonger = new HashMap<>();

    private static Position after(String line) throws NotationException {
        Position p = Position.START;
        for (String san : line.split(" ")) {
            p = p.play(San.read(p, san));
        }
        return p;
    }

    private void say(String line, double white) throws NotationException {
        said.put(after(line).fen(), white);
    }

    private double opinion(AnalysisRequest request, Move move) {
        Position p = request.position();
        String key = p.play(move).fen();
        boolean longer = request.limits().nodes() > NODES;
        double white =
                longer && saidLonger.containsKey(key)
                        ? saidLonger.get(key)
                        : said.getOrDefault(key, 0.5);
        return p.sideToMove() == Side.WHITE ? white : 1 - white;
    }

    private EngineAudit.Findings audit(String ours, double most, String... games) {
        return audit(new ScriptedEngine(this::opinion), ours, most, games);
    }

    private static EngineAudit.Findings audit(
            ScriptedEngine engine, String ours, double most, String... games) {
        Repertoire repertoire =
                Repertoire.of(RepertoireTest.trees("[ZpSide \"white\"]\n\n" + ours + " *\n"));
        Shares shares =
                new Shares(
                        GameBook.of(
                                Arrays.stream(games)
                                        .flatMap(g -> RepertoireTest.trees(g).stream())
                                        .toList()));
        return new EngineAudit(repertoire, shares, engine, NODES, most)
                .run(p -> {}, new Cancellation())
                .orElseThrow();
    }

    /** Our second move loses so many points; every reply to it keeps that. */
    private void secondMoveLoses(double points) throws NotationException {
        say("e4 e5 f4", 0.5 - points / 100);
        Position there = after("e4 e5 f4");
        for (Move reply : there.legalMoves()) {
            said.put(there.play(reply).fen(), 0.5 - points / 100);
        }
    }

    @ParameterizedTest(name = "{0} points lost, {1} allowed")
    @CsvSource({"7.0, 7, true", "6.9, 7, false", "12, 15, false", "15, 15, true", "0, 7, false"})
    void a_move_of_ours_may_lose_so_much(double lost, double most, boolean told)
            throws NotationException {
        secondMoveLoses(lost);
        List<EngineAudit.Costly> costly = audit("1. e4 e5 2. f4", most).costly();
        assertThat(costly).hasSize(told ? 1 : 0);
        if (told) {
            assertThat(costly.get(0).move()).isEqualTo("f4");
            assertThat(costly.get(0).loss()).isCloseTo(lost, within(0.01));
            assertThat(costly.get(0).better()).hasSize(1).doesNotContain("f4");
            assertThat(costly.get(0).accepted()).isEmpty();
        }
    }

    @Test
    void what_does_not_last_on_ten_times_the_nodes_is_not_told() throws NotationException {
        secondMoveLoses(12);
        Position there = after("e4 e5 f4");
        saidLonger.put(there.fen(), 0.48);
        for (Move reply : there.legalMoves()) {
            saidLonger.put(there.play(reply).fen(), 0.48);
        }
        assertThat(audit("1. e4 e5 2. f4", 7).costly()).isEmpty();
    }

    @Test
    void what_the_coach_accepts_is_told_with_the_reason_however_little_it_costs()
            throws NotationException {
        secondMoveLoses(2);
        assertThat(audit("1. e4 e5 2. f4 {[%zp.accept We like it.]}", 7).costly())
                .singleElement()
                .satisfies(c -> assertThat(c.accepted()).contains("We like it."));
    }

    @Test
    void the_costliest_stands_first() throws NotationException {
        secondMoveLoses(10);
        say("e4 c5 b4", 0.3);
        Position there = after("e4 c5 b4");
        there.legalMoves().forEach(m -> said.put(there.play(m).fen(), 0.3));
        assertThat(audit("1. e4 e5 (1... c5 2. b4) 2. f4", 7).costly())
                .extracting(EngineAudit.Costly::move)
                .containsExactly("b4", "f4");
    }

    /** Of so many games after 1.e4 so many went 1...d5, which loses so many points. */
    @ParameterizedTest(name = "{1} of {0} games, {2} points")
    @CsvSource({
        "8, 4, 20.1, true",
        "8, 4, 19.9, false",
        "8, 2, 40, false",
        "0, 0, 40, false",
    })
    void a_trap_is_set_for_a_likely_reply_that_loses(int games, int fell, double lost, boolean trap)
            throws NotationException {
        say("e4 d5", 0.5 + lost / 100);
        Position fallen = after("e4 d5");
        fallen.legalMoves().forEach(m -> said.put(fallen.play(m).fen(), 0.5 + lost / 100));
        String[] played = new String[games];
        Arrays.fill(played, "1. e4 e5 *");
        Arrays.fill(played, 0, fell, "1. e4 d5 *");
        List<EngineAudit.Trap> traps = audit("1. e4 e5 2. Nf3", 7, played).traps();
        assertThat(traps).hasSize(trap ? 1 : 0);
        if (trap) {
            EngineAudit.Trap found = traps.get(0);
            assertThat(found.move()).isEqualTo("e4");
            assertThat(found.fall().reply()).isEqualTo("d5");
            assertThat(found.fall().gain()).isCloseTo(lost, within(0.01));
            assertThat(found.cost()).isZero();
            assertThat(found.fall().punishment()).hasSize(1);
            assertThat(found.marked()).isFalse();
            assertThat(found.fall().share()).isBetween(0.3, 0.5);
        }
    }

    @Test
    void a_trap_the_coach_marked_is_told_whoever_played_it() throws NotationException {
        say("e4 d5", 0.8);
        Position fallen = after("e4 d5");
        fallen.legalMoves().forEach(m -> said.put(fallen.play(m).fen(), 0.8));
        assertThat(audit("1. e4 {[%zp.trap]} e5 2. Nf3", 7).traps())
                .singleElement()
                .satisfies(t -> assertThat(t.marked()).isTrue())
                .satisfies(t -> assertThat(t.fall().reply()).isEqualTo("d5"));
    }

    /** 2.Nf3 is the only good move; so many of so many games found it. */
    @ParameterizedTest(name = "{1} of {0} games, found from depth {2}")
    @CsvSource({
        "6, 2, 1, true",
        "6, 3, 1, false",
        "6, 6, 8, true",
        "6, 6, 7, false",
        "4, 0, 1, false",
    })
    void a_move_must_be_known_that_is_alone_and_seldom_or_deeply_found(
            int games, int found, int depth, boolean told) throws NotationException {
        Position there = after("e4 e5");
        Move knight = San.read(there, "Nf3");
        Move other = San.read(there, "d3");
        there.legalMoves().forEach(m -> said.put(there.play(m).fen(), 0.3));
        say("e4 e5 Nf3", 0.5);
        ScriptedEngine engine =
                new ScriptedEngine(
                        this::opinion,
                        position ->
                                depth == 1 || !position.equals(there)
                                        ? List.of()
                                        : List.of(
                                                new Analysis.DepthBest(
                                                        depth - 1, other, new Score.Centipawns(0)),
                                                new Analysis.DepthBest(
                                                        depth, knight, new Score.Centipawns(0))));
        String[] played = new String[games];
        Arrays.fill(played, "1. e4 e5 2. d3 d6 *");
        Arrays.fill(played, 0, found, "1. e4 e5 2. Nf3 d6 *");
        List<EngineAudit.MustKnow> must =
                audit(engine, "1. e4 e5 2. Nf3", 7, played).mustKnow().stream()
                        .filter(m -> m.move().equals("Nf3"))
                        .toList();
        assertThat(must).hasSize(told ? 1 : 0);
        if (told) {
            assertThat(must.get(0).depth()).isEqualTo(depth);
            assertThat(must.get(0).marked()).isFalse();
        }
    }

    @Test
    void nothing_is_told_once_it_is_cancelled() {
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        Repertoire repertoire =
                Repertoire.of(RepertoireTest.trees("[ZpSide \"white\"]\n\n1. e4 *\n"));
        assertThat(
                        new EngineAudit(
                                        repertoire,
                                        new Shares(GameBook.of(List.of())),
                                        new ScriptedEngine(this::opinion),
                                        NODES,
                                        7)
                                .run(p -> {}, cancelled))
                .isEmpty();
    }
}

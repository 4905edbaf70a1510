package org.zeroply.coach.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;

class RepertoireTest {

    private static final String WHITE =
            """
            [Event "Our first moves"]
            [ZpSide "white"]

            1. d4 {[%zp.main] [%zp.idea Take the centre.]} d5 (1... Nf6 2. c4 e6 (2... g6 3. Nc3))
            2. c4 {[%zp.main] [%zp.must]} (2. Bf4 {[%zp.approach quiet]}) e6 (2... c6)
            (2... dxc4 3. e4 {unsure} $13) 3. Nc3 *

            [Event "By another order"]
            [ZpSide "white"]

            1. c4 e6 2. d4 d5 3. Nf3 {[%zp.main]} *
            """;

    static List<MoveTree> trees(String pgn) {
        return PgnReader.readAll(pgn).stream().map(e -> ((PgnEntry.Game) e).tree()).toList();
    }

    private final Repertoire repertoire = Repertoire.of(trees(WHITE));

    private static Shares shares(String... games) {
        return new Shares(
                GameBook.of(List.of(games).stream().flatMap(g -> trees(g).stream()).toList()));
    }

    private Audit audit(String... games) {
        return new Audit(repertoire, shares(games));
    }

    @Test
    void a_transposition_is_one_position_reached_by_several_orders() {
        Position position = trees("1. d4 d5 2. c4 e6 *").get(0).mainLine().get(3).position();
        Spot spot = repertoire.at(position).orElseThrow();
        assertThat(spot.places()).hasSize(2);
        assertThat(repertoire.side()).isEqualTo(Side.WHITE);
        assertThat(audit().contradictions())
                .filteredOn(c -> c.spot().equals(spot))
                .singleElement()
                .satisfies(c -> assertThat(c.moves()).containsExactlyInAnyOrder("Nc3", "Nf3"))
                .satisfies(c -> assertThat(c.lines()).contains("1.c4 e6 2.d4 d5 3.Nf3"));
    }

    @Test
    void a_school_has_its_own_move_where_there_is_one() {
        Spot spot =
                repertoire
                        .at(trees("1. d4 d5 *").get(0).mainLine().get(1).position())
                        .orElseThrow();
        assertThat(spot.recommended(Optional.empty()).orElseThrow().coordinates())
                .isEqualTo("c2c4");
        assertThat(spot.recommended(Optional.of(Approach.QUIET)).orElseThrow().coordinates())
                .isEqualTo("c1f4");
        assertThat(spot.recommended(Optional.of(Approach.SHARP)).orElseThrow().coordinates())
                .isEqualTo("c2c4");
    }

    @Test
    void gaps_come_by_likelihood_and_dead_ends_are_told_with_their_reason() {
        Audit audit = audit("1. d4 f5 *", "1. d4 f5 *", "1. d4 d5 *", "1. d4 d5 2. c4 c5 *");
        assertThat(audit.gaps(Optional.empty()).get(0).reply()).isEqualTo("f5");
        assertThat(audit.gaps(Optional.empty())).extracting(Audit.Gap::reply).contains("c5");
        assertThat(audit.deadEnds())
                .extracting(d -> d.line() + ": " + d.why())
                .contains(
                        "1.d4 d5 2.c4 c6: stops on their move",
                        "1.d4 d5 2.c4 dxc4 3.e4: ends in an unclear position");
    }

    @Test
    void a_reply_that_nobody_plays_is_told_once_there_are_games_enough() {
        String[] games = new String[12];
        Arrays.fill(games, "1. d4 d5 2. c4 e6 *");
        assertThat(audit(games).unreached())
                .extracting(Audit.Unreached::reply)
                .contains("Nf6", "c6", "dxc4")
                .doesNotContain("e6");
        assertThat(audit("1. d4 d5 2. c4 e6 *").unreached()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "1. d4 d5 2. c4 e5 *, THEM, 4, e5, ''",
        "1. d4 d5 2. e4 *, US, 3, e4, c4",
        "1. d4 d5 2. c4 c6 3. Nf3 *, END, 5, Nf3, ''",
        "1. d4 d5 2. c4 *, NOBODY, 0, '', ''",
        "1. d4 d5 2. Bf4 Nf6 *, THEM, 4, Nf6, ''"
    })
    void a_game_is_told_where_it_left(
            String game, GameComparison.LeftBy by, int ply, String played, String recommended) {
        GameComparison comparison =
                GameComparison.of(repertoire, trees(game).get(0), Optional.empty()).orElseThrow();
        assertThat(comparison.leftBy()).isEqualTo(by);
        assertThat(comparison.ply()).isEqualTo(ply);
        assertThat(comparison.played()).isEqualTo(played);
        assertThat(comparison.recommended()).isEqualTo(recommended);
    }

    @Test
    void coverage_never_rises_and_what_is_missing_is_what_left() {
        Shares shares =
                shares("1. d4 f5 *", "1. d4 d5 2. c4 e6 *", "1. d4 d5 2. c4 c6 *", "1. d4 Nf6 *");
        for (Optional<Approach> school :
                List.of(Optional.<Approach>empty(), Optional.of(Approach.QUIET))) {
            Coverage coverage = Coverage.of(repertoire, shares, school);
            double before = 1;
            for (int n = 1; n <= coverage.byMove().size(); n++) {
                int move = n;
                double now = coverage.byMove().get(n - 1);
                double left =
                        coverage.leaks().stream()
                                        .filter(l -> l.move() <= move)
                                        .mapToDouble(Coverage.Leak::probability)
                                        .sum()
                                + coverage.unseen().stream().limit(n).mapToDouble(d -> d).sum();
                assertThat(now).isLessThanOrEqualTo(before + 1e-12);
                assertThat(now + left).isCloseTo(1, within(1e-9));
                before = now;
            }
            assertThat(coverage.byMove().get(0)).isEqualTo(1);
        }
    }

    @Test
    void shares_sum_to_one_and_follow_the_games() {
        Position start = trees("1. d4 *").get(0).mainLine().get(0).position();
        Shares shares = shares("1. d4 d5 *", "1. d4 d5 *", "1. d4 Nf6 *");
        var of = shares.of(start, repertoire.at(start).orElseThrow().moves().keySet());
        assertThat(of.values().stream().mapToDouble(d -> d).sum()).isCloseTo(1, within(1e-12));
        var d5 = start.findMove(51, 35, Optional.empty()).orElseThrow();
        assertThat(of.get(d5)).isEqualTo(of.values().stream().max(Double::compare).orElseThrow());
    }

    @Test
    void merging_is_idempotent_undone_and_does_not_depend_on_the_order() {
        String one = "1. d4 d5 2. c4 e6 3. Nc3 Be7 {solid} *";
        String two = "1. d4 d5 2. c4 dxc4 3. Nf3 {regains it} *";
        String head = "[ZpSide \"white\"]\n\n";
        assertThat(lines(merged(head + one, two, one))).isEqualTo(lines(merged(head + two, one)));
        MoveTree once = merged(head + "*", one, two);
        assertThat(Merge.plan(once, trees(one).get(0)).isEmpty()).isTrue();
        String before = PgnWriter.write(once);
        TreeEditor editor = new TreeEditor(once);
        MoveTree third = trees("1. d4 d5 2. Bf4 {[%zp.main]} (2. c4 e6 3. Nf3) *").get(0);
        Merge plan = Merge.plan(once, third);
        assertThat(plan.added()).containsExactly("1.d4 d5 2.Bf4", "1.d4 d5 2.c4 e6 3.Nf3");
        assertThat(plan.conflicts())
                .extracting(c -> c.line() + ": " + c.ours() + " or " + c.theirs())
                .containsExactly("1.d4 d5: c4 or Bf4", "1.d4 d5 2.c4 e6: Nc3 or Nf3");
        Merge.apply(editor, third);
        Spot fork =
                Repertoire.of(List.of(once))
                        .at(trees("1. d4 d5 *").get(0).mainLine().get(1).position())
                        .orElseThrow();
        assertThat(fork.recommended(Optional.empty()).orElseThrow().coordinates())
                .isEqualTo("c2c4");
        while (editor.canUndo()) {
            editor.undo();
        }
        assertThat(PgnWriter.write(once)).isEqualTo(before);
    }

    private static MoveTree merged(String chapter, String... others) {
        MoveTree tree = trees(chapter).get(0);
        var editor = new TreeEditor(tree);
        for (String other : others) {
            Merge.apply(editor, trees(other).get(0));
        }
        return tree;
    }

    private static Set<String> lines(MoveTree tree) {
        Set<String> lines = new TreeSet<>();
        tree.visit(n -> lines.add(Line.to(n) + " " + n.annotation().after()));
        return lines;
    }

    @Test
    void everything_a_repertoire_says_is_written_and_read_again() {
        String pgn =
                "[ZpSide \"black\"]\n\n1. e4 c5 {[%zp.main] [%zp.approach sharp] [%zp.trap] [%zp.must]"
                        + " [%zp.idea Play ...d5 %5Bonce%5D, 100%25 of the time.] [%zp.card IF e5"
                        + " attacked by white THEN play d6] [%zp.accept It suits us.] my words} *";
        MoveTree tree = trees(pgn).get(0);
        var note = tree.mainLine().get(1).annotation().repertoire();
        assertThat(note.idea()).contains("Play ...d5 [once], 100% of the time.");
        assertThat(note.approach()).contains(Approach.SHARP);
        assertThat(note.cards()).hasSize(1);
        assertThat(note.accepted()).contains("It suits us.");
        assertThat(tree.mainLine().get(1).annotation().after()).isEqualTo("my words");
        String written = PgnWriter.write(tree);
        assertThat(PgnWriter.write(trees(written).get(0))).isEqualTo(written);
        assertThat(trees(written).get(0).mainLine().get(1).annotation().repertoire())
                .isEqualTo(note);
    }

    @Test
    void a_repertoire_is_for_one_side_and_says_which() {
        assertThatThrownBy(() -> Repertoire.of(trees("1. e4 *")))
                .hasMessageContaining("Chapter 1 has no tag ZpSide");
        assertThatThrownBy(
                        () ->
                                Repertoire.of(
                                        trees(
                                                "[ZpSide \"white\"]\n\n1. e4 *\n\n[ZpSide"
                                                        + " \"black\"]\n\n1. e4 *\n")))
                .hasMessageContaining("Chapter 2 is for Black");
    }

    // ---- Preparing ------------------------------------------------------------------------------

    private static String game(String date, String moves) {
        return "[Date \"" + date + "\"]\n\n" + moves + "\n\n";
    }

    @Test
    void recent_games_of_an_opponent_count_more_and_their_experience_has_an_end() {
        List<MoveTree> theirs =
                trees(
                        game("2020.01.01", "1. d4 Nf6 2. c4 g6 *")
                                + game("2020.01.02", "1. d4 Nf6 2. c4 g6 *")
                                + game("2026.01.01", "1. d4 d5 2. c4 e6 3. Nf3 *")
                                + game("2026.02.01", "1. d4 d5 2. c4 e6 3. Nf3 *"));
        Preparation preparation = new Preparation(repertoire, theirs, Optional.empty());
        List<Preparation.Stop> stops = preparation.stops();
        assertThat(stops)
                .isSortedAccordingTo(
                        Comparator.comparingDouble(Preparation.Stop::probability).reversed());
        Preparation.Stop fresh = stop(stops, "1.d4 d5");
        assertThat(fresh.probability()).isGreaterThan(2 * stop(stops, "1.d4 Nf6").probability());
        assertThat(fresh.games()).isEqualTo(2);
        assertThat(stop(stops, "1.d4 d5 2.c4 e6").experienceEnds()).isTrue();
        assertThat(fresh.experienceEnds()).isFalse();
        assertThat(preparation.toRepeat(4))
                .extracting(Preparation.Stop::line)
                .startsWith("1.d4 d5 2.c4 e6");
        assertThat(preparation.sideSteps())
                .extracting(s -> s.move() + " instead of " + s.instead())
                .contains("Bf4 instead of c4");
    }

    private static Preparation.Stop stop(List<Preparation.Stop> stops, String line) {
        return stops.stream().filter(s -> s.line().equals(line)).findFirst().orElseThrow();
    }

    @Test
    void orders_tell_what_they_allow_and_what_they_avoid() {
        Repertoire ours =
                Repertoire.of(
                        trees(
                                "[ZpSide \"white\"]\n\n1. d4 d5 (1... Nf6 2. c4 e6 3. Nc3 d5) 2. c4"
                                        + " e6 3. Nc3 Nf6 4. Bg5 *"));
        Position target =
                trees("1. d4 d5 2. c4 e6 3. Nc3 Nf6 *").get(0).mainLine().get(5).position();
        List<MoveOrders.Order> orders =
                MoveOrders.of(
                        ours,
                        target,
                        shares("1. d4 d5 2. c4 c6 *", "1. d4 Nf6 2. c4 e6 3. Nc3 Bb4 *"),
                        0.05);
        assertThat(orders).hasSize(2);
        assertThat(orders.get(0).allows()).contains("1.d4 d5 2.c4  c6").contains("1.d4  Nf6");
        assertThat(orders.get(0).avoids()).contains("1.d4 Nf6 2.c4 e6 3.Nc3  Bb4");
        assertThat(orders.get(1).avoids()).contains("1.d4 d5 2.c4  c6");
    }

    // ---- Cards ----------------------------------------------------------------------------------

    @Test
    void a_card_is_checked_in_games_from_its_position_on() {
        Repertoire ours =
                Repertoire.of(
                        trees(
                                "[ZpSide \"white\"]\n\n1. e4 {[%zp.card IF black knight on c6 THEN"
                                        + " play Bb5: pin the knight]} e5 2. Nf3 *"));
        List<CardCheck> followed =
                CardCheck.of(ours, trees("1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 *").get(0));
        assertThat(followed)
                .singleElement()
                .satisfies(c -> assertThat(c.followed()).contains(true));
        List<CardCheck> not = CardCheck.of(ours, trees("1. e4 e5 2. Nf3 Nc6 3. Bc4 *").get(0));
        assertThat(not)
                .singleElement()
                .satisfies(c -> assertThat(c.followed()).contains(false))
                .satisfies(c -> assertThat(c.ply()).isEqualTo(5));
        assertThat(CardCheck.of(ours, trees("1. d4 Nc6 2. e4 *").get(0))).isEmpty();
    }

    // ---- With the engine ------------------------------------------------------------------------

    @Test
    void costly_choices_traps_and_moves_to_know_are_found() {
        Repertoire ours =
                Repertoire.of(
                        trees(
                                "[ZpSide \"white\"]\n\n1. e4 e5 2. Qh5 {[%zp.trap]} Nc6 3. Bc4 g6"
                                        + " (3... Nf6 4. Qxf7#) 4. Qf3 Nf6 5. g4"
                                        + " {[%zp.accept We like it.]} *"));
        Shares shares = shares("1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 4. Qxf7# 1-0");
        EngineAudit.Findings findings =
                new EngineAudit(ours, shares, new BuiltInEngine(1), 5_000, 5)
                        .run(p -> {}, new Cancellation())
                        .orElseThrow();
        assertThat(findings.costly())
                .anyMatch(c -> c.move().equals("g4") && c.accepted().isPresent());
        assertThat(findings.traps())
                .anySatisfy(
                        t -> {
                            assertThat(t.move()).isEqualTo("Bc4");
                            assertThat(t.fall().reply()).isEqualTo("Nf6");
                            assertThat(t.fall().punishment()).first().isEqualTo("Qxf7#");
                        });
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        assertThat(
                        new EngineAudit(ours, shares, new BuiltInEngine(1), 5_000, 5)
                                .run(p -> {}, cancelled))
                .isEmpty();
    }

    @Test
    void what_the_coach_marked_has_to_be_known_whatever_the_engine_says() {
        Repertoire ours =
                Repertoire.of(
                        trees(
                                "[ZpSide \"white\"]\n\n1. e4 e5 2. Nf3 {[%zp.must]} Nc6 3. Bc4"
                                        + " {[%zp.must]} Bc5 4. O-O *"));
        Shares shares = shares("1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 1-0");
        EngineAudit.Findings findings =
                new EngineAudit(ours, shares, new BuiltInEngine(1), 2_000, 5)
                        .run(p -> {}, new Cancellation())
                        .orElseThrow();
        assertThat(findings.mustKnow())
                .filteredOn(EngineAudit.MustKnow::marked)
                .extracting(EngineAudit.MustKnow::move)
                .containsExactly("Nf3", "Bc4");
        assertThat(findings.costly()).isEmpty();
    }

    @Test
    void a_command_that_is_not_closed_or_not_known_is_told() {
        Repertoire ours =
                Repertoire.of(
                        trees(
                                "[ZpSide \"white\"]\n\n1. e4 {[%zp.must} e5 2. Nf3 {[%zp.must]}"
                                        + " Nc6 3. Bb5 {[%zp.approach wild] and more} *"));
        assertThat(new Audit(ours, shares("1. e4 e5 1-0")).brokenCommands())
                .extracting(Audit.BrokenCommand::text)
                .containsExactly("[%zp.must", "[%zp.approach wild] and more");
    }
}

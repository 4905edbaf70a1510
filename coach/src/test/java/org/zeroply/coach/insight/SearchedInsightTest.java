package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.engine.analysis.Cancellation;

/** The facts that take a search; every one of them must come with a line that can be played. */
class SearchedInsightTest {

    private static List<Fact> search(String fen) {
        Position position = Position.fromFen(fen + " - 0 1");
        List<Fact> facts = new ArrayList<>();
        SearchedInsight insight = new SearchedInsight(new SharedEngine(1), SearchedInsight.NODES);
        insight.search(position, FactSink.into(facts), (part, doing) -> {}, new Cancellation());
        assertThat(facts).allMatch(f -> SearchedInsight.kinds().contains(f.kind()));
        for (FactKind kind : SearchedInsight.kinds()) {
            assertThat(insight.of(position, kind, new Cancellation()))
                    .as(kind.words())
                    .isEqualTo(facts.stream().filter(f -> f.kind() == kind).toList());
        }
        for (Fact fact : facts) {
            position.play(fact.line());
            if (fact.kind() != FactKind.EXCHANGE_WANTED) {
                assertThat(fact.line()).as("%s", fact.text()).isNotEmpty();
            }
        }
        return facts;
    }

    private static List<Fact> of(List<Fact> facts, FactKind kind, Side side) {
        return facts.stream()
                .filter(f -> f.kind() == kind && f.side().orElseThrow() == side)
                .toList();
    }

    @Test
    void a_fork_that_wins_works_and_one_that_loses_the_piece_fails_with_its_reply() {
        String wins = "r3k3/8/8/3N4/8/8/8/4K3 w -";
        assertThat(of(search(wins), FactKind.MOTIF_MOVE, Side.WHITE))
                .anyMatch(
                        f ->
                                f.text().startsWith("Nc7+")
                                        && f.traits().containsAll(List.of("fork", "works")));
        String fails = "r3k3/8/1b6/3N4/8/8/8/4K3 w -";
        assertThat(of(search(fails), FactKind.MOTIF_MOVE, Side.WHITE))
                .noneMatch(f -> f.text().startsWith("Nc7+") && f.traits().contains("works"));
    }

    @ParameterizedTest(name = "{1}: {2}")
    @CsvSource({
        "5r1k/6pp/7N/8/2Q5/8/8/6K1 w -, Qg8+, smothered mate, deflection",
        "6k1/5pp1/3q4/6N1/8/8/PPP5/1K5R w -, Rh8+, decoy, fork"
    })
    void the_best_move_is_told_with_all_that_its_line_turns_on(
            String fen, String move, String first, String second) {
        assertThat(of(search(fen), FactKind.MOTIF_MOVE, Side.WHITE))
                .filteredOn(f -> f.text().startsWith(move))
                .singleElement()
                .matches(f -> f.traits().containsAll(List.of(first, second, "works")));
    }

    @Test
    void a_pin_on_what_pins_is_a_counter_pin() {
        Position pinned = Position.fromFen("1k6/8/8/4r3/8/4N3/5B2/4K3 w - - 0 1");
        assertThat(
                        NewMotifs.of(pinned)
                                .get(
                                        pinned.legalMoves().stream()
                                                .filter(
                                                        m ->
                                                                m.from() == Square.parse("f2")
                                                                        && m.to()
                                                                                == Square.parse(
                                                                                        "g3"))
                                                .findFirst()
                                                .orElseThrow()))
                .singleElement()
                .matches(f -> f.kind() == FactKind.PIN && f.traits().contains("counter-pin"));
    }

    @ParameterizedTest
    @CsvSource({
        // The fork is met by a bishop that takes, the queen is lost for a pin that looks good.
        "r2qk2r/ppp2ppp/1b6/3N4/8/8/PPP2PPP/R2QK2R w KQkq",
        "r1bqkb1r/pppp1ppp/2n2n2/4p3/2B1P3/5N2/PPPP1PPP/RNBQK2R w KQkq",
        "r3kb1r/1p1b1pp1/pqnp1p1p/8/3NPP2/1B6/PPP1N1PP/R2Q1RK1 b kq",
        "r2q1rk1/pp1b1ppp/2n5/2np4/3N4/B1P1P2P/P4PP1/2RQKB1R b K",
    })
    void what_is_said_to_fail_is_refuted_by_its_line_and_never_the_best_move(String fen) {
        Position position = Position.fromFen(fen + " - 0 1");
        MoveEvaluator judge = new MoveEvaluator(new SharedEngine(8), 400_000, new Cancellation());
        Weighed best = judge.choice(position).orElseThrow().best();
        List<Fact> told = search(fen).stream().filter(f -> f.traits().contains("fails")).toList();
        assertThat(told).hasSizeLessThanOrEqualTo(5);
        for (Fact fails : told) {
            Weighed move = judge.weigh(position, fails.line().get(0));
            assertThat(Loss.of(move, best).exceeds(MoveComparison.WEAKER))
                    .as(fails.text())
                    .isTrue();
            assertThat(move.move()).isNotEqualTo(best.move());
        }
    }

    @Test
    void a_piece_to_be_taken_back_is_a_threat_and_so_is_the_mate_that_hangs_over_a_flight() {
        // White has just taken on d5.
        List<Fact> back = search("rnbqkb1r/ppp1pppp/5n2/3N4/8/8/PPPP1PPP/R1BQKBNR w KQkq");
        assertThat(of(back, FactKind.THREAT, Side.BLACK))
                .singleElement()
                .matches(f -> f.traits().contains("concrete"))
                .matches(f -> f.text().contains("winning a knight"));
        // The pawn takes a knight that alone keeps the queen from mating on h7.
        String held = "r1b2rk1/ppq2ppp/4pn2/4P3/8/3Q4/PPB2PPP/R1B2RK1 b -";
        assertThat(of(search(held), FactKind.THREAT, Side.WHITE))
                .first()
                .matches(f -> f.text().contains("mate as soon as knight f6 goes away: in 1"));
    }

    @Test
    void a_tied_piece_guards_only_what_it_attacks() {
        List<Fact> facts = search("r2q1r1k/1p4p1/p1pPbbnp/4p3/4P2P/P1N2NP1/1P3PB1/1R1QK2R b K");
        for (Fact tied : facts.stream().filter(f -> f.kind() == FactKind.TIED).toList()) {
            Scene scene =
                    new Scene(
                            Position.fromFen(
                                    "r2q1r1k/1p4p1/p1pPbbnp/4p3/4P2P/P1N2NP1/1P3PB1/1R1QK2R b K - 0 1"));
            int piece = tied.squares().get(0);
            int lost = tied.squares().get(1);
            assertThat(tied.text().contains("it guards")).isEqualTo(scene.guards(piece, lost));
        }
    }

    @Test
    void a_trade_that_is_wished_for_has_a_way_to_it() {
        for (Fact wish : search("2b1k2r/p4ppp/1p2p3/3pP3/3P4/3B4/PP3PPP/2R1K3 b -")) {
            if (wish.kind() == FactKind.EXCHANGE_WANTED) {
                assertThat(wish.text()).contains(" pawns better").matches(".*(at once|; by ).*");
            }
        }
    }

    @Test
    void the_other_sides_motifs_are_told_after_a_pass() {
        List<Fact> facts = search("4k3/8/8/8/3n4/8/8/R3K3 w -");
        Fact fork =
                of(facts, FactKind.MOTIF_MOVE, Side.BLACK).stream()
                        .filter(f -> f.text().startsWith("Nc2+"))
                        .findFirst()
                        .orElseThrow();
        assertThat(fork.line().get(0)).isEqualTo(Move.NULL);
        assertThat(fork.traits()).contains("works");
    }

    @Test
    void men_that_hold_each_other_are_tied_and_a_free_rook_is_not() {
        List<Fact> free = search("1r4k1/5ppp/8/8/8/8/5PPP/3R2K1 w -");
        assertThat(of(free, FactKind.TIED, Side.BLACK)).isEmpty();
        List<Fact> tied = search("3r2k1/5pp1/7p/8/8/8/3N1PPP/3R2K1 w -");
        assertThat(of(tied, FactKind.TIED, Side.WHITE))
                .extracting(f -> f.squares().get(0))
                .containsExactlyInAnyOrder(Square.parse("d1"), Square.parse("d2"));
    }

    @Test
    void a_mate_that_is_threatened_is_told_with_its_move() {
        List<Fact> facts = search("6k1/5ppp/8/8/8/8/5PPP/3R2K1 b -");
        Fact threat = of(facts, FactKind.THREAT, Side.WHITE).get(0);
        assertThat(threat.text()).contains("mate in 1").contains("Rd8#");
        List<Fact> quiet = search("4k3/4p3/8/8/8/8/4P3/4K3 w -");
        assertThat(of(quiet, FactKind.THREAT, Side.BLACK))
                .allMatch(f -> !f.traits().contains("concrete"));
    }

    @Test
    void checks_are_searched_for_both_sides() {
        List<Fact> facts = search("6k1/5ppp/8/8/8/8/5PPP/3R2K1 w -");
        assertThat(of(facts, FactKind.CHECKS, Side.WHITE))
                .singleElement()
                .matches(f -> f.traits().contains("mates"));
        assertThat(of(facts, FactKind.CHECKS, Side.BLACK)).isEmpty();
    }

    @Test
    void a_bad_bishop_wants_to_be_traded_and_the_pairs_are_sorted_by_gain() throws Exception {
        Position position =
                Position.fromFen("2b1k2r/p4ppp/1p2p3/3pP3/3P4/3B4/PP3PPP/2R1K3 b - - 0 1");
        List<Exchange> all =
                new ExchangeInquiry(new SharedEngine(1), SearchedInsight.NODES)
                        .exchanges(position, new Cancellation());
        assertThat(all).isSortedAccordingTo((a, b) -> Integer.compare(b.gain(), a.gain()));
        assertThat(all).allMatch(e -> e.gain() >= 0);
        Exchange bishops =
                all.stream()
                        .filter(e -> position.pieceAt(e.own()).isPresent())
                        .filter(
                                e ->
                                        e.own() == Square.parse("c8")
                                                || e.other() == Square.parse("c8"))
                        .findFirst()
                        .orElseThrow();
        assertThat(bishops.own()).isEqualTo(Square.parse("c8"));
        assertThat(San.read(position, "Ba6")).isNotNull();
    }

    @Test
    void two_trades_in_a_row_are_wished_for_where_both_gain_more_than_the_first() {
        List<Fact> wishes =
                of(
                        search("3r1r1k/1p4p1/2p1b2p/p3p1qP/4P3/P1N3P1/1P2QPB1/2R2RK1 w -"),
                        FactKind.EXCHANGE_WANTED,
                        Side.WHITE);
        Fact both =
                wishes.stream()
                        .filter(f -> f.traits().contains("in a row"))
                        .findFirst()
                        .orElseThrow();
        assertThat(both.squares()).hasSize(4).doesNotHaveDuplicates();
        assertThat(wishes)
                .filteredOn(f -> f.squares().subList(0, 2).equals(both.squares().subList(0, 2)))
                .filteredOn(f -> !f.equals(both))
                .allMatch(one -> one.figures().get("gain") + 30 <= both.figures().get("gain"));
    }

    @Test
    void nothing_more_is_told_once_cancelled() {
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        List<Fact> facts = new ArrayList<>();
        new SearchedInsight(new SharedEngine(1), 1_000)
                .search(Position.START, FactSink.into(facts), (p, d) -> {}, cancelled);
        assertThat(facts).isEmpty();
    }
}

package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/** The claims that take a search, one inquiry at a time, on positions checked by hand. */
class SearchedFactsTest {

    private static final long NODES = SearchedInsight.NODES;

    static Stream<FactRows.Row> rows() {
        return FactRows.searched().stream();
    }

    @Tag("slow")
    @ParameterizedTest(name = "{0}")
    @MethodSource("rows")
    void positions_checked_by_hand_are_told_so_in_both_colours(FactRows.Row row) {
        row.check(position -> found(position, row.expectations().get(0).kind()));
    }

    private static List<Fact> found(Position position, FactKind kind) {
        List<Fact> facts = new ArrayList<>();
        inquiry(kind, new SharedEngine(4))
                .answer(position, FactSink.into(facts), new Cancellation());
        facts.forEach(fact -> position.play(fact.line()));
        return facts;
    }

    private static Inquiry inquiry(FactKind kind, Engine engine) {
        return switch (kind) {
            case CLEANEST_WIN, GIVE_BACK -> new WaysInquiry(engine, NODES);
            case PAWN_RACE -> new RaceInquiry(engine, NODES);
            default -> new ThreatInquiry(engine, NODES);
        };
    }

    /** Captures alone win the pawn e5 and the knight e6; more than captures happens there. */
    @ParameterizedTest
    @CsvSource({
        "3q1k2/1p2p1b1/rnp1p1p1/p3Pr1p/P1pP4/2P4Q/3BBPPP/1R2R1K1 w - - 1 23, 1",
        "2r1k1nr/1p1q3p/pQn1Np2/2Pp4/8/2N5/PPP2PPP/R4RK1 b k - 0 15, 1",
        "4k3/8/8/3n4/8/8/8/3RK3 w - - 0 1, 0",
    })
    void a_man_that_cannot_be_taken_after_all_is_withdrawn(String fen, int withdrawn) {
        Position position = Position.fromFen(fen);
        List<Fact> facts = new ArrayList<>(Insight.of(position));
        long glance = hanging(facts);
        new HeldInquiry(new SharedEngine(4), NODES)
                .answer(position, FactSink.into(facts), new Cancellation());
        assertThat(glance - hanging(facts)).isEqualTo(withdrawn);
    }

    private static long hanging(List<Fact> facts) {
        return facts.stream()
                .filter(f -> f.kind() == FactKind.HANGING && f.figures().get("loss") > 0)
                .count();
    }

    @Test
    void of_wins_told_apart_the_reasons_for_the_cleanest_are_named() {
        Position position = Position.fromFen("4k3/8/8/8/1r6/8/5PPP/2QR2K1 w - - 0 1");
        assertThat(found(position, FactKind.CLEANEST_WIN))
                .singleElement()
                .matches(f -> f.text().startsWith("cleanest win Qc6+ (mate in 4"));
    }
}

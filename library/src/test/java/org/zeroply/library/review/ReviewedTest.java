package org.zeroply.library.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.StoreTest;

/** A review is of one engine from end to end, and what an earlier one made stays to be read. */
class ReviewedTest extends StoreTest {

    private static final long NODES = 300;
    private static final String GAME = "1. e4 e5 2. Qh5 Ke7 3. Qxe5# 1-0\n";

    private final Engine engine = new BuiltInEngine(4);
    private final List<String> asked = new ArrayList<>();
    private final List<Double> told = new ArrayList<>();
    private long id;

    /** The engine under another name. */
    private Engine called(String name) {
        return new Engine() {
            @Override
            public String name() {
                return name;
            }

            @Override
            public Analysis analyse(
                    AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
                asked.add(name);
                return engine.analyse(request, listener, cancellation);
            }
        };
    }

    private String readBy(String name) {
        return Reviewed.read(
                        library,
                        id,
                        library.sheets().load(id),
                        NODES,
                        called(name),
                        told::add,
                        new Cancellation())
                .orElseThrow()
                .engine();
    }

    @BeforeEach
    void add() {
        id = add(GAME);
    }

    @Test
    void what_an_earlier_engine_made_is_read_as_its_review_and_not_searched_again() {
        assertThat(readBy("zeroply-0.9")).isEqualTo("zeroply-0.9");
        assertThat(told).isSorted().endsWith(1.0);
        asked.clear();
        told.clear();
        assertThat(readBy("zeroply-0.10")).isEqualTo("zeroply-0.9");
        assertThat(asked).isEmpty();
        assertThat(told).isEmpty();
    }

    @Test
    void what_it_does_not_know_all_of_is_reviewed_by_the_engine_of_today_alone() {
        readBy("zeroply-0.9");
        asked.clear();
        id = add(GAME.replace("Ke7 3. Qxe5#", "Nc6 3. Bc4 Nf6 4. Qxf7#"));
        assertThat(readBy("zeroply-0.10")).isEqualTo("zeroply-0.10");
        assertThat(asked).isNotEmpty().containsOnly("zeroply-0.10");
        asked.clear();
        assertThat(readBy("zeroply-0.11")).isEqualTo("zeroply-0.10");
        assertThat(asked).isEmpty();
    }

    @Test
    void of_several_that_know_it_the_latest_is_heard() {
        readBy("zeroply-0.9");
        new FirstPass(
                        new RememberingEngine(called("zeroply-0.10"), library.analyses()),
                        NODES,
                        library.games().without(id))
                .review(
                        library.sheets().load(id),
                        Optional.empty(),
                        part -> {},
                        new Cancellation());
        assertThat(library.analyses().engines()).containsExactly("zeroply-0.10", "zeroply-0.9");
        assertThat(readBy("zeroply-0.11")).isEqualTo("zeroply-0.10");
    }

    @Test
    void without_analyses_there_are_no_engines() {
        assertThat(library.analyses().engines()).isEmpty();
    }
}

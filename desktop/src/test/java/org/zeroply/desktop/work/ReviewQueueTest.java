package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.WatchedEngine;
import org.zeroply.library.review.ReviewStore;

class ReviewQueueTest extends ModelTest {

    private long add(String moves) {
        return services.library().sheets().add("[White \"A\"]\n\n" + moves + " *\n");
    }

    @Test
    void a_game_that_cannot_be_reviewed_is_told_and_the_others_are_reviewed() throws Exception {
        List<Long> games = List.of(add("1. e4 e5"), add("1. a4 e5"), add("1. d4 d5"));
        List<ReviewStore.Entry> seen = new ArrayList<>();
        try (ReviewQueue queue =
                new ReviewQueue(
                        services.library(),
                        WatchedEngine.stumbling(new SharedEngine(8), fen -> fen.contains("/P7/")),
                        services.scheduler())) {
            run(
                    () -> {
                        queue.setNodes(500);
                        queue.add(games);
                    });
            until(
                    () ->
                            queue.entries().size() == 3
                                    && queue.entries().stream()
                                            .noneMatch(
                                                    e -> e.state() == ReviewStore.State.WAITING));
            until(() -> !queue.runningProperty().get());
            seen.addAll(queue.entries());
        }
        assertThat(seen)
                .extracting(ReviewStore.Entry::state)
                .containsExactly(
                        ReviewStore.State.DONE, ReviewStore.State.FAILED, ReviewStore.State.DONE);
        assertThat(seen.get(1).problem()).contains("could not be reviewed", "it stumbled");
    }
}

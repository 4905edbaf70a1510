package org.zeroply.desktop.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.List;
import java.util.OptionalLong;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.review.Reviewed;

/** The review of the open game, without the desk: a mate in four moves that Black let happen. */
class ReviewModelTest extends ModelTest {

    private static final String GAME = "1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 4. Qxf7# 1-0";
    private static final int ERROR = 6;

    private final TreeSession game = new TreeSession();
    private long id;
    private ReviewModel model;

    @BeforeEach
    void open() {
        id = services.library().sheets().add("[White \"A\"]\n\n" + GAME + "\n");
        run(
                () -> {
                    services.reviews().setNodes(2_000);
                    game.open(services.library().sheets().load(id), OptionalLong.of(id));
                    model = new ReviewModel(services, game);
                });
    }

    private String state() {
        return model.stateProperty().get();
    }

    private void reviewed() throws Exception {
        run(
                () -> {
                    model.activeProperty().set(true);
                    services.reviews().add(List.of(id));
                    services.reviews().start();
                });
        until(() -> !model.cards().isEmpty());
    }

    private MomentCard error() {
        return model.cards().stream().filter(c -> c.ply() == ERROR).findFirst().orElseThrow();
    }

    private Node blunder() {
        return game.tree().mainLine().get(ERROR - 1);
    }

    private List<ReviewStore.Note> notes() {
        return services.library().reviews().notes(id);
    }

    @Test
    void nothing_is_read_until_somebody_looks_and_then_it_is_told_what_is_missing() {
        assertThat(state()).isEmpty();
        run(() -> model.activeProperty().set(true));
        assertThat(state()).isEqualTo("This game has not been reviewed. Press Review this game.");
        run(game::clear);
        assertThat(state()).startsWith("Open a game to review it");
    }

    @Test
    void the_moment_that_mattered_is_looked_at_first_with_its_lines_on_the_board()
            throws Exception {
        reviewed();
        assertThat(state()).isEmpty();
        assertThat(model.selectedProperty().get()).contains(error());
        assertThat(model.onBoardProperty().get()).isSameAs(model.card());
        assertThat(model.card().tree().root().position())
                .isEqualTo(blunder().parent().get().position());
        assertThat(model.card().tree().nodes()).hasSizeGreaterThan(2);
        assertThat(model.ply()).isEqualTo(ERROR - 1);
        assertThat(model.stamp()).contains("2000 nodes a search");
    }

    @Test
    void a_moment_kept_is_written_into_the_game_with_the_coachs_words() throws Exception {
        reviewed();
        run(
                () -> {
                    model.reword(error(), "  Look at f7 first.  ");
                    model.keep(error());
                });
        assertThat(error().said()).isEqualTo("Look at f7 first.");
        assertThat(blunder().annotation().after()).contains("Look at f7 first.");
        until(() -> notes().stream().anyMatch(n -> n.decision() == ReviewStore.Decision.KEPT));
        run(() -> model.keep(error()));
        assertThat(error().decision()).isEqualTo(ReviewStore.Decision.OPEN);
        assertThat(blunder().annotation().after()).as("stays").contains("Look at f7 first.");
    }

    @Test
    void the_programs_own_words_are_no_words_of_the_coach() throws Exception {
        reviewed();
        String program = error().said();
        run(() -> model.reword(error(), "Mine."));
        run(() -> model.reword(error(), program));
        assertThat(error().words()).isEmpty();
        assertThat(error().said()).isEqualTo(program);
    }

    @Test
    void a_moment_thrown_out_can_be_taken_back_and_both_are_kept() throws Exception {
        reviewed();
        run(() -> model.dismiss(error()));
        assertThat(error().isDismissed()).isTrue();
        until(() -> notes().stream().anyMatch(n -> n.decision() == ReviewStore.Decision.DISMISSED));
        run(() -> model.dismiss(error()));
        assertThat(error().isDismissed()).isFalse();
        until(() -> notes().stream().allMatch(n -> n.decision() == ReviewStore.Decision.OPEN));
    }

    @Test
    void a_review_made_anew_is_read_and_what_was_decided_meanwhile_stays() throws Exception {
        reviewed();
        CountDownLatch written = new CountDownLatch(1);
        run(
                () -> {
                    services.scheduler().library(() -> await(written), done -> {});
                    model.dismiss(error());
                    services.reviews().setNodes(3_000);
                    services.reviews().add(List.of(id));
                });
        until(() -> model.stamp().contains("3000 nodes") && !model.cards().isEmpty());
        assertThat(notes()).as("the library is not that far").isEmpty();
        assertThat(error().isDismissed()).isTrue();
        written.countDown();
        until(() -> notes().stream().anyMatch(n -> n.decision() == ReviewStore.Decision.DISMISSED));
    }

    @Test
    void a_review_by_an_earlier_engine_is_shown_and_said_to_be_one() throws Exception {
        Engine earlier = new Earlier(services.marking());
        MoveTree tree = services.library().sheets().load(id);
        Reviewed made =
                Reviewed.read(
                                services.library(),
                                id,
                                tree,
                                2_000,
                                earlier,
                                part -> {},
                                new Cancellation())
                        .orElseThrow();
        services.library().reviews().queue(List.of(id), 2_000);
        services.library().reviews().done(id, 2_000, made.review());
        run(
                () -> {
                    services.reviews().open();
                    model.activeProperty().set(true);
                });
        until(() -> !model.cards().isEmpty());
        assertThat(model.stamp()).isEqualTo("zeroply-0.1, 2000 nodes a search");
        assertThat(said()).startsWith("Reviewed by zeroply-0.1. Review the game again");
    }

    /** The engine of today under the name of an earlier one. */
    private record Earlier(Engine engine) implements Engine {
        @Override
        public String name() {
            return "zeroply-0.1";
        }

        @Override
        public Analysis analyse(
                AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
            return engine.analyse(request, listener, cancellation);
        }
    }

    private static boolean await(CountDownLatch latch) throws InterruptedException {
        return latch.await(1, TimeUnit.MINUTES);
    }

    @Test
    void what_was_decided_is_there_when_the_game_is_opened_again() throws Exception {
        reviewed();
        run(() -> model.reword(error(), "Mine."));
        until(() -> notes().stream().anyMatch(n -> n.words().equals("Mine.")));
        run(
                () -> {
                    game.clear();
                    model.goOnceRead(ERROR);
                    game.open(services.library().sheets().load(id), OptionalLong.of(id));
                });
        until(() -> !model.cards().isEmpty());
        assertThat(error().words()).isEqualTo("Mine.");
        assertThat(model.selectedProperty().get()).contains(error());
    }

    @Test
    void any_move_can_be_made_a_moment_once() throws Exception {
        reviewed();
        int before = model.cards().size();
        run(
                () -> {
                    model.go(1);
                    assertThat(model.choose()).isTrue();
                    model.go(1);
                    assertThat(model.choose()).as("it is one already").isFalse();
                });
        assertThat(model.cards()).hasSize(before + 1);
        assertThat(model.cards().get(0).ply()).isEqualTo(1);
        assertThat(model.cards()).extracting(MomentCard::number).startsWith(1, 2);
        run(() -> assertThat(model.choose()).as("the lines are on the board").isFalse());
    }

    @Test
    void guessing_hides_the_lines_until_a_move_was_tried() throws Exception {
        reviewed();
        run(() -> model.guessingProperty().set(true));
        assertThat(model.isHidden()).isTrue();
        assertThat(model.card().tree().nodes()).as("the position alone").hasSize(1);
        run(() -> model.card().play(Square.parse("g7"), Square.parse("g6")));
        until(() -> !model.isHidden());
        assertThat(model.answerProperty().get()).isNotBlank();
        assertThat(model.card().tree().nodes()).hasSizeGreaterThan(1);
        assertThat(model.card().current().depth()).isEqualTo(1);
    }

    @Test
    void one_steps_through_the_moments_and_stops_at_both_ends() throws Exception {
        reviewed();
        run(() -> model.select(model.cards().get(0)));
        run(() -> model.step(-1));
        assertThat(model.selectedProperty().get()).contains(model.cards().get(0));
        for (int i = 0; i <= model.cards().size(); i++) {
            run(() -> model.step(1));
        }
        assertThat(model.selectedProperty().get())
                .contains(model.cards().get(model.cards().size() - 1));
    }

    @Test
    void a_moment_whose_move_was_changed_in_the_game_is_not_written_there() throws Exception {
        reviewed();
        MomentCard moment = error();
        assertThat(model.node(moment)).contains(blunder());
        run(() -> game.editor().delete(blunder()));
        assertThat(model.node(moment)).isEmpty();
    }

    @Test
    void a_place_in_a_game_that_was_not_reviewed_is_gone_to() {
        run(
                () -> {
                    model.goOnceRead(3);
                    model.activeProperty().set(true);
                });
        assertThat(game.current().depth()).isEqualTo(3);
        assertThat(model.ply()).isEqualTo(3);
    }
}

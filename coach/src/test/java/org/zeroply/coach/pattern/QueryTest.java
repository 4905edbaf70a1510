package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;

/** Queries of any making: their text, and what they find. */
class QueryTest {

    private static final GameLine GAME =
            TestLine.of(
                    "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Bxc6 dxc6 5. O-O Bg4 6. h3 h5 7. d3"
                            + " Qf6 8. Be3 Bxf3 9. Qxf3 Qxf3 10. gxf3 *");

    @Test
    void conditions_that_follow_each_other_are_not_read_as_men_on_one_line() {
        String king = "open file at the black king";
        String queen = "white queen on the same file as the black king";
        assertThat(QueryReader.read(king + " AND " + queen).text())
                .isEqualTo(king + " AND " + queen);
        assertThat(QueryReader.read("black king and white queen on the same file").text())
                .isEqualTo("black king on the same file as the white queen");
    }

    @Property(tries = 300)
    void what_is_written_is_read_back_the_same(@ForAll("queries") Query query) {
        Query read = QueryReader.read(query.text());
        assertThat(read.text()).isEqualTo(query.text());
        assertThat(QueryReader.read(read.text())).isEqualTo(read);
        assertThat(new QueryMatcher(read).in(GAME)).isEqualTo(new QueryMatcher(query).in(GAME));
    }

    @Property(tries = 300)
    void the_first_place_is_the_first_of_all_and_places_follow_each_other(
            @ForAll("queries") Query query) {
        List<QueryMatch> all = new QueryMatcher(query.with(Query.Manner.EVERY, true)).in(GAME);
        List<QueryMatch> first = new QueryMatcher(query.with(Query.Manner.EVERY, false)).in(GAME);
        assertThat(first).isEqualTo(all.stream().limit(1).toList());
        assertThat(all)
                .doesNotHaveDuplicates()
                .allSatisfy(
                        m -> {
                            assertThat(m.from()).isBetween(0, m.ply());
                            assertThat(m.ply()).isBetween(m.from(), GAME.plies());
                        });
    }

    @Property(tries = 200)
    void more_ways_to_see_it_find_no_less(@ForAll("queries") Query query) {
        List<QueryMatch> plain =
                new QueryMatcher(
                                new Query(
                                        query.steps(), Set.of(Query.Manner.EVERY), GamesAsked.ALL))
                        .in(GAME);
        List<QueryMatch> turned =
                new QueryMatcher(
                                new Query(
                                        query.steps(),
                                        Set.of(
                                                Query.Manner.MIRRORED,
                                                Query.Manner.EXCHANGED,
                                                Query.Manner.EVERY),
                                        GamesAsked.ALL))
                        .in(GAME);
        assertThat(turned).containsAll(plain);
    }

    @Test
    void parts_of_a_step_are_what_must_be_so_at_once() {
        QueryStep step =
                QueryReader.read("e4 empty, (e5 empty or d5 empty) FOR 4 PLIES").steps().get(0);
        assertThat(step.parts()).hasSize(2);
        QueryStep less = step.withParts(step.parts().subList(0, 1));
        assertThat(less.text()).isEqualTo("e4 empty FOR 4 PLIES");
        assertThat(less.parts()).hasSize(1);
    }

    @Provide
    Arbitrary<Query> queries() {
        Arbitrary<Condition> plain =
                Arbitraries.of(ConditionReader.examples()).map(e -> ConditionReader.all(e).get(0));
        Arbitrary<Condition> joined =
                Arbitraries.oneOf(
                        plain,
                        plain.map(Condition.Not::new),
                        plain.list().ofSize(2).map(Condition.Any::new));
        Arbitrary<Condition> step =
                Arbitraries.oneOf(
                        joined, joined.list().ofMinSize(2).ofMaxSize(3).map(Condition.All::new));
        Arbitrary<Boolean> yes = Arbitraries.of(true, false);
        Arbitrary<QueryStep> steps =
                Combinators.combine(step, Arbitraries.integers().between(1, 4), yes)
                        .as((c, plies, within) -> new QueryStep(c, plies, within ? 6 : 0));
        Arbitrary<GamesAsked> games =
                Arbitraries.of(
                        GamesAsked.ALL,
                        new GamesAsked(
                                PlayersAsked.of("Ann Lee"),
                                RatingAsked.atLeast(2200),
                                new Period("2020", "2024.06"),
                                new Occasion("Harbour Open", "Pier 4", "3"),
                                new OutcomeAsked("1-0", "time forfeit"),
                                "",
                                OpeningAsked.ANY),
                        new GamesAsked(
                                new PlayersAsked(
                                        "Lee, Ann",
                                        Optional.of(Side.BLACK),
                                        Optional.of(PlayersAsked.Ended.LOST),
                                        "Bo"),
                                RatingAsked.of(0, 1800).with(Stronger.OPPONENT),
                                Period.ANY,
                                Occasion.ANY,
                                OutcomeAsked.ANY,
                                "Fine games",
                                new OpeningAsked("Dutch", "A80", "A99")));
        Arbitrary<Set<Query.Manner>> manners = Arbitraries.of(Query.Manner.class).set();
        return Combinators.combine(steps.list().ofMinSize(1).ofMaxSize(3), manners, games)
                .as((s, m, asked) -> new Query(first(s), m, asked));
    }

    /** Before the first step there is nothing it could be within. */
    private static List<QueryStep> first(List<QueryStep> steps) {
        QueryStep first = steps.get(0);
        List<QueryStep> all = new ArrayList<>(steps);
        all.set(0, new QueryStep(first.condition(), first.plies(), 0));
        return all;
    }
}

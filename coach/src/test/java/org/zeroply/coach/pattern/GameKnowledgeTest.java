package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.FactKind;

/** What is known of a game says the same as looking, and is looked for where it decides alone. */
class GameKnowledgeTest {

    private static final GameLine GAME =
            TestLine.of(
                    "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6 5. Nc3 e5 6. Ndb5 a6 7. Na3"
                            + " b5 8. Nd5 Nxd5 9. exd5 Be7 10. c4 b4 *");

    /** Keeps what it is told. */
    private static final class Memory implements GameKnowledge {

        private final Map<FactKind, Map<String, FactTrail>> kept = new EnumMap<>(FactKind.class);
        private final List<GameMoment> moments;

        Memory(GameMoment... moments) {
            this.moments = List.of(moments);
        }

        @Override
        public Optional<FactTrail> trail(ToldFact fact) {
            return Optional.ofNullable(kept.get(fact.kind()))
                    .map(t -> t.getOrDefault(fact.trait(), FactTrail.none()));
        }

        @Override
        public void keep(FactKind kind, Map<String, FactTrail> trails) {
            assertThat(kept.put(kind, trails)).as("looked for once").isNull();
        }

        @Override
        public List<GameMoment> moments() {
            return moments;
        }
    }

    private static List<QueryMatch> find(String query, GameKnowledge known) {
        return new QueryMatcher(QueryReader.read(query + "; every position")).in(GAME, known);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "black backward",
                "black backward on a half-open file",
                "black backward on d6",
                "backward on d5",
                "white outpost",
                "white outpost occupied on d5",
                "NOT black backward",
                "black backward OR white outpost",
                "black backward AND white outpost",
                "half-open file in use; colours exchanged",
                "black backward FOR 2 PLIES THEN white to move"
            })
    void what_is_kept_says_the_same_as_looking(String query) {
        Memory memory = new Memory();
        List<QueryMatch> looked = find(query, GameKnowledge.NONE);
        assertThat(find(query, memory)).isEqualTo(looked);
        assertThat(find(query, memory)).isEqualTo(looked);
    }

    @Test
    void a_kind_asked_for_with_several_qualities_is_followed_once() {
        List<FactKind> followed = new ArrayList<>();
        GameKnowledge forgetful =
                new GameKnowledge() {
                    @Override
                    public Optional<FactTrail> trail(ToldFact fact) {
                        return Optional.empty();
                    }

                    @Override
                    public void keep(FactKind kind, Map<String, FactTrail> trails) {
                        followed.add(kind);
                    }

                    @Override
                    public List<GameMoment> moments() {
                        return List.of();
                    }
                };
        String query = "white outpost occupied OR black outpost OR white outpost for good";
        assertThat(find(query, forgetful)).isEqualTo(find(query, GameKnowledge.NONE));
        assertThat(followed).containsExactly(FactKind.OUTPOST);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "black backward, BACKWARD",
        "NOT black backward, BACKWARD",
        "black backward AND white outpost, 1",
        "black backward OR white outpost, 2",
        "black backward AND e4 empty, 0",
        "e4 empty THEN black backward, 0"
    })
    void only_what_decides_about_every_position_is_followed(String query, String kinds) {
        QueryMatcher matcher = new QueryMatcher(QueryReader.read(query));
        List<String> leading = matcher.leading().stream().map(t -> t.kind().name()).toList();
        if (kinds.length() == 1) {
            assertThat(leading).hasSize(Integer.parseInt(kinds));
        } else {
            assertThat(leading).containsExactly(kinds);
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "moment, 4 8",
        "white moment, 4",
        "moment turn, 8",
        "white moment turn, ''",
        "white moment turn; colours exchanged, 4",
        "NOT moment FOR 9 PLIES, 9",
        "(moment turn OR white moment missed-chance) AND white to move, 4 8"
    })
    void moments_are_found_before_the_move_they_are_about(String query, String plies) {
        Memory memory =
                new Memory(
                        new GameMoment(5, "missed-chance", Side.WHITE),
                        new GameMoment(9, "turn", Side.BLACK));
        String all = query.contains(";") ? "white moment missed-chance; colours exchanged" : query;
        assertThat(new QueryMatcher(QueryReader.read(all)).asksReviews()).isTrue();
        assertThat(String.join(" ", find(all, memory).stream().map(m -> "" + m.ply()).toList()))
                .isEqualTo(plies);
        assertThat(find(all, GameKnowledge.NONE).isEmpty()).isEqualTo(!all.startsWith("NOT"));
    }

    @Test
    void a_query_without_moments_asks_no_review() {
        assertThat(
                        new QueryMatcher(QueryReader.read("e4 empty OR NOT (e5 empty, a6 empty)"))
                                .asksReviews())
                .isFalse();
    }
}

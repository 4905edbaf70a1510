package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.insight.SearchedInsight;

/** Facts that take a search are looked for where all else holds, once, and told again. */
class SearchedTrailTest {

    private static final GameLine GAME =
            TestLine.of("1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6 5. O-O Be7 *");

    /** Calls White's man on f3 tied once it is there, and keeps what it is told. */
    private static final class Club implements GameKnowledge {

        private final Map<FactKind, SearchedTrail> kept = new EnumMap<>(FactKind.class);
        private final List<Integer> asked = new ArrayList<>();

        @Override
        public Optional<FactTrail> trail(ToldFact fact) {
            return Optional.empty();
        }

        @Override
        public void keep(FactKind kind, Map<String, FactTrail> trails) {
            throw new AssertionError("nothing is seen at a glance here");
        }

        @Override
        public List<GameMoment> moments() {
            return List.of();
        }

        @Override
        public SearchedTrail searched(FactKind kind) {
            SearchedTrail known = kept.get(kind);
            return known == null
                    ? SearchedTrail.none()
                    : new SearchedTrail(known.looked(), known.trails());
        }

        @Override
        public void keep(FactKind kind, SearchedTrail trail) {
            kept.put(kind, trail);
        }

        @Override
        public FactSearch search() {
            return this::look;
        }

        private List<Fact> look(Position position, FactKind kind) {
            asked.add(2 * position.fullmoveNumber() - 2 + position.sideToMove().ordinal());
            int f3 = Square.parse("f3");
            return kind == FactKind.TIED && position.pieceAt(f3).isPresent()
                    ? List.of(Fact.of(kind, Side.WHITE, "tied", f3).trait("concrete", true))
                    : List.of();
        }
    }

    private static String plies(String query, Club club) {
        club.asked.clear();
        return new QueryMatcher(QueryReader.read(query + "; every position"))
                .in(GAME, club).stream()
                        .map(m -> String.valueOf(m.ply()))
                        .collect(Collectors.joining(" "));
    }

    @ParameterizedTest(name = "{0}: {1}, asked {2}, and again {3}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white tied, white bishop on b5      | 5 6     | 5 6   | ''
                    white bishop on b5 AND tied         | 5 6     | 5 6   | ''
                    black tied, white bishop on b5      | ''      | 5 6   | ''
                    white tied concrete, move 3         | 4 5     | 4 5   | ''
                    white tied knight, white bishop on b5 | 5 6   | 5 6   | 5 6
                    white tied on f3, white bishop on b5 | 5 6    | 5 6   | 5 6
                    white tied on g5, white bishop on b5 | ''     | 5 6   | 5 6
                    no white tied, by move 2            | 0 1 2   | 0 1 2 3 | ''
                    white tied OR e4 empty, move 1      | 0       | 1     | ''
                    white bishop on b5 THEN WITHIN 1 PLY white tied, white to move | 6 | 6 8 10 | ''
                    white frozen, white bishop on b5    | ''      | 5 6   | ''
                    """)
    void they_are_looked_for_where_all_else_holds_and_once(
            String query, String found, String asked, String again) {
        Club club = new Club();
        String bracketed = query.replace("white tied OR e4 empty,", "(white tied OR e4 empty),");
        assertThat(plies(bracketed, club)).isEqualTo(found);
        assertThat(club.asked.stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .isEqualTo(asked);
        assertThat(plies(bracketed, club)).isEqualTo(found);
        assertThat(club.asked.stream().map(String::valueOf).collect(Collectors.joining(" ")))
                .isEqualTo(again);
    }

    @Test
    void every_kind_that_takes_a_search_can_be_asked_for() {
        for (FactKind kind : SearchedInsight.kinds()) {
            Condition asked = ConditionReader.all("white " + kind.words()).get(0);
            assertThat(asked.searches()).containsExactly(kind);
            assertThat(asked.leading()).isEmpty();
            assertThat(ConditionReader.all(asked.text())).containsExactly(asked);
        }
    }

    @Test
    void who_has_no_engine_sees_none() {
        Condition tied = ConditionReader.all("white tied").get(0);
        assertThat(tied.holds(Situation.of(GAME.at(5)))).isFalse();
    }
}

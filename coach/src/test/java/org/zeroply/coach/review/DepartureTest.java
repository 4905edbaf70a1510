package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.TestGames;

class DepartureTest {

    private static KnownGames known(String... games) {
        return position -> {
            List<KnownGames.Visit> visits = new ArrayList<>();
            for (int i = 0; i < games.length; i++) {
                visits.addAll(visits(i, TestGames.game(games[i]), position));
            }
            return visits;
        };
    }

    private static List<KnownGames.Visit> visits(int id, MoveTree game, Position position) {
        List<Node> nodes = new ArrayList<>(List.of(game.root()));
        nodes.addAll(game.mainLine());
        for (int i = 0; i < nodes.size(); i++) {
            if (nodes.get(i).position().equals(position)) {
                String next =
                        i + 1 < nodes.size() ? San.write(position, nodes.get(i + 1).move()) : "";
                return List.of(new KnownGames.Visit(id, "game " + id, next));
            }
        }
        return List.of();
    }

    @ParameterizedTest(name = "{0} against {1}")
    @CsvSource({
        "1. e4 e5 2. Nf3 Nc6 3. Bc4 *, 1. e4 e5 2. Nf3 Nc6 3. Bb5 *, 5",
        "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 *, 1. e4 e5 2. Nf3 Nc6 3. Bb5 *, 6",
        // Alone from the first moves on: nothing is left.
        "1. e4 e5 2. Nf3 d6 3. d4 *, 1. e4 e5 2. Nf3 Nc6 3. Bb5 *, 0",
        "1. d4 d5 2. c4 e6 3. Nc3 *, 1. e4 e5 *, 0",
        // Never left.
        "1. e4 e5 2. Nf3 Nc6 3. Bb5 *, 1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 *, 0",
        // Another order comes to the same position.
        "1. Nf3 Nc6 2. e4 e5 3. Bc4 *, 1. e4 e5 2. Nf3 Nc6 3. Bb5 *, 0",
    })
    void the_first_move_that_nobody_else_made(String game, String other, int ply) {
        Optional<Departure> departure = Departure.of(TestGames.game(game), known(other));
        assertThat(departure.map(Departure::ply).orElse(0)).isEqualTo(ply);
    }

    @Test
    void it_tells_what_the_others_played_the_most_frequent_first() {
        Departure departure =
                Departure.of(
                                TestGames.game("1. e4 e5 2. Nf3 Nc6 3. a3 *"),
                                known(
                                        "1. e4 e5 2. Nf3 Nc6 3. Bc4 *",
                                        "1. e4 e5 2. Nf3 Nc6 3. Bb5 *",
                                        "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 *",
                                        "1. e4 e5 2. Nf3 Nc6 *"))
                        .orElseThrow();
        assertThat(departure.others()).isEqualTo("Bb5 (2), Bc4 (1)");
        assertThat(departure.text())
                .isEqualTo("3.a3 leaves 4 known games (game 0), which went on Bb5 (2), Bc4 (1).");
        assertThat(
                        Departure.of(
                                        TestGames.game("1. e4 e5 2. Nf3 Nc6 3. a3 *"),
                                        known("1. e4 e5 2. Nf3 Nc6 *"))
                                .orElseThrow()
                                .text())
                .isEqualTo("3.a3 leaves one known game (game 0).");
    }

    @Test
    void it_is_a_moment_only_where_the_move_was_reviewed() {
        MoveTree game = TestGames.game("1. e4 e5 2. Nf3 Nc6 3. a3 *");
        Departure departure =
                Departure.of(game, known("1. e4 e5 2. Nf3 Nc6 3. Bb5 *")).orElseThrow();
        assertThat(departure.moment(List.of())).isEmpty();
        Node node = game.mainLine().get(4);
        MoveReview played = Reviewed.move(node, node.move(), 0.5, 0.5, 1);
        Moment moment = departure.moment(List.of(played)).orElseThrow();
        assertThat(moment.kind()).isEqualTo(Moment.Kind.DEPARTURE);
        assertThat(moment.text()).endsWith("It is the engine's choice.");
        assertThat(Departure.of(game, KnownGames.NONE)).isEmpty();
    }
}

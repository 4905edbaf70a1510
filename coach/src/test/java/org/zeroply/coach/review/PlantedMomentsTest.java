package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.SharedEngine;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Games with one moment put into each of them, told by a comment on its move: {@code planted: kind;
 * words that explain it}.
 */
@Tag("slow")
class PlantedMomentsTest {

    private static final long NODES = 60_000;
    private static final String MARK = "planted: ";

    private static List<MoveTree> read(String pgn) {
        return PgnReader.readAll(pgn).stream().map(e -> ((PgnEntry.Game) e).tree()).toList();
    }

    static List<MoveTree> games() throws IOException {
        try (InputStream in = PlantedMomentsTest.class.getResourceAsStream("planted.pgn")) {
            return read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    private static Node planted(MoveTree game) {
        return game.mainLine().stream()
                .filter(n -> n.annotation().after().startsWith(MARK))
                .findFirst()
                .orElseThrow();
    }

    private static String[] told(MoveTree game) {
        return planted(game).annotation().after().substring(MARK.length()).split("; ");
    }

    private static GameReview review(MoveTree game, KnownGames known) {
        return new FirstPass(new SharedEngine(1), NODES, known)
                .review(game, Optional.empty(), p -> {}, new Cancellation())
                .orElseThrow();
    }

    /** The other planted games, as if they stood in the same library. */
    private static KnownGames others(MoveTree game) throws IOException {
        List<MoveTree> others =
                games().stream().filter(g -> !g.tag("Event").equals(game.tag("Event"))).toList();
        return position -> others.stream().flatMap(g -> visit(g, position).stream()).toList();
    }

    private static Optional<KnownGames.Visit> visit(MoveTree game, Position position) {
        List<Node> line = new ArrayList<>(List.of(game.root()));
        line.addAll(game.mainLine());
        return line.stream()
                .filter(n -> n.position().equals(position))
                .filter(n -> n.mainChild().isPresent())
                .map(n -> San.write(n.position(), n.mainChild().get().move()))
                .map(next -> new KnownGames.Visit(0, game.tag("Event"), next))
                .findFirst();
    }

    static Stream<Named<MoveTree>> named() throws IOException {
        return games().stream().map(g -> Named.of(g.tag("Event"), g));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("named")
    void the_planted_moment_is_the_first_or_second(MoveTree game) throws IOException {
        Moment.Kind kind = Moment.Kind.of(told(game)[0]);
        KnownGames known = kind == Moment.Kind.DEPARTURE ? others(game) : KnownGames.NONE;
        List<Moment> moments = review(game, known).moments();
        assertThat(moments.stream().limit(2))
                .as("%s: %s", game.tag("Event"), moments)
                .anySatisfy(
                        m -> {
                            assertThat(m.kind()).isEqualTo(kind);
                            assertThat(m.move().node()).isEqualTo(planted(game));
                            assertThat(m.text()).contains(told(game)[1]);
                        });
        assertThat(moments).hasSizeLessThanOrEqualTo(5).allSatisfy(PlantedMomentsTest::isProved);
    }

    /** Every moment has a line that can be played, and so has what tempts. */
    private static void isProved(Moment moment) {
        assertThat(moment.line()).isNotEmpty();
        play(moment.from(), moment.line());
        play(moment.move().position(), moment.tempting());
    }

    private static void play(Position from, List<Move> line) {
        Position p = from;
        for (Move move : line) {
            assertThat(p.legalMoves()).contains(move);
            p = p.play(move);
        }
    }

    @Test
    void every_kind_that_a_review_finds_is_planted_somewhere() throws IOException {
        Set<Moment.Kind> kinds = EnumSet.of(Moment.Kind.COACH);
        games().forEach(g -> kinds.add(Moment.Kind.of(told(g)[0])));
        assertThat(kinds).containsExactlyInAnyOrder(Moment.Kind.values());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1. e4 e5 2. Nf3 Nc6 3. Nc3 Nf6 4. d4 exd4 5. Nxd4 Bb4 6. Nxc6 bxc6 7. Bd3 d5 8. exd5"
                        + " cxd5 9. O-O O-O 1/2-1/2",
                "1. e4 e5 2. Nf3 Nf6 3. Nxe5 d6 4. Nf3 Nxe4 5. Qe2 Qe7 6. d3 Nf6 7. Bg5 Qxe2+ 8. Bxe2"
                        + " Be7 9. Nc3 c6 10. O-O-O Na6 11. Rhe1 Nc7 12. Bf1 Ne6 1/2-1/2",
                "1. d4 d5 2. c4 c6 3. cxd5 cxd5 4. Nc3 Nf6 5. Nf3 Nc6 6. Bf4 Bf5 7. e3 e6 8. Bd3 Bxd3"
                        + " 9. Qxd3 Bd6 10. Bxd6 Qxd6 11. O-O O-O 12. Rfc1 Rfc8 1/2-1/2",
                "1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. c3 Nf6 5. d3 d6 6. O-O O-O 7. Re1 a6 8. Bb3 Ba7 9."
                        + " h3 h6 10. Nbd2 Be6 11. Nf1 Bxb3 12. Qxb3 Qd7 1/2-1/2"
            })
    void a_quiet_correct_game_raises_no_alarm(String pgn) {
        GameReview review = review(read(pgn).get(0), KnownGames.NONE);
        assertThat(review.moments()).noneMatch(m -> m.kind().isError());
        assertThat(review.moves()).allMatch(m -> m.loss().points() < MoveReview.MISTAKE);
        assertThat(review.moments()).hasSizeLessThan(2);
    }
}

package org.zeroply.chess.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;

class UsualSanTest {

    /** Everything that looks like a move of the usual form, legal here or not. */
    private static Stream<String> texts() {
        List<String> heads = List.of("", "K", "Q", "R", "B", "N");
        List<String> origins = List.of("", "a", "d", "g", "1", "4", "8");
        return heads.stream()
                .flatMap(h -> origins.stream().map(o -> h + o))
                .flatMap(h -> Stream.of(h, h + "x"))
                .flatMap(
                        h ->
                                Stream.iterate(0, s -> s < 64, s -> s + 1)
                                        .map(s -> h + Square.name(s)));
    }

    @Property(tries = 40)
    void what_is_found_is_what_a_look_at_all_legal_moves_finds(
            @ForAll long seed, @ForAll @IntRange(max = 160) int plies) {
        Position p = RandomPositions.after(new Random(seed), plies);
        texts().forEach(
                        text ->
                                UsualSan.find(p, text)
                                        .ifPresent(
                                                m ->
                                                        assertThat(any(p, text))
                                                                .as(text)
                                                                .contains(m)));
    }

    @Property(tries = 40)
    void what_is_written_is_found_but_for_castling_promotions_and_full_origins(
            @ForAll long seed, @ForAll @IntRange(max = 160) int plies) {
        Position p = RandomPositions.after(new Random(seed), plies);
        for (Move move : p.legalMoves()) {
            String san = San.write(p, move);
            boolean special = san.matches("O.*|.*=.*|[QRBN][a-h][1-8]x?[a-h][1-8].?");
            assertThat(UsualSan.find(p, san).isPresent()).as(san).isEqualTo(!special);
        }
    }

    private static Optional<Move> any(Position p, String text) {
        try {
            return Optional.of(San.readAny(p, text));
        } catch (NotationException e) {
            return Optional.empty();
        }
    }

    @ParameterizedTest(name = "{1} is left to the long way")
    @CsvSource({
        "k7/8/8/8/8/8/8/KN3N2 w - -, Nd2",
        "k3r3/8/8/8/8/8/4N3/4K3 w - -, Nc3",
        "k7/8/8/8/8/4n3/4P3/K7 w - -, e4",
        "k7/8/8/8/8/8/8/K7 w - -, e1",
        "k7/8/8/8/8/8/8/K7 b - -, e8",
        "k7/8/8/3pP3/8/8/8/K7 w - -, exd6",
        "k7/8/8/8/8/8/8/K7 w - -, ''",
        "k7/8/8/8/8/8/8/K7 w - -, x",
        "k7/8/8/8/8/8/8/K7 w - -, zxa4",
    })
    void what_is_ambiguous_or_not_legal_is_not_found(String fen, String text) {
        assertThat(UsualSan.find(Position.fromFen(fen), text)).isEmpty();
    }
}

package org.zeroply.library.index;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.zeroply.library.sheet.PackedLine;
import org.zeroply.library.sheet.PlayedLine;

class RecentLinesTest {

    /** The same moves by their places mean other ones from another position. */
    private static final String OTHER =
            "rnbqkbnr/pppp1ppp/8/4p3/4P3/8/PPPP1PPP/RNBQKBNR w KQkq - 0 2";

    private static PackedLine line(String start, int... places) {
        byte[] moves = new byte[places.length];
        for (int i = 0; i < places.length; i++) {
            moves[i] = (byte) places[i];
        }
        return new PackedLine(start, moves);
    }

    @Test
    void gives_back_what_it_was_given_once_and_plays_the_rest() {
        RecentLines lines = new RecentLines(100);
        PlayedLine kept = PlayedLine.of(line("", 3, 4, 5));
        lines.add(kept);
        assertThat(lines.take(line("", 3, 4, 5))).isSameAs(kept);
        PlayedLine again = lines.take(line("", 3, 4, 5));
        assertThat(again).isNotSameAs(kept);
        assertThat(again.keys()).isEqualTo(kept.keys());
    }

    @Test
    void does_not_mistake_the_same_moves_from_another_position() {
        RecentLines lines = new RecentLines(100);
        lines.add(PlayedLine.of(line("", 1, 1)));
        PackedLine wanted = line(OTHER, 1, 1);
        assertThat(lines.take(wanted).keys()).isEqualTo(PlayedLine.of(wanted).keys());
    }

    @Test
    void takes_no_more_than_it_has_room_for_and_has_room_again_when_lines_were_given_away() {
        RecentLines lines = new RecentLines(6);
        PlayedLine first = PlayedLine.of(line("", 1, 1));
        PlayedLine second = PlayedLine.of(line("", 2, 2));
        PlayedLine third = PlayedLine.of(line("", 3, 3));
        lines.add(first);
        lines.add(first);
        lines.add(second);
        lines.add(third);
        assertThat(lines.take(third.packed())).isNotSameAs(third);
        assertThat(lines.take(first.packed())).isSameAs(first);
        lines.add(third);
        assertThat(lines.take(third.packed())).isSameAs(third);
        assertThat(lines.take(second.packed())).isSameAs(second);
    }
}

package org.zeroply.desktop.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.training.ladder.Rung;
import org.zeroply.library.sheet.SheetStore;

class LadderModelTest {

    private static final String LINE = "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6 *";

    private final LadderModel ladder = new LadderModel(SheetStore.parse(LINE), new Random(4));

    private boolean answer(boolean right) {
        Rung rung = ladder.rung().orElseThrow();
        return ladder.answer(right ? rung.answerText() : "what nobody would say");
    }

    @Test
    void each_rung_asks_for_a_longer_line() {
        List<Integer> plies = new ArrayList<>();
        while (ladder.rung().isPresent()) {
            plies.add(ladder.rung().get().line().size());
            assertThat(answer(true)).isTrue();
        }
        assertThat(plies).isSorted().doesNotHaveDuplicates().hasSizeGreaterThan(2);
        assertThat(ladder.highest()).isEqualTo(plies.get(plies.size() - 1));
        assertThat(ladder.result())
                .isEqualTo("To the top: " + ladder.highest() + " plies seen ahead.");
        assertThat(ladder.moves()).isEmpty();
    }

    @Test
    void the_second_wrong_answer_ends_it() {
        answer(true);
        int seen = ladder.highest();
        assertThat(answer(false)).isFalse();
        assertThat(ladder.rung()).as("one is forgiven").isPresent();
        answer(false);
        assertThat(ladder.rung()).isEmpty();
        assertThat(ladder.highest()).isEqualTo(seen);
        assertThat(ladder.result()).startsWith(seen + " pl").endsWith("seen ahead.");
        assertThatExceptionOfType(NoSuchElementException.class)
                .isThrownBy(() -> ladder.answer("e4"));
    }

    @Test
    void nothing_seen_is_told_with_a_way_on() {
        answer(false);
        answer(false);
        assertThat(ladder.result()).contains("begin again with a shorter line");
    }

    @Test
    void the_moves_to_imagine_are_numbered() {
        assertThat(ladder.moves()).startsWith("1.e4");
    }
}

package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class UndoTrailTest {

    private final UndoTrail trail = new UndoTrail();
    private final List<String> done = new ArrayList<>();

    private void act(String name) {
        done.add(name);
        trail.did(() -> done.remove(name), () -> done.add(name));
    }

    @Test
    void what_was_done_last_is_taken_back_first_and_made_again_last() {
        act("a");
        act("b");
        assertThat(trail.undo()).isTrue();
        assertThat(done).containsExactly("a");
        assertThat(trail.undo()).isTrue();
        assertThat(trail.undo()).isFalse();
        assertThat(trail.redo()).isTrue();
        assertThat(trail.redo()).isTrue();
        assertThat(trail.redo()).isFalse();
        assertThat(done).containsExactly("a", "b");
    }

    @Test
    void after_something_new_what_was_taken_back_cannot_be_made_again() {
        act("a");
        trail.undo();
        act("b");
        assertThat(trail.redo()).isFalse();
        assertThat(done).containsExactly("b");
    }

    @Test
    void what_can_no_longer_be_taken_back_is_passed_over() {
        act("a");
        trail.did(
                new UndoTrail.Act() {
                    @Override
                    public boolean undo() {
                        return false;
                    }

                    @Override
                    public boolean redo() {
                        return false;
                    }
                });
        assertThat(trail.undo()).isTrue();
        assertThat(done).isEmpty();
    }
}

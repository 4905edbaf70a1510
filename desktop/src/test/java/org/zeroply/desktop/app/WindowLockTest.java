package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WindowLockTest {

    @TempDir private Path folder;

    private WindowLock lock() {
        return WindowLock.of(folder.resolve("a.zpl"));
    }

    @Test
    void the_second_window_of_a_library_knows_that_it_is_one() {
        WindowLock first = lock();
        WindowLock second = lock();
        assertThat(first.isSecond()).isFalse();
        assertThat(second.isSecond()).isTrue();
        second.close();
        first.close();
        assertThat(folder).isEmptyDirectory();
        WindowLock again = lock();
        assertThat(again.isSecond()).isFalse();
        again.close();
    }

    @Test
    void where_there_is_no_place_for_it_nobody_is_told_of_two() {
        try (WindowLock lock = WindowLock.of(folder.resolve("no/such/folder/a.zpl"))) {
            assertThat(lock.isSecond()).isFalse();
        }
    }
}

package org.zeroply.library.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.library.StoreTest;

class SettingStoreTest extends StoreTest {

    private static final Setting<Long> NODES = Setting.number("nodes", 5_000);
    private static final Setting<Boolean> RUNNING = Setting.flag("running");
    private static final Setting<String> PROGRAM = Setting.text("program");

    private SettingStore store() {
        return library.settings();
    }

    @Test
    void what_is_not_set_is_as_usual() {
        assertThat(store().get(NODES)).isEqualTo(5_000);
        assertThat(store().get(NODES.usually(7L))).isEqualTo(7);
        assertThat(store().get(RUNNING)).isFalse();
        assertThat(store().get(PROGRAM)).isEmpty();
    }

    @Test
    void what_is_set_stays_set_and_is_changed() {
        store().put(NODES, 9_000L);
        store().put(RUNNING, true);
        store().put(PROGRAM, "/a b/ç „x“");
        reopen();
        assertThat(store().get(NODES)).isEqualTo(9_000);
        assertThat(store().get(NODES.usually(7L))).isEqualTo(9_000);
        assertThat(store().get(RUNNING)).isTrue();
        assertThat(store().get(PROGRAM)).isEqualTo("/a b/ç „x“");
        store().put(RUNNING, false);
        store().put(PROGRAM, "");
        assertThat(store().get(RUNNING)).isFalse();
        assertThat(store().get("program")).as("nothing is kept of it").isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"many", "-3", "0", "1.5", "99999999999999999999", " 7", "0x10"})
    void what_is_no_number_is_as_usual(String broken) {
        store().put("nodes", broken);
        assertThat(store().get(NODES)).isEqualTo(5_000);
    }

    @Test
    void a_full_disk_is_told_and_keeps_what_was_set() throws SQLException {
        store().put(NODES, 9_000L);
        fails("setting", "UPDATE", () -> store().put(NODES, 1L));
        fails("setting", "INSERT", () -> store().put(PROGRAM, "x"));
        assertThat(store().get(NODES)).isEqualTo(9_000);
        assertThat(store().get(PROGRAM)).isEmpty();
    }
}

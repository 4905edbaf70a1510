package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

class MessagesTest {

    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");

    private final Messages messages = new Messages(Clock.fixed(NOON, ZoneOffset.UTC));

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private String latest() {
        return messages.latestProperty().get().map(Messages.Message::text).orElse("");
    }

    @Test
    void the_newest_is_shown_and_all_are_kept_the_newest_first() {
        Fx.run(
                () -> {
                    messages.say("one");
                    messages.say("two");
                });
        assertThat(latest()).isEqualTo("two");
        assertThat(messages.history())
                .extracting(Messages.Message::text)
                .containsExactly("two", "one");
        assertThat(messages.history()).allMatch(m -> m.at().equals(NOON));
    }

    @Test
    void nothing_said_clears_what_is_shown_and_stays_out_of_what_is_kept() {
        Fx.run(
                () -> {
                    messages.say("one");
                    messages.say(" ");
                });
        assertThat(messages.latestProperty().get()).isEmpty();
        assertThat(messages.history()).hasSize(1);
    }

    @Test
    void only_so_many_are_kept() {
        Fx.run(
                () -> {
                    for (int i = 0; i < Messages.KEPT + 5; i++) {
                        messages.say("message " + i);
                    }
                });
        assertThat(messages.history()).hasSize(Messages.KEPT);
        assertThat(messages.history().get(Messages.KEPT - 1).text()).isEqualTo("message 5");
    }

    @Test
    void another_thread_may_say_something() throws Exception {
        messages.say("from afar");
        Fx.until(() -> latest().equals("from afar"));
    }

    @Test
    void what_can_be_done_comes_with_the_message_and_is_not_changed_later() {
        StringBuilder done = new StringBuilder();
        Fx.run(
                () ->
                        messages.say(
                                "Put away.",
                                new Messages.Action("Bring back", () -> done.append("back"))));
        Messages.Message message = messages.latestProperty().get().orElseThrow();
        message.actions().get(0).run().run();
        assertThat(done).hasToString("back");
        assertThatThrownBy(() -> message.actions().clear())
                .isInstanceOf(UnsupportedOperationException.class);
    }
}

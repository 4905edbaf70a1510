package org.zeroply.workshop.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CampaignTest {

    /** For each target; the campaign itself tries many more. */
    private static final int INPUTS = 500;

    /** What is written to a disk or opened as a library for each input is tried less often. */
    private static final Map<String, Integer> FEWER = Map.of("settings", 100, "archives", 200);

    /** Enough to come upon a brace by chance. */
    private static final int MANY = 2_000;

    static Stream<Target> targets() {
        return FuzzRun.targets().stream();
    }

    @ParameterizedTest
    @MethodSource("targets")
    void readers_stand_what_they_are_given(Target target) {
        int inputs = FEWER.getOrDefault(target.name(), INPUTS);
        assertThat(new Campaign(target, 7).run(inputs))
                .extracting(f -> new String(f.input(), StandardCharsets.UTF_8) + " " + f.what())
                .isEmpty();
    }

    /** Breaks on a closing brace. */
    private static final Target BRITTLE =
            new Target() {
                @Override
                public String name() {
                    return "brittle";
                }

                @Override
                public List<byte[]> corpus() {
                    return List.of("a text of some length".getBytes(StandardCharsets.UTF_8));
                }

                @Override
                public void read(byte[] input) {
                    if (new String(input, StandardCharsets.UTF_8).contains("}")) {
                        throw new IllegalStateException("a brace");
                    }
                }
            };

    @Test
    void a_fault_is_found_and_made_short() {
        List<Campaign.Fault> faults = new Campaign(BRITTLE, 1).run(MANY);
        assertThat(faults).isNotEmpty();
        assertThat(faults)
                .allSatisfy(
                        f -> {
                            assertThat(f.input()).containsExactly('}');
                            assertThat(f.what()).isEqualTo("IllegalStateException: a brace");
                        });
    }
}

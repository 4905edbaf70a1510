package org.zeroply.workshop.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;

class MutationTest {

    private static final byte[] OTHER = "[White \"x\"]".getBytes(StandardCharsets.UTF_8);

    @Property(tries = 300)
    void a_seed_is_a_damage_and_the_text_itself_stays(
            @ForAll @Size(max = 200) byte[] text, @ForAll long seed) {
        byte[] before = text.clone();
        byte[] damaged = Mutation.of(text, OTHER, new Random(seed));
        assertThat(text).isEqualTo(before);
        assertThat(Mutation.of(text, OTHER, new Random(seed))).isEqualTo(damaged);
        assertThat(damaged.length).isBetween(text.length - 5 * 40, text.length + 5 * 80);
    }

    @Property(tries = 20)
    void hardly_any_text_is_left_as_it_was(@ForAll long seed) {
        byte[] text = "1. e4 e5 2. Nf3 {well} Nc6 *".getBytes(StandardCharsets.UTF_8);
        Random random = new Random(seed);
        Set<String> kinds = new HashSet<>();
        int same = 0;
        for (int i = 0; i < 200; i++) {
            byte[] damaged = Mutation.of(text, OTHER, random);
            same += Arrays.equals(damaged, text) ? 1 : 0;
            kinds.add(new String(damaged, StandardCharsets.ISO_8859_1));
        }
        assertThat(same).isLessThan(30);
        assertThat(kinds).hasSizeGreaterThan(150);
    }
}

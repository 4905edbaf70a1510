package org.zeroply.library.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.zip.CRC32;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.library.LibraryException;

class PackedTextTest {

    private static final String GAME =
            """
            [Event "Club evening"]
            [Site "?"]
            [Date "2026.01.02"]
            [Round "3"]
            [White "Marram, Ilse"]
            [Black "Quay, Jonas"]
            [Result "1-0"]

            1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6 5. O-O Be7 6. Re1 b5 7. Bb3 d6 8. c3
            O-O 9. h3 Nb8 10. d4 Nbd7 1-0

            """;

    @Property(tries = 300)
    void every_text_comes_back(@ForAll @StringLength(max = 3000) String text) {
        String writable = text.replaceAll("[\\ud800-\\udfff]", "?");
        assertThat(PackedText.unpack(PackedText.pack(writable))).isEqualTo(writable);
    }

    @Property(tries = 200)
    void the_beginning_of_a_text_is_where_it_begins(@ForAll @StringLength(max = 9000) String text) {
        String writable = text.replaceAll("[^\\x20-\\x7e]", "x");
        String beginning = PackedText.beginning(PackedText.pack(writable));
        assertThat(writable).startsWith(beginning);
        assertThat(beginning.length()).isGreaterThanOrEqualTo(Math.min(4096, writable.length()));
    }

    @Test
    void one_text_after_the_other_is_packed_as_each_alone() {
        try (PackedText.Packer packer = new PackedText.Packer()) {
            for (String text : new String[] {GAME, "", GAME + GAME, "x", GAME}) {
                assertThat(packer.pack(text)).isEqualTo(PackedText.pack(text));
            }
        }
    }

    @Test
    void a_game_of_usual_length_is_packed_to_less_than_half() {
        assertThat(PackedText.pack(GAME).length).isLessThan(GAME.length() / 2);
        assertThat(PackedText.pack("x")).hasSize(2);
    }

    /** Libraries hold texts packed with it: another one needs a form of its own. */
    @Test
    void what_games_have_in_common_is_as_it_was() throws IOException {
        CRC32 sum = new CRC32();
        try (InputStream in = PackedText.class.getResourceAsStream("usual-games.txt")) {
            sum.update(in.readAllBytes());
        }
        assertThat(HexFormat.of().toHexDigits((int) sum.getValue())).isEqualTo("cd2ac9f7");
        assertThat(
                        PackedText.unpack(
                                HexFormat.of()
                                        .parseHex("018339cd39a7344921b50c9c7a80eab12907453800")))
                .isEqualTo("[Event \"Club evening\"]\n1. e4 e5 2. Nf3 Nc6 1-0\n");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "01", "02", "0200", "01ff", "41420a"})
    void bytes_of_another_kind_are_no_text(String bytes) {
        assertThatThrownBy(() -> PackedText.unpack(HexFormat.of().parseHex(bytes)))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("damaged");
    }

    @Property(tries = 200)
    void what_is_cut_off_is_told_and_never_waited_for(
            @ForAll @IntRange(min = 1, max = 80) int cut) {
        byte[] packed = PackedText.pack(GAME);
        byte[] part = Arrays.copyOf(packed, packed.length - cut);
        assertThatThrownBy(() -> PackedText.unpack(part)).isInstanceOf(LibraryException.class);
    }
}

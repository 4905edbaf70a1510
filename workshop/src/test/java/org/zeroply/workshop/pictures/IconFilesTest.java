package org.zeroply.workshop.pictures;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The files in the repository are those that would be made out of its picture. */
class IconFilesTest {

    private static final Path KIT = Path.of("../packaging");

    private byte[] png;

    @BeforeEach
    void read() throws IOException {
        png = Files.readAllBytes(KIT.resolve("zeroply.png"));
    }

    @Test
    void an_ico_says_where_its_picture_is() throws IOException {
        byte[] ico = IconFiles.ico(png);
        assertThat(ico).isEqualTo(Files.readAllBytes(KIT.resolve("zeroply.ico")));
        assertThat(Arrays.copyOfRange(ico, ico[18], ico.length)).isEqualTo(png);
    }

    @Test
    void an_icns_says_how_long_it_is() throws IOException {
        byte[] icns = IconFiles.icns(png);
        assertThat(icns).isEqualTo(Files.readAllBytes(KIT.resolve("zeroply.icns")));
        assertThat((icns[6] & 255) << 8 | icns[7] & 255).isEqualTo(icns.length);
    }
}

package org.zeroply.workshop.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlatformTest {

    @ParameterizedTest
    @CsvSource({
        "Linux,      zeroply,      deb, png,  lib, java",
        "FreeBSD,    zeroply,      deb, png,  lib, java",
        "Mac OS X,   Zero Ply.app, dmg, icns, lib, java",
        "Windows 11, Zero Ply,     msi, ico,  bin, java.exe"
    })
    void each_system_has_names_and_kinds_of_its_own(
            String name, String image, String installer, String icon, String natives, String java) {
        Platform platform = Platform.of(name);
        assertThat(platform.image()).isEqualTo(image);
        assertThat(platform.installer()).isEqualTo(installer);
        assertThat(platform.icon()).isEqualTo(icon);
        assertThat(platform.natives()).isEqualTo(natives);
        assertThat(platform.executable("java")).isEqualTo(java);
    }
}

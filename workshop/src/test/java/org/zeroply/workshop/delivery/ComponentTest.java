package org.zeroply.workshop.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ComponentTest {

    @ParameterizedTest
    @CsvSource({
        "javafx-base-21.0.9-linux.jar,          javafx-base,            21.0.9,   linux",
        "javafx-base-21.0.9-mac-aarch64.jar,    javafx-base,            21.0.9,   mac-aarch64",
        "javafx-base-21.0.9.jar,                javafx-base,            21.0.9,",
        "sqlite-jdbc-3.47.1.0.jar,              sqlite-jdbc,            3.47.1.0,",
        "jackson-datatype-jsr310-2.15.2.jar,    jackson-datatype-jsr310, 2.15.2,",
        "jdbi3-core-3.47.0.jar,                 jdbi3-core,             3.47.0,",
        "some-lib-1.0-rc1.jar,                  some-lib,               1.0-rc1,",
        "desktop.jar,                           desktop,                '',"
    })
    void the_name_of_a_jar_is_read(Path jar, String artifact, String version, String system) {
        assertThat(Component.of(jar))
                .isEqualTo(new Component(artifact, version, Optional.ofNullable(system)));
    }

    @ParameterizedTest
    @CsvSource({"chess-0.1.0.jar, true", "desktop.jar, true", "chess-sets-1.0.jar, false"})
    void ours_are_told_from_those_of_others(Path jar, boolean ours) {
        assertThat(Component.of(jar).isOurs()).isEqualTo(ours);
    }
}

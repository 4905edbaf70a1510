package org.zeroply.workshop.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.workshop.command.Refusal;

class EarlierVersionTest {

    @ParameterizedTest
    @CsvSource({
        "3f6f597, true",
        "0123456789abcdef0123456789abcdef01234567, true",
        "3f6f59, false",
        "3F6F597, false",
        "3f6f597x, false",
        "./engine, false",
        "0123456789abcdef0123456789abcdef012345678, false",
    })
    void a_commit_is_seven_to_forty_hexadecimal_digits(String text, boolean commit) {
        assertThat(EarlierVersion.isCommit(text)).isEqualTo(commit);
    }

    @Test
    void a_commit_that_does_not_exist_is_refused_before_anything_is_built() {
        List<String> told = new ArrayList<>();
        assertThatThrownBy(() -> EarlierVersion.of("0000000000", told::add))
                .isInstanceOf(Refusal.class);
        assertThat(told).isEmpty();
    }

    @Test
    void its_jar_is_found_by_either_name_and_missed_where_there_is_none(@TempDir Path folder)
            throws IOException {
        EarlierVersion version = new EarlierVersion(folder);
        Path target = Files.createDirectories(folder.resolve("cli/target"));
        assertThatThrownBy(version::command)
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no command line");
        Files.createFile(target.resolve("cli-0.1.0.jar"));
        assertThat(version.command()).last().isEqualTo("uci");
        assertThat(version.command()).anyMatch(word -> word.contains("cli-0.1.0.jar"));
    }
}

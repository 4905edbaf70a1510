package org.zeroply.library.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class FileTroubleTest {

    static Stream<Arguments> failures() {
        return Stream.of(
                Arguments.of(new AccessDeniedException("/a/b"), "this user is not allowed to"),
                Arguments.of(
                        new UncheckedIOException(new AccessDeniedException("/a/b")),
                        "this user is not allowed to"),
                Arguments.of(
                        new FileSystemException("/a", null, "No space left on device"),
                        "No space left on device"),
                Arguments.of(new IOException("Stream closed"), "Stream closed"),
                Arguments.of(new IOException(), "IOException"));
    }

    @ParameterizedTest
    @MethodSource("failures")
    void a_failure_is_told_by_what_it_means(Exception e, String reason) {
        assertThat(FileTrouble.reason(e)).isEqualTo(reason);
    }

    @Test
    void files_that_are_not_there_or_in_the_way_are_named(@TempDir Path folder) throws IOException {
        Path none = folder.resolve("none");
        Path there = Files.createDirectory(folder.resolve("there"));
        Files.createFile(there.resolve("in"));
        assertThat(reason(() -> Files.newInputStream(none))).isEqualTo("there is no " + none);
        assertThat(reason(() -> Files.createFile(there))).isEqualTo(there + " is in the way");
        assertThat(reason(() -> Files.delete(there)))
                .isEqualTo(there + " is a folder with something in it");
    }

    private interface Deed {
        void run() throws IOException;
    }

    private static String reason(Deed deed) {
        return FileTrouble.reason(catchThrowableOfType(IOException.class, deed::run));
    }
}

package org.zeroply.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.care.LibraryCheck;

class FreshLibraryTest {

    @TempDir private Path folder;

    private static LibraryCheck.Result check(Library library) {
        return library.check().run(part -> {}, new Cancellation());
    }

    @Test
    void is_sound_and_empty_and_takes_what_is_put_in() {
        Path file = FreshLibrary.at(folder.resolve("a.zpl"));
        try (Library library = Library.open(file)) {
            assertThat(check(library)).isEqualTo(new LibraryCheck.Result(0, List.of()));
            library.sheets().add("1. e4 *\n");
        }
        try (Library library = Library.open(FreshLibrary.at(file))) {
            assertThat(check(library).sheets()).as("what is there stays").isEqualTo(1);
        }
        try (Library other = Library.open(FreshLibrary.at(folder.resolve("b.zpl")))) {
            assertThat(check(other).sheets()).isZero();
        }
    }

    @Test
    void is_as_large_as_a_library_that_was_made_there() throws IOException {
        Path made = folder.resolve("made.zpl");
        Library.open(made).close();
        assertThat(FreshLibrary.at(folder.resolve("copied.zpl"))).hasSize(Files.size(made));
    }
}

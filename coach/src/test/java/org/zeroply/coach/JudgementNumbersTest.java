package org.zeroply.coach;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whoever reads a number that a judgement rests on is told what it is and whose choice. */
class JudgementNumbersTest {

    private static final Path SOURCES = Path.of("src/main/java");

    /** Masks of squares, in hexadecimal, are no judgements. */
    private static final Pattern NUMBER =
            Pattern.compile(".*\\bstatic final (?:int|long|double) \\w+ = -?\\d(?!x).*");

    /** Lines of numbers about which nothing is said, by themselves or by the group they are in. */
    private static List<String> bare(List<String> lines) {
        List<String> bare = new ArrayList<>();
        boolean said = false;
        for (String line : lines) {
            String code = line.strip();
            if (NUMBER.matcher(code).matches() && !said) {
                bare.add(code);
            }
            boolean comment = code.endsWith("*/") || code.startsWith("//");
            boolean goesOn =
                    !code.isEmpty() && (NUMBER.matcher(code).matches() || code.startsWith("@"));
            said = comment || said && goesOn;
        }
        return bare;
    }

    @Test
    void numbers_without_a_word_are_found() {
        assertThat(
                        bare(
                                """
                                /** So many. */
                                private static final int MANY = 3;
                                private static final int MORE = 4;

                                private static final double BARE = 0.25;
                                static final long MASK = 0x18L;
                                private static final String TEXT = "7";
                                """
                                        .lines()
                                        .toList()))
                .containsExactly("private static final double BARE = 0.25;");
    }

    @Test
    void every_number_of_a_judgement_says_what_it_is() throws IOException {
        List<String> bare = new ArrayList<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                bare(Files.readAllLines(file))
                        .forEach(l -> bare.add(file.getFileName() + ": " + l));
            }
        }
        assertThat(bare).isEmpty();
    }
}

package org.zeroply.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class WorkshopLauncherTest {

    private static final Path SCRIPT = Path.of("../zeroply");

    /** An alternative of the script: the words it is for. */
    private static final Pattern WORDS = Pattern.compile(" {2}([a-z |]+)\\)");

    /** The words with which the script comes here. */
    private static Set<String> handedOn() throws IOException {
        Set<String> handedOn = new TreeSet<>();
        String words = "";
        for (String line : Files.readAllLines(SCRIPT)) {
            Matcher alternative = WORDS.matcher(line);
            words = alternative.matches() ? alternative.group(1) : words;
            if (line.matches(" {4}\\(?run_(workshop|headless) .*")) {
                handedOn.addAll(List.of(words.split(" \\| ")));
            }
        }
        return handedOn;
    }

    @Test
    void every_word_that_the_script_hands_on_is_known() throws IOException {
        assertThat(handedOn()).contains("glance", "shots", "walk", "house", "package");
        assertThat(WorkshopLauncher.words()).containsAll(handedOn());
    }

    @Test
    void the_script_of_windows_hands_on_what_the_help_of_the_other_one_names() throws IOException {
        String windows = Files.readString(Path.of("../zeroply.cmd"));
        for (String word : new String[] {"match", "glance", "selfplay", "rescore", "positional"}) {
            assertThat(windows).containsPattern("for %%c in \\([^)]*\\b" + word + "\\b");
        }
    }
}

package org.zeroply.desktop.texts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class TextsTest {

    private static final Path SOURCES = Path.of("src/main/java/org/zeroply/desktop");
    private static final Path BUNDLES = Path.of("src/main/resources/org/zeroply/desktop");

    /** Keys stand as literals, so that one finds where words are said by looking for the key. */
    private static final Pattern KEY = Pattern.compile("\"([a-z]+\\.[a-z0-9-]+)\"\\s*([,)]?)");

    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\n]|\\\\.)*)\"");
    private static final Pattern SENTENCE = Pattern.compile("[a-z]{2,}[,;]? [a-z]{2,}");

    private static final Pattern FOR_DEVELOPERS =
            Pattern.compile(
                    "\\.(log|store)\\(|new Illegal\\w+Exception\\(|new (Unchecked)?IOException\\("
                            + "|Pattern\\.compile\\(");

    /** What is typed and read by the program, not said to anybody, or said without a window. */
    private static final Set<String> GRAMMARS =
            Set.of(
                    "CardBuilder",
                    "CardDraftModel",
                    "DesktopLauncher",
                    "DraftModel",
                    "DraftPane",
                    "FoundPositions",
                    "PositionsPage",
                    "QueryDraft");

    @Test
    void wordsStandAsTheyAreAndTakeInWhatIsPutIntoThem() {
        assertThat(Texts.of("review.next-moment")).isEqualTo("Next moment");
        assertThat(Texts.of("app.import-again", "a{0}b")).isEqualTo("Import again a{0}b");
        // An apostrophe is doubled where something is put in, and the number is written as it is.
        assertThat(Texts.of("lab.s-checks-run-out", 12_345)).isEqualTo("12345's checks run out.");
    }

    @Test
    void aTranslationStandsBesideTheWordsAndWhatItLeavesOutIsSaidInEnglish() {
        Locale invented = Locale.forLanguageTag("qz");
        Locale other = Locale.forLanguageTag("qx");

        assertThat(Texts.of(other, "texts.greeting", "Ann")).isEqualTo("Ann, saluton!");
        assertThat(Texts.of(other, "texts.only-english")).isEqualTo("Not translated.");
        assertThat(Texts.of(invented, "texts.greeting", "Ann")).isEqualTo("Welcome, Ann.");
    }

    @Test
    void unknownWordsAndPartsThatDoNotFitAreRefused() {
        assertThatThrownBy(() -> Texts.of("review.nothing-of-the-kind"))
                .isInstanceOf(MissingResourceException.class);
        assertThatThrownBy(() -> Texts.of("no room")).isInstanceOf(MissingResourceException.class);
        assertThatThrownBy(() -> Texts.of("review.moment", 1))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Texts.of("review.next-moment", 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatIsSaidIsWrittenInTheRoomThatSaysItAndAllThatIsWrittenIsSaid() throws IOException {
        Map<String, String> written = written();
        Set<String> said = new TreeSet<>();
        List<String> wrong = new ArrayList<>();
        for (Source source : sources()) {
            for (MatchResult use : source.found(KEY)) {
                String key = use.group(1);
                boolean atOnce = source.before(use).stripTrailing().endsWith("Texts.of(");
                if (written.containsKey(key)) {
                    said.add(key);
                    boolean asked = placeholders(written.get(key)) > 0;
                    boolean elsewhere = !key.startsWith(source.room() + ".");
                    boolean lacking = asked && use.group(2).equals(")");
                    boolean toomuch = !asked && use.group(2).equals(",") && atOnce;
                    if (elsewhere || lacking || toomuch) {
                        wrong.add(source.name() + " says " + key);
                    }
                } else if (atOnce) {
                    wrong.add(source.name() + " says " + key + ", which is not written");
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(said).containsExactlyInAnyOrderElementsOf(written.keySet());
    }

    @Test
    void noSentencesStandInTheCode() throws IOException {
        List<String> sentences = new ArrayList<>();
        for (Source source : sources()) {
            if (GRAMMARS.contains(source.name())) {
                continue;
            }
            for (MatchResult literal : source.found(LITERAL)) {
                if (SENTENCE.matcher(literal.group(1)).find()
                        && !isForDevelopers(source.before(literal))) {
                    sentences.add(source.name() + ": " + literal.group(1));
                }
            }
        }
        assertThat(sentences).isEmpty();
    }

    /** The log, and what only a mistake in the program can bring about. */
    private static boolean isForDevelopers(String before) {
        int statement = Math.max(before.lastIndexOf(";"), before.lastIndexOf("{"));
        return FOR_DEVELOPERS.matcher(before.substring(statement + 1)).find();
    }

    private static int placeholders(String words) {
        return new MessageFormat(words, Locale.ROOT).getFormatsByArgumentIndex().length;
    }

    /** A class of the window, by its room and name. */
    private record Source(String room, String name, String text) {

        static Source of(Path file) {
            try {
                return new Source(
                        SOURCES.relativize(file).getName(0).toString(),
                        file.getFileName().toString().replace(".java", ""),
                        Files.readString(file));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        List<MatchResult> found(Pattern pattern) {
            return pattern.matcher(text).results().toList();
        }

        String before(MatchResult match) {
            return text.substring(0, match.start());
        }
    }

    private static List<Source> sources() throws IOException {
        try (Stream<Path> files = Files.walk(SOURCES)) {
            return files.filter(f -> f.toString().endsWith(".java"))
                    .filter(f -> !f.endsWith("Texts.java"))
                    .map(Source::of)
                    .toList();
        }
    }

    private static Map<String, String> written() throws IOException {
        Map<String, String> all = new TreeMap<>();
        try (Stream<Path> files = Files.walk(BUNDLES)) {
            for (Path bundle : files.filter(f -> f.endsWith("texts.properties")).toList()) {
                Properties words = new Properties();
                try (Reader reader = Files.newBufferedReader(bundle)) {
                    words.load(reader);
                }
                words.stringPropertyNames().forEach(k -> all.put(k, words.getProperty(k)));
            }
        }
        assertThat(all).hasSizeGreaterThan(1000);
        return all;
    }
}

package org.zeroply.coach;

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
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What the code of a floor says and what its files of words have, as the sources stand.
 *
 * @param accessor the class that the words are asked of, such as {@code Texts}
 */
public record WordsInCode(Path sources, Path bundles, String accessor) {

    /** Keys stand as literals, so that one finds where words are said by looking for the key. */
    private static final Pattern KEY = Pattern.compile("\"([a-z]+\\.[a-z0-9-]+)\"\\s*([,)]?)");

    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*\\*.*?\\*/");
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\n]|\\\\.)*)\"");
    private static final Pattern SENTENCE = Pattern.compile("[a-z]{2,}[,;]? [a-z]{2,}");

    /** The log, and what only a mistake in the program can bring about. */
    private static final Pattern FOR_DEVELOPERS =
            Pattern.compile(
                    "\\.(log|store)\\(|new Illegal\\w+Exception\\(|new (Unchecked)?IOException\\("
                            + "|new CancellationException\\(|Pattern\\.compile\\(|\\.trait\\(");

    /** The floor whose tests run. */
    public static WordsInCode of(String floor, String accessor) {
        return new WordsInCode(
                Path.of("src/main/java/org/zeroply", floor),
                Path.of("src/main/resources/org/zeroply", floor),
                accessor);
    }

    /** All keys with their words. */
    public Map<String, String> written() {
        Map<String, String> all = new TreeMap<>();
        for (Path bundle : files(bundles, "texts.properties")) {
            Properties words = new Properties();
            try (Reader reader = Files.newBufferedReader(bundle)) {
                words.load(reader);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            words.stringPropertyNames().forEach(k -> all.put(k, words.getProperty(k)));
        }
        return all;
    }

    /** The written keys that stand somewhere in the code. */
    public Set<String> said() {
        Set<String> written = written().keySet();
        Set<String> said = new TreeSet<>();
        for (Source source : code()) {
            source.found(KEY).map(use -> use.group(1)).filter(written::contains).forEach(said::add);
        }
        return said;
    }

    /**
     * Uses of words that are not written, or of another room, or with too many or too few parts.
     */
    public List<String> wrong() {
        Map<String, String> written = written();
        List<String> wrong = new ArrayList<>();
        for (Source source : code()) {
            for (MatchResult use : source.found(KEY).toList()) {
                String key = use.group(1);
                boolean atOnce = source.before(use).stripTrailing().endsWith(accessor + ".of(");
                if (!written.containsKey(key)) {
                    if (atOnce) {
                        wrong.add(source.name() + " says " + key + ", which is not written");
                    }
                    continue;
                }
                boolean asked = placeholders(written.get(key)) > 0;
                boolean elsewhere = !key.startsWith(source.room() + ".");
                boolean lacking = asked && use.group(2).equals(")");
                boolean toomuch = !asked && use.group(2).equals(",") && atOnce;
                if (elsewhere || lacking || toomuch) {
                    wrong.add(source.name() + " says " + key);
                }
            }
        }
        return wrong;
    }

    /**
     * Sentences that stand in the code itself.
     *
     * @param read what is read by the program, and not said to anybody: the name of a room or of a
     *     class, or of a class with the words, {@code Name: words}
     */
    public List<String> sentences(Set<String> read) {
        List<String> sentences = new ArrayList<>();
        for (Source source : code()) {
            source.found(LITERAL)
                    .filter(literal -> SENTENCE.matcher(literal.group(1)).find())
                    .filter(literal -> !isForDevelopers(source.before(literal)))
                    .map(literal -> source.name() + ": " + literal.group(1))
                    .filter(words -> !read.contains(words) && !read.contains(source.name()))
                    .filter(words -> !read.contains(source.room()))
                    .forEach(sentences::add);
        }
        return sentences;
    }

    private static boolean isForDevelopers(String before) {
        int statement = Math.max(before.lastIndexOf(";"), before.lastIndexOf("{"));
        return FOR_DEVELOPERS.matcher(before.substring(statement + 1)).find();
    }

    private static int placeholders(String words) {
        return new MessageFormat(words, Locale.ROOT).getFormatsByArgumentIndex().length;
    }

    private List<Source> code() {
        return files(sources, ".java").stream()
                .filter(file -> !file.endsWith(accessor + ".java"))
                .map(this::source)
                .toList();
    }

    private Source source(Path file) {
        try {
            return new Source(
                    sources.relativize(file).getName(0).toString(),
                    file.getFileName().toString().replace(".java", ""),
                    COMMENT.matcher(Files.readString(file)).replaceAll(""));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Path> files(Path root, String ending) {
        try (Stream<Path> files = Files.walk(root)) {
            return files.filter(file -> file.toString().endsWith(ending)).sorted().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A class, by its room and name. */
    private record Source(String room, String name, String text) {

        Stream<MatchResult> found(Pattern pattern) {
            return pattern.matcher(text).results();
        }

        String before(MatchResult match) {
            return text.substring(0, match.start());
        }
    }
}

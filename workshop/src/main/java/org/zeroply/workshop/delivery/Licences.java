package org.zeroply.workshop.delivery;

import java.io.IOException;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import java.util.regex.Pattern;
import org.zeroply.workshop.command.Refusal;

/** The terms of all libraries in the package: a list, and the text of each. */
final class Licences {

    private static final Pattern TEXT =
            Pattern.compile(
                    "(META-INF/)(.*/)?[\\w-]*(LICEN[CS]E|NOTICE|COPYING)(\\.\\w+)?",
                    Pattern.CASE_INSENSITIVE);

    /** The terms of JavaFX are those of Java, which bring their own texts along. */
    private static final String WITH_THE_RUNTIME = "GPL-2.0-only WITH Classpath-exception-2.0";

    private final Path texts;
    private final Properties known = new Properties();

    /**
     * Reads which licence each component has.
     *
     * @param texts folder with {@code components.properties} and a text for each licence
     */
    Licences(Path texts) throws IOException {
        this.texts = texts;
        try (Reader in =
                Files.newBufferedReader(
                        texts.resolve("components.properties"), StandardCharsets.UTF_8)) {
            known.load(in);
        }
    }

    /**
     * Writes the list and the texts.
     *
     * @throws Refusal if the licence of a jar is not known, or there is no text of it
     */
    void collect(List<Path> jars, Path folder) throws IOException {
        Files.createDirectories(folder);
        List<String> rows = new ArrayList<>();
        rows.add("Zero Ply is under the Apache License 2.0. It contains:");
        rows.add("");
        for (Path jar : jars) {
            Component component = Component.of(jar);
            String terms = known.getProperty(component.artifact());
            if (terms == null) {
                throw new Refusal(
                        "The licence of "
                                + jar.getFileName()
                                + " is not in "
                                + texts.resolve("components.properties")
                                + ".");
            }
            String licence = terms.substring(0, terms.indexOf(',')).strip();
            String authors = terms.substring(terms.indexOf(',') + 1).strip();
            int found = Tools.unpack(jar, TEXT, folder.resolve(component.artifact()));
            rows.add(
                    String.format(
                            Locale.ROOT,
                            "%-28s %-10s %s, by %s; %s",
                            component.artifact(),
                            component.version(),
                            licence,
                            authors,
                            found > 0 ? component.artifact() : general(licence, folder)));
        }
        Files.write(folder.resolve("COMPONENTS.txt"), rows, StandardCharsets.UTF_8);
    }

    private String general(String licence, Path folder) throws IOException {
        if (licence.equals(WITH_THE_RUNTIME)) {
            return "legal/java.base of the runtime";
        }
        Path text = texts.resolve(licence + ".txt");
        if (!Files.exists(text)) {
            throw new Refusal("There is no text of " + licence + ", " + text + ".");
        }
        Files.copy(text, folder.resolve(text.getFileName()), StandardCopyOption.REPLACE_EXISTING);
        return text.getFileName().toString();
    }
}

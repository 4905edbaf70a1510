package org.zeroply.workshop.delivery;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.spi.ToolProvider;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.zeroply.workshop.command.Refusal;

/** The tools of the JDK, called so that what they say is heard when they fail. */
final class Tools {

    private Tools() {}

    /**
     * Runs {@code jlink} or {@code jpackage}.
     *
     * @throws Refusal with what it said, if it is missing or fails
     */
    static void run(String name, List<String> arguments) {
        ToolProvider tool =
                ToolProvider.findFirst(name)
                        .orElseThrow(
                                () ->
                                        new Refusal(
                                                "This Java has no "
                                                        + name
                                                        + "; a JDK 17 has it (Debian:"
                                                        + " openjdk-17-jdk-headless)."));
        StringWriter said = new StringWriter();
        PrintWriter to = new PrintWriter(said);
        if (tool.run(to, to, arguments.toArray(String[]::new)) != 0) {
            throw new Refusal(name + " failed: " + said.toString().strip());
        }
    }

    /**
     * Copies those entries of a jar into one folder whose names fit, and tells how many. The folder
     * is made for the first one.
     *
     * @param names of whole entries; their folders in the jar are left out
     */
    static int unpack(Path jar, Pattern names, Path folder) throws IOException {
        int copied = 0;
        try (ZipFile zip = new ZipFile(jar.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                if (!entry.isDirectory() && names.matcher(entry.getName()).matches()) {
                    Files.createDirectories(folder);
                    String name = entry.getName().substring(entry.getName().lastIndexOf('/') + 1);
                    try (InputStream in = zip.getInputStream(entry)) {
                        Files.copy(in, folder.resolve(name), StandardCopyOption.REPLACE_EXISTING);
                    }
                    copied++;
                }
            }
        }
        return copied;
    }

    /** Jars or folders as one path for Java. */
    static String path(List<Path> parts) {
        return parts.stream().map(Path::toString).collect(Collectors.joining(File.pathSeparator));
    }

    /** Removes a folder with all that is in it, and makes its parent if that is missing. */
    static Path clear(Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (Stream<Path> all = Files.walk(folder)) {
                for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(path);
                }
            }
        }
        Files.createDirectories(folder.toAbsolutePath().getParent());
        return folder;
    }
}

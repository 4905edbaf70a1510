package org.zeroply.workshop.delivery;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * A Java runtime with JavaFX and of Java only what the program uses.
 *
 * @param folder it lies in
 */
record TrimmedRuntime(Path folder) {

    /**
     * What {@code jdeps} finds in our jars and those of others, and what they find by name only:
     * elliptic curves for nothing but the encryption that Java expects to have, and file systems in
     * archives.
     */
    private static final List<String> MODULES =
            List.of(
                    "java.base",
                    "java.desktop",
                    "java.logging",
                    "java.management",
                    "java.naming",
                    "java.sql",
                    "java.xml",
                    "javafx.controls",
                    "javafx.swing",
                    "jdk.jfr",
                    "jdk.unsupported",
                    "jdk.zipfs");

    /** Links it together. */
    static TrimmedRuntime link(List<Path> javafx, Path folder) throws IOException {
        String path =
                javafx.stream()
                        .map(Path::toString)
                        .collect(Collectors.joining(System.getProperty("path.separator")));
        Tools.run(
                "jlink",
                List.of(
                        "--module-path",
                        path,
                        "--add-modules",
                        String.join(",", MODULES),
                        "--no-header-files",
                        "--no-man-pages",
                        "--output",
                        folder.toString()));
        TrimmedRuntime runtime = new TrimmedRuntime(folder);
        for (Path jar : javafx) {
            runtime.unpackNatives(jar);
        }
        return runtime;
    }

    /** Its {@code java}. */
    Path java() {
        return folder.resolve("bin").resolve(isWindows() ? "java.exe" : "java");
    }

    /** Takes away what nobody starts in a package that has launchers of its own. */
    void dropTools() throws IOException {
        for (String tool : List.of("java", "javaw", "jfr", "keytool")) {
            Files.deleteIfExists(folder.resolve("bin").resolve(tool));
            Files.deleteIfExists(folder.resolve("bin").resolve(tool + ".exe"));
        }
    }

    private static boolean isWindows() {
        return System.getProperty("os.name").startsWith("Windows");
    }

    /** JavaFX would else unpack these into the home of each user. */
    private void unpackNatives(Path jar) throws IOException {
        Path to = folder.resolve(isWindows() ? "bin" : "lib");
        try (ZipFile zip = new ZipFile(jar.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                if (entry.getName().matches("[^/]+\\.(so|dll|dylib)")) {
                    try (InputStream in = zip.getInputStream(entry)) {
                        Files.copy(
                                in,
                                to.resolve(entry.getName()),
                                StandardCopyOption.REPLACE_EXISTING);
                    }
                }
            }
        }
    }
}

package org.zeroply.workshop.delivery;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;

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

    private static final Pattern NATIVE = Pattern.compile("[^/]+\\.(so|dll|dylib)");

    /** Links it together. */
    static TrimmedRuntime link(List<Path> javafx, Path folder) throws IOException {
        Tools.run(
                "jlink",
                List.of(
                        "--module-path",
                        Tools.path(javafx),
                        "--add-modules",
                        String.join(",", MODULES),
                        "--no-header-files",
                        "--no-man-pages",
                        "--output",
                        folder.toString()));
        // JavaFX would else unpack these into the home of each user.
        for (Path jar : javafx) {
            Tools.unpack(jar, NATIVE, folder.resolve(Platform.here().natives()));
        }
        return new TrimmedRuntime(folder);
    }

    /** Its {@code java}. */
    Path java() {
        return folder.resolve("bin").resolve(Platform.here().executable("java"));
    }

    /** Takes away what nobody starts in a package that has launchers of its own. */
    void dropTools() throws IOException {
        for (String tool : List.of("java", "javaw", "jfr", "keytool")) {
            Files.deleteIfExists(folder.resolve("bin").resolve(Platform.here().executable(tool)));
        }
    }
}

package org.zeroply.workshop.delivery;

import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What the name of a jar says.
 *
 * @param artifact such as {@code javafx-base}
 * @param version such as {@code 21.0.9}; empty where the name has none
 * @param system the system it is for, such as {@code linux}; empty for all
 */
record Component(String artifact, String version, Optional<String> system) {

    private static final Pattern NAME =
            Pattern.compile(
                    "(?<artifact>.+?)(-(?<version>\\d.*?))?(-(?<system>(linux|mac|win)[\\w-]*))?\\.jar");

    private static final Set<String> OURS =
            Set.of("chess", "engine", "coach", "library", "desktop", "cli");

    /**
     * Reads the name.
     *
     * @throws IllegalArgumentException if it is not that of a jar
     */
    static Component of(Path jar) {
        Matcher name = NAME.matcher(jar.getFileName().toString());
        if (!name.matches()) {
            throw new IllegalArgumentException(jar + " is no jar");
        }
        String version = name.group("version");
        return new Component(
                name.group("artifact"),
                version == null ? "" : version,
                Optional.ofNullable(name.group("system")));
    }

    /** Whether it is a module of this program. */
    boolean isOurs() {
        return OURS.contains(artifact);
    }
}

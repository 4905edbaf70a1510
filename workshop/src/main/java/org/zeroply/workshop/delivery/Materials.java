package org.zeroply.workshop.delivery;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import org.zeroply.workshop.command.Refusal;

/**
 * What a build left behind.
 *
 * @param program the jars of the window and of the command line, ours and those of others
 * @param javafx the modules of JavaFX for this system
 */
record Materials(List<Path> program, List<Path> javafx) {

    /**
     * Gathers them.
     *
     * @param root of the repository
     * @throws Refusal if it was not built
     */
    static Materials of(Path root) throws IOException {
        TreeMap<String, Path> program = new TreeMap<>();
        for (String door : List.of("cli", "desktop")) {
            Path target = root.resolve(door).resolve("target");
            for (Path jar : jars(target.resolve("lib"))) {
                program.put(jar.getFileName().toString(), jar);
            }
            program.put(door + ".jar", existing(target.resolve(door + ".jar")));
        }
        refuseTwins(program.values());
        // Beside the modules lie jars of the same names with nothing in them.
        List<Path> javafx =
                jars(root.resolve("desktop/target/javafx")).stream()
                        .filter(jar -> Component.of(jar).system().isPresent())
                        .toList();
        return new Materials(List.copyOf(program.values()), javafx);
    }

    /** All libraries of others that are in the package. */
    List<Path> foreign() {
        List<Path> all = new ArrayList<>(javafx);
        program.stream().filter(jar -> !Component.of(jar).isOurs()).forEach(all::add);
        return all;
    }

    /** An earlier build leaves its jars behind where only versions changed. */
    private static void refuseTwins(Collection<Path> jars) {
        Set<String> seen = new HashSet<>();
        for (Path jar : jars) {
            if (!seen.add(Component.of(jar).artifact())) {
                throw new Refusal(
                        "There is a second version of "
                                + jar.getFileName()
                                + "; build anew with mvn clean package.");
            }
        }
    }

    private static List<Path> jars(Path folder) throws IOException {
        List<Path> found = new ArrayList<>();
        try (DirectoryStream<Path> jars = Files.newDirectoryStream(existing(folder), "*.jar")) {
            jars.forEach(found::add);
        }
        return found;
    }

    private static Path existing(Path path) {
        if (!Files.exists(path)) {
            throw new Refusal(path + " is not there; build first, with ./zeroply build.");
        }
        return path;
    }
}

package org.zeroply.workshop.house;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.zeroply.workshop.command.Refusal;

/**
 * A module with its rooms.
 *
 * @param name of the module
 * @param rooms the packages right under it, each with its own sub-rooms
 * @param uses which rooms of this module each of them uses
 */
record Floor(
        String name,
        SortedMap<String, SortedSet<String>> rooms,
        SortedMap<String, SortedSet<String>> uses) {

    private static final Pattern IMPORT =
            Pattern.compile("^import (?:static )?([\\w.]+)\\.\\w+;", Pattern.MULTILINE);

    /**
     * Reads a module's sources.
     *
     * @param root of the repository
     */
    static Floor read(Path root, String name) throws IOException {
        Floor floor = new Floor(name, new TreeMap<>(), new TreeMap<>());
        Path sources = root.resolve(name).resolve("src/main/java/org/zeroply").resolve(name);
        try (Stream<Path> all = Files.walk(sources)) {
            for (Path file : all.filter(f -> f.toString().endsWith(".java")).sorted().toList()) {
                Path place = sources.relativize(file).getParent();
                if (place != null) {
                    floor.add(place, Files.readString(file));
                }
            }
        }
        return floor;
    }

    private void add(Path place, String source) {
        String room = place.getName(0).toString();
        SortedSet<String> inner = rooms.computeIfAbsent(room, r -> new TreeSet<>());
        if (place.getNameCount() > 1) {
            inner.add(place.getName(1).toString());
        }
        String own = "org.zeroply." + name + ".";
        SortedSet<String> used = uses.computeIfAbsent(room, r -> new TreeSet<>());
        IMPORT.matcher(source)
                .results()
                .map(match -> match.group(1))
                .filter(name -> name.startsWith(own))
                .map(name -> name.substring(own.length()).split("\\.")[0])
                .filter(other -> !other.equals(room))
                .forEach(used::add);
    }

    /**
     * The rooms in storeys: each uses only rooms of storeys below its own; the lowest is first.
     *
     * @throws Refusal if rooms use each other in a circle
     */
    List<List<String>> storeys() {
        List<List<String>> storeys = new ArrayList<>();
        Set<String> placed = new TreeSet<>();
        while (placed.size() < rooms.size()) {
            List<String> next =
                    rooms.keySet().stream()
                            .filter(room -> !placed.contains(room))
                            .filter(room -> placed.containsAll(known(uses.get(room))))
                            .toList();
            if (next.isEmpty()) {
                throw new Refusal("Rooms of " + name + " use each other in a circle.");
            }
            storeys.add(next);
            placed.addAll(next);
        }
        return storeys;
    }

    /** Without classes that stand in no room. */
    private Set<String> known(Set<String> used) {
        Set<String> known = new TreeSet<>(used);
        known.retainAll(rooms.keySet());
        return known;
    }
}

package org.zeroply.library.transfer;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.library.database.SettingStore;

/**
 * How far a file was read by an import, remembered in the library until its end is reached: an
 * import that was broken off goes on there. A file that was changed since is read from the start.
 */
final class BrokenOff {

    private static final String NAME = "import.broken-off ";

    private final SettingStore settings;
    private final String name;
    private final String state;

    private BrokenOff(SettingStore settings, String name, String state) {
        this.settings = settings;
        this.name = name;
        this.state = state;
    }

    /**
     * @throws IOException if the file cannot be looked at
     */
    static BrokenOff of(SettingStore settings, Path file) throws IOException {
        String state = Files.size(file) + " " + Files.getLastModifiedTime(file).toMillis();
        return new BrokenOff(settings, NAME + file.toAbsolutePath().normalize(), state);
    }

    /** Where to go on. */
    PgnReader.Place place() {
        return settings.get(name)
                .filter(s -> s.startsWith(state + " "))
                .flatMap(s -> read(s.substring(state.length() + 1)))
                .orElse(PgnReader.Place.START);
    }

    private static Optional<PgnReader.Place> read(String text) {
        String[] parts = text.split(" ");
        try {
            return Optional.of(
                    new PgnReader.Place(
                            Long.parseLong(parts[0]),
                            Integer.parseInt(parts[1]),
                            Integer.parseInt(parts[2])));
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            return Optional.empty();
        }
    }

    /** Remembers that everything before this is in the library. */
    void remember(PgnReader.Place place) {
        settings.put(name, state + " " + place.bytes() + " " + place.lines() + " " + place.games());
    }

    /** The file was read to its end. */
    void forget() {
        if (settings.get(name).isPresent()) {
            settings.put(name, "");
        }
    }
}

package org.zeroply.desktop.app;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.desktop.texts.Texts;

/**
 * What the program was started on.
 *
 * @param demo whether on a fresh copy of the demo library
 * @param library one named by the user; empty for the one at home
 * @param games files of games that are imported into it
 */
public record Opening(boolean demo, Optional<Path> library, List<Path> games) {

    /** How the program may be started. */
    public static final String USAGE = Texts.of("app.zeroply-demo-desktop-library-zpl");

    /**
     * Reads {@code demo}, or at most one library and any files of games, which {@code desktop} may
     * stand before; a file manager gives the files alone.
     *
     * @throws IllegalArgumentException with one sentence, if it is none of this
     */
    public static Opening of(List<String> arguments) {
        boolean demo = !arguments.isEmpty() && arguments.get(0).equals("demo");
        boolean named = demo || !arguments.isEmpty() && arguments.get(0).equals("desktop");
        Optional<Path> library = Optional.empty();
        List<Path> games = new ArrayList<>();
        for (String argument : arguments.subList(named ? 1 : 0, arguments.size())) {
            if (argument.startsWith("-")) {
                throw new IllegalArgumentException("There is no option " + argument + ".");
            } else if (demo) {
                throw new IllegalArgumentException(
                        "The demo is opened without a file, not on " + argument + ".");
            } else if (argument.toLowerCase(Locale.ROOT).endsWith(".pgn")) {
                games.add(Path.of(argument));
            } else if (library.isPresent()) {
                throw new IllegalArgumentException(
                        "There is no room for a second library, " + argument + ".");
            } else {
                library = Optional.of(Path.of(argument));
            }
        }
        return new Opening(demo, library, List.copyOf(games));
    }
}

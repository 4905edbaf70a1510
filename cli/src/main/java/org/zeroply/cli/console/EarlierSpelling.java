package org.zeroply.cli.console;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Questions that were options once and are commands now: {@code insight --route b1-d5} is read as
 * {@code insight route b1-d5}. Scripts of others were written with the options.
 */
public final class EarlierSpelling {

    private static final Map<String, Set<String>> OPTIONS =
            Map.of(
                    "insight",
                    Set.of("after", "moves", "route", "contest", "exchanges", "measure", "verify"),
                    "defend",
                    Set.of("checks", "wish", "what-if", "active", "fortress", "tied", "square"),
                    "ending",
                    Set.of("map"),
                    "statistics",
                    Set.of("measure"));

    private static final Map<String, List<String>> COMMANDS =
            Map.of(
                    "defend-measure", List.of("defend", "measure"),
                    "ending-check", List.of("ending", "check"));

    private EarlierSpelling() {}

    /**
     * The arguments as they are written today. Only the first such option becomes the command; a
     * second one stays and is refused like any unknown option.
     */
    public static String[] today(String... arguments) {
        List<String> words = new ArrayList<>(List.of(arguments));
        if (words.isEmpty()) {
            return arguments;
        }
        List<String> command = COMMANDS.get(words.get(0));
        if (command != null) {
            words.remove(0);
            words.addAll(0, command);
        }
        Set<String> options = OPTIONS.getOrDefault(words.get(0), Set.of());
        for (int i = 1; i < words.size(); i++) {
            String word = words.get(i);
            int equals = word.indexOf('=');
            String name = equals < 0 ? word : word.substring(0, equals);
            if (name.startsWith("--") && options.contains(name.substring(2))) {
                words.remove(i);
                if (equals >= 0) {
                    words.add(i, word.substring(equals + 1));
                }
                words.add(1, name.substring(2));
                break;
            }
        }
        return words.toArray(String[]::new);
    }
}

package org.zeroply.desktop.work;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.zeroply.engine.protocol.UciEngine;
import org.zeroply.library.database.Setting;
import org.zeroply.library.database.SettingStore;

/**
 * How the engines beside the board work.
 *
 * @param threads threads of an engine, at least 1
 * @param megabytes memory of our engine for remembered positions, in MiB
 * @param program executable of a second engine, or empty
 * @param options options of that program, one {@code name=value} a line
 * @param patienceSeconds how long to wait for that program
 */
public record EngineSettings(
        int threads, int megabytes, String program, String options, int patienceSeconds) {

    /** One thread, so that the machine stays usable, and the memory the window is meant for. */
    public static final EngineSettings USUAL = new EngineSettings(1, 256, "", "", 10);

    private static final Setting<Integer> THREADS = Setting.count("engine.threads", USUAL.threads);
    private static final Setting<Integer> MEGABYTES =
            Setting.count("engine.megabytes", USUAL.megabytes);
    private static final Setting<String> PROGRAM = Setting.text("engine.program");
    private static final Setting<String> OPTIONS = Setting.text("engine.options");
    private static final Setting<Integer> PATIENCE =
            Setting.count("engine.patience", USUAL.patienceSeconds);

    /** Reads the settings of a library; what is missing or broken is as usual. */
    public static EngineSettings load(SettingStore store) {
        return new EngineSettings(
                store.get(THREADS),
                store.get(MEGABYTES),
                store.get(PROGRAM),
                store.get(OPTIONS),
                store.get(PATIENCE));
    }

    /** Writes the settings to a library. */
    public void save(SettingStore store) {
        store.put(THREADS, threads);
        store.put(MEGABYTES, megabytes);
        store.put(PROGRAM, program);
        store.put(OPTIONS, options);
        store.put(PATIENCE, patienceSeconds);
    }

    /** The second engine, if one is named. The program is not started yet. */
    public Optional<UciEngine> second() {
        if (program.isBlank()) {
            return Optional.empty();
        }
        long millis = patienceSeconds * 1000L;
        return Optional.of(
                new UciEngine(
                        command(program),
                        optionMap(),
                        new UciEngine.Patience(millis, Math.max(1000, millis / 2))));
    }

    /** The words of a command line; words in double quotes may hold spaces. */
    static List<String> command(String line) {
        List<String> words = new ArrayList<>();
        var matcher = Pattern.compile("\"([^\"]*)\"|(\\S+)").matcher(line);
        while (matcher.find()) {
            words.add(matcher.group(1) != null ? matcher.group(1) : matcher.group(2));
        }
        return words;
    }

    private Map<String, String> optionMap() {
        Map<String, String> map = new LinkedHashMap<>();
        for (String line : options.lines().toList()) {
            int equals = line.indexOf('=');
            if (equals > 0) {
                map.put(line.substring(0, equals).strip(), line.substring(equals + 1).strip());
            }
        }
        return map;
    }
}

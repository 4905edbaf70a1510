package org.zeroply.workshop.fuzz;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.zeroply.desktop.work.EngineSettings;
import org.zeroply.library.Library;
import org.zeroply.library.store.SheetKind;
import org.zeroply.library.store.SheetQuery;
import org.zeroply.library.store.SheetRow;

/** Texts that a library is searched for, and settings as they might stand in one. */
abstract class LibraryTarget implements Target {

    private static final List<String> SETTINGS =
            List.of("threads", "megabytes", "program", "options", "patience");

    private static final List<String> PLAYERS =
            List.of(
                    "Marram, Ilse",
                    "Quay, Jonas",
                    "Ängström, Åsa",
                    "Иванов, Ё.",
                    "O'Brien-Été",
                    "棋士",
                    "100% _!",
                    "NOT OR AND \"x*\"");

    private Library library;

    /** Everything is looked for; what is not found stands nowhere. */
    static Target queries() {
        return new LibraryTarget() {
            @Override
            public String name() {
                return "queries";
            }

            @Override
            public List<byte[]> corpus() {
                return PLAYERS.stream().map(LibraryTarget::bytes).toList();
            }

            @Override
            public void read(byte[] input) {
                query(new String(input, StandardCharsets.UTF_8));
            }
        };
    }

    /** Settings that are broken are as usual. */
    static Target settings() {
        return new LibraryTarget() {
            @Override
            public String name() {
                return "settings";
            }

            @Override
            public List<byte[]> corpus() {
                return List.of(bytes("7"), bytes("\"/a b/c\" -x"), bytes("Hash=7\nA = b"));
            }

            @Override
            public void read(byte[] input) {
                setting(new String(input, StandardCharsets.UTF_8));
            }
        };
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private Library library() {
        if (library == null) {
            try {
                Path folder = Files.createTempDirectory("zeroply-fuzz");
                library = Library.open(folder.resolve("searched.zpl"));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            for (String player : PLAYERS) {
                String tag = player.replace("\"", "\\\"");
                library.sheets().add("[White \"" + tag + "\"]\n[Black \"x\"]\n\n1. e4 *\n");
            }
        }
        return library;
    }

    final void query(String text) {
        List<SheetRow> found = library().sheets().find(new SheetQuery(SheetKind.GAME, text, "", 0));
        String word = text.strip().toLowerCase(Locale.ROOT);
        boolean plain = !word.isEmpty() && word.chars().allMatch(c -> c > ' ' && c < 128);
        boolean stands = PLAYERS.stream().anyMatch(p -> p.toLowerCase(Locale.ROOT).contains(word));
        if (plain && stands && found.isEmpty()) {
            throw new AssertionError("not found: " + word);
        }
    }

    final void setting(String text) {
        for (String name : SETTINGS) {
            library().settings().put("engine." + name, text);
        }
        EngineSettings read = EngineSettings.load(library().settings());
        if (read.threads() < 1 || read.megabytes() < 1 || read.patienceSeconds() < 1) {
            throw new AssertionError("no such engine: " + Map.of(text, read));
        }
        read.second();
    }
}

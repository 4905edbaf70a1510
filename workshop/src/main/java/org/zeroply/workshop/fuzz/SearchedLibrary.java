package org.zeroply.workshop.fuzz;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.zeroply.desktop.work.EngineSettings;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;

/** A library that is searched for damaged texts, and whose settings are damaged. */
final class SearchedLibrary {

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

    /**
     * Everything is looked for, and what is not found stands nowhere; broken settings are as usual.
     */
    static List<Target> targets() {
        SearchedLibrary searched = new SearchedLibrary();
        return List.of(
                new TextTarget("queries", PLAYERS, searched::query),
                new TextTarget(
                        "settings",
                        List.of("7", "\"/a b/c\" -x", "Hash=7\nA = b"),
                        searched::setting));
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

    private void query(String text) {
        List<SheetRow> found = library().sheets().find(new SheetQuery(SheetKind.GAME, text, "", 0));
        String word = text.strip().toLowerCase(Locale.ROOT);
        boolean plain = !word.isEmpty() && word.chars().allMatch(c -> c > ' ' && c < 128);
        boolean stands = PLAYERS.stream().anyMatch(p -> p.toLowerCase(Locale.ROOT).contains(word));
        if (plain && stands && found.isEmpty()) {
            throw new AssertionError("not found: " + word);
        }
    }

    private void setting(String text) {
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

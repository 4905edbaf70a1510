package org.zeroply.cli.contract;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * The files that commands are tried on.
 *
 * @param folder they are written to
 */
record Inputs(Path folder) {

    private static final Map<String, String> FILES =
            Map.of(
                    "games.pgn",
                    """
                    [White "Marram, Ilse"]
                    [Black "Quay, Jonas"]
                    [Result "1-0"]

                    1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 4. Qxf7# 1-0

                    [White "Shoal, Greta"]
                    [Black "Marram, Ilse"]
                    [Result "1-0"]

                    1. f4 e5 2. g4 Qh4# 0-1

                    [White "Tidewell, Nora"]
                    [Black "Marram, Ilse"]
                    [Result "*"]

                    1. e4 e5 2. Ke3 *
                    """,
                    "exercise.pgn",
                    """
                    [ZpKind "calculation"]
                    [ZpTitle "Two rooks"]
                    [ZpMaxPoints "10"]
                    [SetUp "1"]
                    [FEN "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1"]

                    1. Qb8# $18 {[%zp.pts 5] [%zp.pts 3 verdict]} (1. Qxa2 {[%zp.pts 2 group=b]}) *
                    """,
                    "lesson.pgn",
                    """
                    [ZpLesson "The back rank"]
                    [ZpStep "1 show"]
                    [ZpTitle "No air"]

                    *

                    [ZpLesson "The back rank"]
                    [ZpStep "2 ask"]
                    [SetUp "1"]
                    [FEN "6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1"]

                    1. Re8# {Mate.} *
                    """,
                    "pairings.txt",
                    """
                    Round 1 2026-03-01
                    1. Ilse Marram (1880) – Greta Shoal 1-0
                    Round 2 2026-03-02
                    1. Ilse Marram – Nora Tidewell
                    no pairing
                    """,
                    "round.pgn",
                    """
                    [White "Marram, Ilse"]
                    [Black "Tidewell, Nora"]

                    1. e4 e5 2. f4 exf4 1-0
                    """,
                    "answer.txt",
                    "1. Qb8# +-\n1. Qz9\n1. Re8#\n",
                    "repertoire.pgn",
                    """
                    [Event "Our first moves"]
                    [ZpSide "white"]

                    1. e4 {[%zp.card IF black knight on c6 THEN play Bb5]} e5 2. Nf3 (2. f4) Nc6 3. Bb5 *

                    [ZpSide "white"]

                    1. Nf3 e5 2. e4 Nc6 3. Bc4 *
                    """,
                    "positions.epd",
                    """
                    6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - bm Qb8#; id "corridor";
                    6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - bm Qxa2; id "greed";
                    """,
                    "lines.epd",
                    """
                    6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - id "corridor";
                    """);

    /** The words of a command; a name of a file stands for the file, the rest for itself. */
    String[] words(String command) {
        List<String> words = new ArrayList<>();
        String[] parts = command.split("'");
        for (int i = 0; i < parts.length; i++) {
            if (i % 2 == 1) {
                words.add(parts[i]);
            } else {
                Arrays.stream(parts[i].split("\\s+"))
                        .filter(word -> !word.isEmpty())
                        .forEach(word -> words.add(place(word)));
            }
        }
        return words.toArray(String[]::new);
    }

    private String place(String word) {
        boolean file = word.matches("[\\w-]+\\.(pgn|txt|epd|zpl|zip|pdf|html)|cache");
        return file ? folder.resolve(word).toString() : word;
    }

    void write() {
        FILES.forEach(
                (name, text) -> {
                    try {
                        Files.writeString(folder.resolve(name), text);
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                });
    }
}

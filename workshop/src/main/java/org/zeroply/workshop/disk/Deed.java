package org.zeroply.workshop.disk;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.report.Report;
import org.zeroply.library.report.ReportWriter;
import org.zeroply.library.sample.SyntheticGames;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.transfer.Exporter;
import org.zeroply.library.transfer.ImportReport;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

/** Something done with a library that writes to the disk. */
enum Deed {
    OPEN {
        @Override
        void on(Library library, Path folder) {
            Library.open(folder.resolve("second.zpl")).close();
        }
    },
    SAVE {
        @Override
        void on(Library library, Path folder) {
            long id = library.sheets().newest(SheetKind.GAME).orElseThrow();
            MoveTree tree = library.sheets().load(id);
            TreeEditor editor = new TreeEditor(tree);
            editor.comment(tree.root(), "words ".repeat(4_000));
            library.sheets().save(id, tree);
        }
    },
    IMPORT {
        @Override
        void on(Library library, Path folder) throws IOException {
            StringBuilder games = new StringBuilder();
            SyntheticGames maker = new SyntheticGames(2);
            for (int i = 0; i < 300; i++) {
                maker.write(i, games);
            }
            ImportReport report =
                    new Importer(library, Progress.NONE, new Cancellation())
                            .text(games.toString(), "games");
            library.games().update();
            if (report.read() != 300) {
                throw new AssertionError("the import left games out without a word");
            }
        }
    },
    BACKUP {
        @Override
        void on(Library library, Path folder) {
            library.backups().make();
        }
    },
    RESTORE {
        @Override
        void on(Library library, Path folder) {
            library.backups().restore(library.backups().make().file());
        }
    },
    MEND {
        @Override
        void on(Library library, Path folder) {
            library.check().mend();
        }
    },
    EXPORT {
        @Override
        void on(Library library, Path folder) {
            new Exporter(library).write(folder.resolve(OUT + "zip"));
        }
    },
    EXPORT_GAMES {
        @Override
        void on(Library library, Path folder) {
            new Exporter(library).write(folder.resolve(OUT + "pgn"));
        }
    },
    REPORT {
        @Override
        void on(Library library, Path folder) throws IOException {
            ReportWriter.write(report(), folder.resolve(OUT + "pdf"));
        }
    },
    PAGE {
        @Override
        void on(Library library, Path folder) throws IOException {
            ReportWriter.write(report(), folder.resolve(OUT + "html"));
        }
    };

    /** The name of what is written, up to its ending. */
    static final String OUT = "out.";

    /**
     * Does it.
     *
     * @throws IOException or a {@link org.zeroply.library.LibraryException} if the disk does not
     *     allow it; what was there before is as it was
     */
    abstract void on(Library library, Path folder) throws IOException;

    private static Report report() {
        List<Report.Block> lines =
                IntStream.range(0, 200)
                        .<Report.Block>mapToObj(
                                i -> new Report.Text("Line " + i, Report.Tone.PLAIN))
                        .toList();
        return new Report("A report", "", lines, "");
    }

    /** Makes a library with some games and a student. */
    static void prepare(Path file) throws IOException {
        try (Library library = Library.open(file)) {
            SyntheticGames maker = new SyntheticGames(1);
            StringBuilder games = new StringBuilder();
            for (int i = 0; i < GAMES; i++) {
                maker.write(i, games);
            }
            new Importer(library, Progress.NONE, new Cancellation())
                    .text(games.toString(), "games");
            library.games().update();
            library.students().add("Nora", 1700);
            library.sheets().add(new MoveTree(Position.START));
        }
    }

    private static final int GAMES = 40;

    /** Games in a prepared library, the one begun by hand included. */
    static int games() {
        return GAMES + 1;
    }

    /** Leaves an older file of each name, which must stay as it is unless a whole new one comes. */
    static void older(Path folder) throws IOException {
        for (String ending : ENDINGS) {
            Files.writeString(folder.resolve(OUT + ending), OLDER);
        }
    }

    private static final List<String> ENDINGS = List.of("zip", "pgn", "pdf", "html");
    private static final String OLDER = "older";

    /** Whether every file that is written whole or not at all is so. */
    static boolean areWhole(Path folder) throws IOException {
        for (String ending : ENDINGS) {
            byte[] bytes = Files.readAllBytes(folder.resolve(OUT + ending));
            String text = new String(bytes, StandardCharsets.ISO_8859_1);
            boolean whole =
                    switch (ending) {
                        case "zip" -> text.startsWith("PK") && text.contains("PK\005\006");
                        case "pdf" ->
                                text.startsWith("%PDF") && text.stripTrailing().endsWith("%%EOF");
                        case "html" -> text.stripTrailing().endsWith("</html>");
                        default -> text.endsWith("\n\n");
                    };
            if (!whole && !text.equals(OLDER)) {
                return false;
            }
        }
        return true;
    }
}

package org.zeroply.workshop.kill;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.sample.SyntheticGames;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetStep;
import org.zeroply.library.sheet.SheetStore.State;
import org.zeroply.library.transfer.Exporter;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

/**
 * Work that a program does with a library, to be killed in. What is done is said, a line each, once
 * nothing may take it back: {@code games N} and {@code moves N} are in the library from then on.
 */
enum Work {

    /** Makes libraries, one after the other in one place. */
    CREATE {
        @Override
        void run(Path folder, Says says) throws IOException {
            for (int i = 0; i < ROUNDS; i++) {
                Library.open(library(folder)).close();
                says.ready();
                Files.delete(library(folder));
            }
            Library.open(library(folder)).close();
        }

        @Override
        void prepare(Path folder) {
            // Nothing is there to begin with.
        }
    },

    /** Imports games, again and again the same and some more. */
    IMPORT {
        @Override
        void run(Path folder, Says says) {
            try (Library library = Library.open(library(folder))) {
                says.ready();
                for (int i = 1; i <= ROUNDS; i++) {
                    read(library, games(i * GAMES));
                    says.games(i * GAMES);
                }
            }
        }
    },

    /** Imports an archive. */
    ARCHIVE {
        @Override
        void run(Path folder, Says says) {
            try (Library library = Library.open(library(folder))) {
                says.ready();
                Path zip = folder.resolve("archive.zip");
                new Importer(library, Progress.NONE, new Cancellation()).files(List.of(zip));
                says.games(ROUNDS * GAMES);
            }
        }

        @Override
        void prepare(Path folder) {
            super.prepare(folder);
            Path other = folder.resolve("other.zpl");
            try (Library library = Library.open(other)) {
                read(library, games(ROUNDS * GAMES));
                library.students().add("Nora", 1700);
                new Exporter(library).write(folder.resolve("archive.zip"));
            }
        }
    },

    /** Plays moves in a game and saves after each. */
    SAVE {
        @Override
        void run(Path folder, Says says) {
            try (Library library = Library.open(library(folder))) {
                long id = library.sheets().newest(SheetKind.GAME).orElseThrow();
                says.ready();
                MoveTree known = library.sheets().load(id);
                for (int i = 0; i < MOVES; i++) {
                    MoveTree next = known.copy();
                    Node end = next.root().mainLineEnd();
                    if (end.position().legalMoves().isEmpty()) {
                        return;
                    }
                    new TreeEditor(next).add(end, end.position().legalMoves().get(0));
                    library.sheets().save(id, known, List.of(new State(next, SheetStep.CHANGE)));
                    says.moves(next.mainLine().size());
                    known = next;
                }
            }
        }
    },

    /** Sorts games into the index of positions. */
    INDEX {
        @Override
        void run(Path folder, Says says) {
            try (Library library = Library.open(library(folder))) {
                says.ready();
                for (int i = 0; i < ROUNDS; i++) {
                    library.check().mend();
                }
            }
        }
    },

    /** Writes copies and goes back to them. */
    RESTORE {
        @Override
        void run(Path folder, Says says) {
            try (Library library = Library.open(library(folder))) {
                says.ready();
                for (int i = 0; i < ROUNDS; i++) {
                    library.backups().restore(library.backups().make().file());
                    says.games(GAMES);
                }
            }
        }
    },

    /** Brings an older library up to date. */
    MIGRATE {
        @Override
        void run(Path folder, Says says) throws IOException {
            for (int i = 0; i < ROUNDS; i++) {
                Library.open(library(folder)).close();
                says.ready();
                says.games(1);
                // Put there whole: half a copy would be this campaign's fault.
                Path next = folder.resolve("next.zpl");
                Files.copy(folder.resolve("old.zpl"), next, StandardCopyOption.REPLACE_EXISTING);
                Files.move(next, library(folder), StandardCopyOption.ATOMIC_MOVE);
            }
        }

        @Override
        void prepare(Path folder) {
            try {
                OldLibrary.write(folder.resolve("old.zpl"));
                Files.copy(folder.resolve("old.zpl"), library(folder));
            } catch (IOException e) {
                throw new LibraryException("no old library could be made", e);
            }
        }
    };

    private static final int ROUNDS = 8;
    private static final int GAMES = 40;
    private static final int MOVES = 300;

    /** Where what is done is said. */
    interface Says {
        /** The library is open. */
        void ready();

        /** So many games are in the library. */
        void games(int count);

        /** The last game has so many moves. */
        void moves(int count);
    }

    /** The work itself; it may be killed at any moment. */
    abstract void run(Path folder, Says says) throws IOException;

    /** Makes what is needed in an empty folder: a library with some games. */
    void prepare(Path folder) {
        try (Library library = Library.open(library(folder))) {
            read(library, games(GAMES));
            library.sheets().add(new MoveTree(Position.START));
        }
    }

    static Path library(Path folder) {
        return folder.resolve("library.zpl");
    }

    /** The first games of a long list, as PGN. */
    private static String games(int count) {
        StringBuilder pgn = new StringBuilder();
        SyntheticGames maker = new SyntheticGames(1);
        try {
            for (int i = 0; i < count; i++) {
                maker.write(i, pgn);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return pgn.toString();
    }

    private static void read(Library library, String games) {
        new Importer(library, Progress.NONE, new Cancellation()).text(games, "games");
        library.games().update();
    }

    /** How many different games there are after all of the work, the one begun by hand included. */
    static int gamesIn(Library library) {
        return library.sheets().find(SheetQuery.all(SheetKind.GAME)).size();
    }
}

package org.zeroply.workshop.walk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetStep;
import org.zeroply.library.sheet.SheetStore.State;
import org.zeroply.library.transfer.Exporter;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

/** One walk: steps drawn at random, each done to the library and to what is expected of it. */
final class Walk implements AutoCloseable {

    private static final List<String> NAMES = List.of("Marram", "Quay", "Tern", "Skua", "Anker");
    private static final int LOOK_EVERY = 100;

    private final Path folder;
    private final Random random;
    private final Expected expected = new Expected();
    private final PupilSteps pupils;
    private Library library;
    private Library second;
    private int files;
    private int made;

    Walk(Path folder, long seed) {
        this.folder = folder;
        this.random = new Random(seed);
        this.pupils = new PupilSteps(random, expected, this::any);
        library = Library.open(file());
        second = Library.open(file());
    }

    private Path file() {
        return folder.resolve("walk-" + files + ".zpl");
    }

    /** One thing a user does; nothing where it is not possible just now. */
    private interface Step {
        void run() throws IOException;
    }

    /**
     * Walks on.
     *
     * @throws AssertionError when the library is not as expected
     */
    void go(int steps) throws IOException {
        List<Step> often =
                List.of(this::add, this::edit, this::edit, this::edit, this::back, this::forth);
        List<Step> seldom =
                List.of(
                        this::putAway,
                        this::bringBack,
                        this::rename,
                        this::collect,
                        this::takeOut,
                        this::editBeside,
                        pupils::addStudent,
                        pupils::renameStudent,
                        pupils::putStudentAway,
                        pupils::bringStudentBack,
                        pupils::attempt,
                        pupils::putAttemptAway,
                        pupils::assign);
        List<Step> rarely =
                List.of(
                        this::reopen,
                        this::kill,
                        this::archive,
                        this::archiveBack,
                        this::backUpAndRestore);
        for (int i = 1; i <= steps; i++) {
            int kind = random.nextInt(20);
            List<Step> from = kind == 0 ? rarely : kind < 8 ? seldom : often;
            from.get(random.nextInt(from.size())).run();
            if (i % LOOK_EVERY == 0 || i == steps) {
                new Looking(library, second, expected).look(NAMES);
            }
        }
    }

    /** This program or the other one. */
    private Library any() {
        return random.nextInt(4) == 0 ? second : library;
    }

    private String name() {
        return NAMES.get(random.nextInt(NAMES.size()));
    }

    // ---- Sheets ---------------------------------------------------------------------------------

    private void add() {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        if (random.nextInt(5) == 0) {
            editor.tag("ZpSide", random.nextBoolean() ? "white" : "black");
        } else {
            editor.tag("White", name());
            editor.tag("Black", name());
        }
        editor.tag("Round", String.valueOf(++made));
        for (int i = random.nextInt(12); i > 0; i--) {
            play(editor);
        }
        long id = any().sheets().add(editor.tree());
        Looking.require(!expected.sheets.containsKey(id), "a number was given twice: " + id);
        expected.sheets.put(id, new Expected.Sheet(PgnWriter.write(editor.tree())));
    }

    private void play(TreeEditor editor) {
        Node end = editor.tree().root().mainLineEnd();
        List<Move> legal = end.position().legalMoves();
        if (!legal.isEmpty()) {
            editor.add(end, legal.get(random.nextInt(legal.size())));
        }
    }

    private MoveTree changed(MoveTree known) {
        TreeEditor editor = new TreeEditor(known.copy());
        List<Node> nodes = editor.tree().nodes();
        Node node = nodes.get(random.nextInt(nodes.size()));
        switch (random.nextInt(3)) {
            case 0 -> editor.comment(node, "words " + random.nextInt(1000) + " } 1-0");
            case 1 -> editor.tag("Event", "Club " + random.nextInt(50));
            default -> play(editor);
        }
        return editor.tree();
    }

    private void edit() {
        long id = expected.anySheet(random, false);
        if (id > 0) {
            Library in = any();
            MoveTree known = in.sheets().load(id);
            MoveTree now = changed(known);
            long kept = in.sheets().save(id, known, List.of(new State(now, SheetStep.CHANGE)));
            Looking.require(kept == id, "an edit was kept beside without need");
            expected.sheets.get(id).change(PgnWriter.write(now));
        }
    }

    /** Two programs edit one sheet: the later one's state is kept beside. */
    private void editBeside() {
        long id = expected.anySheet(random, false);
        if (id > 0) {
            MoveTree known = library.sheets().load(id);
            MoveTree theirs = changed(known);
            second.sheets().save(id, known, List.of(new State(theirs, SheetStep.CHANGE)));
            expected.sheets.get(id).change(PgnWriter.write(theirs));
            MoveTree ours = changed(known);
            long kept =
                    library.sheets().save(id, known, List.of(new State(ours, SheetStep.CHANGE)));
            boolean differs = !PgnWriter.write(theirs).equals(PgnWriter.write(known));
            Looking.require(
                    (kept != id) == differs, "a change of another program was written over");
            if (kept == id) {
                expected.sheets.get(id).change(PgnWriter.write(ours));
            } else {
                Expected.Sheet beside = new Expected.Sheet(PgnWriter.write(known));
                beside.change(PgnWriter.write(ours));
                expected.sheets.put(kept, beside);
            }
        }
    }

    private void back() {
        step(SheetStep.UNDO);
    }

    private void forth() {
        step(SheetStep.REDO);
    }

    private void step(SheetStep step) {
        long id = expected.anySheet(random, false);
        if (id > 0) {
            Library in = any();
            Expected.Sheet sheet = expected.sheets.get(id);
            boolean undo = step == SheetStep.UNDO;
            Optional<MoveTree> found = undo ? in.sheets().earlier(id) : in.sheets().later(id);
            int to = sheet.at + (undo ? -1 : 1);
            boolean possible = to >= 0 && to < sheet.texts.size();
            Looking.require(
                    found.isPresent() == possible, step + " of " + id + ": " + found.isPresent());
            if (possible) {
                Looking.same(sheet.texts.get(to), PgnWriter.write(found.get()), step + " of " + id);
                in.sheets().save(id, List.of(new State(found.get(), step)));
                sheet.at = to;
            }
        }
    }

    private void rename() {
        String from = name();
        String to = name();
        any().sheets().rename(from, to);
        expected.sheets.values().stream()
                .filter(s -> !s.away)
                .forEach(
                        s -> {
                            String now = s.now();
                            for (String tag : List.of("White", "Black")) {
                                String row = "[" + tag + " \"%s\"]";
                                now = now.replace(row.formatted(from), row.formatted(to));
                            }
                            s.change(now);
                        });
    }

    private void putAway() {
        move(false);
    }

    private void bringBack() {
        move(true);
    }

    private void move(boolean back) {
        long id = expected.anySheet(random, back);
        if (id > 0) {
            boolean chapter = expected.sheets.get(id).isChapter();
            BinStore.Kind kind = chapter ? BinStore.Kind.REPERTOIRE : BinStore.Kind.GAME;
            move(any(), new BinStore.Item(kind, id), back);
            expected.sheets.get(id).away = !back;
        }
    }

    /** Puts something away, or brings it back. */
    static void move(Library in, BinStore.Item item, boolean back) {
        if (back) {
            in.bin().restore(List.of(item));
        } else {
            in.bin().put(List.of(item));
        }
    }

    private void collect() {
        long id = expected.anySheet(random, false);
        if (id > 0) {
            String name = name();
            any().collections().put(name, List.of(id));
            expected.collections.computeIfAbsent(name, n -> new HashSet<>()).add(id);
        }
    }

    private void takeOut() {
        expected.collections.keySet().stream()
                .findFirst()
                .flatMap(any().collections()::named)
                .ifPresent(
                        c -> {
                            List<Long> in = library.collections().sheets(c.id());
                            library.collections().take(c.id(), in);
                            // What is in the bin stays in it, and comes back into it.
                            expected.collections
                                    .get(c.name())
                                    .removeIf(id -> !expected.sheets.get(id).away);
                        });
    }

    // ---- The file -------------------------------------------------------------------------------

    private void reopen() {
        close();
        library = Library.open(file());
        second = Library.open(file());
    }

    /** What a killed program leaves: the files as they are in the middle of everything. */
    private void kill() throws IOException {
        Path before = file();
        files++;
        Files.copy(before, file());
        Path log = before.resolveSibling(before.getFileName() + "-wal");
        if (Files.exists(log)) {
            Files.copy(log, file().resolveSibling(file().getFileName() + "-wal"));
        }
        close();
        Files.delete(before);
        library = Library.open(file());
        second = Library.open(file());
    }

    /** Everything is written into an archive and read into an empty library. */
    private void archive() throws IOException {
        Path zip = folder.resolve("all.zip");
        new Exporter(any()).write(zip);
        Path other = folder.resolve("other.zpl");
        try (Library copy = Library.open(other)) {
            new Importer(copy, Progress.NONE, new Cancellation()).files(List.of(zip));
            sameContent(expected, copy, "the archive");
            copy.bin().restore(copy.bin().all().stream().map(BinStore.Entry::item).toList());
            sameContent(expected.allBack(), copy, "the archive, all brought back");
        }
        Files.delete(other);
        Files.delete(zip);
    }

    /** The same content, though not under the same numbers; what is there twice comes once. */
    private static void sameContent(Expected wanted, Library found, String what) {
        Set<String> listed = new TreeSet<>(wanted.listed().values());
        Looking.same(
                listed.toString(), new TreeSet<>(Looking.texts(found).values()).toString(), what);
        Set<String> away = new TreeSet<>(wanted.away());
        away.removeAll(listed);
        Looking.same(
                away.toString(),
                new TreeSet<>(Looking.away(found)).toString(),
                "the bin of " + what);
        Looking.same(wanted.people(), Looking.people(found), "the people of " + what);
        Looking.same(
                wanted.collected().toString(),
                Looking.collected(found).toString(),
                "the collections of " + what);
    }

    /** Everything is written into an archive and read into the same library: nothing is changed. */
    private void archiveBack() throws IOException {
        Path zip = folder.resolve("same.zip");
        new Exporter(any()).write(zip);
        new Importer(any(), Progress.NONE, new Cancellation()).files(List.of(zip));
        Files.delete(zip);
        new Looking(library, second, expected).look(NAMES);
    }

    /** A copy is made, something is changed, and the copy is gone back to. */
    private void backUpAndRestore() throws IOException {
        Path copy = library.backups().make().file();
        library.sheets().add(new MoveTree(Position.START));
        library.backups().restore(copy);
        reopen();
    }

    @Override
    public void close() {
        library.close();
        second.close();
    }
}

package org.zeroply.workshop.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.LongStream;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.store.BinStore;
import org.zeroply.library.store.SheetKind;
import org.zeroply.library.store.SheetQuery;
import org.zeroply.library.store.Student;
import org.zeroply.library.store.care.LibraryCheck;
import org.zeroply.library.store.index.GameFilter;

/** Compares a library, open in two programs, with what is expected of it. */
final class Looking {

    private final Library library;
    private final Library second;
    private final Expected expected;

    Looking(Library library, Library second, Expected expected) {
        this.library = library;
        this.second = second;
        this.expected = expected;
    }

    /** The texts of the games that are not put away, by their numbers. */
    static Map<Long, String> texts(Library in) {
        Map<Long, String> texts = new TreeMap<>();
        LongStream.of(in.sheets().ids(SheetQuery.all(SheetKind.GAME)))
                .forEach(id -> texts.put(id, PgnWriter.write(in.sheets().load(id))));
        return texts;
    }

    /**
     * Looks.
     *
     * @param names those by which games are searched
     * @throws AssertionError if something is not as expected
     */
    void look(List<String> names) {
        Map<Long, String> listed = expected.listed();
        for (Library in : List.of(library, second)) {
            same(listed.toString(), texts(in).toString(), "the games");
            int came = in.games().at(Position.START, GameFilter.ALL).games();
            same(listed.size() + "", came + "", "the games of the index");
        }
        for (String name : names) {
            long found = library.sheets().ids(new SheetQuery(SheetKind.GAME, name, "", 0)).length;
            long has = listed.values().stream().filter(t -> t.contains(name)).count();
            same(has + "", found + "", "the games found by " + name);
        }
        expected.collections.forEach(
                (name, sheets) ->
                        same(
                                sheets.stream()
                                        .filter(id -> !expected.sheets.get(id).away)
                                        .sorted()
                                        .toList()
                                        .toString(),
                                new TreeSet<>(inCollection(name)).toString(),
                                "the collection " + name));
        bin(library.bin().all());
        students();
        LibraryCheck.Result check = library.check().run(part -> {}, new Cancellation());
        require(check.isSound(), "not whole: " + check.complaints());
    }

    private List<Long> inCollection(String name) {
        return library.collections()
                .named(name)
                .map(c -> library.collections().sheets(c.id()))
                .orElse(List.of());
    }

    private void bin(List<BinStore.Entry> bin) {
        List<Long> away =
                expected.sheets.keySet().stream()
                        .filter(id -> expected.sheets.get(id).away)
                        .toList();
        List<Long> found =
                bin.stream()
                        .map(BinStore.Entry::item)
                        .filter(i -> i.kind() == BinStore.Kind.GAME)
                        .map(BinStore.Item::id)
                        .sorted()
                        .toList();
        same(away.toString(), found.toString(), "the bin");
        for (long id : away) {
            same(
                    expected.sheets.get(id).now(),
                    PgnWriter.write(library.sheets().load(id)),
                    "a sheet in the bin");
        }
    }

    private void students() {
        Map<Long, String> wanted = new TreeMap<>();
        expected.pupils.forEach(
                (id, p) -> {
                    if (!p.away) {
                        wanted.put(id, p.name + p.attempts);
                    }
                });
        Map<Long, String> found = new TreeMap<>();
        for (Student s : library.students().all()) {
            List<String> attempts = new ArrayList<>();
            library.attempts().of(s.id()).forEach(a -> attempts.add(a.uuid()));
            found.put(s.id(), s.name() + new TreeSet<>(attempts));
        }
        same(wanted.toString(), found.toString(), "the students");
    }

    static void same(String wanted, String found, String what) {
        if (!wanted.equals(found)) {
            int at = 0;
            int most = Math.min(wanted.length(), found.length());
            while (at < most && wanted.charAt(at) == found.charAt(at)) {
                at++;
            }
            String rest = " … at " + at + ": expected " + around(wanted, at) + ", found ";
            throw new AssertionError(what + rest + around(found, at));
        }
    }

    private static String around(String text, int at) {
        return "'" + text.substring(Math.max(0, at - 60), Math.min(text.length(), at + 60)) + "'";
    }

    static void require(boolean holds, String what) {
        if (!holds) {
            throw new AssertionError(what);
        }
    }
}

package org.zeroply.workshop.walk;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.care.LibraryCheck;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.CollectionStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.student.Student;

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

    /** The texts of the games and chapters that are not put away, by their numbers. */
    static Map<Long, String> texts(Library in) {
        Map<Long, String> texts = new TreeMap<>();
        for (SheetKind kind : List.of(SheetKind.GAME, SheetKind.REPERTOIRE)) {
            LongStream.of(in.sheets().ids(SheetQuery.all(kind)))
                    .forEach(id -> texts.put(id, PgnWriter.write(in.sheets().load(id))));
        }
        return texts;
    }

    /** The texts of sheets in the bin, sorted. */
    static List<String> away(Library in) {
        return in.bin().all().stream()
                .map(BinStore.Entry::item)
                .filter(i -> SHEETS.contains(i.kind()))
                .map(i -> PgnWriter.write(in.sheets().load(i.id())))
                .sorted()
                .toList();
    }

    private static final Set<BinStore.Kind> SHEETS =
            EnumSet.of(BinStore.Kind.GAME, BinStore.Kind.REPERTOIRE);

    /** The texts in each collection, those in the bin too. */
    static Map<String, Set<String>> collected(Library in) {
        Map<String, Set<String>> all = new TreeMap<>();
        for (CollectionStore.Collection c : in.collections().all()) {
            Set<String> texts = all.computeIfAbsent(c.name(), n -> new TreeSet<>());
            for (long id : in.collections().withPutAway(c.id())) {
                texts.add(PgnWriter.write(in.sheets().load(id)));
            }
        }
        return all;
    }

    /** The students, in the bin or not, as {@link Expected#people} has them. */
    static String people(Library in) {
        Set<String> people = new TreeSet<>();
        in.students().all().forEach(s -> people.add(person(in, s)));
        in.students().putAway().keySet().forEach(s -> people.add("in the bin: " + person(in, s)));
        return people.toString();
    }

    private static String person(Library in, Student student) {
        Set<String> kept = new TreeSet<>();
        Set<String> away = new TreeSet<>();
        in.attempts()
                .withPutAway(student.id())
                .forEach((a, at) -> (at.isPresent() ? away : kept).add(a.uuid()));
        Set<String> tasks = new TreeSet<>();
        in.assignments().of(student.id()).forEach(a -> tasks.add(a.homework().reason()));
        return Expected.person(student.name(), kept, tasks) + away;
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
            same(games().count() + "", came + "", "the games of the index");
        }
        for (String name : names) {
            long found = library.sheets().ids(new SheetQuery(SheetKind.GAME, name, "", 0)).length;
            long has = games().filter(t -> t.contains(name)).count();
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
        same(expected.away().toString(), away(library).toString(), "the bin");
        same(expected.people(), people(library), "the students");
        listedAttempts();
        LibraryCheck.Result check = library.check().run(part -> {}, new Cancellation());
        require(check.isSound(), "not whole: " + check.complaints());
    }

    private Stream<String> games() {
        return expected.sheets.values().stream()
                .filter(s -> !s.away && !s.isChapter())
                .map(Expected.Sheet::now);
    }

    private List<Long> inCollection(String name) {
        return library.collections()
                .named(name)
                .map(c -> library.collections().sheets(c.id()))
                .orElse(List.of());
    }

    /** What is in the bin, and all of a student who is, is not listed. */
    private void listedAttempts() {
        Set<String> wanted = new TreeSet<>();
        expected.pupils.values().stream()
                .filter(p -> !p.away)
                .forEach(p -> wanted.addAll(p.attempts));
        Set<String> found = new TreeSet<>();
        library.attempts().all().forEach(a -> found.add(a.uuid()));
        same(wanted.toString(), found.toString(), "the attempts");
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

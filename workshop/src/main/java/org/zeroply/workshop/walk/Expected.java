package org.zeroply.workshop.walk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** What must be in a library, kept as simply as can be. */
final class Expected {

    /** A sheet: every text it had, which of them it has now, and whether it was put away. */
    static final class Sheet {
        final List<String> texts = new ArrayList<>();
        int at;
        boolean away;

        Sheet(String text) {
            texts.add(text);
        }

        String now() {
            return texts.get(at);
        }

        /** Whether it is a chapter of a repertoire and no game. */
        boolean isChapter() {
            return now().contains("[ZpSide ");
        }

        /** A change; what was taken back before it cannot be made again. */
        void change(String text) {
            if (!text.equals(now())) {
                texts.subList(at + 1, texts.size()).clear();
                texts.add(text);
                at++;
            }
        }
    }

    /**
     * A student: the name, the attempts by their names with those that were put away, what is to be
     * solved by its reason, and whether the student was put away.
     */
    static final class Pupil {
        String name;
        final Set<String> attempts = new TreeSet<>();
        final Set<String> attemptsAway = new TreeSet<>();
        final Map<String, Long> assigned = new TreeMap<>();
        boolean away;

        Pupil(String name) {
            this.name = name;
        }
    }

    final Map<Long, Sheet> sheets = new TreeMap<>();
    final Map<Long, Pupil> pupils = new TreeMap<>();
    final Map<String, Set<Long>> collections = new HashMap<>();

    /** Any sheet that is put away, or is not; -1 where there is none. */
    long anySheet(Random random, boolean away) {
        return any(
                random, sheets.keySet().stream().filter(k -> sheets.get(k).away == away).toList());
    }

    /** Any student that is put away, or is not; -1 where there is none. */
    long anyPupil(Random random, boolean away) {
        return any(
                random, pupils.keySet().stream().filter(k -> pupils.get(k).away == away).toList());
    }

    private static long any(Random random, List<Long> of) {
        return of.isEmpty() ? -1 : of.get(random.nextInt(of.size()));
    }

    /** The students, in the bin or not, with all that is theirs. */
    String people() {
        Set<String> people = new TreeSet<>();
        pupils.values()
                .forEach(
                        p -> {
                            Set<String> tasks = new TreeSet<>(p.assigned.keySet());
                            tasks.removeIf(t -> sheets.get(p.assigned.get(t)).away);
                            people.add(
                                    (p.away ? "in the bin: " : "")
                                            + person(p.name, p.attempts, tasks)
                                            + p.attemptsAway);
                        });
        return people.toString();
    }

    /** One of them, without what is in the bin. */
    static String person(String name, Set<String> attempts, Set<String> tasks) {
        return name + attempts + tasks;
    }

    /** The texts in each collection, those in the bin too. */
    Map<String, Set<String>> collected() {
        Map<String, Set<String>> all = new TreeMap<>();
        collections.forEach(
                (name, ids) -> {
                    Set<String> texts = all.computeIfAbsent(name, n -> new TreeSet<>());
                    ids.forEach(id -> texts.add(sheets.get(id).now()));
                });
        return all;
    }

    /** The same with nothing in the bin. */
    Expected allBack() {
        Expected back = new Expected();
        back.sheets.putAll(sheets);
        collections.forEach(back.collections::put);
        back.sheets.replaceAll((id, sheet) -> new Sheet(sheet.now()));
        pupils.forEach(
                (id, p) -> {
                    Pupil pupil = new Pupil(p.name);
                    pupil.attempts.addAll(p.attempts);
                    pupil.attempts.addAll(p.attemptsAway);
                    pupil.assigned.putAll(p.assigned);
                    back.pupils.put(id, pupil);
                });
        return back;
    }

    /** The texts of the sheets that are put away, sorted. */
    List<String> away() {
        return sheets.values().stream().filter(s -> s.away).map(Sheet::now).sorted().toList();
    }

    /** The texts of the sheets that are not put away, by their numbers. */
    Map<Long, String> listed() {
        Map<Long, String> listed = new TreeMap<>();
        sheets.forEach(
                (id, sheet) -> {
                    if (!sheet.away) {
                        listed.put(id, sheet.now());
                    }
                });
        return listed;
    }
}

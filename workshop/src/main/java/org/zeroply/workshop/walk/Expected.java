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

        /** A change; what was taken back before it cannot be made again. */
        void change(String text) {
            if (!text.equals(now())) {
                texts.subList(at + 1, texts.size()).clear();
                texts.add(text);
                at++;
            }
        }
    }

    /** A student: the name, the attempts by their names, and whether the student was put away. */
    static final class Pupil {
        String name;
        final Set<String> attempts = new TreeSet<>();
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

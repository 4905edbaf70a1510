package org.zeroply.library.sheet;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.fact.tactics.theme.Theme;

/** The exercises of a library that train a theme: those that name it among their themes. */
public final class TrainingExercises {

    private TrainingExercises() {}

    /** The exercises for each of these themes; a theme without any is left out. */
    public static Map<Theme, List<SheetRow>> of(SheetStore sheets, Collection<Theme> wanted) {
        Map<Theme, List<SheetRow>> exercises = new EnumMap<>(Theme.class);
        for (StoredExercise stored : StoredExercise.all(sheets)) {
            SheetRow row = stored.row();
            String named = stored.tree().tag(Exercise.THEMES).toLowerCase(Locale.ROOT);
            List<String> themes = List.of(named.split("\\s*[,;]\\s*"));
            wanted.stream()
                    .filter(theme -> themes.contains(theme.words()))
                    .forEach(t -> exercises.computeIfAbsent(t, x -> new ArrayList<>()).add(row));
        }
        return exercises;
    }
}

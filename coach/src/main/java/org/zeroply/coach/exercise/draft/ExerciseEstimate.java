package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.fact.tactics.theme.ThemeFinder;

/**
 * What can be said about a new exercise before anybody has solved it. The band is a rule of thumb
 * of this program, measured against nobody; results correct it later.
 *
 * @param minutes time to allow
 * @param band ratings it is probably for, {@code 1600-1900}
 * @param themes what it trains
 */
record ExerciseEstimate(int minutes, String band, List<String> themes) {

    /**
     * Rating in the middle of the band of the easiest exercises; a first guess that results
     * correct: our choice.
     */
    private static final int EASIEST = 1100;

    /** Rating by which each unit of hardness lifts the band: our choice. */
    private static final int STEP = 70;

    /** The band reaches so far to either side, in rating: our choice. */
    private static final int HALF_BAND = 150;

    static ExerciseEstimate of(MoveTree tree, Choice choice, List<Effort> efforts, boolean baited) {
        List<Move> main = tree.mainLine().stream().map(Node::move).toList();
        long toFind = efforts.stream().filter(e -> e.weight() > 0 && !e.verdict()).count();
        Set<String> themes = themes(tree.start(), main);
        double hardness =
                0.6 * Math.min(12, choice.depthFound())
                        + 0.35 * main.size()
                        + 0.3 * toFind
                        + (themes.contains("quiet move") ? 1 : 0)
                        + (themes.contains("sacrifice") ? 1 : 0)
                        + (baited ? 0.7 : 0);
        int middle = Math.min(2400, EASIEST + (int) Math.round(STEP * hardness / 50) * 50);
        int minutes = (int) Math.max(5, Math.min(25, Math.round(4 + 1.2 * toFind)));
        return new ExerciseEstimate(
                minutes,
                (middle - HALF_BAND) + "-" + (middle + HALF_BAND),
                new ArrayList<>(themes));
    }

    private static Set<String> themes(Position start, List<Move> main) {
        Set<String> themes = new LinkedHashSet<>();
        ThemeFinder.of(start, main).stream().map(Theme::words).forEach(themes::add);
        Position p = start;
        for (int i = 0; i < main.size(); i++) {
            if (i % 2 == 0 && Obvious.isQuiet(p, main.get(i))) {
                themes.add("quiet move");
            }
            if (i % 2 == 0 && i < 4 && Obvious.isSacrifice(p, main.get(i))) {
                themes.add("sacrifice");
            }
            p = p.play(main.get(i));
        }
        if (themes.isEmpty()) {
            themes.add("calculation");
        }
        return themes;
    }
}

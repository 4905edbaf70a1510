package org.zeroply.coach.repertoire.tournament;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.TreeSeries;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.texts.CoachWords;

/**
 * A tournament: its pairings by round and board. A value; what is changed gives another one.
 *
 * @param title what it is called
 */
public record Tournament(String title, List<Pairing> pairings) implements TreeSeries {

    public Tournament {
        title = title.isBlank() ? "Tournament" : title.strip();
        pairings =
                pairings.stream()
                        .sorted(
                                Comparator.comparingInt(Pairing::round)
                                        .thenComparingInt(Tournament::board))
                        .toList();
    }

    private static int board(Pairing pairing) {
        return pairing.board() == 0 ? Integer.MAX_VALUE : pairing.board();
    }

    /** Whether a tree was written as a pairing of a tournament. */
    public static boolean isPairing(MoveTree tree) {
        return !tree.tag(Pairing.TOURNAMENT).isEmpty();
    }

    /**
     * Whether a pairing goes on with the tournament of the one before it: it has the same name, and
     * does not begin to count anew.
     */
    public static boolean goesOn(MoveTree before, MoveTree pairing) {
        return isPairing(pairing)
                && pairing.tag(Pairing.TOURNAMENT).equals(before.tag(Pairing.TOURNAMENT))
                && new Pairing(pairing).place() > new Pairing(before).place();
    }

    /** A tournament of trees that were written as its pairings. */
    public static Tournament of(List<MoveTree> trees) {
        String title = trees.isEmpty() ? "" : trees.get(0).tag(Pairing.TOURNAMENT);
        return new Tournament(title, trees.stream().map(Pairing::new).toList());
    }

    @Override
    public int size() {
        return pairings.size();
    }

    @Override
    public MoveTree tree(int place) {
        return pairings.get(place).tree();
    }

    /** With the name of the tournament and its place. */
    @Override
    public MoveTree written(int place) {
        MoveTree copy = tree(place).copy();
        TreeEditor editor = new TreeEditor(copy);
        editor.tag("Event", title);
        editor.tag(Pairing.TOURNAMENT, title);
        editor.tag(Pairing.PLACE, String.valueOf(place + 1));
        return copy;
    }

    /** The same under another name. */
    public Tournament named(String name) {
        return new Tournament(name, pairings);
    }

    /** The same with another pairing in the place of one, from 0. */
    public Tournament exchanged(int place, Pairing pairing) {
        List<Pairing> changed = new ArrayList<>(pairings);
        changed.set(place, pairing);
        return new Tournament(title, changed);
    }

    /** The same without the pairing at a place, from 0. */
    public Tournament without(int place) {
        List<Pairing> changed = new ArrayList<>(pairings);
        changed.remove(place);
        return new Tournament(title, changed);
    }

    // ---- What it says ---------------------------------------------------------------------------

    /** The rounds there are pairings of, the first one first. */
    public List<Integer> rounds() {
        return pairings.stream().map(Pairing::round).distinct().toList();
    }

    /** The pairings of a player, the first round first. */
    public List<Pairing> of(String player) {
        PlayerName name = PlayerName.of(player);
        return pairings.stream().filter(p -> p.side(name).isPresent()).toList();
    }

    /** Who a player meets in a round; the last pairing where several are told. */
    public Optional<Pairing> of(String player, int round) {
        return of(player).stream()
                .filter(p -> p.round() == round)
                .reduce((first, second) -> second);
    }

    /** The names of all who play, each as it is written first. */
    public List<String> players() {
        Map<PlayerName, String> names = new LinkedHashMap<>();
        for (Pairing pairing : pairings) {
            for (Side side : Side.values()) {
                String name = pairing.entrant(side).name();
                if (!name.isEmpty()) {
                    names.putIfAbsent(PlayerName.of(name), name);
                }
            }
        }
        return List.copyOf(names.values());
    }

    /**
     * What a player scored and in how many rounds, a bye with its points included; games that are
     * not over count in neither.
     *
     * @param before the round up to which, without itself
     */
    public Standing standing(String player, int before) {
        double points = 0;
        int games = 0;
        for (Pairing pairing : of(player)) {
            OptionalDouble score =
                    GameResult.score(pairing.result(), pairing.side(player).orElseThrow());
            if (pairing.round() < before && score.isPresent()) {
                points += score.getAsDouble();
                games++;
            }
        }
        return new Standing(points, games);
    }

    /**
     * Points of so many games.
     *
     * @param points wins count 1, draws a half
     */
    public record Standing(double points, int games) {

        /** As a table has it: {@code 2½ of 4}. */
        public String words() {
            int whole = (int) points;
            String half = points > whole ? "½" : "";
            return CoachWords.of(
                    "repertoire.of",
                    whole == 0 && !half.isEmpty() ? "" : String.valueOf(whole),
                    half,
                    games);
        }
    }

    /** Brings pairings in, as from the table of the next day; see {@link PairingMerge}. */
    public PairingMerge merged(List<Pairing> incoming) {
        return PairingMerge.of(this, incoming);
    }
}

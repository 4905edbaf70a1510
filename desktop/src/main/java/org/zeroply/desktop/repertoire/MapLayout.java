package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.repertoire.Coverage;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Spot;

/**
 * The map of a repertoire: each move a field as high as a game is likely to come there, behind the
 * move before it. Heights are parts of the whole, 0 to 1.
 */
final class MapLayout {

    /** Fields less likely than this part of what is shown are left out. */
    private static final double THINNEST = 0.002;

    private static final int LONGEST = 60;

    private MapLayout() {}

    /**
     * A field.
     *
     * @param path the moves from the start to it
     * @param san the last of them
     * @param place where it lies
     * @param ours whether it is our move
     * @param known how surely the student knows it, 0 to 1; empty where nothing is asked
     * @param risk how likely their reply has no answer, or 1 where we have no move
     */
    record Field(
            List<Move> path,
            String san,
            Place place,
            boolean ours,
            Optional<Double> known,
            double risk) {
        Field {
            path = List.copyOf(path);
        }
    }

    /**
     * Where a field lies.
     *
     * @param column plies behind the root of the map, 0 for its own
     * @param top upper edge, 0 to 1
     * @param height how likely, as part of the root's
     */
    record Place(int column, double top, double height) {}

    /** The fields behind a root, given by the moves to it. */
    static List<Field> of(RepertoireView view, List<Move> root) {
        Repertoire repertoire = view.repertoire();
        Spot spot = repertoire.starts().get(0);
        for (Move move : root) {
            Optional<Spot> next = repertoire.at(spot.position().play(move));
            if (next.isEmpty()) {
                break;
            }
            spot = next.get();
        }
        List<Field> fields = new ArrayList<>();
        lay(view, spot, root, 0, 0, 1, fields);
        return fields;
    }

    private static void lay(
            RepertoireView view,
            Spot spot,
            List<Move> path,
            int column,
            double top,
            double height,
            List<Field> fields) {
        if (column > LONGEST) {
            return;
        }
        Position position = spot.position();
        boolean ours = view.repertoire().isOurs(position);
        Map<Move, Double> shares =
                ours ? Map.of() : view.shares().of(position, spot.moves().keySet());
        double at = top;
        for (Move move : view.next(spot)) {
            double part = height * (ours ? 1 : shares.getOrDefault(move, 0.0));
            Optional<Spot> next = view.repertoire().at(position.play(move));
            if (part < THINNEST || next.isEmpty()) {
                continue;
            }
            List<Move> to = new ArrayList<>(path);
            to.add(move);
            fields.add(
                    new Field(
                            to,
                            San.write(position, move),
                            new Place(column, at, part),
                            ours,
                            ours ? view.learning().known(spot) : Optional.empty(),
                            risk(view, next.get())));
            lay(view, next.get(), to, column + 1, at, part, fields);
            at += part;
        }
    }

    private static double risk(RepertoireView view, Spot spot) {
        boolean over = spot.position().legalMoves().isEmpty();
        if (view.repertoire().isOurs(spot.position())) {
            return spot.moves().isEmpty() && !over ? 1 : 0;
        }
        return view.answered().containsKey(spot) ? 1 - view.answered().get(spot) : 0;
    }

    /** How likely a game comes to the end of a way, 0 to 1; empty when it leads out. */
    static Optional<Double> likelihood(RepertoireView view, List<Move> path) {
        Position position = view.repertoire().starts().get(0).position();
        for (Move move : path) {
            position = position.play(move);
        }
        Coverage coverage = view.coverage();
        return view.repertoire().at(position).map(s -> coverage.reached().getOrDefault(s, 0.0));
    }
}

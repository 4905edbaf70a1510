package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.texts.CoachWords;

/**
 * A repertoire for one side: chapters, each a move tree, read together as a graph of positions. It
 * is a view: when a chapter changes, it is made anew.
 */
public final class Repertoire {

    /** The tag that says whose repertoire a chapter is. */
    public static final String SIDE = "ZpSide";

    private final Side side;
    private final List<MoveTree> chapters;
    private final Map<Position, Spot> spots = new LinkedHashMap<>();

    private Repertoire(Side side, List<MoveTree> chapters) {
        this.side = side;
        this.chapters = List.copyOf(chapters);
        for (MoveTree chapter : chapters) {
            chapter.visit(this::add);
        }
    }

    private void add(Node node) {
        spots.computeIfAbsent(node.position(), Spot::new).add(node);
    }

    /**
     * The repertoire of these chapters.
     *
     * @throws IllegalArgumentException if there is none, one does not say whose it is, or they are
     *     for different sides; the message names the chapter
     */
    public static Repertoire of(List<MoveTree> chapters) {
        if (chapters.isEmpty()) {
            throw new IllegalArgumentException(
                    CoachWords.of("repertoire.a-repertoire-needs-a-chapter"));
        }
        Side side = side(chapters, 0);
        for (int i = 1; i < chapters.size(); i++) {
            if (side(chapters, i) != side) {
                throw new IllegalArgumentException(
                        CoachWords.of(
                                "repertoire.chapter-is-for-the-first",
                                i + 1,
                                side.other().word(),
                                side.word()));
            }
        }
        return new Repertoire(side, chapters);
    }

    private static Side side(List<MoveTree> chapters, int index) {
        return side(chapters.get(index))
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        CoachWords.of(
                                                "repertoire.chapter-has-no-tag-zpside",
                                                index + 1)));
    }

    /** Whose repertoire a chapter is, if it says so. */
    public static Optional<Side> side(MoveTree chapter) {
        return switch (chapter.tag(SIDE).strip().toLowerCase(Locale.ROOT)) {
            case "white" -> Optional.of(Side.WHITE);
            case "black" -> Optional.of(Side.BLACK);
            default -> Optional.empty();
        };
    }

    /** Whose repertoire it is. */
    public Side side() {
        return side;
    }

    /** The chapters in their order. */
    public List<MoveTree> chapters() {
        return chapters;
    }

    /** The number of the chapter a place belongs to, 0 for the first. */
    public int chapter(Node place) {
        Node root = place;
        while (root.parent().isPresent()) {
            root = root.parent().get();
        }
        for (int i = 0; i < chapters.size(); i++) {
            if (chapters.get(i).root() == root) {
                return i;
            }
        }
        throw new IllegalArgumentException("the place is in none of the chapters");
    }

    /** All positions, in the order of the chapters. */
    public Collection<Spot> spots() {
        return spots.values();
    }

    /** A position of the repertoire, if it is one. */
    public Optional<Spot> at(Position position) {
        return Optional.ofNullable(spots.get(position));
    }

    /** Whether it is our turn in a position. */
    public boolean isOurs(Position position) {
        return position.sideToMove() == side;
    }

    /**
     * The moves that somebody of a school goes on with: ours that is recommended, or all theirs.
     */
    public List<Move> next(Spot spot, Optional<Approach> school) {
        return isOurs(spot.position())
                ? spot.recommended(school).stream().toList()
                : List.copyOf(spot.moves().keySet());
    }

    /** Where the chapters begin; each position once. */
    public List<Spot> starts() {
        List<Spot> starts = new ArrayList<>();
        for (MoveTree chapter : chapters) {
            Spot spot = spots.get(chapter.start());
            if (!starts.contains(spot)) {
                starts.add(spot);
            }
        }
        return starts;
    }
}

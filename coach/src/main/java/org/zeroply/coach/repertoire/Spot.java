package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.RepertoireNote;
import org.zeroply.coach.repertoire.card.Card;
import org.zeroply.coach.repertoire.card.CardReader;

/**
 * A position of a repertoire, with every place of the chapters at which it stands: transpositions
 * are one spot reached by several orders.
 */
public final class Spot {

    private final Position position;
    private final List<Node> places = new ArrayList<>();

    Spot(Position position) {
        this.position = position;
    }

    void add(Node place) {
        places.add(place);
    }

    /** The position. */
    public Position position() {
        return position;
    }

    /** The nodes after which it stands, in the order of the chapters. */
    public List<Node> places() {
        return List.copyOf(places);
    }

    /** The moves the repertoire has here, each with its nodes in all orders. */
    public Map<Move, List<Node>> moves() {
        Map<Move, List<Node>> moves = new LinkedHashMap<>();
        for (Node place : places) {
            for (Node child : place.children()) {
                moves.computeIfAbsent(child.move(), m -> new ArrayList<>(1)).add(child);
            }
        }
        return moves;
    }

    /** The texts of its cards in all orders, each once. */
    Stream<String> cardTexts() {
        return places.stream()
                .flatMap(n -> n.annotation().repertoire().cards().stream())
                .distinct();
    }

    /** Its cards in all orders, without those that cannot be read. */
    public List<Card> cards() {
        return cardTexts()
                .filter(t -> CardReader.problem(t).isEmpty())
                .map(CardReader::read)
                .toList();
    }

    /** What is said about a move here, in all orders together. */
    public RepertoireNote note(Move move) {
        return moves().getOrDefault(move, List.of()).stream()
                .map(n -> n.annotation().repertoire())
                .reduce(RepertoireNote.NONE, RepertoireNote::and);
    }

    /** The idea of the position, the first that is written in any order. */
    public Optional<String> idea() {
        return places.stream()
                .flatMap(n -> n.annotation().repertoire().idea().stream())
                .findFirst();
    }

    /**
     * The move recommended to somebody of this school: the one marked for the school, else the one
     * recommended without a school, else the first one.
     */
    public Optional<Move> recommended(Optional<Approach> school) {
        List<Node> children = places.stream().flatMap(p -> p.children().stream()).toList();
        return children.stream()
                .filter(n -> school.isPresent())
                .filter(n -> n.annotation().repertoire().approach().equals(school))
                .findFirst()
                .or(() -> first(children))
                .map(Node::move);
    }

    private static Optional<Node> first(List<Node> children) {
        return children.stream()
                .filter(n -> n.annotation().repertoire().main())
                .findFirst()
                .or(
                        () ->
                                children.stream()
                                        .filter(Spot::isForAll)
                                        .findFirst()
                                        .or(() -> children.stream().findFirst()));
    }

    private static boolean isForAll(Node node) {
        return node.annotation().repertoire().approach().isEmpty();
    }

    /**
     * What is recommended here at each place: marked so, else the first move there that is for no
     * school. More than one move is a contradiction.
     */
    Map<Move, List<Node>> recommendations() {
        Map<Move, List<Node>> moves = new LinkedHashMap<>();
        for (Node place : places) {
            List<Node> marked =
                    place.children().stream()
                            .filter(n -> n.annotation().repertoire().main())
                            .toList();
            List<Node> chosen =
                    marked.isEmpty()
                            ? place.children().stream().filter(Spot::isForAll).limit(1).toList()
                            : marked;
            chosen.forEach(n -> moves.computeIfAbsent(n.move(), m -> new ArrayList<>(1)).add(n));
        }
        return moves;
    }

    /** The moves that lead here in the first order, numbered; empty at the start. */
    public String line() {
        return Line.to(places.get(0));
    }
}

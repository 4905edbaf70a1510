package org.zeroply.chess.tree;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What a repertoire says about a move. White space in its texts is folded.
 *
 * @param main the recommended move of its position
 * @param approach the school it belongs to, where it is meant for one
 * @param trap set for a likely reply that loses
 * @param must a move to be known by heart
 * @param idea the idea of the position after it, in words
 * @param cards rules of the form {@code IF … THEN …} that hold from here on
 * @param accepted why the coach accepts what the engine holds against it
 */
public record RepertoireNote(
        boolean main,
        Optional<Approach> approach,
        boolean trap,
        boolean must,
        Optional<String> idea,
        List<String> cards,
        Optional<String> accepted) {

    /** Nothing said. */
    public static final RepertoireNote NONE =
            new RepertoireNote(
                    false,
                    Optional.empty(),
                    false,
                    false,
                    Optional.empty(),
                    List.of(),
                    Optional.empty());

    private static final Pattern SPACES = Pattern.compile("\\s+");

    public RepertoireNote {
        idea = idea.map(RepertoireNote::fold).filter(t -> !t.isEmpty());
        cards = cards.stream().map(RepertoireNote::fold).filter(t -> !t.isEmpty()).toList();
        accepted = accepted.map(RepertoireNote::fold).filter(t -> !t.isEmpty());
    }

    private static String fold(String text) {
        return SPACES.matcher(text).replaceAll(" ").strip();
    }

    /** The same, recommended or not. */
    public RepertoireNote withMain(boolean value) {
        return new RepertoireNote(value, approach, trap, must, idea, cards, accepted);
    }

    /** The same, of a school or of none. */
    public RepertoireNote withApproach(Optional<Approach> value) {
        return new RepertoireNote(main, value, trap, must, idea, cards, accepted);
    }

    /** The same, a trap or not. */
    public RepertoireNote withTrap(boolean value) {
        return new RepertoireNote(main, approach, value, must, idea, cards, accepted);
    }

    /** The same, to be known by heart or not. */
    public RepertoireNote withMust(boolean value) {
        return new RepertoireNote(main, approach, trap, value, idea, cards, accepted);
    }

    /** The same with another idea. */
    public RepertoireNote withIdea(Optional<String> value) {
        return new RepertoireNote(main, approach, trap, must, value, cards, accepted);
    }

    /** The same with other cards. */
    public RepertoireNote withCards(List<String> value) {
        return new RepertoireNote(main, approach, trap, must, idea, value, accepted);
    }

    /** The same with the reason why it is accepted. */
    public RepertoireNote withAccepted(Optional<String> value) {
        return new RepertoireNote(main, approach, trap, must, idea, cards, value);
    }

    /**
     * Both together: what is said in either, texts that differ one after the other, the school of
     * the first where both have one.
     */
    public RepertoireNote and(RepertoireNote other) {
        List<String> all = new ArrayList<>(cards);
        other.cards.stream().filter(c -> !all.contains(c)).forEach(all::add);
        return new RepertoireNote(
                main || other.main,
                approach.or(() -> other.approach),
                trap || other.trap,
                must || other.must,
                joined(idea, other.idea),
                all,
                joined(accepted, other.accepted));
    }

    private static Optional<String> joined(Optional<String> one, Optional<String> other) {
        if (one.isEmpty() || other.isEmpty() || one.get().contains(other.get())) {
            return one.or(() -> other);
        }
        return Optional.of(one.get() + " / " + other.get());
    }
}

package org.zeroply.chess.tree;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What an engine found at a node, kept beside the coach's verdict and never in its place.
 *
 * @param mate whether {@code value} counts moves to mate instead of centipawns
 * @param value centipawns, or moves to mate (negative when White is mated), from White's view
 * @param depth depth reached, in plies
 * @param nodes nodes searched
 * @param engine name and version, without spaces
 */
public record EngineCheck(boolean mate, int value, int depth, long nodes, String engine) {

    private static final Pattern FORM =
            Pattern.compile("(cp|mate)=(-?\\d{1,6}) depth=(\\d{1,4}) nodes=(\\d{1,18}) by=(\\S+)");

    /** The text form, such as {@code cp=35 depth=12 nodes=200000 by=zeroply-0.1}. */
    public String text() {
        return (mate ? "mate=" : "cp=")
                + value
                + " depth="
                + depth
                + " nodes="
                + nodes
                + " by="
                + engine;
    }

    /** Reads the text form; empty when it is not one. */
    public static Optional<EngineCheck> parse(String text) {
        Matcher m = FORM.matcher(text.strip());
        return m.matches()
                ? Optional.of(
                        new EngineCheck(
                                m.group(1).equals("mate"),
                                Integer.parseInt(m.group(2)),
                                Integer.parseInt(m.group(3)),
                                Long.parseLong(m.group(4)),
                                m.group(5)))
                : Optional.empty();
    }
}

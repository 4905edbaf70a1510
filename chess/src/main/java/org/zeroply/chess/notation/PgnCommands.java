package org.zeroply.chess.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.RepertoireNote;

/**
 * The commands embedded in comments that this program gives a meaning to. Everything else, and ours
 * when malformed, stays in the comment as it is.
 */
public final class PgnCommands {

    private static final String BEGIN = "[%zp.";
    private static final Pattern COMMAND =
            Pattern.compile("\\[%zp\\.(\\w++)(?:\\s++([^\\]]*+))?\\]");
    private static final Pattern SPACES = Pattern.compile("\\s+");

    private PgnCommands() {}

    /**
     * Adds a comment after a move to what is already said about the move. Commands do not nest: one
     * reaches to the next closing bracket.
     */
    static Annotation read(Annotation to, String words) {
        String comment = join(words, "");
        Reading reading = new Reading(to);
        StringBuilder rest = new StringBuilder();
        int end = 0;
        int from = comment.indexOf(BEGIN);
        while (from >= 0) {
            int close = comment.indexOf(']', from);
            if (close < 0) {
                break;
            }
            Matcher command = COMMAND.matcher(comment).region(from, close + 1);
            if (command.matches() && reading.takes(command.group(1), text(command.group(2)))) {
                // A space, lest what stood around it becomes a command.
                rest.append(comment, end, from).append(' ');
                end = close + 1;
            }
            from = comment.indexOf(BEGIN, close);
        }
        rest.append(comment, end, comment.length());
        Annotation read = reading.finished();
        return read.withAfter(join(read.after(), rest.toString()));
    }

    /**
     * What was left in a comment of a command that is not closed or could not be read, to the end
     * of the comment.
     */
    public static Optional<String> unread(Annotation read) {
        int begin = read.after().indexOf(BEGIN);
        return begin < 0 ? Optional.empty() : Optional.of(read.after().substring(begin));
    }

    private static String text(String group) {
        return group == null ? "" : group;
    }

    /** Two comments as one, white space folded. */
    static String join(String first, String second) {
        if (first.isEmpty() && second.isEmpty()) {
            return "";
        }
        return SPACES.matcher(first + " " + second).replaceAll(" ").strip();
    }

    /** What a comment says, gathered: there may be very many commands of a kind. */
    private static final class Reading {

        private final List<PointRule> points;
        private final List<Mark> marks;
        private final List<String> cards;
        private Annotation said;

        Reading(Annotation before) {
            this.said = before;
            this.points = new ArrayList<>(before.scheme().points());
            this.marks = new ArrayList<>(before.marks());
            this.cards = new ArrayList<>(before.repertoire().cards());
        }

        Annotation finished() {
            return said.withPoints(points)
                    .withMarks(marks)
                    .withRepertoire(said.repertoire().withCards(cards));
        }

        /** Whether a command is one of ours and well formed. */
        boolean takes(String name, String value) {
            return switch (name) {
                case "pts" -> PointRule.parse(value).map(points::add).isPresent();
                case "mark" -> Mark.parse(value).map(marks::add).isPresent();
                case "card" -> !value.isBlank() && cards.add(plain(value));
                default -> {
                    Optional<Annotation> with = command(said, name, value);
                    said = with.orElse(said);
                    yield with.isPresent();
                }
            };
        }
    }

    private static Optional<Annotation> command(Annotation a, String name, String value) {
        boolean bare = value.isBlank();
        return switch (name) {
            case "check" -> EngineCheck.parse(value).map(r -> a.withCheck(Optional.of(r)));
            case "end" -> bare ? Optional.of(a.withEnd(true)) : Optional.empty();
            case "equal" -> bare ? Optional.of(a.withEqual(true)) : Optional.empty();
            case "tempting" -> bare ? Optional.of(a.withTempting(true)) : Optional.empty();
            default -> repertoire(a.repertoire(), name, value).map(a::withRepertoire);
        };
    }

    private static Optional<RepertoireNote> repertoire(
            RepertoireNote note, String name, String value) {
        boolean bare = value.isBlank();
        return switch (name) {
            case "main" -> bare ? Optional.of(note.withMain(true)) : Optional.empty();
            case "trap" -> bare ? Optional.of(note.withTrap(true)) : Optional.empty();
            case "must" -> bare ? Optional.of(note.withMust(true)) : Optional.empty();
            case "approach" ->
                    Approach.of(value).map(approach -> note.withApproach(Optional.of(approach)));
            case "idea" ->
                    bare || note.idea().isPresent()
                            ? Optional.empty()
                            : Optional.of(note.withIdea(Optional.of(plain(value))));
            case "accept" ->
                    bare || note.accepted().isPresent()
                            ? Optional.empty()
                            : Optional.of(note.withAccepted(Optional.of(plain(value))));
            default -> Optional.empty();
        };
    }

    private static void write(StringBuilder text, RepertoireNote note) {
        text.append(note.main() ? "[%zp.main] " : "");
        note.approach().ifPresent(a -> text.append("[%zp.approach ").append(a.word()).append("] "));
        text.append(note.trap() ? "[%zp.trap] " : "").append(note.must() ? "[%zp.must] " : "");
        note.idea().ifPresent(t -> text.append("[%zp.idea ").append(coded(t)).append("] "));
        note.cards().forEach(t -> text.append("[%zp.card ").append(coded(t)).append("] "));
        note.accepted().ifPresent(t -> text.append("[%zp.accept ").append(coded(t)).append("] "));
    }

    /** Brackets would end the command, braces the comment: they are written as in addresses. */
    private static String coded(String text) {
        return text.replace("%", "%25")
                .replace("]", "%5D")
                .replace("[", "%5B")
                .replace("{", "%7B")
                .replace("}", "%7D");
    }

    private static String plain(String text) {
        return text.replace("%7D", "}")
                .replace("%7B", "{")
                .replace("%5B", "[")
                .replace("%5D", "]")
                .replace("%25", "%");
    }

    /** The comment after a move as it is written: our commands, then the text. */
    static String write(Annotation a) {
        if (a.equals(Annotation.NONE)) {
            return "";
        }
        StringBuilder text = new StringBuilder();
        a.scheme().points().forEach(p -> text.append("[%zp.pts ").append(p.text()).append("] "));
        text.append(a.scheme().end() ? "[%zp.end] " : "");
        text.append(a.scheme().equal() ? "[%zp.equal] " : "");
        text.append(a.scheme().tempting() ? "[%zp.tempting] " : "");
        a.marks().forEach(m -> text.append("[%zp.mark ").append(m.text()).append("] "));
        a.check().ifPresent(c -> text.append("[%zp.check ").append(c.text()).append("] "));
        write(text, a.repertoire());
        return join(text.toString(), a.after());
    }
}

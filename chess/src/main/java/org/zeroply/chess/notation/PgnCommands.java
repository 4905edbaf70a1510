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
final class PgnCommands {

    private static final Pattern COMMAND = Pattern.compile("\\[%zp\\.(\\w+)(?:\\s+([^\\]]*))?\\]");
    private static final Pattern SPACES = Pattern.compile("\\s+");

    private PgnCommands() {}

    /** Adds a comment after a move to what is already said about the move. */
    static Annotation read(Annotation to, String comment) {
        Annotation a = to;
        StringBuilder rest = new StringBuilder();
        Matcher m = COMMAND.matcher(comment);
        int end = 0;
        while (m.find()) {
            String value = m.group(2) == null ? "" : m.group(2);
            Optional<Annotation> taken = command(a, m.group(1), value);
            if (taken.isPresent()) {
                rest.append(comment, end, m.start());
                end = m.end();
                a = taken.get();
            }
        }
        rest.append(comment.substring(end));
        return a.withAfter(join(a.after(), rest.toString()));
    }

    /** Two comments as one, white space folded. */
    static String join(String first, String second) {
        if (first.isEmpty() && second.isEmpty()) {
            return "";
        }
        return SPACES.matcher(first + " " + second).replaceAll(" ").strip();
    }

    private static Optional<Annotation> command(Annotation a, String name, String value) {
        return switch (name) {
            case "pts" -> PointRule.parse(value).map(r -> a.withPoints(with(a.points(), r)));
            case "mark" -> Mark.parse(value).map(r -> a.withMarks(with(a.marks(), r)));
            case "check" -> EngineCheck.parse(value).map(r -> a.withCheck(Optional.of(r)));
            case "end" -> value.isBlank() ? Optional.of(a.withEnd(true)) : Optional.empty();
            case "equal" -> value.isBlank() ? Optional.of(a.withEqual(true)) : Optional.empty();
            case "tempting" ->
                    value.isBlank() ? Optional.of(a.withTempting(true)) : Optional.empty();
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
            case "card" ->
                    bare
                            ? Optional.empty()
                            : Optional.of(note.withCards(with(note.cards(), plain(value))));
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

    private static <T> List<T> with(List<T> list, T item) {
        List<T> longer = new ArrayList<>(list);
        longer.add(item);
        return longer;
    }

    /** The comment after a move as it is written: our commands, then the text. */
    static String write(Annotation a) {
        StringBuilder text = new StringBuilder();
        a.points().forEach(p -> text.append("[%zp.pts ").append(p.text()).append("] "));
        text.append(a.end() ? "[%zp.end] " : "");
        text.append(a.equal() ? "[%zp.equal] " : "");
        text.append(a.tempting() ? "[%zp.tempting] " : "");
        a.marks().forEach(m -> text.append("[%zp.mark ").append(m.text()).append("] "));
        a.check().ifPresent(c -> text.append("[%zp.check ").append(c.text()).append("] "));
        write(text, a.repertoire());
        return join(text.toString(), a.after());
    }
}

package org.zeroply.library.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.RepertoireNote;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.texts.LibraryWords;

/** A repertoire as a booklet: every line in print, and diagrams where something is said. */
public final class RepertoireBooklet {

    private final Side side;
    private final List<Report.Block> blocks = new ArrayList<>();

    private RepertoireBooklet(Side side) {
        this.side = side;
    }

    /** The booklet of a repertoire. */
    public static Report of(Repertoire repertoire) {
        RepertoireBooklet booklet = new RepertoireBooklet(repertoire.side());
        repertoire.chapters().forEach(booklet::chapter);
        return new Report(
                LibraryWords.of("report.repertoire-for", repertoire.side().word()),
                repertoire.chapters().size() == 1
                        ? LibraryWords.of("report.1-chapter")
                        : LibraryWords.of("report.chapters", repertoire.chapters().size()),
                booklet.blocks,
                LibraryWords.of("report.set-with-zero-ply-recommended"));
    }

    private void chapter(MoveTree chapter) {
        String title =
                chapter.tag("ZpTitle").isEmpty() ? chapter.tag("Event") : chapter.tag("ZpTitle");
        blocks.add(new Report.Heading(title.isBlank() ? "Chapter" : title));
        List<Node> keys = new ArrayList<>();
        chapter.visit(
                n -> {
                    if (isKey(n)) {
                        keys.add(n);
                    }
                });
        blocks.addAll(PrintedLines.of(chapter, RepertoireBooklet::school));
        keys.forEach(n -> blocks.add(card(n)));
    }

    private static boolean isKey(Node node) {
        RepertoireNote note = node.annotation().repertoire();
        return note.idea().isPresent() || note.must() || note.trap() || !note.cards().isEmpty();
    }

    /** Which school a move belongs to, behind it. */
    private static String school(Node node) {
        return node.annotation().repertoire().approach().map(a -> " (" + a.word() + ")").orElse("");
    }

    private Report.Card card(Node node) {
        Annotation said = node.annotation();
        RepertoireNote note = said.repertoire();
        List<Report.Text> words = new ArrayList<>();
        note.idea().ifPresent(i -> words.add(new Report.Text(i, Report.Tone.COACH)));
        if (!said.after().isEmpty()) {
            words.add(new Report.Text(said.after(), Report.Tone.PLAIN));
        }
        note.cards().forEach(c -> words.add(new Report.Text(c, Report.Tone.PLAIN)));
        note.accepted()
                .ifPresent(
                        a ->
                                words.add(
                                        new Report.Text(
                                                LibraryWords.of("report.accepted", a),
                                                Report.Tone.FADED)));
        Optional<Move> arrow = node.isRoot() ? Optional.empty() : Optional.of(node.move());
        return new Report.Card(
                new Diagram(node.position(), side == Side.BLACK, arrow), title(node), words);
    }

    private static String title(Node node) {
        RepertoireNote note = node.annotation().repertoire();
        String line =
                node.isRoot()
                        ? LibraryWords.of("report.at-the-start")
                        : Line.numbered(
                                node.path().get(0).parent().orElseThrow().position(),
                                node.path().stream().map(Node::move).toList());
        return line
                + (note.must() ? LibraryWords.of("report.must-know") : "")
                + (note.trap() ? LibraryWords.of("report.trap") : "");
    }
}

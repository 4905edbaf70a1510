package org.zeroply.coach.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.LongStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.RepertoireNote;
import org.zeroply.chess.tree.TreeEditor;

/** What must hold for any repertoire. */
class RepertoirePropertiesTest {

    private static final int TRIES = 40;

    private static MoveTree chapter(Side side, long seed) {
        return MadeUp.chapter(side, 80, 3, seed);
    }

    private static Set<String> content(MoveTree tree) {
        Set<String> content = new TreeSet<>();
        tree.visit(n -> content.add(Line.to(n) + " " + n.annotation()));
        return content;
    }

    private static MoveTree copy(MoveTree tree) {
        return RepertoireTest.trees(PgnWriter.write(tree)).get(0);
    }

    private static MoveTree merged(MoveTree first, MoveTree... others) {
        TreeEditor editor = new TreeEditor(copy(first));
        for (MoveTree other : others) {
            Merge.apply(editor, other);
        }
        return editor.tree();
    }

    @Property(tries = TRIES)
    void coverage_never_rises_and_what_left_makes_it_whole(
            @ForAll long seed, @ForAll Side side, @ForAll boolean games) {
        Repertoire repertoire = Repertoire.of(List.of(chapter(side, seed)));
        List<MoveTree> played =
                LongStream.range(0, 20)
                        .mapToObj(i -> MadeUp.chapter(side, 8, 1, seed + i % 5))
                        .toList();
        Shares shares = new Shares(games ? GameBook.of(played) : Replies.NONE);
        Coverage coverage = Coverage.of(repertoire, shares, Optional.empty());
        double before = 1;
        for (int n = 1; n <= coverage.byMove().size(); n++) {
            int move = n;
            double now = coverage.byMove().get(n - 1);
            double left =
                    coverage.leaks().stream()
                            .filter(l -> l.move() <= move)
                            .mapToDouble(Coverage.Leak::probability)
                            .sum();
            double unseen = coverage.unseen().stream().limit(n).mapToDouble(d -> d).sum();
            assertThat(now).isLessThanOrEqualTo(before + 1e-12);
            assertThat(now + left + unseen).isCloseTo(1, within(1e-9));
            before = now;
        }
    }

    @Property(tries = TRIES)
    void merging_is_idempotent_and_does_not_depend_on_the_order(
            @ForAll long a, @ForAll long b, @ForAll long c) {
        MoveTree one = chapter(Side.WHITE, a);
        MoveTree two = chapter(Side.WHITE, b);
        MoveTree three = chapter(Side.WHITE, c);
        MoveTree empty = MadeUp.chapter(Side.WHITE, 0, 1, 1);
        Set<String> all = content(merged(empty, one, two, three));
        assertThat(content(merged(empty, three, one, two))).isEqualTo(all);
        MoveTree whole = merged(empty, one, two, three);
        assertThat(Merge.plan(whole, two).isEmpty()).isTrue();
        assertThat(content(merged(whole, two, one))).isEqualTo(all);
        assertThat(all).containsAll(content(one)).containsAll(content(three));
    }

    @Property(tries = TRIES)
    void what_is_said_survives_writing_and_reading(
            @ForAll long seed,
            @ForAll @IntRange(max = 79) int at,
            @ForAll @StringLength(max = 60) String text,
            @ForAll Approach approach,
            @ForAll boolean flag) {
        String printable = text.replaceAll("[^\\p{Print}äöüß…]", "x");
        TreeEditor editor = new TreeEditor(chapter(Side.BLACK, seed));
        Node node =
                editor.tree().nodes().stream().filter(n -> !n.isRoot()).skip(at).findFirst().get();
        RepertoireNote note =
                RepertoireNote.NONE
                        .withMain(flag)
                        .withMust(!flag)
                        .withTrap(flag)
                        .withApproach(Optional.of(approach))
                        .withIdea(Optional.of(printable))
                        .withCards(List.of(printable, "IF e5 attacked by white THEN wait"))
                        .withAccepted(Optional.of(printable + " because"));
        editor.annotate(node, a -> a.withRepertoire(note));
        assertThat(content(copy(editor.tree()))).isEqualTo(content(editor.tree()));
    }
}

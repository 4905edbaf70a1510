package org.zeroply.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.library.FreshLibrary;
import org.zeroply.library.Library;

class SheetHistoryTest {

    @TempDir Path folder;
    private Instant now = Instant.parse("2026-03-01T10:00:00Z");
    private Library library;

    @BeforeEach
    void open() {
        Clock clock =
                new Clock() {
                    @Override
                    public Instant instant() {
                        return now;
                    }

                    @Override
                    public ZoneOffset getZone() {
                        return ZoneOffset.UTC;
                    }

                    @Override
                    public Clock withZone(ZoneId zone) {
                        return this;
                    }
                };
        library = Library.open(FreshLibrary.at(folder.resolve("history.zpl")), clock);
    }

    @AfterEach
    void close() {
        library.close();
    }

    private static String text(MoveTree tree) {
        return PgnWriter.write(tree);
    }

    private SheetStore sheets() {
        return library.sheets();
    }

    private void back(long id) {
        sheets().save(
                        id,
                        List.of(
                                new SheetStore.State(
                                        sheets().earlier(id).orElseThrow(), SheetStep.UNDO)));
    }

    private void forth(long id) {
        sheets().save(
                        id,
                        List.of(
                                new SheetStore.State(
                                        sheets().later(id).orElseThrow(), SheetStep.REDO)));
    }

    /** Makes a change of some kind, as a coach would. */
    private static void change(TreeEditor editor, Random random) {
        List<Node> nodes = editor.tree().nodes();
        Node node = nodes.get(random.nextInt(nodes.size()));
        List<Move> moves = node.position().legalMoves();
        int kind = random.nextInt(5);
        if (kind == 0 && !node.isRoot()) {
            editor.delete(node);
        } else if (kind == 1) {
            editor.comment(node, "words\nin two lines (" + random.nextInt() + ") and a bracket }");
        } else if (kind == 2) {
            editor.tag("Event", "Evening \"" + random.nextInt(90) + "\"");
        } else if (!moves.isEmpty()) {
            editor.add(node, moves.get(random.nextInt(moves.size())));
        }
    }

    @Test
    void every_change_of_a_long_evening_is_taken_back_and_made_again_after_a_restart() {
        Random random = new Random(7);
        for (int round = 0; round < 5; round++) {
            TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
            long id = sheets().add(editor.tree());
            List<String> states = new ArrayList<>(List.of(text(editor.tree())));
            while (states.size() < 60) {
                change(editor, random);
                String now = text(editor.tree());
                sheets().save(id, editor.tree());
                if (!now.equals(states.get(states.size() - 1))) {
                    states.add(now);
                }
            }
            close();
            open();
            for (int i = states.size() - 2; i >= 0; i--) {
                back(id);
                assertThat(text(sheets().load(id))).isEqualTo(states.get(i));
            }
            assertThat(sheets().earlier(id)).isEmpty();
            for (int i = 1; i < states.size(); i++) {
                forth(id);
                assertThat(text(sheets().load(id))).isEqualTo(states.get(i));
            }
            assertThat(sheets().later(id)).isEmpty();
        }
    }

    @Test
    void a_change_after_taking_back_ends_what_could_be_made_again() {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        long id = sheets().add(editor.tree());
        editor.comment(editor.tree().root(), "one");
        sheets().save(id, editor.tree());
        editor.comment(editor.tree().root(), "two");
        sheets().save(id, editor.tree());
        back(id);
        MoveTree other = sheets().load(id);
        new TreeEditor(other).comment(other.root(), "three");
        sheets().save(id, other);
        assertThat(sheets().later(id)).isEmpty();
        back(id);
        assertThat(sheets().load(id).root().annotation().after()).isEqualTo("one");
    }

    @Test
    void saving_the_same_state_again_is_no_change() {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        long id = sheets().add(editor.tree());
        sheets().save(id, editor.tree());
        assertThat(sheets().earlier(id)).isEmpty();
    }

    @Test
    void states_that_came_together_are_taken_back_one_by_one() {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        MoveTree made = editor.tree().copy();
        List<SheetStore.State> states = new ArrayList<>();
        for (String word : List.of("one", "two", "three")) {
            editor.comment(editor.tree().root(), word);
            states.add(new SheetStore.State(editor.tree().copy(), SheetStep.CHANGE));
        }
        long id = sheets().add(made, states);
        back(id);
        back(id);
        assertThat(sheets().load(id).root().annotation().after()).isEqualTo("one");
        back(id);
        assertThat(sheets().load(id).root().annotation().after()).isEmpty();
    }

    @Test
    void the_last_two_hundred_changes_stay_however_old_and_all_of_a_month() {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        long id = sheets().add(editor.tree());
        for (int i = 1; i <= 230; i++) {
            editor.comment(editor.tree().root(), "word " + i);
            sheets().save(id, editor.tree());
        }
        assertThat(backwards(id)).isEqualTo(230);
        now = now.plus(Duration.ofDays(31));
        editor.comment(editor.tree().root(), "a month later");
        sheets().save(id, editor.tree());
        assertThat(backwards(id)).isEqualTo(200);
    }

    private int backwards(long id) {
        int steps = 0;
        for (Optional<MoveTree> t = sheets().earlier(id); t.isPresent(); t = sheets().earlier(id)) {
            back(id);
            steps++;
        }
        for (int i = 0; i < steps; i++) {
            forth(id);
        }
        return steps;
    }

    @Test
    void a_sheet_changed_without_its_history_is_not_spoilt_by_taking_back() throws SQLException {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        long id = sheets().add(editor.tree());
        editor.comment(editor.tree().root(), "kept");
        sheets().save(id, editor.tree());
        // As something would that knows of no history; a text may be kept as it is, too.
        String otherwise = PgnWriter.write(editor.tree()).replace("kept", "lost");
        try (Connection other =
                        DriverManager.getConnection(
                                "jdbc:sqlite:" + folder.resolve("history.zpl"));
                PreparedStatement update =
                        other.prepareStatement("UPDATE sheet_text SET pgn = ?")) {
            update.setBytes(1, ("\0" + otherwise).getBytes(StandardCharsets.UTF_8));
            update.execute();
        }
        assertThat(PgnWriter.write(sheets().load(id))).isEqualTo(otherwise);
        assertThat(sheets().earlier(id)).isEmpty();
        assertThat(sheets().find(SheetQuery.all(SheetKind.GAME))).hasSize(1);
    }
}

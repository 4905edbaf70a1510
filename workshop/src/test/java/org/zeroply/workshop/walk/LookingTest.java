package org.zeroply.workshop.walk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.student.Student;

/** The walk can fail: whatever is not as expected is seen. */
class LookingTest {

    @TempDir private Path folder;

    private final Expected expected = new Expected();
    private Library library;
    private Library second;
    private Looking looking;
    private long game;
    private Student student;

    @BeforeEach
    void fill() throws Exception {
        library = Library.open(folder.resolve("l.zpl"));
        second = Library.open(folder.resolve("l.zpl"));
        looking = new Looking(library, second, expected);
        game = add("[White \"Marram, Ilse\"]\n\n1. e4 e5 *\n");
        add("[White \"Quay, Jonas\"]\n\n1. d4 d5 *\n");
        library.games().update();
        library.collections().put("shelf", List.of(game));
        expected.collections.put("shelf", new TreeSet<>(Set.of(game)));
        student = library.students().add("Nora", 1700);
        expected.pupils.put(student.id(), new Expected.Pupil("Nora"));
    }

    private long add(String pgn) throws Exception {
        MoveTree tree = ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
        long id = library.sheets().add(tree);
        expected.sheets.put(id, new Expected.Sheet(PgnWriter.write(tree)));
        return id;
    }

    @AfterEach
    void close() {
        second.close();
        library.close();
    }

    private void look() {
        looking.look(List.of("Marram", "Quay", "nobody"));
    }

    private void sees(String what) {
        assertThatThrownBy(this::look)
                .isInstanceOf(AssertionError.class)
                .hasMessageContaining(what);
    }

    @Test
    void a_library_that_is_as_expected_passes() {
        assertThatCode(this::look).doesNotThrowAnyException();
    }

    @Test
    void a_changed_move_is_seen() {
        MoveTree tree = library.sheets().load(game);
        new TreeEditor(tree).comment(tree.root(), "not asked for");
        library.sheets().save(game, tree);
        sees("the games");
    }

    @Test
    void a_game_too_few_and_one_too_many_are_seen() throws Exception {
        long more = add("1. c4 *\n");
        Expected.Sheet sheet = expected.sheets.remove(more);
        library.games().update();
        sees("the games");
        expected.sheets.put(more, sheet);
        expected.sheets.put(more + 1, sheet);
        sees("the games");
    }

    @Test
    void a_game_put_away_behind_ones_back_is_seen() {
        library.bin().put(List.of(new BinStore.Item(BinStore.Kind.GAME, game)));
        sees("the games");
        expected.sheets.get(game).away = true;
        assertThatCode(this::look).doesNotThrowAnyException();
    }

    @Test
    void a_collection_that_lost_a_game_is_seen() {
        expected.collections.get("shelf").add(game + 1);
        sees("the collection shelf");
    }

    @Test
    void a_student_under_another_name_is_seen() {
        library.students().save(new Student(student.id(), student.uuid(), "Nora T.", 1700, ""));
        sees("the students");
    }

    @Test
    void the_first_difference_is_shown_with_what_stands_around_it() {
        assertThatThrownBy(() -> Looking.same("a b c", "a x c", "the letters"))
                .hasMessageContaining("the letters … at 2")
                .hasMessageContaining("'a b c'")
                .hasMessageContaining("'a x c'");
    }

    @Test
    void a_change_after_taking_back_forgets_what_was_taken_back() {
        Expected.Sheet sheet = new Expected.Sheet("one");
        sheet.change("two");
        sheet.change("two");
        assertThat(sheet.texts).containsExactly("one", "two");
        sheet.at = 0;
        sheet.change("three");
        assertThat(sheet.texts).containsExactly("one", "three");
        assertThat(sheet.now()).isEqualTo("three");
    }

    @Test
    void any_is_one_of_those_asked_for_or_none() {
        Random random = new Random(1);
        assertThat(expected.anySheet(random, true)).isEqualTo(-1);
        expected.sheets.get(game).away = true;
        assertThat(expected.anySheet(random, true)).isEqualTo(game);
        assertThat(expected.anyPupil(random, false)).isEqualTo(student.id());
        assertThat(expected.away()).hasSize(1);
        assertThat(expected.allBack().away()).isEmpty();
    }
}

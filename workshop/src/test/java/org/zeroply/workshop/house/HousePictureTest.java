package org.zeroply.workshop.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.workshop.command.Refusal;

class HousePictureTest {

    @TempDir private Path root;

    private void source(String place, String... uses) throws IOException {
        Path file = root.resolve("game/src/main/java/org/zeroply/game").resolve(place);
        Files.createDirectories(file.getParent());
        StringBuilder text = new StringBuilder("package x;\n");
        for (String use : uses) {
            text.append("import org.zeroply.game.").append(use).append(";\n");
        }
        Files.writeString(file, text);
    }

    @Test
    void a_room_stands_above_all_it_uses() throws IOException {
        source("board/Board.java");
        source("board/fast/Bits.java", "board.Board");
        source("notation/San.java", "board.Board");
        source("tree/Tree.java", "notation.San", "board.fast.Bits");
        source("names/Names.java");
        source("Root.java", "tree.Tree");
        Floor floor = Floor.read(root, "game");
        assertThat(floor.storeys())
                .containsExactly(List.of("board", "names"), List.of("notation"), List.of("tree"));
        assertThat(floor.rooms().get("board")).containsExactly("fast");
    }

    @Test
    void a_static_import_and_one_of_a_subroom_count_too() throws IOException {
        source("board/Board.java");
        source("board/deep/Deep.java");
        Path file = root.resolve("game/src/main/java/org/zeroply/game/use/Use.java");
        Files.createDirectories(file.getParent());
        Files.writeString(file, "import static org.zeroply.game.board.deep.Deep.go;\n");
        assertThat(Floor.read(root, "game").storeys())
                .containsExactly(List.of("board"), List.of("use"));
    }

    @Test
    void a_circle_cannot_be_drawn() throws IOException {
        source("a/A.java", "b.B");
        source("b/B.java", "a.A");
        Floor floor = Floor.read(root, "game");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(floor::storeys)
                .withMessageContaining("game");
    }

    @Test
    void the_picture_in_the_documents_shows_the_house_as_it_is() throws IOException {
        assertThat(Path.of("../docs/house.svg"))
                .as("draw it anew with ./zeroply house")
                .hasContent(HousePicture.of(Path.of("..")));
    }
}

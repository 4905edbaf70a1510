package org.zeroply.cli.contract;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.cli.CommandTest;

/**
 * The shape of every command's document, which programs of others read. A change of one is seen as
 * a change of a file: {@code mvn -pl cli -am verify -Dtest=ContractTest -Dcontract.write=true}
 * writes them anew.
 */
@TestMethodOrder(MethodOrderer.MethodName.class)
class ContractTest extends CommandTest {

    static final Path SHAPES = Path.of("src/test/resources/org/zeroply/cli/contract/shapes");

    @TempDir private static Path folder;

    private static Inputs inputs;

    @BeforeAll
    static void write() {
        inputs = new Inputs(folder);
        inputs.write();
    }

    static Stream<String[]> commands() throws IOException {
        try (InputStream in = ContractTest.class.getResourceAsStream("commands.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split(": ", 2));
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("commands")
    void a_document_has_the_shape_it_is_known_by(String name, String command) throws IOException {
        String[] words = inputs.words(command + " --json");
        JsonNode document = json(words);
        Path known = SHAPES.resolve(name + ".txt");
        List<String> rows = Shape.of(document).rows();
        if (Boolean.getBoolean("contract.write")) {
            Files.createDirectories(SHAPES);
            Files.write(known, rows);
        }
        assertThat(rows)
                .as(Arrays.toString(words))
                .containsExactlyElementsOf(Files.readAllLines(known));
    }
}

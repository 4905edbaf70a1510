package org.zeroply.cli.contract;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.zeroply.cli.CommandTest;
import picocli.CommandLine;

/** The page of the command line knows every command, every option and every field. */
class DocumentedTest extends CommandTest {

    private static final Path DOCS = Path.of("../docs");
    private static final Pattern CODE = Pattern.compile("`[^`]+`");
    private static final Pattern WORD = Pattern.compile("--[\\w-]+|\\w[\\w-]*");

    /** What is named by what it is about, not by the program: squares, the figures of each fact. */
    private static final Pattern FREE = Pattern.compile("\\.(figures\\.\\w+|SQUARE)$");

    private static final Set<String> words = new TreeSet<>();

    @BeforeAll
    static void read() throws IOException {
        for (String page :
                List.of("command-line.md", "repertoire.md", "exercises.md", "defence.md")) {
            Matcher code = CODE.matcher(Files.readString(DOCS.resolve(page)));
            while (code.find()) {
                WORD.matcher(code.group()).results().forEach(word -> words.add(word.group()));
            }
        }
    }

    @Test
    void every_command_and_every_option_is_there() {
        Set<String> missing = new TreeSet<>();
        look(commandLine(), missing);
        assertThat(missing).isEmpty();
    }

    private static void look(CommandLine line, Set<String> missing) {
        for (CommandLine command : line.getSubcommands().values()) {
            String name = command.getCommandSpec().qualifiedName();
            if (!words.contains(command.getCommandName())) {
                missing.add(name);
            }
            command.getCommandSpec().options().stream()
                    .filter(option -> !option.hidden())
                    .filter(option -> Arrays.stream(option.names()).noneMatch(words::contains))
                    .filter(option -> !option.usageHelp() && !option.versionHelp())
                    .forEach(option -> missing.add(name + " " + option.longestName()));
            look(command, missing);
        }
    }

    @Test
    void every_field_is_there() throws IOException {
        Set<String> missing = new TreeSet<>();
        for (List<String> rows : shapes().values()) {
            for (String row : rows) {
                String path = row.substring(0, row.indexOf(": ")).replace("[]", "");
                String name = path.substring(path.lastIndexOf('.') + 1);
                if (!words.contains(name) && !FREE.matcher(path).find()) {
                    missing.add(path);
                }
            }
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void the_list_of_all_fields_is_as_the_documents_are() throws IOException {
        Path page = DOCS.resolve("json.md");
        String made = FieldTable.page(shapes());
        if (Boolean.getBoolean("contract.write")) {
            Files.writeString(page, made);
        }
        assertThat(page).hasContent(made);
    }

    private static Map<String, List<String>> shapes() throws IOException {
        Map<String, List<String>> shapes = new LinkedHashMap<>();
        for (String[] command : ContractTest.commands().toList()) {
            shapes.put(
                    command[1],
                    Files.readAllLines(ContractTest.SHAPES.resolve(command[0] + ".txt")));
        }
        return shapes;
    }
}

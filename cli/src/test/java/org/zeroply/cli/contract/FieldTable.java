package org.zeroply.cli.contract;

import java.util.List;
import java.util.Map;

/** The page of the documents that lists every field of every command's answer. */
final class FieldTable {

    private FieldTable() {}

    /** The page, out of commands and the rows of their shapes. */
    static String page(Map<String, List<String>> rowsByCommand) {
        StringBuilder page = new StringBuilder();
        page.append("# Fields of the documents\n\n");
        page.append("Made from what the commands print with `--json`; a field is there in every ");
        page.append("answer of the kind,\nor where there is something to tell. `[]` stands for ");
        page.append("each element of a list, `SQUARE` for the name of one.\n");
        page.append("What they mean: [command-line.md](command-line.md).\n");
        rowsByCommand.forEach(
                (command, rows) -> {
                    page.append("\n## `").append(command).append("`\n\n");
                    page.append("| field | type |\n| --- | --- |\n");
                    for (String row : rows) {
                        int colon = row.indexOf(": ");
                        page.append("| `").append(row, 0, colon).append("` | ");
                        page.append(row.substring(colon + 2)).append(" |\n");
                    }
                });
        return page.toString();
    }
}

package org.zeroply.coach.defence.whatif;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.StringJoiner;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Epd;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.texts.CoachWords;

/**
 * The rows of a what-if table as EPD: the position itself first, its opcode {@code defences} naming
 * moves in SAN; then its variants. The opcode {@code id} names a row.
 *
 * @param rows the position itself first; at least one
 * @param defences moves of the first position; may be empty, to be chosen by the program
 */
public record WhatIfRows(List<WhatIf.Row> rows, List<Move> defences) {

    private static final String DEFENCES = "defences";
    private static final String FIRST = CoachWords.of("defence.as-it-is");

    public WhatIfRows {
        rows = List.copyOf(rows);
        defences = List.copyOf(defences);
    }

    /** The rows of a table. */
    public static WhatIfRows of(WhatIf table) {
        return new WhatIfRows(table.rows(), table.defences());
    }

    /**
     * Reads rows; empty ones and those that begin with # are passed over.
     *
     * @throws NotationException naming the row and what is wrong
     */
    public static WhatIfRows parse(String text) throws NotationException {
        List<WhatIf.Row> rows = new ArrayList<>();
        List<Move> defences = new ArrayList<>();
        Epd.each(
                text.replace("\uFEFF", ""),
                (epd, number) -> {
                    rows.add(row(epd, rows));
                    for (String san : epd.operation(DEFENCES).split("[\\s,]+")) {
                        if (!san.isEmpty() && rows.size() == 1) {
                            defences.add(San.read(epd.position(), san));
                        }
                    }
                });
        if (rows.isEmpty()) {
            throw new NotationException(CoachWords.of("defence.there-is-no-position-in"));
        }
        return new WhatIfRows(rows, defences);
    }

    private static WhatIf.Row row(Epd epd, List<WhatIf.Row> before) {
        String name = epd.operation("id");
        if (!name.isBlank()) {
            return new WhatIf.Row(name, epd.position());
        }
        return before.isEmpty()
                ? new WhatIf.Row(FIRST, epd.position())
                : WhatIf.Row.of(before.get(0).position(), epd.position());
    }

    /** The rows as text. */
    public String text() {
        StringBuilder text = new StringBuilder();
        Position base = rows.get(0).position();
        StringJoiner sans = new StringJoiner(" ");
        defences.forEach(d -> sans.add(San.write(base, d)));
        for (int i = 0; i < rows.size(); i++) {
            Map<String, String> operations = new LinkedHashMap<>();
            operations.put("id", rows.get(i).name());
            if (i == 0 && !defences.isEmpty()) {
                operations.put(DEFENCES, sans.toString());
            }
            text.append(new Epd(rows.get(i).position(), operations).text()).append('\n');
        }
        return text.toString();
    }
}

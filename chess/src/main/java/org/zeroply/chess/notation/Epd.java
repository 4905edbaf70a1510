package org.zeroply.chess.notation;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Position;

/**
 * A row of Extended Position Description: four FEN fields and operations.
 *
 * @param position the position, counters taken from {@code hmvc} and {@code fmvn} if present
 * @param operations operand text by opcode, quotes removed, in order
 */
public record Epd(Position position, Map<String, String> operations) {

    /** The halfmove clock and the number of the move, if they stand as in a FEN; the operations. */
    private static final Pattern COUNTED =
            Pattern.compile("(?:(\\d+)\\s+(\\d+)(?=\\s|$))?(.*)", Pattern.DOTALL);

    /** Told of every row of a text. */
    @FunctionalInterface
    public interface Visitor {

        /**
         * @param row number of the row, from 1
         */
        void visit(Epd epd, int row) throws NotationException;
    }

    public Epd {
        operations = new LinkedHashMap<>(operations);
    }

    /** The operand of an opcode, or an empty text. */
    public String operation(String opcode) {
        return operations.getOrDefault(opcode, "");
    }

    /** The row as it is written; operands of {@code id} and of comments stand in quotes. */
    public String text() {
        String[] fen = position.fen().split(" ");
        StringBuilder row = new StringBuilder();
        row.append(String.join(" ", fen[0], fen[1], fen[2], fen[3]));
        operations.forEach(
                (opcode, operand) -> {
                    boolean quoted = opcode.equals("id") || opcode.matches("c\\d");
                    String plain = operand.replace("\"", "'").replace(";", ",");
                    row.append(' ').append(opcode);
                    if (!operand.isEmpty()) {
                        row.append(' ').append(quoted ? "\"" + plain + "\"" : plain);
                    }
                    row.append(';');
                });
        return row.toString();
    }

    /**
     * Reads one row; a FEN, whose two counters stand where operations begin, is one too, and may
     * have operations behind it.
     *
     * @throws NotationException saying what is wrong
     */
    public static Epd parse(String row) throws NotationException {
        String[] fields = row.strip().split("\\s+", 5);
        if (fields.length < 4) {
            throw new NotationException("a position needs four fields, there are " + fields.length);
        }
        Matcher rest = COUNTED.matcher(fields.length > 4 ? fields[4] : "");
        rest.matches();
        Map<String, String> operations = operations(rest.group(3));
        String fen =
                String.join(" ", fields[0], fields[1], fields[2], fields[3])
                        + " "
                        + operations.getOrDefault(
                                "hmvc", Objects.requireNonNullElse(rest.group(1), "0"))
                        + " "
                        + operations.getOrDefault(
                                "fmvn", Objects.requireNonNullElse(rest.group(2), "1"));
        try {
            return new Epd(Position.fromFen(fen), operations);
        } catch (InvalidPositionException e) {
            throw new NotationException(e.getMessage());
        }
    }

    /**
     * Reads the rows of a text; empty ones and those that begin with # are passed over.
     *
     * @throws NotationException naming the row that cannot be read, or that the visitor refuses
     */
    public static void each(String text, Visitor visitor) throws NotationException {
        String[] rows = text.split("\\R");
        for (int i = 0; i < rows.length; i++) {
            String row = rows[i].strip();
            if (row.isEmpty() || row.startsWith("#")) {
                continue;
            }
            try {
                visitor.visit(parse(row), i + 1);
            } catch (NotationException e) {
                throw new NotationException("row " + (i + 1) + ": " + e.getMessage());
            }
        }
    }

    private static Map<String, String> operations(String text) throws NotationException {
        Map<String, String> operations = new LinkedHashMap<>();
        StringBuilder operation = new StringBuilder();
        boolean quoted = false;
        for (char c : (text + ";").toCharArray()) {
            if (c == '"') {
                quoted = !quoted;
            } else if (c == ';' && !quoted) {
                String[] parts = operation.toString().strip().split("\\s+", 2);
                if (parts[0].indexOf(';') >= 0) {
                    throw new NotationException("'" + parts[0] + "' is no operation");
                }
                if (!parts[0].isEmpty()) {
                    operations.put(parts[0], parts.length > 1 ? parts[1] : "");
                }
                operation.setLength(0);
            } else {
                operation.append(c);
            }
        }
        if (quoted) {
            throw new NotationException("a quotation mark is not closed");
        }
        return operations;
    }
}

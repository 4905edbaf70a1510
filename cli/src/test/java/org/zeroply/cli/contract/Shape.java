package org.zeroply.cli.contract;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What a program that reads a document may rely on: where something stands and of what type it is,
 * not its value. The elements of a list are laid over each other.
 *
 * @param fields types by path, such as {@code lines[].score.cp}
 */
record Shape(SortedMap<String, SortedSet<String>> fields) {

    /** Stands for the fields of an object that are named by squares. */
    static final String SQUARE = "SQUARE";

    static Shape of(JsonNode document) {
        Shape shape = new Shape(new TreeMap<>());
        shape.add("", document);
        return shape;
    }

    private void add(String path, JsonNode node) {
        if (node.isObject()) {
            for (Map.Entry<String, JsonNode> field : node.properties()) {
                String name = field.getKey().replaceFirst("^[a-h][1-8]$", SQUARE);
                add(path.isEmpty() ? name : path + "." + name, field.getValue());
            }
        } else if (node.isArray()) {
            note(path + "[]", "list");
            node.forEach(element -> add(path + "[]", element));
        } else {
            note(path, type(node));
        }
    }

    private void note(String path, String type) {
        fields.computeIfAbsent(path, p -> new TreeSet<>()).add(type);
    }

    private static String type(JsonNode node) {
        return switch (node.getNodeType()) {
            case NUMBER -> "number";
            case STRING -> "text";
            case BOOLEAN -> "boolean";
            case NULL -> "null";
            default -> throw new IllegalArgumentException(node.getNodeType() + " in a document");
        };
    }

    /** One row for each field: {@code path: type}. */
    List<String> rows() {
        List<String> rows = new ArrayList<>();
        fields.forEach((path, types) -> rows.add(path + ": " + row(types)));
        return rows;
    }

    /** A list of plain values is told by these alone. */
    private static String row(SortedSet<String> types) {
        SortedSet<String> told = new TreeSet<>(types);
        if (told.size() > 1) {
            told.remove("list");
        }
        return String.join(" or ", told);
    }
}

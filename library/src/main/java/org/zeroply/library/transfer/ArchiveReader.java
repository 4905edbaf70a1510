package org.zeroply.library.transfer;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.store.UnreadStore;

/**
 * Reads an archive into a library. What is wrong with one entry costs that entry, which is named
 * and kept; read again, only what is missing is added.
 */
final class ArchiveReader {

    /** Entries of one kind; more are no library but an attempt to fill a memory. */
    private static final int MOST_ENTRIES = 200_000;

    /** Characters of an entry that are kept when it cannot be read. */
    private static final int KEPT = 1 << 20;

    private final Library library;
    private final Importer importer;
    private final Cancellation cancellation;
    private final ArchivedPeople people;
    private final ArchivedWork work;
    private final JsonMapper json =
            JsonMapper.builder().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

    ArchiveReader(Library library, Importer importer, Cancellation cancellation) {
        this.library = library;
        this.importer = importer;
        this.cancellation = cancellation;
        this.people = new ArchivedPeople(library, json);
        this.work = new ArchivedWork(library, json);
    }

    /**
     * Reads a file.
     *
     * @throws IOException if it cannot be read at all
     */
    void read(Path file) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            List<? extends ZipEntry> entries =
                    Collections.list(zip.entries()).stream()
                            .filter(e -> !e.isDirectory())
                            .sorted(Comparator.comparing(ZipEntry::getName))
                            .toList();
            int known = 0;
            for (ZipEntry entry : entries) {
                if (entry.getName().toLowerCase(Locale.ROOT).endsWith(".pgn")) {
                    known++;
                    games(zip, entry);
                }
            }
            known += entries(zip, Archive.ORIGINS, "", work::origin);
            known += entries(zip, Archive.PUT_AWAY, "", work::putAway);
            known += entries(zip, Archive.PEOPLE, "students", people::student);
            known += entries(zip, Archive.PEOPLE, "unread", work::unread);
            known += entries(zip, Archive.REVIEWS, "", work::note);
            known += entries(zip, Archive.COLLECTIONS, "", work::collection);
            if (known == 0) {
                throw new IOException("there is neither a library nor any games in it");
            }
        } catch (IllegalArgumentException e) {
            throw new IOException("it is damaged", e);
        }
    }

    private void games(ZipFile zip, ZipEntry entry) throws IOException {
        if (cancellation.isCancelled()) {
            return;
        }
        try (InputStream in = zip.getInputStream(entry)) {
            importer.stream(in, entry.getName(), entry.getSize());
        }
    }

    /** What takes an entry, and where problems are told. */
    interface Taker {
        /**
         * Stores an entry.
         *
         * @param problems told of parts of it that cannot be stored, with their text
         * @throws IllegalArgumentException if it cannot be stored, saying why
         * @throws JsonProcessingException if it is not one
         */
        void take(JsonNode entry, BiConsumer<String, JsonNode> problems)
                throws JsonProcessingException;
    }

    /** Reads the entries of a list; 1 when there is such a list, else 0. */
    private int entries(ZipFile zip, String name, String field, Taker taker) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null || cancellation.isCancelled()) {
            return entry == null ? 0 : 1;
        }
        try (InputStream in = zip.getInputStream(entry);
                JsonParser parser = json.createParser(in)) {
            library.together(
                    () -> {
                        all(parser, name, field, taker);
                        return true;
                    });
        }
        return 1;
    }

    private void all(JsonParser parser, String name, String field, Taker taker) {
        int count = 0;
        try {
            if (!find(parser, field)) {
                return;
            }
            while (parser.nextToken() != JsonToken.END_ARRAY && parser.currentToken() != null) {
                count++;
                if (count > MOST_ENTRIES) {
                    throw new LibraryException(
                            name + " has more than " + MOST_ENTRIES + " entries; none was taken.");
                }
                JsonNode entry = json.readTree(parser);
                take(name, count, entry, taker);
            }
        } catch (IOException e) {
            importer.reject(
                    name,
                    name
                            + " is damaged after entry "
                            + count
                            + "; what stood before that was taken.");
        }
    }

    /** Goes to the list: of a field, or the whole document. */
    private static boolean find(JsonParser parser, String field) throws IOException {
        JsonToken token = parser.nextToken();
        if (field.isEmpty()) {
            return token == JsonToken.START_ARRAY;
        }
        while (token == JsonToken.START_OBJECT || parser.nextToken() == JsonToken.FIELD_NAME) {
            if (token == JsonToken.START_OBJECT && parser.nextToken() != JsonToken.FIELD_NAME) {
                return false;
            }
            token = parser.currentToken();
            String here = parser.currentName();
            token = parser.nextToken();
            if (here.equals(field)) {
                return token == JsonToken.START_ARRAY;
            }
            parser.skipChildren();
            token = JsonToken.FIELD_NAME;
        }
        return false;
    }

    private void take(String name, int number, JsonNode entry, Taker taker) {
        String where = name + ", entry " + number;
        Optional<String> failed =
                library.part(
                        () -> {
                            try {
                                taker.take(entry, (why, part) -> reject(name, where, why, part));
                            } catch (JsonProcessingException e) {
                                throw new IllegalArgumentException("it is not what it should be");
                            }
                        });
        failed.ifPresent(why -> reject(name, where, why, entry));
    }

    private void reject(String name, String where, String why, JsonNode entry) {
        String text = entry.toString();
        String kept = text.substring(0, Math.min(KEPT, text.length()));
        String reason = where + ": " + why + ". It was left out; its text is kept.";
        library.unread().add(new UnreadStore.Unread(name, 0, reason, kept));
        importer.reject(name, reason);
    }

    /** A value that has to be there. */
    static <T> T need(T value, String what) {
        if (value == null) {
            throw new IllegalArgumentException("it has no " + what);
        }
        return value;
    }

    /** The fields of an object; none of anything else. */
    static Map<String, JsonNode> fields(JsonNode object) {
        Map<String, JsonNode> fields = new java.util.LinkedHashMap<>();
        object.fields().forEachRemaining(f -> fields.put(f.getKey(), f.getValue()));
        return fields;
    }
}

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
import org.zeroply.library.sheet.UnreadStore;
import org.zeroply.library.texts.LibraryWords;

/**
 * Reads an archive into a library. What is wrong with one entry costs that entry, which is named
 * and kept; read again, only what is missing is added.
 */
final class ArchiveReader {

    /** Entries of one kind; more are no library but an attempt to fill a memory. */
    private static final int MOST_ENTRIES = 200_000;

    /** Stands for a document that is a list itself. */
    private static final String WHOLE = "";

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
            // What another sheet came in as may be in the bin by itself.
            known += lists(zip, Archive.PUT_AWAY, Map.of(WHOLE, work::putAway));
            known += lists(zip, Archive.ORIGINS, Map.of(WHOLE, work::origin));
            known +=
                    lists(
                            zip,
                            Archive.PEOPLE,
                            Map.of("students", people::student, "unread", work::unread));
            known += lists(zip, Archive.PEOPLE_PUT_AWAY, Map.of(WHOLE, people::putAway));
            known += lists(zip, Archive.LESSON_ANSWERS, Map.of(WHOLE, people::lessonAnswer));
            known += lists(zip, Archive.REVIEWS, Map.of(WHOLE, work::note));
            known += lists(zip, Archive.COLLECTIONS, Map.of(WHOLE, work::collection));
            known += lists(zip, Archive.QUERIES, Map.of(WHOLE, work::query));
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

    /**
     * Reads the lists of a document, each by its field, or as a whole.
     *
     * @return 1 when there is such a document, else 0
     */
    private int lists(ZipFile zip, String name, Map<String, Taker> takers) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null || cancellation.isCancelled()) {
            return entry == null ? 0 : 1;
        }
        refuseTooMany(zip, entry);
        try (InputStream in = zip.getInputStream(entry);
                JsonParser parser = json.createParser(in)) {
            library.together(
                    () -> {
                        new Document(name, parser, takers).read();
                        return true;
                    });
        }
        return 1;
    }

    /** Counts before anything is taken: what is refused shall not keep the library busy first. */
    private void refuseTooMany(ZipFile zip, ZipEntry entry) {
        try (InputStream in = zip.getInputStream(entry);
                JsonParser parser = json.createParser(in)) {
            // A list is the document itself, or the value of one of its fields.
            boolean whole = parser.nextToken() == JsonToken.START_ARRAY;
            for (JsonToken t = whole ? parser.currentToken() : parser.nextToken();
                    t != null && t != JsonToken.END_OBJECT;
                    t = parser.nextToken()) {
                if (t == JsonToken.START_ARRAY) {
                    count(parser, entry.getName());
                } else {
                    parser.skipChildren();
                }
            }
        } catch (IOException e) {
            // What is damaged is told when it is taken, with what stood before it.
        }
    }

    private static void count(JsonParser parser, String name) throws IOException {
        int count = 0;
        while (parser.nextToken() != JsonToken.END_ARRAY && parser.currentToken() != null) {
            parser.skipChildren();
            if (++count > MOST_ENTRIES) {
                throw new LibraryException(
                        LibraryWords.of("transfer.has-more-than-entries-none", name, MOST_ENTRIES));
            }
        }
    }

    /** A document of an archive, being read once from its beginning to its end. */
    private final class Document {

        private final String name;
        private final JsonParser parser;
        private final Map<String, Taker> takers;

        /** Entries of the list that is being read. */
        private int count;

        Document(String name, JsonParser parser, Map<String, Taker> takers) {
            this.name = name;
            this.parser = parser;
            this.takers = takers;
        }

        void read() {
            try {
                if (parser.nextToken() == JsonToken.START_ARRAY) {
                    list(WHOLE);
                    return;
                }
                while (parser.nextToken() == JsonToken.FIELD_NAME) {
                    String field = parser.currentName();
                    if (parser.nextToken() == JsonToken.START_ARRAY) {
                        list(field);
                    } else {
                        parser.skipChildren();
                    }
                }
            } catch (IOException e) {
                importer.reject(
                        name, LibraryWords.of("transfer.is-damaged-after-entry-what", name, count));
            }
        }

        private void list(String field) throws IOException {
            Taker taker = takers.get(field);
            if (taker == null) {
                parser.skipChildren();
                return;
            }
            count = 0;
            while (parser.nextToken() != JsonToken.END_ARRAY && parser.currentToken() != null) {
                count++;
                JsonNode entry = json.readTree(parser);
                take(name, count, entry, taker);
            }
        }
    }

    private void take(String name, int number, JsonNode entry, Taker taker) {
        String where = LibraryWords.of("transfer.entry", name, number);
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
        String reason = LibraryWords.of("transfer.it-was-left-out-its", where, why);
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
}

package org.zeroply.library.transfer;

import static org.zeroply.library.transfer.ArchiveReader.need;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import org.zeroply.library.Library;
import org.zeroply.library.index.QueryStore;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.sheet.SheetTransfer;
import org.zeroply.library.sheet.UnreadStore;

/** What an archive says of sheets. */
final class ArchivedWork {

    private final Library library;
    private final ObjectMapper json;

    ArchivedWork(Library library, ObjectMapper json) {
        this.library = library;
        this.json = json;
    }

    /** What a sheet came in as. */
    void origin(JsonNode entry, BiConsumer<String, JsonNode> problems)
            throws JsonProcessingException {
        Archive.Origin o = json.treeToValue(entry, Archive.Origin.class);
        library.sheetTransfer().origin(need(o.sheet(), "sheet"), need(o.origin(), "origin"));
    }

    /** A sheet in the bin. */
    void putAway(JsonNode entry, BiConsumer<String, JsonNode> problems)
            throws JsonProcessingException {
        Archive.Away a = json.treeToValue(entry, Archive.Away.class);
        String pgn = need(a.pgn(), "moves");
        library.sheetTransfer().add(new SheetTransfer.PutAway(pgn, time(a.at())));
    }

    static Instant time(String text) {
        try {
            return Instant.parse(need(text, "time"));
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("its time cannot be understood", e);
        }
    }

    /** A text that could not be read. */
    void unread(JsonNode entry, BiConsumer<String, JsonNode> problems)
            throws JsonProcessingException {
        UnreadStore.Unread u = json.treeToValue(entry, UnreadStore.Unread.class);
        need(u.file(), "file");
        need(u.reason(), "reason");
        need(u.raw(), "text");
        library.unread().add(u);
    }

    /** A note on a moment; what the coach said here already is not overwritten. */
    void note(JsonNode entry, BiConsumer<String, JsonNode> problems)
            throws JsonProcessingException {
        Archive.Noted n = json.treeToValue(entry, Archive.Noted.class);
        ReviewStore.Decision decision =
                ReviewStore.Decision.valueOf(need(n.decision(), "decision"));
        ReviewStore.Note note =
                new ReviewStore.Note(n.ply(), decision, n.words() == null ? "" : n.words());
        List<Long> like = library.sheetTransfer().like(need(n.game(), "game"));
        boolean noted =
                like.stream()
                        .flatMap(id -> library.reviews().notes(id).stream())
                        .anyMatch(known -> known.ply() == n.ply());
        if (!noted) {
            like.stream().findFirst().ifPresent(id -> library.reviews().note(id, note));
        }
    }

    /** A collection; games that are not here are left out, and of equal ones one is enough. */
    void collection(JsonNode entry, BiConsumer<String, JsonNode> problems)
            throws JsonProcessingException {
        Archive.Collected c = json.treeToValue(entry, Archive.Collected.class);
        String name = need(c.name(), "name");
        Set<Long> known =
                library.collections()
                        .named(name)
                        .map(k -> library.collections().withPutAway(k.id()))
                        .map(HashSet::new)
                        .orElseGet(HashSet::new);
        List<Long> added = new ArrayList<>();
        for (String key : c.games()) {
            List<Long> like = library.sheetTransfer().like(need(key, "game"));
            if (!like.isEmpty() && Collections.disjoint(known, like)) {
                added.add(like.get(0));
                known.add(like.get(0));
            }
        }
        library.collections().put(name, added);
    }

    /** A question to games; one of the same name that is here already stays. */
    void query(JsonNode entry, BiConsumer<String, JsonNode> problems)
            throws JsonProcessingException {
        QueryStore.Kept kept = json.treeToValue(entry, QueryStore.Kept.class);
        String name = need(kept.name(), "name");
        String query = need(kept.query(), "query");
        if (library.queries().named(name).isEmpty()) {
            library.queries().keep(name, query);
        }
    }
}

package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jdbi.v3.core.mapper.reflect.ConstructorMapper;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.coach.pattern.GamesAsked;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.Database;
import org.zeroply.library.database.PackedText;
import org.zeroply.library.sheet.CollectionStore;
import org.zeroply.library.texts.LibraryWords;

/** Which games of the library a query is about; by the names of openings they are told later. */
final class AskedGames {

    private final Database database;
    private final PositionIndex index;
    private final CollectionStore collections;

    AskedGames(Database database, PositionIndex index, CollectionStore collections) {
        this.database = database;
        this.index = index;
        this.collections = collections;
    }

    /**
     * Games that were asked for.
     *
     * @param numbers of the games, the newest first
     * @param silent tags that were asked for and are missing in some games of the library
     */
    record Answer(int[] numbers, List<SilentTag> silent) {}

    /**
     * Which games are asked for.
     *
     * @throws LibraryException if there is no such collection, or the library fails
     */
    Answer of(GamesAsked asked) {
        GameFilter filter =
                new GameFilter(
                        asked.players(), asked.rated(), asked.played(), asked.outcome().result());
        List<Set<Long>> among = new ArrayList<>();
        AskedTags tags = new AskedTags(asked);
        if (!asked.collection().isEmpty()) {
            among.add(collection(asked.collection()));
        }
        if (!asked.occasion().event().isEmpty()) {
            among.add(event(asked.occasion().event()));
        }
        if (!tags.isEmpty()) {
            among.add(tagged(tags));
        }
        int[] numbers =
                index.numbers(
                        filter, sheet -> among.stream().allMatch(sheets -> sheets.contains(sheet)));
        return new Answer(numbers, tags.silent());
    }

    private Set<Long> collection(String name) {
        CollectionStore.Collection collection =
                collections.all().stream()
                        .filter(c -> c.name().equalsIgnoreCase(name))
                        .findFirst()
                        .orElseThrow(
                                () ->
                                        new LibraryException(
                                                LibraryWords.of(
                                                        "index.there-is-no-collection-named",
                                                        name)));
        return new HashSet<>(collections.sheets(collection.id()));
    }

    private Set<Long> event(String part) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT id FROM sheet WHERE kind = 'game' AND"
                                                + " instr(folded(event), folded(:part)) > 0")
                                .bind("part", part)
                                .mapTo(Long.class)
                                .collect(Collectors.toSet()));
    }

    /** The games with such tags, which stand in the texts of games alone. */
    private Set<Long> tagged(AskedTags tags) {
        return database.read(
                h ->
                        h
                                .createQuery(
                                        "SELECT t.sheet_id, t.pgn FROM sheet_text t JOIN sheet s ON"
                                                + " s.id = t.sheet_id WHERE s.kind = 'game' AND"
                                                + " s.deleted IS NULL")
                                .map(ConstructorMapper.of(Text.class))
                                .stream()
                                .filter(text -> tags.areIn(text.tags()))
                                .map(Text::sheetId)
                                .collect(Collectors.toSet()));
    }

    private record Text(long sheetId, byte[] pgn) {
        Map<String, String> tags() {
            return PgnReader.tags(PackedText.beginning(pgn));
        }
    }
}

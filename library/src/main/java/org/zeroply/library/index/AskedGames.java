package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.zeroply.coach.pattern.GamesAsked;
import org.zeroply.coach.pattern.Occasion;
import org.zeroply.coach.pattern.OpeningAsked;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.Database;
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
     * The numbers of the games, the newest first.
     *
     * @throws LibraryException if there is no such collection, or the library fails
     */
    int[] numbers(GamesAsked asked) {
        GameFilter filter =
                new GameFilter(
                        asked.players(), asked.rated(), asked.played(), asked.outcome().result());
        List<Set<Long>> among = new ArrayList<>();
        if (!asked.collection().isEmpty()) {
            among.add(collection(asked.collection()));
        }
        Occasion occasion = asked.occasion();
        if (!occasion.event().isEmpty()) {
            among.add(event(occasion.event()));
        }
        if (!occasion.site().isEmpty()) {
            among.add(tagged("Site", occasion.site()));
        }
        if (!occasion.round().isEmpty()) {
            among.add(round(occasion.round()));
        }
        if (!asked.outcome().termination().isEmpty()) {
            among.add(tagged("Termination", asked.outcome().termination()));
        }
        if (asked.opening().isCoded()) {
            among.add(coded(asked.opening()));
        }
        return index.numbers(
                filter, sheet -> among.stream().allMatch(sheets -> sheets.contains(sheet)));
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

    /** The sheets with a part in a tag; such tags stand in the texts of games alone. */
    private Set<Long> tagged(String tag, String part) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT sheet_id FROM sheet_text WHERE"
                                                + " instr(folded(pgn_tag(pgn, :tag)), folded(:part)) > 0")
                                .bind("tag", tag)
                                .bind("part", part)
                                .mapTo(Long.class)
                                .collect(Collectors.toSet()));
    }

    private Set<Long> round(String number) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT sheet_id FROM sheet_text WHERE"
                                                + " folded(pgn_tag(pgn, 'Round')) = folded(:number)")
                                .bind("number", number)
                                .mapTo(Long.class)
                                .collect(Collectors.toSet()));
    }

    /** The sheets with such ECO codes, which may have a letter or a number more. */
    private Set<Long> coded(OpeningAsked opening) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT sheet_id FROM sheet_text WHERE substr(pgn_tag(pgn, 'ECO'), 1, 3)"
                                                + " BETWEEN :first AND :last")
                                .bind("first", opening.first())
                                .bind("last", opening.last())
                                .mapTo(Long.class)
                                .collect(Collectors.toSet()));
    }
}

package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.zeroply.coach.pattern.GamesAsked;
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
                new GameFilter(asked.players(), asked.rated(), asked.played(), asked.result());
        List<Set<Long>> among = new ArrayList<>();
        if (!asked.collection().isEmpty()) {
            among.add(collection(asked.collection()));
        }
        if (!asked.event().isEmpty()) {
            among.add(event(asked.event()));
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

    /** The sheets with such ECO codes; these stand in the texts of games alone. */
    private Set<Long> coded(OpeningAsked opening) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT sheet_id FROM sheet_text WHERE eco_code(pgn)"
                                                + " BETWEEN :first AND :last")
                                .bind("first", opening.first())
                                .bind("last", opening.last())
                                .mapTo(Long.class)
                                .collect(Collectors.toSet()));
    }
}

package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.zeroply.coach.pattern.GamesAsked;
import org.zeroply.coach.pattern.Occasion;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.Database;
import org.zeroply.library.database.SqlFunctions;
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
        List<SilentTag> silent = new ArrayList<>();
        Occasion occasion = asked.occasion();
        if (!asked.collection().isEmpty()) {
            among.add(collection(asked.collection()));
        }
        if (!occasion.event().isEmpty()) {
            among.add(event(occasion.event()));
        }
        if (!occasion.site().isEmpty()) {
            among.add(tagged("Site", has(occasion.site()), silent));
        }
        if (!occasion.round().isEmpty()) {
            among.add(tagged("Round", occasion.round()::equalsIgnoreCase, silent));
        }
        if (!asked.outcome().termination().isEmpty()) {
            among.add(tagged("Termination", has(asked.outcome().termination()), silent));
        }
        if (asked.opening().isCoded()) {
            among.add(tagged("ECO", asked.opening()::includes, silent));
        }
        int[] numbers =
                index.numbers(
                        filter, sheet -> among.stream().allMatch(sheets -> sheets.contains(sheet)));
        return new Answer(numbers, silent);
    }

    private static Predicate<String> has(String part) {
        String folded = SqlFunctions.fold(part);
        return value -> SqlFunctions.fold(value).contains(folded);
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

    /** The sheets with such a tag; these tags stand in the texts of games alone. */
    private Set<Long> tagged(String tag, Predicate<String> asked, List<SilentTag> silent) {
        Set<Long> sheets = new HashSet<>();
        int[] without = {0};
        database.read(
                h -> {
                    h.createQuery(
                                    "SELECT t.sheet_id, pgn_tag(t.pgn, :tag) AS value FROM"
                                            + " sheet_text t JOIN sheet s ON s.id = t.sheet_id"
                                            + " WHERE s.kind = 'game' AND s.deleted IS NULL")
                            .bind("tag", tag)
                            .map((rs, c) -> new Tagged(rs.getLong(1), rs.getString(2)))
                            .forEach(
                                    game -> {
                                        if (!game.isTold()) {
                                            without[0]++;
                                        } else if (asked.test(game.value())) {
                                            sheets.add(game.sheetId());
                                        }
                                    });
                    return true;
                });
        if (without[0] > 0) {
            silent.add(new SilentTag(tag, without[0]));
        }
        return sheets;
    }

    private record Tagged(long sheetId, String value) {
        boolean isTold() {
            return !value.isBlank() && !value.equals("?") && !value.equals("-");
        }
    }
}

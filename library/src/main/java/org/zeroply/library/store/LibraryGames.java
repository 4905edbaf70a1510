package org.zeroply.library.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.review.KnownGames;

/**
 * Which games of the library came to a position, held in memory: the first {@value #PLIES} plies of
 * the newest {@value #GAMES} games. Games added later are read when it is next asked for.
 */
public final class LibraryGames {

    private static final int PLIES = 60;
    private static final int GAMES = 20_000;
    private static final int SHOWN = 200;

    private record Visit(long id, int next) {}

    private final Database database;
    private final Map<Long, List<Visit>> byKey = new ConcurrentHashMap<>();
    private final Map<Long, String> titles = new ConcurrentHashMap<>();
    private long newest;

    public LibraryGames(Database database) {
        this.database = database;
    }

    private record Row(long id, String title, String pgn) {}

    /** Reads what was added since, and gives all games but one. */
    public KnownGames without(long sheetId) {
        readNew();
        return position -> visits(position, sheetId);
    }

    private synchronized void readNew() {
        List<Row> rows =
                database.read(
                        h ->
                                h.createQuery(
                                                "SELECT id, title, pgn FROM sheet WHERE kind ="
                                                        + " 'game' AND deleted_at IS NULL AND id >"
                                                        + " :newest ORDER BY id DESC LIMIT :most")
                                        .bind("newest", newest)
                                        .bind("most", GAMES)
                                        .map(
                                                (rs, c) ->
                                                        new Row(
                                                                rs.getLong(1),
                                                                rs.getString(2),
                                                                rs.getString(3)))
                                        .list());
        for (Row row : rows) {
            newest = Math.max(newest, row.id());
            titles.put(row.id(), row.title());
            List<Node> line = SheetStore.parse(row.pgn()).mainLine();
            for (int i = 0; i < Math.min(PLIES, line.size()); i++) {
                Position before = line.get(i).parent().orElseThrow().position();
                add(before.key(), new Visit(row.id(), line.get(i).move().packed()));
                if (i == line.size() - 1) {
                    add(line.get(i).position().key(), new Visit(row.id(), 0));
                }
            }
        }
    }

    private void add(long key, Visit visit) {
        byKey.computeIfAbsent(key, k -> new ArrayList<>(1)).add(visit);
    }

    private List<KnownGames.Visit> visits(Position position, long except) {
        List<KnownGames.Visit> visits = new ArrayList<>();
        for (Visit visit : byKey.getOrDefault(position.key(), List.of())) {
            if (visit.id() != except && visits.size() < SHOWN) {
                visits.add(
                        new KnownGames.Visit(
                                visit.id(), titles.get(visit.id()), san(position, visit.next())));
            }
        }
        return visits;
    }

    private static String san(Position position, int packed) {
        return Optional.of(new Move(packed))
                .filter(m -> !m.isNull())
                .map(m -> San.write(position, m))
                .orElse("");
    }
}

package org.zeroply.library.sheet;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jdbi.v3.core.Handle;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.exercise.find.Appeal;
import org.zeroply.coach.exercise.find.Prospect;
import org.zeroply.coach.exercise.scheme.GameOrigin;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.Database;

/** Positions of games that are worth setting, and which games were looked through for them. */
public final class FindStore {

    private static final ObjectMapper JSON = new ObjectMapper();

    private final Database database;
    private final Clock clock;

    public FindStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What the coach made of a find. */
    public enum State {
        OPEN("open"),
        SET("set"),
        PUT_AWAY("put-away");

        private final String word;

        State(String word) {
            this.word = word;
        }

        static State of(String word) {
            return valueOf(word.toUpperCase(Locale.ROOT).replace('-', '_'));
        }
    }

    /** A find in a game of the library. */
    public record GameFind(
            long id, long sheetId, String white, String black, Prospect prospect, State state) {
        /** Who played whom, and at which move. */
        public String title() {
            return GameOrigin.title(white, black, prospect.position());
        }

        /** Who has to find the move. */
        public String mover() {
            return prospect.position().sideToMove() == Side.WHITE ? white : black;
        }
    }

    /** The form in which a find is kept: moves as coordinates. */
    private record Kept(
            String fen,
            List<String> line,
            List<String> tempting,
            List<KeptAppeal> appeals,
            List<String> themes,
            int ownMoves) {}

    private record KeptAppeal(String kind, String words) {}

    /**
     * Keeps what was found in a game. Open finds of an earlier search of it are replaced; those the
     * coach has set or put away stay.
     *
     * @param stamp what searched: engine and nodes
     */
    public void keep(long sheetId, String stamp, List<Prospect> found) {
        database.write(
                h -> {
                    h.execute("DELETE FROM find WHERE sheet_id = ? AND state = 'open'", sheetId);
                    found.forEach(p -> insert(h, sheetId, p));
                    return h.execute(
                            "INSERT OR REPLACE INTO game_search (sheet_id, stamp, searched)"
                                    + " VALUES (?, ?, ?)",
                            sheetId,
                            stamp,
                            clock.millis());
                });
    }

    private static void insert(Handle h, long sheetId, Prospect p) {
        h.execute(
                "INSERT INTO find (sheet_id, ply, rank, prospect) VALUES (?, ?, ?, ?) ON CONFLICT"
                        + " (sheet_id, ply) DO UPDATE SET rank = excluded.rank, prospect ="
                        + " excluded.prospect",
                sheetId,
                p.ply(),
                p.rank(),
                write(p));
    }

    /**
     * The games that have not been looked through like this, or have changed since; oldest first.
     */
    public List<Long> waiting(String stamp) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT s.id FROM sheet s LEFT JOIN game_search g ON"
                                                + " g.sheet_id = s.id AND g.stamp = :stamp AND"
                                                + " g.searched >= s.changed WHERE s.kind ="
                                                + " 'game' AND s.deleted IS NULL AND g.sheet_id"
                                                + " IS NULL ORDER BY s.id")
                                .bind("stamp", stamp)
                                .mapTo(Long.class)
                                .list());
    }

    /** How many games were looked through. */
    public int searched() {
        return database.read(
                h -> h.createQuery("SELECT count(*) FROM game_search").mapTo(Integer.class).one());
    }

    /** The finds in a state, the best first; those of deleted games are left out. */
    public List<GameFind> all(State state) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT f.id, f.sheet_id, s.white, s.black, f.ply,"
                                                + " f.prospect, f.state FROM find f JOIN sheet s ON"
                                                + " s.id = f.sheet_id WHERE f.state = :state AND"
                                                + " s.deleted IS NULL ORDER BY f.rank DESC,"
                                                + " f.id")
                                .bind("state", state.word)
                                .map((rs, c) -> find(rs))
                                .list());
    }

    /** Notes that the coach set a find as an exercise; {@link BinStore} puts one away. */
    public void set(long id) {
        database.write(
                h -> h.execute("UPDATE find SET state = ? WHERE id = ?", State.SET.word, id));
    }

    private static GameFind find(ResultSet rs) throws SQLException {
        return new GameFind(
                rs.getLong(1),
                rs.getLong(2),
                rs.getString(3),
                rs.getString(4),
                read(rs.getString(6), rs.getInt(5)),
                State.of(rs.getString(7)));
    }

    private static String write(Prospect p) {
        List<KeptAppeal> appeals =
                p.appeals().stream().map(a -> new KeptAppeal(a.kind().name(), a.words())).toList();
        Kept kept =
                new Kept(
                        p.position().fen(),
                        p.line().stream().map(Move::coordinates).toList(),
                        p.tempting().stream().map(Move::coordinates).toList(),
                        appeals,
                        p.themes(),
                        p.ownMoves());
        try {
            return JSON.writeValueAsString(kept);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a find cannot be written", e);
        }
    }

    private static Prospect read(String text, int ply) {
        try {
            Kept kept = JSON.readValue(text, Kept.class);
            Position position = Position.fromFen(kept.fen());
            List<Move> line = new ArrayList<>();
            Position p = position;
            for (String move : kept.line()) {
                line.add(San.read(p, move));
                p = p.play(line.get(line.size() - 1));
            }
            List<Move> tempting = new ArrayList<>();
            for (String move : kept.tempting()) {
                tempting.add(San.read(position, move));
            }
            List<Appeal> appeals =
                    kept.appeals().stream()
                            .map(a -> new Appeal(Appeal.Kind.valueOf(a.kind()), a.words()))
                            .toList();
            return new Prospect(
                    position, ply, line, tempting, appeals, kept.themes(), kept.ownMoves());
        } catch (JsonProcessingException | NotationException | IllegalArgumentException e) {
            throw new LibraryException("A find of the library is damaged.", e);
        }
    }
}

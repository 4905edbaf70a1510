package org.zeroply.library.review;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.coach.pattern.GameMoment;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.PlayerReview;
import org.zeroply.library.database.Database;
import org.zeroply.library.index.MomentStore;
import org.zeroply.library.sheet.GameHeading;

/** The queue of games to review, what was found, and what the coach said about it. */
public final class ReviewStore {

    private final Database database;
    private final Clock clock;

    public ReviewStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** How far a game in the queue has come. */
    public enum State {
        WAITING,
        DONE,
        FAILED;

        private static State of(String word) {
            return valueOf(word.toUpperCase(Locale.ROOT));
        }
    }

    /**
     * A game in the queue.
     *
     * @param heading who played, when, and how it ended
     * @param plies moves of one side in the main line
     * @param nodes nodes for each search
     * @param problem why it failed, else empty
     */
    public record Entry(
            long sheetId,
            GameHeading heading,
            int plies,
            long nodes,
            State state,
            Summary summary,
            String problem) {}

    /**
     * What a review brought.
     *
     * @param moments moments found; 0 before
     * @param whiteLoss mean loss of a move in points of a hundred, where White was reviewed
     */
    public record Summary(int moments, Optional<Double> whiteLoss, Optional<Double> blackLoss) {}

    /** What the coach decided about a moment. */
    public enum Decision {
        OPEN,
        KEPT,
        DISMISSED;

        private String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * The coach's view of a moment. It holds for the move, whatever a later review calls the
     * moment.
     *
     * @param ply the move, 1-based
     * @param words the coach's own words in place of the program's; empty for none
     */
    public record Note(int ply, Decision decision, String words) {}

    // ---- The queue ------------------------------------------------------------------------------

    /** Puts games at the end of the queue; those done on the same number of nodes stay done. */
    public void queue(List<Long> sheetIds, long nodes) {
        database.write(
                h -> {
                    int place =
                            h.createQuery("SELECT coalesce(max(place), 0) FROM review")
                                    .mapTo(Integer.class)
                                    .one();
                    for (long id : sheetIds) {
                        h.execute(
                                "INSERT INTO review (sheet_id, nodes, state, place, changed)"
                                        + " VALUES (?, ?, 'waiting', ?, ?) ON CONFLICT (sheet_id)"
                                        + " DO UPDATE SET state = 'waiting', nodes ="
                                        + " excluded.nodes, place = excluded.place WHERE state <>"
                                        + " 'done' OR nodes <> excluded.nodes",
                                id,
                                nodes,
                                ++place,
                                clock.instant());
                    }
                    return place;
                });
    }

    /** Takes games out of the queue that wait; what is done stays. */
    public void withdraw(List<Long> sheetIds) {
        database.write(
                h -> {
                    for (long id : sheetIds) {
                        h.execute("DELETE FROM review WHERE sheet_id = ? AND state <> 'done'", id);
                    }
                    return sheetIds.size();
                });
    }

    /** All games in the queue, those done first, in the order of the queue. */
    public List<Entry> entries() {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT r.sheet_id, s.plies, r.nodes, r.state,"
                                                + " r.moments, r.white_loss, r.black_loss,"
                                                + " r.problem, "
                                                + GameHeading.COLUMNS
                                                + " FROM review r JOIN sheet s ON s.id = r.sheet_id"
                                                + " WHERE s.deleted IS NULL ORDER BY r.place")
                                .map((rs, c) -> entry(rs))
                                .list());
    }

    private static Entry entry(ResultSet rs) throws SQLException {
        return new Entry(
                rs.getLong(1),
                GameHeading.read(rs, 9),
                rs.getInt(2),
                rs.getLong(3),
                State.of(rs.getString(4)),
                new Summary(rs.getInt(5), number(rs, 6), number(rs, 7)),
                rs.getString(8));
    }

    private static Optional<Double> number(ResultSet rs, int column) throws SQLException {
        double value = rs.getDouble(column);
        return rs.wasNull() ? Optional.empty() : Optional.of(value);
    }

    /** Notes that a game was reviewed. */
    public void done(long sheetId, long nodes, GameReview review) {
        Double[] losses = new Double[2];
        for (PlayerReview player : review.players()) {
            losses[player.side().ordinal()] = player.meanLossOfAll();
        }
        List<GameMoment> moments =
                review.moments().stream()
                        .map(m -> new GameMoment(m.move().ply(), m.kind().word(), m.side()))
                        .toList();
        database.together(
                () -> {
                    finish(sheetId, nodes, "done", moments.size(), losses, "");
                    return database.write(
                            h -> {
                                MomentStore.keep(h, sheetId, moments);
                                return true;
                            });
                });
    }

    /** Notes that a game could not be reviewed. */
    public void failed(long sheetId, long nodes, String problem) {
        finish(sheetId, nodes, "failed", 0, new Double[2], problem);
    }

    private void finish(
            long sheetId, long nodes, String state, int moments, Double[] losses, String problem) {
        database.write(
                h ->
                        h.createUpdate(
                                        "INSERT INTO review (sheet_id, nodes, state, place,"
                                                + " moments, white_loss, black_loss, problem,"
                                                + " changed) VALUES (:id, :nodes, :state, (SELECT"
                                                + " coalesce(max(place), 0) + 1 FROM review),"
                                                + " :moments, :white, :black, :problem, :now) ON"
                                                + " CONFLICT (sheet_id) DO UPDATE SET state ="
                                                + " excluded.state, nodes = excluded.nodes, moments"
                                                + " = excluded.moments, white_loss ="
                                                + " excluded.white_loss, black_loss ="
                                                + " excluded.black_loss, problem ="
                                                + " excluded.problem, changed ="
                                                + " excluded.changed")
                                .bind("id", sheetId)
                                .bind("nodes", nodes)
                                .bind("state", state)
                                .bind("moments", moments)
                                .bind("white", losses[0])
                                .bind("black", losses[1])
                                .bind("problem", problem)
                                .bind("now", clock.instant())
                                .execute());
    }

    // ---- What the coach said --------------------------------------------------------------------

    /** The coach's notes on the moments of a game. */
    public List<Note> notes(long sheetId) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT ply, decision, words FROM moment_note WHERE"
                                                + " sheet_id = :id ORDER BY ply")
                                .bind("id", sheetId)
                                .map(
                                        (rs, c) ->
                                                new Note(
                                                        rs.getInt(1),
                                                        Decision.valueOf(
                                                                rs.getString(2)
                                                                        .toUpperCase(Locale.ROOT)),
                                                        rs.getString(3)))
                                .list());
    }

    /** Games with notes, by id. */
    public List<Long> notedSheets() {
        return database.read(
                h ->
                        h.createQuery("SELECT DISTINCT sheet_id FROM moment_note ORDER BY 1")
                                .mapTo(Long.class)
                                .list());
    }

    /** Keeps a note in place of the one on the same moment. */
    public void note(long sheetId, Note note) {
        database.write(
                h ->
                        h.execute(
                                "INSERT INTO moment_note (sheet_id, ply, decision, words,"
                                        + " changed) VALUES (?, ?, ?, ?, ?) ON CONFLICT"
                                        + " (sheet_id, ply) DO UPDATE SET decision ="
                                        + " excluded.decision, words = excluded.words, changed ="
                                        + " excluded.changed",
                                sheetId,
                                note.ply(),
                                note.decision().word(),
                                note.words(),
                                clock.instant()));
    }
}

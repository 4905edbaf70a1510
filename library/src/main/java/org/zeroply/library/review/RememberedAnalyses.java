package org.zeroply.library.review;

import java.util.List;
import java.util.Optional;
import org.zeroply.coach.review.AnalysisMemory;
import org.zeroply.coach.review.Remembered;
import org.zeroply.library.database.Database;

/** Analyses kept in the library. They can all be made again; nothing the user wrote is in them. */
public final class RememberedAnalyses implements AnalysisMemory {

    private final Database database;

    public RememberedAnalyses(Database database) {
        this.database = database;
    }

    @Override
    public Optional<Remembered> find(Key key) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT analysis FROM remembered_analysis WHERE engine ="
                                                + " :engine AND position = :position AND nodes ="
                                                + " :nodes AND lines = :lines")
                                .bind("engine", key.engine())
                                .bind("position", key.position())
                                .bind("nodes", key.nodes())
                                .bind("lines", key.lines())
                                .map((rs, c) -> AnalysisCodec.read(rs.getBytes(1)))
                                .findOne());
    }

    @Override
    public void keep(Key key, Remembered analysis) {
        byte[] bytes = AnalysisCodec.write(analysis);
        database.write(
                h ->
                        h.createUpdate(
                                        "INSERT INTO remembered_analysis (engine, position, nodes,"
                                                + " lines, analysis) VALUES (:engine, :position,"
                                                + " :nodes, :lines, :analysis) ON CONFLICT DO"
                                                + " UPDATE SET analysis = :analysis")
                                .bind("engine", key.engine())
                                .bind("position", key.position())
                                .bind("nodes", key.nodes())
                                .bind("lines", key.lines())
                                .bind("analysis", bytes)
                                .execute());
    }

    /** An analysis as it is kept, to be carried to another library. */
    public record Kept(String engine, String position, long nodes, int lines, byte[] analysis) {}

    /** All that are kept. */
    public List<Kept> all() {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT engine, position, nodes, lines, analysis FROM"
                                                + " remembered_analysis ORDER BY engine, position,"
                                                + " nodes, lines")
                                .map(
                                        (rs, c) ->
                                                new Kept(
                                                        rs.getString(1),
                                                        rs.getString(2),
                                                        rs.getLong(3),
                                                        rs.getInt(4),
                                                        rs.getBytes(5)))
                                .list());
    }

    /** Takes analyses over from another library; those that are known stay. */
    public void take(List<Kept> all) {
        database.write(
                h -> {
                    for (Kept k : all) {
                        h.execute(
                                "INSERT INTO remembered_analysis (engine, position, nodes, lines,"
                                        + " analysis) VALUES (?, ?, ?, ?, ?) ON CONFLICT DO NOTHING",
                                k.engine(),
                                k.position(),
                                k.nodes(),
                                k.lines(),
                                k.analysis());
                    }
                    return null;
                });
    }

    /** The names of the engines that made them. */
    public List<String> engines() {
        // One look into the index for each name, and not one for each analysis.
        return database.read(
                h ->
                        h.createQuery(
                                        "WITH RECURSIVE names(name) AS (SELECT min(engine) FROM"
                                                + " remembered_analysis UNION ALL SELECT (SELECT"
                                                + " min(engine) FROM remembered_analysis WHERE"
                                                + " engine > name) FROM names WHERE name IS NOT"
                                                + " NULL) SELECT name FROM names WHERE name IS NOT"
                                                + " NULL")
                                .mapTo(String.class)
                                .list());
    }

    /** How many are kept. */
    public long count() {
        return database.read(
                h ->
                        h.createQuery("SELECT count(*) FROM remembered_analysis")
                                .mapTo(Long.class)
                                .one());
    }
}

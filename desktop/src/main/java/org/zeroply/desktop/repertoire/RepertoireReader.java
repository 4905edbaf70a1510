package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.repertoire.Coverage;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Shares;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.training.drill.DrillProgress;
import org.zeroply.coach.training.drill.Memory;
import org.zeroply.coach.training.drill.NotedMemory;
import org.zeroply.coach.training.drill.Questions;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.student.Student;

/** Reads the repertoires of the library and computes what is shown of them; for one thread. */
final class RepertoireReader {

    private static final Memory NOBODY =
            new NotedMemory(
                    Map.of(),
                    (question, recall) -> {
                        throw new IllegalStateException("nobody is chosen who could learn");
                    });

    private final Services services;

    /** Chapters by their content; what did not change since is not read again. */
    private final Map<String, MoveTree> parsed = new HashMap<>();

    RepertoireReader(Services services) {
        this.services = services;
    }

    /**
     * What one reading found.
     *
     * @param who learns, for whom it was read
     */
    record Found(
            Optional<Student> who,
            List<RepertoireModel.Chapter> chapters,
            List<Student> students,
            Optional<RepertoireView> view) {}

    /**
     * Reads everything.
     *
     * @param shares how likely replies are
     * @param open whose repertoire is shown; that of the first chapter if empty
     */
    Found read(
            Shares shares,
            Optional<Side> open,
            Optional<Student> who,
            Optional<Approach> moves,
            long today) {
        Library library = services.library();
        List<SheetRow> rows =
                new ArrayList<>(library.sheets().find(SheetQuery.all(SheetKind.REPERTOIRE)));
        rows.sort(Comparator.comparingLong(SheetRow::id));
        Map<Long, MoveTree> trees = trees(library, rows);
        Side shown =
                open.or(
                                () ->
                                        rows.stream()
                                                .findFirst()
                                                .flatMap(r -> Repertoire.side(trees.get(r.id()))))
                        .orElse(Side.WHITE);
        Memory memory = who.map(this::memory).orElse(NOBODY);
        List<RepertoireModel.Chapter> list = new ArrayList<>();
        Optional<RepertoireView> found = Optional.empty();
        for (Side each : Side.values()) {
            List<Long> ids =
                    rows.stream()
                            .map(SheetRow::id)
                            .filter(id -> Repertoire.side(trees.get(id)).equals(Optional.of(each)))
                            .toList();
            if (ids.isEmpty()) {
                continue;
            }
            Repertoire repertoire = Repertoire.of(ids.stream().map(trees::get).toList());
            Map<Optional<Approach>, Questions> bySchool = new HashMap<>();
            Questions questions = bySchool.computeIfAbsent(moves, m -> Questions.of(repertoire, m));
            List<DrillProgress> standing = new ArrayList<>();
            for (int i = 0; i < ids.size(); i++) {
                standing.add(DrillProgress.of(questions.ofChapter(i), memory, today));
                list.add(
                        chapter(
                                rows,
                                ids.get(i),
                                each,
                                trees,
                                who.map(s -> standing.get(standing.size() - 1))));
            }
            if (each == shown) {
                Coverage coverage = Coverage.of(repertoire, shares, moves);
                found =
                        Optional.of(
                                new RepertoireView(
                                        repertoire,
                                        ids,
                                        shares,
                                        moves,
                                        coverage,
                                        answered(repertoire, shares),
                                        new RepertoireView.Learning(
                                                questions,
                                                memory,
                                                standing,
                                                club(library, repertoire, bySchool, today),
                                                today)));
            }
        }
        return new Found(who, list, library.students().all(), found);
    }

    /** A student's memory; what is kept is stored behind the window. */
    private Memory memory(Student student) {
        return new NotedMemory(
                services.library().recall().all(student.id()),
                (question, recall) ->
                        services.scheduler()
                                .library(
                                        () -> {
                                            services.library()
                                                    .recall()
                                                    .keep(student.id(), question, recall);
                                            return true;
                                        },
                                        done -> {}));
    }

    /**
     * @param bySchool the questions of the schools that were looked at already
     */
    private List<RepertoireView.Learner> club(
            Library library,
            Repertoire repertoire,
            Map<Optional<Approach>, Questions> bySchool,
            long today) {
        List<RepertoireView.Learner> club = new ArrayList<>();
        for (Student each : library.students().all()) {
            Optional<Approach> moves = library.recall().approach(each.id());
            Questions questions = bySchool.computeIfAbsent(moves, m -> Questions.of(repertoire, m));
            DrillProgress standing = DrillProgress.of(questions.all(), memory(each), today);
            club.add(new RepertoireView.Learner(each, moves, standing));
        }
        return club;
    }

    private static Map<Spot, Double> answered(Repertoire repertoire, Shares shares) {
        Map<Spot, Double> answered = new HashMap<>();
        for (Spot spot : repertoire.spots()) {
            var known = spot.moves().keySet();
            if (!repertoire.isOurs(spot.position()) && !known.isEmpty()) {
                Map<Move, Double> of = shares.of(spot.position(), known);
                answered.put(spot, known.stream().mapToDouble(m -> of.getOrDefault(m, 0.0)).sum());
            }
        }
        return answered;
    }

    /** The trees of the chapters; what did not change since is not read again. */
    private Map<Long, MoveTree> trees(Library library, List<SheetRow> rows) {
        Map<Long, MoveTree> trees = new HashMap<>();
        Map<String, MoveTree> now = new HashMap<>();
        for (SheetRow row : rows) {
            String key = row.id() + " " + library.sheets().keyOf(row.id());
            MoveTree tree = parsed.get(key);
            now.put(key, tree == null ? library.sheets().load(row.id()) : tree);
            trees.put(row.id(), now.get(key));
        }
        parsed.clear();
        parsed.putAll(now);
        return trees;
    }

    private static RepertoireModel.Chapter chapter(
            List<SheetRow> rows,
            long id,
            Side side,
            Map<Long, MoveTree> trees,
            Optional<DrillProgress> standing) {
        String title = rows.stream().filter(r -> r.id() == id).findFirst().orElseThrow().title();
        return new RepertoireModel.Chapter(
                id, side, title, trees.get(id).nodes().size() - 1, standing);
    }
}

package org.zeroply.cli.exercise;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.SideName;
import org.zeroply.cli.repertoire.RepertoireInput;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.exercise.find.Appeal;
import org.zeroply.coach.exercise.find.DefenceFinder;
import org.zeroply.coach.exercise.find.ExerciseFinder;
import org.zeroply.coach.exercise.find.GameExercise;
import org.zeroply.coach.exercise.find.GameSearch;
import org.zeroply.coach.exercise.find.Prospect;
import org.zeroply.coach.exercise.find.Ratings;
import org.zeroply.coach.exercise.find.Wishes;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.exercise.sound.Finding;
import org.zeroply.coach.exercise.sound.KnownExercises;
import org.zeroply.coach.exercise.sound.Soundness;
import org.zeroply.coach.exercise.sound.SoundnessCheck;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "find", description = "Looks through games for positions worth setting.")
final class ExerciseFindCommand implements Callable<Integer> {

    private static final int MEGABYTES = 16;
    private static final double SECOND = 1e9;

    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Parameters(
            arity = "0..*",
            paramLabel = "FILE.pgn",
            description = "The games; without a file those of the library.")
    private List<Path> files = new ArrayList<>();

    @Option(
            names = "--library",
            description = "A library that remembers what was searched: the work can be resumed.",
            paramLabel = "L")
    private Path library;

    @Option(names = "--player", description = "Part of the name of who has to find the move.")
    private String player = "";

    @Option(names = "--side", description = "white or black: who has to find the move.")
    private String side = "";

    @Option(names = "--opening", description = "Part of the name of the opening.")
    private String opening = "";

    @Option(
            names = "--rating",
            description = "Ratings of both players, such as 1600-2000, or the lowest alone.",
            paramLabel = "R")
    private String rating = "";

    @Option(
            names = "--kind",
            description = "calculation, or defence: few of many moves hold.",
            paramLabel = "KIND")
    private String kind = "calculation";

    @Option(names = "--theme", description = "A theme, such as fork or \"back rank\".")
    private String theme = "";

    @Option(
            names = "--length",
            description = "Own moves that have to be found at least.",
            paramLabel = "N")
    private int length = 1;

    @Option(names = "--phase", description = "opening, middlegame or ending.")
    private String phase = "";

    @Option(
            names = "--nodes",
            description = "Nodes for each longer look; ${DEFAULT-VALUE} if left out.",
            paramLabel = "N")
    private long nodes = ExerciseFinder.NODES;

    @Option(names = "--most", description = "The best so many.", paramLabel = "N")
    private int most = 50;

    @Option(
            names = "--out",
            description = "Draft a scheme for each and write them to a new file.",
            paramLabel = "EX.pgn")
    private Path out;

    @Option(names = "--check", description = "Draft a scheme for each and check it.")
    private boolean check;

    @Option(
            names = "--check-nodes",
            description = "Nodes for each search of the check; ${DEFAULT-VALUE} if left out.",
            paramLabel = "N")
    private long checkNodes = SoundnessCheck.NODES;

    private final List<String> rejected = new ArrayList<>();
    private int games;

    /** A find with the game it is from and, if wanted, its scheme. */
    private static final class Find {
        private final MoveTree game;
        private final Prospect prospect;
        private Optional<MoveTree> scheme = Optional.empty();
        private double seconds;
        private Optional<Soundness> soundness = Optional.empty();

        Find(MoveTree game, Prospect prospect) {
            this.game = game;
            this.prospect = prospect;
        }

        Prospect prospect() {
            return prospect;
        }
    }

    @Override
    public Integer call() throws IOException {
        Wishes wishes = wishes();
        if (files.isEmpty() && library == null) {
            throw new BadInputException("Name a PGN file, or a library with --library.");
        }
        if (library != null) {
            Libraries.check(library);
        }
        if (out != null) {
            ExerciseFile.checkNew(out);
        }
        Endings endings = cache.endings();
        Engine engine = new BuiltInEngine(MEGABYTES, endings);
        PrintWriter err = output.err();
        if (library == null) {
            run(engine, endings, wishes, Optional.empty(), err);
        } else {
            try (Library open = Libraries.existing(library)) {
                Engine remembering = new RememberingEngine(engine, open.analyses());
                run(remembering, endings, wishes, Optional.of(open), err);
            }
        }
        return 0;
    }

    private Wishes wishes() {
        if (nodes < 1 || length < 1 || most < 1) {
            throw new BadInputException("Nodes, length and number must be positive.");
        }
        Optional<Side> mover = side.isBlank() ? Optional.empty() : Optional.of(SideName.of(side));
        return new Wishes(player, mover, opening, ratings(), theme, length, phase());
    }

    private Ratings ratings() {
        try {
            return Ratings.parse(rating);
        } catch (IllegalArgumentException e) {
            throw new BadInputException(e.getMessage());
        }
    }

    private Optional<Phase> phase() {
        for (Phase p : Phase.values()) {
            if (p.word().equals(phase.toLowerCase(Locale.ROOT))) {
                return Optional.of(p);
            }
        }
        if (!phase.isBlank()) {
            throw new BadInputException(
                    "A phase is opening, middlegame or ending, not " + phase + ".");
        }
        return Optional.empty();
    }

    private void run(
            Engine engine, Endings endings, Wishes wishes, Optional<Library> open, PrintWriter err)
            throws IOException {
        GameSearch finder = finder(engine, endings, wishes);
        long began = System.nanoTime();
        List<Find> found = new ArrayList<>();
        for (Path file : files) {
            for (MoveTree game : RepertoireInput.trees(file, rejected, err)) {
                look(game, finder, found, err);
            }
        }
        if (files.isEmpty()) {
            open.orElseThrow().sheets().stream(SheetQuery.all(SheetKind.GAME))
                    .forEach(game -> look(game.tree(), finder, found, err));
        }
        double seconds = (System.nanoTime() - began) / SECOND;
        List<Find> all = Prospect.best(found, Find::prospect);
        List<Find> best = all.subList(0, Math.min(most, all.size()));
        if (out != null || check) {
            for (Find find : best) {
                draft(find, engine, endings, err);
            }
        }
        if (out != null) {
            ExerciseFile.write(best.stream().flatMap(f -> f.scheme.stream()).toList(), out);
        }
        output.print(document(best, seconds), text -> print(best, text));
    }

    private GameSearch finder(Engine engine, Endings endings, Wishes wishes) {
        return switch (kind) {
            case "calculation" -> new ExerciseFinder(engine, endings, nodes, wishes);
            case DefenceFinder.THEME ->
                    // Its many short searches are quicker made than remembered.
                    new DefenceFinder(
                            new BuiltInEngine(MEGABYTES, endings),
                            endings,
                            DefenceFinder.nodesFor(nodes),
                            wishes);
            default ->
                    throw new BadInputException(
                            "A kind is calculation or defence, not " + kind + ".");
        };
    }

    private void look(MoveTree game, GameSearch finder, List<Find> found, PrintWriter err) {
        games++;
        List<Prospect> here = finder.in(game, part -> {}, new Cancellation()).orElseThrow();
        here.forEach(p -> found.add(new Find(game, p)));
        err.printf("%d. %s – %s: %d%n", games, game.tag("White"), game.tag("Black"), here.size());
        err.flush();
    }

    private void draft(Find find, Engine engine, Endings endings, PrintWriter err) {
        SchemeDraft drafter =
                new SchemeDraft(engine, endings, SchemeDraft.NODES, SchemeDraft.POINTS);
        long began = System.nanoTime();
        find.scheme =
                GameExercise.draft(
                        drafter, find.prospect, find.game, part -> {}, new Cancellation());
        find.seconds = (System.nanoTime() - began) / SECOND;
        if (check) {
            SoundnessCheck soundness =
                    new SoundnessCheck(engine, endings, checkNodes, KnownExercises.NONE);
            find.soundness =
                    find.scheme.flatMap(s -> soundness.check(s, part -> {}, new Cancellation()));
        }
        err.printf(
                Locale.ROOT,
                "drafted in %.1f s%s%n",
                find.seconds,
                find.soundness.map(s -> s.sound() ? ", sound" : ", not sound").orElse(""));
        err.flush();
    }

    private ObjectNode document(List<Find> best, double seconds) {
        ObjectNode document = Output.document().put("games", games).put("seconds", seconds);
        ArrayNode list = document.putArray("found");
        for (Find find : best) {
            Prospect p = find.prospect;
            ObjectNode one =
                    list.addObject()
                            .put("fen", p.position().fen())
                            .put("white", find.game.tag("White"))
                            .put("black", find.game.tag("Black"))
                            .put("ply", p.ply())
                            .put("rank", p.rank())
                            .put("reason", p.reason());
            ArrayNode line = one.putArray("line");
            Line.san(p.position(), p.line()).forEach(line::add);
            ArrayNode tempting = one.putArray("tempting");
            p.tempting().forEach(m -> tempting.add(San.write(p.position(), m)));
            ArrayNode appeals = one.putArray("appeals");
            for (Appeal appeal : p.appeals()) {
                appeals.add(appeal.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'));
            }
            ArrayNode themes = one.putArray("themes");
            p.themes().forEach(themes::add);
            one.put("ownMoves", p.ownMoves());
            find.scheme.ifPresent(s -> one.put("draftSeconds", find.seconds));
            find.scheme.ifPresent(s -> one.put("items", MarkingScheme.of(s).items().size()));
            find.scheme.ifPresent(s -> one.put("solverMoves", solverMoves(s)));
            find.soundness.ifPresent(s -> soundness(one, s));
        }
        if (check) {
            document.put("sound", sound(best))
                    .put(
                            "longestDraftSeconds",
                            best.stream().mapToDouble(f -> f.seconds).max().orElse(0));
        }
        ArrayNode problems = document.putArray("rejected");
        rejected.forEach(problems::add);
        return document;
    }

    /** Moves of the solver up to the last one on the main line that earns something. */
    private static int solverMoves(MoveTree scheme) {
        return scheme.mainLine().stream()
                .filter(n -> !n.annotation().scheme().points().isEmpty())
                .mapToInt(n -> (n.depth() + 1) / 2)
                .max()
                .orElse(0);
    }

    private static long sound(List<Find> best) {
        return best.stream().flatMap(f -> f.soundness.stream()).filter(Soundness::sound).count();
    }

    private static void soundness(ObjectNode one, Soundness soundness) {
        one.put("sound", soundness.sound());
        ArrayNode findings = one.putArray("findings");
        for (Finding f : soundness.findings()) {
            findings.addObject()
                    .put("kind", f.kind().word())
                    .put("severity", f.severity().word())
                    .put("line", f.line())
                    .put("detail", f.detail());
        }
    }

    private void print(List<Find> best, PrintWriter text) {
        for (int i = 0; i < best.size(); i++) {
            Find find = best.get(i);
            Prospect p = find.prospect;
            text.printf(
                    "%d. %s – %s, move %d, own moves to find: %d%n   %s%n   %s%n   %s%n",
                    i + 1,
                    find.game.tag("White"),
                    find.game.tag("Black"),
                    p.position().fullmoveNumber(),
                    p.ownMoves(),
                    p.reason(),
                    Line.numbered(p.position(), p.line()),
                    p.position().fen());
            find.soundness
                    .filter(s -> !s.sound())
                    .ifPresent(
                            s ->
                                    text.println(
                                            "   not sound: "
                                                    + s.findings().get(0).kind().title()
                                                    + ": "
                                                    + s.findings().get(0).detail()));
        }
        text.println(best.size() + " found in " + Counted.of(games, "game"));
        if (check) {
            text.println(sound(best) + " of them drafted and found sound");
        }
        if (out != null) {
            text.println("Written to " + out);
        }
    }
}

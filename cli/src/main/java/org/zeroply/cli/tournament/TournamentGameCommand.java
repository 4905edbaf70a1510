package org.zeroply.cli.tournament;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.RoundGame;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetStep;
import org.zeroply.library.student.Student;
import org.zeroply.library.tournament.RepertoireChapters;
import org.zeroply.library.tournament.RoundChanges;
import org.zeroply.library.tournament.RoundGames;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code tournament game}. */
@Command(
        name = "game",
        description =
                "What the game of a round, the last one if none is named, asks of the repertoire;"
                        + " with --add the game is brought in and waits to be reviewed, with --apply"
                        + " the repertoire and what the student is asked are changed.")
final class TournamentGameCommand implements Callable<Integer> {

    @Mixin private Output output;
    @Mixin private TournamentInput input;

    @Option(names = "--add", description = "The game of the round.", paramLabel = "GAME.pgn")
    private Path add;

    @Option(names = "--apply", description = "Makes the changes; each can be taken back.")
    private boolean apply;

    @Override
    public Integer call() throws IOException {
        MoveEvaluator evaluator =
                input.evaluator()
                        .orElseThrow(
                                () ->
                                        new BadInputException(
                                                "The engine is needed: --nodes above 0."));
        Libraries.check(input.library());
        Optional<MoveTree> given = add == null ? Optional.empty() : Optional.of(read(add));
        try (Library open = Library.open(input.library())) {
            TournamentInput.Found found =
                    input.find(
                            open,
                            given.isPresent() ? TournamentInput::next : TournamentInput::last);
            long id = given.isPresent() ? add(open, found, given.get()) : game(open, found);
            MoveTree game = open.sheets().load(id);
            Optional<Student> student = TournamentInput.student(open, found.player());
            Optional<Approach> school = student.flatMap(s -> open.recall().approach(s.id()));
            Optional<RepertoireChapters> chapters =
                    RepertoireChapters.read(open.sheets(), found.side());
            Optional<RoundGame> asked =
                    chapters.flatMap(c -> RoundGame.of(c.repertoire(), game, school, evaluator));
            if (apply) {
                asked.ifPresent(a -> apply(open, chapters.orElseThrow(), a, game, student));
            }
            output.print(document(id, game, asked), text -> print(text, game, asked));
        }
        return 0;
    }

    private static MoveTree read(Path file) throws IOException {
        List<PgnEntry> entries = PgnReader.readAll(file);
        if (entries.size() != 1) {
            throw new BadInputException(
                    file + " holds " + entries.size() + " games; one is needed.");
        }
        if (entries.get(0) instanceof PgnEntry.Problem problem) {
            throw new BadInputException(problem.message());
        }
        return ((PgnEntry.Game) entries.get(0)).tree();
    }

    private static long add(Library open, TournamentInput.Found found, MoveTree given) {
        MoveTree game = named(found, given);
        long id =
                open.together(
                        () -> {
                            Pairing pairing = found.pairing();
                            if (!pairing.isOver()) {
                                int place = found.tournament().pairings().indexOf(pairing);
                                open.tournaments()
                                        .save(
                                                found.id(),
                                                found.tournament()
                                                        .exchanged(
                                                                place, pairing.with(game.result())),
                                                SheetStep.CHANGE);
                            }
                            return open.sheets().add(game);
                        });
        open.reviews().queue(List.of(id), FirstPass.NODES);
        return id;
    }

    private static MoveTree named(TournamentInput.Found found, MoveTree given) {
        try {
            return found.pairing().game(found.tournament().title(), given);
        } catch (IllegalArgumentException e) {
            throw new BadInputException(e.getMessage());
        }
    }

    private static long game(Library open, TournamentInput.Found found) {
        OptionalLong id = new RoundGames(open.sheets()).of(found.tournament(), found.pairing());
        return id.orElseThrow(
                () ->
                        new BadInputException(
                                "The game "
                                        + found.pairing().words()
                                        + " is not in the library; bring it in with --add."));
    }

    private static void apply(
            Library open,
            RepertoireChapters chapters,
            RoundGame asked,
            MoveTree game,
            Optional<Student> student) {
        long today = LocalDate.now(ZoneId.systemDefault()).toEpochDay();
        for (RoundGame.Change change : asked.changes()) {
            if (change instanceof RoundGame.Add add) {
                RoundChanges.add(open, chapters, add, game);
            } else if (change instanceof RoundGame.Repeat repeat && student.isPresent()) {
                RoundChanges.repeat(open.recall().of(student.get().id()), repeat, today);
            }
        }
    }

    private static ObjectNode document(long id, MoveTree game, Optional<RoundGame> asked) {
        ObjectNode document = Output.document().put("game", id);
        document.put("white", game.tag("White")).put("black", game.tag("Black"));
        document.put("result", game.result()).put("inRepertoire", asked.isPresent());
        ArrayNode changes = document.putArray("changes");
        asked.ifPresent(
                a -> {
                    document.put("leftBy", a.comparison().leftBy().name().toLowerCase(Locale.ROOT));
                    document.put("ply", a.comparison().ply())
                            .put("line", a.comparison().spot().line());
                    document.put("played", a.comparison().played());
                    document.put("recommended", a.comparison().recommended());
                    a.loss().ifPresent(l -> document.put("loss", l));
                    a.changes().forEach(c -> change(changes.addObject(), c));
                });
        return document;
    }

    private static void change(ObjectNode node, RoundGame.Change change) {
        node.put("line", change.spot().line());
        if (change instanceof RoundGame.Repeat repeat) {
            node.put("change", "repeat");
            node.put("moves", San.write(change.spot().position(), repeat.recommended()));
        } else if (change instanceof RoundGame.Add add) {
            node.put("change", "add").put("moves", add.words());
            node.put("loss", add.loss()).put("played", add.played());
        }
    }

    private static void print(PrintWriter text, MoveTree game, Optional<RoundGame> asked) {
        text.printf("%s – %s  %s%n", game.tag("White"), game.tag("Black"), game.result());
        if (asked.isEmpty()) {
            text.println("The game was never in the repertoire.");
            return;
        }
        RoundGame a = asked.get();
        text.println(
                switch (a.comparison().leftBy()) {
                    case US ->
                            "Left by us after "
                                    + a.comparison().spot().line()
                                    + ": "
                                    + a.comparison().played()
                                    + " for "
                                    + a.comparison().recommended();
                    case THEM ->
                            "Left by them after "
                                    + a.comparison().spot().line()
                                    + ": "
                                    + a.comparison().played();
                    case END -> "The repertoire ends after " + a.comparison().spot().line();
                    case NOBODY -> "Stayed in the repertoire.";
                });
        for (RoundGame.Change change : a.changes()) {
            if (change instanceof RoundGame.Repeat repeat) {
                text.println(
                        "  to ask again: "
                                + San.write(change.spot().position(), repeat.recommended()));
            } else if (change instanceof RoundGame.Add add) {
                text.printf(
                        Locale.ROOT,
                        "  to add: %s (%s, loses %.0f points)%n",
                        add.words(),
                        add.played() ? "as played" : "the engine's move",
                        add.loss());
            }
        }
    }
}

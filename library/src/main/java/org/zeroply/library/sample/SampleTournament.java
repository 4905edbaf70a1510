package org.zeroply.library.sample;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.sheet.SheetStore;

/**
 * A tournament of the demo club in its middle: four rounds are played, the fifth is tomorrow. It
 * comes with the program as a file, whose days are moved to the day on which it is unpacked.
 */
final class SampleTournament {

    private static final String SHIPPED = "demo-tournament.pgn";
    private static final String TITLE = "Saltmouth Lantern Week";
    private static final String EARLIER = "Gullhaven Autumn Open";
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("yyyy.MM.dd");
    private static final long SEED = 11;

    /** The day before the first round in the file. */
    private static final LocalDate EVE = LocalDate.of(2026, 1, 4);

    /** The round that is next. */
    private static final int NEXT = 5;

    /** White and Black of each board, round by round. */
    private static final List<String> ROUNDS =
            List.of(
                    "Odo-Ilse Maren-Rufus Pavel-Greta Nora-Jonas",
                    "Ilse-Rufus Greta-Odo Jonas-Maren Pavel-Nora",
                    "Greta-Ilse Odo-Pavel Jonas-Rufus Maren-Nora",
                    "Pavel-Ilse Maren-Greta Odo-Jonas Rufus-Nora",
                    "Ilse-Maren Pavel-Jonas Greta-Nora Odo-Rufus");

    /** The openings of the games that there are, by their players. */
    private static final Map<String, String> OPENINGS =
            Map.of(
                    "Odo-Ilse", "e4 c6 d4 d5 e5 Bf5",
                    "Ilse-Rufus", "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5",
                    "Greta-Ilse", "d4 d5 c4 c6 Nf3 Nf6 Nc3 dxc4",
                    "Pavel-Ilse", "e4 c6 d4 d5 exd5 cxd5 c4 Nf6",
                    "Pavel-Greta", "e4 e5 Nf3 Nc6 Bb5 a6 Ba4 Nf6",
                    "Odo-Pavel", "d4 Nf6 c4 e6 Nf3 b6 g3 Ba6");

    /** What the opponent of the next round met before, and against whom. */
    private static final List<String> MET =
            List.of(
                    "Odo d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 Be7 e3",
                    "Pavel d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 Be7 e3 O-O",
                    "Greta d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5 c6",
                    "Rufus d4 d5 c4 e6 Nc3 Nf6 Nf3 Be7",
                    "Odo d4 d5 c4 c6 Nf3 Nf6 Nc3 dxc4",
                    "Pavel c4 e5 Nc3 Nf6 g3 d5");

    private final Random random = new Random(SEED);
    private final BuiltInEngine engine = new BuiltInEngine(16);
    private final Map<String, SamplePlayer> players =
            Stream.of(SamplePlayer.STUDENTS, SamplePlayer.CLUB)
                    .flatMap(List::stream)
                    .collect(Collectors.toMap(p -> p.name().split(" ")[0], Function.identity()));

    private SampleTournament() {}

    /** Plays the games, and writes them with the pairings to a file. */
    static void make(Path out) throws IOException {
        new SampleTournament().write(out);
    }

    private void write(Path out) throws IOException {
        List<Pairing> pairings = new ArrayList<>();
        List<MoveTree> games = new ArrayList<>();
        for (int i = 0; i < MET.size(); i++) {
            String[] met = MET.get(i).split(" ", 2);
            games.add(
                    new SampleGame(engine, random, players.get(met[0]), players.get("Maren"))
                            .play(met[1], EARLIER, DATE.format(EVE.minusDays(90 - i)), i + 1));
        }
        for (int round = 1; round <= ROUNDS.size(); round++) {
            String[] boards = ROUNDS.get(round - 1).split(" ");
            for (int board = 1; board <= boards.length; board++) {
                pairings.add(pairing(round, board, boards[board - 1], games));
            }
        }
        String text =
                new Tournament(TITLE, pairings).pgn()
                        + games.stream().map(PgnWriter::write).collect(Collectors.joining());
        WholeFile.writeText(out, text);
    }

    private Pairing pairing(int round, int board, String names, List<MoveTree> games) {
        SamplePlayer white = players.get(names.split("-")[0]);
        SamplePlayer black = players.get(names.split("-")[1]);
        String day = DATE.format(EVE.plusDays(round));
        Pairing pairing =
                Pairing.of(round, board, entrant(white), entrant(black)).with("Date", day);
        if (round >= NEXT) {
            return pairing;
        }
        Optional<String> opening = Optional.ofNullable(OPENINGS.get(names));
        if (opening.isEmpty()) {
            return pairing.with(byLot(white, black));
        }
        MoveTree game =
                new SampleGame(engine, random, white, black).play(opening.get(), TITLE, day, round);
        games.add(game);
        return pairing.with(game.result());
    }

    private static Entrant entrant(SamplePlayer player) {
        return new Entrant(player.name(), player.rating());
    }

    /** A result as likely as the ratings say (expected score by A. Elo), a third of them draws. */
    private String byLot(SamplePlayer white, SamplePlayer black) {
        double expected = 1 / (1 + Math.pow(10, (black.rating() - white.rating()) / 400.0));
        if (random.nextInt(3) == 0) {
            return GameResult.DRAW;
        }
        return random.nextDouble() < expected ? GameResult.WHITE_WINS : GameResult.BLACK_WINS;
    }

    // ---- Unpacking ------------------------------------------------------------------------------

    /**
     * Puts the tournament and its games into an unpacked demo club.
     *
     * @param today days since 1970-01-01
     */
    static void unpack(Library into, long today) throws IOException {
        try (InputStream in = SampleTournament.class.getResourceAsStream(SHIPPED)) {
            if (in == null) {
                return;
            }
            String pgn = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            long later = today + 1 - EVE.plusDays(NEXT).toEpochDay();
            List<MoveTree> trees =
                    SheetStore.parseAll(pgn).stream().map(t -> moved(t, later)).toList();
            into.tournaments()
                    .add(Tournament.of(trees.stream().filter(Tournament::isPairing).toList()));
            into.sheets().addNew(trees.stream().filter(t -> !Tournament.isPairing(t)).toList());
        }
    }

    private static MoveTree moved(MoveTree tree, long days) {
        LocalDate day = LocalDate.parse(tree.tag("Date"), DATE).plusDays(days);
        MoveTree copy = tree.copy();
        new TreeEditor(copy).tag("Date", DATE.format(day));
        return copy;
    }
}

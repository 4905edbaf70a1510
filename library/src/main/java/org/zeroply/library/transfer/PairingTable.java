package org.zeroply.library.transfer;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.FileTrouble;
import org.zeroply.library.database.TextFile;
import org.zeroply.library.texts.LibraryWords;

/**
 * Reads pairings and results as organisers publish them and people type them: a table with a head
 * or without, with tabs, semicolons, bars, commas or wide gaps between its cells; lines such as
 * {@code 3. Ann Ek – Bo Lind 1-0}; headings such as {@code Round 3, 2026-12-04}; or the tags of
 * games. What cannot be read is told with its line.
 */
public final class PairingTable {

    /**
     * A line that could not be read.
     *
     * @param line its number, from 1
     */
    public record Unread(int line, String text, String reason) {}

    /**
     * What was read.
     *
     * @param title what the tournament is called; may be empty
     */
    public record Read(String title, List<Pairing> pairings, List<Unread> unread) {
        public Read {
            pairings = List.copyOf(pairings);
            unread = List.copyOf(unread);
        }
    }

    private static final Pattern HEADING =
            Pattern.compile(
                    "(?:#+\\s*)?(?:(?:round|rd|rnd)\\.?\\s*(\\d{1,3})|(\\d{1,3})(?:\\.|st|nd|rd|th)\\s*round)"
                            + "\\b[\\s:,(]*(.*?)[)\\s:]*",
                    Pattern.CASE_INSENSITIVE);

    private static final List<Character> DELIMITERS = List.of('\t', ';', '|', ',');

    private static final Pattern RULE = Pattern.compile("[-=_|+\\s:]+");

    /** Bytes of a file; a round of a thousand players takes a tenth of it. */
    private static final long LARGEST = 1_000_000;

    private final List<Pairing> pairings = new ArrayList<>();
    private final List<Unread> unread = new ArrayList<>();
    private Optional<PairingColumns> head = Optional.empty();
    private Optional<WallChart> chart = Optional.empty();
    private final String player;
    private String title = "";
    private int round;
    private String date = "";
    private boolean headed;

    private PairingTable(int round, String player) {
        this.round = round;
        this.player = player;
    }

    /**
     * Reads a text.
     *
     * @param round of pairings that tell none, from 1
     * @param player whose games they are, where a table tells opponents and colours alone; else
     *     empty
     */
    public static Read read(String text, int round, String player) {
        if (text.stripLeading().startsWith("[")) {
            return ofGames(text);
        }
        PairingTable table = new PairingTable(round, player);
        String[] lines = text.split("\\R", -1);
        Optional<Character> delimiter = delimiter(lines);
        for (int i = 0; i < lines.length; i++) {
            table.line(i + 1, lines[i].replace("\uFEFF", ""), delimiter);
        }
        table.chart.ifPresent(c -> table.pairings.addAll(c.pairings(table.unread)));
        return new Read(table.title, table.pairings, table.unread);
    }

    /**
     * The text of a file, in UTF-8 or else Latin-1.
     *
     * @throws LibraryException if it cannot be read, or is much larger than tables are
     */
    public static String text(Path file) {
        try {
            if (Files.size(file) > LARGEST) {
                throw new LibraryException(LibraryWords.of("transfer.is-too-large-for-a", file));
            }
            return TextFile.read(file);
        } catch (IOException e) {
            throw new LibraryException(
                    LibraryWords.of("transfer.could-not-be-read-2", file, FileTrouble.reason(e)),
                    e);
        }
    }

    /**
     * A pairing with other players, another day and other words, as they were typed.
     *
     * @param white a name, perhaps with a rating behind it
     * @param day such as 2026-12-04; empty where none is known
     * @throws IllegalArgumentException saying why, if a player or the day cannot be read
     */
    public static Pairing edited(
            Pairing pairing, String white, String black, String day, String note) {
        Pairing players =
                PairingLine.pairing(
                        Math.max(1, pairing.round()),
                        pairing.board(),
                        PairingLine.entrant(white),
                        black.isBlank() ? Entrant.NOBODY : PairingLine.entrant(black),
                        "");
        Optional<String> date = PairingDate.in(day);
        if (date.isEmpty() && !day.isBlank()) {
            throw new IllegalArgumentException(LibraryWords.of("transfer.is-no-day-such-as", day));
        }
        Pairing now = pairing;
        for (String tag : List.of("White", "Black", "WhiteElo", "BlackElo")) {
            now = now.with(tag, players.tree().tag(tag));
        }
        return now.with("Date", date.orElse("????.??.??")).with(Pairing.NOTE, note);
    }

    /** Takes the pairings of games by their tags, whatever their moves. */
    private static Read ofGames(String text) {
        List<Pairing> pairings = new ArrayList<>();
        List<Unread> unread = new ArrayList<>();
        String title = "";
        for (PgnEntry entry : PgnReader.readAll(text)) {
            if (entry instanceof PgnEntry.Problem problem) {
                unread.add(new Unread(problem.line(), problem.raw(), problem.message()));
                continue;
            }
            MoveTree game = ((PgnEntry.Game) entry).tree();
            title = title.isEmpty() ? game.tag("Event") : title;
            pairings.add(
                    Tournament.isPairing(game) ? new Pairing(game) : pairing(new Pairing(game)));
        }
        return new Read(title.equals("?") ? "" : title, pairings, unread);
    }

    private static Pairing pairing(Pairing game) {
        return Pairing.of(game.round(), game.board(), game.white(), game.black())
                .with(game.result())
                .with("Date", game.tree().tag("Date"));
    }

    // ---- Lines ----------------------------------------------------------------------------------

    private void line(int number, String line, Optional<Character> delimiter) {
        String text = line.strip();
        if (text.isEmpty() || RULE.matcher(text).matches()) {
            return;
        }
        Matcher heading = HEADING.matcher(text);
        String rest = line;
        if (heading.matches()) {
            round = Integer.parseInt(heading.group(heading.group(1) == null ? 2 : 1));
            headed = true;
            rest = heading.group(3);
            if (!PairingLine.hasTwo(rest)) {
                date = PairingDate.in(rest).orElse("");
                head = Optional.empty();
                return;
            }
        }
        List<String> cells = cells(rest, delimiter);
        if (isHead(cells)) {
            return;
        }
        try {
            if (chart.isPresent()) {
                chart.get().add(number, text, cells);
            } else {
                add(pairing(rest.strip(), cells));
            }
        } catch (IllegalArgumentException e) {
            boolean first = !headed && pairings.isEmpty() && unread.isEmpty() && title.isEmpty();
            if (first && cells.size() <= 2 && head.isEmpty() && chart.isEmpty()) {
                title = text.replaceFirst("^#+\\s*", "");
            } else {
                unread.add(new Unread(number, text, e.getMessage()));
            }
        }
    }

    private boolean isHead(List<String> cells) {
        Optional<PairingColumns> columns = PairingColumns.of(cells);
        Optional<WallChart> charted = chart.isEmpty() ? WallChart.of(cells) : Optional.empty();
        head = columns.or(() -> head);
        chart = chart.or(() -> charted);
        return columns.isPresent() || charted.isPresent();
    }

    private void add(Pairing pairing) {
        pairings.add(
                pairing.date().isEmpty() && !date.isEmpty() ? pairing.with("Date", date) : pairing);
    }

    /**
     * @throws IllegalArgumentException saying why, if it is none
     */
    private Pairing pairing(String line, List<String> cells) {
        if (head.isPresent() && cells.size() > 1) {
            return head.get().pairing(cells, round, player);
        }
        return cells.size() > 2 || cells.size() == 2 && headed && !PairingLine.hasTwo(line)
                ? PairingColumns.guessed(cells, round, headed)
                : PairingLine.read(line, round, headed);
    }

    // ---- Cells ----------------------------------------------------------------------------------

    /** What stands between cells: what most lines have at least two of. */
    private static Optional<Character> delimiter(String[] lines) {
        for (char c : DELIMITERS) {
            long filled = Arrays.stream(lines).filter(l -> !l.isBlank()).count();
            long with = Arrays.stream(lines).filter(l -> divides(c, l)).count();
            if (with > 0 && 2 * with >= filled) {
                return Optional.of(c);
            }
        }
        return Optional.empty();
    }

    /** A line alone is divided by what no name has in it. */
    private static Optional<Character> delimiter(String line) {
        return DELIMITERS.stream().filter(c -> c != ',').filter(c -> divides(c, line)).findFirst();
    }

    private static boolean divides(char c, String line) {
        return line.chars().filter(x -> x == c).count() >= 2;
    }

    private static List<String> cells(String line, Optional<Character> usual) {
        Optional<Character> delimiter =
                usual.filter(c -> line.indexOf(c) >= 0).or(() -> delimiter(line));
        String bare = line.strip();
        String inside = bare.startsWith("|") ? bare.replaceAll("^\\||\\|$", "") : line;
        // Commas are in names too: Ek, Jon – Lind, Bo.
        boolean names = delimiter.equals(Optional.of(',')) && PairingLine.hasTwo(line);
        if (names || delimiter.isEmpty()) {
            return List.of(bare.split("\\t| {2,}"));
        }
        CSVFormat format =
                CSVFormat.DEFAULT
                        .builder()
                        .setDelimiter(delimiter.get())
                        .setTrim(true)
                        .setLenientEof(true)
                        .setTrailingData(true)
                        .get();
        try (CSVParser parser = CSVParser.parse(inside, format)) {
            List<CSVRecord> records = parser.getRecords();
            return records.isEmpty() ? List.of() : records.get(0).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

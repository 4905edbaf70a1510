package org.zeroply.library.transfer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.PairingMerge;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.library.texts.LibraryWords;

/**
 * A table with a row a player and a column a round, whose cells tell the opponent's number, the
 * colour and the result: {@code 12w1}, {@code w12 ½}, {@code +12b}. Each game stands in it twice.
 */
final class WallChart {

    private static final String SCORE = "(1/2|0[.,]5|[10½=+-])";
    private static final List<Cell> CELLS =
            List.of(
                    new Cell("(\\d{1,3})\\s*([wb])\\s*" + SCORE + "?", 1, 2, 3),
                    new Cell("([wb])\\s*(\\d{1,3})(?:\\s*" + SCORE + ")?", 2, 1, 3),
                    new Cell("([+=½-]|[10](?=\\s))\\s*(\\d{1,3})\\s*([wb])", 2, 3, 1));
    private static final Pattern BYE = Pattern.compile("([10½=+-]|1/2)?\\s*bye\\s*([10½=+-]|1/2)?");

    /** How a cell is written, and which of its parts are what. */
    private record Cell(Pattern form, int opponent, int colour, int score) {
        Cell(String form, int opponent, int colour, int score) {
            this(Pattern.compile(form), opponent, colour, score);
        }
    }

    private record Row(int line, String text, Entrant player, Map<Integer, String> cells) {}

    /** The place of each round's column, by the round. */
    private final Map<Integer, Integer> rounds = new LinkedHashMap<>();

    private final Map<Integer, Row> rows = new LinkedHashMap<>();
    private int number = -1;
    private int name = -1;
    private int rating = -1;

    private WallChart() {}

    /** The chart under a head; empty where the head is not that of one. */
    static Optional<WallChart> of(List<String> head) {
        WallChart chart = new WallChart();
        for (int i = 0; i < head.size(); i++) {
            String word = head.get(i).strip().toLowerCase(Locale.ROOT).replaceAll("[.:]", "");
            Matcher round = Pattern.compile("(?:r|rd|round)?\\s*(\\d{1,2})").matcher(word);
            if (round.matches()) {
                chart.rounds.putIfAbsent(Integer.parseInt(round.group(1)), i);
            } else if (word.matches("name|player")) {
                chart.name = i;
            } else if (word.matches("rating|elo|rtg")) {
                chart.rating = i;
            } else if (chart.number < 0 && word.matches("#|no|nr|number|rank|place|pos|start no")) {
                chart.number = i;
            }
        }
        return chart.name >= 0 && !chart.rounds.isEmpty() ? Optional.of(chart) : Optional.empty();
    }

    /**
     * Takes a row.
     *
     * @throws IllegalArgumentException saying why, if it is none
     */
    void add(int line, String text, List<String> cells) {
        String told = cell(cells, number).replaceAll("\\D", "");
        int key = told.isEmpty() ? rows.size() + 1 : Integer.parseInt(told);
        Entrant named = PairingLine.entrant(cell(cells, name));
        if (!PairingLine.hasLetters(named.name())) {
            throw new IllegalArgumentException("no player is named");
        }
        String rated = cell(cells, rating);
        Entrant player =
                rated.matches("\\d{3,4}")
                        ? new Entrant(named.name(), Integer.parseInt(rated))
                        : named;
        Map<Integer, String> games = new LinkedHashMap<>();
        rounds.forEach((round, place) -> games.put(round, cell(cells, place)));
        if (rows.putIfAbsent(key, new Row(line, text, player, games)) != null) {
            throw new IllegalArgumentException("there are two players with the number " + key);
        }
    }

    private static String cell(List<String> cells, int place) {
        return place >= 0 && place < cells.size() ? cells.get(place).strip() : "";
    }

    /** The pairings of all rows; what cannot be read of them is told. */
    List<Pairing> pairings(List<PairingTable.Unread> unread) {
        List<Pairing> pairings = new ArrayList<>();
        for (Row row : rows.values()) {
            row.cells()
                    .forEach(
                            (round, cell) -> {
                                try {
                                    pairing(row, round, cell.toLowerCase(Locale.ROOT))
                                            .ifPresent(pairings::add);
                                } catch (IllegalArgumentException e) {
                                    unread.add(
                                            new PairingTable.Unread(
                                                    row.line(),
                                                    row.text(),
                                                    LibraryWords.of(
                                                            "transfer.round",
                                                            round,
                                                            e.getMessage())));
                                }
                            });
        }
        // Each game stands in the rows of both.
        PairingMerge both = new Tournament("", List.of()).merged(pairings);
        both.doubtful().forEach(d -> unread.add(new PairingTable.Unread(0, "", d)));
        return both.tournament().pairings();
    }

    private Optional<Pairing> pairing(Row row, int round, String cell) {
        if (cell.isEmpty() || cell.matches("[-–—0*]")) {
            return Optional.empty();
        }
        Matcher bye = BYE.matcher(cell);
        if (bye.matches()) {
            String points = bye.group(1) == null ? bye.group(2) : bye.group(1);
            String scored = points == null ? "" : points;
            return Optional.of(PairingLine.pairing(round, 0, row.player(), Entrant.NOBODY, scored));
        }
        for (Cell form : CELLS) {
            Matcher game = form.form().matcher(cell);
            if (game.matches()) {
                return Optional.of(
                        pairing(
                                row.player(),
                                round,
                                Integer.parseInt(game.group(form.opponent())),
                                game.group(form.colour()).equals("w"),
                                Optional.ofNullable(game.group(form.score())).orElse("")));
            }
        }
        throw new IllegalArgumentException(
                LibraryWords.of("transfer.does-not-tell-opponent-and", cell));
    }

    private Pairing pairing(Entrant player, int round, int number, boolean white, String score) {
        Row opponent = rows.get(number);
        if (opponent == null) {
            throw new IllegalArgumentException("there is no player with the number " + number);
        }
        Pairing pairing =
                white
                        ? Pairing.of(round, 0, player, opponent.player())
                        : Pairing.of(round, 0, opponent.player(), player);
        return PairingLine.points(score, white).map(pairing::with).orElse(pairing);
    }
}

package org.zeroply.library.transfer;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.library.texts.LibraryWords;

/** What the cells of a table are: by its head, or guessed from a row that has none. */
final class PairingColumns {

    private enum Column {
        ROUND,
        BOARD,
        DATE,
        WHITE,
        WHITE_RATING,
        RESULT,
        BLACK,
        BLACK_RATING,
        OPPONENT,
        COLOUR
    }

    private final Map<Column, Integer> places = new EnumMap<>(Column.class);

    private PairingColumns() {}

    /** The columns that a head names; empty for a row that is none. */
    static Optional<PairingColumns> of(List<String> cells) {
        PairingColumns columns = new PairingColumns();
        for (int i = 0; i < cells.size(); i++) {
            columns.name(cells.get(i).strip().toLowerCase(Locale.ROOT).replaceAll("[.#:]", ""), i);
        }
        boolean ofOne =
                columns.places.containsKey(Column.OPPONENT)
                        && columns.places.containsKey(Column.COLOUR);
        boolean both =
                columns.places.containsKey(Column.WHITE)
                        && columns.places.containsKey(Column.BLACK);
        return both || ofOne ? Optional.of(columns) : Optional.empty();
    }

    private void name(String word, int place) {
        switch (word) {
            case "round", "rd", "rnd", "r" -> places.putIfAbsent(Column.ROUND, place);
            case "board", "bd", "bo", "table", "no" -> places.putIfAbsent(Column.BOARD, place);
            case "date", "day" -> places.putIfAbsent(Column.DATE, place);
            case "white", "white player", "white name" -> places.putIfAbsent(Column.WHITE, place);
            case "black", "black player", "black name" -> places.putIfAbsent(Column.BLACK, place);
            case "opponent", "against" -> places.putIfAbsent(Column.OPPONENT, place);
            case "colour", "color", "col" -> places.putIfAbsent(Column.COLOUR, place);
            case "result", "res", "score" -> places.putIfAbsent(Column.RESULT, place);
            case "white elo", "white rating", "whiteelo", "welo" ->
                    places.putIfAbsent(Column.WHITE_RATING, place);
            case "black elo", "black rating", "blackelo", "belo" ->
                    places.putIfAbsent(Column.BLACK_RATING, place);
            case "elo", "rating", "rtg" -> {
                // The rating stands behind its player, or before the black one where there are two.
                boolean second = places.containsKey(Column.WHITE_RATING) || !hasWhiteOnly();
                places.putIfAbsent(second ? Column.BLACK_RATING : Column.WHITE_RATING, place);
            }
            default -> {
                // A column of something else.
            }
        }
    }

    private boolean hasWhiteOnly() {
        return places.containsKey(Column.WHITE) && !places.containsKey(Column.BLACK);
    }

    /**
     * The pairing of a row under this head.
     *
     * @param round where the row tells none
     * @param player whose games they are, where a row tells the opponent alone
     * @throws IllegalArgumentException saying why, if it is none
     */
    Pairing pairing(List<String> cells, int round, String player) {
        int in = number(cells, Column.ROUND).orElse(round);
        int board = number(cells, Column.BOARD).orElse(0);
        String told = cell(cells, Column.ROUND);
        if (told.matches("\\d{1,3}\\.\\d{1,4}")) {
            in = Integer.parseInt(told.substring(0, told.indexOf('.')));
            board = Integer.parseInt(told.substring(told.indexOf('.') + 1));
        }
        Pairing pairing =
                places.containsKey(Column.OPPONENT)
                        ? against(cells, in, board, player)
                        : PairingLine.pairing(
                                in,
                                board,
                                entrant(cells, Column.WHITE, Column.WHITE_RATING),
                                entrant(cells, Column.BLACK, Column.BLACK_RATING),
                                cell(cells, Column.RESULT));
        String day = cell(cells, Column.DATE);
        return PairingDate.in(day).map(d -> pairing.with("Date", d)).orElse(pairing);
    }

    /** A row that tells the opponent; points alone are those of the player it is about. */
    private Pairing against(List<String> cells, int round, int board, String player) {
        if (player.isBlank()) {
            throw new IllegalArgumentException("it is not told who played these games");
        }
        Entrant own = new Entrant(player, 0);
        Entrant other = entrant(cells, Column.OPPONENT, Column.BLACK_RATING);
        String result = cell(cells, Column.RESULT);
        if (PairingLine.isNobody(other.name())) {
            return PairingLine.pairing(round, board, own, other, result);
        }
        String colour = cell(cells, Column.COLOUR).toLowerCase(Locale.ROOT);
        if (!colour.matches("w|b|white|black")) {
            throw new IllegalArgumentException("the colour is w or b, not “" + colour + "”");
        }
        boolean white = colour.startsWith("w");
        String scored = PairingLine.points(result, white).orElse(result);
        return white
                ? PairingLine.pairing(round, board, own, other, scored)
                : PairingLine.pairing(round, board, other, own, scored);
    }

    private Entrant entrant(List<String> cells, Column name, Column rating) {
        Entrant named = PairingLine.entrant(cell(cells, name));
        return number(cells, rating).map(n -> new Entrant(named.name(), n)).orElse(named);
    }

    private String cell(List<String> cells, Column column) {
        int place = places.getOrDefault(column, Integer.MAX_VALUE);
        return place < cells.size() ? cells.get(place).strip() : "";
    }

    private Optional<Integer> number(List<String> cells, Column column) {
        String text = cell(cells, column).replaceAll("[.)]$", "");
        return text.matches("\\d{1,4}") ? Optional.of(Integer.parseInt(text)) : Optional.empty();
    }

    // ---- Without a head -------------------------------------------------------------------------

    /**
     * The pairing of a row without a head: two names, what stands before them as round and board,
     * and a result anywhere. One number alone before them is the board under a heading, else the
     * round.
     *
     * @throws IllegalArgumentException saying why, if it is none
     */
    static Pairing guessed(List<String> cells, int round, boolean headed) {
        List<Integer> before = new ArrayList<>();
        List<Entrant> players = new ArrayList<>();
        String result = "";
        boolean bye = false;
        Optional<String> day = Optional.empty();
        for (String raw : cells) {
            String cell = raw.strip();
            Optional<String> date = PairingDate.in(cell);
            if (date.isPresent()) {
                day = date;
            } else if (PairingLine.isNobody(cell)) {
                bye = true;
            } else if (PairingLine.hasLetters(cell) && !isTitle(cell)) {
                players.add(PairingLine.entrant(cell));
            } else if (cell.matches("\\d{3,4}") && !players.isEmpty()) {
                Entrant last = players.remove(players.size() - 1);
                players.add(new Entrant(last.name(), Integer.parseInt(cell)));
            } else if (isScore(cell)) {
                result = cell;
            } else if (cell.matches("\\d{1,3}[.)]?") && players.isEmpty()) {
                before.add(Integer.parseInt(cell.replaceAll("\\D", "")));
            }
        }
        if (players.size() == 1 && bye) {
            players.add(Entrant.NOBODY);
        }
        if (players.size() != 2) {
            throw new IllegalArgumentException(
                    "there are "
                            + players.size()
                            + LibraryWords.of("transfer.names-where-there-should-be"));
        }
        boolean both = before.size() > 1;
        int in = both || !headed && !before.isEmpty() ? before.get(0) : round;
        int board = both ? before.get(1) : headed && !before.isEmpty() ? before.get(0) : 0;
        Pairing pairing = PairingLine.pairing(in, board, players.get(0), players.get(1), result);
        return day.map(d -> pairing.with("Date", d)).orElse(pairing);
    }

    /** A result of both sides; one number alone may be points before the round. */
    private static boolean isScore(String cell) {
        return cell.length() > 1 && PairingLine.result(cell).isPresent()
                || cell.equals("*")
                || cell.equals("½")
                || cell.equals("=");
    }

    private static boolean isTitle(String cell) {
        return cell.matches("(?i)w?[gifc]m");
    }
}

package org.zeroply.coach.repertoire.tournament;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.texts.CoachWords;

/**
 * Who plays whom in a round: a tree without moves whose tags say it, as any program for PGN reads
 * them. What else stands in it is kept.
 */
public record Pairing(MoveTree tree) {

    /** The name of the tournament, on each of its pairings. */
    public static final String TOURNAMENT = "ZpTournament";

    /** The place of the pairing, from 1. */
    public static final String PLACE = "ZpPairing";

    /** The coach's words for the round. */
    public static final String NOTE = "ZpNote";

    private static final String BYE = "bye";
    private static final Pattern ROUND = Pattern.compile("(\\d{1,3})(?:\\.(\\d{1,4}))?");

    /** A larger number is no rating but a year or a number of an entry list. */
    private static final int HIGHEST_RATING = 4000;

    /**
     * A pairing without a result.
     *
     * @param round from 1
     * @param board from 1, 0 where it is not known
     * @param black {@link Entrant#NOBODY} where White has a bye
     */
    public static Pairing of(int round, int board, Entrant white, Entrant black) {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        editor.tag("Date", "????.??.??");
        editor.tag("Round", board == 0 ? String.valueOf(round) : round + "." + board);
        editor.tag("White", white.name());
        editor.tag("Black", black.name().isEmpty() ? BYE : black.name());
        editor.tag("WhiteElo", rating(white));
        editor.tag("BlackElo", rating(black));
        return new Pairing(editor.tree());
    }

    private static String rating(Entrant entrant) {
        return entrant.rating() == 0 ? "" : String.valueOf(entrant.rating());
    }

    /** The round, from 1; 0 where none is told. */
    public int round() {
        return part(1);
    }

    /** The board, from 1; 0 where none is told. */
    public int board() {
        return part(2);
    }

    private int part(int group) {
        Matcher round = ROUND.matcher(tree.tag("Round"));
        return round.matches() && round.group(group) != null
                ? Integer.parseInt(round.group(group))
                : 0;
    }

    /** Who has a colour. */
    public Entrant entrant(Side side) {
        String name = tree.tag(side.word());
        String rating = tree.tag(side.word() + "Elo");
        boolean known = rating.matches("\\d{2,4}") && Integer.parseInt(rating) < HIGHEST_RATING;
        boolean bye = side == Side.BLACK && name.equalsIgnoreCase(BYE) || name.equals("?");
        return bye ? Entrant.NOBODY : new Entrant(name, known ? Integer.parseInt(rating) : 0);
    }

    public Entrant white() {
        return entrant(Side.WHITE);
    }

    public Entrant black() {
        return entrant(Side.BLACK);
    }

    /** Whether White has nobody to play against. */
    public boolean isBye() {
        return black().name().isEmpty();
    }

    /** The colour of a player; empty for somebody who does not play in it. */
    public Optional<Side> side(String player) {
        return side(PlayerName.of(player));
    }

    /** The same by a name that is read already. */
    public Optional<Side> side(PlayerName name) {
        if (name.isSame(PlayerName.of(white().name()))) {
            return Optional.of(Side.WHITE);
        }
        return name.isSame(PlayerName.of(black().name()))
                ? Optional.of(Side.BLACK)
                : Optional.empty();
    }

    /** One of PGN's four results. */
    public String result() {
        String result = tree.tag("Result");
        return GameResult.isOne(result) ? result : GameResult.NONE;
    }

    /** Whether it is over. */
    public boolean isOver() {
        return !result().equals(GameResult.NONE);
    }

    /** The day as PGN has it; empty where none is told. */
    public String date() {
        String date = tree.tag("Date");
        return date.startsWith("?") ? "" : date;
    }

    /** The coach's words for the round. */
    public String note() {
        return tree.tag(NOTE);
    }

    /** The same with another value of a tag; an empty one removes it. */
    public Pairing with(String tag, String value) {
        if (tree.tag(tag).equals(value.strip())) {
            return this;
        }
        MoveTree copy = tree.copy();
        new TreeEditor(copy).tag(tag, value.strip());
        return new Pairing(copy);
    }

    /** The same with another result. */
    public Pairing with(String result) {
        return with("Result", result);
    }

    /**
     * A game as that of this pairing, under its names, tournament and round; ratings, day and
     * result are written where it has none.
     *
     * @param title of the tournament
     * @throws IllegalArgumentException if it names other players or colours; the message says whom
     */
    public MoveTree game(String title, MoveTree game) {
        TreeEditor editor = new TreeEditor(game.copy());
        for (Side colour : Side.values()) {
            String name = game.tag(colour.word());
            String ours = entrant(colour).name();
            boolean unknown = name.isBlank() || name.equals("?");
            if (!unknown
                    && !PlayerName.of(name).isSame(PlayerName.of(ours))
                    && !PlayerName.of(name).mayBe(PlayerName.of(ours))) {
                throw new IllegalArgumentException(
                        CoachWords.of("repertoire.in-this-game-is-in", colour.word(), name, ours));
            }
            editor.tag(colour.word(), ours);
            complete(editor, colour.word() + "Elo", tree.tag(colour.word() + "Elo"));
        }
        editor.tag("Event", title);
        editor.tag("Round", tree.tag("Round"));
        complete(editor, "Date", date());
        if (game.result().equals(GameResult.NONE)) {
            editor.tag("Result", result());
        }
        return editor.tree();
    }

    private static void complete(TreeEditor editor, String tag, String value) {
        String known = editor.tree().tag(tag);
        if ((known.isBlank() || known.startsWith("?")) && !value.isEmpty()) {
            editor.tag(tag, value);
        }
    }

    /**
     * What tells it from other pairings: two meet once in a round with these colours.
     *
     * @param black without words where White has a bye
     */
    public record Key(int round, PlayerName white, PlayerName black) {}

    /** By what it is found again among others. */
    public Key key() {
        return new Key(round(), PlayerName.of(white().name()), PlayerName.of(black().name()));
    }

    /** The place its file gives it, from 1; 0 where there is none. */
    int place() {
        String place = tree.tag(PLACE);
        return place.matches("\\d{1,6}") ? Integer.parseInt(place) : 0;
    }

    /** Who plays whom. */
    public String words() {
        return isBye()
                ? CoachWords.of("repertoire.no-opponent", white().words())
                : white().words() + " – " + black().words();
    }
}

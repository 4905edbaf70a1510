package org.zeroply.library.tournament;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.PlayerName;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.library.sheet.SheetStore;

/** The games of a library that belong to players and rounds, however names are written in them. */
public final class RoundGames {

    /** Games of a player that are looked at; our choice, so that it takes a second at most. */
    private static final int MOST = 2000;

    private final SheetStore sheets;
    private final Collection<String> names;

    /** The same by how they are read. */
    private final Map<PlayerName, List<String>> spellings;

    /** Reads who has games; what is added later is not seen. */
    public RoundGames(SheetStore sheets) {
        this.sheets = sheets;
        this.names = sheets.players().keySet();
        this.spellings = names.stream().collect(Collectors.groupingBy(PlayerName::of));
    }

    /**
     * How a player is written in the games: all ways that are the same name, else the only one that
     * it may be short for; none where there is no game.
     */
    public List<String> written(String player) {
        PlayerName name = PlayerName.of(player);
        return name.isSame(name) && spellings.containsKey(name)
                ? spellings.get(name)
                : PlayerName.among(names, player).stream().toList();
    }

    /** A game of the library. */
    public record Numbered(long id, MoveTree game) {}

    /**
     * The games of a player with a colour, as far as the library has them; of very many those that
     * came in last, {@value #MOST}.
     */
    public List<Numbered> of(String player, Side side) {
        long[] all = ids(player, side);
        return Arrays.stream(all)
                .skip(Math.max(0, all.length - MOST))
                .mapToObj(id -> new Numbered(id, sheets.load(id)))
                .toList();
    }

    private long[] ids(String player, Side side) {
        return written(player).stream()
                .flatMapToLong(n -> Arrays.stream(sheets.playedBy(n, side)))
                .sorted()
                .toArray();
    }

    /**
     * The game of a pairing: of the same two with the same colours, in the same tournament and
     * round, or on the same day. The newest, where there are several.
     */
    public OptionalLong of(Tournament tournament, Pairing pairing) {
        if (pairing.isBye()) {
            return OptionalLong.empty();
        }
        long[] black = ids(pairing.black().name(), Side.BLACK);
        List<Long> fit = new ArrayList<>();
        for (long id : ids(pairing.white().name(), Side.WHITE)) {
            if (Arrays.binarySearch(black, id) >= 0 && fits(tournament, pairing, sheets.load(id))) {
                fit.add(id);
            }
        }
        return fit.stream().mapToLong(Long::longValue).max();
    }

    private static boolean fits(Tournament tournament, Pairing pairing, MoveTree game) {
        boolean sameDay = !pairing.date().isEmpty() && pairing.date().equals(game.tag("Date"));
        boolean sameEvent = tournament.title().equalsIgnoreCase(game.tag("Event").strip());
        Optional<Integer> round = Optional.of(new Pairing(game).round()).filter(r -> r > 0);
        boolean sameRound = round.equals(Optional.of(pairing.round()));
        return sameEvent ? sameRound || round.isEmpty() && sameDay : sameDay;
    }
}

package org.zeroply.coach.repertoire.tournament;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.coach.texts.CoachWords;

/**
 * What came of bringing pairings into a tournament. Those that are there already get the results
 * and days that are told now; what was noted stays, and a result that is there is not replaced by
 * another one.
 *
 * @param tournament with all pairings
 * @param added pairings that are new
 * @param changed pairings of which a result, a day, a board or a rating is new
 * @param doubtful what contradicts what is there, in sentences
 */
public record PairingMerge(Tournament tournament, int added, int changed, List<String> doubtful) {

    public PairingMerge {
        doubtful = List.copyOf(doubtful);
    }

    private record InRound(int round, PlayerName player) {}

    static PairingMerge of(Tournament into, List<Pairing> incoming) {
        List<Pairing> all = new ArrayList<>(into.pairings());
        Map<Pairing.Key, Integer> places = new HashMap<>();
        Map<InRound, Integer> players = new HashMap<>();
        for (int i = 0; i < all.size(); i++) {
            note(all.get(i), i, places, players);
        }
        List<String> doubtful = new ArrayList<>();
        int added = 0;
        int changed = 0;
        for (Pairing told : incoming) {
            Optional<Integer> place = Optional.ofNullable(places.get(told.key()));
            if (place.isPresent()) {
                Pairing old = all.get(place.get());
                contradiction(old, told).ifPresent(doubtful::add);
                Pairing now = completed(old, told);
                all.set(place.get(), now);
                changed += now.equals(old) ? 0 : 1;
                continue;
            }
            inRound(told).stream()
                    .map(players::get)
                    .filter(Objects::nonNull)
                    .findFirst()
                    .map(all::get)
                    .ifPresent(old -> doubtful.add(twice(old, told)));
            note(told, all.size(), places, players);
            all.add(told);
            added++;
        }
        return new PairingMerge(new Tournament(into.title(), all), added, changed, doubtful);
    }

    private static void note(
            Pairing pairing,
            int place,
            Map<Pairing.Key, Integer> places,
            Map<InRound, Integer> players) {
        places.putIfAbsent(pairing.key(), place);
        inRound(pairing).forEach(p -> players.putIfAbsent(p, place));
    }

    private static List<InRound> inRound(Pairing pairing) {
        Pairing.Key key = pairing.key();
        List<InRound> both = new ArrayList<>(List.of(new InRound(key.round(), key.white())));
        if (!pairing.isBye()) {
            both.add(new InRound(key.round(), key.black()));
        }
        return both;
    }

    private static Optional<String> contradiction(Pairing old, Pairing told) {
        boolean other = old.isOver() && told.isOver() && !old.result().equals(told.result());
        return other
                ? Optional.of(
                        CoachWords.of(
                                "repertoire.round-stays-the-table-says",
                                old.round(),
                                old.words(),
                                GameResult.shown(old.result()),
                                GameResult.shown(told.result())))
                : Optional.empty();
    }

    private static String twice(Pairing old, Pairing told) {
        return CoachWords.of(
                "repertoire.round-has-two-pairings-of", old.round(), old.words(), told.words());
    }

    private static Pairing completed(Pairing old, Pairing told) {
        Pairing now = old.isOver() ? old : old.with(told.result());
        if (old.date().isEmpty() && !told.date().isEmpty()) {
            now = now.with("Date", told.date());
        }
        if (old.board() == 0 && told.board() != 0) {
            now = now.with("Round", told.tree().tag("Round"));
        }
        for (Side side : Side.values()) {
            if (old.entrant(side).rating() == 0 && told.entrant(side).rating() != 0) {
                now = now.with(side.word() + "Elo", told.tree().tag(side.word() + "Elo"));
            }
        }
        return now;
    }
}

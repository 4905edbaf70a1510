package org.zeroply.library.transfer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.Tournament;

/** Tournaments written in the shapes that organisers use come back as they were. */
class PairingRoundTripTest {

    private static final List<String> NAMES =
            List.of(
                    "Ann Ek",
                    "Bo Lind",
                    "Cy-Lou Moe",
                    "Di d'Oy",
                    "Ed Pym",
                    "Fay Östlund",
                    "Gil van der Quay",
                    "Юрий Ким");

    /** Rounds in which everybody is paired once, with one player left over now and then. */
    @Provide
    Arbitrary<Tournament> tournaments() {
        return Arbitraries.longs()
                .flatMap(
                        seed ->
                                Arbitraries.integers()
                                        .between(1, 5)
                                        .flatMap(
                                                rounds ->
                                                        Arbitraries.integers()
                                                                .between(2, NAMES.size())
                                                                .map(n -> made(seed, rounds, n))));
    }

    private static Tournament made(long seed, int rounds, int players) {
        Random random = new Random(seed);
        List<Pairing> pairings = new ArrayList<>();
        for (int round = 1; round <= rounds; round++) {
            List<String> left = new ArrayList<>(NAMES.subList(0, players));
            Collections.shuffle(left, random);
            for (int board = 1; left.size() > 1; board++) {
                Entrant white = entrant(left.remove(0));
                Entrant black = entrant(left.remove(0));
                pairings.add(Pairing.of(round, board, white, black).with(result(random)));
            }
            if (!left.isEmpty()) {
                pairings.add(
                        Pairing.of(round, 0, entrant(left.get(0)), Entrant.NOBODY).with("1-0"));
            }
        }
        return new Tournament("Cup", pairings);
    }

    private static Entrant entrant(String name) {
        return new Entrant(name, 1500 + 100 * NAMES.indexOf(name));
    }

    private static String result(Random random) {
        return List.of("1-0", "0-1", "1/2-1/2", "*").get(random.nextInt(4));
    }

    private static Set<String> said(List<Pairing> pairings, boolean boards) {
        Set<String> said = new TreeSet<>();
        for (Pairing p : pairings) {
            String board = boards ? "." + p.board() : "";
            said.add(p.round() + board + " " + p.words() + " " + p.result());
        }
        return said;
    }

    private static void comesBack(Tournament tournament, String text, boolean boards) {
        PairingTable.Read read = PairingTable.read(text, 1, "");
        assertThat(read.unread()).as(text).isEmpty();
        assertThat(said(read.pairings(), boards))
                .as(text)
                .isEqualTo(said(tournament.pairings(), boards));
    }

    @Property(tries = 100)
    void as_a_table_with_a_head(@ForAll("tournaments") Tournament tournament) {
        for (String by : List.of("\t", ";", "|", ",")) {
            StringBuilder text =
                    new StringBuilder(
                            String.join(
                                    by, "Round", "Board", "White", "Elo", "Result", "Black",
                                    "Elo"));
            for (Pairing p : tournament.pairings()) {
                text.append('\n')
                        .append(
                                String.join(
                                        by,
                                        String.valueOf(p.round()),
                                        p.board() == 0 ? "" : String.valueOf(p.board()),
                                        p.white().name(),
                                        String.valueOf(p.white().rating()),
                                        p.result().equals("*") ? "" : p.result(),
                                        p.isBye() ? "bye" : p.black().name(),
                                        p.isBye() ? "" : String.valueOf(p.black().rating())));
            }
            comesBack(tournament, text.toString(), true);
        }
    }

    @Property(tries = 100)
    void as_lines_under_headings(@ForAll("tournaments") Tournament tournament) {
        StringBuilder text = new StringBuilder("The cup\n");
        int round = 0;
        for (Pairing p : tournament.pairings()) {
            if (p.round() != round) {
                round = p.round();
                text.append("\nRound ").append(round).append('\n');
            }
            text.append(p.board() == 0 ? "" : p.board() + ". ").append(p.white().words());
            text.append(" – ").append(p.isBye() ? "bye" : p.black().words());
            text.append(p.result().equals("*") ? "" : " " + p.result()).append('\n');
        }
        comesBack(tournament, text.toString(), true);
    }

    @Property(tries = 100)
    void as_games(@ForAll("tournaments") Tournament tournament) {
        comesBack(tournament, tournament.pgn(), true);
    }

    /** Each game stands in the rows of both; what is not over has no result in either. */
    @Property(tries = 100)
    void as_a_chart_with_a_column_a_round(@ForAll("tournaments") Tournament tournament) {
        List<String> players = tournament.players();
        int last = tournament.rounds().size();
        StringBuilder text = new StringBuilder("No\tName\tElo");
        for (int round = 1; round <= last; round++) {
            text.append('\t').append(round);
        }
        for (String player : players) {
            text.append('\n').append(players.indexOf(player) + 1).append('\t').append(player);
            text.append('\t').append(entrant(player).rating());
            Map<Integer, String> cells = new LinkedHashMap<>();
            tournament.of(player).forEach(p -> cells.put(p.round(), cell(p, player, players)));
            for (int round = 1; round <= last; round++) {
                text.append('\t').append(cells.getOrDefault(round, ""));
            }
        }
        comesBack(tournament, text.toString(), false);
    }

    private static String cell(Pairing p, String player, List<String> players) {
        if (p.isBye()) {
            return "+bye";
        }
        Side side = p.side(player).orElseThrow();
        String score =
                switch (p.result()) {
                    case "1-0" -> side == Side.WHITE ? "1" : "0";
                    case "0-1" -> side == Side.WHITE ? "0" : "1";
                    case "1/2-1/2" -> "½";
                    default -> "";
                };
        Optional<Integer> other = Optional.of(players.indexOf(p.entrant(side.other()).name()) + 1);
        return other.get() + (side == Side.WHITE ? "w" : "b") + score;
    }
}

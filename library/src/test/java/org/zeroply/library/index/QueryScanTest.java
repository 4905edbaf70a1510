package org.zeroply.library.index;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.pattern.Condition;
import org.zeroply.coach.pattern.ConditionReader;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.coach.pattern.Situation;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.StoreTest;
import org.zeroply.library.sample.SyntheticGames;

/** What is found agrees with looking at every position of 2,000 games, one after the other. */
@Tag("slow")
class QueryScanTest extends StoreTest {

    private static final int GAMES = 2000;

    /** For what takes long to see. */
    private static final int FEW = 150;

    private List<MoveTree> games;
    private List<Long> ids;

    /** What {@link #ranks} says of the position of each node. */
    private final Map<Node, String[]> boards = new IdentityHashMap<>();

    private void fill(int number) throws IOException {
        StringBuilder pgn = new StringBuilder();
        SyntheticGames maker = new SyntheticGames(11);
        for (int i = 0; i < number; i++) {
            maker.write(i, pgn);
        }
        games =
                PgnReader.readAll(pgn.toString()).stream()
                        .map(e -> ((PgnEntry.Game) e).tree())
                        .toList();
        ids = library.sheets().addNew(games);
        assertThat(ids).hasSize(number);
        for (MoveTree game : games) {
            boards.put(game.root(), ranks(game.root().position()));
            game.mainLine().forEach(n -> boards.put(n, ranks(n.position())));
        }
    }

    private Map<Long, List<Integer>> found(String query) {
        Map<Long, List<Integer>> found = new TreeMap<>();
        library.finder()
                .find(
                        QueryReader.read(query + "; every position"),
                        Runnable::run,
                        1,
                        new Cancellation(),
                        (hits, looked, all) ->
                                hits.forEach(
                                        h ->
                                                found.computeIfAbsent(
                                                                h.game().sheetId(),
                                                                id -> new ArrayList<>())
                                                        .add(h.match().ply())));
        return found;
    }

    private Map<Long, List<Integer>> scanned(Predicate<Node> holds) {
        Map<Long, List<Integer>> scanned = new TreeMap<>();
        for (int i = 0; i < games.size(); i++) {
            List<Integer> plies = new ArrayList<>();
            List<Node> line = games.get(i).mainLine();
            if (holds.test(games.get(i).root())) {
                plies.add(0);
            }
            for (int ply = 1; ply <= line.size(); ply++) {
                if (holds.test(line.get(ply - 1))) {
                    plies.add(ply);
                }
            }
            if (!plies.isEmpty()) {
                scanned.put(ids.get(i), plies);
            }
        }
        return scanned;
    }

    /** The ranks of a FEN, top first, a dot for each empty square. */
    private static String[] ranks(Position position) {
        String board = position.fen().split(" ")[0];
        for (int n = 1; n <= 8; n++) {
            board = board.replace(String.valueOf(n), ".".repeat(n));
        }
        return board.split("/");
    }

    private static char at(String[] ranks, String square) {
        return ranks['8' - square.charAt(1)].charAt(square.charAt(0) - 'a');
    }

    private static long count(String[] ranks, char man) {
        return String.join("", ranks).chars().filter(c -> c == man).count();
    }

    private static long onFile(String[] ranks, char file, char man) {
        return java.util.Arrays.stream(ranks).filter(r -> r.charAt(file - 'a') == man).count();
    }

    private void agree(String query, Predicate<String[]> byHand) {
        Map<Long, List<Integer>> found = found(query);
        assertThat(found).as(query).isEqualTo(scanned(n -> byHand.test(boards.get(n))));
        assertThat(found).as(query + " is somewhere").isNotEmpty();
    }

    @Test
    void what_is_found_is_what_a_look_at_every_board_finds() throws IOException {
        fill(GAMES);
        whatStandsWhere();
        whatMaterialThereIs();
        howPawnsStand();
        howFarPawnsAre();
    }

    private void whatStandsWhere() {
        agree(
                "white rook on g3, no white pawn on g",
                r -> at(r, "g3") == 'R' && onFile(r, 'g', 'P') == 0);
        agree(
                "black knight or bishop on d4 or e4",
                r -> "nb".indexOf(at(r, "d4")) >= 0 || "nb".indexOf(at(r, "e4")) >= 0);
        agree(
                "two white rooks on the 7th rank",
                r -> r[1].chars().filter(c -> c == 'R').count() > 1);
        agree(
                "a3 b3 empty, man on c3",
                r -> at(r, "a3") == '.' && at(r, "b3") == '.' && at(r, "c3") != '.');
        agree(
                "white rook on the c- or d-file, no black pawn on the 4th or 5th rank",
                r ->
                        onFile(r, 'c', 'R') + onFile(r, 'd', 'R') > 0
                                && (r[3] + r[4]).indexOf('p') < 0);
        agree(
                "white rook on h5; mirrored; colours exchanged",
                r ->
                        at(r, "h5") == 'R'
                                || at(r, "a5") == 'R'
                                || at(r, "h4") == 'r'
                                || at(r, "a4") == 'r');
    }

    private void whatMaterialThereIs() {
        agree("white has exactly 1 knight", r -> count(r, 'N') == 1);
        agree("no queens", r -> count(r, 'q') + count(r, 'Q') == 0);
        agree(
                "black is the exchange up",
                r ->
                        count(r, 'r') - count(r, 'R') == 1
                                && minors(r, "NB") - minors(r, "nb") == 1
                                && count(r, 'q') == count(r, 'Q')
                                && count(r, 'p') >= count(r, 'P'));
        agree(
                "a rook against two minor pieces",
                r ->
                        count(r, 'q') == count(r, 'Q')
                                && Math.abs(count(r, 'r') - count(r, 'R')) == 1
                                && minors(r, "NB") - minors(r, "nb")
                                        == 2 * (count(r, 'r') - count(r, 'R')));
    }

    private static long minors(String[] ranks, String men) {
        return count(ranks, men.charAt(0)) + count(ranks, men.charAt(1));
    }

    private void howPawnsStand() {
        agree("white doubled pawn on the b-file", r -> onFile(r, 'b', 'P') > 1);
        agree("d-file open", r -> onFile(r, 'd', 'P') + onFile(r, 'd', 'p') == 0);
        agree(
                "black isolated pawn on the a-file",
                r -> onFile(r, 'a', 'p') > 0 && onFile(r, 'b', 'p') == 0);
        agree(
                "white isolated doubled pawn on the c-file",
                r -> onFile(r, 'c', 'P') > 1 && onFile(r, 'b', 'P') + onFile(r, 'd', 'P') == 0);
        agree(
                "white 3 pawns against 2 on the kingside",
                r -> onKingside(r, 'P') == 3 && onKingside(r, 'p') == 2);
        agree(
                "white isolated queen's pawn",
                r ->
                        onFile(r, 'd', 'P') == 1
                                && (at(r, "d4") == 'P' || at(r, "d5") == 'P')
                                && onFile(r, 'd', 'p') == 0
                                && onFile(r, 'c', 'P') + onFile(r, 'e', 'P') == 0);
    }

    private static long onKingside(String[] ranks, char pawn) {
        return "efgh".chars().mapToLong(file -> onFile(ranks, (char) file, pawn)).sum();
    }

    private void howFarPawnsAre() {
        agree("white has more space", r -> steps(r, 'P') - steps(r, 'p') >= 3);
        agree(
                "black French chain",
                r ->
                        at(r, "d4") == 'P'
                                && at(r, "e3") == 'P'
                                && at(r, "d5") == 'p'
                                && at(r, "e4") == 'p');
    }

    /** What the foremost pawns of a side made on files c to f. */
    private static int steps(String[] ranks, char pawn) {
        int steps = 0;
        for (char file = 'c'; file <= 'f'; file++) {
            int most = 0;
            for (int rank = 1; rank <= 8; rank++) {
                int made = pawn == 'P' ? rank - 2 : 7 - rank;
                most = at(ranks, "" + file + rank) == pawn ? Math.max(most, made) : most;
            }
            steps += most;
        }
        return steps;
    }

    @Test
    void everything_that_can_be_said_is_found_where_it_holds_in_the_position_alone()
            throws IOException {
        fill(FEW);
        for (String example : ConditionReader.examples()) {
            // How a game goes on is not known from a position and what came before.
            if (!example.matches(
                    ".*(?:sacrificed|just won|broke through).*|game of.*"
                            + "|final position|last named opening position")) {
                Condition condition = ConditionReader.all(example).get(0);
                assertThat(found(example))
                        .as(example)
                        .isEqualTo(scanned(n -> condition.holds(Situation.after(n))));
            }
        }
    }
}

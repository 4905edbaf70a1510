package org.zeroply.library.index;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.pattern.Period;
import org.zeroply.coach.pattern.PlayersAsked;
import org.zeroply.coach.pattern.RatingAsked;
import org.zeroply.library.FreshLibrary;
import org.zeroply.library.Library;
import org.zeroply.library.sample.SyntheticGames;
import org.zeroply.library.sheet.BinStore;

/** The index agrees with counting through all games by hand, however they came into the library. */
@Tag("slow")
class PositionIndexTest {

    private static final int GAMES = 420;

    @TempDir private Path folder;
    private Library library;
    private List<MoveTree> games;
    private final List<Long> ids = new ArrayList<>();

    @BeforeEach
    void open() throws IOException {
        StringBuilder pgn = new StringBuilder();
        SyntheticGames maker = new SyntheticGames(3);
        for (int i = 0; i < GAMES; i++) {
            maker.write(i, pgn);
        }
        games =
                new ArrayList<>(
                        PgnReader.readAll(pgn.toString()).stream()
                                .map(e -> ((PgnEntry.Game) e).tree())
                                .toList());
        library = Library.open(FreshLibrary.at(folder.resolve("games.zpl")));
    }

    @AfterEach
    void close() {
        library.close();
    }

    /** Adds in parts, so that there are segments of several sizes and some games in none. */
    private void store() {
        for (int from = 0; from < GAMES; from += 120) {
            ids.addAll(library.sheets().addNew(games.subList(from, Math.min(GAMES, from + 120))));
            if (from < 240) {
                library.games().update();
            }
        }
        assertThat(ids).hasSize(GAMES);
    }

    private void agreesEverywhere(GameFilter filter, List<MoveTree> counted) {
        Map<Position, Map<Move, Integer>> byHand = new LinkedHashMap<>();
        for (MoveTree game : counted) {
            Set<Position> seen = new HashSet<>();
            for (Node node : game.mainLine()) {
                Position before = node.parent().orElseThrow().position();
                if (seen.add(before)) {
                    byHand.computeIfAbsent(before, p -> new LinkedHashMap<>())
                            .merge(node.move(), 1, Integer::sum);
                }
            }
        }
        int step = 0;
        for (Map.Entry<Position, Map<Move, Integer>> e : byHand.entrySet()) {
            // All beginnings, and a few of the many positions that one game alone came to.
            if (e.getValue().values().stream().mapToInt(n -> n).sum() > 1 || step++ % 397 == 0) {
                Map<Move, Integer> found = new LinkedHashMap<>();
                library.games().at(e.getKey(), filter).moves().stream()
                        .forEach(p -> found.put(p.move(), p.games()));
                assertThat(found).as(e.getKey().fen()).isEqualTo(e.getValue());
            }
        }
    }

    @Test
    void counts_what_was_played_in_every_position() {
        store();
        agreesEverywhere(GameFilter.ALL, games);
    }

    @Test
    void follows_changes_and_deletions_and_what_is_brought_back() {
        store();
        MoveTree changed = games.get(10);
        TreeEditor editor = new TreeEditor(changed);
        editor.delete(changed.mainLine().get(20));
        library.sheets().save(ids.get(10), changed);
        library.bin().put(List.of(new BinStore.Item(BinStore.Kind.GAME, ids.get(20))));
        library.bin().put(List.of(new BinStore.Item(BinStore.Kind.GAME, ids.get(30))));
        library.bin().restore(List.of(new BinStore.Item(BinStore.Kind.GAME, ids.get(30))));
        games.remove(20);
        agreesEverywhere(GameFilter.ALL, games);
    }

    @Test
    void filters_by_player_rating_date_and_result() {
        store();
        GameFilter filter =
                new GameFilter(
                        PlayersAsked.of("player a"),
                        RatingAsked.atLeast(1500),
                        new Period("1995", "2015.06"),
                        "1-0");
        agreesEverywhere(
                filter,
                games.stream()
                        .filter(g -> (g.tag("White") + g.tag("Black")).contains("Player A"))
                        .filter(g -> Integer.parseInt(g.tag("WhiteElo")) >= 1500)
                        .filter(g -> Integer.parseInt(g.tag("BlackElo")) >= 1500)
                        .filter(g -> g.tag("Date").compareTo("1995") >= 0)
                        .filter(g -> g.tag("Date").compareTo("2015.07") < 0)
                        .filter(g -> g.result().equals("1-0"))
                        .toList());
    }

    @Test
    void tells_score_rating_year_and_the_strongest_games() {
        library.sheets().addNew(List.of(game("1-0", 2400, 2100, 2019), game("0-1", 2200, 2000, 0)));
        PositionStatistics start = library.games().at(Position.START, GameFilter.ALL);
        assertThat(start.games()).isEqualTo(2);
        PositionStatistics.Played e4 = start.moves().get(0);
        assertThat(e4.score()).contains(0.5);
        assertThat(e4.averageRating()).isEqualTo(2300);
        assertThat(e4.lastYear()).isEqualTo(2019);
        assertThat(start.sample().get(0).game().whiteRating()).isEqualTo(2400);
        Position end = game("*", 0, 0, 0).mainLine().get(1).position();
        PositionStatistics ended = library.games().at(end, GameFilter.ALL);
        assertThat(ended.games()).isEqualTo(2);
        assertThat(ended.moves()).isEmpty();
    }

    private static MoveTree game(String result, int white, int black, int year) {
        String pgn =
                "[Date \"%s.??.??\"]\n[WhiteElo \"%d\"]\n[BlackElo \"%d\"]\n[Result \"%s\"]\n\n1. e4 e5 %s\n"
                        .formatted(year == 0 ? "????" : year, white, black, result, result);
        return ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
    }
}
